package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.List;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.taste.Taste;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;

/** Sugars as they are weighed in: crystals, syrups, honeys, by what they are made of. */
final class Sugars {

    private static final List<Component> SUGARS =
            List.of(
                    Component.SUCROSE,
                    Component.GLUCOSE,
                    Component.FRUCTOSE,
                    Component.MALTOSE,
                    Component.HIGHER_SACCHARIDES,
                    Component.SORBITOL,
                    Component.GLYCEROL);

    /** With less it is fruit or chocolate, share of what is not water. */
    private static final double NEXT_TO_NOTHING_ELSE = 0.9;

    private static final double MOST_WATER = 0.4;

    /** Sweeter than this, in sucrose of what is not water, it never makes a filling less sweet. */
    private static final double SWEET = 0.55;

    private Sugars() {}

    /** Places of the lines that are sugars, in the order of the recipe. */
    static List<Integer> lines(final List<Operation> operations) {
        final List<Integer> places = new ArrayList<>();
        int next = 0;
        for (final Operation op : operations) {
            for (final RecipeLine line : op.lines()) {
                if (is(line.ingredient())) {
                    places.add(next);
                }
                next++;
            }
        }
        return places;
    }

    private static boolean is(final Ingredient ingredient) {
        final Composition c = ingredient.composition();
        final double dry = 1 - c.fraction(Component.WATER);
        return c.fraction(Component.WATER) < MOST_WATER
                && SUGARS.stream().mapToDouble(c::fraction).sum() > NEXT_TO_NOTHING_ELSE * dry;
    }

    /** Whether more of it can only make a filling sweeter. */
    static boolean isSweet(final Ingredient ingredient) {
        final Composition c = ingredient.composition();
        return Taste.sweetness(c) / 100 > SWEET * (1 - c.fraction(Component.WATER));
    }
}
