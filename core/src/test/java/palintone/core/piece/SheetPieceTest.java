package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Figure;
import palintone.core.heat.RoomAir;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.substance.Portion;
import palintone.core.temper.Couverture;

/** Plates and rounds out of a thin sheet. */
class SheetPieceTest {

    private static final BatchHabits HABITS = new BatchHabits(2, 0.25, 0.1);

    private static SheetPiece piece(final double thickMm, final SheetPiece.Cut cut) {
        return new SheetPiece(
                "plates",
                "Plates",
                Samples.dark(),
                thickMm,
                400,
                300,
                Optional.empty(),
                cut,
                List.of(new Inclusion(Samples.GLUCOSE_SYRUP, 0.1, Inclusion.Placing.ON_THE_BACK)),
                Decoration.NONE);
    }

    /** By hand: 400 × 300 holds 10 × 6 plates of 60 × 30 in rows, and turned ones beside them. */
    @Test
    void aSheetGivesItsPlatesAndTheRestComesBack() {
        final SheetPiece plates = piece(0.8, new SheetPiece.Plate(60, 30));
        assertThat(plates.perSheet()).isBetween(60, 400 * 300 / (60 * 30));
        final Materials needs =
                plates.materials(plates.batchOf(Optional.of(2), Optional.empty()), HABITS);
        assertThat(needs.size().pieces()).isEqualTo(2 * plates.perSheet());
        final double sheets = 2 * 400 * 300 * 0.8 / 1000 * Samples.dark().castingDensityGPerMl();
        assertThat(needs.toMelt().value()).isCloseTo(sheets * 1.25, within(1e-9));
        assertThat(
                        needs.kept().stream().mapToDouble(Figure::value).sum()
                                + needs.comesBack().value())
                .isCloseTo(needs.toMelt().value(), within(1e-9));
        // What is strewn lies on the offcuts as well.
        final double strewn =
                needs.toFetch().stream()
                        .filter(p -> p.ingredient().equals(Samples.GLUCOSE_SYRUP))
                        .mapToDouble(Portion::massG)
                        .sum();
        assertThat(strewn).isCloseTo(0.1 / (60.0 * 30) * 400 * 300 * 2, within(1e-9));
    }

    /** By hand: a fifth of the volume is of the second colour, by its own density. */
    @Test
    void twoColoursComeOutOfTwoBowls() {
        final Couverture milk = DecorationTest.MILK;
        final SheetPiece one = piece(0.8, new SheetPiece.Plate(60, 30));
        final SheetPiece two = twoColours(milk, SheetPiece.Pattern.LINES);
        final double onePlateG = one.masses().couvertureG();
        assertThat(two.masses().couverture().value()).isCloseTo(0.8 * onePlateG, within(1e-9));
        assertThat(two.masses().second().orElseThrow().value())
                .isCloseTo(60 * 30 * 0.8 / 1000 * 0.2 * milk.castingDensityGPerMl(), within(1e-9));
        assertThat(two.masses().whole().value())
                .isCloseTo(
                        two.masses().parts().stream().mapToDouble(Figure::value).sum(),
                        within(1e-9));
        final Materials needs =
                two.materials(two.batchOf(Optional.of(2), Optional.empty()), HABITS);
        assertThat(needs.second().orElseThrow().toMelt().value())
                .isCloseTo(
                        Math.max(
                                50,
                                2
                                        * 400
                                        * 300
                                        * 0.8
                                        / 1000
                                        * 0.2
                                        * milk.castingDensityGPerMl()
                                        * 1.25),
                        within(1e-9));
        assertThat(needs.toMelt().value())
                .isCloseTo(needs.comesBack().value() + needs.kept().get(0).value(), within(1e-9));
        assertThat(needs.allergens()).contains(palintone.core.substance.Allergen.MILK);
        assertThat(needs.toFetch())
                .anyMatch(p -> p.ingredient().equals(milk.ingredient()) && p.massG() > 40);
        final List<Task> lines = tasks(two);
        assertThat(lines)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.TEST, TaskKind.SECOND_BOWL, TaskKind.PATTERN, TaskKind.SPREAD);
        final List<Task> marbled = tasks(twoColours(milk, SheetPiece.Pattern.MARBLED));
        assertThat(marbled)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.SECOND_BOWL, TaskKind.SPREAD, TaskKind.PATTERN, TaskKind.CUT);
    }

    /** A film lies first, waits until it is dull, and the other is spread before it comes off. */
    @Test
    void aFilmOfTheSecondColourIsSpreadFirstAndWaitedFor() {
        final SheetPiece film = layered(3, 0.3, SheetPiece.Pattern.FILM);
        final List<Task> tasks = tasks(film);
        assertThat(tasks)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.SECOND_BOWL,
                        TaskKind.PATTERN,
                        TaskKind.TEMPER_AGAIN,
                        TaskKind.WAIT,
                        TaskKind.SPREAD,
                        TaskKind.CUT);
        final Task wait = of(tasks, TaskKind.WAIT);
        assertThat(wait.say().values().get("from").value()).isBetween(2.0, 15.0);
        final Task thicker = of(tasks(layered(3, 0.6, SheetPiece.Pattern.FILM)), TaskKind.WAIT);
        assertThat(thicker.say().values().get("from").value())
                .isGreaterThan(wait.say().values().get("from").value());
        assertThat(of(tasks, TaskKind.SPREAD).after())
                .anyMatch(
                        after -> after.task() == wait.number() && after.greatestLagS().isPresent());
        final Section.Region drawn =
                film.section().regions().stream()
                        .filter(r -> r.role() == Section.Role.SECOND)
                        .findFirst()
                        .orElseThrow();
        assertThat(drawn.measure().orElseThrow().value()).isCloseTo(0.9, within(1e-9));
    }

    /**
     * Where a film never sets in the room, it is sent into the cabinet and not left for an hour.
     */
    @Test
    void aFilmThatDoesNotSetInTheRoomGoesIntoTheCabinet() {
        final SheetPiece film = layered(3, 0.3, SheetPiece.Pattern.FILM);
        final Materials needs =
                film.materials(film.batchOf(Optional.of(1), Optional.empty()), HABITS);
        final Workplace made = Samples.workplace(needs);
        final Workplace warm =
                new Workplace(
                        made.tempering(),
                        new RoomAir(31, 40),
                        made.cabinetC(),
                        made.heat(),
                        made.fillings(),
                        made.bowl(),
                        made.dark(),
                        made.casting(),
                        made.dipping(),
                        made.bowls());
        final Task wait = of(film.process(needs, warm).tasks(), TaskKind.WAIT);
        assertThat(wait.say().template()).contains("into the cabinet");
        assertThat(wait.say().values().get("from").value()).isLessThan(30);
    }

    /** Half of what is combed through goes back: twice as much is spread, as much stays. */
    @Test
    void aCombTakesHalfOfItsFilmAway() {
        final SheetPiece film = layered(3, 0.3, SheetPiece.Pattern.FILM);
        final SheetPiece combed = layered(3, 0.3, SheetPiece.Pattern.COMBED);
        assertThat(combed.masses().second().orElseThrow().value())
                .isEqualTo(film.masses().second().orElseThrow().value());
        assertThat(combed.secondSpreadG()).isCloseTo(2 * film.secondSpreadG(), within(1e-9));
        assertThatThrownBy(() -> layered(0.8, 0.1, SheetPiece.Pattern.FILM))
                .hasMessage("film of the second colour is 0.08 mm; allowed: 0.2 to 0.6 mm");
        assertThatThrownBy(() -> layered(3, 0.55, SheetPiece.Pattern.COMBED))
                .hasMessageContaining("film of the second colour");
    }

    private static SheetPiece layered(
            final double thickMm, final double share, final SheetPiece.Pattern pattern) {
        return new SheetPiece(
                "plates",
                "Plates",
                Samples.dark(),
                thickMm,
                400,
                300,
                Optional.of(new SheetPiece.Second(DecorationTest.MILK, share, pattern)),
                new SheetPiece.Plate(60, 30),
                List.of(),
                Decoration.NONE);
    }

    @Test
    void theSecondColourIsAnotherAndLessThanMostOfIt() {
        assertThatThrownBy(() -> twoColours(Samples.dark(), SheetPiece.Pattern.BESIDE))
                .hasMessageContaining("another couverture");
        assertThatThrownBy(
                        () ->
                                new SheetPiece.Second(
                                        DecorationTest.MILK, 0.9, SheetPiece.Pattern.LINES))
                .hasMessageContaining("share of the second colour");
    }

    private static SheetPiece twoColours(
            final Couverture second, final SheetPiece.Pattern pattern) {
        return new SheetPiece(
                "plates",
                "Plates",
                Samples.dark(),
                0.8,
                400,
                300,
                Optional.of(new SheetPiece.Second(second, 0.2, pattern)),
                new SheetPiece.Plate(60, 30),
                List.of(),
                Decoration.NONE);
    }

    @Property(tries = 40)
    void noMoreAreCutThanLieOnIt(
            @ForAll @DoubleRange(min = 15, max = 120) final double across,
            @ForAll @IntRange(min = 1, max = 300) final int pieces) {
        final SheetPiece rounds = piece(1, new SheetPiece.Round(across));
        assertThat(rounds.perSheet() * Math.PI * across * across / 4)
                .isLessThanOrEqualTo(400 * 300);
        final BatchSize size = rounds.batchOf(Optional.empty(), Optional.of(pieces));
        assertThat(size.moulds() * rounds.perSheet()).isGreaterThanOrEqualTo(pieces);
        assertThat((size.moulds() - 1) * rounds.perSheet()).isLessThan(pieces);
    }

    /** Common practice: couverture gives minutes, thicker ones more; flat before it is peeled. */
    @Test
    void itIsCutInItsWindowAndPeeledFlat() {
        final List<Task> tasks = tasks(piece(0.8, new SheetPiece.Plate(60, 30)));
        assertThat(tasks)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.TEST,
                        TaskKind.SPREAD,
                        TaskKind.STREW,
                        TaskKind.WAIT,
                        TaskKind.CUT,
                        TaskKind.SET,
                        TaskKind.PEEL,
                        TaskKind.WEIGH);
        final Task wait = of(tasks, TaskKind.WAIT);
        final double from = wait.say().values().get("from").value();
        final double until = wait.say().values().get("until").value();
        assertThat(from).isBetween(2.0, 12.0);
        assertThat(until - from).isBetween(1.0, 10.0);
        assertThat(of(tasks, TaskKind.CUT).after().get(0).greatestLagS()).isPresent();
        assertThat(of(tasks, TaskKind.SET).say().values().get("peels").value())
                .isGreaterThan(until);
        // What is moist on them decides; else their shine, three months.
        assertThat(of(tasks, TaskKind.PEEL).say().template()).contains("kept cold");
        final List<Task> bare = tasks(twoColours(DecorationTest.MILK, SheetPiece.Pattern.LINES));
        assertThat(of(bare, TaskKind.PEEL).say().values().get("days").value()).isEqualTo(90);
        final Task thick = of(tasks(piece(3, new SheetPiece.Plate(60, 30))), TaskKind.WAIT);
        assertThat(thick.say().values().get("from").value()).isGreaterThan(from);
    }

    /** Rounds as many as wanted, strips out of the rest: kept, not melted again, cut first. */
    @Test
    void stripsAreKeptBesideRounds() {
        final SheetPiece both =
                piece(0.8, new SheetPiece.Beside(new SheetPiece.Round(30), 24, 60, 10));
        assertThat(both.perSheet()).isEqualTo(24);
        assertThat(both.masses().couvertureG())
                .isEqualTo(piece(0.8, new SheetPiece.Round(30)).masses().couvertureG());
        final Materials needs =
                both.materials(both.batchOf(Optional.of(2), Optional.empty()), HABITS);
        final Task cut = of(tasks(both), TaskKind.CUT);
        assertThat(cut.say().template()).startsWith("The long straight cuts first");
        final double strips = cut.say().values().get("strips").value();
        final double stripG = 60 * 10 * 0.8 / 1000 * Samples.dark().castingDensityGPerMl();
        assertThat(needs.kept().get(1).value()).isCloseTo(2 * strips * stripG, within(1e-9));
        assertThat(
                        needs.kept().stream().mapToDouble(Figure::value).sum()
                                + needs.comesBack().value())
                .isCloseTo(needs.toMelt().value(), within(1e-9));
        // Strewn is the whole sheet, whatever is cut from it.
        assertThat(
                        needs.toFetch().stream()
                                .filter(p -> p.ingredient().equals(Samples.GLUCOSE_SYRUP))
                                .mapToDouble(Portion::massG)
                                .sum())
                .isCloseTo(0.1 / (Math.PI * 225) * 400 * 300 * 2, within(1e-9));
        assertThatThrownBy(() -> new SheetPiece.Beside(new SheetPiece.Plate(60, 30), 4, 60, 10))
                .hasMessageContaining("beside rounds or rings");
        assertThatThrownBy(
                        () ->
                                piece(
                                        0.8,
                                        new SheetPiece.Beside(
                                                new SheetPiece.Round(30), 900, 60, 10)))
                .hasMessageContaining("rounds wanted is 900");
    }

    /** A ring weighs a round less the round taken out, and its hole is punched first. */
    @Test
    void aRingIsARoundLessARound() {
        final double round = piece(1, new SheetPiece.Round(50)).masses().couvertureG();
        final double hole = piece(1, new SheetPiece.Round(30)).masses().couvertureG();
        final SheetPiece ring = piece(1, new SheetPiece.Ring(50, 30));
        assertThat(ring.masses().couvertureG()).isCloseTo(round - hole, within(1e-9));
        assertThat(of(tasks(ring), TaskKind.CUT).say().template()).startsWith("Punch {each} holes");
        assertThatThrownBy(() -> new SheetPiece.Ring(50, 48))
                .hasMessage("hole of a ring is 48 mm; allowed: 5 to 46 mm");
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        assertThatThrownBy(() -> piece(0.1, new SheetPiece.Round(30)))
                .hasMessage("thickness of the sheet is 0.1 mm; allowed: 0.2 to 6 mm");
        assertThatThrownBy(() -> piece(1, new SheetPiece.Plate(450, 350)))
                .hasMessageContaining("length of a piece");
        assertThatThrownBy(
                        () ->
                                piece(1, new SheetPiece.Round(30))
                                        .batchOf(Optional.empty(), Optional.empty()))
                .hasMessageContaining("sheets or pieces");
        assertThat(piece(0.5, new SheetPiece.Round(30)).remarks())
                .anyMatch(r -> r.template().contains("curls"));
    }

    private static List<Task> tasks(final SheetPiece piece) {
        final Materials needs =
                piece.materials(piece.batchOf(Optional.of(1), Optional.empty()), HABITS);
        return piece.process(needs, Samples.workplace(needs)).tasks();
    }

    private static Task of(final List<Task> tasks, final TaskKind kind) {
        return tasks.stream().filter(t -> t.kind() == kind).findFirst().orElseThrow();
    }

    /**
     * Ring and what comes out of it are the round they were cut from; no layout passes its bound.
     */
    @Test
    void whatComesOutOfARingIsARoundOfItsHole() {
        final SheetPiece ring = piece(1, new SheetPiece.Ring(50, 30));
        final SheetPiece whole = piece(1, new SheetPiece.Round(50));
        final var said =
                ring.remarks().stream()
                        .filter(r -> r.values().containsKey("inner"))
                        .findFirst()
                        .orElseThrow();
        assertThat(said.values().get("each").value() + ring.masses().whole().value())
                .isCloseTo(whole.masses().whole().value(), within(1e-6));
        assertThat(said.values().get("many").value()).isEqualTo(ring.perSheet());
        final double bound =
                ring.qualities(20).get(0).basis().inputs().stream()
                        .filter(i -> i.name().equals("no layout gives more than"))
                        .findFirst()
                        .orElseThrow()
                        .value();
        assertThat((double) ring.perSheet()).isLessThanOrEqualTo(bound);
        // By area alone, packed as close as circles can be, and an edge all round.
        assertThat(bound).isLessThan(0.9069 * 450 * 350 / (Math.PI * 25 * 25));
    }
}
