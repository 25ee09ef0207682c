package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Figure;
import palintone.core.filling.Conditions;
import palintone.core.filling.taste.Taste;
import palintone.core.substance.Component;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;

/** Shell and filling are tasted together. */
class PieceTasteTest {

    private static Figure figure(final Piece piece, final String name) {
        return PieceFigures.of(piece, f -> Conditions.USUAL, 20, OptionalDouble.empty())
                .figures()
                .stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** By hand, out of the masses of its parts. */
    @Test
    void aPieceIsAsSweetAsItsPartsTogether() {
        final MouldedPiece piece = Samples.halfSpherePiece();
        final double shell = piece.masses().couvertureG();
        final double filling = piece.masses().layers().get(0).value();
        final double expected =
                (shell * Taste.sweetness(Samples.DARK_66.composition())
                                + filling
                                        * Taste.sweetness(Samples.ganache().cooked().composition()))
                        / (shell + filling);
        assertThat(figure(piece, "sweetness of the whole piece").value())
                .isCloseTo(expected, within(1e-6));
        final double cocoa =
                (shell * Samples.DARK_66.composition().fraction(Component.COCOA_SOLIDS)
                                + filling
                                        * Samples.ganache()
                                                .cooked()
                                                .composition()
                                                .fraction(Component.COCOA_SOLIDS))
                        / (shell + filling)
                        * 100;
        assertThat(figure(piece, "bitterness of the whole piece").value())
                .isCloseTo(cocoa, within(1e-6));
    }

    @Test
    void aWhiteShellMakesTheSameFillingSweeterAndLessBitter() {
        final MouldedPiece dark = in(Samples.dark());
        final MouldedPiece ivory = in(new Couverture(Samples.IVORY_33, CouvertureKind.WHITE));
        assertThat(figure(ivory, "sweetness of the whole piece").value())
                .isGreaterThan(figure(dark, "sweetness of the whole piece").value() + 3);
        assertThat(figure(ivory, "bitterness of the whole piece").value())
                .isLessThan(figure(dark, "bitterness of the whole piece").value() - 3);
    }

    private static MouldedPiece in(final Couverture couverture) {
        return new MouldedPiece(
                "p",
                "P",
                Samples.HALF_SPHERES,
                couverture,
                1.6,
                2,
                List.of(new FillingLayer(Samples.ganache(), 1)),
                Optional.empty());
    }
}
