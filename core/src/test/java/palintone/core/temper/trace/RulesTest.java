package palintone.core.temper.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.TemperTargets;

/** Each rule is broken by a curve made for it, and by no other. Common practice, no source. */
class RulesTest {

    private static final double[] GOOD = {0, 40, 4, 47, 16, 26.5, 21, 26.4, 24, 31.5, 40, 31.3};

    private static TraceReader.TraceReading read(
            final List<Sample> samples, final BowlEvent... events) {
        return TraceReader.read(
                Samples.dark(),
                TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW),
                3000,
                20,
                samples,
                List.of(events));
    }

    private static List<String> broken(final TraceReader.TraceReading reading) {
        return reading.rules().stream().filter(r -> !r.kept()).map(Rule::name).toList();
    }

    private static List<String> broken(final double... corners) {
        return broken(read(PhaseFinderTest.drawn(corners)));
    }

    @Test
    void aGoodCurveBreaksNone() {
        assertThat(broken(GOOD)).isEmpty();
        assertThat(read(PhaseFinderTest.drawn(GOOD)).changes()).isEmpty();
    }

    @Test
    void tooLittleMelting() {
        assertThat(broken(0, 30, 4, 41, 16, 26.5, 21, 26.4, 24, 31.5, 40, 31.3))
                .contains("every crystal melted out");
    }

    @Test
    void scorching() {
        final TraceReader.TraceReading reading =
                read(PhaseFinderTest.drawn(0, 40, 4, 58, 16, 26.5, 21, 26.4, 24, 31.5, 40, 31.3));
        assertThat(broken(reading)).containsExactly("not scorched");
        final Rule rule = reading.rules().stream().filter(r -> !r.kept()).findFirst().orElseThrow();
        assertThat(rule.size().values().get("hottest").value()).isBetween(57.0, 58.0);
        assertThat(rule.size().values().get("time").value()).isBetween(50.0, 130.0);
        assertThat(rule.atS()).isBetween(150.0, 260.0);
        assertThat(reading.changes()).hasSize(1);
    }

    @Test
    void noStartForCrystals() {
        assertThat(broken(0, 40, 4, 47, 30, 31.8, 40, 31.3))
                .contains("crystals given a start", "seed enough when work began");
    }

    @Test
    void seedNotedIsAStart() {
        final List<Sample> samples =
                PhaseFinderTest.drawn(0, 40, 4, 47, 20, 33.2, 23, 31.8, 40, 31.3);
        assertThat(broken(read(samples, BowlEvent.of(BowlEvent.EventKind.SEED, 1200, 90))))
                .doesNotContain("crystals given a start", "seed enough when work began");
    }

    @Test
    void tooCold() {
        assertThat(broken(0, 40, 4, 47, 16, 22, 21, 22, 26, 31.5, 30, 31.3))
                .contains("not too cold for too long");
    }

    @Test
    void rewarmedTooFar() {
        assertThat(broken(0, 40, 4, 47, 16, 26.5, 21, 26.4, 26, 36, 31, 31.5, 40, 31.3))
                .contains("never above the window once tempered");
    }

    @Test
    void workedBelowTheWindow() {
        assertThat(broken(0, 40, 4, 47, 16, 26.5, 21, 26.4, 24, 31.5, 40, 28))
                .contains("worked inside the window");
    }

    @Test
    void grownTooThick() {
        final TraceReader.TraceReading reading =
                read(PhaseFinderTest.drawn(0, 40, 4, 47, 16, 26.5, 24, 26.4, 27, 31.2, 160, 31.1));
        assertThat(broken(reading)).contains("not grown too thick");
        assertThat(reading.verdict().words()).isEqualTo("over-tempered");
    }

    @Test
    void unsteadyReading() {
        final List<Sample> samples = PhaseFinderTest.drawn(GOOD);
        final List<Sample> faulty = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            final Sample s = samples.get(i);
            faulty.add(i % 6 == 2 ? new Sample(s.timeS(), Double.NaN) : s);
        }
        assertThat(broken(read(faulty))).containsExactly("readings can be trusted");
    }

    @Test
    void tooFewReadingsAreSaid() {
        assertThatThrownBy(() -> read(List.of(new Sample(0, 40), new Sample(1, Double.NaN))))
                .hasMessage("readings is 1 usable of 2; allowed: five or more that can be used");
    }

    /** Every reading is in the picture or named. */
    @Test
    void theLaneCoversTheTrace() {
        final TraceReader.TraceReading reading = read(PhaseFinderTest.drawn(GOOD));
        assertThat(reading.lane().get(0).timeS()).isZero();
        assertThat(reading.lane().get(reading.lane().size() - 1).timeS())
                .isGreaterThan(reading.trace().seconds() - 60);
        assertThat(reading.lane())
                .allSatisfy(
                        p ->
                                assertThat(p.estimate().middle().stable())
                                        .isBetween(
                                                p.estimate().stable().low() - 1e-12,
                                                p.estimate().stable().high() + 1e-12));
    }
}
