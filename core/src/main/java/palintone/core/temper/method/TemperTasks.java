package palintone.core.temper.method;

import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.Amount;
import palintone.core.process.Cautions;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;
import palintone.core.temper.TemperTargets;

/** The phases of a planned curve as tasks, the paper test last. */
public final class TemperTasks {

    /** Seconds a tester waits for a smear, most. */
    private static final Clock SMEAR = new Clock(0, 120, 180);

    private TemperTasks() {}

    /**
     * Writes the tempering of a bowl into a process.
     *
     * @param curve planned for this bowl
     * @return number of the paper test, after which it may be worked with
     */
    public static int lay(final ProcessDraft draft, final TemperCurve curve) {
        return lay(draft, curve, true);
    }

    /**
     * The same once more, of a bowl in which its couverture is already.
     *
     * @return number of the paper test
     */
    public static int again(final ProcessDraft draft, final TemperCurve curve) {
        return lay(draft, curve, false);
    }

    private static int lay(final ProcessDraft draft, final TemperCurve curve, final boolean fresh) {
        boolean first = fresh;
        for (final CurvePhase phase : curve.phases()) {
            if (phase.kind() != CurvePhase.PhaseKind.WORK) {
                task(draft, curve, phase, first);
                first = false;
            }
        }
        return test(draft.task(TaskKind.TEST).next(), curve);
    }

    /**
     * Writes only the paper test into a process: of a bowl that stands in temper.
     *
     * @return its number
     */
    public static int testOnly(final ProcessDraft draft, final TemperCurve curve) {
        return test(draft.task(TaskKind.TEST), curve);
    }

    private static int test(final ProcessDraft.TaskDraft task, final TemperCurve curve) {
        return task.say(
                        Sentence.of(
                                "Smear some on paper. How many seconds until it is set and even?"))
                .read("paper test", Unit.SECOND, 90, curve.order().targets().paperTestS())
                .clock(SMEAR)
                .occupies(Occupies.BOWL)
                .source(TemperTargets.SOURCE)
                .done();
    }

    private static void task(
            final ProcessDraft draft,
            final TemperCurve curve,
            final CurvePhase phase,
            final boolean first) {
        final Band band = phase.band();
        final double target = Math.max(band.low(), Math.min(band.high(), phase.aimC()));
        final ProcessDraft.TaskDraft task =
                draft.task(kind(phase))
                        .say(said(curve, phase, first))
                        .read("temperature in the middle", Unit.CELSIUS, target, band)
                        .clock(Clock.about(phase.endS() - phase.startS()))
                        .handsOn(phase.handsOn())
                        .occupies(Occupies.BOWL)
                        .caution(caution(phase, curve.order().method()))
                        .source(curve.ready().basis().sources().get(0));
        if (curve.order().method() == TemperingMethod.TABLING
                && phase.kind() != CurvePhase.PhaseKind.MELT) {
            task.occupies(Occupies.STONE);
        }
        phase.seed().ifPresent(seed -> task.amount(Amount.SEED, seed.grams()));
        (first ? task : task.next()).done();
    }

    /** What it says at the bowl: what goes in first, and what would spoil it last. */
    private static Sentence said(
            final TemperCurve curve, final CurvePhase phase, final boolean first) {
        final Sentence say = first ? chopped(curve).and(phase.say()) : phase.say();
        return phase.caution().map(say::and).orElse(say);
    }

    /** What goes into the bowl at the start; seed comes later. */
    private static Sentence chopped(final TemperCurve curve) {
        return Sentence.of("{chopped} of chopped couverture into the bowl.")
                .with("chopped", curve.path().get(0).massG(), Unit.GRAM);
    }

    /** Steam and splashes burn wherever a bowl stands over water. */
    private static String caution(final CurvePhase phase, final TemperingMethod method) {
        return phase.kind() == CurvePhase.PhaseKind.MELT
                        || method.inWater() && phase.kind() == CurvePhase.PhaseKind.COOL
                ? Cautions.STEAM
                : "";
    }

    private static TaskKind kind(final CurvePhase phase) {
        return switch (phase.kind()) {
            case MELT -> TaskKind.MELT;
            case COOL -> TaskKind.COOL;
            case SEED -> TaskKind.SEED;
            case HOLD -> TaskKind.HOLD;
            case REWARM -> TaskKind.REWARM;
            case WORK -> TaskKind.CAST;
        };
    }
}
