package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.filling.FillingProperties;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.RecipeLine;

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
 * @param met whether every wish is met
 * @param clashes wishes that cannot all be met together, empty where all are met
 * @param change Σ((m − m₀)/s)², 0 where nothing moved
 */
public record Balance(
        List<Double> grams,
        List<Operation> operations,
        FillingProperties before,
        FillingProperties after,
        List<Move> moves,
        List<Turn> turns,
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
     * An operation that changes.
     *
     * @param lever what of it
     * @param from where it stood, in the unit it is said in
     * @param to where it stands afterwards
     * @param why what that does
     */
    public record Turn(Lever lever, double from, double to, Sentence why) {}

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
        final FillingProperties after = task.properties(end.grams());
        final Reasons reasons = Reasons.of(task, end, solver.slopes(end.grams(), end.values()));
        return new Balance(
                Arrays.stream(end.grams()).limit(task.grams().size()).boxed().toList(),
                task.written(end.grams(), after.cooked()),
                before,
                after,
                moves(task, end, reasons),
                turns(task, end, reasons, before.cooked(), after.cooked()),
                met,
                met ? List.of() : clashes(task, end),
                end.change());
    }

    /** By how much wishes are missed, in noticeable steps; 0 where all are met. */
    double missed(final List<PropertyConstraint> wishes) {
        return wishes.stream().mapToDouble(wish -> wish.outBy(after.value(wish.quality()))).sum();
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

    private static List<Move> moves(
            final BalanceTask task, final SequentialQuadratic.Point end, final Reasons reasons) {
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
            final SequentialQuadratic.Point end,
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
