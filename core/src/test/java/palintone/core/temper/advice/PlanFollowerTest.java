package palintone.core.temper.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import palintone.core.Samples;
import palintone.core.figure.Range;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.estimate.Estimate;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.CurvePhase;
import palintone.core.temper.method.CurvePlanner;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.temper.trace.BowlEvent;

/** A bowl exactly as planned is never told that it is wrong. */
class PlanFollowerTest {

    private static TemperCurve plan(final TemperingMethod method) {
        return CurvePlanner.forward(
                new CurveOrder(
                        Samples.dark(),
                        FluidityClass.MEDIUM,
                        TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW),
                        2400,
                        VesselKind.STEEL_BOWL,
                        method,
                        20,
                        new Equipment(new HeatSource(600, 0.6), 18, 0.54, 30, 15, 6000, 800),
                        Optional.empty()));
    }

    private static Estimate estimate(final Crystals crystals) {
        final Range stable = new Range(crystals.stable() * 0.8, crystals.stable() * 1.2);
        return new Estimate(
                crystals,
                stable,
                new Range(0, crystals.unstable()),
                Map.of(Verdict.of(crystals, crystals.stable()), 1.0));
    }

    /** Just melted by cold bath at 46.5 °C: it is there, and the bath is next, with its number. */
    @Test
    void justMeltedIsRightAndTheBathIsNext() {
        final PlanFollower bowl = new PlanFollower(plan(TemperingMethod.COLD_BATH));
        final Estimate none = estimate(Crystals.NONE);
        bowl.reading(0, 46.5, none);
        final PlanFollower.Here here = bowl.here(none).orElseThrow();
        assertThat(here.standing()).isEqualTo(PlanFollower.Standing.THERE);
        assertThat(here.byK()).isZero();
        final AdvisedStep next = here.move().orElseThrow();
        assertThat(next.kind()).isEqualTo(AdvisedStep.StepKind.COOL_BATH);
        assertThat(next.say().template()).contains("Stand the bowl in water of {bath}");
        assertThat(next.say().values().get("to").value()).isBetween(25.5, 27.5);
    }

    @Test
    void onItsWayDownItSaysHowFar() {
        final PlanFollower bowl = new PlanFollower(plan(TemperingMethod.COLD_BATH));
        final Estimate none = estimate(Crystals.NONE);
        bowl.reading(0, 46.5, none);
        bowl.reading(120, 38, none);
        final PlanFollower.Here here = bowl.here(none).orElseThrow();
        assertThat(bowl.plan().phases().get(here.phase()).kind())
                .isEqualTo(CurvePhase.PhaseKind.COOL);
        assertThat(here.standing()).isEqualTo(PlanFollower.Standing.ON_THE_WAY);
        assertThat(here.byK()).isBetween(9.0, 13.0);
        assertThat(here.enteredS()).isEqualTo(120);
    }

    @Test
    void belowTheCoolPointIsPastItAndFarBelowOffThePlan() {
        final PlanFollower bowl = new PlanFollower(plan(TemperingMethod.COLD_BATH));
        final Estimate none = estimate(Crystals.NONE);
        bowl.reading(0, 46.5, none);
        bowl.reading(300, 30, none);
        bowl.reading(360, 25.4, none);
        assertThat(bowl.here(none).orElseThrow().standing()).isEqualTo(PlanFollower.Standing.PAST);
        bowl.reading(400, 22, none);
        assertThat(bowl.here(none).orElseThrow().standing())
                .isEqualTo(PlanFollower.Standing.OFF_THE_PLAN);
        assertThat(bowl.here(none).orElseThrow().move()).isEmpty();
    }

    @Test
    void rewarmedPastTheWindowThePlanIsLeft() {
        final PlanFollower bowl = new PlanFollower(plan(TemperingMethod.COLD_BATH));
        final Estimate none = estimate(Crystals.NONE);
        final Estimate some = estimate(new Crystals(0.01, 0));
        bowl.reading(0, 46.5, none);
        bowl.reading(300, 26.7, none);
        bowl.reading(500, 26.6, some);
        bowl.reading(600, 31.4, some);
        assertThat(bowl.here(some).orElseThrow().standing()).isEqualTo(PlanFollower.Standing.THERE);
        bowl.reading(660, 34.5, some);
        assertThat(bowl.here(some).orElseThrow().standing())
                .isEqualTo(PlanFollower.Standing.OFF_THE_PLAN);
    }

    @Test
    void seedIsAskedForUntilItIsNoted() {
        final PlanFollower bowl = new PlanFollower(plan(TemperingMethod.SEED_FEW));
        final Estimate none = estimate(Crystals.NONE);
        bowl.reading(0, 47, none);
        final double at = bowl.plan().phases().get(1).toC();
        assertThat(at).isBetween(33.0, 34.5);
        bowl.reading(300, at + 0.4, none);
        bowl.reading(330, at, none);
        final AdvisedStep seed = bowl.here(none).orElseThrow().move().orElseThrow();
        assertThat(seed.kind()).isEqualTo(AdvisedStep.StepKind.SEED);
        bowl.happened(
                BowlEvent.of(
                        BowlEvent.EventKind.SEED, 340, seed.say().values().get("seed").value()));
        bowl.reading(360, 33.6, estimate(new Crystals(0.015, 0)));
        final PlanFollower.Here after = bowl.here(estimate(new Crystals(0.015, 0))).orElseThrow();
        assertThat(after.move().map(AdvisedStep::kind))
                .isNotEqualTo(Optional.of(AdvisedStep.StepKind.SEED));
        assertThat(after.standing())
                .isIn(PlanFollower.Standing.ON_THE_WAY, PlanFollower.Standing.THERE);
    }

    /** Fed with its own curve, with what a maker would note, every method stays on its plan. */
    @ParameterizedTest
    @EnumSource(TemperingMethod.class)
    void aBowlExactlyAsPlannedIsNeverOffIt(final TemperingMethod method) {
        final TemperCurve plan = plan(method);
        final PlanFollower bowl = new PlanFollower(plan);
        final List<String> wrong = new ArrayList<>();
        double seeded = Double.NaN;
        double tabled = Double.NaN;
        for (final CurvePhase phase : plan.phases()) {
            if (phase.kind() == CurvePhase.PhaseKind.SEED) {
                seeded = phase.startS();
            }
            if (method == TemperingMethod.TABLING && phase.kind() == CurvePhase.PhaseKind.REWARM) {
                tabled = Double.isNaN(tabled) ? phase.startS() : tabled;
            }
        }
        int before = 0;
        for (final BowlState state : plan.path()) {
            if (state.timeS() >= seeded) {
                bowl.happened(
                        BowlEvent.of(
                                BowlEvent.EventKind.SEED, state.timeS(), plan.order().massG() / 3));
                seeded = Double.NaN;
            }
            if (state.timeS() >= tabled) {
                bowl.happened(new BowlEvent(BowlEvent.EventKind.TABLED, state.timeS(), 0.67, 240));
                tabled = Double.NaN;
            }
            final Estimate estimate = estimate(state.crystals());
            bowl.reading(state.timeS(), state.temperatureC(), estimate);
            final PlanFollower.Here here = bowl.here(estimate).orElseThrow();
            assertThat(here.phase()).isGreaterThanOrEqualTo(before);
            before = here.phase();
            // At work it cools out of its window in the end: that is said, and is not the plan's.
            if (here.standing() == PlanFollower.Standing.OFF_THE_PLAN
                    && state.timeS() < plan.ready().value() * 60) {
                wrong.add(state.timeS() + " s " + state.temperatureC() + " °C in " + here.phase());
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(before).isEqualTo(plan.phases().size() - 1);
    }
}
