package palintone.core.filling.sugar;

import palintone.core.figure.Source;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.Solute;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * Whether a cooked syrup stays clear or turns to grain once it is cold.
 *
 * <p>It wants to grain as far as it holds more sucrose than its water dissolves beside the other
 * sugars; those other sugars keep sucrose from growing. Between the marks the risk is calibrated
 * here to common practice: with a tenth of other sugars it grains (that is how fondant is made),
 * from a third on it stays clear.
 *
 * @param supersaturation sucrose held / sucrose the water dissolves at 20 °C, 1 or more
 * @param otherShare share of all dissolved sugar that is not sucrose, 0 to 1
 */
public record Graining(double supersaturation, double otherShare) {

    public static final Source SOURCE =
            Source.calibrated(
                    "supersaturation beside the other sugars; a tenth of them grains, a third keeps"
                            + " clear (common practice)");

    /** Other sugars below which it grains for certain, and above which it does not. */
    public static final double GRAINS_BELOW = 0.10;

    public static final double CLEAR_FROM = 0.36;

    /** A careful pot, never stirred, may stay clear whatever is in it; ours. */
    private static final double MOST = 0.95;

    /** Supersaturation at which the drive to grain is full. */
    private static final double FULL_DRIVE = 1.6;

    /** None of its sucrose came apart. */
    public static Graining of(final Composition composition) {
        return of(composition, 0);
    }

    /** Of what is around the pieces, as it was cooked. */
    public static Graining of(final Cooked cooked) {
        final double sucroseG =
                cooked.matrix().fraction(Component.SUCROSE)
                        * (cooked.yieldG() - cooked.folded().grams());
        return of(
                cooked.matrix(),
                sucroseG > 0 ? Math.min(1, cooked.history().invertedG() / sucroseG) : 0);
    }

    /**
     * @param composition with some water
     * @param inverted share of its sucrose that has come apart, 0 to 1
     */
    private static Graining of(final Composition composition, final double inverted) {
        final AqueousPhase whole = AqueousPhase.supersaturated(composition);
        final double soluble = AqueousPhase.of(composition, 20).grams(Solute.SUCROSE);
        final double sucrose = whole.grams(Solute.SUCROSE) * (1 - inverted);
        final double all = whole.dissolvedSumG() - whole.grams(Solute.ORGANIC_ACID);
        return new Graining(
                soluble > 0 ? Math.max(1, sucrose / soluble) : 1, all > 0 ? 1 - sucrose / all : 1);
    }

    /** 0 to 1. */
    public double risk() {
        final double drive = Math.min(1, (supersaturation - 1) / (FULL_DRIVE - 1));
        final double unhindered =
                Math.max(0, Math.min(1, (CLEAR_FROM - otherShare) / (CLEAR_FROM - GRAINS_BELOW)));
        return MOST * drive * unhindered;
    }
}
