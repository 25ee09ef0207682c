package palintone.core.coat;

/**
 * A slab of very many pieces: grids, parted by at most three cuts one within the other. Every rest
 * that any cuts could leave is too much to look through there, and hardly a piece more: a grid of
 * many leaves little.
 */
final class FewCuts {

    private static final int WITHIN = 2;

    private final int a;
    private final int b;

    /** Lengths that pieces side by side come to, rising; only cuts at them are worth trying. */
    private final int[] sums;

    /**
     * @param a one side of a piece, in the unit of the slab's sides
     * @param b the other
     */
    FewCuts(final int a, final int b, final int[] sums) {
        this.a = a;
        this.b = b;
        this.sums = sums;
    }

    /**
     * How many come of it, and how it is cut first.
     *
     * @param cut above 0 along the length, below 0 across, 0 a plain grid
     */
    record Best(int pieces, int cut) {}

    Best of(final int length, final int width) {
        return of(length, width, WITHIN);
    }

    private Best of(final int length, final int width, final int cuts) {
        final int area = (int) ((long) length * width / ((long) a * b));
        int best = grid(length, width);
        int how = 0;
        if (cuts == 0) {
            return new Best(best, how);
        }
        for (int k = 1; best < area && k < sums.length && sums[k] <= length / 2; k++) {
            final int n = pieces(sums[k], width, cuts) + pieces(length - sums[k], width, cuts);
            if (n > best) {
                best = n;
                how = sums[k];
            }
        }
        for (int k = 1; best < area && k < sums.length && sums[k] <= width / 2; k++) {
            final int n = pieces(length, sums[k], cuts) + pieces(length, width - sums[k], cuts);
            if (n > best) {
                best = n;
                how = -sums[k];
            }
        }
        return new Best(best, how);
    }

    /** Of a part that may be cut once less. */
    private int pieces(final int length, final int width, final int cuts) {
        return cuts == 1 ? grid(length, width) : of(length, width, cuts - 1).pieces();
    }

    private int grid(final int length, final int width) {
        return Math.max((length / a) * (width / b), (length / b) * (width / a));
    }

    void lay(final int length, final int width, final int x, final int y, final Placing place) {
        lay(length, width, x, y, WITHIN, place);
    }

    private void lay(
            final int length,
            final int width,
            final int x,
            final int y,
            final int cuts,
            final Placing place) {
        final int how = of(length, width, cuts).cut();
        if (how > 0) {
            lay(how, width, x, y, cuts - 1, place);
            lay(length - how, width, x + how, y, cuts - 1, place);
        } else if (how < 0) {
            lay(length, -how, x, y, cuts - 1, place);
            lay(length, width + how, x, y - how, cuts - 1, place);
        } else {
            final boolean along = (length / a) * (width / b) >= (length / b) * (width / a);
            grid(length, width, along ? a : b, along ? b : a, x, y, place);
        }
    }

    /** Lays a plain grid of pieces. */
    static void grid(
            final int length,
            final int width,
            final int wide,
            final int deep,
            final int x,
            final int y,
            final Placing place) {
        for (int row = 0; row < length / wide; row++) {
            for (int across = 0; across < width / deep; across++) {
                place.at(x + row * wide, y + across * deep, wide, deep);
            }
        }
    }

    /** Takes a piece where it lies. */
    interface Placing {
        void at(int x, int y, int wide, int deep);
    }
}
