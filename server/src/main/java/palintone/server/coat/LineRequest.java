package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import palintone.core.temper.flow.FluidityClass;

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
        @NotNull String couverture,
        @Nullable FluidityClass fluidity,
        @Nullable Double bagC,
        @Nullable Double stablePercent,
        @Nullable Double nozzleMm,
        @Nullable Double wantedMm,
        @Nullable Double bagG,
        @Nullable Double eachMm,
        @Nullable Double coldC) {}
