package palintone.core.heat;

import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Unit;

/**
 * The air of a room.
 *
 * @param temperatureC −20 to 60 °C
 * @param humidityPercent relative humidity, 1 to 100 %
 */
public record RoomAir(double temperatureC, double humidityPercent) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when one of the two is impossible
     */
    public RoomAir {
        Require.between("room temperature", temperatureC, -20, 60, "°C");
        Require.between("humidity", humidityPercent, 1, 100, "%");
    }

    /** Surfaces colder than this gather water; what leaves the cold must be warmer, or covered. */
    public Figure dewPoint() {
        final Buck1981 buck = new Buck1981();
        final double dewC = buck.temperatureCAt(buck.hPaAt(temperatureC) * humidityPercent / 100);
        return Figure.of(
                "dew point",
                dewC,
                Unit.CELSIUS,
                Basis.of(
                                "e(dew point) = humidity · e(room), e = 6.1121·exp(17.502·T/(240.97+T)) hPa")
                        .with("room temperature", temperatureC, Unit.CELSIUS)
                        .with("humidity", humidityPercent, Unit.PERCENT)
                        .from(Buck1981.SOURCE)
                        .validFor("−20 to 50 °C", temperatureC <= 50));
    }
}
