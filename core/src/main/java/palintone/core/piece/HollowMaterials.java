package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/** What a batch of hollow figures needs: most while moulds stand brim-full. */
final class HollowMaterials {

    private HollowMaterials() {}

    static Materials of(final HollowFigure figure, final BatchSize size, final BatchHabits habits) {
        final int pieces = size.pieces();
        final HollowMasses each = figure.masses();
        final Source count = Source.definition("per piece × pieces");
        final int atOnce = Math.min(pieces, habits.mouldsInRotation() * size.cavitiesPerMould());
        final double castingG =
                each.shell().value() * (pieces - atOnce) + each.brim().value() * atOnce;
        final double keptG = each.couvertureG() * pieces;
        final double meltG =
                Math.max(
                        Materials.LEAST_BOWL_G,
                        Math.max(castingG, keptG) * (1 + habits.bowlReserve()));
        final List<Figure> kept = new ArrayList<>();
        for (final Figure part : each.parts()) {
            kept.add(
                    Figure.of(
                            "kept in " + part.name(),
                            part.value() * pieces,
                            Unit.GRAM,
                            Basis.of("in one × pieces")
                                    .with("in one", part.value(), Unit.GRAM)
                                    .with("pieces", pieces, Unit.PIECE)
                                    .from(count)));
        }
        return new Materials(
                figure,
                size,
                kept,
                Figure.of(
                        "couverture to melt",
                        meltG,
                        Unit.GRAM,
                        Basis.of(
                                        "larger of (shells set + moulds brim-full) and what stays,"
                                                + " + reserve")
                                .with("figures already set", pieces - atOnce, Unit.PIECE)
                                .with("figures brim-full at once", atOnce, Unit.PIECE)
                                .with("brim-full figure", each.brim().value(), Unit.GRAM)
                                .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                                .from(
                                        Source.workshop(
                                                "moulds in rotation and bowl reserve, House"
                                                        + " rules"))),
                Figure.of(
                        "couverture that comes back",
                        meltG - keptG,
                        Unit.GRAM,
                        Basis.of("to melt − what stays")
                                .with("to melt", meltG, Unit.GRAM)
                                .with("what stays", keptG, Unit.GRAM)
                                .from(count)),
                List.of(),
                List.of(),
                Materials.colours(figure, size),
                Optional.empty());
    }
}
