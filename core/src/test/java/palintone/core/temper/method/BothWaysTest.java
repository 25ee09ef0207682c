package palintone.core.temper.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.method.BothWays.Question;

/** What must I do to, and what happens if, meet. */
class BothWaysTest {

    private static final CurveOrder ORDER =
            CurvePlannerTest.order(CouvertureKind.DARK, Method.COLD_BATH, 2400);

    private static double answer(final Question question, final double from, final double value) {
        return BothWays.answer(ORDER, question, from, value).get(0).value();
    }

    @ParameterizedTest
    @CsvSource({
        "HEAT_FOR_TEMPERATURE, TEMPERATURE_AFTER_HEAT, 40, 46",
        "HEAT_FOR_TEMPERATURE, TEMPERATURE_AFTER_HEAT, 36, 47",
        "BATH_FOR_TEMPERATURE, TEMPERATURE_AFTER_BATH, 46, 35",
        "BATH_FOR_TEMPERATURE, TEMPERATURE_AFTER_BATH, 45, 27",
    })
    void thereAndBack(
            final Question there, final Question back, final double from, final double to) {
        assertThat(answer(back, from, answer(there, from, to))).isCloseTo(to, within(0.01));
    }

    @Test
    void shareAndTemperatureMeet() {
        final double share = answer(Question.SHARE_FOR_TEMPERATURE, 0, 31.8);
        assertThat(answer(Question.TEMPERATURE_AFTER_STONE, 0, share))
                .isCloseTo(31.8, within(0.01));
    }

    @Test
    void aWarmerBowlHasALongerWindow() {
        assertThat(answer(Question.WINDOW, 31.9, 1))
                .isGreaterThan(answer(Question.WINDOW, 31.3, 1));
    }

    @Test
    void impossibleQuestionsAreRefused() {
        assertThatThrownBy(() -> answer(Question.HEAT_FOR_TEMPERATURE, 40, 80))
                .hasMessageContaining("temperature wanted is 80 °C");
        assertThatThrownBy(() -> answer(Question.BATH_FOR_TEMPERATURE, 40, 10))
                .hasMessageContaining("temperature wanted is 10 °C");
    }
}
