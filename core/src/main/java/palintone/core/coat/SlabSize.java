package palintone.core.coat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A size of piece near the one asked for that uses the slab up: a whole number of them fills each
 * side.
 *
 * @param lengthMm nearest to the length asked for
 * @param acrossMm nearest to the width asked for
 * @param pieces that come out
 * @param wasteShare of the slab's area
 */
public record SlabSize(double lengthMm, double acrossMm, int pieces, double wasteShare) {

    /** Nobody calls it the same piece beyond this; ours. */
    private static final double NEAR = 0.15;

    private static final double PER_MM = 10;

    /** The least changed of those; empty where none is near. */
    public static Optional<SlabSize> near(final SlabCut.Slab slab) {
        final List<SlabSize> all = new ArrayList<>();
        final double length = slab.lengthMm() - 2 * slab.trimMm();
        final double width = slab.widthMm() - 2 * slab.trimMm();
        collect(all, slab, length, width);
        collect(all, slab, width, length);
        return all.stream()
                .min(
                        Comparator.comparingDouble(
                                s ->
                                        square(s.lengthMm / slab.pieceMm() - 1)
                                                + square(s.acrossMm / slab.acrossMm() - 1)));
    }

    private static void collect(
            final List<SlabSize> all,
            final SlabCut.Slab slab,
            final double along,
            final double across) {
        for (final double piece : sizes(along, slab.pieceMm(), slab.kerfMm())) {
            for (final double other : sizes(across, slab.acrossMm(), slab.kerfMm())) {
                final int many = fits(along, piece, slab) * fits(across, other, slab);
                all.add(
                        new SlabSize(
                                piece,
                                other,
                                many,
                                1 - many * piece * other / (slab.lengthMm() * slab.widthMm())));
            }
        }
    }

    private static List<Double> sizes(final double side, final double wanted, final double kerf) {
        final List<Double> sizes = new ArrayList<>();
        final long usual = Math.round((side + kerf) / (wanted + kerf));
        for (long many = Math.max(1, usual - 1); many <= usual + 1; many++) {
            final double size = Math.floor(((side + kerf) / many - kerf) * PER_MM + 1e-9) / PER_MM;
            if (size >= 5 && Math.abs(size / wanted - 1) <= NEAR) {
                sizes.add(size);
            }
        }
        return sizes;
    }

    private static int fits(final double side, final double size, final SlabCut.Slab slab) {
        return (int) Math.floor((side + slab.kerfMm()) / (size + slab.kerfMm()) + 1e-9);
    }

    private static double square(final double x) {
        return x * x;
    }
}
