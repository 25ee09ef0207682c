package palintone.core.piece;

import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * The coat a piece is to have.
 *
 * @param mm all round, 0.3 to 5 mm, of all coats together
 * @param twice whether a thin first coat goes on before
 * @param share of it that is dipped, from below, 0.2 to 1
 * @param then what goes on when it has set, of another couverture
 */
public record DipCoat(double mm, boolean twice, double share, Optional<SecondDip> then) {

    /** A first coat smeared on by hand; common practice, no source. */
    public static final double FIRST_MM = 0.4;

    /** Of one couverture. */
    public DipCoat(final double mm, final boolean twice, final double share) {
        this(mm, twice, share, Optional.empty());
    }

    /**
     * Allowed: share dipped 20 to 100 %.
     *
     * @throws OutOfRangeException when a number is impossible
     */
    public DipCoat {
        Require.between("coat", mm, 0.3, 5, "mm");
        Require.between("share dipped", share * 100, 20, 100, "%");
        if (twice && mm < 2 * FIRST_MM) {
            throw new OutOfRangeException(
                    "coat",
                    mm + " mm",
                    "at least " + 2 * FIRST_MM + " mm where it is coated twice");
        }
    }

    DipCoat withMm(final double other) {
        return new DipCoat(other, twice, share, then);
    }

    /** With its second coat so thick, where it has one. */
    DipCoat withSecondMm(final double other) {
        return new DipCoat(mm, twice, share, then.map(second -> second.withMm(other)));
    }

    /** Whether chocolate closes all of it: two coats that only meet leave a seam. */
    public boolean closed() {
        return share >= 1 || then.filter(second -> second.closes(share)).isPresent();
    }

    /** Of the first of two coats, mm; 0 where there is one. */
    public double firstMm() {
        return twice ? FIRST_MM : 0;
    }
}
