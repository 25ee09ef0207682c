package palintone.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import palintone.core.figure.OutOfRangeException;
import palintone.core.plan.Broken.Rule;

/** A plan that holds is left alone; the same plan with any one thing wrong is refused for that. */
class PlanCheckerTest {

    private static Stretch work(final String id, final String run, final int minutes) {
        return new Stretch(id, run, id, "", minutes, true, "", List.of());
    }

    private static Hold bowl(
            final String id, final String at, final int depth, final String... in) {
        return new Hold(
                id,
                "bowls",
                1,
                at,
                false,
                at,
                true,
                Optional.of(new Hold.Load("c" + depth, depth, Set.of(in))));
    }

    /** Two batches, two people, one bowl, three moulds of which each wants two. */
    private static final Workload LOAD =
            new Workload(
                    0,
                    600,
                    List.of(
                            new Run("a", "A", 0, OptionalInt.of(300)),
                            new Run("b", "B", 60, OptionalInt.of(300))),
                    List.of(
                            work("a1", "a", 30),
                            work("a2", "a", 20),
                            new Stretch("b1", "b", "b1", "", 30, true, "sugar", List.of()),
                            new Stretch("b2", "b", "b2", "", 0, false, "", List.of())),
                    List.of(
                            new Lag("a1", "a2", 10, OptionalInt.of(40), "window"),
                            new Lag("b1", "b2", 60, OptionalInt.empty(), "rest")),
                    List.of(
                            new Hold("am", "moulds", 2, "a1", false, "a2", true, Optional.empty()),
                            new Hold("bm", "moulds", 2, "b1", false, "b1", true, Optional.empty()),
                            bowl("ab", "a1", 2, "milk"),
                            bowl("bb", "b1", 1)),
                    List.of(
                            new Thing("moulds", "half spheres", 3, 0),
                            new Thing("bowls", "bowl", 1, 15)),
                    List.of(
                            new Person(
                                    "p",
                                    "Lead",
                                    Set.of("sugar"),
                                    List.of(new Person.Hours(0, 240, 300))),
                            new Person(
                                    "q",
                                    "Second",
                                    Set.of(),
                                    List.of(new Person.Hours(0, 240, 240)))),
                    List.of());

    private static Plan plan() {
        return new Plan(
                Map.of(
                        "a1", new Plan.Placed(10, Optional.of("q")),
                        "a2", new Plan.Placed(60, Optional.of("q")),
                        "b1", new Plan.Placed(80, Optional.of("p")),
                        "b2", new Plan.Placed(170, Optional.empty())),
                Map.of("ab", 0, "bb", 0));
    }

    private static Plan at(final String id, final int start) {
        return plan().moving(id, new Plan.Placed(start, plan().placed().get(id).person()));
    }

    private static Plan by(final String id, final String person) {
        return plan().moving(
                        id,
                        new Plan.Placed(
                                plan().placed().get(id).start(), Optional.ofNullable(person)));
    }

    private static void refused(final Workload load, final Plan plan, final Rule... rules) {
        assertThat(PlanChecker.broken(load, plan))
                .extracting(Broken::rule)
                .containsExactlyInAnyOrder(rules);
        assertThat(PlanChecker.holds(load, plan)).isFalse();
    }

    @Test
    void aPlanThatHoldsIsLeftAloneAndWorthWhatItSays() {
        assertThat(PlanChecker.broken(LOAD, plan())).isEmpty();
        // Washed once: the second batch has no milk. Lead 30, second from 10 to 80.
        assertThat(Worth.of(LOAD, plan())).isEqualTo(new Worth(0, 0, 2, 1, 100));
        final Plan late = at("b1", 270).moving("b2", new Plan.Placed(360, Optional.empty()));
        assertThat(Worth.of(LOAD, late)).isEqualTo(new Worth(60, 60, 2, 1, 100));
    }

    @Test
    void everyMutationIsRefusedForWhatItBreaks() {
        refused(LOAD, at("a1", 22), Rule.TOO_SOON);
        refused(LOAD, at("a2", 85), Rule.TOO_LATE, Rule.TOO_FEW);
        refused(LOAD, at("b2", 169), Rule.TOO_SOON);
        refused(LOAD, at("b1", 54), Rule.TOO_EARLY, Rule.TOO_FEW, Rule.UNWASHED);
        refused(LOAD, at("b1", 79), Rule.TOO_FEW);
        refused(LOAD, at("b2", 601), Rule.BEYOND);
        refused(
                LOAD,
                at("b1", 271).moving("b2", new Plan.Placed(400, Optional.empty())),
                Rule.OUT_OF_HOURS);
        refused(LOAD, by("b1", "q"), Rule.CANNOT);
        refused(LOAD, by("a1", null), Rule.NOBODY);
        refused(LOAD, by("a1", "nobody"), Rule.NOBODY);
        refused(LOAD, by("b2", "p"), Rule.NEEDS_NOBODY);
        refused(
                LOAD,
                at("a1", -1).moving("a2", new Plan.Placed(50, Optional.of("q"))),
                Rule.BEFORE_NOW,
                Rule.TOO_EARLY,
                Rule.OUT_OF_HOURS);
        refused(
                LOAD,
                at("a2", 81)
                        .moving("b1", new Plan.Placed(101, Optional.of("p")))
                        .moving("b2", new Plan.Placed(130, Optional.empty())),
                Rule.TOO_SOON,
                Rule.TOO_LATE);
        final Map<String, Plan.Placed> fewer = new TreeMap<>(plan().placed());
        fewer.remove("a2");
        refused(LOAD, new Plan(fewer, plan().units()), Rule.MISSING);
        final Map<String, Plan.Placed> more = new TreeMap<>(plan().placed());
        more.put("x", new Plan.Placed(1, Optional.empty()));
        refused(LOAD, new Plan(more, plan().units()), Rule.UNKNOWN);
        refused(LOAD, new Plan(plan().placed(), Map.of("ab", 0)), Rule.NO_UNIT);
        refused(LOAD, new Plan(plan().placed(), Map.of("ab", 0, "bb", 1)), Rule.NO_UNIT);
    }

    @Test
    void twoHandsThatAreOnePairAreRefused() {
        final Workload alone = LOAD.by(List.of(LOAD.people().get(0)));
        final Plan hers = by("a1", "p").moving("a2", new Plan.Placed(60, Optional.of("p")));
        assertThat(PlanChecker.broken(alone, hers)).isEmpty();
        refused(
                alone.with(
                        List.of(new Thing("moulds", "half spheres", 4, 0), LOAD.things().get(1))),
                hers.moving("b1", new Plan.Placed(75, Optional.of("p"))),
                Rule.TWO_AT_ONCE);
    }

    @Test
    void aBowlThatIsInUseOrNotWashedIsRefused() {
        final Workload manyMoulds =
                LOAD.with(List.of(new Thing("moulds", "half spheres", 4, 0), LOAD.things().get(1)));
        final Plan soon = at("a1", 40).moving("a2", new Plan.Placed(85, Optional.of("q")));
        refused(manyMoulds, soon, Rule.UNWASHED);
        refused(
                manyMoulds,
                soon.moving("b1", new Plan.Placed(65, Optional.of("p"))),
                Rule.SAME_UNIT);
        // The other way round a lighter bowl without milk goes before without a wash.
        final Plan lighterFirst =
                new Plan(
                        Map.of(
                                "b1", new Plan.Placed(60, Optional.of("p")),
                                "b2", new Plan.Placed(150, Optional.empty()),
                                "a1", new Plan.Placed(90, Optional.of("q")),
                                "a2", new Plan.Placed(130, Optional.of("q"))),
                        Map.of("ab", 0, "bb", 0));
        assertThat(PlanChecker.broken(manyMoulds, lighterFirst)).isEmpty();
        assertThat(Worth.of(manyMoulds, lighterFirst).washes()).isZero();
    }

    @Test
    void whatHasBegunIsSaidAndNotRefused() {
        final Workload begun = LOAD.fixing(List.of(new Fixed("a2", 85, Optional.of("q"), true)));
        final Plan plan =
                at("a2", 85)
                        .moving("b1", new Plan.Placed(105, Optional.of("p")))
                        .moving("b2", new Plan.Placed(195, Optional.empty()));
        assertThat(PlanChecker.broken(begun, plan)).singleElement().matches(Broken::begun);
        assertThat(PlanChecker.holds(begun, plan)).isTrue();
        final Workload pinned = LOAD.fixing(List.of(new Fixed("a2", 61, Optional.empty(), false)));
        refused(pinned, plan(), Rule.MOVED);
    }

    /** Begun when everybody went home: what it waits for is asked for no more, and said. */
    @Test
    void whatCannotBeKeptAnyMoreIsSaidAndLetGo() {
        final Workload begun =
                LOAD.fixing(List.of(new Fixed("a1", 230, Optional.empty(), true)))
                        .by(
                                List.of(
                                        new Person(
                                                "p",
                                                "Lead",
                                                Set.of("sugar"),
                                                List.of(
                                                        new Person.Hours(0, 240, 240),
                                                        new Person.Hours(400, 560, 560)))));
        final Relaxed relaxed = Relaxed.of(begun, 1);
        assertThat(relaxed.tooLate()).extracting(Lag::to).containsExactly("a2");
        assertThat(FirstPlan.of(begun, 1)).isEmpty();
        final Plan plan = FirstPlan.of(relaxed.load(), 1).orElseThrow();
        assertThat(PlanChecker.holds(relaxed.load(), plan)).isTrue();
        assertThat(plan.placed().get("a2").start()).isGreaterThanOrEqualTo(400);
        // Here for the next task, but not for the one after that: that one is let go too.
        final Workload longer =
                new Workload(
                        0,
                        600,
                        List.of(new Run("a", "A", 0, OptionalInt.of(300))),
                        List.of(work("a1", "a", 30), work("a2", "a", 20), work("a3", "a", 20)),
                        List.of(
                                new Lag("a1", "a2", 0, OptionalInt.of(40), "window"),
                                new Lag("a2", "a3", 10, OptionalInt.of(40), "coat")),
                        List.of(),
                        List.of(),
                        begun.people(),
                        List.of(new Fixed("a1", 180, Optional.empty(), true)));
        assertThat(Relaxed.of(longer, 1).tooLate()).extracting(Lag::to).containsExactly("a3");
        // Somebody is here in time: it is still asked for.
        assertThat(
                        Relaxed.of(
                                        LOAD.fixing(
                                                List.of(
                                                        new Fixed(
                                                                "a1",
                                                                150,
                                                                Optional.of("q"),
                                                                true))),
                                        1)
                                .tooLate())
                .isEmpty();
    }

    @Test
    void aWorkloadThatCannotBeIsRefusedByName() {
        final List<Lag> round = new ArrayList<>(LOAD.lags());
        round.add(Lag.after("a2", "a1"));
        assertThatThrownBy(() -> LOAD.lagging(round))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("circle");
        assertThatThrownBy(() -> LOAD.fixing(List.of(new Fixed("z", 1, Optional.empty(), false))))
                .hasMessageContaining("z");
        assertThatThrownBy(
                        () ->
                                new Person(
                                        "p",
                                        "P",
                                        Set.of(),
                                        List.of(
                                                new Person.Hours(0, 5, 9),
                                                new Person.Hours(8, 9, 9))))
                .hasMessageContaining("two at once");
    }

    /**
     * Moving any stretch of any plan of the small weeks by hand is either said to break something,
     * or it holds.
     */
    @Property(tries = 300)
    void noTwoThingsAtOnceInAnythingThatHolds(
            @ForAll @IntRange(max = 39) final int number,
            @ForAll @IntRange(max = 7) final int which,
            @ForAll @IntRange(min = -40, max = 40) final int by) {
        final Workload load = SmallWeeks.of(number);
        final Optional<Plan> first = FirstPlan.of(load, 3);
        if (first.isEmpty()) {
            return;
        }
        final Stretch moved = load.stretches().get(which % load.stretches().size());
        final Plan plan =
                first.get()
                        .moving(
                                moved.id(),
                                new Plan.Placed(
                                        first.get().start(moved) + by,
                                        first.get().placed().get(moved.id()).person()));
        assertThat(PlanChecker.holds(load, plan)).isEqualTo(minuteByMinute(load, plan));
    }

    /** The same asked another way: minute by minute, who does what and what is in use. */
    private static boolean minuteByMinute(final Workload load, final Plan plan) {
        final Map<String, Stretch> byId = load.stretchesById();
        for (final Stretch one : load.stretches()) {
            if (plan.start(one) < load.from() || plan.end(one) > load.horizon()) {
                return false;
            }
        }
        for (final Lag lag : load.lags()) {
            final int gap = plan.start(byId.get(lag.to())) - plan.end(byId.get(lag.from()));
            if (gap < lag.least() || gap > lag.greatest().orElse(Integer.MAX_VALUE)) {
                return false;
            }
        }
        final Map<Integer, Hold> lastIn = new HashMap<>();
        final Map<Integer, Integer> leftAt = new HashMap<>();
        for (int minute = load.from(); minute < load.horizon(); minute++) {
            final int now = minute;
            for (final Person person : load.people()) {
                final long at =
                        load.stretches().stream()
                                .filter(
                                        s ->
                                                plan.placed()
                                                        .get(s.id())
                                                        .person()
                                                        .equals(Optional.of(person.id())))
                                .filter(s -> plan.start(s) <= now && now < plan.end(s))
                                .count();
                final boolean here =
                        person.hours().stream().anyMatch(h -> h.from() <= now && now < h.until());
                if (at > 1 || at > 0 && !here) {
                    return false;
                }
            }
            for (final Thing thing : load.things()) {
                final List<Hold> held =
                        load.holds().stream()
                                .filter(h -> h.thing().equals(thing.id()))
                                .filter(
                                        h -> {
                                            final Plan.Span span = plan.span(h, byId);
                                            return span.from() <= now && now < span.to();
                                        })
                                .toList();
                if (!thing.washed()) {
                    if (held.stream().mapToInt(Hold::amount).sum() > thing.units()) {
                        return false;
                    }
                    continue;
                }
                final Map<Integer, Hold> byUnit = new HashMap<>();
                for (final Hold hold : held) {
                    if (byUnit.put(plan.units().get(hold.id()), hold) != null) {
                        return false;
                    }
                }
                for (final Map.Entry<Integer, Hold> in : byUnit.entrySet()) {
                    final Hold before = lastIn.get(in.getKey());
                    if (before != null
                            && before != in.getValue()
                            && before.load().get().washBefore(in.getValue().load().get())
                            && now - leftAt.get(in.getKey()) - 1 < thing.washMin()) {
                        return false;
                    }
                    lastIn.put(in.getKey(), in.getValue());
                    leftAt.put(in.getKey(), now);
                }
            }
        }
        return load.stretches().stream().allMatch(s -> inOneGo(s, load, plan));
    }

    private static boolean inOneGo(final Stretch stretch, final Workload load, final Plan plan) {
        return load.people().stream()
                .filter(p -> plan.placed().get(stretch.id()).person().equals(Optional.of(p.id())))
                .anyMatch(
                        p ->
                                p.hours().stream()
                                        .anyMatch(
                                                h ->
                                                        h.from() <= plan.start(stretch)
                                                                && plan.end(stretch) <= h.until()));
    }
}
