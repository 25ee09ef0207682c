package palintone.core.filling;

import java.util.List;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Mixture;

/**
 * What goes into a shell.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param lines the recipe
 * @param aqueous false for fat-based layers such as nut and crisp pastes, whose little water is
 *     bound and for which a syrup model of water activity says nothing
 */
public record Filling(String id, String name, List<RecipeLine> lines, boolean aqueous) {

    /** Where fillings are piped, °C. */
    private static final double PIPING_C = 28;

    /**
     * @throws OutOfRangeException when a name is missing or there are no lines
     */
    public Filling {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        if (lines.isEmpty()) {
            throw new OutOfRangeException("recipe of " + name, "no lines", "at least one line");
        }
        lines = List.copyOf(lines);
    }

    /** Everything weighed in, at the recipe's own size. */
    public Mixture mixture() {
        return Mixture.of(lines.stream().map(RecipeLine::portion).toList());
    }

    /** Density where it is piped, free of air, g/ml. */
    public double densityGPerMl() {
        return ChoiOkos1986.densityGPerMl(mixture().composition(), PIPING_C);
    }
}
