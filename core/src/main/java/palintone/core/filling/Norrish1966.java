package palintone.core.filling;

import palintone.core.figure.Source;

/**
 * Water activity after Norrish (1966), "An equation for the activity coefficients and equilibrium
 * relative humidities of water in confectionery syrups", J. Food Technol. 1, 25–39: aw = xw·exp(−(Σ
 * √Ki·xi)²), x the mole fractions.
 *
 * <p>Valid for aw above 0.6 at 20 to 30 °C; the constants are in {@link Solute}.
 */
public final class Norrish1966 implements WaterActivityModel {

    private static final Source SOURCE =
            Source.remembered("Norrish 1966, J. Food Technol. 1, 25–39");

    @Override
    public double waterActivity(final AqueousPhase phase) {
        final double water = phase.waterG() / WATER_MOLAR_MASS;
        final double all = water + phase.moles();
        double pull = 0;
        for (final Solute solute : phase.dissolvedG().keySet()) {
            pull += Math.sqrt(solute.norrishK()) * phase.moles(solute) / all;
        }
        return water / all * Math.exp(-pull * pull);
    }

    @Override
    public Source source() {
        return SOURCE;
    }

    @Override
    public String formula() {
        return "aw = xw·exp(−(Σ √Ki·xi)²)";
    }
}
