package palintone.core.substance;

import palintone.core.figure.Require;

/**
 * A weighed amount of one ingredient.
 *
 * @param ingredient what
 * @param massG how much, above 0 to 1000000 g
 */
public record Portion(Ingredient ingredient, double massG) {

    /** The largest amount one line may hold: a tonne. */
    public static final double MOST_G = 1_000_000;

    /**
     * @throws palintone.core.figure.OutOfRangeException when the mass is not above zero, up to a
     *     tonne
     */
    public Portion {
        Require.positive("mass of " + ingredient.name(), massG, MOST_G, "g");
    }

    /** The same ingredient by a factor, 0 or more. */
    public Portion times(final double k) {
        return new Portion(ingredient, massG * k);
    }
}
