package palintone.core.filling.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;

class StayingTest {

    private static final Ingredient PLUM =
            Kitchen.of(
                    "Plum purée",
                    Map.of(
                            Component.WATER, 85.0,
                            Component.FRUCTOSE, 5.0,
                            Component.GLUCOSE, 6.0,
                            Component.FIBRE, 3.0,
                            Component.ORGANIC_ACID, 1.0));

    private static final List<Operation> RECIPE =
            List.of(
                    op(
                            OperationKind.BOIL,
                            grams(PLUM, 90),
                            grams(Samples.CREAM, 200),
                            grams(Kitchen.INVERT, 40)),
                    op(OperationKind.POUR, grams(Samples.DARK_66, 330)),
                    op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 40)));

    /** Lines: 0 plum, 1 cream, 2 invert, 3 couverture, 4 butter. */
    @ParameterizedTest
    @CsvSource({
        "Plum & bay,0",
        "Plums in the dark,0",
        "Evening,-1",
        "'',-1",
        // Every second thing in a larder is cream or dark: that names nothing.
        "Dark cream ganache,-1",
        "Butter and plum,0;4"
    })
    void whatItIsNamedAfterStays(final String name, final String places) {
        final Map<Integer, Staying.Why> staying = Staying.of(name, RECIPE, Cooking.grams(RECIPE));
        final Set<Integer> named = new HashSet<>();
        staying.forEach(
                (line, why) -> {
                    if (why == Staying.Why.NAMED_AFTER) {
                        named.add(line);
                    }
                });
        final Set<Integer> expected = new HashSet<>();
        Arrays.stream(places.split(";")).mapToInt(Integer::parseInt).forEach(expected::add);
        expected.remove(-1);
        assertThat(named).isEqualTo(expected);
        assertThat(staying).containsEntry(3, Staying.Why.MOST_OF_IT).doesNotContainKey(1);
    }

    @Test
    void whereNothingIsAQuarterNothingIsMost() {
        final List<Operation> even =
                List.of(
                        op(
                                OperationKind.ADD,
                                grams(PLUM, 100),
                                grams(Samples.CREAM, 100),
                                grams(Kitchen.INVERT, 100),
                                grams(Kitchen.BUTTER, 100)));
        assertThat(Staying.of("", even, Cooking.grams(even))).isEmpty();
    }

    /** A main ingredient does not pay; freed by its maker it may, and it is said which to free. */
    @Test
    void aWishThatOnlyAMainIngredientCouldMeetNamesIt() {
        final double sweet =
                FillingProperties.of(Cooking.cook(RECIPE), Conditions.USUAL)
                        .value(Quality.SWEETNESS);
        final Set<Integer> staying = Staying.of("Plum", RECIPE, Cooking.grams(RECIPE)).keySet();
        final BalanceTask task =
                new BalanceTask(
                        RECIPE,
                        Arrays.stream(Cooking.grams(RECIPE)).boxed().toList(),
                        staying,
                        List.of(
                                new PropertyConstraint(Quality.SWEETNESS, 0, 0.55 * sweet),
                                new PropertyConstraint(Quality.YIELD, 600, 800)),
                        Conditions.USUAL);
        final Balance balance = Balance.solve(task);
        assertThat(balance.met()).isFalse();
        assertThat(balance.grams().get(0)).isEqualTo(90);
        assertThat(balance.grams().get(3)).isEqualTo(330);
        final Set<Integer> freeing =
                CookedOtherwise.worthFreeing(task, List.of(Set.of(0), Set.of(3)), false);
        assertThat(freeing).containsExactly(3);
        assertThat(Balance.solve(task.freeing(freeing)).met()).isTrue();
    }
}
