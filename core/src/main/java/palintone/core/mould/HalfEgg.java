package palintone.core.mould;

import palintone.core.figure.Require;

/**
 * Half an egg, lying: its outline is two arcs of unequal length that meet where it is widest, each
 * half an ellipse, turned about the long axis and cut along it.
 *
 * @param bluntMm from the widest place to the blunt end, 2 to 400 mm
 * @param pointedMm from the widest place to the pointed end, 2 to 600 mm
 * @param widthMm where it is widest, 4 to 500 mm; half of it is the depth
 */
public record HalfEgg(double bluntMm, double pointedMm, double widthMm) implements Cavity {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a dimension is impossible
     */
    public HalfEgg {
        Require.between("blunt end", bluntMm, 2, 400, "mm");
        Require.between("pointed end", pointedMm, 2, 600, "mm");
        Require.between("width", widthMm, 4, 500, "mm");
    }

    @Override
    public double depthMm() {
        return widthMm / 2;
    }

    /** The section that is drawn is across, where the egg is widest. */
    @Override
    public double halfWidthMm(final double depthMm) {
        final double r = widthMm / 2;
        return Math.sqrt(Math.max(0, r * r - depthMm * depthMm));
    }

    @Override
    public double volumeToMl(final double depthMm) {
        final double r = widthMm / 2;
        // At every depth the cut is two half ellipses, shrunk alike along and across.
        return Math.PI
                / 2
                * (bluntMm + pointedMm)
                / r
                * (r * r * depthMm - depthMm * depthMm * depthMm / 3)
                / CUBIC_MM_PER_ML;
    }

    @Override
    public double wallAreaMm2() {
        return (halfSpheroid(bluntMm) + halfSpheroid(pointedMm)) / 2;
    }

    /** Area of half a spheroid of this half length, mm²; closed forms of geometry. */
    private double halfSpheroid(final double lengthMm) {
        final double b = widthMm / 2;
        if (Math.abs(lengthMm - b) < 1e-6 * b) {
            return 2 * Math.PI * b * b;
        }
        if (lengthMm > b) {
            final double e = Math.sqrt(1 - b * b / (lengthMm * lengthMm));
            return Math.PI * b * b * (1 + lengthMm / (b * e) * Math.asin(e));
        }
        final double e = Math.sqrt(1 - lengthMm * lengthMm / (b * b));
        final double atanh = 0.5 * Math.log((1 + e) / (1 - e));
        return Math.PI * b * b * (1 + (1 - e * e) / e * atanh);
    }

    @Override
    public boolean round() {
        return true;
    }

    @Override
    public double rimAreaMm2() {
        return Math.PI / 4 * widthMm * (bluntMm + pointedMm);
    }

    /**
     * {@inheritDoc}
     *
     * <p>What lies inside an even shell of an ellipse is not quite an ellipse; the egg that is
     * shorter by the shell at every end is within a thirtieth of the shell for eggs up to twice as
     * long as wide ({@code HalfEggTest}).
     */
    @Override
    public HalfEgg inset(final double thicknessMm) {
        final double t =
                Cavity.thickness(
                        thicknessMm, Math.min(widthMm / 2, Math.min(bluntMm, pointedMm)) - 2);
        return new HalfEgg(bluntMm - t, pointedMm - t, widthMm - 2 * t);
    }
}
