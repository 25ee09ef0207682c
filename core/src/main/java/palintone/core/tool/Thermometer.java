package palintone.core.tool;

import palintone.core.figure.Require;

/**
 * A thermometer.
 *
 * @param name as the maker says it
 * @param errorK how far it may be off either way, 0.05 to 10 K
 * @param surfaceOnly whether it reads from above, as infrared does, and not in the middle
 */
public record Thermometer(String name, double errorK, boolean surfaceOnly) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public Thermometer {
        Require.text("thermometer", name, 120);
        Require.between("error of " + name, errorK, 0.05, 10, "K");
    }
}
