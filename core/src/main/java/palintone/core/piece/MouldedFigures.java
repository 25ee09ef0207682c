package palintone.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import palintone.core.casting.fill.WarmestFill;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;

/** What matters of a filled piece: shares, shell, cap, and how warm it may be filled. */
public final class MouldedFigures {

    private static final Source PRACTICE =
            Source.practice(
                    "shells of about a third of the piece, caps of one to four millimetres");

    private MouldedFigures() {}

    static List<Figure> of(final MouldedPiece piece, final double roomC) {
        final MouldedMasses masses = piece.masses();
        final double whole = masses.whole().value();
        final double shellShare = masses.couvertureG() / whole * 100;
        final List<Figure> figures = new ArrayList<>();
        figures.add(
                Figure.of(
                                "shell and cap of the weight",
                                shellShare,
                                Unit.PERCENT,
                                Basis.of("(shell + cap) / piece")
                                        .with("shell and cap", masses.couvertureG(), Unit.GRAM)
                                        .with("piece", whole, Unit.GRAM)
                                        .from(PRACTICE))
                        .within(new Band(18, 26, 50, 65)));
        figures.add(
                Figure.of(
                                "shell",
                                piece.shellMm(),
                                Unit.MILLIMETRE,
                                Basis.of("as wished").from(PRACTICE))
                        .within(new Band(0.8, 1.2, 2.5, 5)));
        if (piece.uncapped()) {
            warmest(piece, roomC).ifPresent(figures::add);
            return figures;
        }
        figures.add(
                Figure.of(
                                "cap",
                                piece.capMm(),
                                Unit.MILLIMETRE,
                                Basis.of("from the rim down to the filling").from(PRACTICE))
                        .within(new Band(0.8, 1.2, 3, 6)));
        warmest(piece, roomC).ifPresent(figures::add);
        return figures;
    }

    /** The layer that the shell bears least. */
    private static Optional<Figure> warmest(final MouldedPiece piece, final double roomC) {
        return piece.fillings().stream()
                .map(filling -> warmestFill(piece, filling, roomC).advised())
                .min(Comparator.comparingDouble(Figure::value));
    }

    /**
     * How warm a filling may go into the shell of a piece.
     *
     * @param roomC where it is filled, 5 to 26 °C
     */
    public static WarmestFill warmestFill(
            final MouldedPiece piece, final Filling filling, final double roomC) {
        return WarmestFill.of(
                piece.couverture(),
                piece.mould(),
                piece.shellMm(),
                Math.min(28, roomC),
                roomC,
                WarmestFill.heatJPerMlK(filling.cooked().composition()));
    }
}
