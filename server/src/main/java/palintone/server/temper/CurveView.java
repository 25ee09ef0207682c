package palintone.server.temper;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.method.CurvePhase;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.method.TemperingMethod;
import palintone.server.figure.BandView;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/** A planned curve, ready to be drawn and read. */
public record CurveView(
        TemperingMethod method,
        String words,
        List<PhaseView> phases,
        PathView path,
        BandView work,
        FigureView ready,
        FigureView handsOn,
        FigureView stable,
        FigureView thickness,
        FigureView pour,
        FigureView window,
        List<FigureView> solved,
        List<SentenceView> risks,
        Verdict verdict,
        String verdictWords) {

    /** One stretch. */
    public record PhaseView(
            CurvePhase.PhaseKind kind,
            String words,
            double startS,
            double endS,
            double fromC,
            double toC,
            BandView band,
            SentenceView say,
            SentenceView read,
            @Nullable SentenceView caution) {

        public static PhaseView of(final CurvePhase phase) {
            return new PhaseView(
                    phase.kind(),
                    phase.kind().words(),
                    phase.startS(),
                    phase.endS(),
                    phase.fromC(),
                    phase.toC(),
                    BandView.of(phase.band()),
                    SentenceView.of(phase.say()),
                    SentenceView.of(phase.read()),
                    phase.caution().map(SentenceView::of).orElse(null));
        }
    }

    /** A bowl over time: seconds, °C, and crystals in per cent of the fat. */
    public record PathView(
            double[] timeS,
            double[] temperatureC,
            double[] stablePercent,
            double[] unstablePercent) {

        /** At most so many points; the ends are kept. */
        private static final int MOST = 600;

        static PathView of(final List<BowlState> path) {
            final int step = Math.max(1, path.size() / MOST);
            final int n = (path.size() - 1) / step + 1;
            final PathView view =
                    new PathView(
                            new double[n + 1],
                            new double[n + 1],
                            new double[n + 1],
                            new double[n + 1]);
            for (int i = 0; i < n; i++) {
                view.put(i, path.get(i * step));
            }
            view.put(n, path.get(path.size() - 1));
            return view;
        }

        private void put(final int at, final BowlState state) {
            timeS[at] = state.timeS();
            temperatureC[at] = state.temperatureC();
            stablePercent[at] = state.crystals().stable() * 100;
            unstablePercent[at] = state.crystals().unstable() * 100;
        }
    }

    static CurveView of(final TemperCurve curve) {
        return new CurveView(
                curve.order().method(),
                curve.order().method().words(),
                curve.phases().stream().map(PhaseView::of).toList(),
                PathView.of(curve.path()),
                BandView.of(curve.worked()),
                FigureView.of(curve.ready()),
                FigureView.of(curve.handsOn()),
                FigureView.of(curve.stable()),
                FigureView.of(curve.thickness()),
                FigureView.of(curve.pour()),
                FigureView.of(curve.window()),
                curve.solved().stream().map(FigureView::of).toList(),
                curve.risks().stream().map(SentenceView::of).toList(),
                curve.verdict(),
                curve.verdict().words());
    }
}
