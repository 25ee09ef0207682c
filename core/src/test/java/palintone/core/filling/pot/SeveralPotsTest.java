package palintone.core.filling.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Source;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Kitchen;
import palintone.core.filling.life.Lethality;
import palintone.core.filling.life.LifeConditions;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;

class SeveralPotsTest {

    private static Operation downTo(final double grams) {
        return new Operation(
                OperationKind.BOIL_DOWN, List.of(), Map.of(OperationSetting.MASS_G, grams));
    }

    private static Operation sugar(final OperationKind kind, final double celsius) {
        return new Operation(
                kind,
                List.of(grams(Kitchen.SUGAR, 200), grams(Kitchen.WATER, 60)),
                Map.of(OperationSetting.TEMPERATURE_C, celsius));
    }

    /** A purée boiled down, and so much of it into a ganache. */
    private static List<Operation> reducedInto(final double puree, final double taken) {
        return List.of(
                op(OperationKind.ADD, grams(Kitchen.PUREE, puree)).in(1),
                downTo(0.6 * puree).in(1),
                op(OperationKind.BOIL, grams(Samples.CREAM, 200)),
                op(OperationKind.POUR, grams(Samples.DARK_66, 300)),
                new Operation(
                        OperationKind.ADD,
                        List.of(),
                        Map.of(),
                        0,
                        Optional.of(FromPot.some(1, taken))));
    }

    @Property(tries = 200)
    void everyGramIsInTheFillingInAnotherPotOrLost(
            @ForAll @DoubleRange(min = 50, max = 800) final double puree,
            @ForAll @DoubleRange(min = 0.02, max = 0.98) final double share) {
        final Cooked cooked = Cooking.cook(reducedInto(puree, share * 0.6 * puree));
        final double lost = cooked.stages().stream().mapToDouble(Cooked.Stage::lostG).sum();
        assertThat(cooked.yieldG() + cooked.leftG() + lost)
                .isCloseTo(cooked.weighedG(), within(1e-9 * cooked.weighedG()));
        assertThat(cooked.leftG()).isCloseTo((1 - share) * 0.6 * puree, within(1e-9 * puree));
        // What is in the filling is the share of the purée, and all of the rest.
        assertThat(cooked.weighed().get(Kitchen.PUREE))
                .isCloseTo(share * puree, within(1e-9 * puree));
        assertThat(cooked.weighed().get(Samples.CREAM)).isEqualTo(200);
    }

    /** A share is of what is in the pot by then, whatever was boiled away; the rest stays. */
    @Test
    void aShareIsTheSameAsItsGrams() {
        final List<Operation> grams = reducedInto(400, 0.25 * 0.6 * 400);
        final List<Operation> share = new ArrayList<>(grams);
        share.set(4, share.get(4).taking(FromPot.share(1, 0.25)));
        final Cooked a = Cooking.cook(grams);
        final Cooked b = Cooking.cook(share);
        assertThat(b.yieldG()).isCloseTo(a.yieldG(), within(1e-9));
        assertThat(b.leftG()).isCloseTo(0.75 * 0.6 * 400, within(1e-9));
        assertThat(b.composition().fraction(Component.WATER))
                .isCloseTo(a.composition().fraction(Component.WATER), within(1e-12));
        // Twice as much of everything is twice as much, the share staying what it is.
        final List<Operation> twice = share.stream().map(op -> op.times(2)).toList();
        assertThat(twice.get(4).from()).contains(FromPot.share(1, 0.25));
        assertThat(Cooking.cook(twice).yieldG()).isCloseTo(2 * b.yieldG(), within(1e-6));
        // Made as small as what is used of it, all of it is taken.
        final List<Operation> used = OnlyUsed.of(share, 1013.25);
        assertThat(used.get(4).from()).contains(FromPot.all(1));
        assertThat(Cooking.cook(used).leftG()).isCloseTo(0, within(1e-6));
        assertThat(Cooking.cook(used).yieldG()).isCloseTo(b.yieldG(), within(1e-6));
    }

    @Test
    void aShareIsNoMoreThanAllAndNotSaidTwice() {
        assertThatThrownBy(() -> FromPot.share(1, 1.2))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("share taken from pot 2");
        assertThatThrownBy(() -> FromPot.share(1, 0)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new FromPot(1, OptionalDouble.of(5), OptionalDouble.of(0.5)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("one of them");
        assertThat(FromPot.share(1, 1 / 3.0).words()).isEqualTo("33.333 %");
    }

    @Test
    void oneAfterTheOtherIsAsInOnePotWhereAllOfItIsTaken() {
        final Cooked apart =
                Cooking.cook(
                        List.of(
                                op(OperationKind.ADD, grams(Kitchen.PUREE, 300)).in(1),
                                downTo(200).in(1),
                                op(OperationKind.ADD, grams(Kitchen.SUGAR, 100))
                                        .taking(FromPot.all(1))));
        final Cooked together =
                Cooking.cook(
                        List.of(
                                op(OperationKind.ADD, grams(Kitchen.PUREE, 300)),
                                downTo(200),
                                op(OperationKind.ADD, grams(Kitchen.SUGAR, 100))));
        for (final Component part : Component.values()) {
            assertThat(apart.composition().fraction(part))
                    .as(part.words())
                    .isCloseTo(together.composition().fraction(part), within(1e-12));
        }
        assertThat(apart.left()).isEmpty();
        assertThat(apart.stages().get(2).temperatureC())
                .isCloseTo(together.stages().get(2).temperatureC(), within(0.01));
    }

    /** Two amounts of water: the mean of their temperatures by mass, whatever the code believes. */
    @Test
    void hotAndColdMeetAtTheMeanByHeat() {
        final Cooked cooked =
                Cooking.cook(
                        List.of(
                                new Operation(
                                                OperationKind.HEAT,
                                                List.of(grams(Kitchen.WATER, 300)),
                                                Map.of(OperationSetting.TEMPERATURE_C, 80.0))
                                        .in(2),
                                op(OperationKind.ADD, grams(Kitchen.WATER, 100)),
                                op(OperationKind.ADD, grams(Kitchen.WATER, 1e-6))
                                        .taking(FromPot.all(2))));
        assertThat(cooked.stages().get(2).temperatureC())
                .isCloseTo((300 * 80 + 100 * 20) / 400.0, within(0.01));
    }

    @Test
    void crushedCaramelFoldedInStaysApartFromTheSyrup() {
        final List<Operation> praline =
                List.of(
                        sugar(OperationKind.CARAMELISE, 170).in(1),
                        op(OperationKind.ADD, grams(Kitchen.NUT_PASTE, 100)).in(1),
                        op(OperationKind.CRUSH).in(1),
                        op(OperationKind.BOIL, grams(Samples.CREAM, 200)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 220)));
        final Cooked without = Cooking.cook(praline);
        final Cooked with =
                Cooking.cook(
                        plus(
                                praline,
                                new Operation(
                                        OperationKind.FOLD,
                                        List.of(),
                                        Map.of(),
                                        0,
                                        Optional.of(FromPot.some(1, 60)))));
        assertThat(with.folded().grams()).isCloseTo(60, within(1e-9));
        assertThat(with.matrix().fraction(Component.SUCROSE))
                .isCloseTo(without.matrix().fraction(Component.SUCROSE), within(1e-12));
        // Crushed cold, it does not melt the ganache.
        assertThat(with.stages().get(5).temperatureC())
                .isLessThan(with.stages().get(4).temperatureC());
        // Blended afterwards it is one with the rest.
        assertThat(
                        Cooking.cook(
                                        plus(
                                                praline,
                                                new Operation(
                                                        OperationKind.BLEND,
                                                        List.of(),
                                                        Map.of(),
                                                        0,
                                                        Optional.of(FromPot.some(1, 60)))))
                                .folded()
                                .grams())
                .isZero();
    }

    private static List<Operation> plus(final List<Operation> list, final Operation more) {
        final List<Operation> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }

    /** Heat counts for what is in the pot, not for what stands beside it. */
    @Test
    void eggIsNotMadeSafeByTheHeatOfAnotherPot() {
        final Operation hot =
                new Operation(
                        OperationKind.HEAT,
                        List.of(grams(Samples.CREAM, 200)),
                        Map.of(
                                OperationSetting.TEMPERATURE_C,
                                85.0,
                                OperationSetting.MINUTES,
                                5.0));
        final Operation yolks = op(OperationKind.ADD, grams(Kitchen.YOLK, 40)).in(1);
        final Cooked rawAfter =
                Cooking.cook(
                        List.of(
                                yolks,
                                hot,
                                op(OperationKind.ADD, grams(Kitchen.SUGAR, 20))
                                        .taking(FromPot.all(1))));
        assertThat(Lethality.egg(rawAfter.eggs())).isEqualTo(LifeConditions.Egg.RAW);
        assertThat(Lethality.reduction(Lethality.least(rawAfter.eggs()))).isZero();
        assertThat(
                        Lethality.egg(
                                Cooking.cook(
                                                List.of(
                                                        yolks,
                                                        op(
                                                                        OperationKind.ADD,
                                                                        grams(Kitchen.SUGAR, 20))
                                                                .taking(FromPot.all(1)),
                                                        hot))
                                        .eggs()))
                .isEqualTo(LifeConditions.Egg.HEATED);
        // A custard of its own keeps what it has seen, and a second, raw yolk decides over it.
        final List<Operation> custard =
                List.of(
                        yolks,
                        hot.in(1),
                        op(OperationKind.ADD, grams(Samples.DARK_66, 200)).taking(FromPot.all(1)));
        assertThat(Lethality.reduction(Lethality.least(Cooking.cook(custard).eggs())))
                .isGreaterThan(Lethality.ofTheCode());
        assertThat(
                        Lethality.reduction(
                                Lethality.least(
                                        Cooking.cook(
                                                        plus(
                                                                custard,
                                                                op(
                                                                        OperationKind.ADD,
                                                                        grams(Kitchen.YOLK, 5))))
                                                .eggs())))
                .isZero();
    }

    @Test
    void whatWasBoiledInItsOwnPotCountsAsHeatedAndWhatWasNotDoesNot() {
        final List<Operation> boiled = reducedInto(200, 100);
        assertThat(Cooking.cook(boiled).unheated()).isEmpty();
        final List<Operation> raw = new ArrayList<>(boiled);
        raw.remove(1);
        assertThat(Cooking.cook(raw).unheated()).containsExactly(Kitchen.PUREE);
    }

    @Test
    void hotCaramelIntoCreamIsCautionedWhicheverPotItIsPouredInto() {
        final List<Operation> intoCream =
                List.of(
                        sugar(OperationKind.CARAMELISE, 175).in(1),
                        op(OperationKind.HEAT, grams(Samples.CREAM, 150)),
                        op(OperationKind.ADD, grams(Kitchen.BUTTER, 20)).taking(FromPot.all(1)));
        assertThat(cautions(intoCream)).contains("Whatever is wet boils up");
        final List<Operation> cold = new ArrayList<>(intoCream);
        cold.add(1, op(OperationKind.CRUSH).in(1));
        assertThat(cautions(cold)).doesNotContain("Whatever is wet boils up");
    }

    private static String cautions(final List<Operation> recipe) {
        return FillingFigures.of(
                        FillingProperties.of(Cooking.cook(recipe), Conditions.USUAL), Map.of())
                .cautions()
                .toString();
    }

    @Test
    void whatIsLeftOverIsPaidForAndIsNoAllergenOfTheFilling() {
        final List<Operation> recipe =
                List.of(
                        op(OperationKind.ADD, grams(Kitchen.YOLK, 40)).in(1),
                        op(OperationKind.BOIL, grams(Samples.CREAM, 200)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 220)));
        final Cooked cooked = Cooking.cook(recipe);
        assertThat(cooked.weighed()).doesNotContainKey(Kitchen.YOLK);
        assertThat(cooked.weighedInAll()).containsEntry(Kitchen.YOLK, 40.0);
        assertThat(cooked.hasEgg()).isFalse();
        assertThat(cooked.left()).singleElement().satisfies(l -> assertThat(l.pot()).isEqualTo(1));
    }

    @Test
    void whatCannotBeTakenIsSaidByPotAndGrams() {
        assertThatThrownBy(() -> Cooking.cook(reducedInto(100, 90)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("operation 5")
                .hasMessageContaining("pot 2")
                .hasMessageContaining("90")
                .hasMessageContaining("60");
        assertThatThrownBy(
                        () ->
                                Cooking.cook(
                                        List.of(
                                                op(OperationKind.ADD, grams(Kitchen.SUGAR, 10))
                                                        .taking(FromPot.all(3)))))
                .hasMessageContaining("pot 4")
                .hasMessageContaining("empty");
        assertThatThrownBy(() -> op(OperationKind.COOL).taking(FromPot.all(1)))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(
                        () ->
                                op(OperationKind.ADD, grams(Kitchen.SUGAR, 1))
                                        .in(1)
                                        .taking(FromPot.all(1)))
                .hasMessageContaining("another pot");
        assertThatThrownBy(
                        () ->
                                Cooking.cook(
                                        List.of(
                                                op(OperationKind.ADD, grams(Kitchen.SUGAR, 1))
                                                        .in(1))))
                .hasMessageContaining("nothing in the pot");
    }

    @Test
    void anotherPotCanBeLookedIntoAtTheEnd() {
        final List<Operation> recipe = reducedInto(200, 60);
        final Cooked second = Cooking.cook(recipe, Cooking.grams(recipe), Cooking.SEA_LEVEL_HPA, 1);
        assertThat(second.yieldG()).isCloseTo(60, within(1e-9));
        assertThat(second.weighed().keySet()).containsExactly(Kitchen.PUREE);
        assertThat(second.left()).singleElement().satisfies(l -> assertThat(l.pot()).isZero());
    }

    /** A purée taken whole has the density of its parts: nothing is invented on the way. */
    @Test
    void twiceTheRecipeIsTwiceTheFillingAndTheRest() {
        final List<Operation> once = reducedInto(240, 90);
        final List<Operation> twice = once.stream().map(o -> o.times(2)).toList();
        final Cooked a = Cooking.cook(once);
        final Cooked b = Cooking.cook(twice);
        assertThat(b.yieldG()).isCloseTo(2 * a.yieldG(), within(1e-9 * b.yieldG()));
        assertThat(b.leftG()).isCloseTo(2 * a.leftG(), within(1e-9 * b.leftG()));
        assertThat(ChoiOkos1986.densityGPerMl(b.composition(), 25))
                .isCloseTo(ChoiOkos1986.densityGPerMl(a.composition(), 25), within(1e-9));
        assertThat(FillingProperties.of(b, Conditions.USUAL).value(Quality.WATER_ACTIVITY))
                .isCloseTo(
                        FillingProperties.of(a, Conditions.USUAL).value(Quality.WATER_ACTIVITY),
                        within(1e-9));
    }

    /** A mango of 500 g, 69 % of it to be eaten, gives 345 g; all of it was paid for. */
    @Test
    void wholeFruitIsWeighedAsBoughtAndGoesInWithoutItsStone() {
        final Ingredient mango =
                new Ingredient(
                        "mango",
                        "mango",
                        Kitchen.PUREE.composition(),
                        1,
                        Set.of(),
                        Source.workshop("for the tests"),
                        new Traits(
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                OptionalDouble.of(0.69),
                                Set.of(),
                                false));
        final Cooked cooked =
                Cooking.cook(
                        List.of(
                                op(OperationKind.TRIM, grams(mango, 500)),
                                op(OperationKind.SIEVE).with(OperationSetting.PERCENT, 90)));
        assertThat(cooked.stages().get(0).massG()).isCloseTo(345, within(1e-9));
        assertThat(cooked.stages().get(0).losses().stuckG()).isCloseTo(155, within(1e-9));
        assertThat(cooked.weighedG()).isCloseTo(500, within(1e-9));
        assertThat(cooked.yieldG()).isCloseTo(0.9 * 345, within(1e-6));
    }

    /** What lies in pieces in one pot lies so, and as small, in the next. */
    @Test
    void piecesKeepTheirSizeFromPotToPot() {
        final Operation fold =
                new Operation(
                                OperationKind.FOLD,
                                List.of(grams(Kitchen.SUGAR, 30)),
                                Map.of(OperationSetting.SIZE_MM, 2.0))
                        .in(1);
        final List<Operation> whole =
                List.of(
                        op(OperationKind.BOIL, grams(Samples.CREAM, 100)).in(1),
                        fold,
                        op(OperationKind.ADD, grams(Samples.CREAM, 20))
                                .taking(FromPot.some(1, 65)));
        final Cooked cooked = Cooking.cook(whole);
        assertThat(cooked.folded().sizeMm()).isEqualTo(2.0);
        assertThat(cooked.folded().grams()).isBetween(14.0, 17.0);
    }

    /** Half of a base to one flavour, half to the other: each a filling of its own, none wasted. */
    @Test
    void aBaseSplitInTwoGivesTwoFillings() {
        final List<Operation> recipe =
                List.of(
                        op(OperationKind.BOIL, grams(Samples.CREAM, 300)).in(1),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 400)).in(1),
                        op(OperationKind.ADD, grams(Kitchen.SPIRIT, 20))
                                .taking(FromPot.some(1, 400)),
                        op(OperationKind.ADD, grams(Kitchen.NUT_PASTE, 60))
                                .in(2)
                                .taking(FromPot.all(1)));
        final Cooked first = Cooking.cook(recipe);
        final Cooked second = Cooking.cook(recipe, Cooking.grams(recipe), Cooking.SEA_LEVEL_HPA, 2);
        final OnlyUsed.Own own = OnlyUsed.outOf(recipe, 2, Cooking.SEA_LEVEL_HPA);
        final Cooked alone = Cooking.cook(own.operations());
        assertThat(own.pots()).containsExactly(2, 1);
        assertThat(alone.yieldG()).isCloseTo(second.yieldG(), within(0.1));
        assertThat(alone.leftG()).isLessThan(0.1);
        assertThat(alone.composition().fraction(Component.LIQUID_OIL))
                .isCloseTo(second.composition().fraction(Component.LIQUID_OIL), within(1e-4));
        assertThat(alone.weighed()).doesNotContainKey(Kitchen.SPIRIT);
        final Cooked used = Cooking.cook(OnlyUsed.of(recipe, Cooking.SEA_LEVEL_HPA));
        assertThat(used.yieldG()).isCloseTo(first.yieldG(), within(0.1));
        assertThat(used.leftG()).isLessThan(0.1);
        assertThat(used.weighedG())
                .isCloseTo(
                        first.weighedG()
                                - second.weighed().values().stream().mapToDouble(g -> g).sum(),
                        within(0.5));
    }
}
