package palintone.core.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Looks at every plan of a small workload and keeps the best: slow, plain, and sure. */
public final class EveryPlan {

    private final Workload load;
    private final List<Stretch> order;
    private final Map<String, Plan.Placed> placed = new HashMap<>();
    private Optional<Plan> best = Optional.empty();
    private Optional<Worth> worth = Optional.empty();

    private EveryPlan(final Workload load) {
        this.load = load;
        order = load.inOrder();
    }

    /** The best there is; empty where no plan holds. */
    public static Optional<Plan> best(final Workload load) {
        final EveryPlan every = new EveryPlan(load);
        every.place(0);
        return every.best;
    }

    private void place(final int next) {
        if (next == order.size()) {
            units(0, new HashMap<>());
            return;
        }
        final Stretch stretch = order.get(next);
        for (int at = load.from();
                at + stretch.minutes() <= load.horizon();
                at += SmallWeeks.STEP_MIN) {
            if (!lagsKept(stretch, at)) {
                continue;
            }
            for (final Person person : load.people()) {
                if (!person.can(stretch) || !free(person, stretch, at)) {
                    continue;
                }
                placed.put(stretch.id(), new Plan.Placed(at, Optional.of(person.id())));
                if (!hopeless()) {
                    place(next + 1);
                }
                placed.remove(stretch.id());
            }
        }
    }

    /** Later than the best already. */
    private boolean hopeless() {
        if (worth.isEmpty()) {
            return false;
        }
        int late = 0;
        for (final Run run : load.runs()) {
            int most = 0;
            for (final Stretch stretch : load.stretches()) {
                final Plan.Placed at = placed.get(stretch.id());
                if (at != null && stretch.run().equals(run.id()) && run.due().isPresent()) {
                    most = Math.max(most, at.start() + stretch.minutes() - run.due().getAsInt());
                }
            }
            late += most;
        }
        return late > worth.get().lateMin();
    }

    private boolean lagsKept(final Stretch stretch, final int at) {
        for (final Lag lag : load.lags()) {
            final Plan.Placed from = placed.get(lag.from());
            if (lag.to().equals(stretch.id()) && from != null) {
                final int between =
                        at - from.start() - load.stretchesById().get(lag.from()).minutes();
                if (between < lag.least()
                        || lag.greatest().isPresent() && between > lag.greatest().getAsInt()) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean free(final Person person, final Stretch stretch, final int at) {
        final int end = at + stretch.minutes();
        if (person.hours().stream().noneMatch(h -> h.from() <= at && end <= h.until())) {
            return false;
        }
        for (final Stretch other : load.stretches()) {
            final Plan.Placed there = placed.get(other.id());
            if (there != null
                    && there.person().equals(Optional.of(person.id()))
                    && there.start() < end
                    && at < there.start() + other.minutes()) {
                return false;
            }
        }
        return true;
    }

    private void units(final int next, final Map<String, Integer> units) {
        final List<Hold> washed =
                load.holds().stream()
                        .filter(
                                h ->
                                        load.things().stream()
                                                .anyMatch(
                                                        t ->
                                                                t.id().equals(h.thing())
                                                                        && t.washed()))
                        .toList();
        if (next == washed.size()) {
            final Plan plan = new Plan(placed, units);
            if (PlanChecker.broken(load, plan).isEmpty()) {
                final Worth now = Worth.of(load, plan);
                if (worth.isEmpty() || now.compareTo(worth.get()) < 0) {
                    worth = Optional.of(now);
                    best = Optional.of(plan);
                }
            }
            return;
        }
        final Hold hold = washed.get(next);
        final int there =
                load.things().stream()
                        .filter(t -> t.id().equals(hold.thing()))
                        .findFirst()
                        .orElseThrow()
                        .units();
        for (int unit = 0; unit < there; unit++) {
            units.put(hold.id(), unit);
            units(next + 1, units);
            units.remove(hold.id());
        }
    }
}
