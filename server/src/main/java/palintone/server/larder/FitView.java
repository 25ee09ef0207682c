package palintone.server.larder;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Unit;
import palintone.core.substance.Composition;
import palintone.core.substance.HeatConduction;
import palintone.core.temper.ChocolateJob;
import palintone.core.temper.ChopSize;
import palintone.core.temper.FitFor;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * What a chocolate is fit for, and how small it is chopped.
 *
 * @param thickness molten, against a couverture of 36 % fat
 * @param underCream the largest piece that melts through in a minute under hot cream
 * @param asSeed the largest that melts through in three minutes in a bowl at 45 °C
 */
public record FitView(
        FigureView thickness, List<JobView> jobs, FigureView underCream, FigureView asSeed) {

    private static final double CREAM_WAIT_S = 60;

    /** Just boiled, and what the two come to: in the mean. */
    private static final double CREAM_C = 65;

    private static final double CREAM_W_PER_MK = 0.4;
    private static final double SEED_WAIT_S = 180;
    private static final double SEED_C = 45;

    /**
     * One job.
     *
     * @param answer in words
     * @param tempered whether it must be tempered for it
     */
    public record JobView(
            ChocolateJob job,
            String words,
            FitFor.Answer answer,
            String says,
            boolean tempered,
            SentenceView why) {

        /** As the core has it. */
        public static JobView of(final FitFor fit) {
            return new JobView(
                    fit.job(),
                    fit.job().words(),
                    fit.answer(),
                    fit.answer().words(),
                    fit.tempered(),
                    SentenceView.of(fit.why()));
        }
    }

    /**
     * @param sold how fluid, where its bag says so
     */
    static FitView of(final Composition in, final Optional<FluidityClass> sold) {
        return new FitView(
                FigureView.of(FitFor.figure(in)),
                Arrays.stream(ChocolateJob.values())
                        .map(job -> JobView.of(FitFor.of(job, in, sold, false)))
                        .toList(),
                chopped("chopped for hot cream", in, CREAM_WAIT_S, CREAM_C, CREAM_W_PER_MK),
                chopped(
                        "chopped for seed",
                        in,
                        SEED_WAIT_S,
                        SEED_C,
                        HeatConduction.CHOCOLATE_W_PER_MK));
    }

    private static FigureView chopped(
            final String name,
            final Composition in,
            final double seconds,
            final double aroundC,
            final double conductsWPerMK) {
        return FigureView.of(
                Figure.of(
                        name,
                        ChopSize.largestMm(in, seconds, aroundC, conductsWPerMK),
                        Unit.MILLIMETRE,
                        Basis.of("√(t · 8·k·ΔT / (ρ·(L + c·ΔT₀)))")
                                .with("wait", seconds, Unit.SECOND)
                                .with("around it, in the mean", aroundC, Unit.CELSIUS)
                                .from(ChopSize.SOURCE)));
    }
}
