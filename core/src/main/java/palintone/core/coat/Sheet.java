package palintone.core.coat;

import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;

/**
 * A decoration sheet: spread thin on paper or film, cut while it has just set, flat under a weight
 * until it has drawn in.
 *
 * @param massG of it
 * @param cutFromS it holds the mark of a cutter; infinite where not in two hours
 * @param cutUntilS it breaks under the cutter; the same
 * @param peelsS it comes off flat; the same
 * @param curvePerMm how it curls left to itself, towards its open side
 */
public record Sheet(
        double massG, double cutFromS, double cutUntilS, double peelsS, double curvePerMm) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat and crystals of a thin sheet in this room; holds a cutter's mark from a"
                            + " third of what sets, breaks at three fifths (a coating from a"
                            + " fifth, at three tenths); one half draws in"
                            + " 1.8 ‰ more than the one that lies on its film");

    private static final int CELLS = 10;
    private static final double FOLLOWED_S = 7200;
    private static final double SET_AT_C = 20;
    private static final double WARM_C = 28;

    /**
     * @param bowl it comes out of
     * @param thickMm 0.1 to 10 mm
     * @param lengthMm of the sheet, 10 to 2000
     * @param widthMm of the sheet, 10 to 2000
     * @param roomC 5 to 40 °C
     */
    public static Sheet of(
            final BowlAt bowl,
            final double thickMm,
            final double lengthMm,
            final double widthMm,
            final double roomC) {
        Require.between("thickness of the sheet", thickMm, 0.1, 10, "mm");
        Require.between("length of the sheet", lengthMm, 10, 2000, "mm");
        Require.between("width of the sheet", widthMm, 10, 2000, "mm");
        Require.between("room temperature", roomC, 5, 40, "°C");
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                ConductingLayer.chocolate(
                                        bowl.couverture(),
                                        thickMm / 1000,
                                        CELLS,
                                        1,
                                        bowl.temperatureC(),
                                        bowl.crystals())),
                        Curvature.FLAT,
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0), roomC),
                        // A board below its paper takes about half as much as the air.
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0) / 2, roomC),
                        FOLLOWED_S);
        final boolean coating = bowl.couverture().compound();
        // A coating is hard at the warmth of any room it is worked in.
        final double whole =
                bowl.couverture()
                        .curve()
                        .solidAt(coating ? Math.max(SET_AT_C, Math.min(WARM_C, roomC)) : SET_AT_C);
        return new Sheet(
                lengthMm * widthMm * thickMm / 1000 * bowl.couverture().castingDensityGPerMl(),
                when(
                        path,
                        whole
                                * (coating
                                        ? CalibratedCoat.COATING_CUTS_SHARE
                                        : CalibratedCoat.CUTS_SHARE)),
                when(
                        path,
                        whole
                                * (coating
                                        ? CalibratedCoat.COATING_BREAKS_SHARE
                                        : CalibratedCoat.BREAKS_SHARE)),
                when(path, CalibratedCoat.PEELS_SHARE * whole),
                SheetCurl.curvaturePerMm(CalibratedCoat.CURLS_STRAIN, thickMm / 2, thickMm / 2, 1));
    }

    private static double when(final CrustPath path, final double solid) {
        return path.firstS(s -> path.meanSolid(0, s) >= solid);
    }
}
