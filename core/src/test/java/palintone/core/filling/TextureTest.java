package palintone.core.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.fat.FatBlend;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;

/** Common practice, no source: which ratio stands how, at 20 °C. */
class TextureTest {

    private static final Map<String, Ingredient> CHOCOLATE =
            Map.of("dark", Samples.DARK_66, "milk", Samples.MILK_41, "ivory", Samples.IVORY_33);

    @ParameterizedTest(name = "{0} {1} : 1 of cream at {2} °C is {3}")
    @CsvSource({
        "dark, 0.5, 20, POURABLE",
        "dark, 1, 20, PIPEABLE",
        "dark, 2, 20, SLICEABLE",
        "milk, 1, 20, PIPEABLE",
        "milk, 2.5, 20, SLICEABLE",
        "milk, 3, 20, SLICEABLE",
        "ivory, 3, 20, SLICEABLE",
        "dark, 1, 35, RUNS_LEVEL",
        "dark, 1, 4, SLICEABLE"
    })
    void usualRatiosOfGanache(
            final String chocolate,
            final double ratio,
            final double celsius,
            final TextureClass expected) {
        final Texture texture =
                Texture.of(
                        Cooking.cook(
                                List.of(
                                        op(OperationKind.BOIL, grams(Samples.CREAM, 100)),
                                        op(
                                                OperationKind.POUR,
                                                grams(CHOCOLATE.get(chocolate), 100 * ratio)))));
        System.out.printf(
                "%s %.1f:1 at %.0f °C: %.0f Pa, solid fat %.2f%n",
                chocolate, ratio, celsius, texture.pascal(celsius), texture.solidFat(celsius));
        assertThat(texture.classAt(celsius)).isEqualTo(expected);
    }

    /** Common practice, no source: about 110 °C flows, 116 is pliable, 124 a firm chew. */
    @ParameterizedTest(name = "caramel cooked to {0} °C is {1} to {2}")
    @CsvSource({
        "110, PIPEABLE, PIPEABLE",
        "116, SCOOPABLE, SLICEABLE",
        "120, SLICEABLE, SLICEABLE",
        "124, SLICEABLE, FIRM_CHEW"
    })
    void caramels(final double celsius, final TextureClass from, final TextureClass to) {
        final Texture texture =
                Texture.of(
                        Cooking.cook(
                                List.of(
                                        op(
                                                OperationKind.ADD,
                                                grams(Kitchen.SUGAR, 200),
                                                grams(Samples.GLUCOSE_SYRUP, 180),
                                                grams(Samples.CREAM, 250)),
                                        op(OperationKind.COOK_SUGAR, grams(Kitchen.BUTTER, 30))
                                                .with(OperationSetting.TEMPERATURE_C, celsius))));
        System.out.printf("caramel %.0f: %.0f Pa%n", celsius, texture.pascal(20));
        assertThat(texture.classAt(20)).isBetween(from, to);
    }

    @Test
    void nutPasteIsSoftAndChocolateMakesItFirm() {
        final double soft = pascal(100, 0);
        final double firm = pascal(100, 60);
        assertThat(TextureClass.of(soft)).isBetween(TextureClass.POURABLE, TextureClass.PIPEABLE);
        assertThat(TextureClass.of(firm)).isBetween(TextureClass.PIPEABLE, TextureClass.SLICEABLE);
        assertThat(firm).isGreaterThan(2 * soft);
    }

    private static double pascal(final double paste, final double milk) {
        final Operation op =
                milk > 0
                        ? op(
                                OperationKind.ADD,
                                grams(Kitchen.NUT_PASTE, paste),
                                grams(Samples.MILK_41, milk))
                        : op(OperationKind.ADD, grams(Kitchen.NUT_PASTE, paste));
        return Texture.of(Cooking.cook(List.of(op))).pascal(20);
    }

    /** The solid-fat curve of cocoa butter of docs/models.md, from memory. */
    @ParameterizedTest(name = "cocoa butter at {0} °C: {1} solid")
    @CsvSource({"20, .76", "25, .70", "27.5, .62", "30, .44", "32, .20", "33, .05", "34.5, 0"})
    void cocoaButterIsSolidAsItsCurveSays(final double celsius, final double solid) {
        final Composition butter = Composition.per100(Map.of(Component.COCOA_BUTTER, 100.0));
        assertThat(FatBlend.of(butter).solidAt(celsius)).isCloseTo(solid, within(0.015));
    }

    /** Milk fat, from memory: .45 at 10 °C, .19 at 20, .07 at 30. */
    @ParameterizedTest(name = "milk fat at {0} °C: {1} solid")
    @CsvSource({"10, .45", "20, .19", "30, .07"})
    void milkFatIsSolidAsItsCurveSays(final double celsius, final double solid) {
        final Composition butter = Composition.per100(Map.of(Component.MILK_FAT, 100.0));
        assertThat(FatBlend.of(butter).solidAt(celsius)).isCloseTo(solid, within(0.02));
    }

    @Test
    void oilSoftensCocoaButterMoreThanItsShare() {
        final FatBlend blend =
                FatBlend.of(
                        Composition.per100(
                                Map.of(
                                        Component.COCOA_BUTTER, 70.0,
                                        Component.LIQUID_OIL, 30.0)));
        assertThat(blend.solidAt(25)).isLessThan(0.70 * 0.70);
    }
}
