package palintone.core.filling.water;

import palintone.core.figure.Source;

/**
 * Viscosity of a syrup from its glass transition.
 *
 * <p>Glass transition by Gordon &amp; Taylor (1952) with k = 4.7 for water against every sugar and
 * the transitions of the dry sugars from memory (water 136 K, sucrose 338, glucose 306, fructose
 * 281, lactose 374, maltose 364, higher saccharides of glucose syrup 400, sorbitol 268, glycerol
 * 190, acid 284 K). Viscosity after the form of Williams, Landel &amp; Ferry (1955), log η = 12 −
 * 20.9·x/(62 + x), x the distance above the transition; both constants calibrated here to sucrose
 * syrups of 60, 70 and 75 % at 20 °C (0.058, 0.48 and 2.3 Pa·s, from memory).
 */
public final class SyrupViscosity {

    public static final Source SOURCE =
            Source.calibrated(
                    "Gordon & Taylor 1952 and Williams, Landel & Ferry 1955, constants set to the"
                            + " viscosity of sucrose syrups of 60 to 75 % at 20 °C");

    private static final double WATER_K = 136;
    private static final double WATER_WEIGHT = 4.7;

    private SyrupViscosity() {}

    /** Glass transition of water and what is dissolved in it, °C. */
    public static double glassTransitionC(final AqueousPhase phase) {
        double weights = phase.waterG() * WATER_WEIGHT;
        double sum = weights * WATER_K;
        for (final Solute solute : Solute.values()) {
            final double grams = phase.grams(solute);
            weights += grams;
            sum += grams * dryK(solute);
        }
        return sum / weights - 273.15;
    }

    /**
     * log10 of the viscosity in Pa·s, from −3 (water) to 12 (glass).
     *
     * @param celsius −20 to 120 °C
     */
    public static double log10PaS(final AqueousPhase phase, final double celsius) {
        final double x = celsius - glassTransitionC(phase);
        if (x <= 0) {
            return 12;
        }
        return Math.max(-3, 12 - 20.88 * x / (62.3 + x));
    }

    private static double dryK(final Solute solute) {
        return switch (solute) {
            case SUCROSE -> 338;
            case GLUCOSE -> 306;
            case FRUCTOSE -> 281;
            case LACTOSE -> 374;
            case MALTOSE -> 364;
            case HIGHER_SACCHARIDES -> 400;
            case SORBITOL -> 268;
            case GLYCEROL -> 190;
            case ORGANIC_ACID -> 284;
        };
    }
}
