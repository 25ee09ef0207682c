package palintone.core.casting.cold;

import palintone.core.figure.Source;
import palintone.core.temper.Couverture;

/**
 * How much chocolate shrinks as it sets: its fat by so much for each part that becomes solid, all
 * of it by its cooling.
 */
public final class Contraction {

    public static final Source SOURCE =
            Source.remembered(
                    "cocoa butter loses 0.083 ml/g as it becomes solid (0.08 to 0.1 in the"
                            + " literature); set chocolate expands by 0.3 ‰ of its volume a kelvin");

    private static final double ML_PER_G_OF_FAT = 0.083;
    private static final double VOLUME_PER_K = 3e-4;

    /** A rigid mould's own, of its length a kelvin: polycarbonate, from memory. */
    private static final double MOULD_PER_K = 7e-5;

    private Contraction() {}

    /**
     * Linear shrinking.
     *
     * @param moreSolid by how much the solid share of its fat has risen, 0 to 1
     * @param coolerK by how much it has cooled
     * @return share of its length
     */
    public static double linear(
            final Couverture couverture, final double moreSolid, final double coolerK) {
        final double fat = couverture.ingredient().composition().fatFraction();
        final double volume =
                couverture.castingDensityGPerMl() * fat * ML_PER_G_OF_FAT * moreSolid
                        + VOLUME_PER_K * coolerK;
        return volume / 3;
    }

    /** What is left against a mould that cools beside it. */
    static double againstMould(
            final Couverture couverture,
            final double moreSolid,
            final double coolerK,
            final double mouldCoolerK) {
        return linear(couverture, moreSolid, coolerK) - MOULD_PER_K * mouldCoolerK;
    }
}
