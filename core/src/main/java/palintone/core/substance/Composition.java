package palintone.core.substance;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.StringJoiner;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * Mass fractions of the components of a substance; they always sum to one.
 *
 * <p>Built from grams per 100 g as a label or a food table states them. Those sums are rarely
 * exact: 99 to 101 g is accepted and scaled to 100, so that no gram is lost in a mass balance.
 */
public final class Composition {

    /** How far a stated sum may lie from 100 g. */
    public static final double SUM_TOLERANCE_G = 1.0;

    private final Map<Component, Double> fractions;

    private Composition(final Map<Component, Double> fractions) {
        this.fractions = fractions;
    }

    /**
     * @param gramsPer100 grams of each component, 0 to 100 in 100 g; a component not named is
     *     absent
     * @throws OutOfRangeException when an amount is negative or over 100, or the sum is not 100 ± 1
     */
    public static Composition per100(final Map<Component, Double> gramsPer100) {
        double sum = 0;
        for (final Map.Entry<Component, Double> part : gramsPer100.entrySet()) {
            sum += Require.between(part.getKey().words(), part.getValue(), 0, 100, "g per 100 g");
        }
        if (Math.abs(sum - 100) > SUM_TOLERANCE_G) {
            throw new OutOfRangeException(
                    "composition",
                    String.format(
                            java.util.Locale.ROOT, "%.1f g in 100 g (%s)", sum, list(gramsPer100)),
                    "a sum of 99 to 101 g");
        }
        return scaled(gramsPer100, sum);
    }

    /** From grams that sum to anything above zero: what a mixture or a pot holds. */
    public static Composition ofMasses(final Map<Component, Double> massesG) {
        double sum = 0;
        for (final double massG : massesG.values()) {
            sum += massG;
        }
        Require.positive("mass of the mixture", sum, Double.MAX_VALUE, "g");
        return scaled(massesG, sum);
    }

    private static Composition scaled(final Map<Component, Double> parts, final double sum) {
        final Map<Component, Double> fractions = new EnumMap<>(Component.class);
        parts.forEach(
                (component, part) -> {
                    if (part > 0) {
                        fractions.put(component, part / sum);
                    }
                });
        return new Composition(Collections.unmodifiableMap(fractions));
    }

    private static String list(final Map<Component, Double> parts) {
        final StringJoiner words = new StringJoiner(", ");
        parts.forEach((component, part) -> words.add(component.words() + " " + part));
        return words.toString();
    }

    /** Mass fraction of one component, 0 to 1. */
    public double fraction(final Component component) {
        return fractions.getOrDefault(component, 0.0);
    }

    /** Mass fraction of all fat, whatever its kind, 0 to 1. */
    public double fatFraction() {
        double fat = 0;
        for (final Map.Entry<Component, Double> part : fractions.entrySet()) {
            fat += part.getKey().isFat() ? part.getValue() : 0;
        }
        return fat;
    }

    /** Share of milk fat in all fat, 0 to 1; 0 where there is no fat. */
    public double milkFatShareOfFat() {
        final double fat = fatFraction();
        return fat > 0 ? fraction(Component.MILK_FAT) / fat : 0;
    }

    /** The components present, with their mass fractions. */
    public Map<Component, Double> fractions() {
        return fractions;
    }

    @Override
    public boolean equals(final Object other) {
        return other instanceof Composition that && fractions.equals(that.fractions);
    }

    @Override
    public int hashCode() {
        return fractions.hashCode();
    }

    @Override
    public String toString() {
        return "Composition" + fractions;
    }
}
