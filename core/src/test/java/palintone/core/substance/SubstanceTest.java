package palintone.core.substance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;

class SubstanceTest {

    @Test
    void aCompositionThatSumsTo83SaysSo() {
        assertThatThrownBy(
                        () ->
                                Composition.per100(
                                        Map.of(Component.WATER, 60.0, Component.SUCROSE, 23.0)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("83.0 g in 100 g")
                .hasMessageContaining("99 to 101");
    }

    @Test
    void aLabelsRoundingIsScaledAway() {
        final Composition rounded =
                Composition.per100(Map.of(Component.WATER, 59.5, Component.MILK_FAT, 40.0));
        assertThat(rounded.fractions().values().stream().mapToDouble(x -> x).sum())
                .isCloseTo(1, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"-1", "100.1", "NaN"})
    void anImpossibleShareIsRefused(final double grams) {
        assertThatThrownBy(() -> Composition.per100(Map.of(Component.WATER, grams)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("water");
    }

    /** Definitions: avoirdupois ounce and pound; metric spoons and cup. */
    @ParameterizedTest
    @CsvSource({
        "1, oz, 1, 28.349523125",
        "2, lb, 1, 907.18474",
        "1.5, kg, 1, 1500",
        "1, cup, 1.42, 340.8",
        "3, tbsp, 0.99, 44.55",
        "4, tsp, 1.0, 20",
        "250, ml, 0.99, 247.5",
        "1, fl oz, 1, 29.5735295625",
        "2, dl, 1, 200",
        "5, piece, 1, 85",
        "0.5, l, 1.2, 600"
    })
    void kitchenMeasuresBecomeGrams(
            final double amount, final String unit, final double density, final double grams) {
        final KitchenUnit kitchen = KitchenUnit.ofSymbol(unit);
        final Ingredient of = Samples.ofDensity(density);
        assertThat(kitchen.toGrams(amount, of)).isCloseTo(grams, within(1e-6));
        assertThat(kitchen.fromGrams(grams, of)).isCloseTo(amount, within(1e-9));
    }

    @Test
    void aWrongUnitIsNamedWithTheRightOnes() {
        assertThatThrownBy(() -> KitchenUnit.ofSymbol("hogshead"))
                .hasMessageContaining("unit is \"hogshead\"")
                .hasMessageContaining("g, kg, oz");
    }

    /**
     * Water at 20 °C is 0.9982 g/ml and 4.18 J/gK (any handbook); the polynomials give 0.3 %, 2 %.
     */
    @Test
    void waterComesOutAsInTheHandbook() {
        final Composition water = Composition.per100(Map.of(Component.WATER, 100.0));
        assertThat(ChoiOkos1986.densityGPerMl(water, 20)).isCloseTo(0.9982, within(0.004));
        assertThat(ChoiOkos1986.cpJPerGK(water, 20)).isCloseTo(4.18, within(0.06));
    }

    /** Common practice, no source: melted dark couverture weighs 1.15 to 1.30 g/ml. */
    @Test
    void meltedCouvertureWeighsWhatMakersFind() {
        assertThat(Samples.dark().castingDensityGPerMl()).isBetween(1.15, 1.3);
    }

    @Test
    void aMixtureKnowsItsAllergensInOrder() {
        final Mixture mix =
                Mixture.of(
                        List.of(new Portion(Samples.CREAM, 10), new Portion(Samples.DARK_66, 20)));
        assertThat(mix.allergens()).containsExactly(Allergen.SOYA, Allergen.MILK);
    }
}
