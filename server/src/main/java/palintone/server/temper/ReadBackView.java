package palintone.server.temper;

import java.util.List;
import palintone.core.temper.Verdict;
import palintone.core.temper.method.CurvePhase;
import palintone.core.temper.trace.Flag;
import palintone.core.temper.trace.PhaseFinder;
import palintone.core.temper.trace.Rule;
import palintone.core.temper.trace.TraceReader;
import palintone.server.figure.BandView;
import palintone.server.figure.SentenceView;

/** What a recorded trace tells. */
public record ReadBackView(
        TemperBowlView.SummaryView summary,
        ChartView chart,
        BandView work,
        List<StretchView> phases,
        List<RuleView> rules,
        Verdict verdict,
        String verdictWords,
        double likelihood,
        List<SentenceView> changes,
        List<ApartView> apart,
        int readings,
        int gaps,
        boolean maybeFahrenheit,
        List<TemperBowlView.BowlEventView> events) {

    /** One stretch of the curve. */
    public record StretchView(
            CurvePhase.PhaseKind kind,
            String words,
            double fromS,
            double toS,
            double fromC,
            double toC,
            double extremeC) {

        static StretchView of(final PhaseFinder.Stretch s) {
            return new StretchView(
                    s.kind(),
                    s.kind().words(),
                    s.fromS(),
                    s.toS(),
                    s.fromC(),
                    s.toC(),
                    s.extremeC());
        }
    }

    /** A rule kept or broken. */
    public record RuleView(
            String name, boolean kept, double atS, SentenceView size, SentenceView change) {

        static RuleView of(final Rule rule) {
            return new RuleView(
                    rule.name(),
                    rule.kept(),
                    rule.atS(),
                    SentenceView.of(rule.size()),
                    SentenceView.of(rule.change()));
        }
    }

    /** How many readings were kept apart, and why. */
    public record ApartView(Flag flag, String words, int count) {}

    static List<ApartView> apart(final TraceReader.TraceReading reading) {
        return reading.trace().counts().entrySet().stream()
                .map(e -> new ApartView(e.getKey(), e.getKey().words(), e.getValue()))
                .toList();
    }
}
