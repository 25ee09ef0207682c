package palintone.core.piece;

import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * The coat a piece is to have.
 *
 * @param mm all round, 0.3 to 5 mm, of all coats together
 * @param twice whether a thin first coat goes on before
 * @param share of it that is dipped, 0.2 to 1
 */
public record DipCoat(double mm, boolean twice, double share) {

    /** A first coat smeared on by hand; common practice, no source. */
    public static final double FIRST_MM = 0.4;

    /**
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

    /** Of the first of two coats, mm; 0 where there is one. */
    public double firstMm() {
        return twice ? FIRST_MM : 0;
    }
}
