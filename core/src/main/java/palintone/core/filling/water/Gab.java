package palintone.core.filling.water;

import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Sorption isotherm after Guggenheim, Anderson and de Boer: M = M0·C·K·aw / ((1 − K·aw)(1 − K·aw +
 * C·K·aw)), M in g of water per g of the dry body.
 *
 * <p>Valid for aw 0.05 to 0.9.
 *
 * @param monolayer M0, g/g, above 0 to 0.5
 * @param c C, above 0 to 200
 * @param k K, above 0.3 to 1.0
 */
public record Gab(double monolayer, double c, double k) implements Isotherm {

    public static final Source SOURCE =
            Source.remembered(
                    "GAB isotherm (van den Berg & Bruin 1981); M0 0.055, C 12, K 0.90 for baked"
                            + " starchy pieces and roasted nut solids");

    /**
     * Baked wafer, roasted nuts without their fat, cocoa: near enough to each other; from memory.
     */
    public static final Gab BAKED = new Gab(0.055, 12, 0.90);

    /**
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public Gab {
        Require.positive("M0", monolayer, 0.5, "g/g");
        Require.positive("C", c, 200, "");
        Require.between("K", k, 0.3, 1.0, "");
    }

    /**
     * @param aw 0 to 0.98
     * @return g of water per g dry
     */
    public double moisture(final double aw) {
        final double a = Math.max(0, Math.min(0.98, aw)) * k;
        return monolayer * c * a / ((1 - a) * (1 - a + c * a));
    }

    /**
     * The other way round.
     *
     * @param moisture g of water per g dry, 0 or more
     * @return aw, 0 to 0.98
     */
    @Override
    public double activity(final double moisture) {
        if (moisture <= 0) {
            return 0;
        }
        // M0·C·a/((1−a)(1−a+Ca)) = M is a quadratic in a = K·aw.
        final double q = monolayer * c / moisture;
        final double qa = 1 - c;
        final double qb = c - 2 - q;
        final double root;
        if (Math.abs(qa) < 1e-9) {
            root = -1 / qb;
        } else {
            root = (-qb - Math.sqrt(Math.max(0, qb * qb - 4 * qa))) / (2 * qa);
        }
        return Math.max(0, Math.min(0.98, root / k));
    }
}
