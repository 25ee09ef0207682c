package palintone.core.coat;

import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * The film that something takes with it as it is drawn out of a bath.
 *
 * <p>Thin and slow, the surface's tension holds it back: 0.944·l·Ca^⅔ with l = √(σ/ρg), Ca = ηU/σ
 * (Landau & Levich 1942, Derjaguin 1943). Thick and fast, only weight does: no more than ⅔·√(ηU/ρg)
 * (Derjaguin; White & Tallmadge 1965). What yields keeps τ0/ρg besides (Spiers et al. 1974).
 */
public final class Withdrawal {

    public static final Source SOURCE =
            Source.remembered(
                    "Landau & Levich 1942, Derjaguin 1943; White & Tallmadge 1965 where fast; yield"
                            + " film after Spiers, Subbaraman & Wilkinson 1974");

    /** Of molten couverture; from memory, 25 to 35. */
    static final double TENSION_N_PER_M = 0.03;

    private static final double LANDAU_LEVICH = 0.944;

    private Withdrawal() {}

    /**
     * @param plasticPaS viscosity, above 0 to 100 000 Pa·s
     * @param yieldPa yield value, 0 to 100 000 Pa
     * @param kgPerM3 density
     * @param metresPerS how fast it is drawn, above 0 to 2
     * @param tensionNPerM of its surface, above 0 to 1
     * @return mm
     */
    public static double filmMm(
            final double plasticPaS,
            final double yieldPa,
            final double kgPerM3,
            final double metresPerS,
            final double tensionNPerM) {
        Require.positive("viscosity", plasticPaS, 1e5, "Pa·s");
        Require.between("yield value", yieldPa, 0, 1e5, "Pa");
        Require.positive("speed of lifting", metresPerS, 2, "m/s");
        Require.positive("surface tension", tensionNPerM, 1, "N/m");
        final double weight = kgPerM3 * PhysicalConstants.GRAVITY_M_PER_S2;
        final double capillary = plasticPaS * metresPerS / tensionNPerM;
        final double slow =
                LANDAU_LEVICH * Math.sqrt(tensionNPerM / weight) * Math.pow(capillary, 2.0 / 3);
        final double fast = 2.0 / 3 * Math.sqrt(plasticPaS * metresPerS / weight);
        return (Math.min(slow, fast) + yieldPa / weight) * 1000;
    }
}
