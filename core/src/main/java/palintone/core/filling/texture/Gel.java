package palintone.core.filling.texture;

import java.util.Map;
import palintone.core.figure.Source;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.substance.Component;
import palintone.core.substance.FunctionalClass;

/**
 * What gelatine, pectin and agar hold up in a syrup: the stress at a strain of about one, Pa. It
 * grows with the square of the share of the gelling matter in the syrup (Ferry 1948, for gelatine).
 *
 * <p>How much each holds at its trade strength is worked out from the trade's own tests, their
 * numbers from memory. Gelatine of 200 Bloom: 200 g press a flat plunger of 12.7 mm 4 mm deep into
 * a gel of 6.67 % at 10 °C, and an elastic half-space gives F = 8·G·a·δ. Pectin of grade 150: a
 * jelly of 65 % sugar with 1/150 of its sugar in pectin, 79.4 mm high, sags by 23.5 %, and a column
 * under its own weight gives E = ρ·g·h/(2·sag), G = E/3. Agar: 1.5 % breaks under about 800 g/cm²
 * when it is pressed together by some 30 %; the stress of breaking is no stiffness, G = σ/(3·0.3).
 *
 * <p>Low-methoxyl pectin stands apart: it wants calcium, not sugar or acid. What milk brings is
 * enough; fruit alone sets it in part. Common practice, no source; its stiffness is taken as that
 * of grade 150, ours.
 */
public final class Gel {

    public static final Source SOURCE =
            Source.calibrated(
                    "gel stress ∝ share² (Ferry 1948); strengths from 200 Bloom, grade 150 and 800"
                            + " g/cm² (from memory); when pectin sets: common practice");

    /** Share of gelatine in the test of Bloom, percent. */
    static final double BLOOM_PERCENT = 6.67;

    /** 0.2 kg · 9.81 / (8 · 6.35 mm · 4 mm), Pa. */
    static final double BLOOM_200_PA = 0.2 * 9.81 / (8 * 6.35e-3 * 4e-3);

    /** Share of pectin in the jelly of the grade test, percent. */
    static final double GRADE_150_PERCENT = 65.0 / 150;

    /** 1350 kg/m³ · 9.81 · 79.4 mm / (2 · 0.235) / 3, Pa. */
    static final double GRADE_150_PA = 1350 * 9.81 * 0.0794 / (2 * 0.235) / 3;

    static final double AGAR_PERCENT = 1.5;

    /** How far agar is pressed together when it breaks; from memory. */
    static final double AGAR_BREAKS_AT = 0.3;

    /** 0.8 kg · 9.81 on a square centimetre, as a stiffness, Pa. */
    static final double AGAR_PA = 0.8 * 9.81 / 1e-4 / (3 * AGAR_BREAKS_AT);

    /** Milk solids in 100 g that bring calcium enough, and what fruit's own calcium does; ours. */
    private static final double CALCIUM_FROM_MILK_G = 1;

    private static final double CALCIUM_OF_FRUIT = 0.4;

    /** Dissolved solids up to which low-methoxyl pectin sets well, and from which not; practice. */
    private static final double LOW_METHOXYL_SOLIDS_FULL = 55;

    private static final double LOW_METHOXYL_SOLIDS_NONE = 78;

    /** Gelatine holds what Bloom's test says at 10 °C, and nothing where it melts. */
    private static final double BLOOM_C = 10;

    private static final double GELATINE_MELTS_C = 32;

    /** Agar and pectin hold until far above any filling is served; agar melts, pectin softens. */
    private static final double AGAR_MELTS_C = 85;

    private static final double PECTIN_SOFT_FROM_C = 60;
    private static final double PECTIN_SOFT_TO_C = 95;

    /** Dissolved solids between which pectin comes to set, percent; pH likewise. */
    public static final double PECTIN_SOLIDS_NONE = 50;

    public static final double PECTIN_SOLIDS_FULL = 58;
    public static final double PECTIN_PH_NONE = 3.9;
    public static final double PECTIN_PH_FULL = 3.5;

    private final Map<FunctionalClass, Double> grams;
    private final double yieldG;
    private final double ph;
    private final double milkSolidsG;

    private Gel(
            final Map<FunctionalClass, Double> grams,
            final double yieldG,
            final double ph,
            final double milkSolidsG) {
        this.grams = grams;
        this.yieldG = yieldG;
        this.ph = ph;
        this.milkSolidsG = milkSolidsG;
    }

    /** Of what came out of the pot; the acid is asked only where there is pectin to heed it. */
    public static Gel of(final Cooked cooked) {
        final Map<FunctionalClass, Double> grams = cooked.gellingG();
        return new Gel(
                grams,
                cooked.yieldG(),
                grams.containsKey(FunctionalClass.PECTIN) ? cooked.ph() : 7,
                100 * cooked.matrix().fraction(Component.MILK_SOLIDS));
    }

    /** Whether there is anything that gels. */
    public boolean none() {
        return grams.isEmpty();
    }

    /** Whether pectin is in it. */
    public boolean pectin() {
        return grams.containsKey(FunctionalClass.PECTIN);
    }

    /** Acid the pectin finds, pH; 7 where there is none to ask. */
    public double ph() {
        return ph;
    }

    /**
     * Stiffness of the gel, Pa.
     *
     * @param syrup it swells in, of 100 g of filling
     * @param celsius −20 to 120 °C
     */
    public double pascal(final AqueousPhase syrup, final double celsius) {
        if (none()) {
            return 0;
        }
        final double warm = falling(celsius, PECTIN_SOFT_FROM_C, PECTIN_SOFT_TO_C);
        return GRADE_150_PA
                        * square(percent(FunctionalClass.PECTIN, syrup) / GRADE_150_PERCENT)
                        * pectinSets(syrup)
                        * warm
                + GRADE_150_PA
                        * square(
                                percent(FunctionalClass.LOW_METHOXYL_PECTIN, syrup)
                                        / GRADE_150_PERCENT)
                        * lowMethoxylSets(syrup)
                        * warm
                + BLOOM_200_PA
                        * square(percent(FunctionalClass.GELATINE, syrup) / BLOOM_PERCENT)
                        * Math.max(0, (GELATINE_MELTS_C - celsius) / (GELATINE_MELTS_C - BLOOM_C))
                + (celsius < AGAR_MELTS_C ? AGAR_PA : 0)
                        * square(percent(FunctionalClass.AGAR, syrup) / AGAR_PERCENT);
    }

    /** How far pectin sets in this syrup, 0 to 1: it wants sugar and acid. */
    public double pectinSets(final AqueousPhase syrup) {
        final double percent = solidsPercent(syrup);
        return (1 - falling(percent, PECTIN_SOLIDS_NONE, PECTIN_SOLIDS_FULL))
                * falling(ph, PECTIN_PH_FULL, PECTIN_PH_NONE);
    }

    /** How far low-methoxyl pectin sets, 0 to 1: it wants calcium, and not too much sugar. */
    public double lowMethoxylSets(final AqueousPhase syrup) {
        final double calcium =
                CALCIUM_OF_FRUIT
                        + (1 - CALCIUM_OF_FRUIT) * Math.min(1, milkSolidsG / CALCIUM_FROM_MILK_G);
        return calcium
                * falling(solidsPercent(syrup), LOW_METHOXYL_SOLIDS_FULL, LOW_METHOXYL_SOLIDS_NONE);
    }

    /** Dissolved solids of a syrup, percent of it. */
    public static double solidsPercent(final AqueousPhase syrup) {
        return 100 * syrup.dissolvedSumG() / (syrup.dissolvedSumG() + syrup.waterG());
    }

    private double percent(final FunctionalClass nature, final AqueousPhase syrup) {
        final double in100 = 100 * grams.getOrDefault(nature, 0.0) / yieldG;
        return 100 * in100 / (in100 + syrup.waterG() + syrup.dissolvedSumG());
    }

    /** 1 up to the first mark, 0 from the second. */
    private static double falling(final double value, final double full, final double none) {
        return Math.max(0, Math.min(1, (none - value) / (none - full)));
    }

    private static double square(final double x) {
        return x * x;
    }
}
