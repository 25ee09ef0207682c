package palintone.server.piece;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import palintone.core.piece.MouldedPiece;
import palintone.core.piece.Piece;
import palintone.core.piece.Section;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;

/**
 * A piece as it stands in a list: enough to find it and to know it by its cut. What it is made of
 * is asked for by its id.
 *
 * @param kind of piece, as its whole view says it
 * @param couverture it is cast of or coated with; null where there is none
 * @param capKind where it has a cap
 * @param tints of its colours, from the innermost out; null where the house has none such
 * @param cut drawn coarsely
 */
public record PieceRowView(
        String id,
        String kind,
        String name,
        @Nullable String couverture,
        @Nullable CouvertureKind couvertureKind,
        @Nullable CouvertureKind capKind,
        List<String> tints,
        CutView cut,
        boolean archived) {

    /** Nobody sees less in a drawing as wide as a thumb. */
    private static final double OFF_MM = 0.12;

    /**
     * A cut, mm from the rim plane and the middle line; points follow each other as depth, half
     * width, depth, half width …
     *
     * @param flecks as depth, across, radius …
     * @param front as across, down …
     * @param twice whether another such half stands mirrored at its rim
     */
    public record CutView(
            List<Double> outer,
            List<CutRegionView> regions,
            List<Double> flecks,
            List<Double> front,
            boolean twice) {}

    /**
     * One region of it.
     *
     * @param measure the number that stands beside it in the whole drawing
     * @param of the kind of couverture, where it is another than the rest of the piece is of
     */
    public record CutRegionView(
            Section.Role role,
            String name,
            @Nullable Double measure,
            List<Double> outline,
            @Nullable CouvertureKind of) {}

    static PieceRowView of(final PieceEntity entity, final Piece piece) {
        final Section cut = piece.section().coarse(OFF_MM);
        return new PieceRowView(
                entity.id(),
                entity.kind(),
                entity.name(),
                piece.tempered().map(c -> c.ingredient().name()).orElse(null),
                piece.tempered().map(Couverture::kind).orElse(null),
                piece instanceof MouldedPiece moulded ? moulded.cap().kind() : null,
                entity.coatViews().stream()
                        .map(PieceView.CoatView::tint)
                        .filter(Objects::nonNull)
                        .toList(),
                cut(cut),
                entity.archived());
    }

    private static CutView cut(final Section cut) {
        final List<Double> flecks = new ArrayList<>();
        cut.flecks()
                .forEach(
                        f -> {
                            flecks.add(rounded(f.depthMm()));
                            flecks.add(rounded(f.acrossMm()));
                            flecks.add(rounded(f.radiusMm()));
                        });
        final List<Double> front = new ArrayList<>();
        cut.front()
                .forEach(
                        p -> {
                            front.add(rounded(p.acrossMm()));
                            front.add(rounded(p.downMm()));
                        });
        return new CutView(
                line(cut.outer()),
                cut.regions().stream()
                        .map(
                                r ->
                                        new CutRegionView(
                                                r.role(),
                                                r.name(),
                                                r.measure()
                                                        .map(q -> rounded(q.value()))
                                                        .orElse(null),
                                                line(r.outline()),
                                                r.of().orElse(null)))
                        .toList(),
                flecks,
                front,
                cut.twice());
    }

    private static List<Double> line(final List<Section.SectionPoint> points) {
        final List<Double> line = new ArrayList<>();
        points.forEach(
                p -> {
                    line.add(rounded(p.depthMm()));
                    line.add(rounded(p.halfWidthMm()));
                });
        return line;
    }

    private static double rounded(final double mm) {
        return Math.round(mm * 10) / 10.0;
    }
}
