package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;

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
        @Nullable Double servingC,
        @Nullable Double storageC,
        @Nullable Double altitudeM) {}
