package palintone.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;

/** What a batch cast full needs: nothing is poured back, only what the bowl itself keeps. */
final class SolidMaterials {

    private SolidMaterials() {}

    static Materials of(
            final SolidPiece piece,
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        final int pieces = size.pieces();
        final Source count = Source.definition("per piece × pieces");
        final SolidMasses each = piece.masses();
        final double keptG = each.couvertureG() * pieces;
        final double meltG = Math.max(Materials.LEAST_BOWL_G, keptG * (1 + habits.bowlReserve()));
        return new Materials(
                piece,
                size,
                List.of(
                        Figure.of(
                                "kept in the pieces",
                                keptG,
                                Unit.GRAM,
                                Basis.of("couverture of one × pieces")
                                        .with("couverture of one", each.couvertureG(), Unit.GRAM)
                                        .with("pieces", pieces, Unit.PIECE)
                                        .from(count))),
                Figure.of(
                        "couverture to melt",
                        meltG,
                        Unit.GRAM,
                        Basis.of("in the pieces + reserve")
                                .with("in the pieces", keptG, Unit.GRAM)
                                .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                                .from(Source.workshop("bowl reserve, House rules"))),
                Figure.of(
                        "couverture that comes back",
                        meltG - keptG,
                        Unit.GRAM,
                        Basis.of("to melt − in the pieces")
                                .with("to melt", meltG, Unit.GRAM)
                                .with("in the pieces", keptG, Unit.GRAM)
                                .from(count)),
                List.of(),
                piece.inclusions().stream()
                        .map(i -> Materials.InclusionNeed.of(i, pieces, conditions))
                        .toList(),
                Materials.colours(piece, size),
                Optional.empty());
    }
}
