package palintone.core.temper.trace;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A trace fit to be read, and what was kept apart on the way. No reading is dropped silently: good
 * and flagged ones together are all that came.
 *
 * @param good in rising order of time
 * @param flagged what was kept apart or moved, in the order it came
 * @param gaps longer than a minute without a reading
 * @param maybeFahrenheit true where the numbers look like °F under a °C label
 */
public record CleanTrace(
        List<Sample> good, List<Flagged> flagged, List<Gap> gaps, boolean maybeFahrenheit) {

    /** The lists are copied. */
    public CleanTrace {
        good = List.copyOf(good);
        flagged = List.copyOf(flagged);
        gaps = List.copyOf(gaps);
    }

    /** A reading with the reason it was kept apart. */
    public record Flagged(Sample sample, Flag flag) {}

    /** A stretch without readings. */
    public record Gap(double fromS, double toS) {
        public double seconds() {
            return toS - fromS;
        }
    }

    /** How many of each kind. */
    public Map<Flag, Integer> counts() {
        final Map<Flag, Integer> counts = new EnumMap<>(Flag.class);
        flagged.forEach(f -> counts.merge(f.flag(), 1, Integer::sum));
        return counts;
    }

    /** Share of all readings that could be used, 0 to 1. */
    public double usable() {
        final long apart = flagged.stream().filter(f -> !f.flag().used()).count();
        final double all = good.size() + (double) apart;
        return all > 0 ? good.size() / all : 0;
    }

    public double seconds() {
        return good.isEmpty() ? 0 : good.get(good.size() - 1).timeS() - good.get(0).timeS();
    }
}
