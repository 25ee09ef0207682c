package palintone.core.tool;

import java.util.OptionalInt;
import palintone.core.figure.Require;

/**
 * A cold place for moulds.
 *
 * @param name as the maker says it
 * @param temperatureC of its air, −5 to 25 °C
 * @param air whether it moves
 * @param moulds it takes at once, 1 to 500; empty where nobody has counted
 */
public record Cabinet(String name, double temperatureC, Air air, OptionalInt moulds) {

    /** How its air moves. */
    public enum Air {
        STILL,
        /** A fan runs, or it is an air-cooled refrigerator. */
        MOVING
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public Cabinet {
        Require.text("cabinet", name, 120);
        Require.between("temperature of " + name, temperatureC, -5, 25, "°C");
        moulds.ifPresent(many -> Require.between("moulds in " + name, many, 1, 500, ""));
    }
}
