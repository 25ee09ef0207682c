package palintone.core.piece;

import java.util.List;
import java.util.function.Function;
import palintone.core.coat.BowlEmptied;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;

/** What a batch of dipped pieces needs: coats, and so much below them that the fork dives. */
final class DippedMaterials {

    private DippedMaterials() {}

    static Materials of(
            final DippedPiece piece,
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        final int pieces = size.pieces();
        final Source count = Source.definition("per piece × pieces");
        final double coatsG = piece.masses().coat().value() * pieces;
        final double divesG =
                BowlEmptied.enoughG(
                        coatsG,
                        piece.centre().shape().heightMm(),
                        piece.couverture().castingDensityGPerMl());
        final double meltG = Math.max(divesG, coatsG * (1 + habits.bowlReserve()));
        return new Materials(
                piece,
                size,
                List.of(
                        Figure.of(
                                "kept in coats",
                                coatsG,
                                Unit.GRAM,
                                Basis.of("coat of one × pieces")
                                        .with("coat of one", coatsG / pieces, Unit.GRAM)
                                        .with("pieces", pieces, Unit.PIECE)
                                        .from(count))),
                Figure.of(
                        "couverture to melt",
                        meltG,
                        Unit.GRAM,
                        Basis.of(
                                        "larger of coats + what the fork needs to dive at the last,"
                                                + " and coats + reserve")
                                .with("coats", coatsG, Unit.GRAM)
                                .with("so that the fork dives", divesG, Unit.GRAM)
                                .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                                .from(BowlEmptied.SOURCE)
                                .from(Source.workshop("bowl reserve, House rules"))),
                Figure.of(
                        "couverture that comes back",
                        meltG - coatsG,
                        Unit.GRAM,
                        Basis.of("to melt − coats")
                                .with("to melt", meltG, Unit.GRAM)
                                .with("coats", coatsG, Unit.GRAM)
                                .from(count)),
                List.of(
                        Materials.FillingNeed.of(
                                piece.centre().filling(),
                                piece.masses().centre(),
                                pieces,
                                habits.fillingSurplus(),
                                piece.centre().forming().lost(),
                                conditions)),
                piece.on().stream()
                        .map(i -> Materials.InclusionNeed.of(i, pieces, conditions))
                        .toList(),
                List.of(),
                piece.coat()
                        .then()
                        .map(
                                then ->
                                        new SecondBowl(
                                                then.couverture(),
                                                second(piece, then, pieces, habits),
                                                piece.secondCoatG() * pieces)));
    }

    /** Held in the hand, a piece goes into a small bowl; common practice, no source. */
    private static final double SMALL_BOWL_MM = 90;

    /** Under what goes in, so that it does not stand on the floor of the bowl. */
    private static final double UNDER_IT_MM = 8;

    /** As deep as it goes in, and a reserve; whole, it goes in on the fork as it did before. */
    private static Figure second(
            final DippedPiece piece,
            final SecondDip then,
            final int pieces,
            final BatchHabits habits) {
        final double coatsG = piece.secondCoatG() * pieces;
        final double gPerMl = then.couverture().castingDensityGPerMl();
        final double deepMm = then.share() * piece.centre().shape().heightMm() + UNDER_IT_MM;
        final double goesInG =
                then.share() >= 1
                        ? BowlEmptied.enoughG(coatsG, piece.centre().shape().heightMm(), gPerMl)
                        : coatsG
                                + Math.PI
                                        / 4
                                        * SMALL_BOWL_MM
                                        * SMALL_BOWL_MM
                                        * deepMm
                                        / 1000
                                        * gPerMl;
        return Figure.of(
                "couverture to melt for the second coat",
                Math.max(
                        Materials.LEAST_BOWL_G,
                        Math.max(goesInG, coatsG * (1 + habits.bowlReserve()))),
                Unit.GRAM,
                Basis.of("larger of coats + so deep as it goes in, and coats + reserve")
                        .with("coats", coatsG, Unit.GRAM)
                        .with("so that it goes in", goesInG, Unit.GRAM)
                        .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                        .from(
                                Source.practice(
                                        "what is dipped in part is held in the hand, over a bowl of"
                                                + " nine centimetres"))
                        .from(Source.workshop("bowl reserve, House rules")));
    }
}
