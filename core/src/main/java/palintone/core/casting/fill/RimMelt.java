package palintone.core.casting.fill;

import palintone.core.fat.FusionHeat;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.substance.HeatConduction;
import palintone.core.temper.Couverture;

/**
 * A rim held on a warm plate until it has melted so deep.
 *
 * <p>Melting from one side by conduction, Stefan's problem with the heat of warming counted in: t =
 * δ²·ρ·(L + c·ΔT/2)/(2·k·ΔT).
 */
public final class RimMelt {

    public static final Source SOURCE =
            Source.remembered("melting from a plate, Stefan 1891, quasi-steady");

    private static final double SOLID_SHARE = 0.75;

    private RimMelt() {}

    /**
     * @param deepMm melted off, 0.05 to 3 mm
     * @param plateC of the plate, above what melts it to 70 °C
     * @param roomC of the figure
     * @return s
     */
    public static double seconds(
            final Couverture couverture,
            final double deepMm,
            final double plateC,
            final double roomC) {
        final double meltsC = couverture.mixing().curve().clearPointC();
        Require.between("melted off", deepMm, 0.05, 3, "mm");
        Require.between("plate", plateC, meltsC + 1, 70, "°C");
        final double fat = couverture.ingredient().composition().fatFraction();
        final double heat =
                fat * SOLID_SHARE * FusionHeat.FORM_V_J_PER_G
                        + couverture.cpJPerGK() * ((meltsC - roomC) + (plateC - meltsC) / 2);
        final double over = plateC - meltsC;
        final double deepM = deepMm / 1000;
        return deepM
                * deepM
                * couverture.castingDensityGPerMl()
                * 1e6
                * heat
                / (2 * HeatConduction.CHOCOLATE_W_PER_MK * over);
    }
}
