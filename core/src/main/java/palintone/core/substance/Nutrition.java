package palintone.core.substance;

import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * What a label states of 100 g, by Regulation (EU) No 1169/2011: energy factors of annex XIV, salt
 * as mineral matter of which a stated share is sodium chloride.
 *
 * @param fatG all fat
 * @param carbohydrateG sugars, polyols and starch, fibre not counted
 * @param sugarsG mono- and disaccharides
 * @param polyolsG sorbitol and glycerol
 * @param fibreG fibre
 * @param proteinG protein
 * @param organicAcidG organic acid
 * @param alcoholG ethanol
 */
public record Nutrition(
        double fatG,
        double carbohydrateG,
        double sugarsG,
        double polyolsG,
        double fibreG,
        double proteinG,
        double organicAcidG,
        double alcoholG) {

    public static final Source SOURCE =
            Source.remembered("Regulation (EU) No 1169/2011, annex XIV, energy factors");

    /** Of 100 g of this composition. */
    public static Nutrition of(final Composition c) {
        final double cocoa = c.fraction(Component.COCOA_SOLIDS) * 100;
        final double milk = c.fraction(Component.MILK_SOLIDS) * 100;
        final double sugars =
                100
                                * (c.fraction(Component.SUCROSE)
                                        + c.fraction(Component.GLUCOSE)
                                        + c.fraction(Component.FRUCTOSE)
                                        + c.fraction(Component.LACTOSE)
                                        + c.fraction(Component.MALTOSE))
                        + milk * LumpedSolids.MILK_LACTOSE;
        final double polyols =
                100 * (c.fraction(Component.SORBITOL) + c.fraction(Component.GLYCEROL));
        final double starches =
                100 * (c.fraction(Component.STARCH) + c.fraction(Component.HIGHER_SACCHARIDES))
                        + cocoa * LumpedSolids.COCOA_CARBOHYDRATE;
        return new Nutrition(
                c.fatFraction() * 100,
                sugars + polyols + starches,
                sugars,
                polyols,
                100 * c.fraction(Component.FIBRE) + cocoa * LumpedSolids.COCOA_FIBRE,
                100 * c.fraction(Component.PROTEIN)
                        + cocoa * LumpedSolids.COCOA_PROTEIN
                        + milk * LumpedSolids.MILK_PROTEIN,
                100 * c.fraction(Component.ORGANIC_ACID),
                100 * c.fraction(Component.ETHANOL));
    }

    /**
     * Energy of 100 g, kJ: fat 37, carbohydrate 17, polyols 10, protein 17, alcohol 29, fibre 8,
     * organic acid 13.
     */
    public double kilojoules() {
        return 37 * fatG
                + 17 * (carbohydrateG - polyolsG)
                + 10 * polyolsG
                + 17 * proteinG
                + 29 * alcoholG
                + 8 * fibreG
                + 13 * organicAcidG;
    }

    /** Energy of 100 g, kcal, by the regulation's own factors. */
    public double kilocalories() {
        return 9 * fatG
                + 4 * (carbohydrateG - polyolsG)
                + 2.4 * polyolsG
                + 4 * proteinG
                + 7 * alcoholG
                + 2 * fibreG
                + 3 * organicAcidG;
    }

    /** Energy as a figure with its basis. */
    public Figure energy() {
        return Figure.of(
                "energy",
                kilojoules(),
                Unit.KILOJOULE_PER_100G,
                Basis.of(
                                "37·fat + 17·carbohydrate + 10·polyols + 17·protein + 29·alcohol +"
                                        + " 8·fibre + 13·organic acid")
                        .with("fat", fatG, Unit.GRAM)
                        .with("carbohydrate without polyols", carbohydrateG - polyolsG, Unit.GRAM)
                        .with("polyols", polyolsG, Unit.GRAM)
                        .with("protein", proteinG, Unit.GRAM)
                        .with("alcohol", alcoholG, Unit.GRAM)
                        .with("fibre", fibreG, Unit.GRAM)
                        .with("organic acid", organicAcidG, Unit.GRAM)
                        .with("kilocalories", kilocalories(), Unit.ONE)
                        .from(SOURCE));
    }
}
