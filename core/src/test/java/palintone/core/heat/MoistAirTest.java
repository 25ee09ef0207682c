package palintone.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.hummeling.if97.IF97;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MoistAirTest {

    private final Buck1981 buck = new Buck1981();

    /** Against the IAPWS industrial formulation 1997, from a published library of steam tables. */
    @ParameterizedTest
    @ValueSource(doubles = {0.5, 5, 10, 15, 20, 25, 30, 40, 50})
    void saturationPressureAgreesWithTheSteamTables(final double temperatureC) {
        final IF97 tables = new IF97(IF97.UnitSystem.DEFAULT);
        final double hPa = tables.saturationPressureT(temperatureC + 273.15) * 10_000; // MPa to hPa
        assertThat(buck.hPaAt(temperatureC)).isCloseTo(hPa, within(0.004 * hPa));
    }

    /** The same library's saturation temperature at the vapour pressure of the room. */
    @ParameterizedTest
    @ValueSource(doubles = {35, 52, 70, 95})
    void dewPointAgreesWithTheSteamTables(final double humidity) {
        final IF97 tables = new IF97(IF97.UnitSystem.DEFAULT);
        final double vapourMPa = tables.saturationPressureT(293.15) * humidity / 100;
        final double dewC = tables.saturationTemperatureP(vapourMPa) - 273.15;
        assertThat(new RoomAir(20, humidity).dewPoint().value()).isCloseTo(dewC, within(0.1));
    }

    @Test
    void pressureAndTemperatureGoThereAndBack() {
        assertThat(buck.temperatureCAt(buck.hPaAt(17.3))).isCloseTo(17.3, within(1e-9));
    }

    @Test
    void impossibleAirIsRefused() {
        assertThatThrownBy(() -> new RoomAir(300, 50)).hasMessageContaining("300 °C");
        assertThatThrownBy(() -> new RoomAir(20, 0)).hasMessageContaining("humidity is 0 %");
    }
}
