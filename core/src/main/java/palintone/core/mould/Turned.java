package palintone.core.mould;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * A round cavity of any profile: a line from the rim to the floor, turned about the middle. Volume
 * and area are those of the cone frusta between its points, which is exact for the line as drawn
 * (Pappus–Guldin); the inside of an even shell is the true offset of the line.
 *
 * @param profile half widths and depths, from the rim, depth 0, down to the floor, which is flat
 *     where the last point is not in the middle
 */
public record Turned(List<Outline.Point> profile) implements Cavity {

    private static final int STEPS = 48;

    /** What a bellied cavity holds at least, of opening times depth. */
    static final double LEAST_OF_BOX = 0.3;

    /** And at most: more needs a wall that leans over. */
    static final double MOST_OF_BOX = 0.98;

    /**
     * @throws OutOfRangeException when the line does not lead from the rim down to the floor
     */
    public Turned {
        profile = Outline.meridian(profile);
    }

    /**
     * A cavity known by its water: as wide as the opening at the rim, as deep as measured, and
     * bellied so that it holds so much. Level cuts shrink as A·(1 − (z/d)ⁿ): n = 2 is half a sphere
     * or egg, n = 1 a paraboloid, a large n a cup with upright walls.
     *
     * @param openingMm2 area of the opening, 12 to 250000 mm²
     * @param depthMm 2 to 500 mm
     * @param ml held to the brim; 30 to 98 % of opening times depth
     * @throws OutOfRangeException when it holds more or less than such a cavity can
     */
    public static Turned holding(final double openingMm2, final double depthMm, final double ml) {
        Require.between("area of the opening", openingMm2, 12, 250_000, "mm²");
        Require.between("depth", depthMm, 2, 500, "mm");
        final double box = openingMm2 * depthMm / CUBIC_MM_PER_ML;
        Require.between("volume", ml, LEAST_OF_BOX * box, MOST_OF_BOX * box, "ml");
        final double n =
                new BracketingNthOrderBrentSolver(1e-10, 1e-10, 5)
                        .solve(
                                200,
                                power -> bellied(openingMm2, depthMm, power).volumeMl() - ml,
                                0.2,
                                400);
        return bellied(openingMm2, depthMm, n);
    }

    private static Turned bellied(final double openingMm2, final double depthMm, final double n) {
        final double rim = Math.sqrt(openingMm2 / Math.PI);
        final List<Outline.Point> points = new ArrayList<>();
        for (int i = 0; i < STEPS; i++) {
            final double across = Math.cos(Math.PI / 2 * i / STEPS);
            points.add(
                    new Outline.Point(
                            Math.max(0.5, rim * across),
                            i == 0 ? 0 : depthMm * Math.pow(1 - across * across, 1 / n)));
        }
        points.add(new Outline.Point(0, depthMm));
        return new Turned(points);
    }

    @Override
    public double depthMm() {
        return profile.get(profile.size() - 1).downMm();
    }

    @Override
    public double halfWidthMm(final double depthMm) {
        for (int i = 1; i < profile.size(); i++) {
            final Outline.Point to = profile.get(i);
            if (depthMm <= to.downMm()) {
                final Outline.Point from = profile.get(i - 1);
                final double high = to.downMm() - from.downMm();
                final double part = high > 0 ? (depthMm - from.downMm()) / high : 0;
                return from.acrossMm() + part * (to.acrossMm() - from.acrossMm());
            }
        }
        return profile.get(profile.size() - 1).acrossMm();
    }

    @Override
    public double volumeToMl(final double depthMm) {
        double cubic = 0;
        for (int i = 1; i < profile.size(); i++) {
            final Outline.Point from = profile.get(i - 1);
            if (from.downMm() >= depthMm) {
                break;
            }
            final double to = Math.min(depthMm, profile.get(i).downMm());
            final double high = to - from.downMm();
            if (high > 0) {
                final double a = from.acrossMm();
                final double b = halfWidthMm(to);
                cubic += Math.PI * high * (a * a + a * b + b * b) / 3;
            }
        }
        return cubic / CUBIC_MM_PER_ML;
    }

    @Override
    public double wallAreaMm2() {
        double area = 0;
        for (int i = 1; i < profile.size(); i++) {
            final Outline.Point from = profile.get(i - 1);
            final Outline.Point to = profile.get(i);
            area +=
                    Math.PI
                            * (from.acrossMm() + to.acrossMm())
                            * Math.hypot(
                                    to.downMm() - from.downMm(), to.acrossMm() - from.acrossMm());
        }
        final double floor = profile.get(profile.size() - 1).acrossMm();
        return area + Math.PI * floor * floor;
    }

    @Override
    public boolean round() {
        return true;
    }

    @Override
    public double rimAreaMm2() {
        return Math.PI * profile.get(0).acrossMm() * profile.get(0).acrossMm();
    }

    @Override
    public Turned inset(final double thicknessMm) {
        final double t = Cavity.thickness(thicknessMm, Math.min(widestMm(), depthMm()) - 1);
        // Both sides of the section, carried on upwards, so that the rim itself is not shelled.
        final List<Coordinate> ring = new ArrayList<>();
        final Outline.Point rim = profile.get(0);
        final double up = -4 * t;
        final double above = Math.max(0.1, rim.acrossMm() + up * lean());
        ring.add(new Coordinate(-above, up));
        ring.add(new Coordinate(above, up));
        profile.forEach(p -> ring.add(new Coordinate(p.acrossMm(), p.downMm())));
        for (int i = profile.size() - 1; i >= 0; i--) {
            final Outline.Point p = profile.get(i);
            if (p.acrossMm() > 0) {
                ring.add(new Coordinate(-p.acrossMm(), p.downMm()));
            }
        }
        ring.add(ring.get(0).copy());
        final Geometry inside =
                BufferOp.bufferOp(
                        Outline.PLANE.createPolygon(ring.toArray(new Coordinate[0])),
                        -t,
                        new BufferParameters(16));
        final Geometry below =
                inside.intersection(
                        Outline.PLANE.toGeometry(new Envelope(0, 1000, 0, depthMm() + 1)));
        if (below.isEmpty() || below.getNumGeometries() > 1) {
            throw tooThick(thicknessMm);
        }
        return new Turned(rightSide(below, thicknessMm));
    }

    /** From the rim down to the middle; the corners the cut itself made are left out. */
    private static List<Outline.Point> rightSide(final Geometry right, final double thicknessMm) {
        final double eps = Outline.NARROWEST_MM;
        final List<Outline.Point> line = new ArrayList<>();
        final Coordinate[] ring = right.getCoordinates();
        // The ring without its closing point, from the outermost point at the rim, downwards.
        final int size = ring.length - 1;
        int start = -1;
        for (int i = 0; i < size; i++) {
            if (Math.abs(ring[i].y) < eps && (start < 0 || ring[i].x > ring[start].x)) {
                start = i;
            }
        }
        if (start < 0 || ring[start].x < 2) {
            throw tooThick(thicknessMm);
        }
        final int step = ring[(start + 1) % size].y > eps ? 1 : size - 1;
        for (int i = start, k = 0; k < size; i = (i + step) % size, k++) {
            final double last = line.isEmpty() ? 0 : line.get(line.size() - 1).downMm();
            if (ring[i].x < eps) {
                if (ring[i].y > last + eps) {
                    line.add(new Outline.Point(0, ring[i].y));
                }
                break;
            }
            line.add(new Outline.Point(ring[i].x, k == 0 ? 0 : Math.max(last, ring[i].y)));
        }
        return thinned(line);
    }

    /** Arcs come in many short pieces: those that change nothing are left out. */
    private static List<Outline.Point> thinned(final List<Outline.Point> line) {
        if (line.size() <= Outline.MOST_POINTS) {
            return line;
        }
        final List<Outline.Point> few = new ArrayList<>();
        final double step = (line.size() - 1.0) / (Outline.MOST_POINTS - 1);
        for (int i = 0; i < Outline.MOST_POINTS; i++) {
            few.add(line.get((int) Math.round(i * step)));
        }
        return few;
    }

    /** How the wall leans at the rim, width a millimetre of depth, a ratio. */
    private double lean() {
        final Outline.Point from = profile.get(0);
        final Outline.Point to = profile.get(1);
        final double high = to.downMm() - from.downMm();
        return high > 0 ? (to.acrossMm() - from.acrossMm()) / high : 0;
    }

    private double widestMm() {
        return profile.stream().mapToDouble(Outline.Point::acrossMm).max().orElseThrow();
    }

    private static OutOfRangeException tooThick(final double thicknessMm) {
        return new OutOfRangeException(
                "shell thickness",
                Math.round(thicknessMm * 100) / 100.0 + " mm",
                "a shell that leaves one room inside, open at the rim");
    }
}
