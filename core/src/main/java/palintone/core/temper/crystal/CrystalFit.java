package palintone.core.temper.crystal;

import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Fits the constants of the law to {@link CalibrationTargets} by least squares
 * (Levenberg–Marquardt) in the logarithms of the constants. Deterministic.
 */
public final class CrystalFit {

    private static final double STEP = 0.01;

    private CrystalFit() {}

    /** From a start near enough, some tens of per cent. */
    public static CrystalConstants from(final CrystalConstants start) {
        final double[] logs = logs(start);
        final double[] wanted = new double[residuals(logs).length];
        final var problem =
                new LeastSquaresBuilder()
                        .start(logs)
                        .target(wanted)
                        .model(
                                (RealVector point) -> {
                                    final double[] here = point.toArray();
                                    return new Pair<>(
                                            new ArrayRealVector(residuals(here)),
                                            new Array2DRowRealMatrix(slopes(here)));
                                })
                        .maxEvaluations(400)
                        .maxIterations(200)
                        .build();
        return constants(
                new LevenbergMarquardtOptimizer(100, 1e-8, 1e-8, 1e-8, Double.MIN_NORMAL)
                        .optimize(problem)
                        .getPoint()
                        .toArray());
    }

    private static double[] residuals(final double[] logs) {
        final List<CalibrationTargets.Fact> facts = CalibrationTargets.of(constants(logs));
        return facts.stream().mapToDouble(CalibrationTargets.Fact::residual).toArray();
    }

    private static double[][] slopes(final double[] logs) {
        double[][] slopes = null;
        for (int p = 0; p < logs.length; p++) {
            final double[] above = logs.clone();
            final double[] below = logs.clone();
            above[p] += STEP;
            below[p] -= STEP;
            final double[] high = residuals(above);
            final double[] low = residuals(below);
            slopes = slopes == null ? new double[high.length][logs.length] : slopes;
            for (int r = 0; r < high.length; r++) {
                slopes[r][p] = (high[r] - low[r]) / (2 * STEP);
            }
        }
        return slopes;
    }

    private static double[] logs(final CrystalConstants c) {
        return new double[] {
            Math.log(c.growthPerS()),
            Math.log(c.growthWidthK()),
            Math.log(c.nucleationPerS()),
            Math.log(c.seedLossPerS()),
            Math.log(c.unstableNucleationPerS()),
            Math.log(c.unstableGrowthPerS())
        };
    }

    private static CrystalConstants constants(final double[] logs) {
        return new CrystalConstants(
                Math.exp(logs[0]),
                Math.exp(logs[1]),
                Math.exp(logs[2]),
                Math.exp(logs[3]),
                Math.exp(logs[4]),
                Math.exp(logs[5]));
    }
}
