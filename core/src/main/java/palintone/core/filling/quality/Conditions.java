package palintone.core.filling.quality;

import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.record.Corrections;

/**
 * Where a filling is cooked, eaten and kept, and what has been measured of it.
 *
 * @param servingC 5 to 35 °C
 * @param storageC −25 to 30 °C
 * @param pressureHPa of the air where it is cooked, 500 to 1100
 * @param own what the workshop has measured of this recipe; the models are moved by it
 */
public record Conditions(double servingC, double storageC, double pressureHPa, Corrections own) {

    /** A room of 20 °C, a store of 16 °C, at sea level, nothing measured. */
    public static final Conditions USUAL = new Conditions(20, 16, Cooking.SEA_LEVEL_HPA);

    /**
     * @throws palintone.core.figure.OutOfRangeException when one of them is impossible
     */
    public Conditions {
        Require.between("serving temperature", servingC, 5, 35, "°C");
        Require.between("storage temperature", storageC, -25, 30, "°C");
        Require.between("air pressure", pressureHPa, 500, 1100, "hPa");
    }

    /** The same without any measurement of one's own. */
    public Conditions(final double servingC, final double storageC, final double pressureHPa) {
        this(servingC, storageC, pressureHPa, Corrections.NONE);
    }

    /** The same, moved by what was measured of this recipe. */
    public Conditions measured(final Corrections corrections) {
        return new Conditions(servingC, storageC, pressureHPa, corrections);
    }
}
