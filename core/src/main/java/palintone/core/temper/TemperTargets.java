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

    /** Half a window as wide as those of the kinds; half of what melting is read to. */
    private static final double WORK_K = 1;

    private static final double MELT_K = 2;

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

    /** Of a couverture: by its bag where that prints a curve of its own, else by its kind. */
    public static TemperTargets of(final Couverture couverture, final DarkWindowPractice practice) {
        return of(couverture.kind(), practice).by(couverture.bag());
    }

    /** The same by what a bag prints, where it prints it. */
    public TemperTargets by(final BagCurve bag) {
        return new TemperTargets(
                bag.meltC().isPresent() ? melted(bag.meltC().getAsDouble()) : melt,
                bag.workC().isPresent()
                        ? Band.around(
                                bag.workC().getAsDouble() - WORK_K,
                                bag.workC().getAsDouble() + WORK_K,
                                1)
                        : work,
                paperTestS);
    }

    /** The same, worked elsewhere: a bowl that was melted gently lies where its crystals are. */
    public TemperTargets workedIn(final Band window) {
        return new TemperTargets(melt, window, paperTestS);
    }

    /** Around what the bag says; it scorches where its kind does, and never below the bag. */
    private Band melted(final double bagC) {
        return new Band(
                bagC - 2 * MELT_K,
                bagC - MELT_K,
                bagC + MELT_K,
                Math.max(melt.highLimit(), bagC + 1.5 * MELT_K));
    }

    private static TemperTargets targets(final double scorchC, final Band work) {
        return new TemperTargets(
                new Band(43, 45, 50, scorchC), work, new Band(0, 20, PAPER_TEST_S, 180));
    }
}
