package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * Lines out of a bag.
 *
 * @param bagC of what is in the bag; the middle of its window where left out
 * @param nozzleMm across its opening; found where a width is wanted
 * @param wantedMm across the line; nothing where the opening is given
 * @param bagG in the bag; 100 where left out
 * @param eachMm of line on one piece; nothing where it is not counted
 * @param coldC of the cold a thin bag lies in; the first cabinet where left out
 */
public record LineRequest(
        @NotNull @Longest(64) String couverture,
        @Nullable FluidityClass fluidity,
        @Nullable @Within(low = 20, high = 50, unit = "°C") Double bagC,
        @Nullable @Within(low = 0, high = 20, unit = "% of the fat") Double stablePercent,
        @Nullable @Within(low = 0.5, high = 15, unit = "mm") Double nozzleMm,
        @Nullable @Within(low = 0.5, high = 30, unit = "mm") Double wantedMm,
        @Nullable @Within(low = 0, above = true, high = 5000, unit = "g") Double bagG,
        @Nullable @Within(low = 1, high = 100_000, unit = "mm") Double eachMm,
        @Nullable @Within(low = -25, high = 25, unit = "°C") Double coldC) {}
