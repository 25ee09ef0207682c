package palintone.core.filling.balance;

import java.util.stream.IntStream;

/**
 * The smallest change that meets the wishes: minimise Σ((m − m₀)/s)² under bands on qualities that
 * are not linear in the amounts.
 *
 * <p>Sequential quadratic programming with elastic bands: at every point the qualities are replaced
 * by their tangents, the quadratic programme is solved by ojAlgo, and the step is shortened until a
 * merit function (change + {@value #PENALTY} · what is missed, in noticeable steps) falls. Where
 * the wishes cannot all be met the same loop ends where least is missed. No random numbers: the
 * same question has the same answer.
 */
final class SequentialQuadratic {

    private static final double PENALTY = 300;
    private static final int ROUNDS = 60;

    private static final double SETTLED = 1e-9;

    /** A round that gains less, as a share of what is to be gained, is the last. */
    private static final double WORTH_GOING_ON = 1e-9;

    private final BalanceTask task;
    private final double[] start;
    private final int n;
    private final int m;
    private final int[] free;

    SequentialQuadratic(final BalanceTask task) {
        this.task = task;
        this.start = task.start();
        this.n = start.length;
        this.m = task.wishes().size();
        this.free = IntStream.range(0, n).filter(i -> !task.locked().contains(i)).toArray();
    }

    /** Where it ended. */
    record Trial(double[] grams, double[] values, double missed, double change, int rounds) {}

    Trial solve() {
        double[] x = start.clone();
        double[] values = task.values(x);
        double merit = merit(x, values);
        double reach = 0.5;
        int round = 0;
        for (; round < ROUNDS; round++) {
            final double[] step = step(x, values, slopes(x, values), reach);
            double moved = 0;
            for (int i = 0; i < n; i++) {
                moved = Math.max(moved, Math.abs(step[i]) / task.scale(i));
            }
            if (moved < SETTLED) {
                break;
            }
            double along = 1;
            boolean better = false;
            double gained = 0;
            for (int k = 0; k < 25; k++) {
                final double[] next = go(x, step, along);
                final double[] there = valuesOrNull(next);
                if (there != null) {
                    final double after = merit(next, there);
                    if (after < merit - 1e-13 * Math.abs(merit)) {
                        gained = merit - after;
                        x = next;
                        values = there;
                        merit = after;
                        better = true;
                        break;
                    }
                }
                along /= 2;
            }
            if (better && gained < WORTH_GOING_ON * (1 + merit)) {
                break;
            }
            if (!better) {
                if (reach < 1e-7 || moved < 1e-6) {
                    break;
                }
                reach /= 8;
            } else {
                reach = along == 1 ? Math.min(2, reach * 2) : Math.max(1e-7, reach * along * 1.5);
            }
        }
        return new Trial(x, values, missed(values), change(x), round);
    }

    private double[] go(final double[] x, final double[] step, final double along) {
        final double[] next = new double[n];
        for (int i = 0; i < n; i++) {
            next[i] = Math.max(task.lowest(i), Math.min(task.highest(i), x[i] + along * step[i]));
        }
        return next;
    }

    /** An operation may be impossible with these amounts: then the step was too long. */
    private double[] valuesOrNull(final double[] x) {
        try {
            return task.values(x);
        } catch (palintone.core.figure.OutOfRangeException e) {
            return null;
        }
    }

    private double change(final double[] x) {
        double sum = 0;
        for (int i = 0; i < n; i++) {
            final double d = (x[i] - start[i]) / task.scale(i);
            sum += d * d;
        }
        return sum;
    }

    private double missed(final double[] values) {
        double sum = 0;
        for (int j = 0; j < m; j++) {
            sum += task.wishes().get(j).outBy(values[j]);
        }
        return sum;
    }

    private double merit(final double[] x, final double[] values) {
        return change(x) + PENALTY * missed(values);
    }

    /** Slope of every wished quality by every line, per gram: central differences. */
    double[][] slopes(final double[] x, final double[] here) {
        final double[][] slopes = new double[m][n];
        for (int i = 0; i < n; i++) {
            if (task.locked().contains(i)) {
                continue;
            }
            final double h = 1e-5 * task.scale(i);
            final double[] up = x.clone();
            up[i] += h;
            final double[] down = x.clone();
            down[i] = Math.max(0, down[i] - h);
            double[] above = valuesOrNull(up);
            double[] below = valuesOrNull(down);
            double width = up[i] - down[i];
            if (above == null && below == null) {
                continue;
            }
            if (above == null) {
                above = here;
                width = x[i] - down[i];
            } else if (below == null) {
                below = here;
                width = up[i] - x[i];
            }
            for (int j = 0; j < m; j++) {
                slopes[j][i] = width > 0 ? (above[j] - below[j]) / width : 0;
            }
        }
        return slopes;
    }

    /** The step by the tangents: every free line in its own scale, no farther than the reach. */
    private double[] step(
            final double[] x, final double[] values, final double[][] slopes, final double reach) {
        final QuadraticSubproblem programme =
                new QuadraticSubproblem(
                        IntStream.of(free)
                                .mapToDouble(i -> (start[i] - x[i]) / task.scale(i))
                                .toArray(),
                        PENALTY);
        for (int j = 0; j < m; j++) {
            final PropertyConstraint wish = task.wishes().get(j);
            final double unit = wish.quality().step();
            final double[] slope = slopes[j];
            programme.wish(
                    IntStream.of(free).mapToDouble(i -> slope[i] * task.scale(i) / unit).toArray(),
                    (wish.low() - values[j]) / unit,
                    (wish.high() - values[j]) / unit);
        }
        for (int k = 0; k < free.length; k++) {
            final int i = free[k];
            programme.keep(
                    k,
                    Math.max(-reach, (task.lowest(i) - x[i]) / task.scale(i)),
                    Math.min(reach, (task.highest(i) - x[i]) / task.scale(i)));
        }
        final double[] found = programme.solve();
        final double[] step = new double[n];
        for (int k = 0; k < free.length; k++) {
            step[free[k]] = found[k] * task.scale(free[k]);
        }
        return step;
    }
}
