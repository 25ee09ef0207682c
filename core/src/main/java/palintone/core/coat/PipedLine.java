package palintone.core.coat;

import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;

/**
 * A line of chocolate out of a bag, come to rest.
 *
 * <p>As a heap (see {@link PipedHeap}), drawn out: h(x) = √(2·τ/(ρg)·(R − |x|)), so that its cut is
 * 4/3·√(2τ/ρg)·R^1.5. Stiffer than a half round of that cut it stays as it is piped.
 *
 * @param acrossMm it covers
 * @param heightMm in its middle
 * @param metresPerG as fast out of the bag as it is drawn along
 * @param stands whether it stays round
 */
public record PipedLine(double acrossMm, double heightMm, double metresPerG, boolean stands) {

    public static final Source SOURCE = PipedHeap.SOURCE;

    /** A bag laid flat lies about so thick, m. */
    private static final double FLAT_M = 0.015;

    private static final int CELLS = 16;
    private static final double LONGEST_S = 3600;

    /**
     * @param bag as it stands
     * @param nozzleMm across its opening, 0.5 to 15
     */
    public static PipedLine of(final BowlAt bag, final double nozzleMm) {
        Require.between("opening of the bag", nozzleMm, 0.5, 15, "mm");
        final double gPerMl = bag.couverture().castingDensityGPerMl();
        final double rise = rise(bag);
        final double areaM2 = Math.PI / 4 * nozzleMm * nozzleMm * 1e-6;
        final double metresPerG = 1 / (areaM2 * gPerMl * 1e6);
        final double radius = Math.pow(0.75 * areaM2 / Math.sqrt(rise), 2.0 / 3);
        final double round = Math.sqrt(2 * areaM2 / Math.PI);
        return radius <= round
                ? new PipedLine(2000 * round, 1000 * round, metresPerG, true)
                : new PipedLine(2000 * radius, 1000 * Math.sqrt(rise * radius), metresPerG, false);
    }

    /**
     * The other way round: the opening for a line of a width.
     *
     * @param acrossMm wanted, 0.5 to 30
     * @return mm
     */
    public static double nozzleMm(final BowlAt bag, final double acrossMm) {
        Require.between("line across", acrossMm, 0.5, 30, "mm");
        final double radius = acrossMm / 2000;
        final double flat = 4.0 / 3 * Math.sqrt(rise(bag)) * Math.pow(radius, 1.5);
        final double round = Math.PI / 2 * radius * radius;
        return 1000 * Math.sqrt(Math.min(flat, round) * 4 / Math.PI);
    }

    private static double rise(final BowlAt bag) {
        return 2
                * bag.flow().yieldPa()
                / (bag.couverture().castingDensityGPerMl()
                        * 1000
                        * PhysicalConstants.GRAVITY_M_PER_S2);
    }

    /**
     * How long a bag that has gone too thin lies flat in the cold.
     *
     * @param toC it is to come to
     * @param airC of the cold, −25 to 25 °C
     * @return s, up to an hour; 0 where it is cool enough, infinite where it does not come to it
     */
    public static double flatInTheColdS(final BowlAt bag, final double toC, final double airC) {
        Require.between("cold", airC, -25, 25, "°C");
        if (bag.temperatureC() <= toC) {
            return 0;
        }
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                ConductingLayer.chocolate(
                                        bag.couverture(),
                                        FLAT_M / 2,
                                        CELLS,
                                        1,
                                        bag.temperatureC(),
                                        bag.crystals())),
                        Curvature.FLAT,
                        BoundaryCondition.still(AirFlow.filmWPerM2K(AirFlow.MOVING_M_PER_S), airC),
                        BoundaryCondition.NONE,
                        LONGEST_S);
        return path.firstS(s -> path.meanC(0, s) <= toC);
    }
}
