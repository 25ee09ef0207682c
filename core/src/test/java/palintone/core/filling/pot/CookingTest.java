package palintone.core.filling.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;

class CookingTest {

    /** Every gram weighed in comes out, or left during a named operation. */
    @Property(tries = 300)
    void massIsKeptThroughEveryOperation(
            @ForAll final OperationKind kind,
            @ForAll @DoubleRange(min = 20, max = 900) final double cream,
            @ForAll @DoubleRange(min = 20, max = 900) final double sugar,
            @ForAll @DoubleRange(min = 1, max = 60) final double more) {
        // What is strained out may hold back up to twice itself: never more than there is.
        final double little = Math.min(more, 0.4 * (cream + sugar));
        final Operation op =
                kind.lines() == OperationKind.Lines.NONE
                        ? op(kind)
                        : kind == OperationKind.BOIL_DOWN
                                ? new Operation(
                                        kind,
                                        List.of(),
                                        Map.of(OperationSetting.MASS_G, 0.7 * cream + sugar))
                                : op(kind, grams(Kitchen.SPIRIT, little));
        final Cooked cooked =
                Cooking.cook(
                        List.of(
                                op(
                                        OperationKind.BOIL,
                                        grams(Samples.CREAM, cream),
                                        grams(Kitchen.SUGAR, sugar)),
                                op));
        final double lost = cooked.stages().stream().mapToDouble(Cooked.Stage::lostG).sum();
        assertThat(cooked.yieldG() + lost)
                .isCloseTo(cooked.weighedG(), within(1e-9 * cooked.weighedG()));
        assertThat(cooked.composition().fractions().values()).allMatch(part -> part >= 0);
        assertThat(cooked.yieldG()).isPositive();
    }

    @Property(tries = 200)
    void boilingWaterOffLowersWaterActivity(
            @ForAll @DoubleRange(min = 50, max = 500) final double water,
            @ForAll @DoubleRange(min = 50, max = 500) final double syrup,
            @ForAll @DoubleRange(min = 0.1, max = 0.9) final double share) {
        final List<Operation> before =
                List.of(
                        op(
                                OperationKind.ADD,
                                grams(Kitchen.WATER, water),
                                grams(Kitchen.INVERT, syrup)));
        final double free = water + 0.25 * syrup;
        final List<Operation> after = List.of(before.get(0), downTo(water + syrup - share * free));
        assertThat(aw(after)).isLessThan(aw(before)).isPositive();
    }

    @Property(tries = 200)
    void sugarLowersWaterActivityAndNeverBelowZero(
            @ForAll @DoubleRange(min = 50, max = 500) final double cream,
            @ForAll @DoubleRange(min = 1, max = 2000) final double invert) {
        final double without = aw(List.of(op(OperationKind.ADD, grams(Samples.CREAM, cream))));
        final double with =
                aw(
                        List.of(
                                op(
                                        OperationKind.ADD,
                                        grams(Samples.CREAM, cream),
                                        grams(Kitchen.INVERT, invert))));
        assertThat(with).isLessThan(without).isPositive();
        assertThat(without).isLessThanOrEqualTo(1);
    }

    private static double aw(final List<Operation> operations) {
        return FillingProperties.of(Cooking.cook(operations), Conditions.USUAL)
                .value(Quality.WATER_ACTIVITY);
    }

    @Test
    void alcoholLeavesSoonerThanWater() {
        final Cooked cooked =
                Cooking.cook(
                        List.of(op(OperationKind.ADD, grams(Kitchen.SPIRIT, 200)), downTo(100)));
        assertThat(cooked.yieldG()).isCloseTo(100, within(1e-6));
        assertThat(cooked.composition().fraction(Component.ETHANOL)).isLessThan(0.05);
    }

    @Test
    void boilingDownToMoreThanThereIsNamesTheOperationAndTheRange() {
        assertThatThrownBy(
                        () ->
                                Cooking.cook(
                                        List.of(
                                                op(OperationKind.ADD, grams(Kitchen.PUREE, 200)),
                                                downTo(300))))
                .hasMessage(
                        "operation 2, boil down: down to is 300.0 g; allowed: less than the 200.0 g"
                                + " in the pot and more than the 30.0 g that cannot boil away");
    }

    @Test
    void hotCreamMeltsChocolateAndEndsWhereTheHeatBalanceSays() {
        final Cooked cooked =
                Cooking.cook(
                        List.of(
                                op(OperationKind.BOIL, grams(Samples.CREAM, 300)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 300))));
        // By hand: 297 g·3.31 J/gK from 100 °C against 300 g·1.70 and 300·.40·.76·137 J of melting.
        assertThat(cooked.stages().get(1).temperatureC()).isBetween(58.0, 66.0);
    }

    @Test
    void whatIsStrainedOutTakesLiquidAlong() {
        final Cooked cooked =
                Cooking.cook(
                        List.of(
                                op(OperationKind.ADD, grams(Samples.CREAM, 200)),
                                op(OperationKind.INFUSE, grams(Kitchen.NUT_PASTE, 20))
                                        .with(OperationSetting.RETENTION, 2)));
        assertThat(cooked.yieldG()).isCloseTo(160, within(1e-9));
        assertThat(cooked.composition().fraction(Component.LIQUID_OIL)).isZero();
    }

    /**
     * Common practice: half a litre boiled and covered is at 65 to 75 °C after half an hour, near
     * the room overnight, and in the cold in a refrigerator; Newton, so two halves are one whole.
     */
    @Test
    void whatStandsCools() {
        assertThat(stood(500, 0.5, 20)).isBetween(65.0, 76.0);
        assertThat(stood(500, 12, 20)).isBetween(20.0, 22.0);
        assertThat(stood(500, 12, 4)).isBetween(4.0, 6.0);
        // Less of it cools faster.
        assertThat(stood(150, 0.5, 20)).isLessThan(stood(500, 0.5, 20));
        final double at1 = stood(500, 1, 20) - 20;
        final double at2 = stood(500, 2, 20) - 20;
        final double hot = stood(500, 0, 20) - 20;
        assertThat(at1 * at1 / hot).isCloseTo(at2, within(1e-6));
    }

    private static double stood(final double grams, final double hours, final double placeC) {
        return Cooking.cook(
                        List.of(
                                op(OperationKind.BOIL, grams(Samples.CREAM, grams)),
                                op(OperationKind.REST)
                                        .with(OperationSetting.HOURS, hours)
                                        .with(OperationSetting.TEMPERATURE_C, placeC)))
                .stages()
                .get(1)
                .temperatureC();
    }

    @Test
    void aSieveKeepsFibreBack() {
        final List<Operation> operations =
                List.of(
                        op(OperationKind.COOK_FRUIT, grams(Kitchen.PUREE, 500)),
                        op(OperationKind.SIEVE).with(OperationSetting.PERCENT, 80));
        final Cooked cooked = Cooking.cook(operations);
        final double before =
                Cooking.cook(operations.subList(0, 1)).composition().fraction(Component.FIBRE);
        assertThat(cooked.composition().fraction(Component.FIBRE)).isLessThan(0.6 * before);
        assertThat(cooked.yieldG()).isCloseTo(0.8 * cooked.stages().get(0).massG(), within(1e-9));
    }

    private static Cooked drained(final double fibre, final double waterG) {
        final Ingredient berries =
                Kitchen.of(
                        "berries",
                        Map.of(
                                Component.WATER,
                                86.0,
                                Component.FRUCTOSE,
                                14.0 - fibre,
                                Component.FIBRE,
                                fibre));
        return Cooking.cook(
                List.of(
                        op(
                                OperationKind.ADD,
                                grams(berries, 500),
                                grams(Kitchen.WATER, waterG + 1e-9)),
                        op(OperationKind.DRAIN)));
    }

    /** Common practice: berries stewed and drained, not pressed, 100 parts give 35 to 40. */
    @Test
    void whatDrainsIsJuiceAndNotPulp() {
        final Cooked juice = drained(6, 0);
        assertThat(juice.yieldG() / 500).isBetween(0.35, 0.40);
        assertThat(juice.composition().fraction(Component.FIBRE)).isLessThan(0.005);
        // As sweet as what it ran off from: only the pulp stayed behind.
        assertThat(
                        juice.composition().fraction(Component.FRUCTOSE)
                                / juice.composition().fraction(Component.WATER))
                .isCloseTo(8.0 / 86, within(1e-9));
        assertThat(drained(6, 100).yieldG() - juice.yieldG()).isCloseTo(100, within(2.0));
        assertThat(drained(3, 0).yieldG()).isGreaterThan(juice.yieldG());
        assertThat(
                        Cooking.cook(
                                        List.of(
                                                op(OperationKind.ADD, grams(Kitchen.PUREE, 500)),
                                                op(OperationKind.DRAIN)
                                                        .with(OperationSetting.PERCENT, 30)))
                                .yieldG())
                .isCloseTo(150, within(1e-9));
    }

    private static double passes(final double fibre) {
        final Ingredient fruit =
                Kitchen.of(
                        "fruit",
                        Map.of(
                                Component.WATER,
                                86.0,
                                Component.FRUCTOSE,
                                14.0 - fibre,
                                Component.FIBRE,
                                fibre));
        final Cooked sieved =
                Cooking.cook(
                        List.of(op(OperationKind.ADD, grams(fruit, 500)), op(OperationKind.SIEVE)));
        return sieved.yieldG() / 500;
    }

    /** Common practice, no source: raspberries, gooseberries, plums by their fibre. */
    @Test
    void seedsAndSkinsStayInTheSieve() {
        assertThat(passes(6.0)).isBetween(0.75, 0.85);
        assertThat(passes(3.2)).isBetween(0.86, 0.92);
        assertThat(passes(1.6)).isBetween(0.92, 0.96);
        // A custard has none; a tenth of it is not thrown away.
        assertThat(passes(0)).isBetween(0.98, 1.0);
        assertThat(passes(13)).isCloseTo(0.7, within(1e-9));
    }

    @Test
    void anOperationRefusesWhatIsNotItsOwn() {
        assertThatThrownBy(() -> op(OperationKind.POUR)).hasMessageContaining("pour over is empty");
        assertThatThrownBy(() -> op(OperationKind.SIEVE, grams(Kitchen.SUGAR, 1)))
                .hasMessageContaining("no ingredients; add them");
        assertThatThrownBy(() -> op(OperationKind.SIEVE).with(OperationSetting.PERCENT, 140))
                .hasMessageContaining("140 %");
        assertThatThrownBy(() -> op(OperationKind.BOIL_DOWN)).hasMessageContaining("missing");
        assertThatThrownBy(() -> op(OperationKind.SIEVE).with(OperationSetting.HOURS, 1))
                .hasMessageContaining("no such setting");
    }

    /** A third of 300 g gone is 200 g left: both ways of saying it are one. */
    @Test
    void boiledDownByAShareIsBoiledDownToWhatIsLeft() {
        final Operation cream = op(OperationKind.BOIL, grams(Samples.CREAM, 300));
        final Operation byShare =
                new Operation(
                        OperationKind.BOIL_DOWN,
                        List.of(),
                        Map.of(OperationSetting.PERCENT, 100 / 3.0));
        final Cooked share = Cooking.cook(List.of(cream, byShare));
        final double before = share.stages().get(0).massG();
        assertThat(share.yieldG()).isCloseTo(before * 2 / 3, within(1e-6));
        final Cooked grams = Cooking.cook(List.of(cream, downTo(before * 2 / 3)));
        assertThat(share.composition().fraction(Component.WATER))
                .isCloseTo(grams.composition().fraction(Component.WATER), within(1e-9));
        assertThat(byShare.with(OperationSetting.MASS_G, 150).settings())
                .containsExactly(Map.entry(OperationSetting.MASS_G, 150.0));
        assertThatThrownBy(
                        () ->
                                new Operation(
                                        OperationKind.BOIL_DOWN,
                                        List.of(),
                                        Map.of(
                                                OperationSetting.MASS_G,
                                                100.0,
                                                OperationSetting.PERCENT,
                                                20.0)))
                .hasMessageContaining("given twice");
        assertThatThrownBy(
                        () ->
                                Cooking.cook(
                                        List.of(cream, byShare.with(OperationSetting.PERCENT, 90))))
                .hasMessageContaining("that cannot boil away");
    }

    private static Operation downTo(final double grams) {
        return new Operation(
                OperationKind.BOIL_DOWN, List.of(), Map.of(OperationSetting.MASS_G, grams));
    }

    /** Cooked to the same reading where the air is thin, a caramel has lost more water. */
    @Test
    void aFillingKnowsTheAirItIsCookedIn() {
        final Filling caramel =
                new Filling(
                        "c",
                        "Caramel",
                        List.of(
                                op(
                                        OperationKind.ADD,
                                        grams(Kitchen.SUGAR, 200),
                                        grams(Samples.GLUCOSE_SYRUP, 150),
                                        grams(Samples.CREAM, 200)),
                                op(OperationKind.COOK_SUGAR)
                                        .with(OperationSetting.TEMPERATURE_C, 114)));
        final Filling high = caramel.at(835);
        assertThat(high.cooked().yieldG()).isLessThan(caramel.cooked().yieldG() - 5);
        assertThat(high.weighedFor(500).massG()).isGreaterThan(caramel.weighedFor(500).massG());
        assertThat(high.at(Cooking.SEA_LEVEL_HPA)).isEqualTo(caramel);
        assertThatThrownBy(() -> caramel.at(80)).hasMessageContaining("air pressure is 80 hPa");
    }
}
