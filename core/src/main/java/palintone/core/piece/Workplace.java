package palintone.core.piece;

import palintone.core.figure.Require;
import palintone.core.heat.RoomAir;
import palintone.core.temper.HeatSource;
import palintone.core.temper.method.TemperCurve;

/**
 * Where and how a batch is made.
 *
 * @param temper the curve by which its bowl is brought into temper
 * @param room its dew point matters after the cold
 * @param cabinetC of the cabinet the moulds are chilled in, -10 to 25 °C
 * @param heat what rewarms the bowl
 * @param fillings whether they are made with it, or stand ready
 */
public record Workplace(
        TemperCurve temper, RoomAir room, double cabinetC, HeatSource heat, Fillings fillings) {

    /** Whether the fillings are part of the batch. */
    public enum Fillings {
        MADE_WITH_IT,
        READY
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when the cabinet is impossible
     */
    public Workplace {
        Require.between("cabinet", cabinetC, -10, 25, "°C");
    }
}
