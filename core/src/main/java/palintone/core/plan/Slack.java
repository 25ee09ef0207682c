package palintone.core.plan;

import java.util.Map;
import java.util.Optional;

/**
 * How far a stretch can move while all others stay where they are: the string between what it waits
 * for and what waits for it.
 *
 * @param earliest minute it could begin
 * @param latest minute it has to begin, so that nothing else is lost or late
 * @param before id of the stretch that keeps it from beginning earlier; empty where nothing does
 * @param after id of the stretch that keeps it from beginning later; empty where that is when it is
 *     due, or the hours of who does it
 */
public record Slack(int earliest, int latest, Optional<String> before, Optional<String> after) {

    /** Of one stretch of a plan that holds. */
    public static Slack of(final Workload load, final Plan plan, final Stretch stretch) {
        final Run run =
                load.runs().stream()
                        .filter(r -> r.id().equals(stretch.run()))
                        .findFirst()
                        .orElseThrow();
        final Map<String, Stretch> stretches = load.stretchesById();
        final int start = plan.start(stretch);
        Bounds bounds =
                new Bounds(
                        Math.max(load.from(), run.earliest()),
                        Optional.empty(),
                        load.horizon() - stretch.minutes(),
                        Optional.empty());
        if (run.due().isPresent()) {
            // A run that is late already is not later for it.
            final int ready = run.due().getAsInt() + Worth.late(run, load, plan);
            bounds = bounds.notAfter(ready - stretch.minutes(), Optional.empty());
        }
        for (final Lag lag : load.lags()) {
            bounds = lag(bounds, lag, stretch, plan, stretches);
        }
        final Optional<String> who = plan.placed().get(stretch.id()).person();
        for (final Person person : load.people()) {
            if (who.filter(person.id()::equals).isEmpty()) {
                continue;
            }
            for (final Person.Hours hours : person.hours()) {
                if (hours.hold(start, start + stretch.minutes())) {
                    final int until = Math.max(hours.to(), start + stretch.minutes());
                    bounds =
                            bounds.notBefore(hours.from(), Optional.empty())
                                    .notAfter(until - stretch.minutes(), Optional.empty());
                }
            }
            for (final Stretch other : plan.of(person.id(), load)) {
                if (other.minutes() > 0 && plan.end(other) <= start) {
                    bounds = bounds.notBefore(plan.end(other), Optional.of(other.id()));
                } else if (other.minutes() > 0 && plan.start(other) >= plan.end(stretch)) {
                    bounds =
                            bounds.notAfter(
                                    plan.start(other) - stretch.minutes(), Optional.of(other.id()));
                }
            }
        }
        return new Slack(
                Math.min(bounds.earliest, start),
                Math.max(bounds.latest, start),
                bounds.before,
                bounds.after);
    }

    private static Bounds lag(
            final Bounds bounds,
            final Lag lag,
            final Stretch stretch,
            final Plan plan,
            final Map<String, Stretch> stretches) {
        Bounds now = bounds;
        if (lag.to().equals(stretch.id())) {
            final int from = plan.end(stretches.get(lag.from()));
            now = now.notBefore(from + lag.least(), Optional.of(lag.from()));
            if (lag.greatest().isPresent()) {
                now = now.notAfter(from + lag.greatest().getAsInt(), Optional.of(lag.from()));
            }
        }
        if (lag.from().equals(stretch.id())) {
            final int to = plan.start(stretches.get(lag.to())) - stretch.minutes();
            now = now.notAfter(to - lag.least(), Optional.of(lag.to()));
            if (lag.greatest().isPresent()) {
                now = now.notBefore(to - lag.greatest().getAsInt(), Optional.of(lag.to()));
            }
        }
        return now;
    }

    private record Bounds(
            int earliest, Optional<String> before, int latest, Optional<String> after) {

        Bounds notBefore(final int minute, final Optional<String> why) {
            return minute > earliest ? new Bounds(minute, why, latest, after) : this;
        }

        Bounds notAfter(final int minute, final Optional<String> why) {
            return minute < latest ? new Bounds(earliest, before, minute, why) : this;
        }
    }
}
