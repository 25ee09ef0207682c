package palintone.core.filling.texture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.figure.Source;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;

class GelTest {

    private static final Ingredient PECTIN =
            gelling(FunctionalClass.PECTIN, Map.of(Component.FIBRE, 90.0, Component.WATER, 10.0));
    private static final Ingredient GELATINE =
            gelling(
                    FunctionalClass.GELATINE,
                    Map.of(Component.PROTEIN, 87.0, Component.WATER, 13.0));
    private static final Ingredient AGAR =
            gelling(FunctionalClass.AGAR, Map.of(Component.FIBRE, 85.0, Component.WATER, 15.0));
    private static final Ingredient ACID =
            new Ingredient(
                    "acid",
                    "Citric acid",
                    Composition.per100(Map.of(Component.ORGANIC_ACID, 100.0)),
                    1.5,
                    Set.of(),
                    Source.workshop("invented for the tests"),
                    traits(OptionalDouble.of(2.2), Set.of()));

    private static Ingredient gelling(
            final FunctionalClass nature, final Map<Component, Double> parts) {
        return new Ingredient(
                nature.name(),
                nature.words(),
                Composition.per100(parts),
                0.6,
                Set.of(),
                Source.workshop("invented for the tests"),
                traits(OptionalDouble.empty(), Set.of(nature)));
    }

    private static Traits traits(final OptionalDouble ph, final Set<FunctionalClass> natures) {
        return new Traits(ph, OptionalDouble.empty(), OptionalDouble.empty(), natures, false);
    }

    private static Cooked jelly(final Ingredient what, final double grams, final double water) {
        return Cooking.cook(
                List.of(op(OperationKind.ADD, grams(what, grams), grams(Kitchen.WATER, water))));
    }

    private static double pascal(final Cooked cooked, final double celsius) {
        return Gel.of(cooked).pascal(AqueousPhase.of(cooked.composition(), celsius), celsius);
    }

    /**
     * The tests of the trade, worked backwards: what the plunger of Bloom feels, in grams, on
     * gelatine of 200 Bloom.
     */
    @Test
    void gelatineOfTwoHundredBloomPushesTheBloomPlungerBackWithTwoHundredGrams() {
        final double modulus = pascal(jelly(GELATINE, 6.67, 92.2), 10);
        final double newton = 8 * modulus * 6.35e-3 * 4e-3;
        assertThat(newton / 9.81 * 1000).isCloseTo(200, within(3.0));
    }

    /** A jelly of 65 % sugar and 1/150 of that in pectin sags by 23.5 % (grade test). */
    @Test
    void pectinOfGradeOneHundredAndFiftySagsAsTheGradeSays() {
        final Cooked jelly =
                Cooking.cook(
                        List.of(
                                op(
                                                OperationKind.COOK_SUGAR,
                                                grams(Kitchen.SUGAR, 650),
                                                grams(Kitchen.WATER, 350),
                                                grams(PECTIN, 650 / 150.0),
                                                grams(ACID, 5))
                                        .with(OperationSetting.TEMPERATURE_C, 107)));
        final AqueousPhase syrup = AqueousPhase.supersaturated(jelly.composition());
        final Gel gel = Gel.of(jelly);
        assertThat(gel.pectinSets(syrup)).isCloseTo(1, within(1e-9));
        final double share = 100 * 650 / 150.0 / jelly.yieldG();
        final double atGrade =
                gel.pascal(syrup, 20)
                        * Math.pow(
                                100 * share / (share + syrup.waterG() + syrup.dissolvedSumG()), -2)
                        * Math.pow(65 / 150.0, 2);
        final double sag = 1350 * 9.81 * 0.0794 / (2 * 3 * atGrade);
        assertThat(sag).isCloseTo(0.235, within(0.001));
    }

    @Test
    void agarBreaksUnderTheWeightItsGradeSays() {
        // Pressed together by 30 % when it breaks: σ = 3·G·0.3.
        final double breaksPa = 3 * 0.3 * pascal(jelly(AGAR, 1.5, 98.3), 20);
        final double grams = breaksPa * 1e-4 / 9.81 * 1000;
        assertThat(grams).isCloseTo(800, within(15.0));
    }

    /** Half the Bloom wants √2 as much gelatine, half the grade twice as much pectin. */
    @Test
    void theStrengthOnThePacketIsHeeded() {
        final Ingredient weak =
                strong(
                        FunctionalClass.GELATINE,
                        Map.of(Component.PROTEIN, 87.0, Component.WATER, 13.0),
                        100);
        final double usual = pascal(jelly(GELATINE, 4, 95.48), 10);
        final double more = 4 * Math.sqrt(2);
        assertThat(pascal(jelly(weak, more, 100 - 1.13 * more), 10))
                .isCloseTo(usual, within(0.06 * usual));
        assertThat(pascal(jelly(weak, 4, 95.48), 10)).isCloseTo(usual / 2, within(0.06 * usual));
        final Ingredient low =
                strong(
                        FunctionalClass.PECTIN,
                        Map.of(Component.FIBRE, 90.0, Component.WATER, 10.0),
                        75);
        assertThat(jelly(low, 18, 200).gellingG().get(FunctionalClass.PECTIN))
                .isCloseTo(9, within(1e-9));
    }

    private static Ingredient strong(
            final FunctionalClass nature,
            final Map<Component, Double> parts,
            final double strength) {
        return new Ingredient(
                nature.name(),
                nature.words(),
                Composition.per100(parts),
                0.6,
                Set.of(),
                Source.workshop("invented for the tests"),
                new Traits(
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.of(strength),
                        OptionalDouble.empty(),
                        Set.of(nature),
                        false));
    }

    /** Common practice, no source: low-methoxyl pectin sets a milk cream without sugar or acid. */
    @Test
    void lowMethoxylPectinWantsMilkNotSugar() {
        final Ingredient lowMethoxyl =
                gelling(
                        FunctionalClass.LOW_METHOXYL_PECTIN,
                        Map.of(Component.FIBRE, 90.0, Component.WATER, 10.0));
        final Cooked milky =
                Cooking.cook(
                        List.of(
                                op(
                                        OperationKind.ADD,
                                        grams(Samples.CREAM, 300),
                                        grams(lowMethoxyl, 4))));
        final Cooked bare = jelly(lowMethoxyl, 4, 300);
        final Cooked high =
                Cooking.cook(
                        List.of(
                                op(
                                        OperationKind.ADD,
                                        grams(Samples.CREAM, 300),
                                        grams(PECTIN, 4))));
        assertThat(pascal(milky, 20)).isGreaterThan(1000).isGreaterThan(pascal(bare, 20));
        assertThat(pascal(bare, 20)).isPositive();
        assertThat(pascal(high, 20)).as("the other pectin wants sugar and acid").isZero();
    }

    /** Ferry 1948: rigidity of gelatine grows with the square of its share. */
    @Property(tries = 100)
    void twiceTheShareHoldsFourTimes(
            @ForAll @DoubleRange(min = 0.5, max = 6) final double share,
            @ForAll @DoubleRange(min = -5, max = 30) final double celsius) {
        final double once = pascal(jelly(GELATINE, share, 1000 - 1.13 * share), celsius);
        final double twice = pascal(jelly(GELATINE, 2 * share, 1000 - 2.26 * share), celsius);
        assertThat(twice / once).isCloseTo(4, within(0.1));
    }

    @Test
    void gelatineMeltsInTheMouthAndAgarDoesNot() {
        assertThat(pascal(jelly(GELATINE, 5, 95), 34)).isZero();
        assertThat(pascal(jelly(AGAR, 1, 99), 34)).isPositive();
        assertThat(pascal(jelly(AGAR, 1, 99), 90)).isZero();
    }

    /** Common practice, no source: pectin wants sixty per cent of solids and sharp fruit. */
    @ParameterizedTest(name = "{0} g sugar and {1} g acid to 400 g of fruit: sets {2} to {3}")
    @CsvSource({"60, 4, 0, 0.05", "1500, 6, 0.95, 1", "1500, 0, 0, 0.05"})
    void pectinWantsSugarAndAcid(
            final double sugar, final double acid, final double least, final double most) {
        final Operation cook =
                acid > 0
                        ? op(
                                OperationKind.ADD,
                                grams(Kitchen.WATER, 380),
                                grams(Kitchen.INVERT, sugar),
                                grams(PECTIN, 8),
                                grams(ACID, acid))
                        : op(
                                OperationKind.ADD,
                                grams(Kitchen.WATER, 380),
                                grams(Kitchen.INVERT, sugar),
                                grams(PECTIN, 8));
        final Cooked cooked = Cooking.cook(List.of(cook));
        assertThat(Gel.of(cooked).pectinSets(AqueousPhase.of(cooked.composition(), 20)))
                .isBetween(least, most);
    }

    /** Half of the pot poured away takes half of what gels along. */
    @Test
    void whatGelsIsLostWithThePot() {
        final Cooked cooked =
                Cooking.cook(
                        List.of(
                                op(
                                        OperationKind.ADD,
                                        grams(Kitchen.WATER, 390),
                                        grams(GELATINE, 10)),
                                op(OperationKind.BLEND).with(OperationSetting.PERCENT, 25)));
        assertThat(cooked.gellingG().get(FunctionalClass.GELATINE)).isCloseTo(7.5, within(1e-9));
    }

    @Test
    void aFruitJellySlicesWithPectinAndPoursWithout() {
        assertThat(fruit(grams(PECTIN, 9)).classAt(20)).isEqualTo(TextureClass.SLICEABLE);
        assertThat(fruit(grams(Kitchen.WATER, 1)).classAt(20)).isLessThan(TextureClass.SLICEABLE);
    }

    private static Texture fruit(final palintone.core.filling.pot.RecipeLine more) {
        return Texture.of(
                Cooking.cook(
                        List.of(
                                op(
                                        OperationKind.COOK_FRUIT,
                                        grams(Kitchen.PUREE, 400),
                                        grams(Kitchen.SUGAR, 200),
                                        grams(Kitchen.INVERT, 100),
                                        more),
                                new Operation(
                                        OperationKind.BOIL_DOWN,
                                        List.of(),
                                        Map.of(OperationSetting.MASS_G, 500.0)))));
    }
}
