package palintone.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** What each unit of a washed thing holds, one after the other. */
final class Holds {

    private Holds() {}

    /** The holds of each unit that is used, in order of time. */
    static List<List<Hold>> byUnit(final Thing thing, final Workload load, final Plan plan) {
        final Map<String, Stretch> stretches = load.stretchesById();
        return List.copyOf(
                load.holds().stream()
                        .filter(h -> h.thing().equals(thing.id()))
                        .filter(h -> plan.units().containsKey(h.id()))
                        .sorted(
                                Comparator.comparingInt((Hold h) -> plan.span(h, stretches).from())
                                        .thenComparing(Hold::id))
                        .collect(
                                Collectors.groupingBy(
                                        h -> plan.units().get(h.id()),
                                        TreeMap::new,
                                        Collectors.toList()))
                        .values());
    }

    static boolean wash(final Hold first, final Hold then) {
        return first.load().isPresent()
                && then.load().isPresent()
                && first.load().get().washBefore(then.load().get());
    }
}
