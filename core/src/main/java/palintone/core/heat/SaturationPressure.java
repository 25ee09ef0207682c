package palintone.core.heat;

/** Pressure of saturated water vapour over liquid water. */
public interface SaturationPressure {

    /**
     * @param temperatureC −20 to 60 °C
     * @return hPa
     */
    double hPaAt(double temperatureC);

    /**
     * The temperature at which this vapour pressure is saturated.
     *
     * @param pressureHPa above 0, hPa
     * @return °C
     */
    double temperatureCAt(double pressureHPa);
}
