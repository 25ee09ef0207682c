package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A cap on filled shells.
 *
 * @param couverture of the cap
 * @param shellMm of the shell it closes
 * @param bowlC of its bowl; the middle of its window where left out
 * @param stablePercent stable crystals, per cent of the fat; as this house works it where left out
 * @param capMm thick
 * @param fillC of the filling as it is capped; the room's where left out
 * @param rimC of the shell's rim; the room's where left out
 * @param roomC that of House rules where left out
 * @param airC of the cabinet; that of the first in House rules where left out
 * @param heatJPerMlK of the filling; 2.9 where left out, a ganache
 */
public record CapRequest(
        @NotNull @Longest(64) String couverture,
        @NotNull @Longest(64) String mould,
        @Within(low = 0.2, high = 20, unit = "mm") double shellMm,
        @Nullable @Within(low = 20, high = 50, unit = "°C") Double bowlC,
        @Nullable @Within(low = 0, high = 20, unit = "% of the fat") Double stablePercent,
        @Within(low = 0.3, high = 20, unit = "mm") double capMm,
        @Nullable @Within(low = 0, high = 40, unit = "°C") Double fillC,
        @Nullable @Within(low = 0, high = 35, unit = "°C") Double rimC,
        @Nullable @Within(low = 5, high = 40, unit = "°C") Double roomC,
        @Nullable @Within(low = -5, high = 25, unit = "°C") Double airC,
        @Nullable @Within(low = 1, high = 5, unit = "J/mlK") Double heatJPerMlK) {}
