package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.process.Amount;
import palintone.core.process.Cautions;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.method.TemperTasks;

/**
 * A batch that wants more moulds than the house has is cast in turns: as many as there are, turned
 * out, made ready, cast again. The bowl is melted for one turn and topped up for the next.
 */
final class Turns {

    /** More than so many are batches of their own: nobody follows them on one list. Ours. */
    static final int MOST = 12;

    private static final Source PRACTICE =
            Source.practice("moulds are turned out before they are cast again");

    private Turns() {}

    /** One size for each turn; one alone where there are moulds enough, or far too few. */
    static List<BatchSize> of(final CastPiece piece, final BatchSize size) {
        final int owned = piece.mould().owned();
        final int moulds = size.moulds();
        if (!piece.inTurns() || moulds <= owned || moulds > owned * MOST) {
            return List.of(size);
        }
        final int full = owned * size.cavitiesPerMould();
        final List<BatchSize> turns = new ArrayList<>();
        for (int left = size.pieces(); left > 0; left -= full) {
            turns.add(BatchSize.ofPieces(Math.min(full, left), size.cavitiesPerMould()));
        }
        return List.copyOf(turns);
    }

    /**
     * What a batch needs, its turns by themselves where there are several.
     *
     * @param one what one casting of so many needs
     */
    static Materials materials(
            final CastPiece piece, final BatchSize size, final Function<BatchSize, Materials> one) {
        final List<BatchSize> turns = of(piece, size);
        final Materials whole = one.apply(size);
        return turns.size() == 1 ? whole : whole.in(turns.stream().map(one).toList());
    }

    /**
     * Writes every turn, each after the one before has been turned out.
     *
     * @param one writes the tasks of one turn, of what it needs
     */
    static void lay(
            final ProcessDraft draft,
            final Materials needs,
            final Workplace place,
            final Consumer<Materials> one) {
        if (needs.turns().isEmpty()) {
            one.accept(needs);
            return;
        }
        final int many = needs.turns().size();
        for (int i = 0; i < many; i++) {
            draft.turn(i + 1, many);
            if (i > 0) {
                draft.notBefore(draft.last());
                topUp(draft, needs, needs.turns().get(i - 1), place.temper());
            }
            one.accept(needs.turns().get(i));
        }
        draft.turn(1, 1);
    }

    /** The bowl as full as it was: fresh couverture, or some laid aside where it is the seed. */
    private static void topUp(
            final ProcessDraft draft,
            final Materials needs,
            final Materials before,
            final TemperCurve curve) {
        final double bowlG = needs.toMelt().value();
        final double leftG = bowlG - before.keptOfBowlG();
        final double meltedG = bowlG - seedG(curve);
        final double moreG = meltedG - leftG;
        final ProcessDraft.TaskDraft task = draft.task(TaskKind.WEIGH_OUT).title("Top up the bowl");
        final Sentence say;
        if (moreG >= 0) {
            say =
                    Sentence.of(
                                    "The bowl still holds {left}: put {more} of fresh couverture to it."
                                            + " It is melted and tempered again for this turn.")
                            .with("left", leftG, Unit.GRAM)
                            .with("more", moreG, Unit.GRAM);
            task.amount(Amount.ADDS, moreG);
        } else {
            say =
                    Sentence.of(
                                    "The bowl still holds {left}: take {aside} out, let it set and"
                                            + " chop it, it is seed for this turn. The rest is melted"
                                            + " and tempered again.")
                            .with("left", leftG, Unit.GRAM)
                            .with("aside", -moreG, Unit.GRAM);
            task.amount(Amount.TAKES, -moreG);
        }
        // Hours go by until the next moulds are filled.
        final boolean cold =
                needs.fillings().stream().anyMatch(need -> need.figures().life().keepCold());
        task.say(
                        cold
                                ? say.and(
                                        Sentence.of(
                                                "What is left of the filling goes back into the cold"
                                                        + " until these moulds are filled."))
                                : say)
                .caution(cold ? Cautions.COLD_FILLING : "");
        draft.notBefore(task.occupies(Occupies.BOWL).source(PRACTICE).done());
    }

    /** What the curve stirs in by itself, g: by its own tasks. */
    private static double seedG(final TemperCurve curve) {
        final ProcessDraft asked = new ProcessDraft();
        TemperTasks.lay(asked, curve);
        return asked.done().tasks().stream()
                .map((Task task) -> task.amount(Amount.SEED))
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .sum();
    }
}
