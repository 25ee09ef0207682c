package palintone.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import palintone.core.process.After;
import palintone.core.process.Occupies;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/**
 * A batch as stretches of work, what waits between them, and what is kept meanwhile. Tasks that
 * follow straight on by the same hands are one stretch; a wait that nobody stands at is a lag.
 *
 * <p>What is waited for takes its usual time at the least, since a wait cut short is a fault, and
 * where the hands should go straight on after it, its longest at the most.
 */
public final class BatchWork {

    /** Ids of what every house has. */
    public static final String BOWLS = "bowls";

    public static final String POTS = "pots";
    public static final String CABINET = "cabinet";
    public static final String STONE = "stone";
    public static final String GUN = "gun";

    private static final double MINUTE_S = 60;

    /** Nobody goes away for less. */
    private static final double SHORT_WAIT_S = 180;

    /** Less of a hand is a look in passing. */
    private static final double LOOK = 0.1;

    /** From this share of the time on somebody has to stay. */
    private static final double STAY = 0.25;

    /** A stretch that has become as long is ended at the next task, so that it fits into a day. */
    private static final double LONG_S = 90 * MINUTE_S;

    /** So long work may be left between two tasks of which the one should follow straight on. */
    private static final int LEFT_MIN = 60;

    private final BatchAsked asked;
    private final List<Task> tasks;
    private final double[] seconds;
    private final int[] turn;
    private final List<Open> open = new ArrayList<>();
    private final Map<Integer, Ends> ends = new HashMap<>();
    private final List<Lag> lags = new ArrayList<>();
    private final List<Wait> waits = new ArrayList<>();

    /** A stretch being written. */
    private static final class Open {
        private final String id;
        private final List<Task> tasks = new ArrayList<>();
        private final Task first;
        private final boolean hands;
        private double lastsS;

        Open(final String id, final Task first, final boolean hands) {
            this.id = id;
            this.first = first;
            this.hands = hands;
        }

        int minutes() {
            return up(lastsS);
        }
    }

    /**
     * When a task ends, by the end of the stretch that goes before.
     *
     * @param stretch id of that
     * @param leastS seconds after its end, below 0 where it ends within
     * @param greatestS seconds after its end; empty where it can take any time
     * @param waited whether that is the end of a wait
     */
    private record Ends(String stretch, double leastS, OptionalDouble greatestS, boolean waited) {

        static Ends within(final String stretch, final double atS) {
            return new Ends(stretch, atS, OptionalDouble.of(atS), false);
        }
    }

    /**
     * A wait, for what it keeps.
     *
     * @param before id of the stretch it follows
     */
    private record Wait(Task task, String before) {}

    private BatchWork(final BatchAsked asked) {
        this.asked = asked;
        tasks = asked.process().tasks();
        seconds = new double[tasks.size() + 1];
        turn = new int[tasks.size() + 1];
        int begun = 0;
        for (final Task task : tasks) {
            if (task.kind() == TaskKind.POLISH) {
                begun++;
            }
            turn[task.number()] = Math.min(Math.max(0, begun - 1), asked.turns().size() - 1);
            final double usualS =
                    UsualMinutes.seconds(task, asked.turns().get(turn[task.number()]));
            // A wait takes what it takes; how quick hands are differs from house to house.
            seconds[task.number()] = task.byHand() ? usualS * asked.pace() : usualS;
        }
    }

    /**
     * What a batch comes to.
     *
     * @param stretches in the order of its tasks
     * @param lags between them
     * @param holds of things
     */
    public record Laid(List<Stretch> stretches, List<Lag> lags, List<Hold> holds) {}

    /** Lays a batch out. */
    public static Laid of(final BatchAsked asked) {
        final BatchWork work = new BatchWork(asked);
        work.tasks.forEach(work::lay);
        work.endWithAWait();
        final List<Hold> holds = work.holds();
        return new Laid(
                work.open.stream().map(work::stretch).toList(), List.copyOf(work.lags), holds);
    }

    private Stretch stretch(final Open one) {
        return new Stretch(
                one.id,
                asked.run().id(),
                one.first.title(),
                one.first.part(),
                one.minutes(),
                one.hands,
                "",
                one.tasks.stream().map(Task::number).toList());
    }

    private void lay(final Task task) {
        if (!waits(task)) {
            byHand(task);
            return;
        }
        final double handsS =
                task.handsOn() >= LOOK ? Math.min(task.handsOn() * seconds[task.number()], 900) : 0;
        waitFor(task, seconds[task.number()] - handsS);
        if (handsS > 0) {
            // As butter that goes in when it has cooled: somebody comes for the end of it.
            final Ends wait = ends.get(task.number());
            final Open last = begin(task, true, handsS);
            lags.add(lag(wait, last.id, 0, OptionalInt.empty(), true, task.title()));
            ends.put(task.number(), Ends.within(last.id, 0));
        }
    }

    private boolean waits(final Task task) {
        return task.clock().isPresent()
                && task.handsOn() < STAY
                && seconds[task.number()] >= SHORT_WAIT_S;
    }

    private void byHand(final Task task) {
        final double takesS = seconds[task.number()];
        final Optional<Open> goesOn = goesOn(task);
        if (goesOn.isPresent()) {
            final Open same = goesOn.get();
            same.tasks.add(task);
            same.lastsS += takesS;
            for (final Task other : same.tasks) {
                final Ends was = ends.get(other.number());
                if (was != null) {
                    ends.put(other.number(), Ends.within(same.id, was.leastS - takesS));
                }
            }
        } else {
            final Open fresh = begin(task, true, takesS);
            for (final After after : task.after()) {
                final boolean straight = after.straightOn() && after.leastLagS() == 0;
                lags.add(
                        lag(
                                ends.get(after.task()),
                                fresh.id,
                                after.leastLagS(),
                                after.greatestLagS(),
                                straight,
                                after.late().isEmpty()
                                        ? tasks.get(after.task() - 1).title()
                                        : after.late()));
            }
        }
        final Open stretch = open.get(open.size() - 1);
        ends.put(task.number(), Ends.within(stretch.id, 0));
    }

    private Open begin(final Task task, final boolean hands, final double lastsS) {
        final Open fresh = new Open(asked.run().id() + "/" + task.number(), task, hands);
        fresh.tasks.add(task);
        fresh.lastsS = lastsS;
        open.add(fresh);
        return fresh;
    }

    /** The stretch written last, where this task is its next. */
    private Optional<Open> goesOn(final Task task) {
        if (open.isEmpty() || task.after().size() != 1) {
            return Optional.empty();
        }
        final After only = task.after().get(0);
        final Open last = open.get(open.size() - 1);
        final boolean next =
                only.straightOn()
                        && only.leastLagS() == 0
                        && last.hands
                        && last.lastsS < LONG_S
                        && last.tasks.get(last.tasks.size() - 1).number() == only.task()
                        // What is reckoned from its end already would move with it.
                        && lags.stream().noneMatch(lag -> lag.from().equals(last.id))
                        && waits.stream().noneMatch(wait -> wait.before.equals(last.id));
        return next ? Optional.of(last) : Optional.empty();
    }

    private Lag lag(
            final Ends from,
            final String to,
            final int leastS,
            final OptionalInt greatestS,
            final boolean straight,
            final String why) {
        final int least = up(from.leastS + leastS);
        OptionalInt greatest = OptionalInt.empty();
        if (from.greatestS.isPresent() && greatestS.isPresent()) {
            greatest = OptionalInt.of(down(from.greatestS.getAsDouble() + greatestS.getAsInt()));
        } else if (from.greatestS.isPresent() && straight) {
            greatest =
                    OptionalInt.of(
                            from.waited
                                    ? down(from.greatestS.getAsDouble())
                                    : down(from.greatestS.getAsDouble()) + LEFT_MIN);
        }
        return new Lag(
                from.stretch,
                to,
                least,
                greatest.isPresent()
                        ? OptionalInt.of(Math.max(least, greatest.getAsInt()))
                        : greatest,
                why);
    }

    private void waitFor(final Task task, final double leastS) {
        if (task.after().size() != 1) {
            // It waits for several, or for none: from then on it is reckoned.
            final Open moment = begin(task, false, 0);
            for (final After after : task.after()) {
                lags.add(
                        lag(
                                ends.get(after.task()),
                                moment.id,
                                after.leastLagS(),
                                after.greatestLagS(),
                                false,
                                tasks.get(after.task() - 1).title()));
            }
            ends.put(task.number(), waited(task, Ends.within(moment.id, 0), 0, leastS));
            waits.add(new Wait(task, moment.id));
            return;
        }
        final After only = task.after().get(0);
        final Ends before = ends.get(only.task());
        ends.put(task.number(), waited(task, before, only.leastLagS(), leastS));
        waits.add(new Wait(task, before.stretch));
    }

    private Ends waited(
            final Task task, final Ends before, final double lagS, final double leastS) {
        final double longestS = task.clock().orElseThrow().longestS();
        return new Ends(
                before.stretch,
                before.leastS + lagS + leastS,
                before.greatestS.isPresent()
                        ? OptionalDouble.of(
                                before.greatestS.getAsDouble() + lagS + Math.max(leastS, longestS))
                        : before.greatestS,
                true);
    }

    /** What only waits at the end is done when it has waited. */
    private void endWithAWait() {
        for (final Wait wait : List.copyOf(waits)) {
            if (asked.process().following(wait.task.number()).isEmpty()) {
                final Open done =
                        new Open(
                                asked.run().id() + "/" + wait.task.number() + "/done",
                                wait.task,
                                false);
                open.add(done);
                lags.add(
                        lag(
                                ends.get(wait.task.number()),
                                done.id,
                                0,
                                OptionalInt.empty(),
                                false,
                                wait.task.title()));
            }
        }
    }

    // ------------------------------------------------------------ what is kept

    /**
     * First and last moment something is kept.
     *
     * @param endStart whether it is kept to the start of the last stretch only
     */
    private record Kept(
            String from, boolean fromEnd, String to, boolean endStart, String thing, int amount) {

        Kept until(final String last, final boolean start) {
            return new Kept(from, fromEnd, last, start, thing, amount);
        }
    }

    private List<Hold> holds() {
        final Map<String, Kept> kept = new LinkedHashMap<>();
        final Map<Integer, String> stretchOf = new HashMap<>();
        open.forEach(o -> o.tasks.forEach(t -> stretchOf.putIfAbsent(t.number(), o.id)));
        for (final Task task : tasks) {
            for (final Occupies what : task.occupies()) {
                final Optional<Wait> wait =
                        waits.stream().filter(w -> w.task.equals(task)).findFirst();
                if (wait.isPresent()) {
                    keepWhile(kept, what, wait.get());
                } else {
                    final String at = stretchOf.get(task.number());
                    keep(kept, what, task, new Kept(at, false, at, false, "", 1));
                }
            }
        }
        final List<Hold> holds = new ArrayList<>();
        kept.forEach(
                (id, one) ->
                        holds.add(
                                new Hold(
                                        asked.run().id() + "/" + id,
                                        one.thing,
                                        one.amount,
                                        one.from,
                                        one.fromEnd,
                                        one.to,
                                        !one.endStart,
                                        one.thing.equals(BOWLS)
                                                ? asked.bowl()
                                                : Optional.empty())));
        return holds;
    }

    private void keepWhile(final Map<String, Kept> kept, final Occupies what, final Wait wait) {
        final Optional<String> next = nextAfter(wait.task.number());
        keep(
                kept,
                what,
                wait.task,
                new Kept(wait.before, true, next.orElse(wait.before), next.isPresent(), "", 1));
    }

    /** The stretch that comes to what has waited. */
    private Optional<String> nextAfter(final int number) {
        for (final Open one : open) {
            // Its own end, where somebody comes for that.
            if (one.tasks.stream().anyMatch(t -> t.number() == number)
                    || one.id.endsWith("/" + number + "/done")
                    || one.first.after().stream().anyMatch(a -> a.task() == number)) {
                return Optional.of(one.id);
            }
        }
        return asked.process().following(number).stream()
                .findFirst()
                .flatMap(t -> nextAfter(t.number()));
    }

    private void keep(
            final Map<String, Kept> kept, final Occupies what, final Task task, final Kept one) {
        final int number = task.number();
        final UsualMinutes.Many many = asked.turns().get(turn[number]);
        switch (what) {
            case MOULD ->
                    asked.mould()
                            .ifPresent(
                                    mould ->
                                            join(
                                                    kept,
                                                    "moulds " + turn[number],
                                                    one,
                                                    mould,
                                                    Math.max(1, many.moulds())));
            case BOWL -> join(kept, "bowl", one, BOWLS, 1);
            case POT -> join(kept, "pot " + task.part(), one, POTS, 1);
            case CABINET ->
                    join(kept, "cabinet " + number, one, CABINET, Math.max(1, many.moulds()));
            case STONE -> join(kept, "stone " + one.from, one, STONE, 1);
            case GUN -> join(kept, "gun " + one.from, one, GUN, 1);
            case PERSON -> {
                // Hands are people, not things.
            }
        }
    }

    private static void join(
            final Map<String, Kept> kept,
            final String id,
            final Kept one,
            final String thing,
            final int amount) {
        final Kept first = kept.get(id);
        kept.put(
                id,
                first == null
                        ? new Kept(one.from, one.fromEnd, one.to, one.endStart, thing, amount)
                        : first.until(one.to, one.endStart));
    }

    private static int up(final double seconds) {
        return (int) Math.ceil(seconds / MINUTE_S - 1e-9);
    }

    private static int down(final double seconds) {
        return (int) Math.floor(seconds / MINUTE_S + 1e-9);
    }
}
