package palintone.core.plan;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import palintone.core.figure.Require;

/**
 * How sure a plan is: the days are played through many times, each stretch taking now less and now
 * more than planned, in the order that is planned, and never before its hour but where it cannot
 * wait.
 *
 * @param played how often
 * @param inTime of these, how often each run that is due was ready in time, by its id
 * @param nothingLost of these, how often nothing came too late after what it waited for
 */
public record PlayedDays(int played, Map<String, Integer> inTime, int nothingLost) {

    /** Minutes longer than a greatest lag at which a maker still saves it; ours, calibrated. */
    private static final int SAVED_MIN = 5;

    /**
     * Allowed: spread 0 to 1; times 1 to 10000.
     *
     * @param spread of what hands take against what is planned, as the standard deviation of its
     *     logarithm
     * @param times to play
     * @param seed the same seed plays the same days
     */
    public static PlayedDays of(
            final Workload load,
            final Plan plan,
            final double spread,
            final int times,
            final long seed) {
        Require.between("spread", spread, 0, 1, "");
        Require.between("times", times, 1, 10_000, "");
        final Random random = new Random(seed);
        final List<Stretch> order =
                load.stretches().stream()
                        .sorted(
                                Comparator.comparingInt(plan::start)
                                        .thenComparingInt(plan::end)
                                        .thenComparing(Stretch::id))
                        .toList();
        final Map<String, List<Lag>> before = new HashMap<>();
        load.lags()
                .forEach(
                        l ->
                                before.computeIfAbsent(l.to(), id -> new java.util.ArrayList<>())
                                        .add(l));
        final Map<String, Integer> inTime = new TreeMap<>();
        load.runs().stream().filter(r -> r.due().isPresent()).forEach(r -> inTime.put(r.id(), 0));
        int safe = 0;
        for (int i = 0; i < times; i++) {
            final Map<String, Double> ends = new HashMap<>();
            final boolean lost = play(order, before, plan, spread, random, ends);
            safe += lost ? 0 : 1;
            final Set<String> late = new HashSet<>();
            for (final Stretch stretch : load.stretches()) {
                for (final Run run : load.runs()) {
                    if (run.id().equals(stretch.run())
                            && run.due().isPresent()
                            && ends.get(stretch.id()) > run.due().getAsInt()) {
                        late.add(run.id());
                    }
                }
            }
            inTime.replaceAll((run, count) -> late.contains(run) ? count : count + 1);
        }
        return new PlayedDays(times, inTime, safe);
    }

    private static boolean play(
            final List<Stretch> order,
            final Map<String, List<Lag>> before,
            final Plan plan,
            final double spread,
            final Random random,
            final Map<String, Double> ends) {
        final Map<String, Double> free = new HashMap<>();
        boolean lost = false;
        for (final Stretch stretch : order) {
            final List<Lag> waits = before.getOrDefault(stretch.id(), List.of());
            // What cannot wait is gone on with as soon as it can be, whatever the plan's hour.
            final boolean pressing = waits.stream().anyMatch(lag -> lag.greatest().isPresent());
            double at = pressing ? 0 : plan.start(stretch);
            for (final Lag lag : waits) {
                final Double end = ends.get(lag.from());
                if (end != null) {
                    at = Math.max(at, end + lag.least());
                }
            }
            final String who = plan.placed().get(stretch.id()).person().orElse("");
            if (!who.isEmpty()) {
                at = Math.max(at, free.getOrDefault(who, 0.0));
            }
            for (final Lag lag : waits) {
                final Double end = ends.get(lag.from());
                if (end != null
                        && lag.greatest().isPresent()
                        && at - end > lag.greatest().getAsInt() + SAVED_MIN) {
                    lost = true;
                }
            }
            final double takes = stretch.minutes() * Math.exp(spread * random.nextGaussian());
            ends.put(stretch.id(), at + takes);
            if (!who.isEmpty()) {
                free.put(who, at + takes);
            }
        }
        return lost;
    }
}
