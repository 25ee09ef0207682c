package palintone.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * A plan at once, good enough to begin from: each batch is laid backwards from when it is due, as
 * late as hands and things allow, the ones due last first; what does not fit that way goes forwards
 * from now, and is late. Several orders of the batches are tried and the best is kept.
 */
public final class FirstPlan {

    private static final int TRIES = 24;

    /** As many stretches can be laid that often at once; with more the effort of each grows. */
    private static final int QUICK = 100;

    private final Workload load;
    private final Map<String, Stretch> stretches;
    private final List<Set<String>> together;

    private FirstPlan(final Workload load) {
        this.load = load;
        stretches = load.stretchesById();
        together = together();
    }

    /**
     * The best of some orders; empty where none of them fits at all.
     *
     * @param seed of the orders tried: the same seed gives the same plan
     */
    public static Optional<Plan> of(final Workload load, final long seed) {
        if (load.stretches().isEmpty()) {
            return Optional.of(new Plan(Map.of(), Map.of()));
        }
        return new FirstPlan(load).best(new Random(seed));
    }

    private int tries() {
        final double larger = Math.max(1, load.stretches().size() / (double) QUICK);
        return (int) Math.max(1, TRIES / (larger * larger));
    }

    /** Whether there is one by the first order already: quick, and no is not sure. */
    public static boolean fits(final Workload load) {
        final FirstPlan first = new FirstPlan(load);
        final List<Set<String>> order = new ArrayList<>(first.together);
        order.sort(Comparator.comparingInt(first::due).reversed());
        return first.laid(order, true).filter(plan -> PlanChecker.holds(load, plan)).isPresent();
    }

    private Optional<Plan> best(final Random random) {
        Optional<Plan> best = Optional.empty();
        Optional<Worth> worth = Optional.empty();
        final List<Set<String>> order = new ArrayList<>(together);
        order.sort(Comparator.comparingInt(this::due).reversed());
        final boolean[] choices = {false, true};
        for (int i = 0; i < tries(); i++) {
            for (final boolean overtime : choices) {
                final Optional<Plan> plan = laid(order, overtime);
                if (plan.isPresent() && PlanChecker.holds(load, plan.get())) {
                    final Worth now = Worth.of(load, plan.get());
                    if (worth.isEmpty() || now.compareTo(worth.get()) < 0) {
                        best = plan;
                        worth = Optional.of(now);
                    }
                }
            }
            if (i % 2 == 0) {
                Collections.shuffle(order, random);
            } else {
                order.sort(Comparator.comparingInt(this::due).reversed());
                final int a = random.nextInt(order.size());
                final int b = random.nextInt(order.size());
                Collections.swap(order, a, b);
            }
        }
        return best;
    }

    private Optional<Plan> laid(final List<Set<String>> order, final boolean overtime) {
        final Board board = new Board(load, overtime);
        final List<Set<String>> placing = new ArrayList<>(order);
        // What is where it is comes before what can still be chosen.
        placing.sort(Comparator.comparing(group -> !isFixed(group)));
        for (final Set<String> group : placing) {
            final boolean laid =
                    !begun(group) && new GroupLaid(load, stretches, group, board, false).place()
                            || new GroupLaid(load, stretches, group, board, true).place();
            if (!laid) {
                return Optional.empty();
            }
        }
        return Optional.of(board.plan());
    }

    private boolean isFixed(final Set<String> group) {
        return load.fixed().stream()
                .anyMatch(f -> group.contains(stretches.get(f.stretch()).run()));
    }

    private boolean begun(final Set<String> group) {
        return load.fixed().stream()
                .anyMatch(f -> f.begun() && group.contains(stretches.get(f.stretch()).run()));
    }

    private int due(final Set<String> group) {
        return load.runs().stream()
                .filter(r -> group.contains(r.id()))
                .mapToInt(r -> r.due().orElse(load.horizon()))
                .min()
                .orElse(load.horizon());
    }

    /** Runs that wait for each other, one by one set. */
    private List<Set<String>> together() {
        final Map<String, Set<String>> of = new LinkedHashMap<>();
        load.runs().forEach(r -> of.put(r.id(), new LinkedHashSet<>(Set.of(r.id()))));
        for (final Lag lag : load.lags()) {
            final Set<String> a = of.get(stretches.get(lag.from()).run());
            final Set<String> b = of.get(stretches.get(lag.to()).run());
            if (a != b) {
                a.addAll(b);
                b.forEach(id -> of.put(id, a));
            }
        }
        final Set<Set<String>> seen = Collections.newSetFromMap(new java.util.IdentityHashMap<>());
        final List<Set<String>> groups = new ArrayList<>();
        final Set<String> used = new HashSet<>();
        load.stretches().forEach(s -> used.add(s.run()));
        for (final Set<String> group : of.values()) {
            if (seen.add(group) && group.stream().anyMatch(used::contains)) {
                groups.add(group);
            }
        }
        return groups;
    }

    /** Where everything placed so far is. */
    static final class Board {
        private final Workload load;
        private final boolean overtime;
        private final Map<String, Plan.Placed> placed = new HashMap<>();
        private final Map<String, Integer> units = new HashMap<>();
        private final Map<String, List<Plan.Span>> busy = new HashMap<>();
        private final Map<String, List<Kept>> kept = new HashMap<>();

        /** A hold that is on the board. */
        record Kept(Hold hold, Plan.Span span, int unit) {}

        Board(final Workload load, final boolean overtime) {
            this.load = load;
            this.overtime = overtime;
            load.people().forEach(p -> busy.put(p.id(), new ArrayList<>()));
            load.things().forEach(t -> kept.put(t.id(), new ArrayList<>()));
        }

        Plan plan() {
            return new Plan(placed, units);
        }

        int stays(final Person.Hours hours) {
            return overtime ? hours.until() : hours.to();
        }

        List<Plan.Span> busy(final String person) {
            return busy.get(person);
        }

        List<Kept> kept(final String thing) {
            return kept.get(thing);
        }

        void put(final Stretch stretch, final Plan.Placed where) {
            placed.put(stretch.id(), where);
            if (stretch.minutes() > 0) {
                where.person()
                        .ifPresent(
                                id ->
                                        busy.get(id)
                                                .add(
                                                        new Plan.Span(
                                                                where.start(),
                                                                where.start()
                                                                        + stretch.minutes())));
            }
        }

        void put(final Kept hold) {
            kept.get(hold.hold().thing()).add(hold);
            if (hold.unit() >= 0) {
                units.put(hold.hold().id(), hold.unit());
            }
        }
    }
}
