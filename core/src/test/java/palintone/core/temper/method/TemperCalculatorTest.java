package palintone.core.temper.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.figure.Figure;
import palintone.core.temper.CouvertureKind;

/** What must I do to, and what happens if, meet. */
class TemperCalculatorTest {

    private static final TemperCalculator BOWL =
            new TemperCalculator(
                    CurvePlannerTest.order(CouvertureKind.DARK, TemperingMethod.COLD_BATH, 2400));

    private static double first(final List<Figure> answer) {
        return answer.get(0).value();
    }

    @ParameterizedTest
    @CsvSource({"40, 46", "36, 47"})
    void heatThereAndBack(final double from, final double to) {
        assertThat(first(BOWL.afterHeat(from, first(BOWL.heatFor(from, to)))))
                .isCloseTo(to, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"46, 35", "45, 27"})
    void bathThereAndBack(final double from, final double to) {
        assertThat(first(BOWL.afterBath(from, first(BOWL.bathFor(from, to)))))
                .isCloseTo(to, within(0.01));
    }

    @Test
    void shareAndTemperatureMeet() {
        assertThat(first(BOWL.afterStone(first(BOWL.shareFor(31.8)))))
                .isCloseTo(31.8, within(0.01));
    }

    @Test
    void aWarmerBowlHasALongerWindow() {
        assertThat(first(BOWL.window(31.9, 1))).isGreaterThan(first(BOWL.window(31.3, 1)));
    }

    @Test
    void impossibleQuestionsAreRefused() {
        assertThatThrownBy(() -> BOWL.heatFor(40, 80))
                .hasMessageContaining("temperature wanted is 80 °C");
        assertThatThrownBy(() -> BOWL.bathFor(40, 10))
                .hasMessageContaining("temperature wanted is 10 °C");
    }
}
