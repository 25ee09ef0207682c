package palintone.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * What one piece cast full holds, grams.
 *
 * @param couverture around what is in it
 * @param inclusions each of them
 * @param whole everything together
 */
public record SolidMasses(Figure couverture, List<Figure> inclusions, Figure whole)
        implements PieceMasses {

    private static final Source GIVEN = Source.definition("as the piece is written");

    static SolidMasses of(final SolidPiece piece) {
        final double density = piece.couverture().castingDensityGPerMl();
        final Figure couverture =
                MouldedMasses.chocolate(
                        "couverture",
                        piece.couvertureMl(),
                        density,
                        Basis.of("(cavity − what lies in it − relief) · density")
                                .with("cavity", piece.mould().cavity().volumeMl(), Unit.MILLILITRE)
                                .with(
                                        "what lies in it",
                                        piece.inclusions().stream()
                                                .mapToDouble(Inclusion::displacedMl)
                                                .sum(),
                                        Unit.MILLILITRE)
                                .with("relief", piece.pressedAsideMl(), Unit.MILLILITRE));
        final List<Figure> inclusions = new ArrayList<>();
        double wholeG = couverture.value();
        for (final Inclusion inclusion : piece.inclusions()) {
            wholeG += inclusion.eachG();
            inclusions.add(
                    Figure.of(
                            inclusion.ingredient().name(),
                            inclusion.eachG(),
                            Unit.GRAM,
                            Basis.of("in one piece")
                                    .with("takes up", inclusion.volumeMl(), Unit.MILLILITRE)
                                    .from(GIVEN)));
        }
        return new SolidMasses(
                couverture,
                Collections.unmodifiableList(inclusions),
                Figure.of(
                        "piece",
                        wholeG,
                        Unit.GRAM,
                        Basis.of("couverture + what lies in it")
                                .with("couverture", couverture.value(), Unit.GRAM)
                                .with("what lies in it", wholeG - couverture.value(), Unit.GRAM)
                                .from(GIVEN)));
    }

    @Override
    public List<Figure> parts() {
        final List<Figure> all = new ArrayList<>(List.of(couverture));
        all.addAll(inclusions);
        return Collections.unmodifiableList(all);
    }

    @Override
    public double couvertureG() {
        return couverture.value();
    }
}
