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
import palintone.core.substance.Portion;

class MaterialsTest {

    private static final BatchHabits HABITS = new BatchHabits(2, 0.25, 0.1);

    private final MouldedPiece piece = Samples.halfSpherePiece();

    @Test
    void shellCapAndFillingMakeUpTheCavity() {
        assertThat(piece.shellMl() + piece.capMl() + piece.fillingMl())
                .isCloseTo(piece.mould().cavity().volumeMl(), within(1e-12));
    }

    /** By hand: 5.747 ml cavity, 1.6 mm wall leaves 3.993 ml, so the shell is 1.754 ml. */
    @Test
    void theShellWeighsWhatPencilAndPaperSay() {
        assertThat(piece.shellMl()).isCloseTo(1.754, within(0.001));
        assertThat(piece.masses().shell().value())
                .isCloseTo(1.754 * piece.couverture().castingDensityGPerMl(), within(0.002));
    }

    @Property
    void whatIsMeltedIsKeptOrComesBack(
            @ForAll @IntRange(min = 1, max = 6400) final int pieces,
            @ForAll @IntRange(min = 1, max = 12) final int rotation,
            @ForAll @DoubleRange(min = 0, max = 1) final double reserve,
            @ForAll @DoubleRange(min = 0, max = 1) final double surplus) {
        final Materials needs =
                piece.materials(
                        BatchSize.ofPieces(pieces, 32),
                        new BatchHabits(rotation, reserve, surplus));
        final double melted =
                needs.toMelt().value() + needs.topUps().map(Figure::value).orElse(0.0);
        assertThat(
                        needs.kept().stream().mapToDouble(Figure::value).sum()
                                + needs.comesBack().value())
                .isCloseTo(melted, within(1e-9 * melted));
        assertThat(needs.comesBack().value()).isGreaterThanOrEqualTo(-1e-9);
        final double fetched = needs.toFetch().stream().mapToDouble(Portion::massG).sum();
        final double made = needs.fillings().stream().mapToDouble(f -> f.toMake().value()).sum();
        assertThat(fetched).isCloseTo(melted + made, within(1e-9 * fetched));
    }

    @Property
    void kTimesTheMouldsIsKTimesEveryMass(
            @ForAll @IntRange(min = 1, max = 2) final int moulds,
            @ForAll @IntRange(min = 2, max = 3) final int k) {
        final Materials one =
                piece.materials(BatchSize.ofMoulds(moulds, 32), new BatchHabits(2, 0.25, 0.1));
        final Materials many =
                piece.materials(
                        BatchSize.ofMoulds(moulds * k, 32), new BatchHabits(2 * k, 0.25, 0.1));
        assertThat(many.toMelt().value()).isCloseTo(k * one.toMelt().value(), within(1e-6));
        assertThat(many.colours().get(0).value())
                .isCloseTo(k * one.colours().get(0).value(), within(1e-6));
        for (int i = 0; i < one.toFetch().size(); i++) {
            assertThat(many.toFetch().get(i).massG())
                    .isCloseTo(k * one.toFetch().get(i).massG(), within(1e-6));
        }
    }

    @Test
    void brimFullMouldsInRotationDecideHowMuchIsMelted() {
        final BatchSize size = BatchSize.ofMoulds(8, 32);
        final double two = piece.materials(size, HABITS).toMelt().value();
        final double six = piece.materials(size, new BatchHabits(6, 0.25, 0.1)).toMelt().value();
        final MouldedMasses each = piece.masses();
        final double fourMouldsMore = (each.brim().value() - each.shell().value()) * 4 * 32;
        assertThat(six - two).isCloseTo(fourMouldsMore * 1.25, within(1e-6));
    }

    @Test
    void aHundredPiecesPartFillTheLastMould() {
        final BatchSize size = BatchSize.ofPieces(100, 32);
        assertThat(size.moulds()).isEqualTo(4);
        assertThat(size.pieces()).isEqualTo(100);
        assertThatThrownBy(() -> BatchSize.ofMoulds(0, 32))
                .hasMessage("moulds is 0; allowed: 1 to 200");
        assertThatThrownBy(() -> BatchSize.ofMoulds(10_000, 32)).hasMessageContaining("10000");
    }

    @Test
    void layersLieOnEachOtherAndUnderTheCap() {
        final MouldedPiece two =
                new MouldedPiece(
                        "two",
                        "Two",
                        Samples.HALF_SPHERES,
                        Samples.dark(),
                        1.6,
                        2,
                        List.of(
                                new FillingLayer(Samples.ganache(), 0.4),
                                new FillingLayer(Samples.ganache(), 0.6)),
                        Optional.empty());
        final Section drawing = two.section();
        final Section.Region first = drawing.regions().get(1);
        final Section.Region second = drawing.regions().get(2);
        assertThat(to(first)).isCloseTo(two.room().depthMm(), within(1e-9));
        assertThat(to(second)).isCloseTo(from(first), within(1e-9));
        assertThat(from(second)).isCloseTo(2, within(1e-6));
        final double firstMl = two.room().volumeMl() - two.room().volumeToMl(from(first));
        assertThat(firstMl).isCloseTo(0.4 * two.fillingMl(), within(1e-6));
    }

    @Test
    void sharesThatDoNotSumAreRefused() {
        assertThatThrownBy(
                        () ->
                                new MouldedPiece(
                                        "bad",
                                        "Bad",
                                        Samples.HALF_SPHERES,
                                        Samples.dark(),
                                        1.6,
                                        2,
                                        List.of(new FillingLayer(Samples.ganache(), 0.7)),
                                        Optional.empty()))
                .hasMessage("shares of the layers is 0.7; allowed: a sum of 1");
    }

    private static double from(final Section.Region region) {
        return region.outline().get(0).depthMm();
    }

    private static double to(final Section.Region region) {
        return region.outline().get(region.outline().size() - 1).depthMm();
    }
}
