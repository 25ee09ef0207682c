package palintone.core.filling.sugar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Source;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.BoilingPoint;
import palintone.core.filling.water.SyrupViscosity;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;

/**
 * A drop of cooked sugar, by the viscosity the water left in it has when it is cold.
 *
 * <p>It runs out as a viscous pool of constant volume, R = 0.894·(Δρ·g·V³·t/3µ)^⅛; what would not
 * have run wider than the ball it fell as has kept that shape. Between two fingers it is as stiff
 * as {@link Texture} says of the cold filling.
 *
 * @param stage by its cold-water name
 * @param seaC cooked to, as at sea level
 * @param onPlate after ten seconds on a cold plate
 * @param inWater after ten seconds in cold water
 * @param feel between two fingers
 */
public record SugarDrop(SugarStage stage, double seaC, Shape onPlate, Shape inWater, Feel feel) {

    public static final Source SOURCE =
            Source.calibrated(
                    "spreading of a viscous pool (Huppert 1982, from memory) at the viscosity of the"
                            + " syrup at 20 °C; between two fingers by the stiffness of the cold"
                            + " filling, set so that the cold-water names come out at their"
                            + " temperatures");

    private static final double DROP_ML = 0.5;
    private static final double CUBIC_M_PER_ML = 1e-6;
    private static final double COLD_C = 20;
    private static final double LOOKED_AT_S = 10;
    private static final double SUGAR_KG_PER_M3 = 1400;
    private static final double WATER_KG_PER_M3 = 1000;
    private static final double POOL = 0.894;

    /**
     * A drop from the side.
     *
     * @param acrossMm wide
     * @param highMm in its middle
     * @param ball whether it has kept the shape it fell as
     */
    public record Shape(double acrossMm, double highMm, boolean ball) {}

    /** What it does between two fingers. */
    public enum Feel {
        RUNS("runs off the finger", 60),
        FLATTENS("flattens between the fingers", 500),
        GIVES_WAY("holds its shape, gives way", 7e3),
        RESISTS("resists", 1e7),
        SNAPS("snaps", Double.POSITIVE_INFINITY);

        private final String words;
        private final double belowPa;

        Feel(final String words, final double belowPa) {
            this.words = words;
            this.belowPa = belowPa;
        }

        public String words() {
            return words;
        }

        private static Feel of(final double pascal) {
            for (final Feel feel : values()) {
                if (pascal < feel.belowPa) {
                    return feel;
                }
            }
            return SNAPS;
        }
    }

    /** Less sugar than that among what is dry is no cooked sugar, and makes no drop. */
    private static final double SUGARY = 0.35;

    private static final Set<Component> SUGARS =
            Set.of(
                    Component.SUCROSE,
                    Component.GLUCOSE,
                    Component.FRUCTOSE,
                    Component.MALTOSE,
                    Component.HIGHER_SACCHARIDES);

    /**
     * Of what is in a pan, cooked to the middle of every stage it comes to; none where it is not
     * mostly sugar.
     *
     * @throws OutOfRangeException where there is no water in it
     */
    public static List<SugarDrop> ofEvery(final SugarCook.Pan pan) {
        final List<SugarDrop> drops = new ArrayList<>();
        final Composition in = pan.composition();
        if (SUGARS.stream().mapToDouble(in::fraction).sum()
                < SUGARY * (1 - in.fraction(Component.WATER))) {
            return List.of();
        }
        final AqueousPhase cold = AqueousPhase.dissolvedWhole(grams(pan, water(pan)));
        final double boilsC = BoilingPoint.celsius(cold, Cooking.SEA_LEVEL_HPA);
        for (final SugarStage stage : SugarStage.values()) {
            if (stage.middleC() > boilsC) {
                drops.add(at(stage.middleC(), pan, cold));
            }
        }
        return List.copyOf(drops);
    }

    private static SugarDrop at(
            final double seaC, final SugarCook.Pan pan, final AqueousPhase before) {
        final double left = BoilingPoint.waterLeft(before, seaC, Cooking.SEA_LEVEL_HPA);
        final double log10 =
                SyrupViscosity.log10PaS(AqueousPhase.dissolvedWhole(grams(pan, left)), COLD_C);
        final double paS = Math.pow(10, log10);
        return new SugarDrop(
                SugarStage.at(seaC),
                seaC,
                shape(SUGAR_KG_PER_M3, paS),
                shape(SUGAR_KG_PER_M3 - WATER_KG_PER_M3, paS),
                Feel.of(Texture.of(cooked(seaC, pan)).pascal(COLD_C)));
    }

    /** The pan cooked so far, as a filling: how stiff it is cold is answered there. */
    private static Cooked cooked(final double seaC, final SugarCook.Pan pan) {
        final Ingredient all =
                new Ingredient(
                        "pan",
                        "what is in the pan",
                        pan.composition(),
                        1,
                        Set.of(),
                        Source.definition("what is in the pan, stirred together"));
        return Cooking.cook(
                List.of(
                        Operation.of(
                                OperationKind.ADD,
                                List.of(new RecipeLine(all, pan.massG(), KitchenUnit.GRAM))),
                        Operation.of(OperationKind.COOK_SUGAR, List.of())
                                .with(OperationSetting.TEMPERATURE_C, seaC)));
    }

    /**
     * @param heavierKgPerM3 than what is around it
     * @param paS viscosity
     */
    static Shape shape(final double heavierKgPerM3, final double paS) {
        final double m3 = DROP_ML * CUBIC_M_PER_ML;
        final double ballM = Math.cbrt(3 * m3 / (4 * Math.PI));
        final double poolM =
                POOL
                        * Math.pow(
                                heavierKgPerM3
                                        * PhysicalConstants.GRAVITY_M_PER_S2
                                        * m3
                                        * m3
                                        * m3
                                        * LOOKED_AT_S
                                        / (3 * paS),
                                1.0 / 8);
        return poolM <= ballM
                ? new Shape(2000 * ballM, 2000 * ballM, true)
                : new Shape(2000 * poolM, 1000 * 4 * m3 / (3 * Math.PI * poolM * poolM), false);
    }

    private static double water(final SugarCook.Pan pan) {
        final double waterG = pan.massG(Component.WATER);
        if (waterG <= 0) {
            throw new OutOfRangeException(
                    "sugar to cook", "no water in it", "sugar with water, syrup or cream");
        }
        return waterG;
    }

    private static double[] grams(final SugarCook.Pan pan, final double waterG) {
        final double[] grams = new double[Component.values().length];
        for (final Component component : Component.values()) {
            grams[component.ordinal()] = pan.massG(component);
        }
        grams[Component.WATER.ordinal()] = waterG;
        return grams;
    }
}
