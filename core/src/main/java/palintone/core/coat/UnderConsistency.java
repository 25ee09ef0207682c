package palintone.core.coat;

import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.film.Consistency;
import palintone.core.casting.pour.BowlAt;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.CassonFlow;

/** How thick the chocolate is at each distance from a centre as it is drawn out. */
final class UnderConsistency implements Consistency {

    private static final double COLDEST_FLOW_C = 15;

    private final double stepM;
    private final double[] yieldPa;
    private final double[] plasticPaS;

    /**
     * @param path with the chocolate as its first layer, cut evenly
     * @param cells of that layer
     * @param seconds under
     */
    UnderConsistency(
            final BowlAt bowl,
            final CrustPath path,
            final int cells,
            final double layerM,
            final double seconds,
            final double yieldShare) {
        stepM = layerM / cells;
        yieldPa = new double[cells];
        plasticPaS = new double[cells];
        for (int i = 0; i < cells; i++) {
            // From the centre outwards.
            final int cell = cells - 1 - i;
            final double stable = Math.max(0, Math.min(1, path.stable(cell, seconds)));
            final double unstable = Math.max(0, Math.min(1 - stable, path.unstable(cell, seconds)));
            final CassonFlow flow =
                    CassonFlow.of(
                            bowl.fluidity(),
                            bowl.couverture().ingredient().composition(),
                            Math.max(COLDEST_FLOW_C, path.temperatureC(cell, seconds)),
                            new Crystals(stable, unstable));
            yieldPa[i] = flow.yieldPa() * yieldShare;
            plasticPaS[i] = flow.plasticPaS();
        }
    }

    @Override
    public double yieldPa(final double fromWallM) {
        return at(yieldPa, fromWallM);
    }

    @Override
    public double plasticPaS(final double fromWallM) {
        return at(plasticPaS, fromWallM);
    }

    private double at(final double[] values, final double fromWallM) {
        final double along = Math.max(0, fromWallM / stepM - 0.5);
        final int i = Math.min(values.length - 2, (int) along);
        return values[i] + Math.min(1, along - i) * (values[i + 1] - values[i]);
    }
}
