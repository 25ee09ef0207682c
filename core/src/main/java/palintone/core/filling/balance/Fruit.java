package palintone.core.filling.balance;

import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;

/**
 * What is fruit, told by what it is made of, so that an ingredient of a maker's own counts too: the
 * sugars of fruit, next to no fat, protein or starch, no milk and no spirit.
 */
public final class Fruit {

    private static final double MONOSACCHARIDES = 0.015;
    private static final double DRIED_MONOSACCHARIDES = 0.10;
    private static final double FIBRE = 0.001;
    private static final double MOST_FAT = 0.05;
    private static final double MOST_PROTEIN = 0.05;
    private static final double MOST_STARCH = 0.08;
    private static final double WET = 0.5;

    private Fruit() {}

    /** Fresh, as purée, as juice or dried. */
    public static boolean is(final Ingredient ingredient) {
        final Composition c = ingredient.composition();
        final double mono = c.fraction(Component.GLUCOSE) + c.fraction(Component.FRUCTOSE);
        return c.fatFraction() < MOST_FAT
                && c.fraction(Component.PROTEIN) < MOST_PROTEIN
                && c.fraction(Component.STARCH) < MOST_STARCH
                && c.fraction(Component.MILK_SOLIDS) + c.fraction(Component.LACTOSE) <= 0
                && c.fraction(Component.COCOA_SOLIDS) <= 0
                && c.fraction(Component.ETHANOL) <= 0
                && c.fraction(Component.FIBRE) >= FIBRE
                && mono >= (wet(c) ? MONOSACCHARIDES : DRIED_MONOSACCHARIDES)
                && !ingredient.is(FunctionalClass.INFUSED);
    }

    /** Fruit with water to boil away. */
    public static boolean isWet(final Ingredient ingredient) {
        return wet(ingredient.composition()) && is(ingredient);
    }

    private static boolean wet(final Composition c) {
        return c.fraction(Component.WATER) >= WET;
    }
}
