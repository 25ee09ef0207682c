package palintone.core.casting.pour;

import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Air in a filled mould: which bubbles come up while it is shaken, and which stay caught.
 *
 * @param caughtMm bubbles as wide as this and smaller stay however long it is shaken, mm
 * @param leftMm bubbles wider than this have come up from the floor within the time, mm
 * @param shakenS that time, s
 */
public record Bubbles(double caughtMm, double leftMm, double shakenS) {

    public static final Source SOURCE =
            Source.remembered(
                    "a bubble stays where τ0 > 0.143·ρ·g·R (Tsamopoulos et al. 2008, J. Fluid Mech."
                            + " 601, 123–164); it rises by ρ·g·R²/3η where nothing yields"
                            + " (Hadamard 1911, Rybczynski 1911); between the two ours");

    private static final double CRITICAL = 0.143;

    /** So that without a yield value it rises as Hadamard and Rybczynski have it. */
    private static final double RISES = 1 / (3 * CRITICAL);

    private static final double WIDEST_MM = 60;

    /**
     * @param bowl as it was poured
     * @param shaken while it stands full
     * @param depthMm of the cavity, 1 to 500 mm
     * @param seconds it is shaken, 1 to 900 s
     */
    public static Bubbles of(
            final BowlAt bowl, final Vibration shaken, final double depthMm, final double seconds) {
        Require.between("depth of the cavity", depthMm, 1, 500, "mm");
        Require.between("shaken for", seconds, 1, 900, "s");
        final double yield = bowl.flow().yieldPa() * shaken.bubbleYieldShare();
        final double caught =
                2000 * yield / (CRITICAL * bowl.kgPerM3() * PhysicalConstants.GRAVITY_M_PER_S2);
        double low = Math.min(WIDEST_MM, caught);
        double high = WIDEST_MM;
        while (high - low > 1e-3) {
            final double middle = (low + high) / 2;
            if (riseS(bowl, shaken, middle, depthMm) > seconds) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return new Bubbles(caught, high, seconds);
    }

    /**
     * How long a bubble takes from the floor to the brim.
     *
     * @param wideMm the bubble, above 0, up to 60 mm
     * @return s; infinite where it stays caught
     */
    public static double riseS(
            final BowlAt bowl, final Vibration shaken, final double wideMm, final double depthMm) {
        Require.positive("bubble", wideMm, 60, "mm");
        final double radius = wideMm / 2000;
        final double pull = CRITICAL * bowl.kgPerM3() * PhysicalConstants.GRAVITY_M_PER_S2 * radius;
        final double yield = bowl.flow().yieldPa() * shaken.bubbleYieldShare();
        if (pull <= yield) {
            return Double.POSITIVE_INFINITY;
        }
        // Casson's shear rate at the stress that is left over.
        final double root = Math.sqrt(pull) - Math.sqrt(yield);
        final double metresPerS = RISES * radius * root * root / bowl.flow().plasticPaS();
        return depthMm / 1000 / metresPerS;
    }
}
