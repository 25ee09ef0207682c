package palintone.core.filling;

import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooking;

/**
 * Where a filling is cooked, eaten and kept.
 *
 * @param servingC 5 to 35 °C
 * @param storageC −25 to 30 °C
 * @param pressureHPa of the air where it is cooked, 500 to 1100
 */
public record Conditions(double servingC, double storageC, double pressureHPa) {

    /** A room of 20 °C, a store of 16 °C, at sea level. */
    public static final Conditions USUAL = new Conditions(20, 16, Cooking.SEA_LEVEL_HPA);

    /**
     * @throws palintone.core.figure.OutOfRangeException when one of them is impossible
     */
    public Conditions {
        Require.between("serving temperature", servingC, 5, 35, "°C");
        Require.between("storage temperature", storageC, -25, 30, "°C");
        Require.between("air pressure", pressureHPa, 500, 1100, "hPa");
    }
}
