package palintone.core.filling.fat;

import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * How much of a blend of fats is solid at rest.
 *
 * <p>Each fat is a few bodies with a melting point and a heat of fusion; each crystallises alone
 * out of the common liquid by the law of ideal solubility, ln x = −ΔH/R·(1/T − 1/Tm), shares by
 * mass. So cocoa butter is softened by milk fat and by oil without any rule of its own. The bodies
 * are fitted here to solid-fat curves from memory: cocoa butter .76 at 20 °C, .44 at 30, .05 at 33;
 * milk fat .45 at 10, .19 at 20, .07 at 30; lauric fat .77 at 10, .38 at 20, .03 at 25; other solid
 * fat (palm) .50 at 10, .25 at 20, .09 at 30. The fit is within .01 for cocoa butter and .02 for
 * the others. Incompatible fats (lauric beside cocoa butter) soften more than this law says.
 */
public final class FatBlend {

    public static final Source SOURCE =
            Source.calibrated(
                    "ideal solubility of a few bodies in each fat, fitted to solid-fat curves of"
                            + " cocoa butter, milk fat, lauric and palm fat from memory");

    private static final double GAS = 8.314;

    /** Share of the fat, melting point °C, heat of fusion J/mol. */
    private static final double[][] COCOA_BUTTER = {
        {0.122, 17.5, 116_000}, {0.253, 38.6, 99_000}, {0.528, 36.4, 158_000}
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
    private static final int BODIES = 14;

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
     * Solid share of the fat when it has had time to set, 0 to 1.
     *
     * @param celsius −30 to 100 °C
     */
    public double solidAt(final double celsius) {
        if (count == 0) {
            return 0;
        }
        final double kelvin = celsius + 273.15;
        final double[] soluble = new double[count];
        for (int i = 0; i < count; i++) {
            soluble[i] =
                    celsius >= meltingC[i]
                            ? Double.POSITIVE_INFINITY
                            : Math.exp(
                                    -fusion[i] / GAS * (1 / kelvin - 1 / (meltingC[i] + 273.15)));
        }
        double low = 0;
        double high = 1;
        for (int k = 0; k < 40; k++) {
            final double l = (low + high) / 2;
            double molten = liquid;
            for (int i = 0; i < count; i++) {
                molten += Math.min(share[i], soluble[i] * l);
            }
            if (molten > l) {
                low = l;
            } else {
                high = l;
            }
        }
        return 1 - (low + high) / 2;
    }
}
