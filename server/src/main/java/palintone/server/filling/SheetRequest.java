package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.server.problem.Within;

/**
 * A recipe to be looked at.
 *
 * @param filling whose own measurements move the models, where it is in the books
 * @param servingC where it is eaten, °C; 20 where it is not said
 * @param storageC where it is kept, °C; 16 where it is not said
 * @param altitudeM where it is cooked, m; that of the House rules where it is not said
 */
public record SheetRequest(
        @Valid @NotNull RecipeDraft recipe,
        @Nullable String filling,
        @Nullable @Within(low = 5, high = 35, unit = "°C") Double servingC,
        @Nullable @Within(low = -25, high = 30, unit = "°C") Double storageC,
        @Nullable @Within(low = -400, high = 5000, unit = "m") Double altitudeM) {}
