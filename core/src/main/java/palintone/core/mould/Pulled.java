package palintone.core.mould;

import java.util.List;
import java.util.Objects;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * A flat shape of any outline, a heart or a leaf, pulled straight down, its walls leaning inwards.
 * At every depth the cut is the inner offset of the opening (JTS), its volume a Simpson sum over
 * the depth; for corners that stay corners the area falls as a square of the offset (Steiner), for
 * which that sum is exact.
 */
public final class Pulled implements Cavity {

    private static final int SLICES = 24;
    private static final int PER_QUARTER = 8;
    private static final double SHARP = 10;

    private final Polygon opening;
    private final double depthMm;
    private final double draftDegrees;

    /** Volumes down to each slice, and half widths there. */
    private final double[] ml = new double[SLICES + 1];

    private final double[] half = new double[SLICES + 1];
    private final double wallMm2;

    /**
     * @param opening seen from above, 3 to 200 points
     * @param depthMm rim to floor, 2 to 200 mm
     * @param draftDegrees lean of the walls from upright, 0 to 45 degrees
     * @throws OutOfRangeException when the outline crosses itself, a measure is impossible or the
     *     walls would meet above the floor
     */
    public Pulled(
            final List<Outline.Point> opening, final double depthMm, final double draftDegrees) {
        this(Outline.opening(opening), depthMm, draftDegrees);
    }

    private Pulled(final Polygon opening, final double depthMm, final double draftDegrees) {
        this.opening = opening;
        this.depthMm = Require.between("depth", depthMm, 2, 200, "mm");
        this.draftDegrees = Require.between("draft", draftDegrees, 0, 45, "°");
        final double lean = Math.tan(Math.toRadians(draftDegrees));
        double areaAbove = opening.getArea();
        half[0] = opening.getEnvelopeInternal().getWidth() / 2;
        double rim = opening.getLength();
        double wall = 0;
        for (int i = 1; i <= SLICES; i++) {
            final Polygon middle = at((i - 0.5) * depthMm / SLICES * lean);
            final Polygon below = at(i * depthMm / SLICES * lean);
            final double thick = depthMm / SLICES;
            ml[i] =
                    ml[i - 1]
                            + thick
                                    / 6
                                    * (areaAbove + 4 * middle.getArea() + below.getArea())
                                    / CUBIC_MM_PER_ML;
            half[i] = below.getEnvelopeInternal().getWidth() / 2;
            wall += (rim + below.getLength()) / 2 * thick;
            areaAbove = below.getArea();
            rim = below.getLength();
        }
        wallMm2 = wall / Math.cos(Math.toRadians(draftDegrees)) + areaAbove;
    }

    /** The cut where the wall has come in so far. */
    private Polygon at(final double inMm) {
        if (inMm == 0) {
            return opening;
        }
        final Geometry cut = offset(opening, inMm);
        if (cut instanceof Polygon polygon && polygon.getArea() > 4) {
            return polygon;
        }
        throw new OutOfRangeException(
                "draft",
                Math.round(draftDegrees * 10) / 10.0 + "°",
                "a lean that leaves one floor: less lean, or less depth");
    }

    private static Geometry offset(final Polygon from, final double inMm) {
        return BufferOp.bufferOp(
                from,
                -inMm,
                new BufferParameters(
                        PER_QUARTER,
                        BufferParameters.CAP_ROUND,
                        BufferParameters.JOIN_MITRE,
                        SHARP));
    }

    /** The opening, from above: across and down, mm. */
    public List<Outline.Point> opening() {
        final Coordinate[] ring = opening.getCoordinates();
        return java.util.Arrays.stream(ring)
                .limit(ring.length - 1L)
                .map(c -> new Outline.Point(c.x, c.y))
                .toList();
    }

    /** Lean of the walls from upright, degrees. */
    public double draftDegrees() {
        return draftDegrees;
    }

    @Override
    public double depthMm() {
        return depthMm;
    }

    /** Half of the greatest width across. */
    @Override
    public double halfWidthMm(final double atMm) {
        return between(half, atMm);
    }

    @Override
    public double volumeToMl(final double toMm) {
        return between(ml, toMm);
    }

    private double between(final double[] values, final double atMm) {
        final double place = Math.max(0, Math.min(1, atMm / depthMm)) * SLICES;
        final int i = Math.min(SLICES - 1, (int) place);
        return values[i] + (place - i) * (values[i + 1] - values[i]);
    }

    @Override
    public double wallAreaMm2() {
        return wallMm2;
    }

    @Override
    public boolean round() {
        return false;
    }

    @Override
    public double rimAreaMm2() {
        return opening.getArea();
    }

    @Override
    public Pulled inset(final double thicknessMm) {
        final double t = Cavity.thickness(thicknessMm, depthMm - 2);
        final Geometry inside = offset(opening, t / Math.cos(Math.toRadians(draftDegrees)));
        if (!(inside instanceof Polygon polygon) || polygon.getArea() < 12) {
            throw new OutOfRangeException(
                    "shell thickness",
                    Math.round(thicknessMm * 100) / 100.0 + " mm",
                    "a shell that leaves one room inside, open at the rim");
        }
        return new Pulled(polygon, depthMm - t, draftDegrees);
    }

    @Override
    public boolean equals(final Object other) {
        return other instanceof Pulled that
                && opening.equalsExact(that.opening)
                && depthMm == that.depthMm
                && draftDegrees == that.draftDegrees;
    }

    @Override
    public int hashCode() {
        return Objects.hash(opening.getEnvelopeInternal(), depthMm, draftDegrees);
    }
}
