package palintone.core.temper.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.method.CurvePhase.PhaseKind;

/** Stretches of curves drawn by hand, minute by minute. */
class PhaseFinderTest {

    private static final TemperTargets DARK =
            TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW);

    /** Straight lines between corners: minutes and °C in turn. */
    static List<Sample> drawn(final double... corners) {
        final List<Sample> samples = new ArrayList<>();
        for (int c = 0; c + 3 < corners.length; c += 2) {
            final double fromS = corners[c] * 60;
            final double toS = corners[c + 2] * 60;
            for (double t = fromS; t < toS; t += 10) {
                final double along = (t - fromS) / (toS - fromS);
                samples.add(
                        new Sample(t, corners[c + 1] + along * (corners[c + 3] - corners[c + 1])));
            }
        }
        return samples;
    }

    private static List<PhaseFinder.Stretch> find(final double... corners) {
        return PhaseFinder.find(TraceCleaner.clean(drawn(corners)), DARK);
    }

    private static List<PhaseKind> kinds(final List<PhaseFinder.Stretch> stretches) {
        return stretches.stream().map(PhaseFinder.Stretch::kind).toList();
    }

    @Test
    void aWholeCurveHasFiveStretches() {
        final List<PhaseFinder.Stretch> found =
                find(0, 22, 20, 47, 32, 26.5, 36, 26.4, 39, 31.5, 55, 31.2);
        assertThat(kinds(found))
                .containsExactly(
                        PhaseKind.MELT,
                        PhaseKind.COOL,
                        PhaseKind.HOLD,
                        PhaseKind.REWARM,
                        PhaseKind.WORK);
        assertThat(found.get(0).extremeC()).isCloseTo(47, within(0.3));
        assertThat(found.get(0).toS()).isCloseTo(20 * 60, within(15.0));
        assertThat(found.get(2).extremeC()).isCloseTo(26.4, within(0.1));
        assertThat(found.get(2).minutes()).isBetween(3.5, 7.0);
        assertThat(found.get(3).toC()).isCloseTo(31.5, within(0.3));
        assertThat(found.get(4).minutes()).isCloseTo(16, within(1.0));
    }

    @Test
    void aSeededCurveFallsStraightIntoTheWindow() {
        final List<PhaseFinder.Stretch> found = find(0, 30, 10, 46, 14, 33, 20, 31.9, 40, 31.1);
        assertThat(kinds(found)).containsExactly(PhaseKind.MELT, PhaseKind.COOL, PhaseKind.WORK);
        assertThat(found.get(2).fromC()).isLessThanOrEqualTo(32.2);
    }

    @Test
    void aRecordThatBeginsHotHasNoMelt() {
        assertThat(kinds(find(0, 47, 12, 26.5, 17, 26.5, 20, 31.5, 30, 31.3)))
                .containsExactly(PhaseKind.COOL, PhaseKind.HOLD, PhaseKind.REWARM, PhaseKind.WORK);
    }

    @Test
    void aRewarmGoneTooFarEndsAtItsTop() {
        final List<PhaseFinder.Stretch> found =
                find(0, 47, 12, 26.5, 17, 26.5, 21, 36, 30, 31.5, 40, 31.2);
        final PhaseFinder.Stretch rewarm = found.get(2);
        assertThat(rewarm.kind()).isEqualTo(PhaseKind.REWARM);
        assertThat(rewarm.extremeC()).isCloseTo(36, within(0.2));
    }

    @Test
    void stretchesFollowEachOtherWithoutGaps() {
        final List<PhaseFinder.Stretch> found =
                find(0, 22, 20, 47, 32, 26.5, 36, 26.4, 39, 31.5, 55, 31.2);
        for (int i = 1; i < found.size(); i++) {
            assertThat(found.get(i).fromS()).isEqualTo(found.get(i - 1).toS());
        }
    }

    @Test
    void noReadingsHaveNoStretches() {
        assertThat(PhaseFinder.find(TraceCleaner.clean(List.of()), DARK)).isEmpty();
        assertThat(PhaseFinder.find(TraceCleaner.clean(List.of(new Sample(0, 30))), DARK))
                .isEmpty();
    }
}
