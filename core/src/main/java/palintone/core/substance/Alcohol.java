package palintone.core.substance;

import palintone.core.figure.Source;

/**
 * Two questions about spirit, each with one answer for filling, piece, task, print and label:
 * whether it must be named to whoever eats it, and whether it can burn.
 */
public final class Alcohol {

    /** What is eaten and holds more of it than this is declared, % by mass. */
    public static final double DECLARED_FROM_PERCENT = 1;

    /**
     * Common practice, no source: labels of confectionery name it from about a hundredth on; the
     * local food authority sets the limit.
     */
    public static final Source DECLARED =
            Source.practice("alcohol is named from 1 % by mass; the local food authority decides");

    /**
     * Stronger than this it burns where it is warmed near a flame: 12 % by mass, about 15 % by
     * volume, has its flash point near 45 °C (from memory; ours, on the safe side).
     */
    private static final double BURNS_FROM = 0.12;

    private Alcohol() {}

    /** Ethanol in 100 g of it, g. */
    public static double percent(final Composition composition) {
        return 100 * composition.fraction(Component.ETHANOL);
    }

    /** Whether what holds so many per cent by mass must be declared. */
    public static boolean declared(final double percentByMass) {
        return percentByMass > DECLARED_FROM_PERCENT;
    }

    /** Whether it burns near a flame. */
    public static boolean burns(final Composition composition) {
        return composition.fraction(Component.ETHANOL) > BURNS_FROM;
    }
}
