package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Figure;
import palintone.core.filling.record.Corrections;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/** A second filling set inside the first, and halves that are joined as they are filled. */
class InsideTest {

    private static final BatchHabits HABITS = new BatchHabits(2, 0.25, 0.1);

    private static final Mould LARGE = new Mould("half-40", "M", new HalfSphere(40), 15, 2);

    private static FillingLayer around(final LayerAmount amount, final double insideG) {
        return new FillingLayer(
                Samples.ganache(),
                amount,
                List.of(),
                0,
                Optional.of(new FillingLayer.Inside(PieceMoistureTest.CRISP, insideG)));
    }

    private static MouldedPiece piece(final boolean uncapped, final FillingLayer... layers) {
        return new MouldedPiece(
                "p",
                "P",
                LARGE,
                Samples.dark(),
                Optional.empty(),
                1.6,
                2,
                List.of(layers),
                Decoration.NONE,
                uncapped ? Optional.of(HollowFigure.Joining.CHOCOLATE) : Optional.empty(),
                uncapped);
    }

    private static Materials needs(final MouldedPiece piece) {
        return piece.materials(piece.batchOf(Optional.of(2), Optional.empty()), HABITS);
    }

    private static List<Task> tasks(final MouldedPiece piece) {
        final Materials needs = needs(piece);
        return piece.process(needs, Samples.workplace(needs)).tasks();
    }

    /** What is inside takes the room of the other: ganache, inside and cap make the hollow. */
    @Property(tries = 40)
    void nothingAppearsOrVanishes(@ForAll @DoubleRange(min = 0.2, max = 4) final double grams) {
        final MouldedPiece piece = piece(false, around(new LayerAmount.Rest(), grams));
        final MouldedMasses each = piece.masses();
        final double ml =
                each.layers().get(0).value() / Samples.ganache().densityGPerMl()
                        + grams / PieceMoistureTest.CRISP.densityGPerMl()
                        + piece.capMl();
        // Half a ball of 40 less 1.6 of shell all round.
        assertThat(ml).isCloseTo(2 * Math.PI / 3 * Math.pow(18.4, 3) / 1000, within(1e-6));
        assertThat(each.parts().stream().mapToDouble(Figure::value).sum())
                .isCloseTo(each.whole().value(), within(1e-9));
        // By grams, the filling around it weighs what it was to weigh.
        assertThat(
                        piece(false, around(new LayerAmount.Grams(5), grams))
                                .masses()
                                .layers()
                                .get(0)
                                .value())
                .isCloseTo(5, within(1e-9));
    }

    @Test
    void itIsMadeFetchedDeclaredAndPipedIntoTheMiddle() {
        final MouldedPiece piece = piece(false, around(new LayerAmount.Rest(), 2));
        final Materials needs = needs(piece);
        assertThat(needs.fillings()).hasSize(2);
        assertThat(needs.fillings().get(1).inPieces().value()).isCloseTo(60, within(1e-9));
        assertThat(needs.toFetch()).anyMatch(p -> p.ingredient().id().equals("wafer"));
        final List<Task> tasks = tasks(piece);
        final int around = at(tasks, "Pipe House ganache");
        final int inside = at(tasks, "Tip halfway down");
        assertThat(inside).isEqualTo(around + 1);
        assertThat(tasks.get(inside + 1).kind()).isEqualTo(TaskKind.LEVEL);
        assertThat(tasks.get(inside).say().values().get("all").value()).isCloseTo(60, within(1e-9));
        assertThat(tasks.get(around).say().template()).contains("below the rim");
        // Drawn as a ball of its volume, wholly inside its layer.
        final Section.Region drawn =
                piece.section().regions().stream()
                        .filter(region -> region.name().equals("Crisp"))
                        .findFirst()
                        .orElseThrow();
        final double wide =
                drawn.outline().stream()
                        .mapToDouble(Section.SectionPoint::halfWidthMm)
                        .max()
                        .orElseThrow();
        assertThat(4.0 / 3 * Math.PI * wide * wide * wide / 1000)
                .isCloseTo(2 / PieceMoistureTest.CRISP.densityGPerMl(), within(0.02));
        assertThat(piece.remarks()).isEmpty();
        assertThat(piece(false, around(new LayerAmount.Rest(), 5)).remarks())
                .anyMatch(r -> r.template().contains("touches the shell"));
    }

    /** A crisp heart goes soft in what lies all round it, and sooner than on top of it. */
    @Test
    void waterGoesIntoItFromAllSides() {
        final MouldedPiece inside = piece(false, around(new LayerAmount.Rest(), 2));
        final PieceMoisture heart =
                PieceMoisture.of(inside, f -> Corrections.NONE, 0.3, 120, List.of());
        assertThat(heart.names()).containsExactly("House ganache", "Crisp");
        assertThat(heart.crispLayer()).isEqualTo(1);
        final double soft = heart.daysBare().get(0).value();
        // Nobody paints what is piped in: behind fat it is no better.
        assertThat(heart.daysBehindFat().get(0).value()).isCloseTo(soft, within(1e-9));
        final double less =
                PieceMoisture.of(
                                piece(false, around(new LayerAmount.Rest(), 4)),
                                f -> Corrections.NONE,
                                0.3,
                                120,
                                List.of())
                        .daysBare()
                        .get(0)
                        .value();
        // More of it has less face to its mass.
        assertThat(less).isGreaterThan(soft);
        // Between two layers it touches the one it lies in, and these each other.
        final PieceMoisture three =
                PieceMoisture.of(
                        piece(
                                false,
                                around(new LayerAmount.Share(0.6), 1),
                                new FillingLayer(Samples.ganache(), 0.4)),
                        f -> Corrections.NONE,
                        0.3,
                        120,
                        List.of());
        assertThat(three.bare().get(0).activity()).hasSize(3);
        assertThat(three.daysBare()).isNotEmpty();
    }

    @Test
    void halvesWithoutCapsAreJoinedRimToRim() {
        final FillingLayer ganache = new FillingLayer(Samples.ganache(), 1);
        final MouldedPiece open = piece(true, ganache);
        final MouldedMasses each = open.masses();
        assertThat(each.cap().value()).isZero();
        assertThat(each.parts()).noneMatch(part -> part.name().equals("cap"));
        assertThat(each.parts().stream().mapToDouble(Figure::value).sum())
                .isCloseTo(each.whole().value(), within(1e-9));
        final MouldedPiece capped =
                new MouldedPiece(
                        "p",
                        "P",
                        LARGE,
                        Samples.dark(),
                        Optional.empty(),
                        1.6,
                        2,
                        List.of(ganache),
                        Decoration.NONE,
                        Optional.of(HollowFigure.Joining.CHOCOLATE));
        assertThat(capped.masses().whole().value() - each.whole().value())
                .isCloseTo(capped.masses().cap().value(), within(1e-9));
        final Materials needs = needs(open);
        assertThat(needs.kept()).noneMatch(kept -> kept.name().contains("cap"));
        assertThat(needs.kept().stream().mapToDouble(Figure::value).sum())
                .isCloseTo(needs.toMelt().value() - needs.comesBack().value(), within(1e-9));
        assertThat(open.chocolate()).hasSize(1);
        final List<Task> tasks = tasks(open);
        assertThat(tasks).noneMatch(t -> t.kind() == TaskKind.CAP);
        assertThat(tasks)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.LEVEL,
                        TaskKind.CHILL,
                        TaskKind.DEMOULD,
                        TaskKind.JOIN,
                        TaskKind.SET,
                        TaskKind.WEIGH);
        final Task join =
                tasks.stream().filter(t -> t.kind() == TaskKind.JOIN).findFirst().orElseThrow();
        assertThat(join.say().template()).contains("inside one rim");
        assertThat(open.section().regions()).noneMatch(r -> r.role() == Section.Role.CAP);
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        assertThatThrownBy(() -> new FillingLayer.Inside(Samples.ganache(), 0))
                .hasMessageContaining("House ganache inside is 0 g");
        assertThatThrownBy(
                        () ->
                                new FillingLayer(
                                        Samples.ganache(),
                                        new LayerAmount.Rest(),
                                        List.of(),
                                        0,
                                        Optional.of(new FillingLayer.Inside(Samples.ganache(), 1))))
                .hasMessageContaining("allowed: another filling");
        assertThatThrownBy(() -> piece(false, around(new LayerAmount.Rest(), 60)))
                .hasMessageContaining("what is set into House ganache is");
        assertThatThrownBy(
                        () ->
                                new MouldedPiece(
                                        "p",
                                        "P",
                                        LARGE,
                                        Samples.dark(),
                                        Optional.empty(),
                                        1.6,
                                        2,
                                        List.of(new FillingLayer(Samples.ganache(), 1)),
                                        Decoration.NONE,
                                        Optional.empty(),
                                        true))
                .hasMessageContaining("only two halves that are joined may go without");
    }

    private static int at(final List<Task> tasks, final String begins) {
        for (int i = 0; i < tasks.size(); i++) {
            if (tasks.get(i).say().template().startsWith(begins)) {
                return i;
            }
        }
        throw new AssertionError("no task begins with " + begins);
    }
}
