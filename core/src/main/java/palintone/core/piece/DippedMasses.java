package palintone.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.substance.ChoiOkos1986;

/**
 * What one dipped piece holds, grams.
 *
 * @param coat as far as it is dipped
 * @param second coat over a part of it, of another couverture, where there is one
 * @param centre inside
 * @param inclusions what sticks to it, and what is brushed below
 * @param whole everything together
 */
public record DippedMasses(
        Figure coat, Optional<Figure> second, Figure centre, List<Figure> inclusions, Figure whole)
        implements PieceMasses {

    private static final Source SHAPE = Source.definition("volume around the shape, exactly");

    static DippedMasses of(final DippedPiece piece) {
        final double coatG = piece.fullCoatG() * piece.coat().share();
        final Optional<Figure> second = piece.coat().then().map(then -> second(piece, then));
        final double secondG = second.map(Figure::value).orElse(0.0);
        final double centreG = piece.centre().fillingG(piece.inclusions());
        final List<Figure> on = on(piece.on());
        final double onG = on.stream().mapToDouble(Figure::value).sum();
        return new DippedMasses(
                Figure.of(
                        "coat",
                        coatG,
                        Unit.GRAM,
                        Basis.of("(volume with the coat − centre) · share dipped · density")
                                .with("coat", piece.coat().mm(), Unit.MILLIMETRE)
                                .with("share dipped", piece.coat().share() * 100, Unit.PERCENT)
                                .with(
                                        "density",
                                        piece.couverture().castingDensityGPerMl(),
                                        Unit.GRAM_PER_ML)
                                .from(SHAPE)
                                .from(ChoiOkos1986.SOURCE)
                                .validFor("even coat, no foot", true)),
                second,
                centre(piece.centre(), piece.inclusions()),
                on,
                Figure.of(
                        "piece",
                        coatG + secondG + centreG + onG,
                        Unit.GRAM,
                        Basis.of("coats + centre + what sticks to it")
                                .with("coats", coatG + secondG, Unit.GRAM)
                                .with("centre", centreG, Unit.GRAM)
                                .with("what sticks to it", onG, Unit.GRAM)
                                .from(SHAPE)));
    }

    private static Figure second(final DippedPiece piece, final SecondDip then) {
        return Figure.of(
                then.couverture().ingredient().name(),
                piece.secondCoatG(),
                Unit.GRAM,
                Basis.of("(volume with both coats − with what is below it) · share · density")
                        .with("second coat", then.mm(), Unit.MILLIMETRE)
                        .with("share", then.share() * 100, Unit.PERCENT)
                        .with(
                                "of that on the first coat",
                                then.overFirst(piece.coat().share()) / then.share() * 100,
                                Unit.PERCENT)
                        .with("density", then.couverture().castingDensityGPerMl(), Unit.GRAM_PER_ML)
                        .from(SHAPE)
                        .from(ChoiOkos1986.SOURCE)
                        .validFor("even coat, no foot", true));
    }

    static Figure centre(final FormedCentre centre, final List<Inclusion> inclusions) {
        final double fillingG = centre.fillingG(inclusions);
        return Figure.of(
                centre.filling().name(),
                fillingG,
                Unit.GRAM,
                Basis.of(
                                fillingG < centre.massG()
                                        ? "(volume of the shape − what is set in) · density"
                                        : "volume of the shape · density")
                        .with("volume", centre.shape().volumeMl(), Unit.MILLILITRE)
                        .with("density", centre.centre().gPerMl(), Unit.GRAM_PER_ML)
                        .from(SHAPE)
                        .from(ChoiOkos1986.SOURCE));
    }

    /** What sticks to one piece, each thing as it is written. */
    static List<Figure> on(final List<Inclusion> inclusions) {
        return inclusions.stream()
                .map(
                        i ->
                                Figure.of(
                                        i.ingredient().name(),
                                        i.eachG(),
                                        Unit.GRAM,
                                        Basis.of(i.setIn() ? "in one piece" : "on one piece")
                                                .from(
                                                        Source.definition(
                                                                "as the piece is written"))))
                .toList();
    }

    @Override
    public List<Figure> parts() {
        final List<Figure> all = new ArrayList<>(List.of(coat));
        second.ifPresent(all::add);
        all.add(centre);
        all.addAll(inclusions);
        return Collections.unmodifiableList(all);
    }

    @Override
    public double couvertureG() {
        return coat.value() + second.map(Figure::value).orElse(0.0);
    }
}
