package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Figure;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.taste.Taste;
import palintone.core.substance.Component;
import palintone.core.taste.HouseTaste;
import palintone.core.taste.Liking;
import palintone.core.taste.TasteGroup;
import palintone.core.taste.TasteOf;
import palintone.core.taste.TasteTarget;
import palintone.core.taste.Tasting;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;

/** Shell and filling are tasted together. */
class PieceTasteTest {

    private static Figure figure(final Piece piece, final String name) {
        return PieceFigures.of(
                        piece, f -> Conditions.USUAL, 20, OptionalDouble.empty(), HouseTaste.NONE)
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

    private static HouseTaste liked(final double sweet, final Liking said) {
        // As many as are asked before anything is held against them.
        return new HouseTaste(
                Collections.nCopies(
                        TasteTarget.LEAST_ANSWERS,
                        new Tasting(
                                new TasteGroup(Optional.of(CouvertureKind.DARK), true),
                                Map.of(TasteOf.SWEETNESS, sweet, TasteOf.BITTERNESS, 10.0),
                                Map.of(TasteOf.SWEETNESS, said),
                                OptionalInt.empty())));
    }

    /** A filling as sweet as is asked of it makes the whole as sweet as it is liked: both ways. */
    @Test
    void theFillingIsAskedForWhatTheWholeLacks() {
        final MouldedPiece piece = Samples.halfSpherePiece();
        final PieceTaste now = PieceTaste.of(piece, f -> Conditions.USUAL, HouseTaste.NONE);
        assertThat(now.fillings(TasteOf.SWEETNESS)).isEmpty();
        final double whole = now.wholeG(TasteOf.SWEETNESS);
        final PieceTaste taste =
                PieceTaste.of(piece, f -> Conditions.USUAL, liked(whole + 7, Liking.RIGHT));
        assertThat(taste.figure(TasteOf.SWEETNESS).bandStatus()).isEqualTo(BandStatus.OFF);
        assertThat(taste.says(TasteOf.SWEETNESS).template()).startsWith("Less sweet");
        final PieceTaste.FillingWanted wanted = taste.fillings(TasteOf.SWEETNESS).get(0);
        assertThat(wanted.now()).isLessThan(wanted.wanted().orElseThrow().low());
        final double middle =
                (wanted.wanted().orElseThrow().low() + wanted.wanted().orElseThrow().high()) / 2;
        final double shell = piece.masses().couvertureG();
        final double filling = piece.masses().layers().get(0).value();
        final double then =
                (shell * Taste.sweetness(Samples.DARK_66.composition()) + filling * middle)
                        / (shell + filling);
        assertThat(then).isCloseTo(whole + 7, within(0.1));
    }

    @Test
    void noFillingIsSweetEnoughForAWishBeyondAllSugar() {
        final PieceTaste taste =
                PieceTaste.of(
                        Samples.halfSpherePiece(), f -> Conditions.USUAL, liked(95, Liking.RIGHT));
        assertThat(taste.fillings(TasteOf.SWEETNESS).get(0).wanted()).isEmpty();
    }

    @Test
    void whatIsRightIsSaidToBeAsItIsLiked() {
        final MouldedPiece piece = Samples.halfSpherePiece();
        final double whole =
                PieceTaste.of(piece, f -> Conditions.USUAL, HouseTaste.NONE)
                        .wholeG(TasteOf.SWEETNESS);
        final PieceTaste taste =
                PieceTaste.of(piece, f -> Conditions.USUAL, liked(whole, Liking.RIGHT));
        assertThat(taste.figure(TasteOf.SWEETNESS).bandStatus()).isEqualTo(BandStatus.IN_BAND);
        assertThat(taste.says(TasteOf.SWEETNESS).template()).startsWith("As it is liked here");
        // Nothing was said of how bitter it was.
        assertThat(taste.says(TasteOf.BITTERNESS).template()).startsWith("Nothing is said");
        assertThat(taste.figure(TasteOf.BITTERNESS).band()).isEmpty();
    }
}
