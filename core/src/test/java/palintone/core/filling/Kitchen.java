package palintone.core.filling;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import palintone.core.figure.Source;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;
import palintone.core.substance.Traits;

/** Ingredients of fillings that several tests need. */
public final class Kitchen {

    public static final Ingredient SUGAR = of("sugar", Map.of(Component.SUCROSE, 100.0));
    public static final Ingredient WATER = of("water", Map.of(Component.WATER, 100.0));
    public static final Ingredient INVERT =
            of(
                    "invert",
                    Map.of(
                            Component.WATER, 25.0,
                            Component.SUCROSE, 5.0,
                            Component.GLUCOSE, 35.0,
                            Component.FRUCTOSE, 35.0));
    public static final Ingredient BUTTER =
            of(
                    "butter",
                    Map.of(
                            Component.WATER, 16.0,
                            Component.MILK_FAT, 82.5,
                            Component.LACTOSE, 0.8,
                            Component.PROTEIN, 0.7));
    public static final Ingredient PUREE =
            of(
                    "puree",
                    Map.of(
                            Component.WATER, 85.0,
                            Component.FRUCTOSE, 4.0,
                            Component.GLUCOSE, 5.0,
                            Component.FIBRE, 3.5,
                            Component.ORGANIC_ACID, 2.0,
                            Component.ASH, 0.5));

    /** Orange juice: a tenth of sugars. */
    public static final Ingredient JUICE =
            of(
                    "juice",
                    Map.of(
                            Component.WATER, 88.5,
                            Component.SUCROSE, 4.5,
                            Component.GLUCOSE, 2.2,
                            Component.FRUCTOSE, 2.5,
                            Component.PROTEIN, 0.7,
                            Component.FIBRE, 0.3,
                            Component.ASH, 0.4,
                            Component.ORGANIC_ACID, 0.9));

    public static final Ingredient NUT_PASTE =
            of(
                    "nut-paste",
                    Map.of(
                            Component.LIQUID_OIL, 60.0,
                            Component.PROTEIN, 15.0,
                            Component.FIBRE, 11.0,
                            Component.STARCH, 6.0,
                            Component.SUCROSE, 4.0,
                            Component.WATER, 1.5,
                            Component.ASH, 2.5));
    public static final Ingredient YOLK =
            new Ingredient(
                    "yolk",
                    "Egg yolk",
                    Composition.per100(
                            Map.of(
                                    Component.WATER, 51.0,
                                    Component.LIQUID_OIL, 31.0,
                                    Component.PROTEIN, 16.3,
                                    Component.ASH, 1.7)),
                    1.03,
                    Set.of(Allergen.EGG),
                    Source.workshop("invented for the tests"),
                    new Traits(
                            OptionalDouble.of(6.2),
                            OptionalDouble.of(17),
                            OptionalDouble.empty(),
                            Set.of(FunctionalClass.RAW_EGG),
                            false));
    public static final Ingredient SPIRIT =
            new Ingredient(
                    "spirit",
                    "Caraway spirit",
                    Composition.per100(Map.of(Component.WATER, 67.0, Component.ETHANOL, 33.0)),
                    0.95,
                    Set.of(),
                    Source.workshop("invented for the tests"),
                    new Traits(
                            OptionalDouble.empty(),
                            OptionalDouble.empty(),
                            OptionalDouble.of(20),
                            Set.of(FunctionalClass.SPIRIT),
                            false));

    public static final Ingredient PEANUT_PASTE =
            of(
                    "peanut-paste",
                    Map.of(
                            Component.WATER, 0.98,
                            Component.LIQUID_OIL, 53.47,
                            Component.SUCROSE, 4.0,
                            Component.PROTEIN, 25.42,
                            Component.STARCH, 5.78,
                            Component.FIBRE, 7.82,
                            Component.ASH, 2.53));

    public static final Ingredient JAM =
            of(
                    "jam",
                    Map.of(
                            Component.WATER, 34.0,
                            Component.SUCROSE, 40.0,
                            Component.GLUCOSE, 12.5,
                            Component.FRUCTOSE, 12.5,
                            Component.FIBRE, 1.0));

    /** As the larder has it: poured out, three quarters of the room is air. */
    public static final Ingredient WAFER =
            loose(
                    "wafer",
                    0.25,
                    Map.of(
                            Component.WATER, 2.0,
                            Component.OTHER_FAT, 3.0,
                            Component.SUCROSE, 35.0,
                            Component.STARCH, 60.0));

    public static final Ingredient COCONUT =
            loose(
                    "coconut",
                    0.35,
                    Map.of(
                            Component.WATER, 3.0,
                            Component.LAURIC_FAT, 65.0,
                            Component.PROTEIN, 7.0,
                            Component.SUCROSE, 7.0,
                            Component.FIBRE, 18.0));

    private Kitchen() {}

    public static RecipeLine grams(final Ingredient ingredient, final double grams) {
        return new RecipeLine(ingredient, grams, KitchenUnit.GRAM);
    }

    public static Operation op(final OperationKind kind, final RecipeLine... lines) {
        return Operation.of(kind, java.util.List.of(lines));
    }

    public static Ingredient of(final String id, final Map<Component, Double> parts) {
        return loose(id, 1, parts);
    }

    /** Of this density when poured out. */
    private static Ingredient loose(
            final String id, final double gPerMl, final Map<Component, Double> parts) {
        return new Ingredient(
                id,
                id,
                Composition.per100(parts),
                gPerMl,
                Set.of(),
                Source.workshop("for the tests"));
    }
}
