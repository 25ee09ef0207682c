package palintone.core.temper.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Range;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.advice.Alarm.AlarmKind;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.estimate.Estimate;

/** When the maker must hear of it, and when not. */
class AlarmTest {

    private static List<AlarmKind> at(
            final double celsius,
            final Verdict verdict,
            final double stable,
            final double silentS) {
        return Alarm.of(
                        TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW),
                        SolidFatCurve.cocoaButter(),
                        celsius,
                        new Estimate(
                                new Crystals(stable, 0),
                                new Range(0, 1),
                                new Range(0, 0),
                                Map.of(verdict, 1.0)),
                        silentS,
                        false)
                .stream()
                .map(Alarm::kind)
                .toList();
    }

    @Test
    void aQuietBowlIsLeftInPeace() {
        assertThat(at(31.5, Verdict.IN_TEMPER, 0.01, 0)).isEmpty();
        assertThat(at(40, Verdict.NONE, 0, 0)).isEmpty();
    }

    @Test
    void edgesOfTheWindowAreTold() {
        assertThat(at(31.9, Verdict.IN_TEMPER, 0.01, 0)).containsExactly(AlarmKind.NEAR_TOP);
        assertThat(at(31.1, Verdict.IN_TEMPER, 0.01, 0)).containsExactly(AlarmKind.NEAR_BOTTOM);
        assertThat(at(31.5, Verdict.IN_TEMPER, 0.07, 0)).containsExactly(AlarmKind.THICKENING);
        // Without temper there is no window to leave.
        assertThat(at(31.9, Verdict.NONE, 0, 0)).isEmpty();
    }

    @Test
    void whatSpoilsTheBowlIsTold() {
        assertThat(at(54, Verdict.NONE, 0, 0)).containsExactly(AlarmKind.SCORCH);
        assertThat(at(31.5, Verdict.LOST, 0.0005, 0)).containsExactly(AlarmKind.LOST);
        assertThat(at(22, Verdict.NONE, 0, 0)).containsExactly(AlarmKind.TOO_COLD);
        assertThat(at(31.5, Verdict.IN_TEMPER, 0.01, 90)).containsExactly(AlarmKind.PROBE_SILENT);
    }

    @Test
    void aReadingThatCannotBeIsAskedForAgain() {
        final List<Alarm> alarms =
                Alarm.of(
                        TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW),
                        SolidFatCurve.cocoaButter(),
                        31.5,
                        new Estimate(
                                new Crystals(0.01, 0),
                                new Range(0, 1),
                                new Range(0, 0),
                                Map.of(Verdict.IN_TEMPER, 1.0)),
                        0,
                        true);
        assertThat(alarms).hasSize(1);
        assertThat(alarms.get(0).say().template()).contains("read in the middle");
    }
}
