package palintone.core.coat;

import palintone.core.figure.Require;
import palintone.core.figure.Source;

/** How a thin sheet curls when one side of it draws in more than the other (Timoshenko 1925). */
public final class SheetCurl {

    public static final Source SOURCE =
            Source.remembered(
                    "two strips that are one: Timoshenko 1925, J. Opt. Soc. Am. 11, 233–255");

    private SheetCurl() {}

    /**
     * Curvature of two layers of which one draws in more. Allowed: thickness of a layer above 0 to
     * 100 mm; thickness of the other layer above 0 to 100 mm.
     *
     * @param strain by which the one is shorter, 0 to 0.1
     * @param oneMm thickness of the one that is shorter, above 0
     * @param otherMm thickness of the other, above 0
     * @param stiffer how many times as stiff the one is, 0.001 to 1000
     * @return 1/mm, towards the one
     */
    public static double curvaturePerMm(
            final double strain, final double oneMm, final double otherMm, final double stiffer) {
        Require.between("drawn in", strain, 0, 0.1, "");
        Require.positive("thickness of a layer", oneMm, 100, "mm");
        Require.positive("thickness of the other layer", otherMm, 100, "mm");
        Require.between("stiffness", stiffer, 1e-3, 1e3, "");
        final double m = oneMm / otherMm;
        final double together = oneMm + otherMm;
        return 6
                * strain
                * (1 + m)
                * (1 + m)
                / (together
                        * (3 * (1 + m) * (1 + m)
                                + (1 + m * stiffer) * (m * m + 1 / (m * stiffer))));
    }

    /** How high the ends of a strip rise from its middle, mm. */
    public static double risesMm(final double curvaturePerMm, final double lengthMm) {
        if (curvaturePerMm <= 0) {
            return 0;
        }
        final double angle = Math.min(Math.PI, lengthMm * curvaturePerMm / 2);
        return (1 - Math.cos(angle)) / curvaturePerMm;
    }
}
