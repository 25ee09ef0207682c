package palintone.core.temper.advice;

import java.util.ArrayList;
import java.util.List;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.estimate.Estimate;

/**
 * Something the maker must hear of at once.
 *
 * @param grave true where the bowl is being spoilt, false for a reminder
 */
public record Alarm(AlarmKind kind, boolean grave, Sentence say) {

    /** What it is about. */
    public enum AlarmKind {
        SCORCH,
        LOST,
        NEAR_TOP,
        NEAR_BOTTOM,
        TOO_COLD,
        THICKENING,
        PROBE_SILENT,
        IMPLAUSIBLE
    }

    private static final double EDGE_K = 0.3;
    private static final double SCORCH_EDGE_K = 2;
    private static final double SILENT_S = 60;
    private static final double TOO_COLD_K = 2.5;
    private static final double THICK_PART = 0.6;

    /**
     * @param curve of the couverture, to know what its crystals bear
     * @param silentS seconds since the probe was heard; 0 where readings are typed
     * @param doubting true where the last reading does not fit the ones before
     */
    public static List<Alarm> of(
            final TemperTargets targets,
            final SolidFatCurve curve,
            final double temperatureC,
            final Estimate estimate,
            final double silentS,
            final boolean doubting) {
        final List<Alarm> alarms = new ArrayList<>();
        if (silentS > SILENT_S) {
            alarms.add(
                    new Alarm(
                            AlarmKind.PROBE_SILENT,
                            true,
                            Sentence.of(
                                            "The probe has been silent for {time}: look at it, read by"
                                                    + " hand.")
                                    .with("time", silentS, Unit.SECOND)));
        }
        if (doubting) {
            alarms.add(
                    new Alarm(
                            AlarmKind.IMPLAUSIBLE,
                            false,
                            Sentence.of(
                                    "A reading leaps from those before: it is held back until two"
                                            + " more agree with it. Stir, and read in the middle.")));
        }
        scorch(alarms, targets, temperatureC);
        final Verdict verdict = estimate.verdict();
        if (verdict == Verdict.IN_TEMPER || verdict == Verdict.OVER) {
            window(alarms, targets.work(), temperatureC, estimate);
        }
        if (verdict == Verdict.LOST) {
            alarms.add(
                    new Alarm(
                            AlarmKind.LOST,
                            true,
                            Sentence.of(
                                    "The temper is lost: cast nothing. Seed it anew, or melt it out"
                                            + " and start again.")));
        }
        final double coldC = curve.fromCocoaButterC(CrystalLaw.NUCLEATION_C) - TOO_COLD_K;
        if (temperatureC < coldC && estimate.middle().solid() < 0.2) {
            alarms.add(
                    new Alarm(
                            AlarmKind.TOO_COLD,
                            true,
                            Sentence.of("Below {limit} the wrong crystals come fast: warm it now.")
                                    .with("limit", coldC, Unit.CELSIUS)));
        }
        return List.copyOf(alarms);
    }

    private static void scorch(
            final List<Alarm> alarms, final TemperTargets targets, final double temperatureC) {
        final double limit = targets.melt().highLimit();
        if (temperatureC > limit - SCORCH_EDGE_K) {
            alarms.add(
                    new Alarm(
                            AlarmKind.SCORCH,
                            temperatureC > limit,
                            Sentence.of("{now}: at {limit} it scorches. Off the heat and stir.")
                                    .with("now", temperatureC, Unit.CELSIUS)
                                    .with("limit", limit, Unit.CELSIUS)));
        }
    }

    private static void window(
            final List<Alarm> alarms,
            final Band work,
            final double temperatureC,
            final Estimate estimate) {
        if (temperatureC > work.high() - EDGE_K) {
            alarms.add(
                    new Alarm(
                            AlarmKind.NEAR_TOP,
                            temperatureC > work.high() + EDGE_K,
                            Sentence.of(
                                            "{now}, top of the window {top}: no more heat. Good now for"
                                                    + " lines and fine detail.")
                                    .with("now", temperatureC, Unit.CELSIUS)
                                    .with("top", work.high(), Unit.CELSIUS)));
        } else if (temperatureC < work.low() + EDGE_K && temperatureC > work.low() - 2) {
            alarms.add(
                    new Alarm(
                            AlarmKind.NEAR_BOTTOM,
                            temperatureC < work.low() - EDGE_K,
                            Sentence.of("{now}, bottom of the window {low}: rewarm.")
                                    .with("now", temperatureC, Unit.CELSIUS)
                                    .with("low", work.low(), Unit.CELSIUS)));
        }
        if (estimate.middle().solid() > THICK_PART * Verdict.THICK_SOLID) {
            alarms.add(
                    new Alarm(
                            AlarmKind.THICKENING,
                            false,
                            Sentence.of(
                                            "{solid} of the fat is solid: it thickens. Top of the"
                                                    + " window, or warm couverture.")
                                    .with("solid", estimate.middle().solid() * 100, Unit.PERCENT)));
        }
    }
}
