package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.FillingProperties;

/**
 * The smallest change of a recipe that makes it what it ought to be, every gram explained; or which
 * wishes clash and by how much.
 *
 * @param grams of every line afterwards
 * @param operations as they are done afterwards; their lines still say what they said
 * @param before the recipe as it was
 * @param after the recipe as it would be
 * @param moves every line that changes, with its reason
 * @param turns everything else that changes
 * @param outcome how far the wishes are met
 * @param missed wishes that are not met, and those that stand in their way; empty where all are met
 * @param change Σ((m − m₀)/s)², 0 where nothing moved
 */
public record Balance(
        List<Double> grams,
        List<Operation> operations,
        FillingProperties before,
        FillingProperties after,
        List<Move> moves,
        List<Turn> turns,
        Outcome outcome,
        List<Missed> missed,
        double change) {

    public static final Source SOURCE =
            Source.definition(
                    "smallest sum of squared relative changes that meets the wishes, sequential"
                            + " quadratic programming");

    /** What counts as met: within a millionth of a noticeable step. */
    static final double TOLERANCE = 1e-6;

    private static final double WORTH_SAYING = 0.002;

    /** Missed by less, in noticeable steps, nobody at a bench tells it from met. */
    private static final double UNNOTICED = 0.5;

    /** How far the wishes are met. */
    public enum Outcome {
        MET,
        /** Nobody would notice what is missing. */
        AS_GOOD_AS_MET,
        /** A wish is out of reach though it were the only one: this is the nearest. */
        NEAREST,
        /** Each could be met by itself, not all of them together. */
        CLASH
    }

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
     * An operation that changes.
     *
     * @param lever what of it
     * @param from where it stood, in the unit it is said in
     * @param to where it stands afterwards
     * @param why what that does
     */
    public record Turn(Lever lever, double from, double to, Sentence why) {}

    /**
     * A wish that is not met, or that keeps others from it.
     *
     * @param wish which
     * @param reached the nearest it comes while the others are heeded too, in the unit of its
     *     quality
     * @param curesAll true where all others can be met without this one
     * @param alone whether it could be met if it were the only one
     */
    public record Missed(
            PropertyConstraint wish, double reached, boolean curesAll, boolean alone) {}

    /** Whether every wish is met. */
    public boolean met() {
        return outcome == Outcome.MET;
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when the recipe cannot be cooked as it
     *     stands
     */
    public static Balance solve(final BalanceTask task) {
        return solve(task, true);
    }

    /** Without what stands against what, which costs a balance for every wish. */
    static Balance sketch(final BalanceTask task) {
        return solve(task, false);
    }

    private static Balance solve(final BalanceTask task, final boolean explained) {
        final FillingProperties before = task.properties(task.start());
        final SequentialQuadratic solver = new SequentialQuadratic(task);
        final SequentialQuadratic.Trial end = solver.solve();
        final boolean met = isMet(task, end);
        final List<Missed> missed = met || !explained ? List.of() : missed(task, end);
        final FillingProperties after = task.properties(end.grams());
        final Reasons reasons = Reasons.of(task, end, solver.slopes(end.grams(), end.values()));
        return new Balance(
                Arrays.stream(end.grams()).limit(task.grams().size()).boxed().toList(),
                task.written(end.grams(), after.cooked()),
                before,
                after,
                moves(task, end, reasons),
                turns(task, end, reasons, before.cooked(), after.cooked()),
                met ? Outcome.MET : outcome(missed, end, task),
                missed,
                end.change());
    }

    /** By how much wishes are missed, in noticeable steps; 0 where all are met. */
    double missed(final List<PropertyConstraint> wishes) {
        return wishes.stream().mapToDouble(wish -> wish.outBy(after.value(wish.quality()))).sum();
    }

    private static boolean isMet(final BalanceTask task, final SequentialQuadratic.Trial end) {
        return end.missed() <= TOLERANCE * task.wishes().size();
    }

    private static boolean canBeMet(final BalanceTask task) {
        return isMet(task, new SequentialQuadratic(task).solve());
    }

    private static List<Missed> missed(
            final BalanceTask task, final SequentialQuadratic.Trial end) {
        final List<Missed> missed = new ArrayList<>();
        for (int j = 0; j < task.wishes().size(); j++) {
            final PropertyConstraint wish = task.wishes().get(j);
            final boolean itself = wish.outBy(end.values()[j]) > TOLERANCE;
            final boolean only = task.wishes().size() == 1;
            final boolean cures = !only && canBeMet(task.without(j));
            if (itself || cures) {
                missed.add(
                        new Missed(
                                wish,
                                end.values()[j],
                                cures,
                                !itself || !only && canBeMet(task.alone(wish))));
            }
        }
        return missed;
    }

    private static Outcome outcome(
            final List<Missed> missed,
            final SequentialQuadratic.Trial end,
            final BalanceTask task) {
        double most = 0;
        for (int j = 0; j < task.wishes().size(); j++) {
            most = Math.max(most, task.wishes().get(j).outBy(end.values()[j]));
        }
        if (most < UNNOTICED) {
            return Outcome.AS_GOOD_AS_MET;
        }
        return missed.stream().allMatch(Missed::alone) ? Outcome.CLASH : Outcome.NEAREST;
    }

    private static List<Move> moves(
            final BalanceTask task, final SequentialQuadratic.Trial end, final Reasons reasons) {
        final double[] start = task.start();
        final List<Move> moves = new ArrayList<>();
        final List<RecipeLine> lines =
                task.operations().stream().flatMap(op -> op.lines().stream()).toList();
        for (int i = 0; i < lines.size(); i++) {
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
                            reasons.why(i, moved)));
        }
        return moves;
    }

    private static List<Turn> turns(
            final BalanceTask task,
            final SequentialQuadratic.Trial end,
            final Reasons reasons,
            final Cooked before,
            final Cooked after) {
        final List<Turn> turns = new ArrayList<>();
        for (int k = 0; k < task.levers().size(); k++) {
            final int place = task.grams().size() + k;
            final double to = end.grams()[place];
            final double moved = to - task.start()[place];
            if (Math.abs(moved) > WORTH_SAYING * task.scale(place)) {
                final Lever lever = task.levers().get(k);
                turns.add(
                        new Turn(
                                lever,
                                lever.said(lever.start(), before),
                                lever.said(to, after),
                                reasons.why(place, moved)));
            }
        }
        return turns;
    }
}
