package palintone.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * When each stretch of a workload begins, and who does it. Never changed: who plans again makes
 * another.
 *
 * @param placed every stretch of the workload, by its id
 * @param units which of the units of a washed thing each hold keeps, by the id of the hold, from 0
 */
public record Plan(Map<String, Placed> placed, Map<String, Integer> units) {

    /** In the order of ids, so that two plans that say the same read the same. */
    public Plan {
        placed = java.util.Collections.unmodifiableMap(new TreeMap<>(placed));
        units = java.util.Collections.unmodifiableMap(new TreeMap<>(units));
    }

    /**
     * One stretch on the plan.
     *
     * @param start minute
     * @param person id of who does it; empty where it needs nobody
     */
    public record Placed(int start, Optional<String> person) {}

    /** Minute a stretch begins. */
    public int start(final Stretch stretch) {
        return placed.get(stretch.id()).start();
    }

    /** Minute a stretch is done. */
    public int end(final Stretch stretch) {
        return start(stretch) + stretch.minutes();
    }

    /** From when to when something is held. */
    public Span span(final Hold hold, final Map<String, Stretch> stretches) {
        final Stretch from = stretches.get(hold.from());
        final Stretch to = stretches.get(hold.to());
        return new Span(
                hold.fromEnd() ? end(from) : start(from), hold.toEnd() ? end(to) : start(to));
    }

    /** The same with one stretch elsewhere. */
    public Plan moving(final String stretch, final Placed where) {
        final Map<String, Placed> other = new TreeMap<>(placed);
        other.put(stretch, where);
        return new Plan(other, units);
    }

    /** The same, all of it so many minutes later. */
    public Plan later(final int minutes) {
        final Map<String, Placed> other = new TreeMap<>();
        placed.forEach((id, p) -> other.put(id, new Placed(p.start() + minutes, p.person())));
        return new Plan(other, units);
    }

    /** The same with what is fixed where it is. */
    public Plan fixing(final List<Fixed> fixed) {
        final Map<String, Placed> other = new TreeMap<>(placed);
        for (final Fixed one : fixed) {
            final Placed was = other.get(one.stretch());
            if (was != null) {
                other.put(
                        one.stretch(),
                        new Placed(
                                one.start(),
                                one.begun() ? one.person() : one.person().or(was::person)));
            }
        }
        return new Plan(other, units);
    }

    /** Stretches of one person, in order of time. */
    public List<Stretch> of(final String person, final Workload load) {
        return load.stretches().stream()
                .filter(s -> placed.get(s.id()).person().filter(person::equals).isPresent())
                .sorted(java.util.Comparator.comparingInt(this::start))
                .collect(Collectors.toList());
    }

    /**
     * A stretch of time.
     *
     * @param from minute
     * @param to minute
     */
    public record Span(int from, int to) {

        boolean meets(final Span other) {
            return from < other.to && other.from < to;
        }
    }
}
