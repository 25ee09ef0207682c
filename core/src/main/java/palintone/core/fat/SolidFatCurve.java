package palintone.core.fat;

import java.util.Arrays;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.substance.Composition;

/**
 * The solid fat of one couverture by {@link FatBlend}, quick enough to be asked millions of times
 * in a simulation: worked out every tenth of a kelvin when first wanted, straight lines between.
 *
 * <p>Holds for up to 40 % milk fat in the fat and for no lauric fat, −5 to 60 °C; outside it stays
 * at its ends.
 */
public final class SolidFatCurve implements SolidFat {

    public static final Source SOURCE = FatBlend.SOURCE;

    /** Where pure cocoa butter is clear, °C. */
    private static final double COCOA_BUTTER_CLEAR_C = FatBlend.cocoaButter().clearPointC();

    private static final double FROM_C = -5;
    private static final double STEP_K = 0.1;
    private static final int POINTS = 651;

    /**
     * Milk fat delays the crystals of cocoa butter more than it softens them: they behave as at a
     * temperature higher by this much for each unit of its share of the fat. Calibrated here so
     * that the working windows of milk and white are as lively as that of dark.
     */
    static final double DELAY_K_PER_MILK_FAT_SHARE = 9.6;

    private final FatBlend blend;
    private final double clearPointC;
    private final double delayK;

    /** NaN where nobody has asked yet; two threads that ask at once write the same. */
    private final double[] solid = new double[POINTS];

    private SolidFatCurve(final FatBlend blend, final double milkFatShare) {
        this.blend = blend;
        this.delayK = DELAY_K_PER_MILK_FAT_SHARE * milkFatShare;
        this.clearPointC = blend.clearPointC();
        Arrays.fill(solid, Double.NaN);
    }

    /** Pure cocoa butter, as in dark couverture. */
    public static SolidFatCurve cocoaButter() {
        return new SolidFatCurve(FatBlend.cocoaButter(), 0);
    }

    /**
     * The fat blend of a couverture. Allowed: milk fat in the fat 0 to 40 %.
     *
     * @throws palintone.core.figure.OutOfRangeException when more than 40 % of the fat is milk fat
     */
    public static SolidFatCurve of(final Composition composition) {
        final double milk = composition.milkFatShareOfFat();
        Require.between("milk fat in the fat", milk * 100, 0, 40, "%");
        return new SolidFatCurve(FatBlend.of(composition), milk);
    }

    /** The fat blend of a compound coating, its lauric fat hardened. */
    public static SolidFatCurve ofCoating(final Composition composition) {
        return new SolidFatCurve(FatBlend.ofCoating(composition), 0);
    }

    @Override
    public double solidAt(final double celsius) {
        final double along = Math.max(0, Math.min(POINTS - 1.001, (celsius - FROM_C) / STEP_K));
        final int i = (int) along;
        final double left = point(i);
        return left + (along - i) * (point(i + 1) - left);
    }

    private double point(final int i) {
        double here = solid[i];
        if (Double.isNaN(here)) {
            here = blend.solidAt(FROM_C + i * STEP_K);
            solid[i] = here;
        }
        return here;
    }

    /**
     * The temperature at which the crystals of pure cocoa butter grow and multiply as quickly as
     * those of this blend do here, °C. How much may be solid is not said by it: that is {@link
     * #solidAt}.
     */
    public double asCocoaButterC(final double celsius) {
        return celsius + delayK;
    }

    /**
     * As far below the clear point of cocoa butter as this is below the clear point of this blend,
     * °C: crystals dissolve by that, with no delay.
     */
    public double belowClearAsCocoaButterC(final double celsius) {
        return celsius + COCOA_BUTTER_CLEAR_C - clearPointC;
    }

    /** The other way round: where this blend does what cocoa butter does at a temperature, °C. */
    public double fromCocoaButterC(final double celsius) {
        return celsius - delayK;
    }

    /**
     * The temperature down to which the fat must fall before this much may be solid.
     *
     * @param share of the fat, 0.001 to 0.5
     * @return °C
     */
    public double temperatureFor(final double share) {
        Require.between("solid share of the fat", share, 0.001, 0.5, "");
        return new BracketingNthOrderBrentSolver(1e-12, 1e-9, 5)
                .solve(200, t -> solidAt(t) - share, FROM_C, clearPointC + STEP_K);
    }

    /** Above this nothing is left solid, °C. */
    public double clearPointC() {
        return clearPointC;
    }
}
