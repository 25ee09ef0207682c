package palintone.core.heat;

import palintone.core.figure.Require;

/**
 * A mass of chocolate as far as heat is concerned.
 *
 * @param massG 0 to a tonne, grams
 * @param temperatureC −20 to 120 °C
 * @param solidOfFat share of its fat that is solid, 0 to 1
 */
public record ChocolateMass(double massG, double temperatureC, double solidOfFat) {

    /**
     * Allowed: mass 0 to 1000000 g.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the three is impossible
     */
    public ChocolateMass {
        Require.between("mass", massG, 0, 1_000_000, "g");
        Require.between("temperature", temperatureC, -20, 120, "°C");
        Require.between("solid share of the fat", solidOfFat, 0, 1, "");
    }
}
