package palintone.core.heat;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.substance.Composition;

/**
 * How much of the fat may be solid, in its stable form, at a temperature; straight lines between
 * points, level below the first and zero above the last.
 *
 * <p>The points for cocoa butter are those of docs/models.md section B, from memory. Milk fat
 * dilutes cocoa butter and softens it: the curve is lowered by the share of cocoa butter and moved
 * down by {@value #SHIFT_K_PER_MILK_FAT_SHARE} K per unit share of milk fat in the fat, calibrated
 * here so that the working windows of dark, milk and white fall on the same part of the curve.
 * Holds for up to 40 % milk fat in the fat and for no lauric fat.
 */
public final class SolidFatCurve {

    public static final Source SOURCE =
            Source.calibrated(
                    "solid-fat curve of cocoa butter, points from memory; milk fat shift set by the"
                            + " working windows");

    static final double SHIFT_K_PER_MILK_FAT_SHARE = 12;

    private static final double[] TEMPERATURES_C = {20, 25, 27.5, 30, 32, 33, 34.5};
    private static final double[] SOLID = {0.76, 0.70, 0.62, 0.44, 0.20, 0.05, 0};

    private final double shiftK;
    private final double dilution;

    private SolidFatCurve(final double shiftK, final double dilution) {
        this.shiftK = shiftK;
        this.dilution = dilution;
    }

    /** Pure cocoa butter, as in dark couverture. */
    public static SolidFatCurve cocoaButter() {
        return new SolidFatCurve(0, 1);
    }

    /**
     * The fat blend of a couverture.
     *
     * @throws palintone.core.figure.OutOfRangeException when more than 40 % of the fat is milk fat
     */
    public static SolidFatCurve of(final Composition composition) {
        final double share = composition.milkFatShareOfFat();
        Require.between("milk fat in the fat", share * 100, 0, 40, "%");
        return new SolidFatCurve(-SHIFT_K_PER_MILK_FAT_SHARE * share, 1 - share);
    }

    /** Solid share of the fat at equilibrium, 0 to 1. */
    public double solidAt(final double temperatureC) {
        return dilution * pure(asCocoaButterC(temperatureC));
    }

    /**
     * The temperature at which pure cocoa butter would behave as this blend does here, °C; what is
     * known of cocoa butter can so be said of every couverture.
     */
    public double asCocoaButterC(final double temperatureC) {
        return temperatureC - shiftK;
    }

    /** Straight lines, looked up by hand: this is asked millions of times in a simulation. */
    private static double pure(final double t) {
        if (t <= TEMPERATURES_C[0]) {
            return SOLID[0];
        }
        for (int i = 1; i < TEMPERATURES_C.length; i++) {
            if (t < TEMPERATURES_C[i]) {
                final double along =
                        (t - TEMPERATURES_C[i - 1]) / (TEMPERATURES_C[i] - TEMPERATURES_C[i - 1]);
                return SOLID[i - 1] + along * (SOLID[i] - SOLID[i - 1]);
            }
        }
        return 0;
    }

    /**
     * The temperature down to which the fat must fall before this much may be solid.
     *
     * @param solid share of the fat, 0.001 to 0.5
     * @return °C
     */
    public double temperatureFor(final double solid) {
        Require.between("solid share of the fat", solid, 0.001, 0.5, "");
        return new BracketingNthOrderBrentSolver(1e-12, 1e-9, 5)
                .solve(100, t -> solidAt(t) - solid, TEMPERATURES_C[0] + shiftK, clearPointC());
    }

    /** Above this nothing is left solid, °C. */
    public double clearPointC() {
        return TEMPERATURES_C[TEMPERATURES_C.length - 1] + shiftK;
    }
}
