package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import org.ojalgo.matrix.store.R064Store;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.convex.ConvexSolver;

/**
 * One quadratic programme of the balance: the step d that minimises Σ(d − pull)² under rows slope·d
 * ≤ bound. A strict row is kept; an elastic one may be missed by e at the cost price · e + e²/2.
 *
 * <p>Most rows are far from their edge. They are left out, the small programme is solved by ojAlgo,
 * and the rows its answer breaks are put in, until none is broken. What comes out is the answer of
 * the whole programme, since every row still out is kept.
 */
final class QuadraticSubproblem {

    /**
     * An active set that has not settled by then goes round in circles; its step is still tried.
     */
    private static final int QP_ITERATIONS = 400;

    private static final double BROKEN = 1e-11;

    private final double[] pull;
    private final double price;
    private final List<Row> rows = new ArrayList<>();

    private record Row(double[] slope, double bound, boolean elastic) {

        boolean brokenBy(final double[] step) {
            double sum = 0;
            for (int k = 0; k < slope.length; k++) {
                sum += slope[k] * step[k];
            }
            return sum > bound + BROKEN * (1 + Math.abs(bound));
        }
    }

    /**
     * @param pull where the step goes if nothing holds it
     * @param price of missing an elastic row by 1
     */
    QuadraticSubproblem(final double[] pull, final double price) {
        this.pull = pull.clone();
        this.price = price;
    }

    /** One unknown stays between the two. */
    void keep(final int unknown, final double lowest, final double highest) {
        final double[] slope = new double[pull.length];
        slope[unknown] = 1;
        band(slope, lowest, highest, false);
    }

    /** slope·d comes between the two, or misses them at the price. */
    void wish(final double[] slope, final double lowest, final double highest) {
        band(slope, lowest, highest, true);
    }

    private void band(
            final double[] slope,
            final double lowest,
            final double highest,
            final boolean elastic) {
        rows.add(new Row(slope.clone(), highest, elastic));
        rows.add(new Row(DoubleStream.of(slope).map(s -> -s).toArray(), -lowest, elastic));
    }

    /** The step. */
    double[] solve() {
        final List<Row> out = new ArrayList<>(rows);
        final List<Row> in = new ArrayList<>();
        double[] step = pull;
        while (true) {
            final double[] reached = step;
            final List<Row> broken = out.stream().filter(row -> row.brokenBy(reached)).toList();
            if (broken.isEmpty()) {
                return step;
            }
            out.removeAll(broken);
            in.addAll(broken);
            step = under(in);
        }
    }

    /** The same with these rows only. */
    private double[] under(final List<Row> in) {
        final int d = pull.length;
        final int elastic = (int) in.stream().filter(Row::elastic).count();
        final R064Store q = R064Store.FACTORY.make(d + elastic, d + elastic);
        final R064Store c = R064Store.FACTORY.make(d + elastic, 1);
        for (int k = 0; k < d; k++) {
            q.set(k, k, 2);
            c.set(k, 0, 2 * pull[k]);
        }
        final R064Store a = R064Store.FACTORY.make(in.size() + elastic, d + elastic);
        final R064Store b = R064Store.FACTORY.make(in.size() + elastic, 1);
        int miss = 0;
        for (int r = 0; r < in.size(); r++) {
            final Row row = in.get(r);
            for (int k = 0; k < d; k++) {
                a.set(r, k, row.slope()[k]);
            }
            b.set(r, 0, row.bound());
            if (row.elastic()) {
                a.set(r, d + miss, -1);
                a.set(in.size() + miss, d + miss, -1);
                q.set(d + miss, d + miss, 1);
                c.set(d + miss, 0, -price);
                miss++;
            }
        }
        final Optimisation.Options options = new Optimisation.Options();
        options.iterations_abort = QP_ITERATIONS;
        final Optimisation.Result found =
                ConvexSolver.newBuilder().objective(q, c).inequalities(a, b).build(options).solve();
        return Arrays.copyOf(found.toRawCopy1D(), d);
    }
}
