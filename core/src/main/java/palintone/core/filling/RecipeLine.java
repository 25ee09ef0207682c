package palintone.core.filling;

import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;
import palintone.core.substance.Portion;

/**
 * One line of a recipe, in the unit its maker wrote it in.
 *
 * @param ingredient what
 * @param amount how many units, above 0
 * @param unit of mass or volume
 */
public record RecipeLine(Ingredient ingredient, double amount, KitchenUnit unit) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when the amount is not above zero
     */
    public RecipeLine {
        unit.toGrams(amount, ingredient.densityGPerMl());
    }

    public Portion portion() {
        return new Portion(ingredient, unit.toGrams(amount, ingredient.densityGPerMl()));
    }
}
