package palintone.core.casting.colour;

import java.util.List;
import java.util.Optional;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.pour.MouldWall;
import palintone.core.fat.FusionHeat;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;
import palintone.core.mould.Mould;
import palintone.core.temper.colour.ColourButter;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;

/**
 * A film of coloured cocoa butter in a mould, until it may be coated and cast over.
 *
 * @param dryS until the next coat no longer smears it, s; infinite where not within six hours
 * @param holdsS until chocolate no longer washes it off, s; the same
 */
public record ColourDrying(double dryS, double holdsS) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat and crystals of cocoa butter on the mould's wall; smears no more at a"
                            + " quarter of it solid, is not washed off from half of it stable: a few"
                            + " minutes in a cool room, common practice");

    /** Where colour is worked, °C; common practice, no source. */
    public static final double BROUGHT_ON_C = ColourButter.USE_C;

    /** Stable crystals in it then, per cent; common practice, no source. */
    public static final double IN_TEMPER_PERCENT = 1;

    private static final double FOLLOWED_S = 6 * 3600;

    /** Of molten cocoa butter, from memory. */
    private static final double CONDUCTS_W_PER_MK = 0.17;

    private static final double CP_J_PER_GK = 2.0;
    private static final int CELLS = 4;

    /**
     * @param filmMm 0.005 to 2 mm
     * @param colourC as it is brought on, 20 to 50 °C
     * @param stablePercent of it in form V as it is brought on, 0 to 20: none where it is not in
     *     temper
     * @param mouldC 0 to 35 °C
     * @param roomC 5 to 40 °C
     */
    public static ColourDrying of(
            final double filmMm,
            final double colourC,
            final double stablePercent,
            final Mould mould,
            final double mouldC,
            final double roomC) {
        Require.between("colour film", filmMm, 0.005, 2, "mm");
        Require.between("colour as it is brought on", colourC, 20, 50, "°C");
        Require.between("stable crystals of the colour", stablePercent, 0, 20, "%");
        Require.between("mould temperature", mouldC, 0, 35, "°C");
        Require.between("room temperature", roomC, 5, 40, "°C");
        final CrystalLaw law =
                new CrystalLaw(SolidFatCurve.cocoaButter(), CrystalConstants.CALIBRATED);
        final double gPerM3 = ColourButter.BUTTER_G_PER_ML * 1e6;
        final double filmM = filmMm / 1000;
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                MouldWall.stratum(mould, mouldC),
                                new ConductingLayer(
                                        filmM,
                                        CELLS,
                                        1,
                                        CONDUCTS_W_PER_MK,
                                        gPerM3 * CP_J_PER_GK,
                                        Optional.of(
                                                new ConductingLayer.Sets(
                                                        (t, s, u, rates) ->
                                                                law.rates(t, s, u, 0, rates),
                                                        gPerM3 * FusionHeat.FORM_V_J_PER_G,
                                                        gPerM3 * FusionHeat.UNSTABLE_J_PER_G)),
                                        colourC,
                                        new Crystals(stablePercent / 100, 0))),
                        new Curvature(0, MouldWall.thickM(mould) + filmM + 1e-3),
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0), roomC),
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0), roomC),
                        FOLLOWED_S);
        // Unstable forms are soft: only what is form V holds.
        return new ColourDrying(
                path.firstS(s -> path.meanSolid(1, s) >= CalibratedCasting.COLOUR_SMEARS_NO_MORE),
                path.firstS(s -> stable(path, s) >= CalibratedCasting.COLOUR_HOLDS));
    }

    /**
     * When it is cast over, s: the answer of every station; infinite where it never holds here.
     *
     * @param practice of the house
     */
    public double castFromS(final ColourPractice practice) {
        return Math.max(practice.leastS(), holdsS);
    }

    private static double stable(final CrustPath path, final double seconds) {
        double sum = 0;
        for (int cell = path.cells() - CELLS; cell < path.cells(); cell++) {
            sum += path.stable(cell, seconds);
        }
        return sum / CELLS;
    }
}
