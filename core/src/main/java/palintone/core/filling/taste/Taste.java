package palintone.core.filling.taste;

import java.util.Map;
import palintone.core.figure.Source;
import palintone.core.filling.pot.Cooked;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.LumpedSolids;

/**
 * Sweet, bitter, sour, alcohol: of the whole, in 100 g.
 *
 * <p>Sweetness in grams of sucrose that taste as sweet, by the relative sweetness of each sugar
 * (fructose 1.7, glucose .74, lactose .2, sorbitol .6, maltose .4, glycerol .6, higher saccharides
 * .2, from memory). Bitterness in grams of fat-free cocoa that taste as bitter; caramelised sugar
 * counts a third (calibrated here). Acidity as pH is the mean of the ingredients' pH weighed by
 * what buffers them: their acid, protein and minerals; an estimate within ±0.4 to be replaced by a
 * measurement.
 */
public final class Taste {

    public static final Source SWEETNESS =
            Source.remembered("relative sweetness of sugars, food-chemistry handbooks");

    public static final Source BITTERNESS =
            Source.calibrated("cocoa solids, and a third of caramelised sugar, as bitterness");

    public static final Source ACIDITY =
            Source.calibrated("pH of the ingredients weighed by what buffers them; within ±0.4");

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

    /** Volume of alcohol in the syrup, per cent; what a nose and a label care about. */
    public static double alcoholByMass(final Composition c) {
        return 100 * c.fraction(Component.ETHANOL);
    }

    /** pH of the whole, estimated. */
    public static double ph(final Map<Ingredient, Double> weighed) {
        double buffers = 0;
        double sum = 0;
        for (final Map.Entry<Ingredient, Double> part : weighed.entrySet()) {
            final Composition c = part.getKey().composition();
            final double buffer =
                    part.getValue()
                            * (c.fraction(Component.ORGANIC_ACID) * 1.0
                                    + c.fraction(Component.PROTEIN) * 0.12
                                    + c.fraction(Component.MILK_SOLIDS) * 0.06
                                    + c.fraction(Component.COCOA_SOLIDS) * 0.07
                                    + c.fraction(Component.ASH) * 0.2
                                    + c.fraction(Component.WATER) * 0.001);
            sum += buffer * ph(part.getKey());
            buffers += buffer;
        }
        return buffers > 0 ? sum / buffers : 7;
    }

    /** What the larder says, or what its acid suggests. */
    static double ph(final Ingredient ingredient) {
        if (ingredient.traits().ph().isPresent()) {
            return ingredient.traits().ph().getAsDouble();
        }
        final Composition c = ingredient.composition();
        final double acid = c.fraction(Component.ORGANIC_ACID);
        if (acid > 0.003) {
            return Math.max(2.2, 3.9 - 1.0 * Math.log10(acid / 0.003) * 0.8);
        }
        return c.fraction(Component.COCOA_SOLIDS) > 0.02 ? 5.7 : 6.4;
    }
}
