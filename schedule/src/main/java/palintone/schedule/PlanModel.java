package palintone.schedule;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToLongFunction;
import palintone.core.plan.Fixed;
import palintone.core.plan.Hold;
import palintone.core.plan.Lag;
import palintone.core.plan.Person;
import palintone.core.plan.Plan;
import palintone.core.plan.Run;
import palintone.core.plan.Stretch;
import palintone.core.plan.Thing;
import palintone.core.plan.Workload;

/** A workload as the solver reads it: a variable for each beginning, a choice of hands for each. */
final class PlanModel {

    private static final int DAY_MIN = 24 * 60;

    private final CpModel model = new CpModel();
    private final Workload load;
    private final Map<String, Stretch> stretches;
    private final Map<String, IntVar> starts = new LinkedHashMap<>();
    private final Map<String, Fixed> fixed = new HashMap<>();

    /** Who does a stretch, in which of their hours. */
    private final Map<String, List<Choice>> choices = new HashMap<>();

    private final Map<String, List<Literal>> units = new LinkedHashMap<>();
    private final Map<String, IntVar> late = new LinkedHashMap<>();
    private final Map<Wish, LinearExprBuilder> wishes = new EnumMap<>(Wish.class);

    /** Done by this person in these hours of theirs. */
    private record Choice(Person person, Person.Hours hours, BoolVar chosen) {}

    PlanModel(final Workload load) {
        this.load = load;
        stretches = load.stretchesById();
        load.fixed().forEach(f -> fixed.put(f.stretch(), f));
        for (final Wish wish : Wish.values()) {
            wishes.put(wish, LinearExpr.newBuilder());
        }
        beginnings();
        load.lags().forEach(this::lag);
        hands();
        for (final Thing thing : load.things()) {
            if (thing.washed()) {
                washed(thing);
            } else {
                counted(thing);
            }
        }
        lateness();
    }

    CpModel model() {
        return model;
    }

    LinearArgument wish(final Wish wish) {
        return wishes.get(wish).build();
    }

    /** Minutes a run is late, where it is due at all. */
    Optional<IntVar> late(final String run) {
        return Optional.ofNullable(late.get(run));
    }

    // ------------------------------------------------------------ time

    private void beginnings() {
        final Map<String, Run> runs = new HashMap<>();
        load.runs().forEach(r -> runs.put(r.id(), r));
        for (final Stretch stretch : load.stretches()) {
            final Fixed where = fixed.get(stretch.id());
            final long from = Math.max(load.from(), runs.get(stretch.run()).earliest());
            final long to = load.horizon() - stretch.minutes();
            if (where != null) {
                starts.put(
                        stretch.id(), model.newIntVar(where.start(), where.start(), stretch.id()));
                if (!where.begun() && (where.start() < from || where.start() > to)) {
                    model.addBoolOr(List.of());
                }
            } else if (to < from) {
                starts.put(stretch.id(), model.newIntVar(from, from, stretch.id()));
                model.addBoolOr(List.of());
            } else {
                starts.put(stretch.id(), model.newIntVar(from, to, stretch.id()));
            }
        }
    }

    private boolean begun(final String stretch) {
        return fixed.containsKey(stretch) && fixed.get(stretch).begun();
    }

    private void lag(final Lag lag) {
        if (begun(lag.to())) {
            return;
        }
        final LinearArgument between =
                LinearExpr.newBuilder()
                        .add(starts.get(lag.to()))
                        .addTerm(starts.get(lag.from()), -1)
                        .add(-stretches.get(lag.from()).minutes())
                        .build();
        model.addGreaterOrEqual(between, lag.least());
        lag.greatest().ifPresent(most -> model.addLessOrEqual(between, most));
    }

    private void lateness() {
        for (final Run run : load.runs()) {
            if (run.due().isEmpty()) {
                continue;
            }
            final IntVar minutes =
                    model.newIntVar(
                            0,
                            Math.max(0, load.horizon() - run.due().getAsInt()),
                            run.id() + " late");
            for (final Stretch stretch : load.stretches()) {
                if (stretch.run().equals(run.id())) {
                    model.addGreaterOrEqual(
                            minutes,
                            LinearExpr.newBuilder()
                                    .add(starts.get(stretch.id()))
                                    .add(stretch.minutes() - run.due().getAsInt())
                                    .build());
                }
            }
            late.put(run.id(), minutes);
            wishes.get(Wish.ON_TIME).add(minutes);
            ahead(run);
        }
    }

    private void ahead(final Run run) {
        final IntVar days =
                model.newIntVar(0, 4L * Workload.LONGEST_MIN / DAY_MIN, run.id() + " ahead");
        for (final Stretch stretch : load.stretches()) {
            if (stretch.run().equals(run.id())) {
                model.addGreaterOrEqual(
                        LinearExpr.term(days, DAY_MIN),
                        LinearExpr.newBuilder()
                                .addTerm(starts.get(stretch.id()), -1)
                                .add(run.due().getAsInt())
                                .build());
            }
        }
        wishes.get(Wish.FRESH).add(days);
    }

    // ------------------------------------------------------------ hands

    private void hands() {
        for (final Person person : load.people()) {
            for (int i = 0; i < person.hours().size(); i++) {
                hours(person, person.hours().get(i), person.id() + " " + i);
            }
        }
        for (final Stretch stretch : load.stretches()) {
            if (stretch.hands() && !begun(stretch.id())) {
                model.addExactlyOne(
                        choices.getOrDefault(stretch.id(), List.of()).stream()
                                .map(c -> (Literal) c.chosen())
                                .toArray(Literal[]::new));
            }
        }
    }

    /** One stay of one person: what is done in it, from when to when they are needed. */
    private void hours(final Person person, final Person.Hours hours, final String name) {
        final List<IntervalVar> work = new ArrayList<>();
        final List<Literal> any = new ArrayList<>();
        final IntVar first = model.newIntVar(hours.from(), hours.until(), name + " first");
        final IntVar last = model.newIntVar(hours.from(), hours.until(), name + " last");
        for (final Stretch stretch : load.stretches()) {
            if (!stretch.hands()) {
                continue;
            }
            if (begun(stretch.id())) {
                busy(person, hours, stretch).ifPresent(work::add);
                continue;
            }
            if (!may(person, hours, stretch)) {
                continue;
            }
            final BoolVar chosen = model.newBoolVar(name + " " + stretch.id());
            final IntVar start = starts.get(stretch.id());
            final LinearArgument end =
                    LinearExpr.newBuilder().add(start).add(stretch.minutes()).build();
            model.addGreaterOrEqual(start, first).onlyEnforceIf(chosen);
            model.addLessOrEqual(end, last).onlyEnforceIf(chosen);
            if (stretch.minutes() > 0) {
                work.add(
                        model.newOptionalFixedSizeIntervalVar(
                                start, stretch.minutes(), chosen, name + " " + stretch.id()));
            }
            any.add(chosen);
            choices.computeIfAbsent(stretch.id(), id -> new ArrayList<>())
                    .add(new Choice(person, hours, chosen));
        }
        model.addNoOverlap(work);
        if (any.isEmpty()) {
            return;
        }
        final IntVar present = model.newIntVar(0, hours.until() - hours.from(), name + " present");
        // Nobody there for nothing: the two meet where nothing is done.
        model.addEquality(present, LinearExpr.newBuilder().add(last).addTerm(first, -1).build());
        wishes.get(Wish.SHORT_DAYS).add(present);
        if (hours.until() > hours.to()) {
            final IntVar over = model.newIntVar(0, hours.until() - hours.to(), name + " over");
            model.addGreaterOrEqual(
                    over, LinearExpr.newBuilder().add(last).add(-hours.to()).build());
            wishes.get(Wish.NO_OVERTIME).add(over);
        }
    }

    private boolean may(final Person person, final Person.Hours hours, final Stretch stretch) {
        final Fixed where = fixed.get(stretch.id());
        final boolean somebodyElse =
                where != null
                        && where.person().isPresent()
                        && !where.person().get().equals(person.id());
        final boolean fits =
                where == null
                        ? stretch.minutes() <= hours.until() - hours.from()
                                && hours.until() >= load.from() + stretch.minutes()
                        : where.start() >= hours.from()
                                && where.start() + stretch.minutes() <= hours.until();
        return !somebodyElse && fits && person.can(stretch);
    }

    /** What somebody has begun keeps them, whoever planned it. */
    private Optional<IntervalVar> busy(
            final Person person, final Person.Hours hours, final Stretch stretch) {
        final Fixed where = fixed.get(stretch.id());
        final boolean theirs =
                where.person().filter(person.id()::equals).isPresent()
                        && where.start() < hours.until()
                        && hours.from() < where.start() + stretch.minutes();
        return theirs && stretch.minutes() > 0
                ? Optional.of(model.newFixedInterval(where.start(), stretch.minutes(), "begun"))
                : Optional.empty();
    }

    // ------------------------------------------------------------ things

    private LinearArgument moment(final String stretch, final boolean end) {
        return LinearExpr.newBuilder()
                .add(starts.get(stretch))
                .add(end ? stretches.get(stretch).minutes() : 0)
                .build();
    }

    private IntVar size(final Hold hold) {
        return model.newIntVar(0, 2L * Workload.LONGEST_MIN, hold.id() + " size");
    }

    private void counted(final Thing thing) {
        final List<Hold> holds =
                load.holds().stream().filter(h -> h.thing().equals(thing.id())).toList();
        if (holds.stream().mapToInt(Hold::amount).sum() <= thing.units()) {
            return;
        }
        final CumulativeConstraint most = model.addCumulative(thing.units());
        for (final Hold hold : holds) {
            most.addDemand(
                    model.newIntervalVar(
                            moment(hold.from(), hold.fromEnd()),
                            size(hold),
                            moment(hold.to(), hold.toEnd()),
                            hold.id()),
                    hold.amount());
        }
    }

    /**
     * Each unit goes round from nothing through all it holds: what needs a wash is a longer way.
     */
    private void washed(final Thing thing) {
        final List<Hold> holds =
                load.holds().stream().filter(h -> h.thing().equals(thing.id())).toList();
        if (holds.isEmpty()) {
            return;
        }
        for (final Hold hold : holds) {
            final List<Literal> mine = new ArrayList<>();
            for (int unit = 0; unit < thing.units(); unit++) {
                mine.add(model.newBoolVar(hold.id() + " in " + unit));
            }
            model.addExactlyOne(mine);
            units.put(hold.id(), mine);
        }
        for (int unit = 0; unit < thing.units(); unit++) {
            oneUnit(thing, holds, unit);
        }
        // Bowls are alike: the first hold is in the first.
        for (int unit = 1; unit < thing.units(); unit++) {
            model.addEquality(units.get(holds.get(0).id()).get(unit), 0);
        }
    }

    private void oneUnit(final Thing thing, final List<Hold> holds, final int unit) {
        final CircuitConstraint round = model.addCircuit();
        final List<IntervalVar> kept = new ArrayList<>();
        final BoolVar unused = model.newBoolVar(thing.id() + unit + " unused");
        round.addArc(0, 0, unused);
        for (int i = 0; i < holds.size(); i++) {
            final Hold hold = holds.get(i);
            final Literal here = units.get(hold.id()).get(unit);
            kept.add(
                    model.newOptionalIntervalVar(
                            moment(hold.from(), hold.fromEnd()),
                            size(hold),
                            moment(hold.to(), hold.toEnd()),
                            here,
                            hold.id()));
            round.addArc(i + 1, i + 1, here.not());
            model.addImplication(here, unused.not());
            round.addArc(0, i + 1, model.newBoolVar("first " + hold.id()));
            round.addArc(i + 1, 0, model.newBoolVar("last " + hold.id()));
            for (int j = 0; j < holds.size(); j++) {
                if (i != j) {
                    next(thing, hold, holds.get(j), round, i + 1, j + 1);
                }
            }
        }
        model.addNoOverlap(kept);
    }

    private void next(
            final Thing thing,
            final Hold hold,
            final Hold other,
            final CircuitConstraint round,
            final int at,
            final int to) {
        final BoolVar follows = model.newBoolVar(hold.id() + " then " + other.id());
        round.addArc(at, to, follows);
        final boolean wash =
                hold.load().isPresent()
                        && other.load().isPresent()
                        && hold.load().get().washBefore(other.load().get());
        if (wash) {
            wishes.get(Wish.FEW_WASHES).add(follows);
        }
        model.addGreaterOrEqual(
                        LinearExpr.newBuilder()
                                .add(moment(other.from(), other.fromEnd()))
                                .addTerm(moment(hold.to(), hold.toEnd()), -1)
                                .build(),
                        wash ? thing.washMin() : 0)
                .onlyEnforceIf(follows);
    }

    // ------------------------------------------------------------ plans in and out

    /** Begins from a plan that is known. */
    void hint(final Plan plan) {
        model.clearHints();
        for (final Stretch stretch : load.stretches()) {
            final Plan.Placed where = plan.placed().get(stretch.id());
            if (where == null) {
                continue;
            }
            model.addHint(starts.get(stretch.id()), where.start());
            for (final Choice choice : choices.getOrDefault(stretch.id(), List.of())) {
                final boolean chosen =
                        where.person().filter(choice.person().id()::equals).isPresent()
                                && choice.hours().from() <= where.start()
                                && where.start() + stretch.minutes() <= choice.hours().until();
                model.addHint(choice.chosen(), chosen ? 1 : 0);
            }
        }
        plan.units()
                .forEach(
                        (hold, unit) -> {
                            final List<Literal> mine = units.getOrDefault(hold, List.of());
                            for (int i = 0; i < mine.size(); i++) {
                                model.addHint((IntVar) mine.get(i), i == unit ? 1 : 0);
                            }
                        });
    }

    /** What the solver says, as a plan. */
    Plan plan(final ToLongFunction<IntVar> value) {
        final Map<String, Plan.Placed> placed = new TreeMap<>();
        for (final Stretch stretch : load.stretches()) {
            final Optional<String> who =
                    begun(stretch.id())
                            ? fixed.get(stretch.id()).person()
                            : choices.getOrDefault(stretch.id(), List.of()).stream()
                                    .filter(c -> value.applyAsLong(c.chosen()) == 1)
                                    .map(c -> c.person().id())
                                    .findFirst();
            placed.put(
                    stretch.id(),
                    new Plan.Placed((int) value.applyAsLong(starts.get(stretch.id())), who));
        }
        final Map<String, Integer> in = new TreeMap<>();
        units.forEach(
                (hold, mine) -> {
                    for (int i = 0; i < mine.size(); i++) {
                        if (value.applyAsLong((IntVar) mine.get(i)) == 1) {
                            in.put(hold, i);
                        }
                    }
                });
        return new Plan(placed, in);
    }
}
