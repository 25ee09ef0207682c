package palintone.core.substance;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;

/**
 * Portions put together. Nothing is lost: the mass of every component is the sum over the portions.
 */
public final class Mixture {

    private final List<Portion> portions;
    private final double massG;
    private final Composition composition;

    private Mixture(final List<Portion> portions) {
        this.portions = List.copyOf(portions);
        final Map<Component, Double> masses = new EnumMap<>(Component.class);
        double total = 0;
        for (final Portion portion : portions) {
            total += portion.massG();
            portion.ingredient()
                    .composition()
                    .fractions()
                    .forEach((c, share) -> masses.merge(c, share * portion.massG(), Double::sum));
        }
        massG = total;
        composition = Composition.ofMasses(masses);
    }

    /**
     * @throws OutOfRangeException when there is nothing to mix
     */
    public static Mixture of(final List<Portion> portions) {
        if (portions.isEmpty()) {
            throw new OutOfRangeException("ingredients", "none", "at least one line");
        }
        return new Mixture(portions);
    }

    public List<Portion> portions() {
        return portions;
    }

    /** Mass of the whole, grams. */
    public double massG() {
        return massG;
    }

    /** Mass of one component in the whole, grams. */
    public double massG(final Component component) {
        return composition.fraction(component) * massG;
    }

    public Composition composition() {
        return composition;
    }

    /** Every allergen that any portion brings, in the order of the regulation. */
    public Set<Allergen> allergens() {
        final Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        portions.forEach(portion -> all.addAll(portion.ingredient().allergens()));
        return all;
    }

    /** The same mixture brought to another mass, grams. */
    public Mixture scaledTo(final double newMassG) {
        final double k = newMassG / massG;
        return new Mixture(portions.stream().map(portion -> portion.times(k)).toList());
    }
}
