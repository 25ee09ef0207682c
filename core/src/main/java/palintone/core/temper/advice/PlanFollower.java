package palintone.core.temper.advice;

import java.util.List;
import java.util.Optional;
import palintone.core.figure.Band;
import palintone.core.figure.Quantity;
import palintone.core.figure.Unit;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.estimate.Estimate;
import palintone.core.temper.method.CurvePhase;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.temper.trace.BowlEvent;

/**
 * Where a bowl stands on the curve chosen for it: fed with readings and with what is noted, in
 * order of time, it knows the phase, judges the last reading against that phase, and names the
 * plan's next move. Mutable: it has a history.
 */
public final class PlanFollower {

    /** A phase is entered by a reading this far on the other side of what the last one ended at. */
    private static final double LEFT_K = 0.8;

    /** Half of the seed a plan asks for is taken for it: some keep a little back. */
    private static final double MOST_OF_SEED = 0.5;

    /** Seed goes in so near to its temperature, K; further off it melts away or stays in lumps. */
    private static final double SEED_AT_K = 0.8;

    private static final double SEED_OFF_K = 12;

    /** Held for so much of the planned time counts as held. */
    private static final double MOST_OF_HOLD = 0.8;

    private final TemperCurve plan;
    private final double wantedStable;
    private int at;
    private boolean reached;
    private double enteredS = Double.NaN;
    private double lastS = Double.NaN;
    private double lastC = Double.NaN;
    private double seededG;

    /**
     * @param plan the curve chosen for this bowl
     */
    public PlanFollower(final TemperCurve plan) {
        this.plan = plan;
        wantedStable = Math.max(Verdict.LEAST_STABLE, plan.stable().value() / 100 * 0.6);
    }

    /** How the last reading stands against its phase. */
    public enum Standing {
        /** Not there yet, and moving as planned. */
        ON_THE_WAY,
        /** Where the phase should end. */
        THERE,
        /** Past it, within what can be mended on the way. */
        PAST,
        /** So far past it that the plan no longer holds. */
        OFF_THE_PLAN
    }

    /**
     * Where it stands.
     *
     * @param phase index of the phase under way in the plan
     * @param standing of the last reading against it
     * @param byK kelvins still to go, or past it; 0 when it is there
     * @param enteredS when this phase was entered, s of the bowl's clock
     * @param move what the plan does next; empty in the working phase, where the bowl itself is
     *     asked
     */
    public record Here(
            int phase,
            Standing standing,
            double byK,
            double enteredS,
            Optional<AdvisedStep> move) {}

    public TemperCurve plan() {
        return plan;
    }

    /** A reading that may be trusted; not earlier than the one before. */
    public void reading(final double timeS, final double temperatureC, final Estimate estimate) {
        if (Double.isNaN(enteredS)) {
            enteredS = timeS;
        }
        lastS = timeS;
        lastC = temperatureC;
        boolean moved = true;
        while (moved && at < plan.phases().size() - 1) {
            reached |= ends(estimate);
            moved = reached && leaves(temperatureC, estimate);
            if (moved) {
                next(timeS);
            }
        }
        reached |= ends(estimate);
    }

    /** Something done or seen. */
    public void happened(final BowlEvent event) {
        final double now = Double.isNaN(lastS) ? event.timeS() : Math.max(lastS, event.timeS());
        switch (event.kind()) {
            case SEED -> {
                skipTo(CurvePhase.PhaseKind.SEED, now);
                seededG += event.amount();
                if (phase().kind() == CurvePhase.PhaseKind.SEED
                        && seededG >= seedG() * MOST_OF_SEED) {
                    reached = true;
                }
            }
            case TABLED -> {
                if (plan.order().method() == TemperingMethod.TABLING) {
                    skipTo(CurvePhase.PhaseKind.REWARM, now);
                }
            }
            default -> {
                // Says nothing about the phase.
            }
        }
    }

    /** Where it stands now; empty before the first reading. */
    public Optional<Here> here(final Estimate estimate) {
        if (Double.isNaN(lastC)) {
            return Optional.empty();
        }
        final Standing standing = standing(estimate);
        final Band band = band();
        final double by =
                switch (standing) {
                    case THERE -> 0;
                    case ON_THE_WAY ->
                            falling() ? lastC - band.high() : Math.max(0, band.low() - lastC);
                    default -> band.outBy(lastC);
                };
        return Optional.of(
                new Here(
                        at,
                        standing,
                        Math.abs(by),
                        enteredS,
                        standing == Standing.OFF_THE_PLAN
                                        || awaitsSeed() && standing == Standing.PAST
                                ? Optional.empty()
                                : move()));
    }

    private Standing standing(final Estimate estimate) {
        final Band band = band();
        final boolean worked =
                phase().kind() == CurvePhase.PhaseKind.REWARM
                        || phase().kind() == CurvePhase.PhaseKind.WORK;
        if (lastC > plan.order().targets().melt().highLimit()
                || worked && lastC > band.highLimit()
                || worked && estimate.verdict() == Verdict.LOST) {
            return Standing.OFF_THE_PLAN;
        }
        if (band.outBy(lastC) == 0) {
            return Standing.THERE;
        }
        if (reached && phase().kind() == CurvePhase.PhaseKind.MELT && lastC < band.low()) {
            // Melted, and falling by itself before it is cooled.
            return Standing.THERE;
        }
        final boolean before = falling() ? lastC > band.high() : rising() && lastC < band.low();
        if (before) {
            return Standing.ON_THE_WAY;
        }
        return lastC < band.lowLimit() || lastC > band.highLimit()
                ? Standing.OFF_THE_PLAN
                : Standing.PAST;
    }

    /**
     * The same for a bowl nobody has chosen a curve for: melted is right, on its way down is no
     * fault, and only what has been in temper can be past its window.
     */
    public static Standing unplanned(
            final TemperTargets targets, final double temperatureC, final Estimate estimate) {
        final Band work = targets.work();
        if (temperatureC > targets.melt().highLimit() || estimate.verdict() == Verdict.LOST) {
            return Standing.OFF_THE_PLAN;
        }
        if (work.outBy(temperatureC) == 0 || targets.melt().outBy(temperatureC) == 0) {
            return Standing.THERE;
        }
        if (estimate.verdict() == Verdict.IN_TEMPER) {
            return temperatureC > work.highLimit() ? Standing.OFF_THE_PLAN : Standing.PAST;
        }
        return Standing.ON_THE_WAY;
    }

    private boolean falling() {
        return phase().kind() == CurvePhase.PhaseKind.COOL
                || phase().kind() == CurvePhase.PhaseKind.SEED;
    }

    private boolean rising() {
        return phase().kind() == CurvePhase.PhaseKind.MELT
                || phase().kind() == CurvePhase.PhaseKind.REWARM;
    }

    private boolean awaitsSeed() {
        return phase().kind() == CurvePhase.PhaseKind.SEED && !reached;
    }

    /** Where the phase should end; before the seed is in, where it should go in. */
    private Band band() {
        return phase().seed()
                .filter(seed -> awaitsSeed())
                .map(
                        seed ->
                                Band.around(
                                        seed.atC() - SEED_AT_K, seed.atC() + SEED_AT_K, SEED_OFF_K))
                .orElseGet(() -> phase().band());
    }

    private CurvePhase phase() {
        return plan.phases().get(at);
    }

    private double seedG() {
        return phase().seed().map(CurvePhase.Seed::grams).orElse(0.0);
    }

    /** Whether the phase has got to where it should end. */
    private boolean ends(final Estimate estimate) {
        final Band band = phase().band();
        return switch (phase().kind()) {
            case MELT, REWARM -> lastC >= band.low() - 0.05;
            case COOL -> lastC <= band.high() + 0.05;
            case SEED -> reached;
            case HOLD ->
                    estimate.middle().stable() >= wantedStable
                            || lastS - enteredS
                                            >= (phase().endS() - phase().startS()) * MOST_OF_HOLD
                                    && lastC <= band.highLimit();
            case WORK -> false;
        };
    }

    /** Whether the next phase has plainly begun. */
    private boolean leaves(final double temperatureC, final Estimate estimate) {
        final CurvePhase next = plan.phases().get(at + 1);
        return switch (next.kind()) {
            case MELT -> false;
            case COOL -> temperatureC < phase().band().low() - LEFT_K || phaseIsSeed();
            case SEED, HOLD -> true;
            case REWARM ->
                    phaseIsSeed()
                            || temperatureC > lowest() + LEFT_K
                            || estimate.middle().stable() >= wantedStable
                                    && phase().kind() == CurvePhase.PhaseKind.HOLD;
            case WORK -> true;
        };
    }

    private boolean phaseIsSeed() {
        return phase().kind() == CurvePhase.PhaseKind.SEED;
    }

    private double lowest() {
        return phase().band().high();
    }

    private void skipTo(final CurvePhase.PhaseKind kind, final double timeS) {
        for (int i = at; i < plan.phases().size(); i++) {
            if (plan.phases().get(i).kind() == kind) {
                while (at < i) {
                    next(timeS);
                }
                return;
            }
        }
    }

    private void next(final double timeS) {
        at++;
        reached = false;
        enteredS = timeS;
        seededG = 0;
    }

    /** The move of the phase under way, or of the next one when this one is there. */
    private Optional<AdvisedStep> move() {
        final int of = reached ? Math.min(at + 1, plan.phases().size() - 1) : at;
        final CurvePhase phase = plan.phases().get(of);
        if (phase.kind() == CurvePhase.PhaseKind.WORK) {
            return Optional.empty();
        }
        final BowlState end = stateAt(phase.endS());
        return Optional.of(
                new AdvisedStep(
                        kind(phase),
                        phase.say(),
                        Quantity.of(phase.minutes(), Unit.MINUTE),
                        new AdvisedStep.StepOutcome(
                                phase.minutes(),
                                phase.toC(),
                                end.crystals().stable(),
                                Verdict.of(end.crystals(), end.crystals().stable()))));
    }

    private BowlState stateAt(final double timeS) {
        final List<BowlState> path = plan.path();
        BowlState found = path.get(0);
        for (final BowlState state : path) {
            if (state.timeS() <= timeS + 1e-6) {
                found = state;
            }
        }
        return found;
    }

    private AdvisedStep.StepKind kind(final CurvePhase phase) {
        return switch (phase.kind()) {
            case MELT -> AdvisedStep.StepKind.MELT;
            case COOL ->
                    switch (plan.order().method()) {
                        case TABLING -> AdvisedStep.StepKind.TABLE;
                        case COLD_BATH, COLD_BATH_QUICK, SEED_FEW, SEED_UNDERCOOL ->
                                AdvisedStep.StepKind.COOL_BATH;
                        default -> AdvisedStep.StepKind.COOL_ROOM;
                    };
            case SEED -> AdvisedStep.StepKind.SEED;
            case HOLD -> AdvisedStep.StepKind.HOLD;
            case REWARM -> AdvisedStep.StepKind.HEAT;
            case WORK -> AdvisedStep.StepKind.WORK;
        };
    }
}
