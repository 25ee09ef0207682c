package palintone.core.substance;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * The nutrition panel of a packet, grams in 100 g, and what a full composition is estimated to be
 * from it. What the panel does not say is shared out by the kind of thing it is; the water is what
 * is left, unless the packet states it.
 *
 * @param fatG fat
 * @param carbohydrateG carbohydrate, sugars included, fibre not
 * @param sugarsG of which sugars
 * @param fibreG fibre, empty where the panel has none
 * @param proteinG protein
 * @param saltG salt
 * @param waterG water, where the maker knows it
 * @param like what kind of thing it is
 */
public record LabelPanel(
        double fatG,
        double carbohydrateG,
        double sugarsG,
        OptionalDouble fibreG,
        double proteinG,
        double saltG,
        OptionalDouble waterG,
        Like like) {

    /** Milk brings so much lactose for its protein, from memory: 4.8 for 3.3. */
    private static final double LACTOSE_PER_PROTEIN = 1.6;

    /** Butter and cream bring a little more than their protein says. */
    private static final double LACTOSE_OF_FAT = 1.5;

    public static final Source SOURCE =
            Source.calibrated(
                    "shares of sugars and fats for this kind of food, estimated from general"
                            + " food-composition knowledge");

    /** What a packet holds, as far as its hidden parts go. Shares from memory. */
    public enum Like {
        CHOCOLATE(Component.COCOA_BUTTER, 0.98, 0.02, 0, 0),
        DAIRY(Component.MILK_FAT, 0, 0, 0, 1.0),
        NUT(Component.LIQUID_OIL, 0.9, 0.05, 0.05, 0),
        FRUIT(Component.LIQUID_OIL, 0.25, 0.38, 0.37, 0),
        BISCUIT(Component.OTHER_FAT, 0.9, 0.04, 0.02, 0.04),
        SYRUP(Component.LIQUID_OIL, 0.1, 0.45, 0.45, 0),
        COCONUT(Component.LAURIC_FAT, 0.9, 0.05, 0.05, 0);

        private final Component fat;
        private final double sucrose;
        private final double glucose;
        private final double fructose;
        private final double lactose;

        Like(
                final Component fat,
                final double sucrose,
                final double glucose,
                final double fructose,
                final double lactose) {
            this.fat = fat;
            this.sucrose = sucrose;
            this.glucose = glucose;
            this.fructose = fructose;
            this.lactose = lactose;
        }
    }

    /**
     * Allowed: fat 0 to 100 g; carbohydrate 0 to 100 g; sugars 0 to 100 g; protein 0 to 100 g; salt
     * 0 to 100 g; fibre 0 to 100 g; water 0 to 100 g.
     *
     * @throws OutOfRangeException when a number is negative, or the parts exceed 100 g
     */
    public LabelPanel {
        Require.between("fat", fatG, 0, 100, "g");
        Require.between("carbohydrate", carbohydrateG, 0, 100, "g");
        Require.between("sugars", sugarsG, 0, 100, "g");
        Require.between("protein", proteinG, 0, 100, "g");
        Require.between("salt", saltG, 0, 100, "g");
        fibreG.ifPresent(g -> Require.between("fibre", g, 0, 100, "g"));
        waterG.ifPresent(g -> Require.between("water", g, 0, 100, "g"));
        if (sugarsG > carbohydrateG + 0.05) {
            throw new OutOfRangeException(
                    "sugars", sugarsG + " g", "no more than the carbohydrate, " + carbohydrateG);
        }
        final double stated =
                fatG + carbohydrateG + fibreG.orElse(0) + proteinG + saltG + waterG.orElse(0);
        if (stated > 101) {
            throw new OutOfRangeException(
                    "panel", Math.round(stated * 10) / 10.0 + " g in 100 g", "parts up to 100 g");
        }
    }

    /** The composition behind the panel, estimated; it sums to 100 g. */
    public Composition estimate() {
        final Map<Component, Double> g = new EnumMap<>(Component.class);
        put(g, like.fat, fatG);
        put(g, Component.SUCROSE, sugarsG * like.sucrose + added());
        put(g, Component.GLUCOSE, sugarsG * like.glucose);
        put(g, Component.FRUCTOSE, sugarsG * like.fructose);
        put(g, Component.LACTOSE, sugarsG * like.lactose - added());
        put(
                g,
                like == Like.SYRUP ? Component.HIGHER_SACCHARIDES : Component.STARCH,
                carbohydrateG - sugarsG);
        put(g, Component.PROTEIN, proteinG);
        put(g, Component.ASH, saltG);
        put(g, Component.FIBRE, fibreG.orElse(0));
        final double stated = g.values().stream().mapToDouble(Double::doubleValue).sum();
        final double left = Math.max(0, 100 - stated);
        if (waterG.isPresent()) {
            put(g, Component.WATER, waterG.getAsDouble());
            put(g, hidden(), Math.max(0, left - waterG.getAsDouble()));
        } else if (like == Like.CHOCOLATE || like == Like.NUT || like == Like.BISCUIT) {
            // Dry things: a little water, and the rest is what panels leave out.
            final double water = Math.min(left, 1.5);
            put(g, Component.WATER, water);
            put(g, hidden(), left - water);
        } else {
            put(g, Component.WATER, left);
        }
        return Composition.ofMasses(g);
    }

    /** Sugar of a dairy thing that its milk cannot have brought: it was added. */
    private double added() {
        return like == Like.DAIRY
                ? Math.max(0, sugarsG - LACTOSE_PER_PROTEIN * proteinG - LACTOSE_OF_FAT)
                : 0;
    }

    private Component hidden() {
        return like == Like.CHOCOLATE ? Component.COCOA_SOLIDS : Component.FIBRE;
    }

    private static void put(final Map<Component, Double> g, final Component c, final double grams) {
        if (grams > 0) {
            g.merge(c, grams, Double::sum);
        }
    }
}
