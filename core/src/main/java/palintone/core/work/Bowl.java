package palintone.core.work;

import palintone.core.figure.Require;
import palintone.core.piece.Materials;
import palintone.core.piece.Workplace;
import palintone.core.temper.Couverture;
import palintone.core.temper.HeatSource;

/**
 * The bowl a batch is planned to be tempered in, as the record keeps it.
 *
 * @param massG in the bowl, seed included
 * @param cpJPerGK specific heat of the couverture
 * @param clearPointC above this no crystal is left
 * @param heat what rewarms it
 */
public record Bowl(double massG, double cpJPerGK, double clearPointC, HeatSource heat) {

    /**
     * Allowed: mass in the bowl above 0 to 1000000 g; specific heat above 0 to 5 J/gK; clear point
     * 20 to 40 °C.
     *
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public Bowl {
        Require.positive("mass in the bowl", massG, 1_000_000, "g");
        Require.positive("specific heat", cpJPerGK, 5, "J/gK");
        Require.between("clear point", clearPointC, 20, 40, "°C");
    }

    /** The bowl of a batch. */
    static Bowl of(final Couverture couverture, final Materials materials, final Workplace place) {
        return new Bowl(
                materials.toMelt().value(),
                couverture.cpJPerGK(),
                couverture.mixing().curve().clearPointC(),
                place.heat());
    }
}
