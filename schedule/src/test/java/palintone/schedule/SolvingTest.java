package palintone.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import palintone.core.plan.EveryPlan;
import palintone.core.plan.FirstPlan;
import palintone.core.plan.Plan;
import palintone.core.plan.PlanChecker;
import palintone.core.plan.Run;
import palintone.core.plan.SmallWeeks;
import palintone.core.plan.Workload;
import palintone.core.plan.Worth;

/** What is found against every plan there is, on forty small workloads. */
class SolvingTest {

    private static final double EFFORT = 20;

    static List<Workload> forty() {
        return SmallWeeks.forty();
    }

    private static Ask ask(final Workload load) {
        return new Ask(Ask.What.PLAN, load, FirstPlan.of(load, 1), EFFORT, 1, List.of());
    }

    private static Optional<Plan> last(final List<Said> said) {
        return said.stream().flatMap(s -> s.plan().stream()).reduce((first, then) -> then);
    }

    /**
     * Every plan begins at a multiple of ten minutes, as all that they are made of does; the solver
     * may begin at any minute, and is never better for it.
     */
    @ParameterizedTest
    @MethodSource("forty")
    void isAsGoodAsTheBestOfAll(final Workload load) {
        final Optional<Plan> best = EveryPlan.best(load);
        final List<Said> said = Solving.all(ask(load));
        if (best.isEmpty()) {
            assertThat(said).extracting(Said::kind).contains(Said.Kind.IMPOSSIBLE);
            return;
        }
        final Plan found = last(said).or(() -> FirstPlan.of(load, 1)).orElseThrow();
        assertThat(PlanChecker.broken(load, found)).isEmpty();
        final Worth worth = Worth.of(load, found);
        assertThat(worth).isEqualTo(Worth.of(load, best.get()));
        for (final Said one : said) {
            if (one.kind() == Said.Kind.PROVEN) {
                assertThat(one.bound()).isLessThanOrEqualTo(one.wish().orElseThrow().of(worth));
                assertThat(one.value()).isEqualTo(one.wish().orElseThrow().of(worth));
            }
        }
        assertThat(said.stream().filter(s -> s.kind() == Said.Kind.PROVEN))
                .hasSize(Wish.values().length);
    }

    /**
     * Dropping any one due moment of a clash frees the others, and none is left out that matters.
     */
    @ParameterizedTest
    @MethodSource("forty")
    void aClashIsTheSmallest(final Workload load) {
        final Optional<Plan> best = EveryPlan.best(load);
        if (best.isEmpty()) {
            return;
        }
        final List<String> dues =
                load.runs().stream().filter(r -> r.due().isPresent()).map(Run::id).toList();
        final List<Said> said =
                Solving.all(new Ask(Ask.What.CLASH, load, Optional.empty(), EFFORT, 1, dues));
        final List<String> clash = said.get(0).runs();
        if (Worth.of(load, best.get()).lateMin() == 0) {
            assertThat(clash).isEmpty();
            return;
        }
        assertThat(clash).isNotEmpty();
        assertThat(inTime(load, clash)).isFalse();
        for (final String one : clash) {
            assertThat(inTime(load, clash.stream().filter(id -> !id.equals(one)).toList()))
                    .as("without " + one)
                    .isTrue();
        }
    }

    private static boolean inTime(final Workload load, final List<String> dues) {
        final Workload only =
                load.running(
                        load.runs().stream()
                                .map(
                                        r ->
                                                dues.contains(r.id())
                                                        ? r
                                                        : new Run(
                                                                r.id(),
                                                                r.name(),
                                                                r.earliest(),
                                                                java.util.OptionalInt.empty()))
                                .toList());
        return EveryPlan.best(only).filter(p -> Worth.of(only, p).lateMin() == 0).isPresent();
    }

    @Test
    void theSameSeedFindsTheSame() {
        final Workload load = SmallWeeks.of(2);
        assertThat(Solving.all(ask(load))).isEqualTo(Solving.all(ask(load)));
    }
}
