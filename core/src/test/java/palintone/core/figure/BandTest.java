package palintone.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BandTest {

    private final Band work = new Band(30, 31, 32, 33);

    @ParameterizedTest
    @CsvSource({
        "29.9, OFF, -1.1",
        "30, TIGHT, -1",
        "30.9, TIGHT, -0.1",
        "31, IN_BAND, 0",
        "32, IN_BAND, 0",
        "32.5, TIGHT, 0.5",
        "33, TIGHT, 1",
        "33.01, OFF, 1.01"
    })
    void tellsHowAValueStands(final double value, final BandStatus bandStatus, final double out) {
        assertThat(work.bandStatusOf(value)).isEqualTo(bandStatus);
        assertThat(work.outBy(value)).isCloseTo(out, org.assertj.core.data.Offset.offset(1e-9));
    }

    @Test
    void refusesNumbersOutOfOrder() {
        assertThatThrownBy(() -> new Band(30, 33, 32, 34))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("rising order");
        assertThatThrownBy(() -> new Band(Double.NaN, 1, 2, 3))
                .isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void aRefusalNamesFieldValueAndRange() {
        assertThatThrownBy(() -> Require.between("room temperature", 300, -20, 60, "°C"))
                .hasMessage("room temperature is 300 °C; allowed: -20 to 60 °C");
        assertThatThrownBy(() -> Require.positive("mass", Double.NaN, 10, "g"))
                .hasMessage("mass is NaN g; allowed: more than 0, up to 10 g");
        assertThatThrownBy(() -> Require.text("name", " ", 10))
                .hasMessage("name is empty; allowed: 1 to 10 characters");
    }

    @Test
    void aFigureRefusesWhatIsNotANumber() {
        assertThatThrownBy(() -> Figure.of("mass", 0.0 / 0, Unit.GRAM, Basis.of("m")))
                .hasMessageContaining("mass is NaN");
    }
}
