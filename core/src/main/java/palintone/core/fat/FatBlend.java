package palintone.core.fat;

import java.util.Arrays;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * How much of a blend of fats is solid at rest, by ideal solubility.
 *
 * <p>Each fat is a few bodies with a melting point and a heat of fusion; each crystallises alone
 * out of the common liquid, ln x = −ΔH/R·(1/T − 1/Tm), shares by mass. So cocoa butter is softened
 * by milk fat and by oil without any rule of its own. The bodies stand for no single substance;
 * they are fitted here to solid-fat curves from memory: cocoa butter .92 at 0 °C, .88 at 10, .83 at
 * 15, .76 at 20, .70 at 25, .62 at 27.5, .44 at 30, .20 at 32, .05 at 33, none at 34.5, within
 * .005; milk fat .45 at 10, .19 at 20, .07 at 30; lauric fat .77 at 10, .38 at 20, .03 at 25; other
 * solid fat (palm) .50 at 10, .25 at 20, .09 at 30, within .02; hardened lauric fat of coatings .97
 * at 10, .94 at 20, .86 at 25, .45 at 30, .20 at 32, none at 34, within .03.
 *
 * <p>Incompatible fats (lauric beside cocoa butter) soften more than this law says.
 */
public final class FatBlend implements SolidFat {

    public static final Source SOURCE =
            Source.calibrated(
                    "ideal solubility of a few bodies in each fat, fitted to solid-fat curves of"
                            + " cocoa butter, milk fat, lauric and palm fat from memory");

    /** Share of the fat, melting point °C, heat of fusion J/mol. */
    private static final double[][] COCOA_BUTTER = {
        {0.036, 7.5, 107_000},
        {0.102, 24.4, 75_000},
        {0.190, 48.0, 60_000},
        {0.422, 39.6, 100_000},
        {0.200, 46.3, 110_000}
    };

    private static final double[][] MILK_FAT = {
        {0.100, 21.9, 80_000}, {0.216, 33.2, 88_000}, {0.145, 25.9, 118_000}, {0.162, 46.5, 113_000}
    };
    private static final double[][] LAURIC = {
        {0.169, 17.6, 86_000}, {0.219, 27.0, 140_000}, {0.502, 32.3, 75_000}
    };
    private static final double[][] OTHER = {
        {0.180, 17.1, 126_000},
        {0.198, 24.0, 140_000},
        {0.180, 33.5, 165_000},
        {0.109, 48.7, 167_000}
    };

    /** The hardened, fractionated lauric fat of coatings; melts as sharply as cocoa butter. */
    private static final double[][] HARD_LAURIC = {
        {0.070, 24.2, 137_000}, {0.377, 33.2, 149_000}, {0.527, 37.1, 139_000}
    };

    private static final int BODIES = 16;

    private final double[] share = new double[BODIES];
    private final double[] meltingC = new double[BODIES];
    private final double[] fusion = new double[BODIES];
    private int count;
    private double liquid = 1;

    private FatBlend() {}

    /** The fats of a composition; without any fat nothing is ever solid. */
    public static FatBlend of(final Composition composition) {
        final FatBlend blend = new FatBlend();
        final double all = composition.fatFraction();
        if (all > 0) {
            blend.add(COCOA_BUTTER, composition.fraction(Component.COCOA_BUTTER) / all);
            blend.add(MILK_FAT, composition.fraction(Component.MILK_FAT) / all);
            blend.add(LAURIC, composition.fraction(Component.LAURIC_FAT) / all);
            blend.add(OTHER, composition.fraction(Component.OTHER_FAT) / all);
        }
        return blend;
    }

    /** The same, where its lauric fat is the hardened one of coatings. */
    public static FatBlend ofCoating(final Composition composition) {
        final FatBlend blend = new FatBlend();
        final double all = composition.fatFraction();
        if (all > 0) {
            blend.add(COCOA_BUTTER, composition.fraction(Component.COCOA_BUTTER) / all);
            blend.add(MILK_FAT, composition.fraction(Component.MILK_FAT) / all);
            blend.add(HARD_LAURIC, composition.fraction(Component.LAURIC_FAT) / all);
            blend.add(OTHER, composition.fraction(Component.OTHER_FAT) / all);
        }
        return blend;
    }

    /** Pure cocoa butter. */
    public static FatBlend cocoaButter() {
        final FatBlend blend = new FatBlend();
        blend.add(COCOA_BUTTER, 1);
        return blend;
    }

    private void add(final double[][] bodies, final double part) {
        if (part <= 0) {
            return;
        }
        for (final double[] body : bodies) {
            share[count] = body[0] * part;
            meltingC[count] = body[1];
            fusion[count] = body[2];
            liquid -= share[count];
            count++;
        }
    }

    /**
     * {@inheritDoc}
     *
     * <p>What is molten is l = liquid + Σ min(share, solubility·l). Taken in the order in which the
     * bodies melt away, each step of that sum is a straight line in l: the first that holds is the
     * answer.
     */
    @Override
    public double solidAt(final double celsius) {
        final double kelvin = celsius + 273.15;
        final double[] gone = new double[count];
        final double[] soluble = new double[count];
        int melting = 0;
        double molten = liquid;
        for (int i = 0; i < count; i++) {
            if (celsius >= meltingC[i]) {
                molten += share[i];
                continue;
            }
            final double s =
                    Math.exp(
                            -fusion[i]
                                    / PhysicalConstants.GAS_J_PER_MOL_K
                                    * (1 / kelvin - 1 / (meltingC[i] + 273.15)));
            // The share of liquid at which the last of this body would dissolve.
            int at = melting++;
            final double here = share[i] / s;
            while (at > 0 && gone[at - 1] > here) {
                gone[at] = gone[at - 1];
                soluble[at] = soluble[at - 1];
                at--;
            }
            gone[at] = here;
            soluble[at] = s;
        }
        double slope = 0;
        for (int i = 0; i < melting; i++) {
            slope += soluble[i];
        }
        for (int i = 0; i < melting; i++) {
            final double l = slope < 1 ? molten / (1 - slope) : Double.POSITIVE_INFINITY;
            if (l <= gone[i]) {
                return 1 - Math.min(1, l);
            }
            molten += gone[i] * soluble[i];
            slope -= soluble[i];
        }
        return 0;
    }

    /**
     * Above this nothing is left solid.
     *
     * @return °C, to a hundredth
     */
    public double clearPointC() {
        double low = -40;
        double high = 80;
        while (high - low > 0.005) {
            final double middle = (low + high) / 2;
            if (solidAt(middle) > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    @Override
    public String toString() {
        return "FatBlend" + Arrays.toString(Arrays.copyOf(share, count));
    }
}
