package palintone.core.filling.pot;

import java.util.Arrays;
import java.util.Map;
import palintone.core.fat.FusionHeat;
import palintone.core.fat.SolidFatCurve;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/** Where the heat of two things in one pot meets, melting of cocoa butter included. */
final class MetHeat {

    private static final Component[] COMPONENTS = Component.values();
    private static final int COCOA_BUTTER = Component.COCOA_BUTTER.ordinal();
    private static final double[] CP = specificHeats();
    private static final SolidFatCurve COCOA = SolidFatCurve.cocoaButter();

    private MetHeat() {}

    /**
     * The temperature both come to, °C. What melts takes its heat; nothing sets in the moment.
     *
     * @param one grams of every component, in the order of {@link Component}
     * @param oneC how warm it is
     * @param other the same of what goes in
     * @param otherC how warm that is
     */
    static double celsius(
            final double[] one, final double oneC, final double[] other, final double otherC) {
        double oneCp = 0;
        double otherCp = 0;
        for (int i = 0; i < one.length; i++) {
            oneCp += one[i] * CP[i];
            otherCp += other[i] * CP[i];
        }
        double low = Math.min(oneC, otherC) - 1;
        double high = Math.max(oneC, otherC) + 1;
        for (int k = 0; k < 40; k++) {
            final double t = (low + high) / 2;
            final double gained =
                    oneCp * (t - oneC)
                            + otherCp * (t - otherC)
                            + melting(one[COCOA_BUTTER], oneC, t)
                            + melting(other[COCOA_BUTTER], otherC, t);
            if (gained < 0) {
                low = t;
            } else {
                high = t;
            }
        }
        return (low + high) / 2;
    }

    private static double melting(final double butterG, final double fromC, final double toC) {
        return butterG
                * Math.max(0, COCOA.solidAt(fromC) - COCOA.solidAt(toC))
                * FusionHeat.FORM_V_J_PER_G;
    }

    private static double[] specificHeats() {
        final double[] cp = new double[COMPONENTS.length];
        Arrays.stream(COMPONENTS)
                .forEach(
                        c ->
                                cp[c.ordinal()] =
                                        ChoiOkos1986.cpJPerGK(
                                                Composition.ofMasses(Map.of(c, 1.0)), 40));
        return cp;
    }
}
