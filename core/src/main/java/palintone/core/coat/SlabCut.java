package palintone.core.coat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
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
            Source.definition(
                    "guillotine cuts of equal rectangles, by dynamic programming; of very many"
                            + " pieces three cuts one within the other and grids between");

    /** To a tenth of a millimetre. */
    private static final int PER_MM = 10;

    private static final int MOST = 5000;

    /** Cuts of rests that are looked at for the best of all; a tenth of a second. */
    private static final double MOST_LOOKS = 4e7;

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
     * Allowed: pieces of the slab 1 to 5000.
     *
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
        final int l = (int) Math.floor(length * PER_MM + 1e-6) + kerf;
        final int w = (int) Math.floor(width * PER_MM + 1e-6) + kerf;
        final List<Cut> cuts = new ArrayList<>();
        final FewCuts.Placing place =
                (x, y, wide, deep) ->
                        cuts.add(
                                new Cut(
                                        slab.trimMm + (double) x / PER_MM,
                                        slab.trimMm + (double) y / PER_MM,
                                        (double) (wide - kerf) / PER_MM,
                                        (double) (deep - kerf) / PER_MM));
        final int a = tenths(slab.pieceMm) + kerf;
        final int b = tenths(slab.acrossMm) + kerf;
        final int[] sums = sums(a, b, Math.max(l, w));
        if (looks(sums, l, w) <= MOST_LOOKS) {
            new Search(a, b, sums, l, w).lay(l, w, 0, 0, place);
        } else {
            new FewCuts(a, b, sums).lay(l, w, 0, 0, place);
        }
        return new SlabCut(
                cuts, bound, 1 - cuts.size() * large * small / (slab.lengthMm * slab.widthMm));
    }

    /** Lengths that pieces side by side come to, rising, none longer than the longest. */
    static int[] sums(final int a, final int b, final int longest) {
        final boolean[] sum = new boolean[longest + 1];
        sum[0] = true;
        for (int i = 1; i <= longest; i++) {
            sum[i] = i >= a && sum[i - a] || i >= b && sum[i - b];
        }
        return IntStream.rangeClosed(0, longest).filter(i -> sum[i]).toArray();
    }

    /** How many cuts of how many rests would be looked at; a count. */
    private static double looks(final int[] sums, final int length, final int width) {
        final double along = IntStream.of(sums).filter(s -> s <= length).count();
        final double across = IntStream.of(sums).filter(s -> s <= width).count();
        return along * across * (along + across) / 4;
    }

    private static int tenths(final double mm) {
        return (int) Math.round(mm * PER_MM);
    }

    /** The most pieces out of every rest that cuts can leave, smaller rests first. */
    private static final class Search {

        private final int a;
        private final int b;

        /** Lengths that pieces side by side come to, rising; only cuts at them are worth trying. */
        private final int[] sums;

        /** Which of them is the longest that fits a length. */
        private final int[] fits;

        /** By the longest sums that fit both sides: how many, and the cut that gives them. */
        private final int[][] most;

        /** Above 0 along the length, below 0 across, 0 a plain grid. */
        private final int[][] cut;

        Search(final int a, final int b, final int[] sums, final int length, final int width) {
            this.a = a;
            this.b = b;
            this.sums = sums;
            final int longest = Math.max(length, width);
            fits = new int[longest + 1];
            for (int i = 0, at = 0; i <= longest; i++) {
                while (at + 1 < sums.length && sums[at + 1] <= i) {
                    at++;
                }
                fits[i] = at;
            }
            most = new int[fits[length] + 1][fits[width] + 1];
            cut = new int[fits[length] + 1][fits[width] + 1];
            for (int i = 0; i < most.length; i++) {
                for (int j = 0; j < most[i].length; j++) {
                    fill(i, j);
                }
            }
        }

        private void fill(final int i, final int j) {
            final int l = sums[i];
            final int w = sums[j];
            int best = Math.max((l / a) * (w / b), (l / b) * (w / a));
            int how = 0;
            // No cutting gives more than the area; a grid that does is done.
            final int area = (int) ((long) l * w / ((long) a * b));
            for (int k = 1; best < area && sums[k] <= l / 2; k++) {
                final int n = most[k][j] + most[fits[l - sums[k]]][j];
                if (n > best) {
                    best = n;
                    how = sums[k];
                }
            }
            for (int k = 1; best < area && sums[k] <= w / 2; k++) {
                final int n = most[i][k] + most[i][fits[w - sums[k]]];
                if (n > best) {
                    best = n;
                    how = -sums[k];
                }
            }
            most[i][j] = best;
            cut[i][j] = how;
        }

        void lay(
                final int length,
                final int width,
                final int x,
                final int y,
                final FewCuts.Placing place) {
            final int i = fits[length];
            final int j = fits[width];
            if (most[i][j] == 0) {
                return;
            }
            final int how = cut[i][j];
            if (how > 0) {
                lay(how, width, x, y, place);
                lay(length - how, width, x + how, y, place);
            } else if (how < 0) {
                lay(length, -how, x, y, place);
                lay(length, width + how, x, y - how, place);
            } else {
                final boolean along = (sums[i] / a) * (sums[j] / b) == most[i][j];
                final int wide = along ? a : b;
                final int deep = along ? b : a;
                FewCuts.grid(sums[i], sums[j], wide, deep, x, y, place);
            }
        }
    }
}
