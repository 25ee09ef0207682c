package palintone.core.casting.fill;

import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.pour.MouldWall;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.heat.AirFlow;
import palintone.core.mould.Mould;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;
import palintone.core.substance.HeatConduction;
import palintone.core.temper.Couverture;

/**
 * The warmest filling a set shell bears, by its own heat balance: what the filling gives, what the
 * shell melts with it, what mould and room take.
 *
 * @param warmestC of the filling as it goes in, °C
 * @param softensMm how far the shell softens then, from its inside, mm
 * @param insideC the warmest its inside becomes, °C
 * @param atMost whether the limit is what was looked at, not what the shell bears
 */
public record WarmestFill(double warmestC, double softensMm, double insideC, boolean atMost) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat balance of filling, shell, mould and room; a shell bears a tenth of its"
                            + " thickness softened to what is solid at 30 °C");

    /** A soft ganache, J/mlK; common practice, no source. */
    public static final double USUAL_FILLING_J_PER_ML_K = 2.9;

    /** Into the shell no warmer than this; common practice, no source. */
    public static final double PRACTICE_C = 30;

    private static final double WARMEST_C = 45;
    private static final double FOLLOWED_S = 1800;
    private static final int SHELL_CELLS = 24;
    private static final int FILLING_CELLS = 24;

    /**
     * @param couverture of the shell
     * @param mould it stands in
     * @param shellMm its thickness, 0.2 to 20 mm
     * @param shellC its temperature as it is filled, 0 to 28 °C
     * @param roomC the room, 5 to 40 °C
     * @param fillingJPerMlK density times specific heat of the filling, 1 to 5 J/mlK
     */
    public static WarmestFill of(
            final Couverture couverture,
            final Mould mould,
            final double shellMm,
            final double shellC,
            final double roomC,
            final double fillingJPerMlK) {
        Require.between("temperature of the shell", shellC, 0, 28, "°C");
        Require.between("room temperature", roomC, 5, 40, "°C");
        Require.between("heat of the filling", fillingJPerMlK, 1, 5, "J/mlK");
        Require.between(
                "shell thickness",
                shellMm,
                0.2,
                Math.max(0.3, MouldWall.reachM(mould.cavity()) * 1000 * 0.9),
                "mm");
        final Filled filled = new Filled(couverture, mould, shellMm, shellC, roomC, fillingJPerMlK);
        double low = shellC;
        double high = WARMEST_C;
        if (filled.softensMm(high) <= CalibratedCasting.BEARS_SHARE * shellMm) {
            return new WarmestFill(high, filled.softensMm(high), filled.insideC(high), true);
        }
        while (high - low > 0.05) {
            final double middle = (low + high) / 2;
            if (filled.softensMm(middle) <= CalibratedCasting.BEARS_SHARE * shellMm) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return new WarmestFill(low, filled.softensMm(low), filled.insideC(low), false);
    }

    /**
     * No warmer than makers trust, whatever the shell bears by the model: the answer of every
     * station, °C.
     */
    public double advisedC() {
        return Math.min(PRACTICE_C, warmestC);
    }

    /** The same as a figure, with what it rests on. */
    public Figure advised() {
        return Figure.of(
                        "fill no warmer than",
                        advisedC(),
                        Unit.CELSIUS,
                        Basis.of("the smaller of what the shell bears and common practice")
                                .with("the shell bears", warmestC, Unit.CELSIUS)
                                .with("common practice", PRACTICE_C, Unit.CELSIUS)
                                .from(SOURCE)
                                .from(Source.practice("28 to 30 °C into the shell")))
                .within(new Band(20, 26, PRACTICE_C, PRACTICE_C + 1));
    }

    /**
     * Heat a filling brings with it.
     *
     * @return J/mlK, 1 to 5
     */
    public static double heatJPerMlK(final Composition filling) {
        return Math.max(
                1,
                Math.min(
                        5,
                        ChoiOkos1986.densityGPerMl(filling, 25)
                                * ChoiOkos1986.cpJPerGK(filling, 25)));
    }

    /** A filled cavity, by the temperature of what goes in. */
    private record Filled(
            Couverture couverture,
            Mould mould,
            double shellMm,
            double shellC,
            double roomC,
            double fillingJPerMlK) {

        private CrustPath path(final double fillC) {
            final Curvature bend = MouldWall.bend(mould);
            final double room = MouldWall.reachM(mould.cavity()) - shellMm / 1000;
            return CrustSolver.follow(
                    List.of(
                            MouldWall.stratum(mould, shellC),
                            ConductingLayer.chocolate(
                                    couverture,
                                    shellMm / 1000,
                                    SHELL_CELLS,
                                    1,
                                    shellC,
                                    couverture.tempered(shellC)),
                            ConductingLayer.plain(
                                    room * 0.999,
                                    FILLING_CELLS,
                                    HeatConduction.FILLING_W_PER_MK,
                                    fillingJPerMlK * 1e6,
                                    fillC)),
                    bend,
                    BoundaryCondition.still(AirFlow.filmWPerM2K(0), roomC),
                    BoundaryCondition.NONE,
                    FOLLOWED_S);
        }

        double softensMm(final double fillC) {
            final CrustPath path = path(fillC);
            int soft = 0;
            for (int cell = MouldWall.CELLS; cell < MouldWall.CELLS + SHELL_CELLS; cell++) {
                final int here = cell;
                if (Double.isFinite(
                        path.firstS(s -> path.stable(here, s) < CalibratedCasting.SOFT_SOLID))) {
                    soft++;
                }
            }
            return shellMm * soft / SHELL_CELLS;
        }

        double insideC(final double fillC) {
            return path(fillC).warmestC(1, 0);
        }
    }
}
