package palintone.core.temper.flow;

import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.substance.Composition;
import palintone.core.temper.crystal.Crystals;

/**
 * Flow after Casson: √τ = √τ0 + √(η·γ), as chocolate is commonly described (OICCC 1973, the Casson
 * reading of a rotating viscometer; since 2000 IOCCC method 46 interpolates the same measurement
 * instead; both from memory). Crystals thicken it as particles in a suspension do, after Krieger &
 * Dougherty (1959).
 *
 * @param yieldPa yield value τ0
 * @param plasticPaS plastic viscosity η
 */
public record CassonFlow(double yieldPa, double plasticPaS) {

    public static final Source SOURCE =
            Source.remembered(
                    "Casson flow, OICCC 1973 (interpolation: IOCCC method 46, 2000); suspension law of Krieger & Dougherty 1959,"
                            + " Trans. Soc. Rheol. 3, 137–152");

    private static final double GIVEN_AT_C = 40;

    /** Plastic viscosity rises by this part per kelvin of cooling; from memory, 30 to 45 °C. */
    private static final double PER_K = 0.035;

    private static final double FAT_G_PER_ML = 0.9;
    private static final double CHOCOLATE_G_PER_ML = 1.24;

    /**
     * Crystals with the liquid they hold take up this many times their own volume. Calibrated by
     * hand: 10 % of the fat solid makes a bowl some two to three times as thick.
     */
    private static final double BULK = 6;

    private static final double PACKING = 0.64;
    private static final double INTRINSIC = 2.5;
    private static final double FULL = 0.97;

    /** Shear rate of pouring out of a mould or off a spatula, 1/s; ours. */
    public static final double POURED_PER_S = 5;

    /**
     * Thicker than this it is worked no more; calibrated: a medium dark with 10 % of its fat solid.
     */
    public static final double NO_LONGER_POURS_PA_S = 30;

    /**
     * Allowed: bowl temperature 15 to 60 °C.
     *
     * @param temperatureC of the bowl
     * @param crystals in its fat
     */
    public static CassonFlow of(
            final FluidityClass fluidity,
            final Composition composition,
            final double temperatureC,
            final Crystals crystals) {
        Require.between("bowl temperature", temperatureC, 15, 60, "°C");
        final double thicker = thickening(composition, crystals);
        final double colder = Math.exp(PER_K * (GIVEN_AT_C - temperatureC));
        return new CassonFlow(
                fluidity.yieldPa() * thicker, fluidity.plasticPaS() * colder * thicker);
    }

    /** By which factor crystals make it thicker, 1 without any. */
    public static double thickening(final Composition composition, final Crystals crystals) {
        final double fatVolume = composition.fatFraction() * CHOCOLATE_G_PER_ML / FAT_G_PER_ML;
        final double filled = BULK * crystals.solid() * fatVolume / PACKING;
        return Math.pow(1 - Math.min(FULL, filled), -INTRINSIC * PACKING);
    }

    /**
     * Viscosity as felt at a shear rate. Allowed: shear rate above 0 to 1000000 1/s.
     *
     * @param perS shear rate, above 0, 1/s
     * @return Pa·s
     */
    public double apparentPaS(final double perS) {
        Require.positive("shear rate", perS, 1e6, "1/s");
        final double root = Math.sqrt(yieldPa) + Math.sqrt(plasticPaS * perS);
        return root * root / perS;
    }

    /**
     * The share of the fat that may be solid until a bowl no longer pours: the thick end of work,
     * by its fluidity.
     *
     * @param temperatureC of the bowl
     * @return 0 where it is too thick without a crystal, up to 0.3
     */
    public static double thickSolid(
            final FluidityClass fluidity,
            final Composition composition,
            final double temperatureC) {
        double low = 0;
        double high = 0.3;
        while (high - low > 1e-6) {
            final double middle = (low + high) / 2;
            final CassonFlow flow =
                    of(fluidity, composition, temperatureC, new Crystals(middle, 0));
            if (flow.apparentPaS(POURED_PER_S) < NO_LONGER_POURS_PA_S) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Film that stays on an upright wall, mm: h = τ0/ρg. */
    public double wallFilmMm() {
        return yieldPa / (CHOCOLATE_G_PER_ML * 1000 * 9.81) * 1000;
    }
}
