package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.casting.cold.ColdAnswer;
import palintone.core.casting.cold.ShellCooling;
import palintone.core.temper.CouvertureKind;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * One way through the cold.
 *
 * @param words of the school, or of the cabinet as asked
 * @param airC of the cabinet as it is set
 * @param coveredMin minutes to stay covered on leaving it; 0 where none
 * @param waterMg each would gather open
 */
public record ColdView(
        String words,
        double airC,
        FigureView begins,
        FigureView latest,
        @Nullable FigureView release,
        @Nullable FigureView firm,
        FigureView warmest,
        double shrunkPercent,
        double airWarmestC,
        double lastShelfC,
        double coveredMin,
        double waterMg,
        CouvertureKind couvertureKind,
        List<ColdPointView> line,
        List<SentenceView> remarks) {

    /**
     * A moment of it: the air shelf by shelf, the first it meets before the last; the front layer
     * by layer from the mould to the hollow.
     */
    public record ColdPointView(
            double minutes,
            double outerC,
            double innerC,
            List<Double> shelvesC,
            double solidPercent,
            double shrunkPercent,
            List<Double> frontPercent) {

        static ColdPointView of(final ShellCooling.ShellMoment point) {
            return new ColdPointView(
                    point.minutes(),
                    point.outerC(),
                    point.innerC(),
                    point.shelvesC(),
                    point.solidPercent(),
                    point.shrunkPercent(),
                    point.frontPercent());
        }
    }

    static ColdView of(
            final String words,
            final double airC,
            final CouvertureKind kind,
            final ColdAnswer answer) {
        return new ColdView(
                words,
                airC,
                FigureView.of(answer.begins()),
                FigureView.of(answer.latest()),
                answer.release().map(FigureView::of).orElse(null),
                answer.firm().map(FigureView::of).orElse(null),
                FigureView.of(answer.warmest()),
                answer.cooling().shrunkPercent(),
                answer.cooling().airWarmestC(),
                answer.cooling().lastShelfC(),
                answer.leaving().coveredS() / 60,
                answer.leaving().waterMg(),
                kind,
                answer.cooling().line().stream().map(ColdPointView::of).toList(),
                answer.remarks().stream().map(SentenceView::of).toList());
    }
}
