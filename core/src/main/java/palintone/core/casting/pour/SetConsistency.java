package palintone.core.casting.pour;

import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.film.Consistency;
import palintone.core.temper.Couverture;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.CassonFlow;
import palintone.core.temper.flow.FluidityClass;

/**
 * How thick the chocolate is at each distance from the wall, by its temperature and crystals there
 * at one moment. Vibrating lowers the yield value only.
 */
public final class SetConsistency implements Consistency {

    private static final double COLDEST_FLOW_C = 15;

    private final double[] fromWallM;
    private final double[] yieldPa;
    private final double[] plasticPaS;

    /**
     * @param path with the chocolate that runs as its last layer
     * @param wallM what lies outside of that layer, m
     * @param seconds since it was filled
     * @param yieldShare what vibration and the workshop's own weighings leave of the yield value
     */
    public SetConsistency(
            final Couverture couverture,
            final FluidityClass fluidity,
            final CrustPath path,
            final double wallM,
            final double seconds,
            final double yieldShare) {
        final int fresh = path.stratum(path.cells() - 1);
        int first = 0;
        while (path.stratum(first) != fresh) {
            first++;
        }
        final int n = path.cells() - first;
        fromWallM = new double[n];
        yieldPa = new double[n];
        plasticPaS = new double[n];
        for (int i = 0; i < n; i++) {
            final int cell = first + i;
            fromWallM[i] = path.depthM(cell) - wallM;
            // A step of the solver may leave a share a hair below nothing.
            final double stable = Math.max(0, Math.min(1, path.stable(cell, seconds)));
            final double unstable = Math.max(0, Math.min(1 - stable, path.unstable(cell, seconds)));
            final CassonFlow flow =
                    CassonFlow.of(
                            fluidity,
                            couverture.ingredient().composition(),
                            Math.max(COLDEST_FLOW_C, path.temperatureC(cell, seconds)),
                            new Crystals(stable, unstable));
            yieldPa[i] = flow.yieldPa() * yieldShare;
            plasticPaS[i] = flow.plasticPaS();
        }
    }

    @Override
    public double yieldPa(final double fromWall) {
        return at(yieldPa, fromWall);
    }

    @Override
    public double plasticPaS(final double fromWall) {
        return at(plasticPaS, fromWall);
    }

    private double at(final double[] values, final double fromWall) {
        if (fromWall <= fromWallM[0]) {
            return values[0];
        }
        int low = 0;
        int high = fromWallM.length - 1;
        if (fromWall >= fromWallM[high]) {
            return values[high];
        }
        while (high - low > 1) {
            final int middle = (low + high) / 2;
            if (fromWallM[middle] <= fromWall) {
                low = middle;
            } else {
                high = middle;
            }
        }
        final double part = (fromWall - fromWallM[low]) / (fromWallM[high] - fromWallM[low]);
        return values[low] + part * (values[high] - values[low]);
    }
}
