package palintone.core.piece;

import palintone.core.fat.FusionHeat;
import palintone.core.figure.Require;
import palintone.core.mould.Cavity;
import palintone.core.temper.Couverture;

/**
 * How long a piece cast full stays in the cold: its sensible heat and the heat of its fat setting,
 * through all of its surface, at the mean difference to the cabinet. Lumped; for pieces up to some
 * 30 mm thick. The exchange is set by hand to 20 to 40 min for bars of 8 to 14 mm at 12 °C (common
 * practice, no source).
 */
final class SolidCooling {

    /** Moving air and the wall of a mould together, W/m²K; set by hand, see above. */
    private static final double EXCHANGE_W_PER_M2K = 15;

    /** Of the fat, what has set when it can be turned out; from memory. */
    private static final double SET = 0.85;

    /** It leaves when it is so near the cabinet, K. */
    private static final double NEAR_K = 3;

    private SolidCooling() {}

    /**
     * @param fromC as cast, °C
     * @param cabinetC colder than that by 5 K at least, else 5 K are taken
     * @return minutes
     */
    static double minutes(
            final Cavity cavity,
            final Couverture couverture,
            final double fromC,
            final double cabinetC) {
        Require.between("casting temperature", fromC, 20, 45, "°C");
        final double colder = Math.max(5, fromC - cabinetC);
        final double end = Math.min(NEAR_K, colder / 2);
        final double massG = cavity.volumeMl() * couverture.castingDensityGPerMl();
        final double fat = couverture.ingredient().composition().fatFraction();
        final double heatJ =
                massG
                        * (couverture.cpJPerGK() * (colder - end)
                                + fat * SET * FusionHeat.FORM_V_J_PER_G);
        final double areaM2 = (cavity.wallAreaMm2() + cavity.rimAreaMm2()) * 1e-6;
        final double mean = (colder - end) / Math.log(colder / end);
        return heatJ / (EXCHANGE_W_PER_M2K * areaM2 * mean) / 60;
    }
}
