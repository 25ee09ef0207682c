package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.coat.SlabCut;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * A slab, cut.
 *
 * @param bound no cutting gives more
 * @param slab weight of the filling in the frame
 * @param piece weight of one
 * @param yield weight of all pieces against the slab, per cent
 * @param precoat chocolate brushed underneath; null where none
 */
public record SlabView(
        int pieces,
        int bound,
        List<CutPieceView> cuts,
        FigureView slab,
        FigureView piece,
        FigureView yield,
        @Nullable FigureView precoat,
        List<SentenceView> remarks) {

    /** One piece, mm from the corner of the slab. */
    public record CutPieceView(double x, double y, double wide, double deep) {

        static List<CutPieceView> of(final List<SlabCut.Cut> cuts) {
            return cuts.stream()
                    .map(c -> new CutPieceView(c.xMm(), c.yMm(), c.wideMm(), c.deepMm()))
                    .toList();
        }
    }
}
