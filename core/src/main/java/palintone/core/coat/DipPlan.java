package palintone.core.coat;

/**
 * How pieces are dipped for a coat of a wanted weight.
 *
 * @param order of it, tapped as found
 * @param found whether tapping comes to the wanted weight
 * @param coat it gives
 * @param coldestC centre that does not tear its coat
 */
public record DipPlan(DipOrder order, boolean found, Coat coat, double coldestC) {

    /** Nobody lifts, taps, wipes and sets down in less; common practice, no source. */
    private static final double LEAST_EVERY_S = 10;

    private static final double WIPED_S = 3;

    /**
     * @param asked as it would be dipped; how long it is tapped is found
     * @param coatG wanted, above 0 to 500 g
     */
    public static DipPlan of(final DipOrder asked, final double coatG) {
        final DrawnCentre drawn = DrawnCentre.of(asked);
        final DipSolve.Tapped tapped = DipSolve.tappedFor(asked, drawn, coatG);
        return new DipPlan(
                tapped.order(),
                tapped.found(),
                Coat.of(tapped.order(), drawn),
                DipSolve.coldestC(tapped.order()));
    }

    /** From one to the next, s. */
    public double everyS() {
        return Math.max(LEAST_EVERY_S, order.underS() + order.tappedS() + WIPED_S);
    }

    /** As many as are dipped before the first of them takes no powder any more, at least 1. */
    public int lot() {
        return Double.isFinite(coat.skinS()) ? Math.max(1, (int) (coat.skinS() / everyS())) : 1;
    }
}
