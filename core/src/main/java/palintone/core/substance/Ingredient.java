package palintone.core.substance;

import java.util.Set;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Something that is weighed in.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param composition what it is made of
 * @param densityGPerMl mass of one millilitre as it is measured out (poured, spooned), g/ml
 * @param allergens what it brings
 * @param source where the composition comes from
 * @param traits acidity, mass of a piece, price, special nature
 */
public record Ingredient(
        String id,
        String name,
        Composition composition,
        double densityGPerMl,
        Set<Allergen> allergens,
        Source source,
        Traits traits) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a name is missing or the density is
     *     not that of a food, 0.05 to 3 g/ml
     */
    public Ingredient {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        Require.between("density", densityGPerMl, 0.05, 3, "g/ml");
        allergens = Set.copyOf(allergens);
    }

    /** An ingredient of which nothing else is known. */
    public Ingredient(
            final String id,
            final String name,
            final Composition composition,
            final double densityGPerMl,
            final Set<Allergen> allergens,
            final Source source) {
        this(id, name, composition, densityGPerMl, allergens, source, Traits.NONE);
    }

    /** Whether it has this nature. */
    public boolean is(final FunctionalClass nature) {
        return traits.natures().contains(nature);
    }
}
