package palintone.core.temper.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Keeps apart what a thermometer cannot have measured in the middle of a bowl. Linear in the number
 * of readings but for the sorting of those that came late.
 */
public final class TraceCleaner {

    private static final double COLDEST_C = -15;
    private static final double HOTTEST_C = 130;

    /** A clock that goes back further than this has begun again; less is a late reading. */
    private static final double RESTART_S = 120;

    private static final double GAP_S = 60;

    /** Off the running median by more than this is not the middle of the bowl, K. */
    private static final double OFF_K = 1.2;

    /** Readings on either side that make the median, and how far they may lie, s. */
    private static final int NEIGHBOURS = 4;

    private static final double NEIGHBOUR_S = 90;

    /** Chocolate worked in °F reads like this. */
    private static final double FAHRENHEIT_LOW = 74;

    private static final double FAHRENHEIT_HIGH = 135;

    private TraceCleaner() {}

    /** Cleans readings in the order they came. */
    public static CleanTrace clean(final List<Sample> came) {
        final List<CleanTrace.Flagged> flagged = new ArrayList<>();
        final List<Sample> possible = new ArrayList<>(came.size());
        double shift = 0;
        double last = Double.NEGATIVE_INFINITY;
        double interval = 1;
        for (final Sample raw : came) {
            if (!Double.isFinite(raw.temperatureC()) || !Double.isFinite(raw.timeS())) {
                flagged.add(new CleanTrace.Flagged(raw, Flag.NOT_A_NUMBER));
                continue;
            }
            if (raw.temperatureC() < COLDEST_C || raw.temperatureC() > HOTTEST_C) {
                flagged.add(new CleanTrace.Flagged(raw, Flag.IMPOSSIBLE));
                continue;
            }
            double time = raw.timeS() + shift;
            if (time < last - RESTART_S) {
                // It is not known how long the probe was off: one interval is the least.
                shift += last + interval - time;
                time = raw.timeS() + shift;
                flagged.add(new CleanTrace.Flagged(raw, Flag.CLOCK_RESTARTED));
            } else if (time < last) {
                flagged.add(new CleanTrace.Flagged(raw, Flag.OUT_OF_ORDER));
            } else if (last > Double.NEGATIVE_INFINITY && time > last) {
                interval = Math.min(GAP_S, time - last);
            }
            last = Math.max(last, time);
            possible.add(new Sample(time, raw.temperatureC()));
        }
        possible.sort(Comparator.comparingDouble(Sample::timeS));
        final List<Sample> single = withoutDuplicates(possible, flagged);
        final List<Sample> good = withoutOutliers(single, flagged);
        return new CleanTrace(good, flagged, gaps(good), looksLikeFahrenheit(good));
    }

    private static List<Sample> withoutDuplicates(
            final List<Sample> sorted, final List<CleanTrace.Flagged> flagged) {
        final List<Sample> single = new ArrayList<>(sorted.size());
        double before = Double.NaN;
        for (final Sample sample : sorted) {
            if (sample.timeS() == before) {
                flagged.add(new CleanTrace.Flagged(sample, Flag.DUPLICATE));
            } else {
                single.add(sample);
                before = sample.timeS();
            }
        }
        return single;
    }

    /** A skin reading or a jump lies off the median of its neighbours; a step of the bowl not. */
    private static List<Sample> withoutOutliers(
            final List<Sample> sorted, final List<CleanTrace.Flagged> flagged) {
        final List<Sample> good = new ArrayList<>(sorted.size());
        final double[] window = new double[2 * NEIGHBOURS + 1];
        for (int i = 0; i < sorted.size(); i++) {
            final Sample sample = sorted.get(i);
            int n = 0;
            for (int j = Math.max(0, i - NEIGHBOURS);
                    j <= Math.min(sorted.size() - 1, i + NEIGHBOURS);
                    j++) {
                final Sample near = sorted.get(j);
                if (Math.abs(near.timeS() - sample.timeS()) <= NEIGHBOUR_S) {
                    window[n++] = near.temperatureC();
                }
            }
            if (n < 5) {
                good.add(sample);
                continue;
            }
            Arrays.sort(window, 0, n);
            final double off = sample.temperatureC() - window[n / 2];
            final double spread = window[n - 1 - n / 4] - window[n / 4];
            if (Math.abs(off) > OFF_K + spread) {
                flagged.add(new CleanTrace.Flagged(sample, off < 0 ? Flag.SKIN : Flag.JUMP));
            } else {
                good.add(sample);
            }
        }
        return good;
    }

    private static List<CleanTrace.Gap> gaps(final List<Sample> good) {
        final List<CleanTrace.Gap> gaps = new ArrayList<>();
        for (int i = 1; i < good.size(); i++) {
            final double from = good.get(i - 1).timeS();
            final double to = good.get(i).timeS();
            if (to - from > GAP_S) {
                gaps.add(new CleanTrace.Gap(from, to));
            }
        }
        return gaps;
    }

    /** Half the readings above what any couverture survives, and none where °F would not be. */
    private static boolean looksLikeFahrenheit(final List<Sample> good) {
        if (good.size() < 5) {
            return false;
        }
        final double[] sorted = good.stream().mapToDouble(Sample::temperatureC).sorted().toArray();
        return sorted[sorted.length / 2] >= FAHRENHEIT_LOW
                && sorted[sorted.length - 1] <= FAHRENHEIT_HIGH
                && sorted[0] >= 60;
    }
}
