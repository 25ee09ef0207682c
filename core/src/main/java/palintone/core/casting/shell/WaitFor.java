package palintone.core.casting.shell;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.AllowedSolution;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/** How long to wait for what grows steadily with the wait. */
final class WaitFor {

    /** So near to the wanted it is found. */
    private static final double FOUND_SHARE = 5e-4;

    private static final double NEAR_SHARE = 0.002;
    private static final double NEAR_S = 0.2;
    private static final int ORDER = 3;
    private static final int MOST = 60;

    private WaitFor() {}

    /**
     * @param grown by the wait, s; what is beyond measure may be infinite
     * @param wanted of it, above 0
     * @param longestS looked at, s
     * @return s; empty where there is more at once, or never so much
     */
    static OptionalDouble steadily(
            final DoubleUnaryOperator grown, final double wanted, final double longestS) {
        final DoubleUnaryOperator off =
                wait -> Math.min(wanted, grown.applyAsDouble(wait) - wanted);
        final double atOnce = off.applyAsDouble(0);
        final double atLast = off.applyAsDouble(longestS);
        if (atOnce > 0 || atLast < 0) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                new BracketingNthOrderBrentSolver(NEAR_SHARE, NEAR_S, FOUND_SHARE * wanted, ORDER)
                        .solve(
                                MOST,
                                wait ->
                                        wait <= 0
                                                ? atOnce
                                                : wait >= longestS
                                                        ? atLast
                                                        : off.applyAsDouble(wait),
                                0,
                                longestS,
                                AllowedSolution.ANY_SIDE));
    }
}
