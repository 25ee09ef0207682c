package palintone.core.filling.water;

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
        final double pull = phase.norrishPull();
        return phase.waterMoleFraction() * Math.exp(-pull * pull);
    }

    @Override
    public Source source() {
        return SOURCE;
    }

    @Override
    public String formula() {
        return "aw = xw·exp(−(Σ √Ki·xi)²)";
    }

    @Override
    public String words() {
        return "Norrish 1966";
    }
}
