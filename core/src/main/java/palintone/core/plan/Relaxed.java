package palintone.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;

/**
 * A workload in which what cannot be kept any more is asked for no more: a task that has begun, and
 * nobody here who could go on with it in time. That is said; the rest of the plan does not fall
 * with it.
 *
 * @param load with those greatest lags taken out
 * @param tooLate the lags as they were
 */
public record Relaxed(Workload load, List<Lag> tooLate) {

    /**
     * What can still be kept is left as it is; what begun batches cannot keep, even as soon as
     * hands allow, is let go.
     *
     * @param seed of the plan by which that is found out
     */
    public static Relaxed of(final Workload load, final long seed) {
        final Relaxed first = now(load);
        if (load.fixed().stream().noneMatch(Fixed::begun)
                || FirstPlan.fits(first.load)
                || FirstPlan.of(first.load, seed).isPresent()) {
            return first;
        }
        final Map<String, Stretch> stretches = load.stretchesById();
        final Set<String> begun = new HashSet<>();
        load.fixed().stream()
                .filter(Fixed::begun)
                .forEach(f -> begun.add(stretches.get(f.stretch()).run()));
        final Workload free =
                load.lagging(
                        load.lags().stream()
                                .map(l -> begun.contains(stretches.get(l.to()).run()) ? open(l) : l)
                                .toList());
        return FirstPlan.of(free, seed)
                .map(
                        plan -> {
                            final List<Lag> missed =
                                    load.lags().stream()
                                            .filter(
                                                    l ->
                                                            plan.start(stretches.get(l.to()))
                                                                            - plan.end(
                                                                                    stretches.get(
                                                                                            l
                                                                                                    .from()))
                                                                    > l.greatest()
                                                                            .orElse(
                                                                                    Integer
                                                                                            .MAX_VALUE))
                                            .toList();
                            return least(load, missed);
                        })
                .orElse(first);
    }

    /** What can be kept after all, as a bowl melted later, is asked for again. */
    private static Relaxed least(final Workload load, final List<Lag> missed) {
        final List<Lag> gone = new ArrayList<>(missed);
        for (final Lag lag : missed) {
            final List<Lag> without = new ArrayList<>(gone);
            without.remove(lag);
            if (FirstPlan.fits(letting(load, without))) {
                gone.remove(lag);
            }
        }
        return new Relaxed(letting(load, gone), gone);
    }

    private static Workload letting(final Workload load, final List<Lag> gone) {
        return load.lagging(load.lags().stream().map(l -> gone.contains(l) ? open(l) : l).toList());
    }

    private static Lag open(final Lag lag) {
        return new Lag(lag.from(), lag.to(), lag.least(), OptionalInt.empty(), lag.why());
    }

    private static Relaxed now(final Workload load) {
        final Map<String, Stretch> stretches = load.stretchesById();
        final Map<String, Fixed> fixed = new HashMap<>();
        load.fixed().forEach(f -> fixed.put(f.stretch(), f));
        final List<Lag> lags = new ArrayList<>();
        final List<Lag> tooLate = new ArrayList<>();
        for (final Lag lag : load.lags()) {
            final Fixed from = fixed.get(lag.from());
            final boolean open = from != null && from.begun() && !fixed.containsKey(lag.to());
            if (open && lag.greatest().isPresent() && !canBe(load, lag, from, stretches)) {
                tooLate.add(lag);
                lags.add(open(lag));
            } else {
                lags.add(lag);
            }
        }
        return new Relaxed(tooLate.isEmpty() ? load : load.lagging(lags), tooLate);
    }

    private static boolean canBe(
            final Workload load,
            final Lag lag,
            final Fixed from,
            final Map<String, Stretch> stretches) {
        final Stretch next = stretches.get(lag.to());
        final int end = from.start() + stretches.get(lag.from()).minutes();
        final int soonest = Math.max(load.from(), end + lag.least());
        final int latest = end + lag.greatest().getAsInt();
        if (soonest > latest) {
            return false;
        }
        return !next.hands()
                || load.people().stream()
                        .filter(p -> p.can(next))
                        .flatMap(p -> p.hours().stream())
                        .anyMatch(
                                h ->
                                        Math.max(soonest, h.from())
                                                <= Math.min(latest, h.until() - next.minutes()));
    }
}
