package palintone.core.temper.crystal;

import palintone.core.fat.SolidFatCurve;

/**
 * How the two populations change at a temperature and shear.
 *
 * <p>Stable form V: sheared nuclei near 26.5 °C, autocatalytic growth towards the solid-fat curve
 * (faster the colder), melting of what is above the curve, slow dissolving of fine seed above 32
 * °C, and what the unstable forms turn into. Unstable forms I to IV: the same with a curve that
 * ends near 28 °C. Structure after Foubert et al. (2002, growth law) and Debaste et al. (2008), Le
 * Révérend et al. (2009, tempering); constants calibrated here, see {@link CrystalFit}.
 *
 * <p>Holds for cocoa butter with up to 40 % milk fat in the fat, 5 to 50 °C, minutes to hours:
 * ripening and the slow change to form VI are not in it. Below 15 °C the pull towards crystals
 * still grows, but so does the stiffness of what is molten: growth is kept at its rate of 15 °C
 * there, while the curve goes on rising. Rates are plain doubles: they are asked millions of times.
 */
public final class CrystalLaw {

    /** Between the curves of the two populations: melting points of V and IV. */
    private static final double UNSTABLE_SHIFT_K =
            Polymorph.V.meltsC() - Polymorph.IV.meltsC() + 0.2;

    /** Shares further than this from a half are outside 0 to 1 by more than a hundredth. */
    private static final double FAR = 0.5101;

    private static final double COLDEST_C = 0;
    private static final double HOTTEST_C = 90;
    private static final double GROWTH_AT_C = 31.5;
    private static final double COLDEST_GROWTH_C = 15;

    /** Cocoa butter of dark chocolate, stirred, makes its stable nuclei fastest here, °C. */
    public static final double NUCLEATION_C = 26.5;

    private static final double NUCLEI_WIDTH_K = 3;
    private static final double SEED_LOSS_FROM_C = 32;
    private static final double SEED_LOSS_POWER = 2.5;

    /** Hotter than this above it, seed is gone in seconds anyway. */
    private static final double SEED_LOSS_MOST_K = 6;

    /**
     * Below this share crystals lie so far apart that they grow alone and do not multiply: without
     * it, autocatalysis would make a set smear out of nothing. Ours.
     */
    private static final double FEW = 3e-4;

    private static final double UNSTABLE_GROWTH_AT_C = 20;
    private static final double UNSTABLE_WIDTH_K = 6;

    /** Stirring multiplies nuclei of the unstable forms by up to this and one. */
    private static final double UNSTABLE_SHEAR = 8;

    /** What the curve no longer allows melts with this time, s; coarse pieces are slower. */
    private static final double MELT_S = 25;

    /** Unstable into stable through the melt at 26.5 °C and above, 1/s; ours. */
    private static final double CHANGE_PER_S = 3e-4;

    /** Below this it goes through the solid and takes days: not in this law. */
    private static final double CHANGE_FROM_C = 22;

    private static final double CHANGE_TO_C = 32;

    private final SolidFatCurve curve;
    private final CrystalConstants constants;
    private final boolean coating;

    /**
     * @param curve solid fat at equilibrium, share of the fat by °C
     * @param constants rates, 1/s, as calibrated or as an ensemble varies them
     */
    public CrystalLaw(final SolidFatCurve curve, final CrystalConstants constants) {
        this(curve, constants, false);
    }

    private CrystalLaw(
            final SolidFatCurve curve, final CrystalConstants constants, final boolean coating) {
        this.curve = curve;
        this.constants = constants;
        this.coating = coating;
    }

    /** That of a lauric coating: one form, see {@link CoatingCrystals}. */
    public static CrystalLaw ofCoating(final SolidFatCurve curve) {
        return new CrystalLaw(curve, CrystalConstants.CALIBRATED, true);
    }

    public SolidFatCurve curve() {
        return curve;
    }

    public CrystalConstants constants() {
        return constants;
    }

    /**
     * What at one temperature depends on nothing else, worked out when it is first asked: powers
     * are what a rate costs, and a path asks twice wherever one step ends and the next begins.
     */
    static final class Warmth {
        private double temperatureC = Double.NaN;
        private double asCocoaButterC;
        private double mayBeStable;
        private double mayBeUnstable;
        private double seedLoss;
        private double growth;
        private double nuclei;
        private double unstableGrowth;
    }

    /**
     * Change of both populations, shares of the fat per second.
     *
     * @param temperatureC of the chocolate
     * @param shear 0 to 1
     * @param rates receives the stable one at 0, the unstable one at 1
     */
    public void rates(
            final double temperatureC,
            final double stable,
            final double unstable,
            final double shear,
            final double[] rates) {
        rates(new Warmth(), temperatureC, stable, unstable, shear, rates);
    }

    /** The same; what is kept from the last time is used where the temperature still is that. */
    void rates(
            final Warmth at,
            final double temperatureC,
            final double stable,
            final double unstable,
            final double shear,
            final double[] rates) {
        if (coating) {
            CoatingCrystals.rates(curve, temperatureC, stable, unstable, rates);
            return;
        }
        // Trial steps of an integrator may leave what a bowl can be; the law then stays at its
        // edge.
        if (temperatureC < COLDEST_C
                || temperatureC > HOTTEST_C
                || Math.abs(stable - 0.5) > FAR
                || Math.abs(unstable - 0.5) > FAR) {
            rates(
                    at,
                    between(temperatureC, COLDEST_C, HOTTEST_C),
                    between(stable, -0.01, 1.01),
                    between(unstable, -0.01, 1.01),
                    shear,
                    rates);
            return;
        }
        if (at.temperatureC != temperatureC) {
            warm(at, temperatureC);
        }
        final double room = at.mayBeStable - stable - unstable;
        double s = 0;
        if (room > 0) {
            // Trial steps of an integrator may fall a little below nothing.
            final double some = Math.max(0, stable);
            s += growth(at) * some * some / (some + FEW) * room;
            s += constants.nucleationPerS() * shear * nuclei(at) * room;
        }
        if (stable > at.mayBeStable) {
            s -= (stable - at.mayBeStable) / MELT_S;
        }
        s -= at.seedLoss * stable;

        final double left = at.mayBeUnstable - stable - unstable;
        double u = 0;
        if (left > 0) {
            u += constants.unstableNucleationPerS() * (1 + UNSTABLE_SHEAR * shear) * left;
            u += constants.unstableGrowthPerS() * unstableGrowth(at) * unstable * left;
        }
        if (unstable > at.mayBeUnstable) {
            u -= (unstable - at.mayBeUnstable) / MELT_S;
        }
        if (unstable > 0) {
            final double change = changePerS(at.asCocoaButterC) * unstable;
            u -= change;
            s += change;
        }
        rates[0] = s;
        rates[1] = u;
    }

    private void warm(final Warmth at, final double temperatureC) {
        at.temperatureC = temperatureC;
        at.asCocoaButterC = curve.asCocoaButterC(temperatureC);
        at.mayBeStable = curve.solidAt(temperatureC);
        at.mayBeUnstable = curve.solidAt(temperatureC + UNSTABLE_SHIFT_K);
        final double nearClear = curve.belowClearAsCocoaButterC(temperatureC);
        at.seedLoss =
                nearClear > SEED_LOSS_FROM_C
                        ? constants.seedLossPerS()
                                * Math.pow(
                                        Math.min(nearClear - SEED_LOSS_FROM_C, SEED_LOSS_MOST_K),
                                        SEED_LOSS_POWER)
                        : 0;
        at.growth = Double.NaN;
        at.nuclei = Double.NaN;
        at.unstableGrowth = Double.NaN;
    }

    /** Growth per second of stable form, per share of the fat that may still set. */
    private double growth(final Warmth at) {
        if (Double.isNaN(at.growth)) {
            at.growth =
                    constants.growthPerS()
                            * Math.exp(
                                    (GROWTH_AT_C - Math.max(at.asCocoaButterC, COLDEST_GROWTH_C))
                                            / constants.growthWidthK());
        }
        return at.growth;
    }

    private static double nuclei(final Warmth at) {
        if (Double.isNaN(at.nuclei)) {
            final double off = (at.asCocoaButterC - NUCLEATION_C) / NUCLEI_WIDTH_K;
            at.nuclei = Math.exp(-off * off);
        }
        return at.nuclei;
    }

    private static double unstableGrowth(final Warmth at) {
        if (Double.isNaN(at.unstableGrowth)) {
            at.unstableGrowth =
                    Math.exp((UNSTABLE_GROWTH_AT_C - at.asCocoaButterC) / UNSTABLE_WIDTH_K);
        }
        return at.unstableGrowth;
    }

    private static double between(final double value, final double low, final double high) {
        return Math.max(low, Math.min(high, value));
    }

    /** Above the cut nothing is left that could change: what is unstable there only melts. */
    private static double changePerS(final double t) {
        if (t >= CHANGE_TO_C) {
            return 0;
        }
        final double along = (t - CHANGE_FROM_C) / (NUCLEATION_C - CHANGE_FROM_C);
        return CHANGE_PER_S * Math.max(0, Math.min(1, along));
    }
}
