package palintone.core.filling.life;

import palintone.core.figure.Source;

/**
 * The interaction of pH and water activity by the United States FDA Food Code, table B of
 * 1-201.10(B), from memory. It says whether a food may stand outside the cold, never how long it
 * keeps.
 *
 * <p>Table A, which allows more, is for food that is heated and then stays closed in what it was
 * heated in. A filling is poured, stirred, cooled and piped open, however hot it was before: table
 * B holds for all of them. Both numbers are to be given at the unfavourable end of their margins.
 */
public final class FoodCode {

    public static final Source SOURCE =
            Source.remembered("FDA Food Code 1-201.10(B), table B of pH and water activity");

    /**
     * Food made open and kept cold, from memory: seven days at 5 °C, the day it was made counted.
     */
    public static final Source COLD_DAYS =
            Source.remembered("FDA Food Code 3-501.17, seven days at 5 °C for food made open");

    /** The longest the code lets such food lie in the cold, days. */
    public static final double MOST_COLD_DAYS = 7;

    /** Below this every acidity is allowed. */
    private static final double DRY = 0.88;

    private static final double UNKNOWN_PH = 14;

    /** What the table says. */
    public enum Says {
        /** Need not be kept cold for safety. */
        MAY_STAND,
        /** A product assessment is required: keep it cold until a laboratory has spoken. */
        ASSESS
    }

    private FoodCode() {}

    /**
     * What the table says of a food whose pH was measured or only computed: an estimate frees
     * nothing above what is dry enough at every acidity.
     *
     * @param aw water activity, 0 to 1, the highest it may be
     * @param ph 0 to 14, the highest it may be
     * @param measured whether the pH was read on this food
     */
    public static Says says(final double aw, final double ph, final boolean measured) {
        return says(aw, measured ? ph : UNKNOWN_PH);
    }

    /** The highest water activity that may stand, its pH measured or only computed. */
    public static double highestAw(final double ph, final boolean measured) {
        return highestAw(measured ? ph : UNKNOWN_PH);
    }

    /**
     * The highest pH that frees a food of some water activity from the cold.
     *
     * @param aw 0 to 1, the highest it may be
     */
    public static double highestPh(final double aw) {
        return aw < DRY ? UNKNOWN_PH : aw <= 0.90 ? 5.0 : aw <= 0.92 ? 4.6 : 4.2;
    }

    /**
     * @param aw water activity, 0 to 1, the highest it may be
     * @param ph 0 to 14, the highest it may be
     */
    public static Says says(final double aw, final double ph) {
        return aw < DRY || (ph <= 5.0 && aw <= highestAw(ph)) ? Says.MAY_STAND : Says.ASSESS;
    }

    /**
     * The highest water activity that may stand at a pH; .88 itself no longer may.
     *
     * @param ph 0 to 14, the highest it may be
     */
    public static double highestAw(final double ph) {
        if (ph < 4.2) {
            return 1;
        }
        if (ph <= 4.6) {
            return 0.92;
        }
        return ph <= 5.0 ? 0.90 : DRY;
    }
}
