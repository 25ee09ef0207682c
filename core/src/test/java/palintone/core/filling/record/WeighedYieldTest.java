package palintone.core.filling.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;

/** What it weighed says which share was another. */
class WeighedYieldTest {

    private static final Ingredient BERRIES =
            Kitchen.of(
                    "berries",
                    Map.of(
                            Component.WATER, 86.0,
                            Component.FRUCTOSE, 3.0,
                            Component.GLUCOSE, 3.0,
                            Component.FIBRE, 6.5,
                            Component.ORGANIC_ACID, 1.5));

    private static final double SEA_HPA = Cooking.SEA_LEVEL_HPA;

    private static List<Operation> stewed() {
        return List.of(
                Operation.of(OperationKind.ADD, List.of(Kitchen.grams(BERRIES, 600))),
                Operation.of(OperationKind.COOK_FRUIT, List.of())
                        .with(OperationSetting.MINUTES, 5)
                        .with(OperationSetting.PERCENT, 2),
                Operation.of(OperationKind.DRAIN, List.of()).with(OperationSetting.PERCENT, 37));
    }

    @Test
    void eachShareFoundGivesJustTheYieldThatWasWeighed() {
        final List<WeighedYield> found = WeighedYield.explain(stewed(), SEA_HPA, 240);
        assertThat(found).isNotEmpty();
        for (final WeighedYield each : found) {
            assertThat(
                            Cooking.cook(
                                            each.operations(),
                                            Cooking.grams(each.operations()),
                                            SEA_HPA)
                                    .yieldG())
                    .isCloseTo(240, within(1e-4));
        }
        // More juice than 37 parts of a hundred of what was stewed: by hand, from the yield of now.
        final double nowG = Cooking.cook(stewed(), Cooking.grams(stewed()), SEA_HPA).yieldG();
        assertThat(found)
                .filteredOn(f -> f.operation().kind() == OperationKind.DRAIN)
                .singleElement()
                .satisfies(f -> assertThat(f.percent()).isCloseTo(37 * 240 / nowG, within(0.01)));
    }

    @Test
    void whatWasReckonedIsFoundAgain() {
        final double nowG = Cooking.cook(stewed(), Cooking.grams(stewed()), SEA_HPA).yieldG();
        assertThat(WeighedYield.explain(stewed(), SEA_HPA, nowG))
                .allSatisfy(
                        f ->
                                assertThat(f.percent())
                                        .isCloseTo(
                                                f.operation().value(OperationSetting.PERCENT),
                                                within(1e-3)));
    }

    @Test
    void moreThanEverywhereGoesIsNamed() {
        assertThatThrownBy(() -> WeighedYield.explain(stewed(), SEA_HPA, 5000))
                .hasMessageContaining("weighed in the end is 5000 g");
        // Nothing in the recipe may be lost: nothing explains it.
        assertThat(
                        WeighedYield.explain(
                                List.of(
                                        Operation.of(
                                                OperationKind.ADD,
                                                List.of(Kitchen.grams(BERRIES, 600)))),
                                SEA_HPA,
                                300))
                .isEmpty();
    }
}
