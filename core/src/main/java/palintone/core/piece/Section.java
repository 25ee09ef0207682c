package palintone.core.piece;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import palintone.core.figure.Quantity;
import palintone.core.mould.Cavity;
import palintone.core.mould.Outline;
import palintone.core.temper.CouvertureKind;

/**
 * A piece cut through, to scale, in mm from the rim plane and from the middle line. Whoever draws
 * it has nothing to compute, and need not know of which kind it is.
 *
 * @param outer half widths from rim to floor
 * @param regions what lies inside, in the order they are painted
 * @param front its outline seen from the front, where that says more than a cut; else empty
 * @param twice whether another such half stands mirrored at its rim
 * @param flecks pieces of something stirred in, as far as a cut shows them
 */
public record Section(
        List<SectionPoint> outer,
        List<Region> regions,
        List<Fleck> flecks,
        List<Outline.Point> front,
        boolean twice) {

    /** One half, or a whole that is drawn as one. */
    public Section(
            final List<SectionPoint> outer,
            final List<Region> regions,
            final List<Fleck> flecks,
            final List<Outline.Point> front) {
        this(outer, regions, flecks, front, false);
    }

    /** Seen cut through only. */
    public Section(
            final List<SectionPoint> outer, final List<Region> regions, final List<Fleck> flecks) {
        this(outer, regions, flecks, List.of());
    }

    private static final GeometryFactory LINES = new GeometryFactory();

    /** One point of an outline. */
    public record SectionPoint(double depthMm, double halfWidthMm) {}

    /** What a region is. */
    public enum Role {
        SHELL,
        /** Of another couverture than the rest. */
        SECOND,
        FILLING,
        SEAL,
        CAP,
        SOLID,
        RELIEF,
        ON_TOP
    }

    /**
     * One region, from the middle line outwards on both sides.
     *
     * @param name as the maker says it
     * @param measure the number that stands beside it
     * @param outline its half profile, from its upper edge in the mould to its lower
     * @param of the kind of couverture, where it is another than the rest of the piece is of
     */
    public record Region(
            Role role,
            String name,
            Optional<Quantity> measure,
            List<SectionPoint> outline,
            Optional<CouvertureKind> of) {

        /** Of what the piece is of, or of no couverture. */
        public Region(
                final Role role,
                final String name,
                final Optional<Quantity> measure,
                final List<SectionPoint> outline) {
            this(role, name, measure, outline, Optional.empty());
        }
    }

    /** One piece of an inclusion in the cut. */
    public record Fleck(double depthMm, double acrossMm, double radiusMm) {}

    /** The same, with another such half at its rim. */
    Section doubled() {
        return new Section(outer, regions, flecks, front, true);
    }

    /**
     * The same drawn coarsely, as for a list: no point of an outline lies further off than this.
     *
     * @param offMm at most, above 0
     */
    public Section coarse(final double offMm) {
        return new Section(
                coarse(outer, offMm),
                regions.stream()
                        .map(
                                r ->
                                        new Region(
                                                r.role(),
                                                r.name(),
                                                r.measure(),
                                                coarse(r.outline(), offMm),
                                                r.of()))
                        .toList(),
                flecks.stream().filter(fleck -> fleck.radiusMm() > offMm).limit(12).toList(),
                simplified(
                                front.stream()
                                        .map(p -> new Coordinate(p.acrossMm(), p.downMm()))
                                        .toList(),
                                offMm)
                        .map(c -> new Outline.Point(c.x, c.y))
                        .toList(),
                twice);
    }

    private static List<SectionPoint> coarse(final List<SectionPoint> outline, final double offMm) {
        return simplified(
                        outline.stream()
                                .map(p -> new Coordinate(p.halfWidthMm(), p.depthMm()))
                                .toList(),
                        offMm)
                .map(c -> new SectionPoint(c.y, c.x))
                .toList();
    }

    private static Stream<Coordinate> simplified(
            final List<Coordinate> points, final double offMm) {
        return points.size() < 3
                ? points.stream()
                : Arrays.stream(
                        DouglasPeuckerSimplifier.simplify(
                                        LINES.createLineString(points.toArray(Coordinate[]::new)),
                                        offMm)
                                .getCoordinates());
    }

    /** Half widths of a cavity from rim to floor. */
    static List<SectionPoint> outline(final Cavity cavity) {
        return outline(cavity, 0, cavity.depthMm());
    }

    /** Half widths of a cavity between two depths. */
    static List<SectionPoint> outline(final Cavity cavity, final double fromMm, final double toMm) {
        return cavity.profile(fromMm, toMm).stream()
                .map(p -> new SectionPoint(p.downMm(), p.acrossMm()))
                .toList();
    }
}
