package palintone.core.coat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * A slab cut by wires or a knife into equal pieces, every cut right across what it cuts: the most
 * pieces such cuts can give, turned or not, found exactly.
 *
 * @param pieces of them, as they lie on the slab
 * @param bound no cutting gives more: whole areas
 * @param wasteShare of the slab's area, trimmings, kerf and rest
 */
public record SlabCut(List<Cut> pieces, int bound, double wasteShare) {

    public static final Source SOURCE =
            Source.definition("guillotine cuts of equal rectangles, by dynamic programming");

    /** To a tenth of a millimetre. */
    private static final int PER_MM = 10;

    private static final int MOST = 5000;

    /** The list is copied. */
    public SlabCut {
        pieces = List.copyOf(pieces);
    }

    /** One piece on the slab, mm from its corner. */
    public record Cut(double xMm, double yMm, double wideMm, double deepMm) {}

    /**
     * What is cut.
     *
     * @param lengthMm of the slab, 10 to 2000
     * @param widthMm of the slab, 10 to 2000
     * @param trimMm cut off all round, 0 to 100
     * @param kerfMm lost to wire or knife, 0 to 10
     * @param pieceMm the longer side of a piece, 5 to 500
     * @param acrossMm the shorter side, 5 to 500
     */
    public record Slab(
            double lengthMm,
            double widthMm,
            double trimMm,
            double kerfMm,
            double pieceMm,
            double acrossMm) {

        /**
         * @throws OutOfRangeException when a number is impossible, or a piece larger than the slab
         */
        public Slab {
            Require.between("length of the slab", lengthMm, 10, 2000, "mm");
            Require.between("width of the slab", widthMm, 10, 2000, "mm");
            Require.between("trimmed off", trimMm, 0, 100, "mm");
            Require.between("kerf", kerfMm, 0, 10, "mm");
            Require.between("length of a piece", pieceMm, 5, 500, "mm");
            Require.between("width of a piece", acrossMm, 5, 500, "mm");
        }

        private double within(final double side) {
            return side - 2 * trimMm;
        }
    }

    /**
     * @throws OutOfRangeException when no piece, or more than 5000, come out of it
     */
    public static SlabCut of(final Slab slab) {
        final double length = slab.within(slab.lengthMm);
        final double width = slab.within(slab.widthMm);
        final double small = Math.min(slab.pieceMm, slab.acrossMm);
        final double large = Math.max(slab.pieceMm, slab.acrossMm);
        if (small > Math.min(length, width) || large > Math.max(length, width)) {
            throw new OutOfRangeException(
                    "length of a piece",
                    large + " × " + small + " mm",
                    "what lies on a slab of "
                            + Math.max(0, Math.round(length))
                            + " × "
                            + Math.max(0, Math.round(width))
                            + " mm once it is trimmed");
        }
        final int bound = (int) Math.floor((length * width) / (large * small) + 1e-9);
        Require.between("pieces of the slab", bound, 1, MOST, "");
        // A kerf after every piece and one more slab for it: then cuts have no width.
        final int kerf = tenths(slab.kerfMm);
        final Search search = new Search(tenths(slab.pieceMm) + kerf, tenths(slab.acrossMm) + kerf);
        final int l = (int) Math.floor(length * PER_MM + 1e-6) + kerf;
        final int w = (int) Math.floor(width * PER_MM + 1e-6) + kerf;
        final List<Cut> cuts = new ArrayList<>();
        search.lay(
                l,
                w,
                0,
                0,
                (x, y, wide, deep) ->
                        cuts.add(
                                new Cut(
                                        slab.trimMm + (double) x / PER_MM,
                                        slab.trimMm + (double) y / PER_MM,
                                        (double) (wide - kerf) / PER_MM,
                                        (double) (deep - kerf) / PER_MM)));
        return new SlabCut(
                cuts, bound, 1 - cuts.size() * large * small / (slab.lengthMm * slab.widthMm));
    }

    private static int tenths(final double mm) {
        return (int) Math.round(mm * PER_MM);
    }

    private interface Place {
        void at(int x, int y, int wide, int deep);
    }

    /** The most pieces out of every rest that cuts can leave. */
    private static final class Search {

        private final int a;
        private final int b;
        private final Map<Long, int[]> best = new HashMap<>();

        Search(final int a, final int b) {
            this.a = a;
            this.b = b;
        }

        /** Lengths that pieces side by side come to, up to a limit. */
        private List<Integer> sums(final int limit) {
            final TreeSet<Integer> sums = new TreeSet<>();
            for (int i = 0; i * a <= limit; i++) {
                for (int j = 0; i * a + j * b <= limit; j++) {
                    sums.add(i * a + j * b);
                }
            }
            return new ArrayList<>(sums);
        }

        private int down(final int length) {
            final List<Integer> sums = sums(length);
            return sums.get(sums.size() - 1);
        }

        /** How many, and the cut that gives them: above 0 along the length, below across. */
        private int[] most(final int length, final int width) {
            final int l = down(length);
            final int w = down(width);
            final long key = (long) l * 1_000_000 + w;
            final int[] known = best.get(key);
            if (known != null) {
                return known;
            }
            int[] found = {0, 0};
            // All one way is a grid, and often as good as it gets.
            final int area = (int) ((long) l * w / ((long) a * b));
            final int plain = Math.max((l / a) * (w / b), (l / b) * (w / a));
            if (plain > 0) {
                found = new int[] {plain, 0};
            }
            if (plain < area) {
                for (final int x : sums(l / 2)) {
                    if (x > 0) {
                        final int n = most(x, w)[0] + most(l - x, w)[0];
                        if (n > found[0]) {
                            found = new int[] {n, x};
                        }
                    }
                }
                for (final int y : sums(w / 2)) {
                    if (y > 0) {
                        final int n = most(l, y)[0] + most(l, w - y)[0];
                        if (n > found[0]) {
                            found = new int[] {n, -y};
                        }
                    }
                }
            }
            best.put(key, found);
            return found;
        }

        void lay(final int length, final int width, final int x, final int y, final Place place) {
            final int[] how = most(length, width);
            if (how[0] == 0) {
                return;
            }
            if (how[1] > 0) {
                lay(how[1], width, x, y, place);
                lay(length - how[1], width, x + how[1], y, place);
            } else if (how[1] < 0) {
                lay(length, -how[1], x, y, place);
                lay(length, width + how[1], x, y - how[1], place);
            } else {
                final boolean along = (length / a) * (width / b) == how[0];
                final int wide = along ? a : b;
                final int deep = along ? b : a;
                for (int i = 0; i < length / wide; i++) {
                    for (int j = 0; j < width / deep; j++) {
                        place.at(x + i * wide, y + j * deep, wide, deep);
                    }
                }
            }
        }
    }
}
