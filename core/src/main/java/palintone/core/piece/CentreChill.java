package palintone.core.piece;

import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.coat.Centre;
import palintone.core.figure.Source;
import palintone.core.filling.Filling;
import palintone.core.heat.AirFlow;

/** How long a centre takes through the cold. */
final class CentreChill {

    static final Source SOURCE =
            Source.calibrated(
                    "heat of one centre in moving air, from piping warmth until its middle is three"
                            + " degrees off the air; its fat sets on after that");

    private static final int CELLS = 20;
    private static final double NEAR_K = 3;
    private static final double LONGEST_S = 4 * 3600;

    private CentreChill() {}

    /**
     * @param cabinetC air it stands in, −25 to 25 °C
     * @return min, up to four hours
     */
    static double minutes(final Centre centre, final double cabinetC) {
        final double reachM = centre.shape().reachMm() / 1000 * 0.999;
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                ConductingLayer.plain(
                                        reachM,
                                        CELLS,
                                        centre.conductsWPerMK(),
                                        centre.gPerMl() * 1e6 * centre.jPerGK(),
                                        Filling.PIPING_C)),
                        centre.bend(0),
                        BoundaryCondition.still(
                                AirFlow.filmWPerM2K(AirFlow.MOVING_M_PER_S), cabinetC),
                        BoundaryCondition.NONE,
                        LONGEST_S);
        final double first =
                path.firstS(s -> path.temperatureC(path.cells() - 1, s) <= cabinetC + NEAR_K);
        return Math.min(LONGEST_S, first) / 60;
    }
}
