package palintone.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;

/**
 * What one rolled piece holds, grams.
 *
 * @param centre inside
 * @param inclusions what sticks to it
 * @param whole everything together
 */
public record RolledMasses(Figure centre, List<Figure> inclusions, Figure whole)
        implements PieceMasses {

    static RolledMasses of(final RolledPiece piece) {
        final Figure centre = DippedMasses.centre(piece.centre(), piece.inclusions());
        final List<Figure> on = DippedMasses.on(piece.inclusions());
        final double onG = on.stream().mapToDouble(Figure::value).sum();
        return new RolledMasses(
                centre,
                on,
                Figure.of(
                        "piece",
                        centre.value() + onG,
                        Unit.GRAM,
                        Basis.of("centre + what sticks to it")
                                .with("centre", centre.value(), Unit.GRAM)
                                .with("what sticks to it", onG, Unit.GRAM)
                                .from(Source.definition("sum of its parts"))));
    }

    /** Nothing is melted for it. */
    static Materials materials(
            final RolledPiece piece,
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        final Source none = Source.definition("nothing is coated");
        return new Materials(
                piece,
                size,
                List.of(),
                Figure.of("couverture to melt", 0, Unit.GRAM, Basis.of("no coat").from(none)),
                Figure.of(
                        "couverture that comes back", 0, Unit.GRAM, Basis.of("no coat").from(none)),
                List.of(
                        Materials.FillingNeed.of(
                                piece.centre().filling(),
                                piece.masses().centre(),
                                size.pieces(),
                                habits.fillingSurplus(),
                                piece.centre().forming().lost(),
                                conditions)),
                piece.inclusions().stream()
                        .map(i -> Materials.InclusionNeed.of(i, size.pieces(), conditions))
                        .toList(),
                List.of(),
                Optional.empty());
    }

    @Override
    public List<Figure> parts() {
        final List<Figure> all = new ArrayList<>(List.of(centre));
        all.addAll(inclusions);
        return Collections.unmodifiableList(all);
    }

    @Override
    public double couvertureG() {
        return 0;
    }
}
