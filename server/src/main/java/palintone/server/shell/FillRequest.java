package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;

/**
 * What is to go into a shell that has set.
 *
 * @param shellC temperature of the shell as it is filled; the room's where left out
 * @param roomC the room; that of House rules where left out
 * @param fillC temperature of the filling; left out, only the warmest is asked
 * @param heatJPerMlK heat a millilitre of the filling holds; that of the filling named, or 2.9
 *     J/mlK where left out, a ganache
 * @param filling of the books; left out, only the shell is asked
 * @param capMm room left for the cap over it; 2 where left out
 */
public record FillRequest(
        @NotNull String couverture,
        @NotNull String mould,
        double shellMm,
        @Nullable Double shellC,
        @Nullable Double roomC,
        @Nullable Double fillC,
        @Nullable Double heatJPerMlK,
        @Nullable String filling,
        @Nullable Double capMm) {}
