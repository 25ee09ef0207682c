package palintone.core.mould;

import palintone.core.figure.Require;

/**
 * A bar with walls that lean outwards, so that it leaves the mould.
 *
 * @param lengthMm at the rim, 4 to 500 mm
 * @param widthMm at the rim, 4 to 500 mm
 * @param depthMm rim to floor, 2 to 200 mm
 * @param draftDegrees lean of the walls from upright, 0 to 45°
 */
public record Bar(double lengthMm, double widthMm, double depthMm, double draftDegrees)
        implements Cavity {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a dimension is impossible or the walls
     *     would meet above the floor
     */
    public Bar {
        Require.between("length", lengthMm, 4, 500, "mm");
        Require.between("width", widthMm, 4, 500, "mm");
        Require.between("depth", depthMm, 2, 200, "mm");
        Require.between("draft", draftDegrees, 0, 45, "°");
        Require.positive(
                "width of the floor",
                Math.min(lengthMm, widthMm) - 2 * depthMm * Math.tan(Math.toRadians(draftDegrees)),
                500,
                "mm");
    }

    private double lean() {
        return Math.tan(Math.toRadians(draftDegrees));
    }

    @Override
    public double halfWidthMm(final double depthMm) {
        return lengthMm / 2 - depthMm * lean();
    }

    @Override
    public double volumeToMl(final double toMm) {
        final double lean = lean();
        return (lengthMm * widthMm * toMm
                        - (lengthMm + widthMm) * lean * toMm * toMm
                        + 4.0 / 3 * lean * lean * toMm * toMm * toMm)
                / CUBIC_MM_PER_ML;
    }

    @Override
    public double wallAreaMm2() {
        final double floorLength = lengthMm - 2 * depthMm * lean();
        final double floorWidth = widthMm - 2 * depthMm * lean();
        final double slant = depthMm / Math.cos(Math.toRadians(draftDegrees));
        return floorLength * floorWidth + slant * (lengthMm + floorLength + widthMm + floorWidth);
    }

    @Override
    public boolean round() {
        return false;
    }

    @Override
    public double rimAreaMm2() {
        return lengthMm * widthMm;
    }

    @Override
    public Bar inset(final double thicknessMm) {
        final double t =
                Cavity.thickness(
                        thicknessMm, Math.min(depthMm, Math.min(lengthMm, widthMm) / 2) - 2);
        final double across = 2 * t / Math.cos(Math.toRadians(draftDegrees));
        return new Bar(lengthMm - across, widthMm - across, depthMm - t, draftDegrees);
    }
}
