package palintone.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import palintone.core.plan.Broken.Rule;

/**
 * Whether a plan holds: says everything it breaks. Knows nothing of how plans are found, so that
 * whoever finds them can be held to it.
 */
public final class PlanChecker {

    private final Workload load;
    private final Plan plan;
    private final Map<String, Stretch> stretches;
    private final Map<String, Fixed> fixed = new HashMap<>();
    private final List<Broken> broken = new ArrayList<>();

    private PlanChecker(final Workload load, final Plan plan) {
        this.load = load;
        this.plan = plan;
        stretches = load.stretchesById();
        load.fixed().forEach(f -> fixed.put(f.stretch(), f));
    }

    /** Everything a plan breaks; nothing where it holds. */
    public static List<Broken> broken(final Workload load, final Plan plan) {
        return new PlanChecker(load, plan).all();
    }

    /** Whether a plan breaks nothing but what has begun and cannot be helped. */
    public static boolean holds(final Workload load, final Plan plan) {
        return broken(load, plan).stream().allMatch(Broken::begun);
    }

    private List<Broken> all() {
        plan.placed().keySet().stream()
                .filter(id -> !stretches.containsKey(id))
                .forEach(id -> say(Rule.UNKNOWN, List.of(id), "", 0));
        load.stretches().stream()
                .filter(s -> !plan.placed().containsKey(s.id()))
                .forEach(s -> say(Rule.MISSING, List.of(s.id()), s.title(), 0));
        if (!broken.isEmpty()) {
            return broken;
        }
        times();
        load.lags().forEach(this::lag);
        load.stretches().forEach(this::person);
        load.people().forEach(this::oneAtATime);
        for (final Thing thing : load.things()) {
            if (thing.washed()) {
                units(thing);
            } else {
                enough(thing);
            }
        }
        return broken;
    }

    private void say(
            final Rule rule, final List<String> about, final String subject, final int minutes) {
        final boolean begun =
                about.stream()
                        .reduce((first, last) -> last)
                        .map(fixed::get)
                        .filter(Fixed::begun)
                        .isPresent();
        broken.add(new Broken(rule, about, subject, minutes, begun));
    }

    private void times() {
        final Map<String, Run> runs = new HashMap<>();
        load.runs().forEach(r -> runs.put(r.id(), r));
        for (final Stretch stretch : load.stretches()) {
            final int start = plan.start(stretch);
            final Fixed where = fixed.get(stretch.id());
            if (where != null) {
                if (start != where.start()
                        || where.person().isPresent()
                                && !where.person().equals(person(stretch.id()))) {
                    say(Rule.MOVED, List.of(stretch.id()), "", Math.abs(start - where.start()));
                }
            }
            if (where == null || !where.begun()) {
                if (start < load.from()) {
                    say(Rule.BEFORE_NOW, List.of(stretch.id()), "", load.from() - start);
                }
                final Run run = runs.get(stretch.run());
                if (start < run.earliest()) {
                    say(Rule.TOO_EARLY, List.of(stretch.id()), run.name(), run.earliest() - start);
                }
            }
            if (plan.end(stretch) > load.horizon()) {
                say(Rule.BEYOND, List.of(stretch.id()), "", plan.end(stretch) - load.horizon());
            }
        }
    }

    private Optional<String> person(final String stretch) {
        return plan.placed().get(stretch).person();
    }

    private void lag(final Lag lag) {
        final int between =
                plan.start(stretches.get(lag.to())) - plan.end(stretches.get(lag.from()));
        if (between < lag.least()) {
            say(Rule.TOO_SOON, List.of(lag.from(), lag.to()), lag.why(), lag.least() - between);
        }
        if (lag.greatest().isPresent() && between > lag.greatest().getAsInt()) {
            say(
                    Rule.TOO_LATE,
                    List.of(lag.from(), lag.to()),
                    lag.why(),
                    between - lag.greatest().getAsInt());
        }
    }

    private void person(final Stretch stretch) {
        final Optional<String> who = person(stretch.id());
        if (!stretch.hands()) {
            who.ifPresent(id -> say(Rule.NEEDS_NOBODY, List.of(stretch.id()), id, 0));
            return;
        }
        final Optional<Person> person =
                who.flatMap(id -> load.people().stream().filter(p -> p.id().equals(id)).findAny());
        if (person.isEmpty()) {
            say(Rule.NOBODY, List.of(stretch.id()), who.orElse(""), 0);
            return;
        }
        if (!person.get().can(stretch)) {
            say(Rule.CANNOT, List.of(stretch.id()), person.get().name(), 0);
        }
        final int start = plan.start(stretch);
        final int end = plan.end(stretch);
        if (person.get().hours().stream().noneMatch(h -> h.hold(start, end))) {
            say(Rule.OUT_OF_HOURS, List.of(stretch.id()), person.get().name(), 0);
        }
    }

    private void oneAtATime(final Person person) {
        final List<Stretch> theirs =
                plan.of(person.id(), load).stream().filter(s -> s.minutes() > 0).toList();
        for (int i = 1; i < theirs.size(); i++) {
            final Stretch before = theirs.get(i - 1);
            final Stretch after = theirs.get(i);
            if (plan.start(after) < plan.end(before)) {
                say(
                        Rule.TWO_AT_ONCE,
                        List.of(before.id(), after.id()),
                        person.name(),
                        plan.end(before) - plan.start(after));
            }
        }
    }

    /** Of what is only counted there is never more in use than there is. */
    private void enough(final Thing thing) {
        final List<Hold> holds =
                load.holds().stream().filter(h -> h.thing().equals(thing.id())).toList();
        final Set<Integer> beginnings = new TreeSet<>();
        holds.forEach(h -> beginnings.add(plan.span(h, stretches).from()));
        final Set<Set<String>> said = new HashSet<>();
        for (final int at : beginnings) {
            final List<Hold> then =
                    holds.stream()
                            .filter(
                                    h -> {
                                        final Plan.Span span = plan.span(h, stretches);
                                        return span.from() <= at && at < span.to();
                                    })
                            .toList();
            final int used = then.stream().mapToInt(Hold::amount).sum();
            if (used > thing.units() && said.add(names(then))) {
                say(
                        Rule.TOO_FEW,
                        then.stream().map(Hold::from).distinct().toList(),
                        thing.name(),
                        used - thing.units());
            }
        }
    }

    private static Set<String> names(final List<Hold> holds) {
        final Set<String> names = new HashSet<>();
        holds.forEach(h -> names.add(h.id()));
        return names;
    }

    private void units(final Thing thing) {
        for (final Hold hold : load.holds()) {
            if (hold.thing().equals(thing.id())) {
                final Integer unit = plan.units().get(hold.id());
                if (unit == null || unit < 0 || unit >= thing.units()) {
                    say(Rule.NO_UNIT, List.of(hold.from()), thing.name(), 0);
                }
            }
        }
        for (final List<Hold> turn : Holds.byUnit(thing, load, plan)) {
            final List<Hold> byTime =
                    turn.stream()
                            .sorted(Comparator.comparingInt(h -> plan.span(h, stretches).from()))
                            .toList();
            for (int i = 1; i < byTime.size(); i++) {
                turn(thing, byTime.get(i - 1), byTime.get(i));
            }
        }
    }

    private void turn(final Thing thing, final Hold before, final Hold after) {
        final Plan.Span first = plan.span(before, stretches);
        final Plan.Span then = plan.span(after, stretches);
        final List<String> about = List.of(before.from(), after.from());
        if (first.meets(then)) {
            say(Rule.SAME_UNIT, about, thing.name(), first.to() - then.from());
        } else if (Holds.wash(before, after) && then.from() - first.to() < thing.washMin()) {
            say(Rule.UNWASHED, about, thing.name(), thing.washMin() - (then.from() - first.to()));
        }
    }
}
