package palintone.core.mould;

import palintone.core.figure.Require;

/**
 * Half a sphere, open at its great circle.
 *
 * @param diameterMm 4 to 500 mm
 */
public record HalfSphere(double diameterMm) implements Cavity {

    /**
     * @throws palintone.core.figure.OutOfRangeException when the diameter is impossible
     */
    public HalfSphere {
        Require.between("diameter", diameterMm, 4, 500, "mm");
    }

    private double radius() {
        return diameterMm / 2;
    }

    @Override
    public double depthMm() {
        return radius();
    }

    @Override
    public double halfWidthMm(final double depthMm) {
        return Math.sqrt(Math.max(0, radius() * radius() - depthMm * depthMm));
    }

    @Override
    public double volumeToMl(final double depthMm) {
        final double r = radius();
        return Math.PI * (r * r * depthMm - depthMm * depthMm * depthMm / 3) / CUBIC_MM_PER_ML;
    }

    @Override
    public double wallAreaMm2() {
        return 2 * Math.PI * radius() * radius();
    }

    @Override
    public boolean round() {
        return true;
    }

    @Override
    public double rimAreaMm2() {
        return Math.PI * radius() * radius();
    }

    @Override
    public HalfSphere inset(final double thicknessMm) {
        return new HalfSphere(diameterMm - 2 * Cavity.thickness(thicknessMm, radius() - 2));
    }
}
