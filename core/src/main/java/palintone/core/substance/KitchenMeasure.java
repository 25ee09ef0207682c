package palintone.core.substance;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.Require;

/**
 * An amount as a kitchen measures it out: whole cups and quarters of one, whole spoons, quarters of
 * a teaspoon, a pinch. What twelve and a half tablespoons, or four and a fifth pinches, come to in
 * the hand. Rounded; the balance says it exactly.
 *
 * @param spoons one after the other, the largest first; empty where it is weighed, or counted
 */
public record KitchenMeasure(List<Spoon> spoons) {

    private static final double TEASPOON_ML = 5;
    private static final double TABLESPOON_ML = 15;
    private static final double QUARTER_CUP_ML = 60;

    /** From here on a pinch more or less is not seen: half an eighth of a teaspoon, ml. */
    private static final double LEAST_ML = 0.3125;

    /** So many of a unit: halves, quarters and eighths of it at most. */
    public record Spoon(double amount, KitchenUnit unit) {}

    public KitchenMeasure {
        spoons = List.copyOf(spoons);
    }

    /**
     * @param amount how many of the unit, above 0
     * @return its spoons; of grams, litres and pieces none
     * @throws palintone.core.figure.OutOfRangeException when the amount is not above zero
     */
    public static KitchenMeasure of(final double amount, final KitchenUnit unit) {
        Require.positive("amount", amount, Portion.MOST_G, unit.symbol());
        if (!unit.isSpooned()) {
            return new KitchenMeasure(List.of());
        }
        final double ml = amount * unit.eachMl();
        if (ml < 1.5 * LEAST_ML) {
            return of(1, KitchenUnit.PINCH, List.of());
        }
        if (ml < TABLESPOON_ML) {
            final double step = ml < TEASPOON_ML / 2 ? 8 : 4;
            return of(Math.round(ml / TEASPOON_ML * step) / step, KitchenUnit.TEASPOON, List.of());
        }
        if (ml < QUARTER_CUP_ML) {
            final double halves = Math.round(ml / TEASPOON_ML * 2) / 2.0;
            final double whole = Math.floor(halves / 3);
            return of(
                    halves - 3 * whole,
                    KitchenUnit.TEASPOON,
                    List.of(new Spoon(whole, KitchenUnit.TABLESPOON)));
        }
        final double spoons = Math.round(ml / TABLESPOON_ML);
        final double quarters = Math.floor(spoons / 4);
        return of(
                spoons - 4 * quarters,
                KitchenUnit.TABLESPOON,
                List.of(new Spoon(quarters / 4, KitchenUnit.CUP)));
    }

    /** What was measured before, and the rest where there is one. */
    private static KitchenMeasure of(
            final double rest, final KitchenUnit unit, final List<Spoon> before) {
        final List<Spoon> all = new ArrayList<>(before);
        if (rest > 0) {
            all.add(new Spoon(rest, unit));
        }
        return new KitchenMeasure(all);
    }

    /** What it holds, ml. */
    public double ml() {
        return spoons.stream().mapToDouble(s -> s.amount() * s.unit().eachMl()).sum();
    }
}
