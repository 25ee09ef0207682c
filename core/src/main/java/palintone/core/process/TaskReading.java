package palintone.core.process;

import palintone.core.figure.Band;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Unit;

/**
 * What is read at a task, and where it should lie.
 *
 * @param what is read, as "temperature in the middle"
 * @param unit °C, g or s
 * @param target the number to aim at
 * @param band where it should lie
 */
public record TaskReading(String what, Unit unit, double target, Band band) {

    /**
     * @throws OutOfRangeException when the unit is not one that is read at the bench
     */
    public TaskReading {
        if (unit != Unit.CELSIUS && unit != Unit.GRAM && unit != Unit.SECOND) {
            throw new OutOfRangeException("unit of the reading", unit.symbol(), "°C, g, s");
        }
    }

    /**
     * Allowed: −20 to 120 °C, or 30 over the band where that is more; 0 to 100000 g; 0 to 3600 s.
     *
     * @return the value, where a thermometer, scale or clock at a bench could have said it
     * @throws OutOfRangeException otherwise
     */
    public double possible(final double value) {
        return switch (unit) {
            case CELSIUS ->
                    Require.between(what, value, -20, Math.max(120, band.highLimit() + 30), "°C");
            case GRAM -> Require.between(what, value, 0, 100_000, "g");
            default -> Require.between(what, value, 0, 3600, "s");
        };
    }
}
