package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

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
        @NotNull @Longest(64) String couverture,
        @NotNull @Longest(64) String mould,
        @Within(low = 0.2, high = 20, unit = "mm") double shellMm,
        @Nullable @Within(low = 0, high = 28, unit = "°C") Double shellC,
        @Nullable @Within(low = 5, high = 40, unit = "°C") Double roomC,
        @Nullable @Within(low = 0, high = 130, unit = "°C") Double fillC,
        @Nullable @Within(low = 1, high = 5, unit = "J/mlK") Double heatJPerMlK,
        @Nullable @Longest(64) String filling,
        @Nullable @Within(low = 0.3, unit = "mm") Double capMm) {}
