package palintone.core.coat;

import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;

/**
 * How cold a centre may be dipped: not so cold that it swells and tears its coat as it warms, and
 * not below the dew point of the room, where water settles on it and seizes the bowl.
 *
 * @param tearsBelowC colder than this it tears its coat, °C
 * @param dewC dew point of the room, °C
 */
public record ColdCentre(double tearsBelowC, double dewC) {

    public static final Source SOURCE =
            Source.calibrated(
                    "the coldest centre that does not tear its coat, and the dew point of the room"
                            + " with a degree to spare");

    /** A surface as cold as the dew point is wet already, K. */
    private static final double SPARE_K = 1;

    private static final int CELLS = 20;
    private static final double LONGEST_S = 6 * 3600;

    /** Its coldest, its bowl and its room as they are ordered. */
    public static ColdCentre of(final DipOrder order, final double dewC) {
        return new ColdCentre(DipSolve.coldestC(order), dewC);
    }

    /** The coldest it may be dipped, °C. */
    public double coldestC() {
        return Math.max(tearsBelowC, dewC + SPARE_K);
    }

    /** Whether it is the dew that sets it. */
    public boolean byDew() {
        return dewC + SPARE_K > tearsBelowC;
    }

    /**
     * How long it stands in the room, covered, until its middle is as warm as that.
     *
     * @param fromC where it comes from, −25 to 25 °C
     * @param roomC the room, warmer than that
     * @return min; 0 where it is warm enough already, and six hours at the most
     */
    public double minutesOut(final Centre centre, final double fromC, final double roomC) {
        return minutes(centre, fromC, roomC, coldestC());
    }

    /**
     * How long a centre takes from one temperature to another, standing covered in still air.
     *
     * @param fromC it begins with, °C
     * @param roomC the air around it, °C
     * @param toC its middle is to reach, °C
     * @return min, six hours at the most
     */
    public static double minutes(
            final Centre centre, final double fromC, final double roomC, final double toC) {
        if (fromC >= toC) {
            return 0;
        }
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                ConductingLayer.plain(
                                        centre.shape().reachMm() / 1000 * 0.999,
                                        CELLS,
                                        centre.conductsWPerMK(),
                                        centre.gPerMl() * 1e6 * centre.jPerGK(),
                                        fromC)),
                        centre.bend(0),
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0), roomC),
                        BoundaryCondition.NONE,
                        LONGEST_S);
        return Math.min(LONGEST_S, path.firstS(s -> path.temperatureC(path.cells() - 1, s) >= toC))
                / 60;
    }

    /**
     * How many may be taken out at once: as many as are dipped before the first of them is too
     * warm.
     *
     * @param warmestC it may be on the fork, °C
     * @param roomC the room, °C
     * @param everyS from one dip to the next, s
     * @return at least 1
     */
    public int atOnce(
            final Centre centre, final double warmestC, final double roomC, final double everyS) {
        if (warmestC >= roomC) {
            return Integer.MAX_VALUE;
        }
        final double minutes = minutes(centre, coldestC(), roomC, warmestC);
        return Math.max(1, (int) (minutes * 60 / everyS));
    }
}
