package palintone.server.temper;

import java.util.List;
import palintone.core.temper.trace.LanePoint;
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

        static LaneView of(final List<LanePoint> lane) {
            final int n = lane.size();
            final LaneView view =
                    new LaneView(
                            new double[n],
                            new double[n],
                            new double[n],
                            new double[n],
                            new double[n]);
            for (int i = 0; i < n; i++) {
                final LanePoint p = lane.get(i);
                view.timeS[i] = p.timeS();
                view.stable[i] = p.estimate().middle().stable() * 100;
                view.stableLow[i] = p.estimate().stable().low() * 100;
                view.stableHigh[i] = p.estimate().stable().high() * 100;
                view.unstable[i] = p.estimate().middle().unstable() * 100;
            }
            return view;
        }
    }

    /** Readings that are numbers; the others are counted elsewhere. */
    static ChartView of(final List<Sample> samples, final List<LanePoint> lane) {
        final List<Sample> drawn =
                samples.stream().filter(s -> Double.isFinite(s.temperatureC())).toList();
        return new ChartView(
                drawn.stream().mapToDouble(Sample::timeS).toArray(),
                drawn.stream().mapToDouble(Sample::temperatureC).toArray(),
                LaneView.of(lane));
    }
}
