package palintone.core.filling.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import palintone.core.Samples;
import palintone.core.figure.Source;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.sugar.Graining;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;

/**
 * A filling made wrong on purpose: the cause that was built in is the one its numbers speak for.
 * What causes what is common practice, no source.
 */
class RescueTest {

    private static final Ingredient PECTIN =
            new Ingredient(
                    "pectin",
                    "Pectin",
                    Composition.per100(Map.of(Component.FIBRE, 90.0, Component.WATER, 10.0)),
                    0.6,
                    Set.of(),
                    Source.workshop("invented for the tests"),
                    new Traits(
                            java.util.OptionalDouble.empty(),
                            java.util.OptionalDouble.empty(),
                            java.util.OptionalDouble.empty(),
                            Set.of(FunctionalClass.PECTIN),
                            false));

    private static final Operation CREAM = op(OperationKind.BOIL, grams(Samples.CREAM, 250));
    private static final Operation DARK = op(OperationKind.POUR, grams(Samples.DARK_66, 300));
    private static final Operation BLEND = op(OperationKind.BLEND);

    private static Operation rest(final double hours, final double celsius) {
        return op(OperationKind.REST)
                .with(OperationSetting.HOURS, hours)
                .with(OperationSetting.TEMPERATURE_C, celsius);
    }

    private static List<Operation> caramel(
            final double celsius, final double sugar, final double syrup) {
        return List.of(
                op(
                        OperationKind.ADD,
                        grams(Kitchen.SUGAR, sugar),
                        grams(Samples.GLUCOSE_SYRUP, syrup),
                        grams(Samples.CREAM, 150)),
                op(OperationKind.COOK_SUGAR).with(OperationSetting.TEMPERATURE_C, celsius));
    }

    private static Rescue rescue(final Fault fault, final List<Operation> operations) {
        return Rescue.of(fault, operations, Kitchen.WATER, Conditions.USUAL);
    }

    private static double value(final List<Operation> operations, final Quality quality) {
        return FillingProperties.of(Cooking.cook(operations), Conditions.USUAL).value(quality);
    }

    static Stream<Arguments> madeWrong() {
        return Stream.of(
                Arguments.of(
                        "far too much butter",
                        Fault.SPLIT,
                        List.of(
                                op(OperationKind.BOIL, grams(Samples.CREAM, 120)),
                                DARK,
                                op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 120)),
                                BLEND),
                        "Fat beside syrup"),
                Arguments.of(
                        "a vessel far too wide",
                        Fault.SPLIT,
                        List.of(
                                CREAM,
                                DARK,
                                op(OperationKind.EMULSIFY).with(OperationSetting.WIDTH_MM, 600),
                                BLEND),
                        "Vessel of"),
                Arguments.of(
                        "sugar stirred into too little water",
                        Fault.GRAINY,
                        List.of(CREAM, op(OperationKind.ADD, grams(Kitchen.SUGAR, 400))),
                        "lies undissolved"),
                Arguments.of(
                        "a caramel without syrup",
                        Fault.GRAINY,
                        caramel(116, 300, 5),
                        "Cooked sugar with"),
                Arguments.of(
                        "rested an hour",
                        Fault.TOO_SOFT,
                        List.of(
                                op(OperationKind.BOIL, grams(Samples.CREAM, 120)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 320)),
                                rest(1, 18)),
                        "Rested"),
                Arguments.of(
                        "far too much cream",
                        Fault.TOO_SOFT,
                        List.of(
                                op(OperationKind.BOIL, grams(Samples.CREAM, 500)),
                                DARK,
                                rest(24, 18)),
                        "Water:"),
                Arguments.of(
                        "a jelly without acid or enough sugar",
                        Fault.TOO_SOFT,
                        List.of(
                                op(
                                        OperationKind.BOIL,
                                        grams(Kitchen.WATER, 200),
                                        grams(Kitchen.SUGAR, 80),
                                        grams(PECTIN, 4)),
                                rest(24, 18)),
                        "Pectin sets with"),
                Arguments.of(
                        "a caramel off the heat too soon",
                        Fault.TOO_SOFT,
                        caramel(109, 200, 160),
                        "Cooked too little"),
                Arguments.of(
                        "a caramel on the heat too long",
                        Fault.TOO_HARD,
                        caramel(132, 200, 160),
                        "Cooked too far"),
                Arguments.of(
                        "the spirit left out",
                        Fault.TOO_HARD,
                        List.of(
                                op(
                                        OperationKind.BOIL,
                                        grams(Samples.CREAM, 60),
                                        grams(Kitchen.BUTTER, 30)),
                                op(OperationKind.POUR, grams(Samples.MILK_41, 300)),
                                rest(24, 18)),
                        "below a sixth is little"),
                Arguments.of(
                        "chilled while it set",
                        Fault.TOO_HARD,
                        List.of(
                                op(
                                        OperationKind.BOIL,
                                        grams(Samples.CREAM, 300),
                                        grams(Kitchen.INVERT, 60),
                                        grams(Kitchen.NUT_PASTE, 150)),
                                DARK,
                                rest(24, 4)),
                        "Chilled while it set"),
                Arguments.of(
                        "cooked too hot for milk",
                        Fault.SCORCHED,
                        caramel(135, 300, 100),
                        "Hottest"),
                Arguments.of(
                        "egg stirred in",
                        Fault.LUMPY,
                        List.of(
                                CREAM,
                                op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 40)),
                                DARK),
                        "Egg set in lumps"),
                Arguments.of(
                        "poured far too cold",
                        Fault.LUMPY,
                        List.of(
                                op(OperationKind.ADD, grams(Samples.CREAM, 250)),
                                op(OperationKind.COOL).with(OperationSetting.TEMPERATURE_C, 20),
                                DARK),
                        "may not have melted through"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("madeWrong")
    void theCauseThatWasBuiltInIsNamedFirst(
            final String how,
            final Fault fault,
            final List<Operation> operations,
            final String cause) {
        final Rescue rescue = rescue(fault, operations);
        final Rescue.Cause first = rescue.causes().get(0);
        assertThat(first.words().template()).as(how).contains(cause);
        assertThat(first.likely()).as(how).isGreaterThan(0.5);
    }

    /** By hand: a bowl 4·V/(π·¼) to the third root wide holds V a quarter as deep as it is wide. */
    @Test
    void tooWideABowlIsChangedForASmallerOneFirst() {
        final List<Operation> wide =
                List.of(
                        CREAM,
                        DARK,
                        op(OperationKind.EMULSIFY).with(OperationSetting.WIDTH_MM, 600),
                        BLEND);
        final Rescue split = rescue(Fault.SPLIT, wide);
        final Rescue.Remedy first = split.remedies().get(0);
        assertThat(first.words().template()).contains("smaller bowl");
        final double width = first.words().values().get("width").value();
        final double depth =
                Cooking.cook(wide).yieldG() / 1.1 * 1000 / (Math.PI * width * width / 4);
        assertThat(depth / width).isCloseTo(0.25, within(1e-9));
        final Rescue narrow =
                rescue(
                        Fault.SPLIT,
                        List.of(
                                CREAM,
                                DARK,
                                op(OperationKind.EMULSIFY)
                                        .with(OperationSetting.WIDTH_MM, width * 0.95),
                                BLEND));
        assertThat(narrow.remedies()).noneMatch(r -> r.words().template().contains("smaller bowl"));
    }

    /** The same fault without its cause: the numbers no longer speak for it. */
    @Test
    void aCauseThatIsNotThereIsHardlyNamed() {
        final Rescue split = rescue(Fault.SPLIT, List.of(CREAM, DARK, BLEND));
        assertThat(split.causes())
                .filteredOn(c -> c.words().template().startsWith("Fat beside"))
                .allSatisfy(c -> assertThat(c.likely()).isLessThan(0.2));
        final Rescue clear = rescue(Fault.GRAINY, caramel(116, 200, 200));
        assertThat(clear.causes())
                .filteredOn(c -> c.words().template().startsWith("Cooked sugar"))
                .allSatisfy(c -> assertThat(c.likely()).isLessThan(0.05));
    }

    @Test
    void aSoftCaramelGoesBackOnTheHeatAndAGanacheNever() {
        final List<Operation> soft = caramel(112, 200, 160);
        final double now = value(soft, Quality.FIRMNESS);
        final Rescue.Remedy on = rescue(Fault.TOO_SOFT, soft).remedies().get(0);
        assertThat(on.words().template()).contains("Back on the heat").contains("long sleeves");
        final double to = on.words().values().get("to").value();
        assertThat(to).isBetween(112.5, 125.0);
        assertThat(on.after().orElseThrow().value(Quality.FIRMNESS))
                .isCloseTo(now + 1, within(1e-3));
        // The same found the other way: cooked to there, the recipe is that firm.
        assertThat(value(caramel(to, 200, 160), Quality.FIRMNESS)).isCloseTo(now + 1, within(1e-3));
        assertThat(rescue(Fault.TOO_SOFT, List.of(CREAM, DARK)).remedies())
                .noneMatch(r -> r.words().template().contains("heat"));
    }

    @Test
    void aSoftMilkCaramelIsBoiledDownFurtherButNeverToLessThanItsDryPart() {
        final List<Operation> milk =
                List.of(
                        op(
                                OperationKind.ADD,
                                grams(Samples.CREAM, 300),
                                grams(Kitchen.SUGAR, 150),
                                grams(Samples.GLUCOSE_SYRUP, 120)),
                        new Operation(
                                OperationKind.BOIL_DOWN,
                                List.of(),
                                Map.of(OperationSetting.MASS_G, 470.0)));
        final double now = value(milk, Quality.FIRMNESS);
        final Rescue.Remedy on = rescue(Fault.TOO_SOFT, milk).remedies().get(0);
        final double left = on.words().values().get("to").value();
        assertThat(on.words().template()).contains("are left");
        assertThat(left).isLessThan(470);
        assertThat(on.after().orElseThrow().cooked().yieldG()).isCloseTo(left, within(0.01));
        assertThat(on.after().orElseThrow().value(Quality.FIRMNESS))
                .isCloseTo(now + 1, within(1e-3));
        assertThat(on.after().orElseThrow().value(Quality.WATER)).isPositive();
    }

    @Test
    void aGrainedCaramelIsDissolvedAgainWithSyrupEnough() {
        final Rescue rescue = rescue(Fault.GRAINY, caramel(116, 300, 40));
        final Rescue.Remedy again = rescue.remedies().get(0);
        assertThat(again.words().template()).contains("without stirring");
        assertThat(again.grams()).isPositive();
        assertThat(Graining.of(again.after().orElseThrow().cooked()).risk()).isLessThan(0.01);
        final Rescue bare =
                rescue(
                        Fault.GRAINY,
                        List.of(
                                op(
                                        OperationKind.ADD,
                                        grams(Kitchen.SUGAR, 300),
                                        grams(Samples.CREAM, 150)),
                                op(OperationKind.COOK_SUGAR)));
        assertThat(bare.remedies().get(0).words().template()).contains("glucose syrup or invert");
    }
}
