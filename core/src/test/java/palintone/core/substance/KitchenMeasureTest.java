package palintone.core.substance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** By hand: a cup is 240 ml, a tablespoon 15, a teaspoon 5, a pinch a sixteenth of that. */
class KitchenMeasureTest {

    @ParameterizedTest(name = "{0} {1} is {2}")
    @CsvSource({
        "4.21, pinch, 0.25 tsp",
        "0.3, pinch, 1.0 pinch",
        "12.6, tbsp, 0.75 cup + 1.0 tbsp",
        "2.2, tsp, 2.25 tsp",
        "3, tsp, 1.0 tbsp",
        "1.4, tbsp, 1.0 tbsp + 1.0 tsp",
        "0.333, cup, 0.25 cup + 1.0 tbsp",
        "2.02, cup, 2.0 cup",
        "0.15, tsp, 0.125 tsp"
    })
    void isWhatAHandMeasures(final double amount, final String unit, final String spoons) {
        final KitchenMeasure measure =
                KitchenMeasure.of(amount, KitchenUnit.written(unit).orElseThrow());
        assertThat(
                        measure.spoons().stream()
                                .map(s -> s.amount() + " " + s.unit().symbol())
                                .collect(Collectors.joining(" + ")))
                .isEqualTo(spoons);
    }

    /** Half a step of the spoon it ends in, at most: a quarter teaspoon's, a tablespoon's. */
    @Property
    void isNeverFarFromWhatWasAskedFor(
            @ForAll @DoubleRange(min = 0.2, max = 400) final double teaspoons) {
        final KitchenMeasure measure = KitchenMeasure.of(teaspoons, KitchenUnit.TEASPOON);
        final double ml = teaspoons * 5;
        final double halfStep = ml < 2.5 ? 0.3125 : ml < 15 ? 0.625 : ml < 60 ? 1.25 : 7.5;
        assertThat(measure.ml()).isCloseTo(ml, within(halfStep + 1e-9));
        assertThat(measure.spoons()).allMatch(s -> s.amount() * 8 % 1 == 0);
    }

    @Test
    void whatIsWeighedHasNoSpoons() {
        assertThat(KitchenMeasure.of(12.6, KitchenUnit.GRAM).spoons()).isEmpty();
        assertThat(KitchenMeasure.of(2.5, KitchenUnit.PIECE).spoons()).isEmpty();
        assertThatThrownBy(() -> KitchenMeasure.of(0, KitchenUnit.CUP))
                .hasMessageContaining("amount is 0 cup");
    }
}
