package palintone.core.filling.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.substance.Component;

class CookedOtherwiseTest {

    /** A fruit ganache that is far too wet to keep. */
    private static final List<Operation> PLUM =
            List.of(
                    op(
                            OperationKind.BOIL,
                            grams(Samples.CREAM, 60),
                            grams(Kitchen.PUREE, 200),
                            grams(Kitchen.INVERT, 20)),
                    op(OperationKind.POUR, grams(Samples.DARK_66, 260)),
                    op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 25)));

    private static BalanceTask task(
            final List<Operation> recipe,
            final Set<Integer> locked,
            final PropertyConstraint... wishes) {
        return new BalanceTask(
                recipe,
                Arrays.stream(Cooking.grams(recipe)).boxed().toList(),
                locked,
                List.of(wishes),
                Conditions.USUAL,
                Lever.all(recipe, true, Cooking.cook(recipe)),
                Set.of());
    }

    private static double value(final List<Operation> recipe, final Quality quality) {
        return FillingProperties.of(Cooking.cook(recipe), Conditions.USUAL).value(quality);
    }

    @Test
    void aWetFruitGanacheKeepsItsFruitAndLosesItsWater() {
        final double aw = value(PLUM, Quality.WATER_ACTIVITY);
        final PropertyConstraint drier =
                new PropertyConstraint(Quality.WATER_ACTIVITY, 0.5, aw - 0.05);
        final Balance linesOnly = Balance.solve(task(PLUM, Set.of(), drier));
        final CookedOtherwise other = CookedOtherwise.solve(task(PLUM, Set.of(), drier));
        assertThat(other.balance().met()).isTrue();
        assertThat(other.boiledFirst()).isPresent();
        final double fruitBefore = 200;
        final int puree = other.lines().indexOf(1);
        // As it was mended before: much of the fruit went.
        assertThat(linesOnly.grams().get(1)).isLessThan(0.9 * fruitBefore);
        assertThat(other.balance().grams().get(puree)).isEqualTo(fruitBefore);
        assertThat(other.balance().turns())
                .anySatisfy(
                        turn -> {
                            assertThat(turn.lever().of()).isEqualTo(Lever.Of.AWAY);
                            assertThat(turn.to()).isBetween(5.0, 75.0);
                            assertThat(turn.why().template()).contains("water activity");
                        });
        // Cooked as it now says it is what was promised.
        final List<Operation> operations = other.balance().operations();
        final double[] grams =
                other.balance().grams().stream().mapToDouble(Double::doubleValue).toArray();
        assertThat(
                        FillingProperties.of(
                                        Cooking.cook(operations, grams, Cooking.SEA_LEVEL_HPA),
                                        Conditions.USUAL)
                                .value(Quality.WATER_ACTIVITY))
                .isCloseTo(aw - 0.05, within(1e-4));
    }

    /** Where the fruit stands in its pot alone, no other pan is asked for. */
    @Test
    void fruitThatIsCookedAloneIsBoiledDownWhereItStands() {
        final List<Operation> recipe =
                List.of(
                        op(OperationKind.COOK_FRUIT, grams(Kitchen.PUREE, 230)),
                        op(OperationKind.SIEVE),
                        op(OperationKind.BOIL, grams(Samples.CREAM, 60), grams(Kitchen.INVERT, 20)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 260)));
        final double aw = value(recipe, Quality.WATER_ACTIVITY);
        final CookedOtherwise other =
                CookedOtherwise.solve(
                        task(
                                recipe,
                                Set.of(),
                                new PropertyConstraint(Quality.WATER_ACTIVITY, 0.5, aw - 0.05)));
        assertThat(other.balance().met()).isTrue();
        assertThat(other.boiledFirst()).hasValue(2);
        assertThat(other.ownPot()).isFalse();
        assertThat(other.balance().grams().get(0)).isEqualTo(230);
        assertThat(other.balance().operations()).hasSize(5).allMatch(o -> o.pot() == 0);
    }

    /** Said in grams it is moved as a share: a balance does not ask for twice the fruit. */
    @Test
    void whatIsToBeLeftGoesAlongWithWhatIsInThePot() {
        final List<Operation> recipe =
                List.of(
                        new Operation(
                                OperationKind.BOIL_DOWN,
                                List.of(grams(Kitchen.PUREE, 210)),
                                Map.of(OperationSetting.MASS_G, 172.0)),
                        op(OperationKind.BOIL, grams(Samples.CREAM, 60), grams(Kitchen.INVERT, 60)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 500)));
        final double water = value(recipe, Quality.WATER);
        final double yield = value(recipe, Quality.YIELD);
        final Balance balance =
                Balance.solve(
                        task(
                                recipe,
                                Set.of(),
                                new PropertyConstraint(Quality.WATER, 0, 0.85 * water),
                                new PropertyConstraint(Quality.YIELD, 0.97 * yield, 1.03 * yield)));
        assertThat(balance.met()).isTrue();
        assertThat(balance.grams().get(0)).isBetween(150.0, 250.0);
        final Balance.Turn turn = balance.turns().get(0);
        assertThat(turn.from()).isCloseTo(172, within(1e-6));
        assertThat(turn.to()).isLessThan(165);
        assertThat(balance.operations().get(0).settings())
                .containsOnlyKeys(OperationSetting.MASS_G)
                .containsEntry(OperationSetting.MASS_G, turn.to());
    }

    @Test
    void lockedFruitStaysToTheGram() {
        final double aw = value(PLUM, Quality.WATER_ACTIVITY);
        final CookedOtherwise other =
                CookedOtherwise.solve(
                        task(
                                PLUM,
                                Set.of(1),
                                new PropertyConstraint(Quality.WATER_ACTIVITY, 0.5, aw - 0.08),
                                new PropertyConstraint(Quality.FIRMNESS, 2, 6)));
        final int puree = other.lines().indexOf(1);
        assertThat(other.balance().grams().get(puree)).isEqualTo(200);
    }

    @Test
    void aSoftCaramelIsCookedFurther() {
        final List<Operation> caramel =
                List.of(
                        new Operation(
                                OperationKind.COOK_SUGAR,
                                List.of(
                                        grams(Kitchen.SUGAR, 200),
                                        grams(Samples.GLUCOSE_SYRUP, 200),
                                        grams(Samples.CREAM, 250)),
                                Map.of(OperationSetting.TEMPERATURE_C, 116.0)));
        final double firm = value(caramel, Quality.FIRMNESS);
        final Balance balance =
                Balance.solve(
                        task(
                                caramel,
                                Set.of(0, 1, 2),
                                new PropertyConstraint(Quality.FIRMNESS, firm + 0.3, firm + 2)));
        assertThat(balance.met()).isTrue();
        assertThat(balance.moves()).isEmpty();
        assertThat(balance.turns())
                .singleElement()
                .satisfies(
                        turn -> {
                            assertThat(turn.lever().of()).isEqualTo(Lever.Of.SUGAR);
                            assertThat(turn.to()).isBetween(116.1, 122.0);
                        });
        assertThat(balance.operations().get(0).value(OperationSetting.TEMPERATURE_C))
                .isEqualTo(balance.turns().get(0).to());
    }

    @Test
    void whatIsTakenOutOfAPotIsAnAmountLikeAnyOther() {
        final List<Operation> recipe =
                List.of(
                        op(OperationKind.ADD, grams(Kitchen.PUREE, 400)).in(1),
                        op(OperationKind.BOIL, grams(Samples.CREAM, 100)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 260))
                                .taking(FromPot.some(1, 120)));
        final double aw = value(recipe, Quality.WATER_ACTIVITY);
        final List<Double> grams = new ArrayList<>();
        for (final double g : Cooking.grams(recipe)) {
            grams.add(g);
        }
        final Balance balance =
                Balance.solve(
                        new BalanceTask(
                                recipe,
                                grams,
                                Set.of(0, 1, 2),
                                List.of(
                                        new PropertyConstraint(
                                                Quality.WATER_ACTIVITY, 0.5, aw - 0.01)),
                                Conditions.USUAL,
                                Lever.all(recipe, false, Cooking.cook(recipe)),
                                Set.of()));
        assertThat(balance.met()).isTrue();
        assertThat(balance.turns()).singleElement();
        assertThat(balance.turns().get(0).to()).isLessThan(119);
    }

    @Test
    void heatThatMakesEggSafeIsNoLever() {
        final List<Operation> custard =
                List.of(
                        op(OperationKind.HEAT, grams(Samples.CREAM, 200)),
                        op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 40)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 200)));
        assertThat(Lever.all(custard, true, Cooking.cook(custard))).isEmpty();
    }

    /** Salt lowers a water activity better than anything, and nobody could eat it. */
    @Test
    void saltAndSpiceAreThereForTheirTaste() {
        final List<Operation> salted =
                List.of(
                        op(OperationKind.BOIL, grams(Samples.CREAM, 200)),
                        op(
                                OperationKind.INFUSE,
                                grams(Kitchen.of("bay", Map.of(Component.FIBRE, 100.0)), 2)),
                        op(
                                OperationKind.POUR,
                                grams(Samples.DARK_66, 200),
                                grams(Kitchen.of("salt", Map.of(Component.ASH, 99.5)), 2)));
        assertThat(Staying.of("", salted, Cooking.grams(salted)))
                .containsEntry(1, Staying.Why.SEASONING)
                .containsEntry(3, Staying.Why.SEASONING);
    }

    @Test
    void fruitIsToldByWhatItIsMadeOf() {
        assertThat(Fruit.isWet(Kitchen.PUREE)).isTrue();
        assertThat(Fruit.isWet(Kitchen.JUICE)).isTrue();
        assertThat(
                        List.of(
                                Samples.CREAM,
                                Kitchen.INVERT,
                                Samples.DARK_66,
                                Kitchen.NUT_PASTE,
                                Kitchen.SPIRIT,
                                Kitchen.WATER,
                                Samples.GLUCOSE_SYRUP))
                .noneMatch(Fruit::is);
    }
}
