package palintone.core.filling.water;

import palintone.core.figure.Source;

/**
 * Water activity after Money &amp; Born (1951), "Equilibrium humidity of sugar solutions", J. Sci.
 * Food Agric. 2, 180–185: aw = 1/(1 + 0.27·n), n the moles of sugar in 100 g of water.
 *
 * <p>Made for jams and fondants; shown beside Norrish as a second opinion.
 */
public final class MoneyBorn1951 implements WaterActivityModel {

    private static final Source SOURCE =
            Source.remembered("Money & Born 1951, J. Sci. Food Agric. 2, 180–185");

    @Override
    public double waterActivity(final AqueousPhase phase) {
        return 1 / (1 + 0.27 * phase.moles() * 100 / phase.waterG());
    }

    @Override
    public Source source() {
        return SOURCE;
    }

    @Override
    public String formula() {
        return "aw = 1/(1 + 0.27·n)";
    }

    @Override
    public String words() {
        return "Money & Born 1951";
    }
}
