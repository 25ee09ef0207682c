package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;

/** What a batch of plates needs: whole sheets; what is not cut out is melted again. */
final class SheetMaterials {

    private SheetMaterials() {}

    static Materials of(
            final SheetPiece piece,
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        final int pieces = size.pieces();
        final double keptG = piece.masses().couverture().value() * pieces;
        final double sheetsG = piece.sheetG() * size.moulds();
        final double stripsG = piece.stripsG() * size.moulds();
        final double meltG = Math.max(Materials.LEAST_BOWL_G, sheetsG * (1 + habits.bowlReserve()));
        final Source count = Source.definition("per piece × pieces");
        return new Materials(
                piece,
                size,
                kept(piece, size, keptG, stripsG),
                Figure.of(
                        "couverture to melt",
                        meltG,
                        Unit.GRAM,
                        Basis.of("sheets + reserve")
                                .with("one sheet", piece.sheetG(), Unit.GRAM)
                                .with("sheets", size.moulds(), Unit.ONE)
                                .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                                .from(Source.workshop("bowl reserve, House rules"))),
                Figure.of(
                        "couverture that comes back",
                        meltG - keptG - stripsG,
                        Unit.GRAM,
                        Basis.of("left in the bowl + offcuts")
                                .with("left in the bowl", meltG - sheetsG, Unit.GRAM)
                                .with("offcuts", sheetsG - keptG - stripsG, Unit.GRAM)
                                .from(count)),
                List.of(),
                piece.inclusions().stream()
                        .map(
                                i ->
                                        Materials.InclusionNeed.of(
                                                i, pieces, piece.notOnPieces(), conditions))
                        .toList(),
                List.of(),
                piece.second()
                        .map(
                                s ->
                                        new SecondBowl(
                                                s.couverture(),
                                                second(piece, size, habits),
                                                piece.masses().second().orElseThrow().value()
                                                                * pieces
                                                        + piece.stripsSecondG() * size.moulds())));
    }

    private static List<Figure> kept(
            final SheetPiece piece,
            final BatchSize size,
            final double keptG,
            final double stripsG) {
        final Source count = Source.definition("per piece × pieces");
        final List<Figure> kept = new ArrayList<>();
        kept.add(
                Figure.of(
                        "kept in the pieces",
                        keptG,
                        Unit.GRAM,
                        Basis.of("couverture of one × pieces")
                                .with("couverture of one", keptG / size.pieces(), Unit.GRAM)
                                .with("pieces", size.pieces(), Unit.PIECE)
                                .from(count)));
        if (stripsG > 0) {
            kept.add(
                    Figure.of(
                            "kept in strips",
                            stripsG,
                            Unit.GRAM,
                            Basis.of("strips of a sheet × sheets")
                                    .with("strips of a sheet", piece.stripsG(), Unit.GRAM)
                                    .with("sheets", size.moulds(), Unit.ONE)
                                    .from(count)));
        }
        return kept;
    }

    private static Figure second(
            final SheetPiece piece, final BatchSize size, final BatchHabits habits) {
        final double sheetsG = piece.secondSpreadG() * size.moulds();
        return Figure.of(
                "couverture to melt for the second colour",
                Math.max(Materials.LEAST_BOWL_G, sheetsG * (1 + habits.bowlReserve())),
                Unit.GRAM,
                Basis.of("sheets + reserve")
                        .with("on one sheet", piece.secondSpreadG(), Unit.GRAM)
                        .with("sheets", size.moulds(), Unit.ONE)
                        .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                        .from(Source.workshop("bowl reserve, House rules")));
    }
}
