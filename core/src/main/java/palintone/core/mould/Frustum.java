package palintone.core.mould;

import palintone.core.figure.Require;

/**
 * A round cup with straight, leaning walls and a flat floor; walls that hardly lean make a disc.
 *
 * @param rimMm diameter of the opening, 4 to 500 mm
 * @param floorMm diameter of the floor, 2 mm up to the opening
 * @param depthMm rim to floor, 2 to 500 mm
 */
public record Frustum(double rimMm, double floorMm, double depthMm) implements Cavity {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a dimension is impossible, or the
     *     floor wider than the opening
     */
    public Frustum {
        Require.between("diameter", rimMm, 4, 500, "mm");
        Require.between("diameter of the floor", floorMm, 2, rimMm, "mm");
        Require.between("depth", depthMm, 2, 500, "mm");
    }

    /**
     * A disc, its walls leaning so many degrees from upright.
     *
     * @param diameterMm at the rim, 4 to 500 mm
     * @param depthMm 2 to 500 mm
     * @param draftDegrees 0 to 45 degrees
     * @throws palintone.core.figure.OutOfRangeException when a dimension is impossible or the walls
     *     would meet above the floor
     */
    public static Frustum disc(
            final double diameterMm, final double depthMm, final double draftDegrees) {
        Require.between("draft", draftDegrees, 0, 45, "°");
        return new Frustum(
                diameterMm,
                diameterMm - 2 * depthMm * Math.tan(Math.toRadians(draftDegrees)),
                depthMm);
    }

    /** Millimetres of width lost on each side for a millimetre of depth, a ratio. */
    private double lean() {
        return (rimMm - floorMm) / 2 / depthMm;
    }

    @Override
    public double halfWidthMm(final double depthMm) {
        return rimMm / 2 - depthMm * lean();
    }

    @Override
    public double volumeToMl(final double toMm) {
        final double from = rimMm / 2;
        final double to = halfWidthMm(toMm);
        return Math.PI * toMm * (from * from + from * to + to * to) / 3 / CUBIC_MM_PER_ML;
    }

    @Override
    public double wallAreaMm2() {
        final double slant = Math.hypot(depthMm, (rimMm - floorMm) / 2);
        return Math.PI * (rimMm + floorMm) / 2 * slant + Math.PI * floorMm * floorMm / 4;
    }

    @Override
    public boolean round() {
        return true;
    }

    @Override
    public double rimAreaMm2() {
        return Math.PI * rimMm * rimMm / 4;
    }

    @Override
    public Frustum inset(final double thicknessMm) {
        final double t = Cavity.thickness(thicknessMm, Math.min(depthMm, floorMm / 2) - 2);
        final double rim = rimMm - 2 * t * Math.hypot(1, lean());
        final double depth = depthMm - t;
        return new Frustum(rim, rim - 2 * depth * lean(), depth);
    }
}
