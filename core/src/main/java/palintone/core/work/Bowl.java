package palintone.core.work;

import palintone.core.figure.Require;
import palintone.core.temper.HeatSource;

/**
 * What advice at the bench needs to know of the bowl.
 *
 * @param massG in the bowl, seed included
 * @param cpJPerGK specific heat of the couverture
 * @param clearPointC above this no crystal is left
 * @param shellG planned mass of one shell
 * @param shellMm planned thickness of it
 * @param heat what rewarms it
 */
public record Bowl(
        double massG,
        double cpJPerGK,
        double clearPointC,
        double shellG,
        double shellMm,
        HeatSource heat) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public Bowl {
        Require.positive("mass in the bowl", massG, 1_000_000, "g");
        Require.positive("specific heat", cpJPerGK, 5, "J/gK");
        Require.between("clear point", clearPointC, 20, 40, "°C");
        Require.positive("shell", shellG, 100_000, "g");
        Require.positive("shell thickness", shellMm, 20, "mm");
    }
}
