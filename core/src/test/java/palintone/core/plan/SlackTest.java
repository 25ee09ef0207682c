package palintone.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** How far a stretch can move, and how sure a plan is. */
class SlackTest {

    /**
     * Within the slack nothing a lag, an hour or the day it is due asks for breaks; beyond it does.
     */
    @Property(tries = 200)
    void withinItNothingBreaks(
            @ForAll @IntRange(max = 39) final int number,
            @ForAll @IntRange(max = 7) final int which) {
        final Workload all = SmallWeeks.of(number);
        // Things are not part of it: what is in use is said when it is moved there.
        final Workload load =
                new Workload(
                        all.from(),
                        all.horizon(),
                        all.runs(),
                        all.stretches(),
                        all.lags(),
                        List.of(),
                        all.things(),
                        all.people(),
                        List.of());
        final Optional<Plan> plan = FirstPlan.of(load, 2);
        if (plan.isEmpty()) {
            return;
        }
        final Stretch stretch = load.stretches().get(which % load.stretches().size());
        final Slack slack = Slack.of(load, plan.get(), stretch);
        final int lateNow = Worth.of(load, plan.get()).lateMin();
        for (final int at : new int[] {slack.earliest(), slack.latest()}) {
            final Plan moved = at(plan.get(), stretch, at);
            assertThat(PlanChecker.broken(load, moved)).isEmpty();
            assertThat(Worth.of(load, moved).lateMin()).isLessThanOrEqualTo(lateNow + 0);
        }
        final Plan tooEarly = at(plan.get(), stretch, slack.earliest() - 1);
        assertThat(PlanChecker.broken(load, tooEarly)).isNotEmpty();
        final Plan tooLate = at(plan.get(), stretch, slack.latest() + 1);
        assertThat(
                        !PlanChecker.broken(load, tooLate).isEmpty()
                                || Worth.of(load, tooLate).lateMin() > lateNow
                                || Worth.of(load, tooLate).overtimeMin()
                                        > Worth.of(load, plan.get()).overtimeMin())
                .isTrue();
    }

    private static Plan at(final Plan plan, final Stretch stretch, final int start) {
        return plan.moving(
                stretch.id(), new Plan.Placed(start, plan.placed().get(stretch.id()).person()));
    }

    private static Workload oneStretch(final int due) {
        return new Workload(
                0,
                1000,
                List.of(new Run("r", "R", 0, OptionalInt.of(due))),
                List.of(new Stretch("s", "r", "work", "", 100, true, "", List.of())),
                List.of(),
                List.of(),
                List.of(),
                List.of(new Person("p", "P", Set.of(), List.of(new Person.Hours(0, 900, 900)))),
                List.of());
    }

    /** One stretch of 100 minutes: how often it is done within 120 is a normal's distribution. */
    @Test
    void playedDaysFollowTheSpread() {
        final Plan plan = new Plan(Map.of("s", new Plan.Placed(0, Optional.of("p"))), Map.of());
        final double spread = 0.25;
        final PlayedDays days = PlayedDays.of(oneStretch(120), plan, spread, 10_000, 5);
        // Φ(ln 1.2 / 0.25) = Φ(0.7293) = 0.7671, from a table of the normal distribution.
        assertThat(days.inTime().get("r") / 10_000.0).isCloseTo(0.767, within(0.02));
        assertThat(days.nothingLost()).isEqualTo(10_000);
        assertThat(PlayedDays.of(oneStretch(100), plan, 0, 10, 5).inTime().get("r")).isEqualTo(10);
        assertThat(PlayedDays.of(oneStretch(99), plan, 0, 10, 5).inTime().get("r")).isZero();
    }
}
