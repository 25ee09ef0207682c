package palintone.core.mould;

import palintone.core.figure.Require;

/**
 * A round dome. As tall as its radius or taller, it is a straight wall under half a sphere;
 * flatter, it is a cap cut from a larger sphere.
 *
 * @param diameterMm at the rim, 4 to 500 mm
 * @param heightMm rim to top, 2 to 500 mm
 */
public record Dome(double diameterMm, double heightMm) implements Cavity {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a dimension is impossible
     */
    public Dome {
        Require.between("diameter", diameterMm, 4, 500, "mm");
        Require.between("height", heightMm, 2, 500, "mm");
    }

    private double rimRadius() {
        return diameterMm / 2;
    }

    /** Radius of the sphere the top is cut from. */
    private double sphereRadius() {
        final double r = rimRadius();
        return heightMm >= r ? r : (r * r + heightMm * heightMm) / (2 * heightMm);
    }

    /** Height of the straight wall, 0 for a cap. */
    private double wallMm() {
        return Math.max(0, heightMm - rimRadius());
    }

    /**
     * How far below the centre of the sphere a depth lies; the centre of a cap is above the rim.
     */
    private double belowCentre(final double depthMm) {
        return depthMm - heightMm + sphereRadius();
    }

    @Override
    public double depthMm() {
        return heightMm;
    }

    @Override
    public double halfWidthMm(final double depthMm) {
        if (depthMm <= wallMm()) {
            return rimRadius();
        }
        final double down = belowCentre(depthMm);
        return Math.sqrt(Math.max(0, sphereRadius() * sphereRadius() - down * down));
    }

    @Override
    public double volumeToMl(final double depthMm) {
        final double r = rimRadius();
        final double straight = Math.min(depthMm, wallMm());
        double volume = Math.PI * r * r * straight;
        if (depthMm > wallMm()) {
            final double s = sphereRadius();
            final double from = belowCentre(wallMm());
            final double to = belowCentre(depthMm);
            volume += Math.PI * (s * s * (to - from) - (to * to * to - from * from * from) / 3);
        }
        return volume / CUBIC_MM_PER_ML;
    }

    @Override
    public double wallAreaMm2() {
        return 2 * Math.PI * rimRadius() * wallMm()
                + 2 * Math.PI * sphereRadius() * (heightMm - wallMm());
    }

    @Override
    public boolean round() {
        return true;
    }

    @Override
    public double rimAreaMm2() {
        return Math.PI * rimRadius() * rimRadius();
    }

    @Override
    public Dome inset(final double thicknessMm) {
        final double t = Cavity.thickness(thicknessMm, Math.min(rimRadius(), heightMm) - 2);
        if (heightMm >= rimRadius()) {
            return new Dome(diameterMm - 2 * t, heightMm - t);
        }
        final double s = sphereRadius() - t;
        final double up = sphereRadius() - heightMm;
        return new Dome(2 * Math.sqrt(s * s - up * up), heightMm - t);
    }
}
