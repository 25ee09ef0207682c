package palintone.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.substance.Allergen;
import palintone.core.substance.Ingredient;
import palintone.core.taste.HouseTaste;

/**
 * What matters of one piece while it is being thought out. Bands are common practice, no source.
 *
 * @param figures shares, cap, warmest fill, taste of the whole, cost of what goes into one; with
 *     their bands
 * @param unpriced ingredients without a price, so that the cost is too low
 * @param keepCold whether it must be kept cold
 * @param life what its shortest-lived part says; empty where nothing in it spoils
 * @param allergens in the order of the regulation
 * @param remarks what a maker should know, though nothing forbids it
 */
public record PieceFigures(
        List<Figure> figures,
        Set<String> unpriced,
        boolean keepCold,
        Optional<Sentence> life,
        Set<Allergen> allergens,
        List<Sentence> remarks) {

    /**
     * @param conditions where each filling is kept, and what was measured of it
     * @param roomC where it is filled, 5 to 26 °C; what is beyond counts as the nearer end
     * @param labelG what its label promises, g
     * @param liked what was tasted in this workshop
     */
    public static PieceFigures of(
            final Piece piece,
            final Function<Filling, Conditions> conditions,
            final double roomC,
            final OptionalDouble labelG,
            final HouseTaste liked) {
        // As many as are made at once: a recipe of a gram rounds badly.
        final int pieces = piece.atOnce();
        final Materials needs =
                piece.materials(
                        BatchSize.ofPieces(pieces, pieces), new BatchHabits(1, 0, 0), conditions);
        final List<Figure> figures = new ArrayList<>();
        labelG.ifPresent(label -> figures.add(weight(piece, label)));
        figures.addAll(piece.qualities(Math.max(5, Math.min(26, roomC))));
        figures.addAll(PieceTaste.of(piece, needs, pieces, liked).figures());
        final Set<String> unpriced = new TreeSet<>();
        figures.add(cost(piece, needs, pieces, unpriced));
        final PieceLife life = PieceLife.of(needs);
        return new PieceFigures(
                List.copyOf(figures),
                unpriced,
                life.keepCold(),
                life.verdict(),
                needs.allergens(),
                remarks(piece, needs));
    }

    private static List<Sentence> remarks(final Piece piece, final Materials needs) {
        final List<Sentence> remarks = new ArrayList<>(piece.remarks(needs));
        remarks.addAll(needs.declared());
        return remarks;
    }

    private static Figure weight(final Piece piece, final double labelG) {
        final double whole = piece.masses().whole().value();
        return Figure.of(
                        "weight against the label",
                        whole,
                        Unit.GRAM,
                        Basis.of("shell + cap + fillings + inserts")
                                .with("label", labelG, Unit.GRAM)
                                .from(Source.workshop("weight on the label")))
                .within(new Band(labelG * 0.95, labelG, labelG * 1.1, labelG * 1.25));
    }

    private static Figure cost(
            final Piece piece,
            final Materials needs,
            final int pieces,
            final Set<String> unpriced) {
        final Map<Ingredient, Double> grams = new TreeMap<>(Comparator.comparing(Ingredient::id));
        piece.chocolate()
                .forEach(p -> grams.merge(p.ingredient(), p.massG() * pieces, Double::sum));
        needs.inclusions()
                .forEach(
                        n ->
                                grams.merge(
                                        n.inclusion().ingredient(),
                                        n.toWeigh().value(),
                                        Double::sum));
        needs.fillings()
                .forEach(
                        n ->
                                n.recipe()
                                        .portions()
                                        .forEach(
                                                p ->
                                                        grams.merge(
                                                                p.ingredient(),
                                                                p.massG(),
                                                                Double::sum)));
        double sum = 0;
        for (final Map.Entry<Ingredient, Double> part : grams.entrySet()) {
            final OptionalDouble price = part.getKey().traits().pricePerKg();
            if (price.isEmpty()) {
                unpriced.add(part.getKey().name());
            }
            sum += price.orElse(0) * part.getValue() / 1000;
        }
        return Figure.of(
                "cost of what goes into one",
                sum / pieces,
                Unit.MONEY,
                Basis.of("Σ mass · price of everything in it / pieces")
                        .with("pieces", pieces, Unit.PIECE)
                        .from(Source.workshop("prices of the larder")));
    }
}
