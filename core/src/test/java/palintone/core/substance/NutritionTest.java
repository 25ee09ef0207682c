package palintone.core.substance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

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

/** Regulation (EU) No 1169/2011, annex XIV: kJ and kcal of one gram. */
class NutritionTest {

    @ParameterizedTest(name = "{0}: {1} kJ, {2} kcal")
    @CsvSource({
        "COCOA_BUTTER, 37, 9",
        "SUCROSE, 17, 4",
        "STARCH, 17, 4",
        "SORBITOL, 10, 2.4",
        "PROTEIN, 17, 4",
        "ETHANOL, 29, 7",
        "FIBRE, 8, 2",
        "ORGANIC_ACID, 13, 3",
        "WATER, 0, 0"
    })
    void energyByTheRegulationsOwnFactors(
            final Component component, final double kilojoules, final double kilocalories) {
        final Nutrition n = Nutrition.of(Composition.per100(Map.of(component, 100.0)));
        assertThat(n.kilojoules()).isCloseTo(100 * kilojoules, within(1e-9));
        assertThat(n.kilocalories()).isCloseTo(100 * kilocalories, within(1e-9));
        assertThat(n.energy().value()).isEqualTo(n.kilojoules());
    }

    /** By hand: 37·30 + 17·50 + 8·10 + 17·5 = 2125 kJ. */
    @Test
    void aMixedFoodByHand() {
        final Nutrition n =
                Nutrition.of(
                        Composition.per100(
                                Map.of(
                                        Component.COCOA_BUTTER, 30.0,
                                        Component.SUCROSE, 50.0,
                                        Component.FIBRE, 10.0,
                                        Component.PROTEIN, 5.0,
                                        Component.WATER, 5.0)));
        assertThat(n.kilojoules()).isCloseTo(2125, within(1e-9));
        assertThat(n.sugarsG()).isCloseTo(50, within(1e-9));
    }

    @Property(tries = 300)
    void aLabelBecomesAWholeCompositionThatKeepsWhatItStates(
            @ForAll final LabelPanel.Like like,
            @ForAll @DoubleRange(min = 0, max = 40) final double fat,
            @ForAll @DoubleRange(min = 0, max = 30) final double sugars,
            @ForAll @DoubleRange(min = 0, max = 10) final double starch,
            @ForAll @DoubleRange(min = 0, max = 15) final double protein) {
        final LabelPanel panel =
                new LabelPanel(
                        fat,
                        sugars + starch,
                        sugars,
                        OptionalDouble.empty(),
                        protein,
                        0.5,
                        OptionalDouble.empty(),
                        like);
        final Composition c = panel.estimate();
        assertThat(c.fractions().values().stream().mapToDouble(d -> d).sum())
                .isCloseTo(1, within(1e-9));
        assertThat(100 * c.fatFraction()).isCloseTo(fat, within(1e-6));
        assertThat(100 * c.fraction(Component.PROTEIN)).isCloseTo(protein, within(1e-6));
    }

    @Test
    void aPanelThatCannotBeIsRefused() {
        assertThatThrownBy(
                        () ->
                                new LabelPanel(
                                        10,
                                        20,
                                        30,
                                        OptionalDouble.empty(),
                                        5,
                                        0,
                                        OptionalDouble.empty(),
                                        LabelPanel.Like.NUT))
                .hasMessageContaining("sugars is 30.0 g")
                .hasMessageContaining("no more than the carbohydrate");
        assertThatThrownBy(
                        () ->
                                new LabelPanel(
                                        60,
                                        50,
                                        30,
                                        OptionalDouble.of(3),
                                        5,
                                        0,
                                        OptionalDouble.empty(),
                                        LabelPanel.Like.NUT))
                .hasMessageContaining("panel is 118.0 g in 100 g");
    }

    @Test
    void nineAllergensAndSulphitesAreNamedInTheUnitedStates() {
        assertThat(
                        java.util.Arrays.stream(Allergen.values())
                                .filter(a -> a.inTheUnitedStates().isPresent())
                                .map(Allergen::group)
                                .distinct())
                .hasSize(10);
        assertThat(java.util.Arrays.stream(Allergen.values()).map(Allergen::group).distinct())
                .hasSize(14);
    }

    /** Exempt in the Union, declared in the United States: the bag says of which starch it is. */
    @Test
    void aGlucoseSyrupMayBeOfWheat() {
        assertThat(
                        UnitedStatesLabel.words(
                                Set.of(Allergen.MILK),
                                List.of(Samples.CREAM, Samples.GLUCOSE_SYRUP)))
                .containsExactly("milk", UnitedStatesLabel.OF_WHICH_STARCH);
        assertThat(UnitedStatesLabel.words(Set.of(Allergen.MILK), List.of(Samples.CREAM)))
                .containsExactly("milk");
        assertThat(UnitedStatesLabel.words(Set.of(Allergen.WHEAT), List.of(Samples.GLUCOSE_SYRUP)))
                .containsExactly("wheat");
    }

    /** Of the cereals with gluten only wheat is an allergen there; nuts are named by their kind. */
    @Test
    void cerealsAndNutsAreNamedByTheirKind() {
        assertThat(Allergen.OATS.inTheUnitedStates()).isEmpty();
        assertThat(Allergen.BARLEY.inTheUnitedStates()).isEmpty();
        assertThat(Allergen.WHEAT.inTheUnitedStates()).contains("wheat");
        assertThat(Allergen.HAZELNUTS.inTheUnitedStates()).contains("hazelnuts");
        assertThat(Allergen.HAZELNUTS.group()).isEqualTo(Allergen.NUTS);
        assertThat(Allergen.RYE.group()).isEqualTo(Allergen.GLUTEN);
    }

    /** A spread of milk boiled down with sugar: 55 g of sugars beside 6.8 of protein. */
    @Test
    void theSugarsOfASweetDairySpreadAreNotAllLactose() {
        final Composition spread = dairy(7.5, 55, 6.8);
        assertThat(spread.fraction(Component.LACTOSE)).isBetween(0.09, 0.14);
        assertThat(spread.fraction(Component.SUCROSE)).isBetween(0.40, 0.46);
        // Of milk and cream all of it is lactose.
        assertThat(dairy(3.6, 4.8, 3.3).fraction(Component.SUCROSE)).isZero();
        assertThat(dairy(35, 3.2, 2.2).fraction(Component.SUCROSE)).isZero();
        assertThat(dairy(1, 52, 35).fraction(Component.SUCROSE)).isZero();
    }

    private static Composition dairy(final double fat, final double sugars, final double protein) {
        return new LabelPanel(
                        fat,
                        sugars,
                        sugars,
                        java.util.OptionalDouble.empty(),
                        protein,
                        0.2,
                        java.util.OptionalDouble.empty(),
                        LabelPanel.Like.DAIRY)
                .estimate();
    }
}
