package palintone.core.coat;

import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * A heap that was piped and came to rest: its slope pulls as hard as it yields, everywhere.
 *
 * <p>h(r) = √(2·τ/(ρg)·(R − r)), so that V = 2π·√(2τ/ρg)·4/15·R^2.5 and the middle stands √(2τR/ρg)
 * high. Stiffer than a half sphere of its volume it stays as it is piped.
 *
 * @param acrossMm of what it covers
 * @param heightMm in its middle
 * @param stands whether it keeps the shape of the nozzle
 */
public record PipedHeap(double acrossMm, double heightMm, boolean stands) {

    public static final Source SOURCE =
            Source.remembered(
                    "slump of what yields: thin heap at rest at its yield stress (Liu & Mei 1989;"
                            + " Coussot et al. 1996)");

    private static final double CUBIC_M_PER_ML = 1e-6;

    /**
     * Allowed: stress of the filling above 0 to 1000000000 Pa.
     *
     * @param massG of one, 0.1 to 500 g
     * @param gPerMl density, 0.2 to 2
     * @param stressPa that makes it move, above 0
     */
    public static PipedHeap of(final double massG, final double gPerMl, final double stressPa) {
        Require.between("weight of a heap", massG, 0.1, 500, "g");
        Require.between("density of the filling", gPerMl, 0.2, 2, "g/ml");
        Require.positive("stress of the filling", stressPa, 1e9, "Pa");
        final double volumeM3 = massG / gPerMl * CUBIC_M_PER_ML;
        final double height = 2 * stressPa / (gPerMl * 1000 * PhysicalConstants.GRAVITY_M_PER_S2);
        final double radiusM = Math.pow(volumeM3 * 15 / (8 * Math.PI * Math.sqrt(height)), 0.4);
        final double domeM = Math.cbrt(3 * volumeM3 / (2 * Math.PI));
        return radiusM <= domeM
                ? new PipedHeap(2000 * domeM, 1000 * domeM, true)
                : new PipedHeap(2000 * radiusM, 1000 * Math.sqrt(height * radiusM), false);
    }
}
