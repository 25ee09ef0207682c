package palintone.core.filling.emulsion;

import palintone.core.fat.FatDensity;
import palintone.core.figure.Source;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * The fat of a ganache as drops in its syrup.
 *
 * <p>Oil share = volume of fat / (volume of fat + volume of syrup), the syrup being the water and
 * what is dissolved in it; dry solids sit in the drops' way but are counted to neither. Drops touch
 * at 0.64 (random close packing) and cannot be packed closer than 0.74 without being flattened
 * (Ostwald 1910, equal spheres); trouble begins near 0.60. Fat melted, densities 0.91 g/ml for fat
 * and from 1 to 1.6 g/ml for the syrup.
 */
public record Emulsion(double fatMl, double syrupMl) {

    public static final Source SOURCE =
            Source.remembered(
                    "close packing of equal drops 0.64 (random) and 0.74 (Ostwald 1910); onset 0.60"
                            + " common practice");

    /** BowlFault may begin. */
    public static final double RISK_FROM = 0.60;

    /** A batch so deep, as a share of the width of its vessel, is sheared; common practice. */
    public static final double DEEP_ENOUGH = 0.25;

    /** Drops touch everywhere. */
    public static final double CLOSE_PACKED = 0.64;

    /** Equal drops cannot be packed closer. */
    public static final double DENSEST = 0.74;

    private static final double DISSOLVED_G_PER_ML = 1.6;
    private static final double ETHANOL_G_PER_ML = 0.789;

    /** In 100 g of filling; all fat melted, all sugar dissolved that can be when warm (40 °C). */
    public static Emulsion of(final Composition composition) {
        final double fat = composition.fatFraction() * 100 / FatDensity.LIQUID_G_PER_ML;
        if (composition.fraction(Component.WATER) <= 0) {
            return new Emulsion(fat, 0);
        }
        final AqueousPhase warm = AqueousPhase.of(composition, 40);
        return new Emulsion(
                fat,
                warm.waterG()
                        + (warm.dissolvedSumG() + warm.saltsG()) / DISSOLVED_G_PER_ML
                        + warm.ethanolG() / ETHANOL_G_PER_ML);
    }

    /** Share of the drops in drops and syrup, 0 to 1; 1 where there is no syrup. */
    public double oilShare() {
        return fatMl + syrupMl > 0 ? fatMl / (fatMl + syrupMl) : 0;
    }

    /** Whether there is enough syrup for fat to be drops in it at all. */
    public boolean syrupOutside() {
        return syrupMl >= 14 && oilShare() < 0.80;
    }

    /**
     * How likely it is to split, 0 to 1: none below 0.55, certain at 0.78, straight between the
     * marks. Where it lies within that is calibrated here.
     *
     * @param blended a blender makes finer drops, which bear a little more
     * @param tooWide the vessel was too wide for the batch to be sheared
     */
    public double splitRisk(final boolean blended, final boolean tooWide) {
        final double share = oilShare() - (blended ? 0.02 : 0) + (tooWide ? 0.03 : 0);
        if (share <= 0.55) {
            return 0.02;
        }
        if (share < RISK_FROM) {
            return 0.02 + (share - 0.55) / 0.05 * 0.13;
        }
        if (share < CLOSE_PACKED) {
            return 0.15 + (share - RISK_FROM) / 0.04 * 0.25;
        }
        return Math.min(1, 0.40 + (share - CLOSE_PACKED) / 0.10 * 0.5);
    }

    /**
     * Water that brings the oil share down to a target.
     *
     * @param target 0.3 to 0.8
     * @return grams for 100 g of filling, 0 where it is there already
     */
    public double waterToReach(final double target) {
        return Math.max(0, fatMl * (1 - target) / target - syrupMl);
    }
}
