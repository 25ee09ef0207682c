package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
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
        for (final Figure part : ofTheWall(figure, each)) {
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
                figure.second().map(second -> bowl(figure, second, pieces, atOnce, habits)));
    }

    /** Its parts out of the bowl of the wall. */
    private static List<Figure> ofTheWall(final HollowFigure figure, final HollowMasses each) {
        final List<Figure> parts = new ArrayList<>(List.of(each.shell()));
        each.seam().ifPresent(parts::add);
        each.base().filter(base -> figure.baseOf() == figure.couverture()).ifPresent(parts::add);
        return parts;
    }

    /** What is brim-full of the outer coat at once, or what stays and a reserve. */
    private static SecondBowl bowl(
            final HollowFigure figure,
            final HollowFigure.Second second,
            final int pieces,
            final int atOnce,
            final BatchHabits habits) {
        final HollowMasses each = figure.masses();
        final double eachG = each.whole().value() - each.couvertureG();
        final double brimG = figure.outerG() * (pieces - atOnce) + figure.outerBrimG() * atOnce;
        final double keptG = eachG * pieces;
        return new SecondBowl(
                second.couverture(),
                Figure.of(
                        "couverture to melt for the second bowl",
                        Math.max(
                                Materials.LEAST_BOWL_G,
                                Math.max(brimG, keptG) * (1 + habits.bowlReserve())),
                        Unit.GRAM,
                        Basis.of(
                                        "larger of (outer coats set + moulds brim-full) and what"
                                                + " stays, + reserve")
                                .with("brim-full", figure.outerBrimG(), Unit.GRAM)
                                .with("what stays in one", eachG, Unit.GRAM)
                                .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                                .from(Source.workshop("bowl reserve, House rules"))),
                keptG);
    }
}
