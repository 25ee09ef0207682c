package palintone.core.heat;

import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Saturation pressure of water vapour after Buck (1981), "New equations for computing vapor
 * pressure and enhancement factor", J. Appl. Meteorol. 20, 1527–1532: 6.1121·exp(17.502·T/(240.97 +
 * T)) hPa, the form that can be solved both ways. Within 0.2 % from −20 to 50 °C.
 */
public final class Buck1981 implements SaturationPressure {

    public static final Source SOURCE =
            Source.remembered("Buck 1981, J. Appl. Meteorol. 20, 1527–1532");

    private static final double A_HPA = 6.1121;
    private static final double B = 17.502;
    private static final double C = 240.97;

    /** Allowed: temperature −20 to 60 °C. */
    @Override
    public double hPaAt(final double temperatureC) {
        Require.between("temperature", temperatureC, -20, 60, "°C");
        return A_HPA * Math.exp(B * temperatureC / (C + temperatureC));
    }

    /** Allowed: vapour pressure above 0 to 250 hPa. */
    @Override
    public double temperatureCAt(final double pressureHPa) {
        Require.positive("vapour pressure", pressureHPa, 250, "hPa");
        final double log = Math.log(pressureHPa / A_HPA);
        return C * log / (B - log);
    }
}
