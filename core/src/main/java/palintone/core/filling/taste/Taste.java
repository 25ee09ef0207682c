package palintone.core.filling.taste;

import palintone.core.figure.Source;
import palintone.core.filling.pot.Cooked;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.LumpedSolids;

/**
 * Sweet, bitter, sour, alcohol: of the whole, in 100 g.
 *
 * <p>Sweetness in grams of sucrose that taste as sweet, by the relative sweetness of each sugar
 * (fructose 1.7, glucose .74, lactose .2, sorbitol .6, maltose .4, glycerol .6, higher saccharides
 * .2, from memory). Bitterness in grams of fat-free cocoa that taste as bitter; caramelised sugar
 * counts a third (calibrated here). Acidity is that of the pot ({@link
 * palintone.core.filling.water.Buffers}).
 */
public final class Taste {

    public static final Source SWEETNESS =
            Source.remembered("relative sweetness of sugars, food-chemistry handbooks");

    public static final Source BITTERNESS =
            Source.calibrated("cocoa solids, and a third of caramelised sugar, as bitterness");

    private Taste() {}

    /** Grams of sucrose in 100 g that taste as sweet. */
    public static double sweetness(final Composition c) {
        return 100
                * (c.fraction(Component.SUCROSE)
                        + 0.74 * c.fraction(Component.GLUCOSE)
                        + 1.7 * c.fraction(Component.FRUCTOSE)
                        + 0.2 * c.fraction(Component.LACTOSE)
                        + 0.4 * c.fraction(Component.MALTOSE)
                        + 0.2 * c.fraction(Component.HIGHER_SACCHARIDES)
                        + 0.6 * c.fraction(Component.SORBITOL)
                        + 0.6 * c.fraction(Component.GLYCEROL)
                        + 0.2 * LumpedSolids.MILK_LACTOSE * c.fraction(Component.MILK_SOLIDS));
    }

    /** Grams of fat-free cocoa in 100 g that taste as bitter. */
    public static double bitterness(final Cooked cooked) {
        return 100
                * (cooked.composition().fraction(Component.COCOA_SOLIDS)
                        + cooked.history().caramelisedG() / 3 / cooked.yieldG());
    }

    /** Grams of fat-free cocoa in 100 g of what was not cooked. */
    public static double bitterness(final Composition c) {
        return 100 * c.fraction(Component.COCOA_SOLIDS);
    }

    /** Grams of alcohol in 100 g: what a label is judged by. */
    public static double alcoholByMass(final Composition c) {
        return 100 * c.fraction(Component.ETHANOL);
    }
}
