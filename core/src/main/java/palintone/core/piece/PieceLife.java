package palintone.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import palintone.core.figure.Figure;
import palintone.core.figure.Range;
import palintone.core.figure.Sentence;
import palintone.core.filling.life.Life;
import palintone.core.filling.life.LifeConditions;

/**
 * How long a whole piece keeps: as long as the part that keeps shortest. Fillings that touch, and
 * what is set into them, are judged together as well: water wanders into what is drier, and acid
 * into what is not sour, so that where they meet it may be as moist as the one and as mild as the
 * other. Chocolate parts what lies on either side of it.
 *
 * @param keepCold whether it must be kept cold
 * @param verdict of the part, or the two parts, that decide; empty where nothing in it spoils
 * @param days it keeps at the least: the careful end of the part that keeps shortest; empty where
 *     nothing in it spoils
 */
record PieceLife(boolean keepCold, Optional<Sentence> verdict, OptionalDouble days) {

    /** What is moist of itself is sold within a day or two, as its verdict says. */
    private static final double MOIST_DAYS = 1;

    private record LastingPart(String name, Life life) {}

    static PieceLife of(final Materials needs) {
        final Optional<Materials.InclusionNeed> moist =
                needs.inclusions().stream().filter(Materials.InclusionNeed::keepCold).findFirst();
        if (moist.isPresent()) {
            return new PieceLife(
                    true,
                    moist.map(Materials.InclusionNeed::verdict),
                    OptionalDouble.of(MOIST_DAYS));
        }
        final Optional<LastingPart> worst =
                parts(needs).stream()
                        .min(
                                Comparator.comparing((LastingPart p) -> !p.life().keepCold())
                                        .thenComparing(p -> p.life().days().value()));
        return new PieceLife(
                worst.map(p -> p.life().keepCold()).orElse(false),
                worst.map(p -> Sentence.of(p.name() + ":").and(p.life().verdict())),
                parts(needs).stream().mapToDouble(p -> careful(p.life().days())).min());
    }

    private static double careful(final Figure days) {
        return days.spread().map(Range::low).orElse(days.value());
    }

    private static List<LastingPart> parts(final Materials needs) {
        final List<LastingPart> parts = new ArrayList<>();
        for (final Materials.FillingNeed need : needs.fillings()) {
            parts.add(new LastingPart(need.name(), need.figures().life()));
        }
        final int layers =
                needs.piece() instanceof MouldedPiece piece
                        ? piece.layers().size()
                        : needs.fillings().size();
        for (int i = 1; i < layers; i++) {
            final LastingPart one = parts.get(i - 1);
            final LastingPart other = parts.get(i);
            if (!one.name().equals(other.name())) {
                parts.add(met(one, other));
            }
        }
        // What is inside one is taken to touch them all: to the safe side.
        for (int i = layers; i < needs.fillings().size(); i++) {
            for (int layer = 0; layer < layers; layer++) {
                parts.add(met(parts.get(layer), parts.get(i)));
            }
        }
        for (final Materials.InclusionNeed insert : needs.inclusions()) {
            if (insert.inclusion().placing() == Inclusion.Placing.SET_IN) {
                final LastingPart set =
                        new LastingPart(
                                insert.inclusion().ingredient().name(), insert.figures().life());
                parts.subList(0, needs.fillings().size()).stream()
                        .map(layer -> met(layer, set))
                        .toList()
                        .forEach(parts::add);
            }
        }
        return parts;
    }

    /** Where two parts touch. */
    private static LastingPart met(final LastingPart one, final LastingPart other) {
        return new LastingPart(
                one.name() + ", where it touches " + other.name(),
                Life.of(LifeConditions.touching(one.life().given(), other.life().given())));
    }
}
