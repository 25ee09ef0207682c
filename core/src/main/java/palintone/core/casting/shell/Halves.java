package palintone.core.casting.shell;

import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;

/**
 * Two halves glued with tempered chocolate along their rims.
 *
 * @param tacksS until they no longer slide: a tenth of the seam's fat is solid, s
 * @param holdsS until they may be lifted: six tenths of what sets in a room is, s
 */
public record Halves(double tacksS, double holdsS) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat and crystals of a seam of one millimetre between two rims: slides no more"
                            + " at a tenth of its fat solid, may be lifted at six tenths of what sets in a room");

    private static final double HALF_SEAM_M = 5e-4;
    private static final double RIM_M = 6e-3;
    private static final double FOLLOWED_S = 3600;

    /**
     * @param bowl it is glued from
     * @param rimC of the halves, 0 to 30 °C
     * @param roomC 5 to 40 °C
     */
    public static Halves of(final BowlAt bowl, final double rimC, final double roomC) {
        Require.between("rim of the halves", rimC, 0, 30, "°C");
        Require.between("room temperature", roomC, 5, 40, "°C");
        final double holds =
                StandingShell.solid(bowl.couverture(), CalibratedCasting.HALVES_HOLD_SHARE);
        // From the middle of the seam, where no heat crosses, into one rim.
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                ConductingLayer.chocolate(
                                        bowl.couverture(),
                                        HALF_SEAM_M,
                                        10,
                                        1,
                                        bowl.temperatureC(),
                                        bowl.crystals()),
                                ConductingLayer.chocolate(
                                        bowl.couverture(),
                                        RIM_M,
                                        30,
                                        0.1,
                                        rimC,
                                        bowl.couverture().tempered(rimC))),
                        new Curvature(0, HALF_SEAM_M + RIM_M + 1e-3),
                        BoundaryCondition.NONE,
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0), roomC),
                        FOLLOWED_S);
        return new Halves(
                path.firstS(s -> path.meanSolid(0, s) >= CalibratedCasting.BEGINS_SOLID),
                path.firstS(s -> path.meanSolid(0, s) >= holds));
    }
}
