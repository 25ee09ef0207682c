package palintone.core.filling.pot;

import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;
import palintone.core.substance.Portion;

/**
 * One line of a recipe, in the unit its maker wrote it in.
 *
 * @param ingredient what
 * @param amount how many units, above 0
 * @param unit of mass, of volume, or pieces
 */
public record RecipeLine(Ingredient ingredient, double amount, KitchenUnit unit) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when the amount is not above zero, or the
     *     unit cannot be weighed for this ingredient
     */
    public RecipeLine {
        unit.toGrams(amount, ingredient);
    }

    public double massG() {
        return unit.toGrams(amount, ingredient);
    }

    public Portion portion() {
        return new Portion(ingredient, massG());
    }

    /** The same line, weighing this much, still in its maker's unit. */
    public RecipeLine weighing(final double massG) {
        return new RecipeLine(ingredient, unit.fromGrams(massG, ingredient), unit);
    }
}
