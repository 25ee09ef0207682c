package palintone.core.piece;

import palintone.core.figure.Require;
import palintone.core.temper.Couverture;

/**
 * A part of a dipped piece dipped once more, in another couverture, when its first coat has set.
 *
 * @param couverture of it
 * @param mm how thick, 0.3 to 5
 * @param share of the height of the piece, 0.1 to 1
 * @param end that goes in
 */
public record SecondDip(Couverture couverture, double mm, double share, End end) {

    /** So much of the height must lie on the first coat, or there is a gap; ours, to be safe. */
    private static final double SEAM = 0.05;

    /** Which end of a piece goes in. */
    public enum End {
        BELOW("its lower part"),
        TOP("its top");

        private final String words;

        End(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Allowed: share of the second dip 10 to 100 %.
     *
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public SecondDip {
        Require.between("second coat", mm, 0.3, 5, "mm");
        Require.between("share of the second dip", share * 100, 10, 100, "%");
    }

    SecondDip withMm(final double other) {
        return new SecondDip(couverture, other, share, end);
    }

    /** Share of the piece where it lies on a first coat that reaches so far up, 0 to 1. */
    double overFirst(final double firstShare) {
        return end == End.BELOW
                ? Math.min(firstShare, share)
                : Math.max(0, Math.min(1, firstShare + share - 1));
    }

    /** Whether nothing lies open between this and a first coat that reaches so far up. */
    boolean closes(final double firstShare) {
        final double over = overFirst(firstShare);
        return over >= SEAM && firstShare + share - over > 1 - 1e-9;
    }

    /** Whether what is laid on the piece lies on this coat. */
    boolean coversTop() {
        return end == End.TOP || share >= 1;
    }
}
