package palintone.core.mould;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/** A line drawn by hand, point by point, mm. */
public final class Outline {

    static final GeometryFactory PLANE = new GeometryFactory();

    /** More points than a hand sets. */
    public static final int MOST_POINTS = 200;

    private static final double WIDEST_MM = 500;

    /** Narrower than this a profile has closed. */
    static final double NARROWEST_MM = 0.001;

    private Outline() {}

    /**
     * One point of it, mm.
     *
     * @param acrossMm to the right
     * @param downMm downwards
     */
    public record Point(double acrossMm, double downMm) {}

    /**
     * A meridian: from the rim down to the floor, never back up.
     *
     * @throws OutOfRangeException when it has too few or too many points, does not begin at the
     *     rim, comes back up, or reaches over the middle
     */
    static List<Point> meridian(final List<Point> points) {
        count(points, 2);
        if (points.get(0).downMm() != 0) {
            throw new OutOfRangeException(
                    "depth of point 1", words(points.get(0).downMm()), "0 mm, at the rim");
        }
        double deepest = 0;
        for (int i = 0; i < points.size(); i++) {
            final Point point = points.get(i);
            Require.between(
                    "half width of point " + (i + 1), point.acrossMm(), 0, WIDEST_MM / 2, "mm");
            Require.between("depth of point " + (i + 1), point.downMm(), deepest, WIDEST_MM, "mm");
            deepest = point.downMm();
        }
        Require.between("half width of point 1", points.get(0).acrossMm(), 2, WIDEST_MM / 2, "mm");
        Require.between("depth of the last point", deepest, 2, WIDEST_MM, "mm");
        for (int i = 1; i < points.size() - 1; i++) {
            Require.between(
                    "half width of point " + (i + 1),
                    points.get(i).acrossMm(),
                    NARROWEST_MM,
                    WIDEST_MM / 2,
                    "mm");
        }
        return List.copyOf(points);
    }

    /**
     * An opening seen from above, closed by itself.
     *
     * @throws OutOfRangeException when it has too few or too many points, crosses itself, or is too
     *     small
     */
    static Polygon opening(final List<Point> points) {
        count(points, 3);
        for (int i = 0; i < points.size(); i++) {
            Require.between(
                    "place across of point " + (i + 1),
                    points.get(i).acrossMm(),
                    -WIDEST_MM,
                    WIDEST_MM,
                    "mm");
            Require.between(
                    "place down of point " + (i + 1),
                    points.get(i).downMm(),
                    -WIDEST_MM,
                    WIDEST_MM,
                    "mm");
        }
        final List<Coordinate> ring = new ArrayList<>();
        points.forEach(p -> ring.add(new Coordinate(p.acrossMm(), p.downMm())));
        ring.add(ring.get(0).copy());
        final Polygon polygon = PLANE.createPolygon(ring.toArray(new Coordinate[0]));
        if (!polygon.isValid()) {
            throw new OutOfRangeException(
                    "outline", "a line that crosses or touches itself", "one that goes round once");
        }
        Require.between("area of the opening", polygon.getArea(), 12, 250_000, "mm²");
        return polygon;
    }

    private static void count(final List<Point> points, final int least) {
        Require.between("points of the outline", points.size(), least, MOST_POINTS, "");
    }

    private static String words(final double mm) {
        return Math.round(mm * 100) / 100.0 + " mm";
    }
}
