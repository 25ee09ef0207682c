package palintone.core.plan;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * What is to be done, with what and by whom. A plan says when.
 *
 * @param from minute before which nothing can begin any more: now
 * @param horizon minute after which nothing is planned
 * @param runs one for each thing made
 * @param stretches of all runs
 * @param lags between them, across runs too
 * @param holds of things
 * @param things there are
 * @param people who work
 * @param fixed stretches that are where they are
 */
public record Workload(
        int from,
        int horizon,
        List<Run> runs,
        List<Stretch> stretches,
        List<Lag> lags,
        List<Hold> holds,
        List<Thing> things,
        List<Person> people,
        List<Fixed> fixed) {

    /** Four weeks: who plans longer ahead plans again. */
    public static final int LONGEST_MIN = 28 * 24 * 60;

    /** As many as a small house makes in a fortnight. */
    public static final int MOST_STRETCHES = 2000;

    /**
     * Allowed: horizon from the start on, at most 40320 minutes after it; stretches 0 to 2000.
     *
     * @throws OutOfRangeException when something named is not there, two have one id, or lags go
     *     round in a circle
     */
    public Workload {
        Require.between("horizon", horizon, from, from + (double) LONGEST_MIN, "min");
        Require.between("stretches", stretches.size(), 0, MOST_STRETCHES, "");
        runs = List.copyOf(runs);
        stretches = List.copyOf(stretches);
        lags = List.copyOf(lags);
        holds = List.copyOf(holds);
        things = List.copyOf(things);
        people = List.copyOf(people);
        fixed = List.copyOf(fixed);
        final Set<String> runIds = ids("run", runs, Run::id);
        final Set<String> stretchIds = ids("stretch", stretches, Stretch::id);
        final Set<String> thingIds = ids("thing", things, Thing::id);
        final Set<String> personIds = ids("person", people, Person::id);
        ids("hold", holds, Hold::id);
        ids("stretch that is fixed", fixed, Fixed::stretch);
        stretches.forEach(s -> known("run of " + s.title(), s.run(), runIds));
        for (final Lag lag : lags) {
            known("what a lag begins with", lag.from(), stretchIds);
            known("what a lag ends with", lag.to(), stretchIds);
        }
        for (final Hold hold : holds) {
            known("what is held", hold.thing(), thingIds);
            known("where a hold begins", hold.from(), stretchIds);
            known("where a hold ends", hold.to(), stretchIds);
        }
        for (final Fixed one : fixed) {
            known("what is fixed", one.stretch(), stretchIds);
            one.person().ifPresent(id -> known("who does it", id, personIds));
        }
        inOrder(stretches, lags);
    }

    private static <T> Set<String> ids(
            final String what, final List<T> all, final Function<T, String> id) {
        final Set<String> seen = new HashSet<>();
        for (final T one : all) {
            if (!seen.add(id.apply(one))) {
                throw new OutOfRangeException(
                        "id of a " + what, id.apply(one), "an id no other has");
            }
        }
        return seen;
    }

    private static void known(final String field, final String id, final Set<String> ids) {
        if (!ids.contains(id)) {
            throw new OutOfRangeException(field, id, "one that is there");
        }
    }

    /** Each after all it waits for; of several in the order they are listed. */
    public List<Stretch> inOrder() {
        return inOrder(stretches, lags);
    }

    private static List<Stretch> inOrder(final List<Stretch> stretches, final List<Lag> lags) {
        final Map<String, Integer> waitsFor = new HashMap<>();
        final Map<String, List<String>> next = new HashMap<>();
        for (final Lag lag : lags) {
            waitsFor.merge(lag.to(), 1, Integer::sum);
            next.computeIfAbsent(lag.from(), id -> new ArrayList<>()).add(lag.to());
        }
        final Map<String, Stretch> byId = byId(stretches);
        final Deque<Stretch> free = new ArrayDeque<>();
        stretches.stream().filter(s -> !waitsFor.containsKey(s.id())).forEach(free::add);
        final List<Stretch> order = new ArrayList<>();
        while (!free.isEmpty()) {
            final Stretch one = free.poll();
            order.add(one);
            for (final String id : next.getOrDefault(one.id(), List.of())) {
                if (waitsFor.merge(id, -1, Integer::sum) == 0) {
                    free.add(byId.get(id));
                }
            }
        }
        if (order.size() < stretches.size()) {
            final Stretch round =
                    stretches.stream().filter(s -> !order.contains(s)).findFirst().orElseThrow();
            throw new OutOfRangeException(
                    "what comes before " + round.title() + " (" + round.id() + ")",
                    "itself, in a circle",
                    "tasks that do not wait for it");
        }
        return order;
    }

    private static Map<String, Stretch> byId(final List<Stretch> stretches) {
        final Map<String, Stretch> byId = new LinkedHashMap<>();
        stretches.forEach(s -> byId.put(s.id(), s));
        return byId;
    }

    /** Stretches by their ids, in the order they are listed. */
    public Map<String, Stretch> stretchesById() {
        return byId(stretches);
    }

    /** The same with others fixed. */
    public Workload fixing(final List<Fixed> others) {
        return new Workload(from, horizon, runs, stretches, lags, holds, things, people, others);
    }

    /** The same with other lags. */
    public Workload lagging(final List<Lag> others) {
        return new Workload(from, horizon, runs, stretches, others, holds, things, people, fixed);
    }

    /** The same with other runs, of the same ids. */
    public Workload running(final List<Run> others) {
        return new Workload(from, horizon, others, stretches, lags, holds, things, people, fixed);
    }

    /** The same by other people. */
    public Workload by(final List<Person> others) {
        return new Workload(from, horizon, runs, stretches, lags, holds, things, others, fixed);
    }

    /** The same with other things. */
    public Workload with(final List<Thing> others) {
        return new Workload(from, horizon, runs, stretches, lags, holds, others, people, fixed);
    }
}
