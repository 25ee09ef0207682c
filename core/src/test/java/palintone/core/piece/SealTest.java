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
import palintone.core.mould.Bar;
import palintone.core.mould.Cavity;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/** A thin layer of couverture between two fillings. */
class SealTest {

    private static final double SHELL_MM = 1.5;

    private static MouldedPiece piece(final Cavity cavity, final FillingLayer... layers) {
        return new MouldedPiece(
                "p",
                "P",
                new Mould("m", "M", cavity, 24, 2),
                Samples.dark(),
                SHELL_MM,
                1.8,
                List.of(layers),
                Optional.empty());
    }

    private static FillingLayer layer(final LayerAmount amount, final double sealMm) {
        return new FillingLayer(Samples.ganache(), amount, List.of(), sealMm);
    }

    private static MouldedPiece sealed(final Cavity cavity, final double sealMm) {
        return piece(
                cavity,
                layer(new LayerAmount.Share(0.4), sealMm),
                layer(new LayerAmount.Share(0.6), 0));
    }

    /** In a bar with upright walls: length · width · thickness, inside the shell. */
    @Test
    void aSealIsAsThickAsAskedFor() {
        final MouldedPiece bar =
                piece(
                        new Bar(60, 30, 14, 0),
                        layer(new LayerAmount.Height(4), 0.8),
                        layer(new LayerAmount.Rest(), 0));
        final MouldedFill.Lying below = bar.fill().layers().get(0);
        assertThat(below.topMm() - below.sealMm()).isCloseTo(0.8, within(1e-9));
        assertThat(below.sealMl()).isCloseTo(57 * 27 * 0.8 / 1000, within(1e-6));
        assertThat(bar.fill().layers().get(1).floorMm()).isEqualTo(below.sealMm());
        assertThat(bar.capMm()).isCloseTo(1.8, within(1e-6));
        assertThat(bar.masses().seals().orElseThrow().value())
                .isCloseTo(
                        57 * 27 * 0.8 / 1000 * Samples.dark().castingDensityGPerMl(), within(1e-6));
    }

    /** Layers, seal and cap make the hollow, to the last microlitre, whatever the thickness. */
    @Property(tries = 60)
    void nothingAppearsOrVanishes(
            @ForAll @DoubleRange(min = 0.3, max = 2.5) final double sealMm,
            @ForAll @DoubleRange(min = 24, max = 60) final double acrossMm) {
        final MouldedPiece piece = sealed(new HalfSphere(acrossMm), sealMm);
        final MouldedFill fill = piece.fill();
        final double ml =
                fill.layers().stream().mapToDouble(MouldedFill.Lying::spaceMl).sum()
                        + fill.sealsMl()
                        + fill.capMl();
        assertThat(ml).isCloseTo(fill.hollow().volumeMl(), within(1e-6));
        assertThat(fill.capMm()).isCloseTo(1.8, within(1e-4));
        // Shares are of what the seal leaves.
        assertThat(fill.layers().get(0).spaceMl() / fill.layers().get(1).spaceMl())
                .isCloseTo(0.4 / 0.6, within(1e-4));
        assertThat(piece.masses().parts().stream().mapToDouble(Figure::value).sum())
                .isCloseTo(piece.masses().whole().value(), within(1e-9));
    }

    @Test
    void itsCouvertureIsMeltedKeptAndOnTheLabel() {
        final MouldedPiece piece = sealed(new HalfSphere(28), 0.8);
        final MouldedPiece bare = sealed(new HalfSphere(28), 0);
        final double sealG = piece.masses().seals().orElseThrow().value();
        final BatchHabits habits = new BatchHabits(2, 0.25, 0.1);
        final BatchSize size = piece.batchOf(Optional.of(2), Optional.empty());
        final Materials needs = piece.materials(size, habits);
        assertThat(needs.kept().stream().mapToDouble(Figure::value).sum())
                .isCloseTo(piece.masses().couvertureG() * size.pieces(), within(1e-6));
        assertThat(
                        needs.kept().stream().mapToDouble(Figure::value).sum()
                                + needs.comesBack().value())
                .isCloseTo(needs.toMelt().value(), within(1e-6));
        assertThat(piece.chocolate().get(0).massG() - bare.chocolate().get(0).massG())
                .isCloseTo(sealG, within(1e-9));
        assertThat(piece.section().regions())
                .extracting(Section.Region::role)
                .containsSubsequence(Section.Role.FILLING, Section.Role.SEAL, Section.Role.FILLING);
        assertThat(needs.fillings().get(0).inPieces().value())
                .isLessThan(bare.materials(size, habits).fillings().get(0).inPieces().value());
    }

    @Test
    void theBenchBringsTheBowlBackPoursAndWaits() {
        final MouldedPiece piece = sealed(new HalfSphere(28), 0.8);
        final Materials needs =
                piece.materials(
                        piece.batchOf(Optional.of(2), Optional.empty()),
                        new BatchHabits(2, 0.25, 0.1));
        final List<Task> tasks = piece.process(needs, Samples.workplace(needs)).tasks();
        assertThat(tasks)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.SCRAPE,
                        TaskKind.FILL,
                        TaskKind.LEVEL,
                        TaskKind.TEMPER_AGAIN,
                        TaskKind.SEAL,
                        TaskKind.WAIT,
                        TaskKind.FILL,
                        TaskKind.LEVEL,
                        TaskKind.TEMPER_AGAIN,
                        TaskKind.CAP);
        final Task seal =
                tasks.stream().filter(t -> t.kind() == TaskKind.SEAL).findFirst().orElseThrow();
        assertThat(seal.say().values().get("all").value())
                .isCloseTo(
                        piece.masses().seals().orElseThrow().value() * needs.size().pieces(),
                        within(1e-6));
        // Thinner than a cap on the same filling, and dull within minutes in a room of 20 °C.
        final Task wait = tasks.get(tasks.indexOf(seal) + 1);
        assertThat(wait.clock().orElseThrow().targetS()).isBetween(60, 1200);
    }

    /** Fat between two fillings holds water back: crisp stays crisp longer. */
    @Test
    void waterIsHeldBack() {
        final PieceMoisture bare = moisture(0);
        final PieceMoisture behind = moisture(1);
        final List<Double> open = bare.bare().get(bare.bare().size() - 1).activity();
        final List<Double> closed = behind.bare().get(behind.bare().size() - 1).activity();
        assertThat(closed.get(0)).isLessThan(open.get(0));
    }

    private static PieceMoisture moisture(final double sealMm) {
        return PieceMoisture.of(
                piece(
                        new HalfSphere(28),
                        new FillingLayer(
                                PieceMoistureTest.CRISP,
                                new LayerAmount.Share(0.4),
                                List.of(),
                                sealMm),
                        layer(new LayerAmount.Share(0.6), 0)),
                filling -> Corrections.NONE,
                0.3,
                20,
                List.of());
    }

    @Test
    void impossibleSealsAreRefused() {
        assertThatThrownBy(() -> layer(new LayerAmount.Rest(), 0.1))
                .hasMessageContaining("seal over")
                .hasMessageContaining("0.3");
        assertThatThrownBy(() -> piece(new HalfSphere(28), layer(new LayerAmount.Rest(), 0.8)))
                .hasMessageContaining("over the last layer");
        assertThatThrownBy(
                        () ->
                                piece(
                                        new HalfSphere(28),
                                        layer(new LayerAmount.Height(7), 5),
                                        layer(new LayerAmount.Height(1), 0)))
                .hasMessageContaining("deeper than the cavity");
    }
}
