package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.coat.RoundLayout;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * A decoration sheet, and what comes out of it.
 *
 * @param mass of the sheet
 * @param each weight of one piece
 * @param cutFrom min after it is spread; null where not in two hours
 * @param cutUntil the same
 * @param peels the same
 * @param curls how high the ends of a piece rise, left to itself
 * @param strip weight of one strip beside rounds; null where there are none
 * @param bound no layout holds more; beside rounds, no more strips
 */
public record DecorSheetView(
        FigureView mass,
        FigureView each,
        @Nullable FigureView strip,
        @Nullable FigureView cutFrom,
        @Nullable FigureView cutUntil,
        @Nullable FigureView peels,
        FigureView curls,
        int pieces,
        int bound,
        double wasteShare,
        List<SlabView.CutPieceView> rectangles,
        List<RoundView> rounds,
        List<SentenceView> remarks) {

    /** Middle of a round, mm from the corner of the sheet. */
    public record RoundView(double x, double y) {

        static List<RoundView> of(final List<RoundLayout.Middle> middles) {
            return middles.stream().map(m -> new RoundView(m.xMm(), m.yMm())).toList();
        }
    }
}
