package palintone.core.filling.record;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.RecipeLine;

/**
 * What went in by taste at the bench, and what the recipe would say by it. What is kept of a
 * tasting is the share of all that was weighed in, so that it holds for the recipe in any size.
 *
 * @param line of the recipe
 * @param inRecipe how much of it tastes right here, g, as wide as it was tasted
 * @param operations the recipe with so much of it
 */
public record TaughtDose(RecipeLine line, Figure inRecipe, List<Operation> operations) {

    /** As much of a recipe as a dose may be; more is no dose. */
    private static final double MOST_SHARE = 0.5;

    /**
     * Share of all that is weighed in, where a line is so much more or less than it says.
     *
     * @param operations the recipe
     * @param line of it
     * @param times what the recipe says, above 0 to 100
     */
    public static double share(
            final List<Operation> operations, final RecipeLine line, final double times) {
        Require.positive("times what the recipe says", times, 100, "");
        final double rest = allG(operations) - line.massG();
        return times * line.massG() / (rest + times * line.massG());
    }

    /**
     * @param operations the recipe
     * @param line of it
     * @param shares of all weighed in, as they were tasted right; newest first
     * @return empty before anything was tasted
     */
    public static Optional<TaughtDose> of(
            final List<Operation> operations, final RecipeLine line, final List<Double> shares) {
        final List<Double> grams =
                shares.stream()
                        .filter(share -> share > 0 && share <= MOST_SHARE)
                        .map(share -> share / (1 - share) * (allG(operations) - line.massG()))
                        .toList();
        if (grams.isEmpty()) {
            return Optional.empty();
        }
        final double mean = grams.stream().mapToDouble(g -> g).average().orElseThrow();
        return Optional.of(
                new TaughtDose(
                        line,
                        Figure.of(
                                        line.ingredient().name(),
                                        mean,
                                        Unit.GRAM,
                                        Basis.of("mean share of all weighed in × the rest of it")
                                                .with("tasted", grams.size(), Unit.ONE)
                                                .with("as it is written", line.massG(), Unit.GRAM)
                                                .from(Source.workshop("tasted by the workshop")))
                                .spread(
                                        grams.stream().mapToDouble(g -> g).min().orElseThrow(),
                                        grams.stream().mapToDouble(g -> g).max().orElseThrow()),
                        with(operations, line, mean)));
    }

    private static double allG(final List<Operation> operations) {
        return operations.stream()
                .flatMap(op -> op.lines().stream())
                .mapToDouble(RecipeLine::massG)
                .sum();
    }

    /** In its own unit, as it was written. */
    private static List<Operation> with(
            final List<Operation> operations, final RecipeLine line, final double massG) {
        final List<Operation> taught = new ArrayList<>();
        for (final Operation op : operations) {
            taught.add(
                    new Operation(
                            op.kind(),
                            op.lines().stream()
                                    .map(
                                            l ->
                                                    l != line
                                                            ? l
                                                            : new RecipeLine(
                                                                    l.ingredient(),
                                                                    l.amount() * massG / l.massG(),
                                                                    l.unit()))
                                    .toList(),
                            op.settings(),
                            op.pot(),
                            op.from()));
        }
        return taught;
    }
}
