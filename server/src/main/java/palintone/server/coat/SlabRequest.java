package palintone.server.coat;

import jakarta.annotation.Nullable;

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
        @Nullable String filling,
        double lengthMm,
        double widthMm,
        double heightMm,
        @Nullable Double trimMm,
        @Nullable Double kerfMm,
        double pieceMm,
        double acrossMm,
        @Nullable Double precoatMm) {}
