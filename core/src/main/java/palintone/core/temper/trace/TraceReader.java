package palintone.core.temper.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Sentence;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.estimate.Estimate;

/** Reads a recorded trace back: phases, crystals along it, rules, verdict, what to change. */
public final class TraceReader {

    /** Readings closer than this tell the crystals nothing new, s. */
    private static final double THIN_S = 4;

    private static final int LANE_POINTS = 150;
    private static final int ENSEMBLE = 150;

    private TraceReader() {}

    /**
     * What a trace tells.
     *
     * @param phases stretches of the curve
     * @param lane crystals along it, with their margin
     * @param rules each kept or broken
     * @param atEnd what is in the bowl at the end
     * @param verdict how the bowl stands at the end
     * @param likelihood how sure that is, 0 to 1
     * @param changes what to do otherwise, the weightiest first
     */
    public record TraceReading(
            CleanTrace trace,
            List<PhaseFinder.Stretch> phases,
            List<EstimatePoint> lane,
            List<Rule> rules,
            Estimate atEnd,
            Verdict verdict,
            double likelihood,
            List<Sentence> changes) {}

    /**
     * Reads a trace.
     *
     * @param massG in the bowl when it began
     * @param came readings in the order they came, °C
     * @param events what was done and seen, on the same clock
     * @throws OutOfRangeException when fewer than five readings can be used
     */
    public static TraceReading read(
            final Couverture couverture,
            final TemperTargets targets,
            final double massG,
            final double roomC,
            final List<Sample> came,
            final List<BowlEvent> events) {
        final CleanTrace trace = TraceCleaner.clean(came);
        if (trace.good().size() < 5) {
            throw new OutOfRangeException(
                    "readings",
                    trace.good().size() + " usable of " + came.size(),
                    "five or more that can be used");
        }
        final List<PhaseFinder.Stretch> phases = PhaseFinder.find(trace, targets);
        final BowlReplay replay =
                new BowlReplay(
                        couverture,
                        massG,
                        roomC,
                        ENSEMBLE,
                        Math.max(10, trace.seconds() / LANE_POINTS));
        replay(replay, trace.good(), events);
        final boolean started =
                events.stream()
                        .anyMatch(
                                h ->
                                        h.kind() == BowlEvent.EventKind.SEED
                                                || h.kind() == BowlEvent.EventKind.TABLED);
        final double coolC =
                couverture.crystals().curve().fromCocoaButterC(CrystalLaw.NUCLEATION_C);
        final List<Rule> rules =
                new Rules(trace, targets, coolC, phases).all(started, replay.lane());
        final Estimate end = replay.now();
        return new TraceReading(
                trace,
                phases,
                replay.lane(),
                rules,
                end,
                end.verdict(),
                end.likelihood(),
                rules.stream().filter(r -> !r.kept()).map(Rule::change).toList());
    }

    private static void replay(
            final BowlReplay replay, final List<Sample> good, final List<BowlEvent> events) {
        final List<BowlEvent> inOrder = new ArrayList<>(events);
        inOrder.sort(Comparator.comparingDouble(BowlEvent::timeS));
        int next = 0;
        double last = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < good.size(); i++) {
            final Sample sample = good.get(i);
            final boolean due =
                    next < inOrder.size() && inOrder.get(next).timeS() <= sample.timeS();
            if (sample.timeS() - last >= THIN_S || due || i == good.size() - 1) {
                replay.reading(sample.timeS(), sample.temperatureC());
                last = sample.timeS();
            }
            while (next < inOrder.size() && inOrder.get(next).timeS() <= sample.timeS()) {
                replay.happened(inOrder.get(next));
                next++;
            }
        }
        while (next < inOrder.size()) {
            replay.happened(inOrder.get(next));
            next++;
        }
    }
}
