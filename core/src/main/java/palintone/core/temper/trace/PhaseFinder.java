package palintone.core.temper.trace;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.Band;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.method.CurvePhase.PhaseKind;

/**
 * Cuts a cleaned trace into melt, cool, hold, rewarm and work, by its own turning points: the
 * hottest, the coldest before it rises again, and where it enters the window.
 */
public final class PhaseFinder {

    /** Less than this is noise or the bowl breathing, K. */
    private static final double TURN_K = 1.0;

    /** The hold lies within this of the coldest point, K. */
    private static final double HOLD_K = 0.8;

    private static final double EDGE_K = 0.2;

    private PhaseFinder() {}

    /** A stretch of a trace. */
    public record Stretch(
            PhaseKind kind, double fromS, double toS, double fromC, double toC, double extremeC) {

        public double minutes() {
            return (toS - fromS) / 60;
        }
    }

    /** The stretches in order; empty where there are fewer than two readings. */
    public static List<Stretch> find(final CleanTrace trace, final TemperTargets targets) {
        final List<Sample> s = trace.good();
        final List<Stretch> found = new ArrayList<>();
        if (s.size() < 2) {
            return found;
        }
        final Band work = targets.work();
        final int hottest = hottest(s);
        if (hottest > 0) {
            add(found, PhaseKind.MELT, s, 0, hottest);
        }
        final int coldest = coldestBeforeRising(s, hottest);
        final boolean rises = rises(s, coldest);
        final int last = s.size() - 1;
        if (!rises || s.get(coldest).temperatureC() > work.low() - HOLD_K) {
            final int enters = entersFromAbove(s, hottest, work);
            add(found, PhaseKind.COOL, s, hottest, enters);
            add(found, PhaseKind.WORK, s, enters, last);
            return found;
        }
        int holdFrom = coldest;
        while (holdFrom > hottest
                && s.get(holdFrom - 1).temperatureC() < s.get(coldest).temperatureC() + HOLD_K) {
            holdFrom--;
        }
        int holdTo = coldest;
        while (holdTo < last
                && s.get(holdTo + 1).temperatureC() < s.get(coldest).temperatureC() + HOLD_K) {
            holdTo++;
        }
        add(found, PhaseKind.COOL, s, hottest, holdFrom);
        add(found, PhaseKind.HOLD, s, holdFrom, holdTo);
        final int up = topOfRewarm(s, holdTo);
        add(found, PhaseKind.REWARM, s, holdTo, up);
        add(found, PhaseKind.WORK, s, up, last);
        return found;
    }

    private static int hottest(final List<Sample> s) {
        int at = 0;
        for (int i = 1; i < s.size(); i++) {
            if (s.get(i).temperatureC() > s.get(at).temperatureC()) {
                at = i;
            }
        }
        return at;
    }

    private static int coldestBeforeRising(final List<Sample> s, final int from) {
        int at = from;
        for (int i = from; i < s.size(); i++) {
            if (s.get(i).temperatureC() < s.get(at).temperatureC()) {
                at = i;
            } else if (s.get(i).temperatureC() > s.get(at).temperatureC() + 2 * TURN_K) {
                return at;
            }
        }
        return at;
    }

    private static boolean rises(final List<Sample> s, final int from) {
        for (int i = from; i < s.size(); i++) {
            if (s.get(i).temperatureC() > s.get(from).temperatureC() + 2 * TURN_K) {
                return true;
            }
        }
        return false;
    }

    private static int entersFromAbove(final List<Sample> s, final int from, final Band work) {
        for (int i = from; i < s.size(); i++) {
            if (s.get(i).temperatureC() <= work.high() + EDGE_K) {
                return i;
            }
        }
        return s.size() - 1;
    }

    /** Rises until it falls again by a turn, or stays within the same for long. */
    private static int topOfRewarm(final List<Sample> s, final int from) {
        int top = from;
        for (int i = from; i < s.size(); i++) {
            if (s.get(i).temperatureC() > s.get(top).temperatureC() + EDGE_K / 2) {
                top = i;
            } else if (s.get(i).temperatureC() < s.get(top).temperatureC() - TURN_K / 2
                    || s.get(i).timeS() - s.get(top).timeS() > 120) {
                return top;
            }
        }
        return top;
    }

    private static void add(
            final List<Stretch> found,
            final PhaseKind kind,
            final List<Sample> s,
            final int from,
            final int to) {
        if (to <= from) {
            return;
        }
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = from; i <= to; i++) {
            low = Math.min(low, s.get(i).temperatureC());
            high = Math.max(high, s.get(i).temperatureC());
        }
        final boolean hot =
                kind == PhaseKind.MELT || kind == PhaseKind.REWARM || kind == PhaseKind.WORK;
        found.add(
                new Stretch(
                        kind,
                        s.get(from).timeS(),
                        s.get(to).timeS(),
                        s.get(from).temperatureC(),
                        s.get(to).temperatureC(),
                        hot ? high : low));
    }
}
