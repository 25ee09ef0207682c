package palintone.core.filling.water;

import palintone.core.figure.Source;

/**
 * The product rule of {@link Ross1975} over the sugars too: each solute alone in all the water by
 * Norrish's equation, the factors multiplied. Wants no constant for mixtures; drifts low where much
 * is dissolved.
 */
public final class RossProduct implements WaterActivityModel {

    @Override
    public double waterActivity(final AqueousPhase phase) {
        final double water = phase.waterG() / WATER_MOLAR_MASS;
        double product = 1;
        for (final Solute solute : Solute.values()) {
            final double moles = phase.moles(solute);
            if (moles > 0) {
                final double x = moles / (water + moles);
                product *= (1 - x) * Math.exp(-solute.norrishK() * x * x);
            }
        }
        return product;
    }

    @Override
    public Source source() {
        return Ross1975.SOURCE;
    }

    @Override
    public String formula() {
        return "aw = Π aw(each solute alone)";
    }

    @Override
    public String words() {
        return "Ross 1975";
    }
}
