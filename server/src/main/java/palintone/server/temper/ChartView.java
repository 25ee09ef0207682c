package palintone.server.temper;

import java.util.BitSet;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import palintone.core.temper.trace.EstimatePoint;
import palintone.core.temper.trace.Sample;

/**
 * A trace ready to be drawn: readings as they came, and crystals with their margin beside them, per
 * cent of the fat.
 */
public record ChartView(double[] timeS, double[] celsius, LaneView lane) {

    /** Crystals along a trace. */
    public record LaneView(
            double[] timeS,
            double[] stable,
            double[] stableLow,
            double[] stableHigh,
            double[] unstable) {

        private LaneView thinned() {
            final int n = timeS.length;
            if (n <= MOST_LANE) {
                return this;
            }
            final int[] places =
                    IntStream.range(0, MOST_LANE)
                            .map(k -> (int) ((long) (n - 1) * k / (MOST_LANE - 1)))
                            .toArray();
            final UnaryOperator<double[]> at =
                    all -> IntStream.of(places).mapToDouble(i -> all[i]).toArray();
            return new LaneView(
                    at.apply(timeS),
                    at.apply(stable),
                    at.apply(stableLow),
                    at.apply(stableHigh),
                    at.apply(unstable));
        }

        static LaneView of(final List<EstimatePoint> lane) {
            final int n = lane.size();
            final LaneView view =
                    new LaneView(
                            new double[n],
                            new double[n],
                            new double[n],
                            new double[n],
                            new double[n]);
            for (int i = 0; i < n; i++) {
                final EstimatePoint p = lane.get(i);
                view.timeS[i] = p.timeS();
                view.stable[i] = p.estimate().middle().stable() * 100;
                view.stableLow[i] = p.estimate().stable().low() * 100;
                view.stableHigh[i] = p.estimate().stable().high() * 100;
                view.unstable[i] = p.estimate().middle().unstable() * 100;
            }
            return view;
        }
    }

    /** More points than a screen has columns say nothing more. */
    private static final int MOST_POINTS = 3000;

    private static final int MOST_LANE = 800;

    /**
     * The same with no more points than can be seen: of each stretch its first, lowest, highest and
     * last reading, so that no spike is lost.
     */
    ChartView thinned() {
        return new ChartView(timeS, celsius, lane.thinned()).readingsThinned();
    }

    private ChartView readingsThinned() {
        final int n = timeS.length;
        if (n <= MOST_POINTS) {
            return this;
        }
        final int stretches = MOST_POINTS / 4;
        final BitSet kept = new BitSet(n);
        for (int k = 0; k < stretches; k++) {
            final int from = (int) ((long) n * k / stretches);
            final int to = (int) ((long) n * (k + 1) / stretches);
            int low = from;
            int high = from;
            for (int i = from; i < to; i++) {
                low = celsius[i] < celsius[low] ? i : low;
                high = celsius[i] > celsius[high] ? i : high;
            }
            kept.set(from);
            kept.set(low);
            kept.set(high);
            kept.set(to - 1);
        }
        return new ChartView(
                kept.stream().mapToDouble(i -> timeS[i]).toArray(),
                kept.stream().mapToDouble(i -> celsius[i]).toArray(),
                lane);
    }

    /** Readings that are numbers; the others are counted elsewhere. */
    static ChartView of(final List<Sample> samples, final List<EstimatePoint> lane) {
        final List<Sample> drawn =
                samples.stream().filter(s -> Double.isFinite(s.temperatureC())).toList();
        return new ChartView(
                drawn.stream().mapToDouble(Sample::timeS).toArray(),
                drawn.stream().mapToDouble(Sample::temperatureC).toArray(),
                LaneView.of(lane));
    }
}
