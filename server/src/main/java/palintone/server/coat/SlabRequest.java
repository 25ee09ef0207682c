package palintone.server.coat;

import jakarta.annotation.Nullable;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A slab to be cut.
 *
 * @param filling it is made of; a ganache where left out
 * @param heightMm it stands
 * @param trimMm cut off all round; 0 where left out
 * @param kerfMm lost to wire or knife; 0.6 where left out, a wire
 * @param pieceMm one side of a piece
 * @param acrossMm the other side
 * @param precoatMm brushed underneath before it is cut; 0 where left out
 */
public record SlabRequest(
        @Nullable @Longest(64) String filling,
        @Within(low = 10, high = 2000, unit = "mm") double lengthMm,
        @Within(low = 10, high = 2000, unit = "mm") double widthMm,
        @Within(low = 2, high = 100, unit = "mm") double heightMm,
        @Nullable @Within(low = 0, high = 100, unit = "mm") Double trimMm,
        @Nullable @Within(low = 0, high = 10, unit = "mm") Double kerfMm,
        @Within(low = 5, high = 500, unit = "mm") double pieceMm,
        @Within(low = 5, high = 500, unit = "mm") double acrossMm,
        @Nullable @Within(low = 0, high = 5, unit = "mm") Double precoatMm) {}
