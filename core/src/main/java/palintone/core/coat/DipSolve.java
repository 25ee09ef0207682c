package palintone.core.coat;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.AllowedSolution;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.figure.Require;

/** The other way round: what must be done to a dip for what is wanted of it. */
public final class DipSolve {

    /** Longer no hand taps a fork, piece after piece; common practice, no source. */
    public static final double LONGEST_TAPPED_S = 8;

    /** Nearer than this to what is wanted nobody weighs a difference. */
    private static final double SAME_SHARE = 0.02;

    private static final double NEAR_S = 0.1;

    /** Of a tap at all, s. */
    private static final double LEAST_TAPPED_S = 0.01;

    private static final int MOST = 60;
    private static final int ORDER = 3;
    private static final double COLDEST_C = -25;
    private static final double NEAR_C = 0.5;
    private static final double WARMEST_FIRM_C = 35;

    private DipSolve() {}

    /**
     * @param order tapped as found, or as near as tapping comes
     * @param found whether it gives what was wanted
     */
    public record Tapped(DipOrder order, boolean found) {}

    /**
     * How long to tap for a weight of coat, no longer than a hand does.
     *
     * @param coatG wanted, above 0 to 500 g
     */
    public static Tapped tappedFor(final DipOrder order, final double coatG) {
        return tappedFor(order, DrawnCentre.of(order), coatG);
    }

    /** The same of a centre that was followed already. */
    static Tapped tappedFor(final DipOrder order, final DrawnCentre drawn, final double coatG) {
        Require.positive("weight of a coat", coatG, 500, "g");
        final double untappedG = drawn.tapped(0).massG();
        if (untappedG < coatG * (1 - SAME_SHARE)) {
            return new Tapped(order.tapped(0), false);
        }
        final double leastG = drawn.tapped(LONGEST_TAPPED_S).massG();
        if (leastG > coatG) {
            return new Tapped(order.tapped(LONGEST_TAPPED_S), leastG <= coatG * (1 + SAME_SHARE));
        }
        // What begins to be tapped yields sooner: from a moment of it on it only grows thinner.
        final double leastTapG = drawn.tapped(LEAST_TAPPED_S).massG();
        if (leastTapG <= coatG) {
            final boolean untapped = Math.abs(untappedG - coatG) <= Math.abs(leastTapG - coatG);
            return new Tapped(order.tapped(untapped ? 0 : LEAST_TAPPED_S), true);
        }
        final double tappedS =
                solver(NEAR_S)
                        .solve(
                                MOST,
                                s -> drawn.tapped(Math.max(s, LEAST_TAPPED_S)).massG() - coatG,
                                0,
                                LONGEST_TAPPED_S,
                                // Rather a moment more than a coat too thick.
                                AllowedSolution.BELOW_SIDE);
        return new Tapped(order.tapped(tappedS), true);
    }

    /** The coldest centre that does not tear its coat, °C; as cold as is looked at, −25. */
    public static double coldestC(final DipOrder order) {
        final double warmest =
                Math.min(order.bowl().temperatureC(), Math.max(order.roomC(), order.centreC()));
        final double atColdest = overTearing(order, COLDEST_C);
        if (atColdest <= 0) {
            return COLDEST_C;
        }
        final double atWarmest = overTearing(order, warmest);
        if (atWarmest > 0) {
            return warmest;
        }
        return solver(NEAR_C)
                .solve(
                        MOST,
                        c ->
                                c <= COLDEST_C
                                        ? atColdest
                                        : c >= warmest ? atWarmest : overTearing(order, c),
                        COLDEST_C,
                        warmest,
                        // One that does not tear.
                        AllowedSolution.BELOW_SIDE);
    }

    /**
     * How much further than it bears a coat is stretched around a centre of so many °C; a share.
     */
    private static double overTearing(final DipOrder order, final double centreC) {
        final DrawnCentre drawn = DrawnCentre.of(order.centreAt(centreC));
        return drawn.stretchOf(drawn.tapped(order.tappedS()).meanMm()) - CalibratedCoat.TEARS_SHARE;
    }

    private static BracketingNthOrderBrentSolver solver(final double near) {
        return new BracketingNthOrderBrentSolver(0, near, 0, ORDER);
    }

    /**
     * How warm a centre may be to keep its shape on a fork.
     *
     * @param stressPa that makes it move, by °C; falls as it warms
     * @param firmPa from which it keeps its shape
     * @return °C; empty where it is firm up to 35 °C, or nowhere above 0
     */
    public static OptionalDouble firmBelowC(
            final DoubleUnaryOperator stressPa, final double firmPa) {
        double low = 0;
        double high = WARMEST_FIRM_C;
        if (stressPa.applyAsDouble(low) < firmPa || stressPa.applyAsDouble(high) >= firmPa) {
            return OptionalDouble.empty();
        }
        while (high - low > 0.1) {
            final double middle = (low + high) / 2;
            if (stressPa.applyAsDouble(middle) >= firmPa) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of(low);
    }
}
