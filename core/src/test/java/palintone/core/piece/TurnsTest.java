package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Figure;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.heat.RoomAir;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.temper.method.TemperingMethod;

/** A batch of more moulds than there are, cast in turns. */
class TurnsTest {

    private static final BatchHabits HABITS = new BatchHabits(2, 0.25, 0.1);

    private static MouldedPiece piece(final int owned) {
        return new MouldedPiece(
                "p",
                "P",
                new Mould("half-28", "Half spheres", new HalfSphere(28), 10, owned),
                Samples.dark(),
                1.6,
                2,
                List.of(new FillingLayer(Samples.ganache(), 1)),
                Optional.empty());
    }

    private static Materials needs(final int owned, final int pieces) {
        return piece(owned).materials(BatchSize.ofPieces(pieces, 10), HABITS);
    }

    private static List<Task> tasks(final Materials needs) {
        return needs.piece().process(needs, Samples.workplace(needs)).tasks();
    }

    /** As many as the house has, each time; the last what is left. Nothing is lost between them. */
    @Property(tries = 60)
    void theTurnsMakeTheBatch(
            @ForAll @IntRange(min = 1, max = 5) final int owned,
            @ForAll @IntRange(min = 1, max = 300) final int pieces) {
        final Materials needs = needs(owned, pieces);
        final int moulds = (pieces + 9) / 10;
        if (moulds <= owned || moulds > owned * Turns.MOST) {
            assertThat(needs.turns()).isEmpty();
            return;
        }
        assertThat(needs.turns()).hasSize((moulds + owned - 1) / owned);
        assertThat(needs.turns()).allMatch(turn -> turn.size().moulds() <= owned);
        assertThat(needs.turns().stream().mapToInt(turn -> turn.size().pieces()).sum())
                .isEqualTo(pieces);
        assertThat(needs.toMelt().value())
                .isEqualTo(
                        needs.turns().stream()
                                .mapToDouble(turn -> turn.toMelt().value())
                                .max()
                                .orElseThrow());
        assertThat(needs.toMelt().value() + needs.topUps().orElseThrow().value())
                .isCloseTo(
                        needs.kept().stream().mapToDouble(Figure::value).sum()
                                + needs.comesBack().value(),
                        within(1e-6));
        // Once melted for all of it, the bowl would have to be larger.
        assertThat(needs.toMelt().value()).isLessThan(needs(500, pieces).toMelt().value());
    }

    @Test
    void everyTurnIsMadeReadyCastAndTurnedOutAfterTheOneBefore() {
        final Materials needs = needs(2, 50);
        final List<Task> tasks =
                needs.piece()
                        .process(
                                needs,
                                Samples.workplace(
                                        needs,
                                        TemperingMethod.SEED_THIRD,
                                        new RoomAir(20, 52),
                                        12,
                                        Workplace.Fillings.MADE_WITH_IT))
                        .tasks();
        final Map<TaskKind, Long> many =
                tasks.stream().collect(Collectors.groupingBy(Task::kind, Collectors.counting()));
        for (final TaskKind kind :
                List.of(
                        TaskKind.MOULD,
                        TaskKind.MELT,
                        TaskKind.CAST,
                        TaskKind.DRAIN,
                        TaskKind.FILL,
                        TaskKind.CAP,
                        TaskKind.DEMOULD)) {
            assertThat(many.get(kind)).as(kind.words()).isEqualTo(3);
        }
        assertThat(many.get(TaskKind.WEIGH)).isEqualTo(1);
        // What is in the bowl already is not weighed in again.
        assertThat(
                        tasks.stream()
                                .filter(t -> t.kind() == TaskKind.MELT)
                                .map(t -> t.say().template().contains("chopped couverture")))
                .containsExactly(true, false, false);
        // The filling is made once, before all of them.
        assertThat(tasks.get(0).kind()).isEqualTo(TaskKind.WEIGH_OUT);
        assertThat(tasks.get(0).say().values().get("make").value())
                .isCloseTo(needs.fillings().get(0).toMake().value(), within(1e-9));
        final List<Task> moulds = tasks.stream().filter(t -> t.kind() == TaskKind.MOULD).toList();
        assertThat(moulds)
                .extracting(Task::part)
                .containsExactly(
                        "Moulds, turn 1 of 3", "Moulds, turn 2 of 3", "Moulds, turn 3 of 3");
        assertThat(moulds)
                .extracting(t -> t.say().values().get("moulds").value())
                .containsExactly(2.0, 2.0, 1.0);
        for (final Task task : tasks) {
            if (task.part().contains("turn 2") && task.after().isEmpty()) {
                throw new AssertionError(task.title() + " could begin before its moulds are free");
            }
        }
        final int out =
                tasks.stream()
                        .filter(t -> t.kind() == TaskKind.DEMOULD)
                        .findFirst()
                        .orElseThrow()
                        .number();
        assertThat(moulds.get(1).after()).extracting(After::task).allMatch(before -> before >= out);
    }

    /** What is in the bowl, what goes in and what goes out, by hand: full again for every turn. */
    @Test
    void theBowlIsAsFullAgainForEveryTurn() {
        final Materials needs = needs(2, 50);
        double bowlG = needs.toMelt().value();
        int turns = 0;
        for (final Task task : tasks(needs)) {
            bowlG += task.amount(Amount.ADDS).orElse(0) - task.amount(Amount.TAKES).orElse(0);
            if (task.kind() == TaskKind.SEED && turns++ > 0) {
                bowlG += task.amount(Amount.SEED).orElseThrow();
            }
            if (task.kind() == TaskKind.TEST) {
                assertThat(bowlG).isCloseTo(needs.toMelt().value(), within(0.5));
            }
        }
        assertThat(turns).isEqualTo(3);
        assertThat(bowlG).isCloseTo(needs.comesBack().value(), within(0.5));
    }

    /** Caps of another couverture: every turn melts its own bowl, and all of them are fetched. */
    @Test
    void theBowlOfTheCapsIsThatOfOneTurn() {
        final MouldedPiece capped =
                new MouldedPiece(
                        "p",
                        "P",
                        piece(2).mould(),
                        Samples.dark(),
                        Optional.of(DecorationTest.MILK),
                        1.6,
                        2,
                        List.of(new FillingLayer(Samples.ganache(), 1)),
                        Decoration.NONE);
        final Materials needs = capped.materials(BatchSize.ofPieces(50, 10), HABITS);
        final double bowlG = needs.second().orElseThrow().toMelt().value();
        assertThat(tasks(needs).stream().filter(t -> t.kind() == TaskKind.CAP_BOWL))
                .extracting(t -> t.say().values().get("melt").value())
                .startsWith(bowlG, bowlG)
                .hasSize(3);
        assertThat(
                        needs.toFetch().stream()
                                .filter(
                                        p ->
                                                p.ingredient()
                                                        .equals(DecorationTest.MILK.ingredient()))
                                .mapToDouble(palintone.core.substance.Portion::massG)
                                .sum())
                .isCloseTo(bowlG + 40 * capped.masses().cap().value(), within(1e-6));
    }

    /** A bowl that stood in temper for the first turn is topped up and tempered for the next. */
    @Test
    void aBowlInTemperIsThatOfTheFirstTurnOnly() {
        final Materials needs = needs(2, 50);
        final Workplace made = Samples.workplace(needs);
        final Workplace inTemper =
                new Workplace(
                        made.tempering(),
                        made.room(),
                        made.cabinetC(),
                        made.heat(),
                        made.fillings(),
                        Workplace.BowlIs.IN_TEMPER,
                        made.dark(),
                        made.casting(),
                        made.dipping(),
                        made.bowls());
        final List<Task> tasks = needs.piece().process(needs, inTemper).tasks();
        assertThat(tasks.stream().filter(t -> t.kind() == TaskKind.MELT)).hasSize(2);
        assertThat(tasks.stream().filter(t -> t.title().equals("Top up the bowl"))).hasSize(2);
        assertThat(tasks.stream().filter(t -> t.kind() == TaskKind.TEST)).hasSize(3);
    }

    /**
     * Hours lie between two turns: what must be kept cold is sent back there, what need not is not.
     */
    @Test
    void aColdFillingGoesBackIntoTheColdBetweenTheTurns() {
        final boolean cold = needs(2, 50).fillings().get(0).figures().life().keepCold();
        for (final Task task : tasks(needs(2, 50))) {
            if (task.title().equals("Top up the bowl")) {
                assertThat(task.say().template().contains("back into the cold")).isEqualTo(cold);
                assertThat(task.caution().isPresent()).isEqualTo(cold);
            }
        }
        final MouldedPiece paste =
                new MouldedPiece(
                        "p",
                        "P",
                        piece(2).mould(),
                        Samples.dark(),
                        1.6,
                        2,
                        List.of(
                                new FillingLayer(
                                        Filling.stirred(
                                                "paste",
                                                "Paste",
                                                List.of(Kitchen.grams(Kitchen.NUT_PASTE, 200))),
                                        1)),
                        Optional.empty());
        assertThat(cold).isTrue();
        assertThat(tasks(paste.materials(BatchSize.ofPieces(50, 10), HABITS)))
                .noneMatch(t -> t.say().template().contains("back into the cold"));
    }

    /**
     * Nuts stirred into a bowl stay in what is left of it: it is not topped up for another turn.
     */
    @Test
    void aBowlWithNutsInItIsNotCastInTurns() {
        for (final Inclusion.Placing placing :
                List.of(Inclusion.Placing.STIRRED_IN, Inclusion.Placing.ON_THE_BACK)) {
            final SolidPiece bar =
                    new SolidPiece(
                            "b",
                            "B",
                            piece(2).mould(),
                            Samples.dark(),
                            List.of(new Inclusion(Samples.GLUCOSE_SYRUP, 0.3, placing)),
                            Optional.empty(),
                            Optional.empty());
            assertThat(bar.materials(BatchSize.ofPieces(50, 10), HABITS).turns().isEmpty())
                    .isEqualTo(placing == Inclusion.Placing.STIRRED_IN);
        }
    }

    @Test
    void enoughMouldsAreOneTurn() {
        assertThat(tasks(needs(5, 50))).noneMatch(t -> t.part().contains("turn"));
        assertThat(needs(5, 50).topUps()).isEmpty();
    }

    /** A colour is melted once for all turns, and only brought back in the later ones. */
    @Test
    void aColourIsMeltedInTheFirstTurnForAllOfThem() {
        final MouldedPiece plain = piece(2);
        final MouldedPiece coloured =
                new MouldedPiece(
                        plain.id(),
                        plain.name(),
                        plain.mould(),
                        plain.couverture(),
                        plain.shellMm(),
                        2,
                        plain.layers(),
                        Optional.of(new ColourCoat("plum", 0.05)));
        final Materials needs = coloured.materials(BatchSize.ofPieces(50, 10), HABITS);
        final List<Task> ready =
                coloured.process(needs, Samples.workplace(needs)).tasks().stream()
                        .filter(task -> task.kind() == TaskKind.COLOUR_READY)
                        .toList();
        assertThat(ready).hasSize(needs.turns().size());
        assertThat(ready.get(0).say().values().get("colour").value())
                .isEqualTo(needs.coloursToFetch().get(0).value());
        assertThat(ready.subList(1, ready.size()))
                .allMatch(task -> task.say().template().startsWith("Warm plum cocoa butter again"));
    }
}
