package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/**
 * Why each line and each lever moved. At the end the pull back of every change equals the push of
 * the wishes that are at their edge: least squares give the push of each, and the largest names the
 * reason.
 */
final class Reasons {

    private final BalanceTask task;
    private final SequentialQuadratic.Trial end;
    private final double[][] slopes;
    private final List<Integer> edge;
    private final double[] push;

    private Reasons(
            final BalanceTask task,
            final SequentialQuadratic.Trial end,
            final double[][] slopes,
            final List<Integer> edge) {
        this.task = task;
        this.end = end;
        this.slopes = slopes;
        this.edge = edge;
        this.push = push();
    }

    static Reasons of(
            final BalanceTask task, final SequentialQuadratic.Trial end, final double[][] slopes) {
        final List<Integer> edge = new ArrayList<>();
        for (int j = 0; j < task.wishes().size(); j++) {
            final PropertyConstraint wish = task.wishes().get(j);
            final double value = end.values()[j];
            final double near = 1e-3 * wish.quality().step();
            if (value <= wish.low() + near || value >= wish.high() - near) {
                edge.add(j);
            }
        }
        return new Reasons(task, end, slopes, edge);
    }

    private double[] push() {
        final double[] start = task.start();
        if (edge.isEmpty()) {
            return new double[0];
        }
        final RealMatrix a = new Array2DRowRealMatrix(start.length, edge.size());
        final ArrayRealVector b = new ArrayRealVector(start.length);
        for (int i = 0; i < start.length; i++) {
            final double s = task.scale(i);
            b.setEntry(i, (end.grams()[i] - start[i]) / s);
            for (int k = 0; k < edge.size(); k++) {
                a.setEntry(
                        i,
                        k,
                        slopes[edge.get(k)][i]
                                * s
                                / task.wishes().get(edge.get(k)).quality().step());
            }
        }
        return new SingularValueDecomposition(a).getSolver().solve(b).toArray();
    }

    /**
     * @param line its place among lines and levers
     * @param moved by how much
     */
    Sentence why(final int line, final double moved) {
        int best = -1;
        double most = 0;
        for (int k = 0; k < edge.size(); k++) {
            final double part =
                    push[k]
                            * slopes[edge.get(k)][line]
                            / task.wishes().get(edge.get(k)).quality().step()
                            * Math.signum(moved);
            if (part > most) {
                most = part;
                best = edge.get(k);
            }
        }
        if (best < 0) {
            return Sentence.of("moves along so that the rest can be met");
        }
        final PropertyConstraint wish = task.wishes().get(best);
        final double from = task.values(task.start())[best];
        final double effect = slopes[best][line] * moved;
        final double to = end.values()[best];
        // A gram that works against the way things went is there to hold a band.
        if (effect * (to - from) < 0 && Math.abs(to - from) > 0.4 * wish.quality().step()) {
            return Sentence.of(
                            "keeps "
                                    + wish.quality().words()
                                    + (effect < 0
                                            ? " from rising above {to}"
                                            : " from falling below {to}"))
                    .with("to", to, wish.quality().unit());
        }
        final String verb = effect > 0 ? "raises " : "lowers ";
        final Unit unit = wish.quality().unit();
        final Sentence whole =
                Sentence.of(verb + wish.quality().words() + "; {from} becomes {to}")
                        .with("from", from, unit)
                        .with("to", end.values()[best], unit);
        // An effect nobody would notice by itself is not put into a number.
        return Math.abs(effect) < 0.4 * wish.quality().step()
                ? whole
                : Sentence.of(
                                verb
                                        + wish.quality().words()
                                        + " by about {effect}; {from} becomes {to}")
                        .with("effect", Math.abs(effect), unit)
                        .with("from", from, unit)
                        .with("to", end.values()[best], unit);
    }
}
