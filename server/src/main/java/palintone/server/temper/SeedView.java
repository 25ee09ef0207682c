package palintone.server.temper;

import palintone.core.temper.SeedPlan;
import palintone.server.figure.FigureView;

/** How much seed, at what bowl temperature, and what comes of it. */
public record SeedView(
        FigureView melt,
        FigureView seed,
        FigureView bowlTemperature,
        FigureView landing,
        FigureView seedLeft) {

    public static SeedView of(final SeedPlan plan) {
        return new SeedView(
                FigureView.of(plan.meltG()),
                FigureView.of(plan.seedG()),
                FigureView.of(plan.bowlTemperatureC()),
                FigureView.of(plan.landingC()),
                FigureView.of(plan.seedLeft()));
    }
}
