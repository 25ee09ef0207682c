package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.FillingProperties;
import palintone.core.filling.pot.RecipeLine;

/**
 * The smallest change of a recipe that makes it what it ought to be, every gram explained; or which
 * wishes clash and by how much.
 *
 * @param grams of every line afterwards
 * @param before the recipe as it was
 * @param after the recipe as it would be
 * @param moves every line that changes, with its reason
 * @param met whether every wish is met
 * @param clashes wishes that cannot all be met together, empty where all are met
 * @param change Σ((m − m₀)/s)², 0 where nothing moved
 */
public record Balance(
        List<Double> grams,
        FillingProperties before,
        FillingProperties after,
        List<Move> moves,
        boolean met,
        List<Clash> clashes,
        double change) {

    public static final Source SOURCE =
            Source.definition(
                    "smallest sum of squared relative changes that meets the wishes, sequential"
                            + " quadratic programming");

    /** What counts as met: within a millionth of a noticeable step. */
    static final double TOLERANCE = 1e-6;

    private static final double WORTH_SAYING = 0.002;

    /**
     * One line that changes.
     *
     * @param line its place in the recipe
     * @param ingredient its name
     * @param fromG before
     * @param toG after
     * @param why what it does
     */
    public record Move(int line, String ingredient, double fromG, double toG, Sentence why) {}

    /**
     * A wish that stands against others.
     *
     * @param wish which
     * @param reached the nearest it comes while the others are heeded too, in the unit of its
     *     quality
     * @param curesAll true where all others can be met without this one
     */
    public record Clash(PropertyConstraint wish, double reached, boolean curesAll) {}

    /**
     * @throws palintone.core.figure.OutOfRangeException when the recipe cannot be cooked as it
     *     stands
     */
    public static Balance solve(final BalanceTask task) {
        final FillingProperties before = task.properties(task.start());
        final SequentialQuadratic solver = new SequentialQuadratic(task);
        final SequentialQuadratic.Point end = solver.solve();
        final boolean met = end.missed() <= TOLERANCE * task.wishes().size();
        return new Balance(
                Arrays.stream(end.grams()).boxed().toList(),
                before,
                task.properties(end.grams()),
                moves(task, end, solver.slopes(end.grams(), end.values())),
                met,
                met ? List.of() : clashes(task, end),
                end.change());
    }

    private static List<Clash> clashes(
            final BalanceTask task, final SequentialQuadratic.Point end) {
        final List<Clash> clashes = new ArrayList<>();
        for (int j = 0; j < task.wishes().size(); j++) {
            final PropertyConstraint wish = task.wishes().get(j);
            final boolean missedItself = wish.outBy(end.values()[j]) > TOLERANCE;
            final boolean cures =
                    task.wishes().size() > 1
                            && new SequentialQuadratic(task.without(j)).solve().missed()
                                    <= TOLERANCE * task.wishes().size();
            if (missedItself || cures) {
                clashes.add(new Clash(wish, end.values()[j], cures));
            }
        }
        return clashes;
    }

    /**
     * At the end the pull back of every change equals the push of the wishes that are at their
     * edge: least squares give the push of each, and the largest push names the reason.
     */
    private static List<Move> moves(
            final BalanceTask task, final SequentialQuadratic.Point end, final double[][] slopes) {
        final double[] start = task.start();
        final int n = start.length;
        final List<Integer> edge = new ArrayList<>();
        for (int j = 0; j < task.wishes().size(); j++) {
            final PropertyConstraint wish = task.wishes().get(j);
            final double value = end.values()[j];
            final double near = 1e-3 * wish.quality().step();
            if (value <= wish.low() + near || value >= wish.high() - near) {
                edge.add(j);
            }
        }
        final double[] push = push(task, end, slopes, edge);
        final List<Move> moves = new ArrayList<>();
        final List<RecipeLine> lines =
                task.operations().stream().flatMap(op -> op.lines().stream()).toList();
        for (int i = 0; i < n; i++) {
            final double moved = end.grams()[i] - start[i];
            if (Math.abs(moved) < Math.max(0.05, WORTH_SAYING * task.scale(i))) {
                continue;
            }
            moves.add(
                    new Move(
                            i,
                            lines.get(i).ingredient().name(),
                            start[i],
                            end.grams()[i],
                            why(task, end, slopes, edge, push, i, moved)));
        }
        return moves;
    }

    private static double[] push(
            final BalanceTask task,
            final SequentialQuadratic.Point end,
            final double[][] slopes,
            final List<Integer> edge) {
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

    private static Sentence why(
            final BalanceTask task,
            final SequentialQuadratic.Point end,
            final double[][] slopes,
            final List<Integer> edge,
            final double[] push,
            final int line,
            final double moved) {
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
