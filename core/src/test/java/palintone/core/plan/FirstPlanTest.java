package palintone.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The plan to begin from, against every plan there is. */
class FirstPlanTest {

    static java.util.List<Workload> forty() {
        return SmallWeeks.forty();
    }

    @ParameterizedTest
    @MethodSource("forty")
    void holdsAndIsNeverBetterThanTheBest(final Workload load) {
        final Optional<Plan> best = EveryPlan.best(load);
        final Optional<Plan> first = FirstPlan.of(load, 1);
        if (best.isEmpty()) {
            assertThat(first).as("a plan where there is none").isEmpty();
            return;
        }
        first.ifPresent(
                plan -> {
                    assertThat(PlanChecker.broken(load, plan)).isEmpty();
                    assertThat(Worth.of(load, plan))
                            .isGreaterThanOrEqualTo(Worth.of(load, best.get()));
                });
    }

    @Test
    void findsAPlanNearlyAlwaysAndIsOftenInTimeWhereThatCanBe() {
        int possible = 0;
        int found = 0;
        int asLate = 0;
        for (final Workload load : SmallWeeks.forty()) {
            final Optional<Plan> best = EveryPlan.best(load);
            if (best.isEmpty()) {
                continue;
            }
            possible++;
            final Optional<Plan> first = FirstPlan.of(load, 1);
            if (first.isPresent()) {
                found++;
                if (Worth.of(load, first.get()).lateMin() == Worth.of(load, best.get()).lateMin()) {
                    asLate++;
                }
            }
        }
        System.out.printf(
                "small weeks: %d can be done, first plan found %d, as early as the best %d%n",
                possible, found, asLate);
        assertThat(possible).isBetween(25, 39);
        assertThat(found).isGreaterThanOrEqualTo(possible - 6);
        assertThat(asLate).isGreaterThanOrEqualTo(found * 2 / 3);
    }

    @Test
    void saysTheSameForTheSameSeed() {
        final Workload load = SmallWeeks.of(4);
        assertThat(FirstPlan.of(load, 9)).isEqualTo(FirstPlan.of(load, 9));
    }
}
