package palintone.core.temper;

import palintone.core.figure.Band;
import palintone.core.figure.Source;

/**
 * What the thermometer should say, °C, and how soon a smear should set. Trade practice, not
 * computed; the limits around the bands are ours.
 *
 * @param melt every crystal gone, nothing scorched
 * @param work the working window
 * @param paperTestS seconds until a smear has set
 */
public record TemperTargets(Band melt, Band work, Band paperTestS) {

    public static final Source SOURCE =
            Source.practice("melting and working windows by kind of couverture");

    /** A smear that takes longer than this is not in temper, s. */
    private static final double PAPER_TEST_S = 120;

    /**
     * @param kind of couverture
     * @param practice where dark is held
     */
    public static TemperTargets of(final CouvertureKind kind, final DarkWindowPractice practice) {
        return switch (kind) {
            case DARK -> targets(55, Band.around(practice.low(), practice.high(), 1));
            case MILK -> targets(52, Band.around(29, 31, 1));
            case WHITE -> targets(50.5, Band.around(27, 29, 1));
        };
    }

    private static TemperTargets targets(final double scorchC, final Band work) {
        return new TemperTargets(
                new Band(43, 45, 50, scorchC), work, new Band(0, 20, PAPER_TEST_S, 180));
    }
}
