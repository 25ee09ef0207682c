package palintone.core.temper;

import palintone.core.fat.FusionHeat;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;

/**
 * How small chocolate is chopped so that it melts through while one waits: a piece in something
 * warm and hardly stirred takes heat by conduction alone (Nu = 2), t = ρ·(L + c·ΔT₀)·d² / (8·k·ΔT).
 */
public final class ChopSize {

    public static final Source SOURCE =
            Source.calibrated(
                    "a piece melting in what conducts heat to it (Nu = 2, quasi-steady); molten from"
                            + " 33 °C");

    private static final double MELTS_C = 33;
    private static final double SHELF_C = 20;
    private static final double CUBIC_M_PER_ML = 1e-6;

    private ChopSize() {}

    /**
     * How long a piece takes, s.
     *
     * @param of what is in the chocolate
     * @param pieceMm across, 0.5 to 100
     * @param aroundC in the mean while it melts, 34 to 120 °C
     * @param conductsWPerMK what is around it, 0.05 to 1
     */
    public static double meltsThroughS(
            final Composition of,
            final double pieceMm,
            final double aroundC,
            final double conductsWPerMK) {
        Require.between("piece of chocolate", pieceMm, 0.5, 100, "mm");
        return perSquareMm(of, aroundC, conductsWPerMK) * pieceMm * pieceMm;
    }

    /**
     * The other way round: the largest piece that melts through by then, mm.
     *
     * @param seconds 5 to 3600
     */
    public static double largestMm(
            final Composition of,
            final double seconds,
            final double aroundC,
            final double conductsWPerMK) {
        Require.between("wait", seconds, 5, 3600, "s");
        return Math.sqrt(seconds / perSquareMm(of, aroundC, conductsWPerMK));
    }

    private static double perSquareMm(
            final Composition of, final double aroundC, final double conductsWPerMK) {
        Require.between("what it melts in", aroundC, MELTS_C + 1, 120, "°C");
        Require.between("conductivity", conductsWPerMK, 0.05, 1, "W/mK");
        final double jPerG =
                of.fatFraction() * SolidFatCurve.of(of).solidAt(SHELF_C) * FusionHeat.FORM_V_J_PER_G
                        + ChoiOkos1986.cpJPerGK(of, SHELF_C) * (MELTS_C - SHELF_C);
        final double jPerM3 = jPerG * ChoiOkos1986.densityGPerMl(of, SHELF_C) / CUBIC_M_PER_ML;
        return jPerM3 * 1e-6 / (8 * conductsWPerMK * (aroundC - MELTS_C));
    }
}
