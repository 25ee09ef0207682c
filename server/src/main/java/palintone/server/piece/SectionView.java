package palintone.server.piece;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.figure.Unit;
import palintone.core.piece.Section;
import palintone.core.temper.CouvertureKind;

/**
 * A piece cut through, to scale: mm from the rim and from the middle line.
 *
 * @param front its outline seen from the front where that says more; else empty
 * @param twice whether another such half stands mirrored at its rim
 */
record SectionView(
        List<PointView> outer,
        List<RegionView> regions,
        List<FleckView> flecks,
        List<FrontView> front,
        boolean twice) {

    /** One point of an outline. */
    record PointView(double depthMm, double halfWidthMm) {}

    /** One point of its outline seen from the front. */
    record FrontView(double acrossMm, double downMm) {}

    /**
     * One region, its half profile, and the number beside it.
     *
     * @param of the kind of couverture, where it is another than the rest of the piece is of
     */
    record RegionView(
            Section.Role role,
            String name,
            @Nullable Double measure,
            @Nullable Unit unit,
            List<PointView> outline,
            @Nullable CouvertureKind of) {}

    /** One piece of something stirred in. */
    record FleckView(double depthMm, double acrossMm, double radiusMm) {}

    static SectionView of(final Section section) {
        return new SectionView(
                points(section.outer()),
                section.regions().stream()
                        .map(
                                r ->
                                        new RegionView(
                                                r.role(),
                                                r.name(),
                                                r.measure().map(q -> q.value()).orElse(null),
                                                r.measure().map(q -> q.unit()).orElse(null),
                                                points(r.outline()),
                                                r.of().orElse(null)))
                        .toList(),
                section.flecks().stream()
                        .map(f -> new FleckView(f.depthMm(), f.acrossMm(), f.radiusMm()))
                        .toList(),
                section.front().stream().map(p -> new FrontView(p.acrossMm(), p.downMm())).toList(),
                section.twice());
    }

    private static List<PointView> points(final List<Section.SectionPoint> outline) {
        return outline.stream().map(p -> new PointView(p.depthMm(), p.halfWidthMm())).toList();
    }
}
