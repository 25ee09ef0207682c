package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Figure;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/** Two filled and capped halves that become one piece. */
class FilledHalvesTest {

    private static final BatchHabits HABITS = new BatchHabits(2, 0.25, 0.1);

    private static MouldedPiece piece(final Optional<HollowFigure.Joining> joined) {
        return new MouldedPiece(
                "egg",
                "Egg",
                Samples.HALF_SPHERES,
                Samples.dark(),
                Optional.empty(),
                1.6,
                2,
                List.of(
                        new FillingLayer(
                                Samples.ganache(),
                                new LayerAmount.Rest(),
                                List.of(
                                        new Inclusion(
                                                Samples.GLUCOSE_SYRUP,
                                                0.5,
                                                Inclusion.Placing.SET_IN)))),
                Decoration.NONE,
                joined);
    }

    private static final MouldedPiece HALF = piece(Optional.empty());
    private static final MouldedPiece PLATE = piece(Optional.of(HollowFigure.Joining.WARM_PLATE));
    private static final MouldedPiece SEAM = piece(Optional.of(HollowFigure.Joining.CHOCOLATE));

    private static Materials needs(final MouldedPiece piece) {
        return piece.materials(piece.batchOf(Optional.of(2), Optional.empty()), HABITS);
    }

    @Test
    void aPieceOfTwoHalvesIsTwiceOneHalf() {
        assertThat(PLATE.atOnce()).isEqualTo(HALF.atOnce() / 2);
        assertThat(PLATE.masses().whole().value())
                .isCloseTo(2 * HALF.masses().whole().value(), within(1e-9));
        final double seamG = SEAM.masses().seam().orElseThrow().value();
        assertThat(SEAM.masses().whole().value())
                .isCloseTo(2 * HALF.masses().whole().value() + seamG, within(1e-9));
        for (final MouldedPiece piece : List.of(HALF, PLATE, SEAM)) {
            assertThat(piece.masses().parts().stream().mapToDouble(Figure::value).sum())
                    .isCloseTo(piece.masses().whole().value(), within(1e-9));
        }
    }

    @Test
    void itIsDrawnWhole() {
        assertThat(SEAM.section().twice()).isTrue();
        assertThat(SEAM.section().coarse(0.5).twice()).isTrue();
        assertThat(HALF.section().twice()).isFalse();
        assertThat(SEAM.section().regions())
                .extracting(Section.Region::outline)
                .isEqualTo(HALF.section().regions().stream().map(Section.Region::outline).toList());
    }

    /** The same moulds hold as much, whether their pieces are joined afterwards or not. */
    @Test
    void theSameMouldsNeedTheSame() {
        final Materials halves = needs(HALF);
        final Materials joined = needs(PLATE);
        assertThat(joined.size().pieces() * 2).isEqualTo(halves.size().pieces());
        assertThat(joined.toMelt().value()).isCloseTo(halves.toMelt().value(), within(1e-6));
        assertThat(joined.fillings().get(0).toMake().value())
                .isCloseTo(halves.fillings().get(0).toMake().value(), within(1e-6));
        assertThat(joined.inclusions().get(0).toWeigh().value())
                .isCloseTo(halves.inclusions().get(0).toWeigh().value(), within(1e-9));
        final Materials seam = needs(SEAM);
        assertThat(seam.kept().stream().mapToDouble(Figure::value).sum() + seam.comesBack().value())
                .isCloseTo(seam.toMelt().value(), within(1e-6));
    }

    @Test
    void theyAreFilledByTheHalfAndJoinedOnceOutOfTheMould() {
        final Materials needs = needs(SEAM);
        final List<Task> tasks = SEAM.process(needs, Samples.workplace(needs)).tasks();
        assertThat(tasks)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.SET_IN,
                        TaskKind.FILL,
                        TaskKind.CAP,
                        TaskKind.DEMOULD,
                        TaskKind.JOIN,
                        TaskKind.SET,
                        TaskKind.WEIGH);
        final Task fill = first(tasks, TaskKind.FILL);
        assertThat(fill.say().template()).contains("each half");
        assertThat(fill.say().values().get("each").value())
                .isCloseTo(HALF.masses().layers().get(0).value(), within(1e-9));
        final Task setIn = first(tasks, TaskKind.SET_IN);
        assertThat(setIn.say().values().get("all").value())
                .isCloseTo(0.5 * 2 * needs.size().pieces(), within(1e-9));
        assertThat(first(tasks, TaskKind.JOIN).say().template()).contains("back");
        final Materials plate = needs(PLATE);
        assertThat(
                        first(PLATE.process(plate, Samples.workplace(plate)).tasks(), TaskKind.JOIN)
                                .say()
                                .template())
                .contains("the filling comes through");
    }

    @Test
    void whatIsFilledIsNotCastInAClosedMould() {
        assertThatThrownBy(() -> piece(Optional.of(HollowFigure.Joining.CLOSED_MOULD)))
                .hasMessageContaining("filled open");
    }

    private static Task first(final List<Task> tasks, final TaskKind kind) {
        return tasks.stream().filter(t -> t.kind() == kind).findFirst().orElseThrow();
    }
}
