package palintone.server.piece;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.piece.Cutaway;
import palintone.core.piece.Piece;
import palintone.core.piece.PieceMasses;
import palintone.core.temper.CouvertureKind;
import palintone.server.figure.FigureView;

/** A piece as it is listed and drawn. */
public record PieceView(
        String id,
        String name,
        String story,
        String mould,
        int cavitiesPerMould,
        int mouldsOwned,
        String couverture,
        CouvertureKind couvertureKind,
        double shellMm,
        double headRoomMm,
        @Nullable String colour,
        CutawayView cutaway,
        FigureView shell,
        FigureView cap,
        List<FigureView> layers,
        FigureView whole) {

    /** The section to scale, mm from the rim and from the middle line. */
    public record CutawayView(
            List<PointView> outer, List<PointView> inner, double capMm, List<LayerView> layers) {}

    /** One point of an outline. */
    public record PointView(double depthMm, double halfWidthMm) {}

    /** Where one filling lies. */
    public record LayerView(String name, double fromMm, double toMm) {}

    static PieceView of(final PieceEntity entity, final double pressureHPa) {
        final Piece piece = entity.piece(pressureHPa);
        final PieceMasses each = PieceMasses.of(piece);
        return new PieceView(
                piece.id(),
                piece.name(),
                entity.story(),
                piece.mould().name(),
                piece.mould().cavities(),
                piece.mould().owned(),
                piece.couverture().ingredient().name(),
                piece.couverture().kind(),
                piece.shellMm(),
                piece.headRoomMm(),
                piece.colour().map(coat -> coat.name()).orElse(null),
                cutaway(Cutaway.of(piece)),
                FigureView.of(each.shell()),
                FigureView.of(each.cap()),
                each.layers().stream().map(FigureView::of).toList(),
                FigureView.of(each.whole()));
    }

    private static CutawayView cutaway(final Cutaway drawing) {
        return new CutawayView(
                points(drawing.outer()),
                points(drawing.inner()),
                drawing.capMm(),
                drawing.layers().stream()
                        .map(layer -> new LayerView(layer.name(), layer.fromMm(), layer.toMm()))
                        .toList());
    }

    private static List<PointView> points(final List<Cutaway.Point> outline) {
        return outline.stream().map(p -> new PointView(p.depthMm(), p.halfWidthMm())).toList();
    }
}
