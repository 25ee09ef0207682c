package palintone.core.casting.fill;

import java.util.List;
import palintone.core.casting.cold.CabinetLoad;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.shell.StandingShell;
import palintone.core.figure.Range;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;
import palintone.core.substance.HeatConduction;

/**
 * A cap on its filling: in one pass or two, in the room, then in the cold.
 *
 * @param secondFromS after the first thin pass: it carries the second
 * @param secondUntilS after it, the second no longer bonds
 * @param beginsS after the last pass: its shine is gone, it may go into the cold
 * @param usualFirmS in the cold until 88 % of what will set has; infinite where not in the hour
 * @param firmS the same; from 82 to 94 % of what will set, infinite where not within the hour
 * @param rimMeltsMm how deep the cap melts the rim of the shell: nothing, and it only lies on it
 * @param rimBondsC so warm a rim melts under the cap and grows into it
 */
public record CapSetting(
        double secondFromS,
        double secondUntilS,
        double beginsS,
        double usualFirmS,
        Range firmS,
        double rimMeltsMm,
        double rimBondsC) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat and crystals of cap, filling and air; carries a second pass at a tenth"
                            + " of its fat solid, bonds until seven tenths of what sets in a room;"
                            + " the rim bonds where it melts to less than that");

    private static final double SET_AT_C = 10;
    private static final double FOLLOWED_S = 3600;
    private static final int CAP_CELLS = 16;
    private static final int FILLING_CELLS = 16;
    private static final int RIM_CELLS = 40;
    private static final double RIM_M = 3e-3;

    private static final double RIM_S = 120;

    /**
     * What lies below a cap.
     *
     * @param depthMm of the filling, 0.5 to 200 mm
     * @param temperatureC of the filling as it is capped, 0 to 40 °C
     * @param heatJPerMlK of the filling, 1 to 5 J/mlK
     * @param rimC of the shell's rim, 0 to 35 °C
     */
    public record Below(double depthMm, double temperatureC, double heatJPerMlK, double rimC) {

        /**
         * @throws palintone.core.figure.OutOfRangeException when a number is impossible
         */
        public Below {
            Require.between("depth of the filling", depthMm, 0.5, 200, "mm");
            Require.between("filling as it is capped", temperatureC, 0, 40, "°C");
            Require.between("heat of the filling", heatJPerMlK, 1, 5, "J/mlK");
            Require.between("rim of the shell", rimC, 0, 35, "°C");
        }
    }

    /**
     * @param bowl the caps come out of
     * @param capMm thick, 0.3 to 20 mm
     * @param roomC 5 to 40 °C
     * @param load the cabinet it goes into
     */
    public static CapSetting of(
            final BowlAt bowl,
            final double capMm,
            final Below below,
            final double roomC,
            final CabinetLoad load) {
        Require.between("thickness of the cap", capMm, 0.3, 20, "mm");
        Require.between("room temperature", roomC, 5, 40, "°C");
        final BoundaryCondition room = BoundaryCondition.still(AirFlow.filmWPerM2K(0), roomC);
        final double bonds = StandingShell.bondsSolid(bowl.couverture());
        final CrustPath half = path(bowl, capMm / 2, below, room);
        final CrustPath whole = path(bowl, capMm, below, room);
        final double from =
                half.firstS(s -> half.meanSolid(0, s) >= CalibratedCasting.BEGINS_SOLID);
        final double begins =
                whole.firstS(s -> whole.meanSolid(0, s) >= CalibratedCasting.BEGINS_SOLID);
        final CrustPath cold =
                CrustSolver.goOn(
                        whole,
                        Math.min(FOLLOWED_S, begins),
                        strata(bowl, capMm, below),
                        flat(capMm, below),
                        BoundaryCondition.still(
                                AirFlow.filmWPerM2K(load.metresPerS()), load.airC()),
                        BoundaryCondition.still(
                                AirFlow.filmWPerM2K(load.metresPerS()) / 2, load.airC()),
                        FOLLOWED_S);
        final double full = bowl.couverture().curve().solidAt(Math.max(SET_AT_C, load.airC()));
        final double[] firm = new double[CalibratedCasting.CAP_SET_SHARE.size()];
        for (int i = 0; i < firm.length; i++) {
            final double solid = CalibratedCasting.CAP_SET_SHARE.get(i) * full;
            firm[i] = cold.firstS(s -> cold.meanSolid(0, s) >= solid);
        }
        return new CapSetting(
                from,
                Math.max(from, half.firstS(s -> half.meanSolid(0, s) >= bonds)),
                begins,
                firm[1],
                new Range(firm[0], firm[2]),
                rimMeltsMm(bowl, capMm, below.rimC(), roomC),
                rimBondsC(bowl, capMm, roomC));
    }

    /**
     * How long a thin layer of couverture on a filling stands in the room until its shine is gone,
     * s; infinite where not within the hour.
     *
     * @param bowl it comes out of
     * @param thickMm 0.3 to 20 mm
     * @param below what it lies on
     * @param roomC 5 to 40 °C
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public static double dullS(
            final BowlAt bowl, final double thickMm, final Below below, final double roomC) {
        Require.between("thickness of the layer", thickMm, 0.3, 20, "mm");
        Require.between("room temperature", roomC, 5, 40, "°C");
        final CrustPath path =
                path(bowl, thickMm, below, BoundaryCondition.still(AirFlow.filmWPerM2K(0), roomC));
        return path.firstS(s -> path.meanSolid(0, s) >= CalibratedCasting.BEGINS_SOLID);
    }

    private static List<ConductingLayer> strata(
            final BowlAt bowl, final double capMm, final Below below) {
        return List.of(
                ConductingLayer.chocolate(
                        bowl.couverture(),
                        capMm / 1000,
                        CAP_CELLS,
                        1,
                        bowl.temperatureC(),
                        bowl.crystals()),
                ConductingLayer.plain(
                        below.depthMm() / 1000,
                        FILLING_CELLS,
                        HeatConduction.FILLING_W_PER_MK,
                        below.heatJPerMlK() * 1e6,
                        below.temperatureC()));
    }

    private static Curvature flat(final double capMm, final Below below) {
        return new Curvature(0, (capMm + below.depthMm()) / 1000 + 1e-3);
    }

    private static CrustPath path(
            final BowlAt bowl,
            final double capMm,
            final Below below,
            final BoundaryCondition room) {
        // What lies below the filling is the shell and its mould, as warm as they: no way out.
        return CrustSolver.follow(
                strata(bowl, capMm, below),
                flat(capMm, below),
                room,
                BoundaryCondition.NONE,
                FOLLOWED_S);
    }

    private static double rimMeltsMm(
            final BowlAt bowl, final double capMm, final double rimC, final double roomC) {
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                ConductingLayer.chocolate(
                                        bowl.couverture(),
                                        capMm / 1000,
                                        CAP_CELLS,
                                        1,
                                        bowl.temperatureC(),
                                        bowl.crystals()),
                                ConductingLayer.chocolate(
                                        bowl.couverture(),
                                        RIM_M,
                                        RIM_CELLS,
                                        0.1,
                                        rimC,
                                        bowl.couverture().tempered(rimC))),
                        new Curvature(0, capMm / 1000 + RIM_M + 1e-3),
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0), roomC),
                        BoundaryCondition.NONE,
                        RIM_S);
        final double bonds = StandingShell.bondsSolid(bowl.couverture());
        double deep = 0;
        for (int cell = CAP_CELLS; cell < path.cells(); cell++) {
            final int here = cell;
            if (Double.isFinite(path.firstS(s -> path.stable(here, s) < bonds))) {
                deep += path.volumeM(cell);
            }
        }
        return deep * 1000;
    }

    /** How warm the rim must be for the cap to melt into it, °C. */
    private static double rimBondsC(final BowlAt bowl, final double capMm, final double roomC) {
        double low = 10;
        double high = bowl.temperatureC();
        while (high - low > 0.2) {
            final double middle = (low + high) / 2;
            if (rimMeltsMm(bowl, capMm, middle, roomC) < CalibratedCasting.WELD_MM) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}
