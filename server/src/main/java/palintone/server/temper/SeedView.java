package palintone.server.temper;

import java.util.List;
import palintone.core.temper.SeedPlan;
import palintone.core.temper.method.SeedFall;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/** How much seed, at what bowl temperature, and what comes of it. */
public record SeedView(
        FigureView melt,
        FigureView seed,
        FigureView bowlTemperature,
        FigureView landing,
        FigureView seedLeft,
        CurveView.PathView fall,
        List<SentenceView> say) {

    static SeedView of(final SeedPlan plan, final SeedFall fall) {
        return new SeedView(
                FigureView.of(plan.meltG()),
                FigureView.of(plan.seedG()),
                FigureView.of(plan.bowlTemperatureC()),
                FigureView.of(plan.landingC()),
                FigureView.of(plan.seedLeft()),
                CurveView.PathView.of(fall.path()),
                fall.say().stream().map(SentenceView::of).toList());
    }
}
