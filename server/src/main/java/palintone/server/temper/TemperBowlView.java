package palintone.server.temper;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import palintone.core.figure.Unit;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.Verdict;
import palintone.core.temper.advice.AdvisedStep;
import palintone.core.temper.advice.Alarm;
import palintone.core.temper.advice.PlanFollower;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.method.CurvePhase;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.temper.trace.BowlEvent;
import palintone.server.figure.BandView;
import palintone.server.figure.SentenceView;

/** A bowl as it stands, with what to do next. */
public record TemperBowlView(
        SummaryView summary,
        double clockS,
        BandView melt,
        BandView work,
        @Nullable NowView now,
        @Nullable PlanView plan,
        List<MoveView> moves,
        List<AlarmView> alarms,
        List<BowlEventView> events,
        List<TypedView> typed) {

    /** What is said of a bowl in a list. */
    public record SummaryView(
            UUID id,
            String name,
            String couverture,
            double massG,
            double roomC,
            VesselKind vessel,
            @Nullable TemperingMethod method,
            @Nullable String probe,
            TemperBowlEntity.Source source,
            TemperBowlEntity.State state,
            Instant beganAt,
            double pace) {

        static SummaryView of(final TemperBowlEntity bowl) {
            return new SummaryView(
                    bowl.id(),
                    bowl.name(),
                    bowl.couvertureId(),
                    bowl.massG(),
                    bowl.roomC(),
                    bowl.vessel(),
                    bowl.method().orElse(null),
                    bowl.probe().orElse(null),
                    bowl.source(),
                    bowl.state(),
                    bowl.beganAt(),
                    bowl.pace());
        }
    }

    /**
     * What is in it. Shares are per cent of the fat, margins what nine bowls in ten lie in.
     *
     * @param windowClosesInS seconds of its own clock until work must pause; empty out of temper
     */
    public record NowView(
            double timeS,
            double temperatureC,
            double massG,
            CouvertureKind kind,
            double stablePercent,
            double stableLowPercent,
            double stableHighPercent,
            double unstablePercent,
            Verdict verdict,
            String verdictWords,
            double likelihood,
            @Nullable Double windowClosesInS,
            double thickness,
            int readings,
            int apart,
            PlanFollower.Standing standing,
            double byK) {}

    /**
     * The curve chosen for the bowl, and where it stands on it.
     *
     * @param at index of the phase under way
     * @param shiftS to be added to the plan's times, so that this phase begins when it did
     */
    public record PlanView(
            TemperingMethod method,
            String words,
            List<CurveView.PhaseView> phases,
            CurveView.PathView path,
            int at,
            double shiftS) {

        /** Work goes on for hours; so much of it is drawn, s. */
        private static final double BEYOND_S = 900;

        static PlanView of(final LiveBowl.OnPlan on) {
            final CurvePhase phase = on.plan().phases().get(on.here().phase());
            // A bowl begun already melted stands at the end of its melting.
            final boolean begunThere =
                    phase.kind() == CurvePhase.PhaseKind.MELT
                            && on.here().standing() == PlanFollower.Standing.THERE;
            return new PlanView(
                    on.plan().order().method(),
                    on.plan().order().method().words(),
                    on.plan().phases().stream().map(CurveView.PhaseView::of).toList(),
                    CurveView.PathView.of(
                            on.plan().path().stream()
                                    .filter(
                                            s ->
                                                    s.timeS()
                                                            <= on.plan().ready().value() * 60
                                                                    + BEYOND_S)
                                    .toList()),
                    on.here().phase(),
                    on.here().enteredS() - (begunThere ? phase.endS() : phase.startS()));
        }
    }

    /** A move and what comes of it. */
    public record MoveView(
            AdvisedStep.StepKind kind,
            SentenceView say,
            double amount,
            Unit unit,
            double minutes,
            double endsC,
            double endsStablePercent,
            Verdict verdict,
            String verdictWords) {

        static MoveView of(final AdvisedStep move) {
            return new MoveView(
                    move.kind(),
                    SentenceView.of(move.say()),
                    move.amount().value(),
                    move.amount().unit(),
                    move.outcome().minutes(),
                    move.outcome().temperatureC(),
                    move.outcome().stable() * 100,
                    move.outcome().verdict(),
                    move.outcome().verdict().words());
        }
    }

    /** Something to be heard at once. */
    public record AlarmView(Alarm.AlarmKind kind, boolean grave, SentenceView say) {
        static AlarmView of(final Alarm alarm) {
            return new AlarmView(alarm.kind(), alarm.grave(), SentenceView.of(alarm.say()));
        }
    }

    /** Something done or seen. */
    public record BowlEventView(
            UUID id,
            BowlEvent.EventKind kind,
            String words,
            double timeS,
            double amount,
            double seconds,
            String text,
            boolean corrected) {

        static BowlEventView of(final BowlEventEntity entity) {
            final BowlEvent h = entity.event();
            return new BowlEventView(
                    entity.getId(),
                    h.kind(),
                    h.kind().words(),
                    h.timeS(),
                    h.amount(),
                    h.seconds(),
                    entity.text(),
                    entity.corrected());
        }
    }

    /** A temperature typed by hand. */
    public record TypedView(UUID id, double timeS, double celsius, boolean corrected) {
        static TypedView of(final ReadingStore.Typed typed, final Instant beganAt) {
            return new TypedView(
                    typed.id(),
                    (typed.atUs() - ReadingStore.micros(beganAt)) / 1e6,
                    typed.celsius(),
                    typed.corrected());
        }
    }

    static Optional<Double> closes(final List<AdvisedStep> moves) {
        return moves.stream()
                .filter(m -> m.kind() == AdvisedStep.StepKind.WORK)
                .findFirst()
                .map(m -> m.outcome().minutes() * 60);
    }
}
