package palintone.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Lays runs that wait for each other on the board, backwards from when they are due or forwards
 * from now. Backwards is the same walk with the clock turned round: a stretch begins when it ends,
 * and what comes after it comes before.
 *
 * <p>Each stretch goes where it can soonest. Where one would come too late after another, that
 * other is moved on and all are placed again; so it is with holds. Every round moves something on,
 * so that there is an end.
 */
final class GroupLaid {

    private static final int MOST_ROUNDS = 3000;

    private final Workload load;
    private final Map<String, Stretch> stretches;
    private final FirstPlan.Board board;
    private final boolean forwards;
    private final List<Stretch> order;
    private final Map<String, List<Lag>> before = new HashMap<>();
    private final Map<String, Integer> soonest = new HashMap<>();
    private final Map<String, Integer> latest = new HashMap<>();
    private final Map<String, Fixed> fixed = new HashMap<>();
    private final List<Hold> holds;

    /** Walk time at which each begins, this round. */
    private final Map<String, Integer> begins = new LinkedHashMap<>();

    private final Map<String, String> who = new HashMap<>();

    GroupLaid(
            final Workload load,
            final Map<String, Stretch> stretches,
            final Set<String> group,
            final FirstPlan.Board board,
            final boolean forwards) {
        this.load = load;
        this.stretches = stretches;
        this.board = board;
        this.forwards = forwards;
        order =
                new ArrayList<>(
                        load.inOrder().stream().filter(s -> group.contains(s.run())).toList());
        if (!forwards) {
            Collections.reverse(order);
        }
        for (final Lag lag : load.lags()) {
            before.computeIfAbsent(forwards ? lag.to() : lag.from(), id -> new ArrayList<>())
                    .add(lag);
        }
        load.fixed().forEach(f -> fixed.put(f.stretch(), f));
        final Map<String, Run> runs = new HashMap<>();
        load.runs().forEach(r -> runs.put(r.id(), r));
        for (final Stretch stretch : order) {
            final Run run = runs.get(stretch.run());
            final int from = Math.max(load.from(), run.earliest());
            final int to = Math.min(load.horizon(), run.due().orElse(load.horizon()));
            soonest.put(stretch.id(), forwards ? from : -to);
            latest.put(stretch.id(), forwards ? load.horizon() : -from);
        }
        holds =
                load.holds().stream()
                        .filter(h -> soonest.containsKey(h.from()) || soonest.containsKey(h.to()))
                        .toList();
    }

    /** Whether all of it has a place; then it is on the board. */
    boolean place() {
        for (int round = 0; round < MOST_ROUNDS; round++) {
            begins.clear();
            who.clear();
            final Optional<Boolean> placed = placeAll();
            if (placed.isPresent() && !placed.get()) {
                return false;
            }
            if (placed.isPresent() && held()) {
                return true;
            }
            if (tooLate()) {
                return false;
            }
        }
        return false;
    }

    private boolean tooLate() {
        return order.stream()
                .anyMatch(
                        s ->
                                !fixed.containsKey(s.id())
                                        && soonest.get(s.id()) + s.minutes() > latest.get(s.id()));
    }

    /** True where all are placed, false where one cannot be; empty where something moved on. */
    private Optional<Boolean> placeAll() {
        for (final Stretch stretch : order) {
            final Fixed where = fixed.get(stretch.id());
            if (where != null) {
                if (!fix(stretch, where)) {
                    return Optional.of(false);
                }
                if (!where.begun() && movesOn(stretch, begins.get(stretch.id()))) {
                    return Optional.empty();
                }
                continue;
            }
            int at = soonest.get(stretch.id());
            for (final Lag lag : before.getOrDefault(stretch.id(), List.of())) {
                final Integer other = begins.get(other(lag));
                if (other != null) {
                    at = Math.max(at, other + minutes(other(lag)) + lag.least());
                }
            }
            final int free = stretch.hands() ? free(stretch, at) : at;
            if (free == Integer.MAX_VALUE || free + stretch.minutes() > latest.get(stretch.id())) {
                return Optional.of(false);
            }
            begins.put(stretch.id(), free);
            if (movesOn(stretch, free)) {
                return Optional.empty();
            }
        }
        return Optional.of(true);
    }

    private boolean fix(final Stretch stretch, final Fixed where) {
        final int at = forwards ? where.start() : -where.start() - stretch.minutes();
        begins.put(stretch.id(), at);
        if (!stretch.hands() || where.begun() && where.person().isEmpty()) {
            return true;
        }
        for (final Person person : load.people()) {
            if (where.person().isPresent()
                    ? where.person().get().equals(person.id())
                    : person.can(stretch) && soonestFree(person, at, stretch.minutes()) == at) {
                who.put(stretch.id(), person.id());
                return true;
            }
        }
        return false;
    }

    /** Whether another has to be moved on, since this one comes too late after it. */
    private boolean movesOn(final Stretch stretch, final int at) {
        for (final Lag lag : before.getOrDefault(stretch.id(), List.of())) {
            final Integer other = begins.get(other(lag));
            if (other == null || lag.greatest().isEmpty()) {
                continue;
            }
            final int most = lag.greatest().getAsInt();
            if (at - (other + minutes(other(lag))) > most) {
                soonest.put(other(lag), at - most - minutes(other(lag)));
                return true;
            }
        }
        return false;
    }

    private String other(final Lag lag) {
        return forwards ? lag.from() : lag.to();
    }

    private int minutes(final String stretch) {
        return stretches.get(stretch).minutes();
    }

    /** When somebody can soonest do it, from then on; who that is is kept. */
    private int free(final Stretch stretch, final int from) {
        int best = Integer.MAX_VALUE;
        for (final Person person : load.people()) {
            if (person.can(stretch)) {
                final int at = soonestFree(person, from, stretch.minutes());
                if (at < best) {
                    best = at;
                    who.put(stretch.id(), person.id());
                }
            }
        }
        return best;
    }

    private int soonestFree(final Person person, final int from, final int minutes) {
        int best = Integer.MAX_VALUE;
        for (final Person.Hours hours : person.hours()) {
            final int opens = forwards ? hours.from() : -board.stays(hours);
            final int closes = forwards ? board.stays(hours) : -hours.from();
            int at = Math.max(from, opens);
            boolean moved = true;
            while (moved && at + minutes <= closes) {
                moved = false;
                for (final Plan.Span span : taken(person)) {
                    if (minutes > 0 && span.from() < at + minutes && at < span.to()) {
                        at = span.to();
                        moved = true;
                    }
                }
            }
            if (at + minutes <= closes) {
                best = Math.min(best, at);
            }
        }
        return best;
    }

    /** What a person does already, in walk time. */
    private List<Plan.Span> taken(final Person person) {
        final List<Plan.Span> taken = new ArrayList<>();
        for (final Plan.Span span : board.busy(person.id())) {
            taken.add(forwards ? span : new Plan.Span(-span.to(), -span.from()));
        }
        begins.forEach(
                (id, at) -> {
                    if (person.id().equals(who.get(id)) && minutes(id) > 0) {
                        taken.add(new Plan.Span(at, at + minutes(id)));
                    }
                });
        return taken;
    }

    // ------------------------------------------------------------ holds

    /** Whether all holds fit; then all is on the board. Else something has moved on. */
    private boolean held() {
        final List<FirstPlan.Board.Kept> fits = new ArrayList<>();
        for (final Hold hold : holds) {
            final Thing thing =
                    load.things().stream()
                            .filter(t -> t.id().equals(hold.thing()))
                            .findFirst()
                            .orElseThrow();
            final Plan.Span span = span(hold);
            final List<FirstPlan.Board.Kept> others = new ArrayList<>(board.kept(thing.id()));
            fits.stream().filter(k -> k.hold().thing().equals(thing.id())).forEach(others::add);
            if (thing.washed()) {
                final int unit = unit(thing, hold, span, others);
                if (unit < 0) {
                    return false;
                }
                fits.add(new FirstPlan.Board.Kept(hold, span, unit));
            } else {
                if (!enough(thing, hold, span, others)) {
                    return false;
                }
                fits.add(new FirstPlan.Board.Kept(hold, span, -1));
            }
        }
        begins.forEach(
                (id, at) ->
                        board.put(
                                stretches.get(id),
                                new Plan.Placed(start(id, at), Optional.ofNullable(who.get(id)))));
        fits.forEach(board::put);
        return true;
    }

    private int start(final String id, final int at) {
        return forwards ? at : -at - minutes(id);
    }

    private Plan.Span span(final Hold hold) {
        final int from = at(hold.from());
        final int to = at(hold.to());
        return new Plan.Span(
                hold.fromEnd() ? from + minutes(hold.from()) : from,
                hold.toEnd() ? to + minutes(hold.to()) : to);
    }

    private int at(final String id) {
        final Integer at = begins.get(id);
        return at == null ? board.plan().placed().get(id).start() : start(id, at);
    }

    private boolean enough(
            final Thing thing,
            final Hold hold,
            final Plan.Span span,
            final List<FirstPlan.Board.Kept> others) {
        final List<FirstPlan.Board.Kept> meeting =
                others.stream().filter(k -> k.span().meets(span)).toList();
        int used = 0;
        for (final FirstPlan.Board.Kept one : meeting) {
            final int then = Math.max(one.span().from(), span.from());
            used =
                    Math.max(
                            used,
                            meeting.stream()
                                    .filter(k -> k.span().from() <= then && then < k.span().to())
                                    .mapToInt(k -> k.hold().amount())
                                    .sum());
        }
        if (used + hold.amount() <= thing.units()) {
            return true;
        }
        // On to where the first of those that are in the way is over.
        moveOn(
                hold,
                meeting.stream()
                        .mapToInt(k -> forwards ? k.span().to() : -k.span().from())
                        .min()
                        .orElse(Integer.MAX_VALUE / 2));
        return false;
    }

    private int unit(
            final Thing thing,
            final Hold hold,
            final Plan.Span span,
            final List<FirstPlan.Board.Kept> others) {
        int best = -1;
        int washes = Integer.MAX_VALUE;
        int soonestFree = Integer.MAX_VALUE / 2;
        for (int unit = 0; unit < thing.units(); unit++) {
            int needed = 0;
            int free = Integer.MIN_VALUE;
            for (final FirstPlan.Board.Kept other : others) {
                if (other.unit() != unit) {
                    continue;
                }
                final boolean first = other.span().from() <= span.from();
                final boolean wash =
                        first ? Holds.wash(other.hold(), hold) : Holds.wash(hold, other.hold());
                final int gap = wash ? thing.washMin() : 0;
                needed += wash ? 1 : 0;
                if (span.from() < other.span().to() + gap
                        && other.span().from() - gap < span.to()) {
                    free =
                            Math.max(
                                    free,
                                    forwards
                                            ? other.span().to() + gap
                                            : -(other.span().from() - gap));
                }
            }
            if (free == Integer.MIN_VALUE && needed < washes) {
                best = unit;
                washes = needed;
            } else if (free != Integer.MIN_VALUE) {
                soonestFree = Math.min(soonestFree, free);
            }
        }
        if (best < 0) {
            moveOn(hold, soonestFree);
        }
        return best;
    }

    /** The hold begins, as the walk goes, no sooner than that. */
    private void moveOn(final Hold hold, final int walk) {
        final String first = forwards ? hold.from() : hold.to();
        final boolean atItsEnd = forwards ? hold.fromEnd() : !hold.toEnd();
        final int at = atItsEnd ? walk - minutes(first) : walk;
        soonest.merge(first, Math.max(at, soonest.getOrDefault(first, at) + 1), Math::max);
    }
}
