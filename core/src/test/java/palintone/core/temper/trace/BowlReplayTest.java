package palintone.core.temper.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import palintone.core.Samples;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.advice.Alarm;

class BowlReplayTest {

    private static BowlReplay begun(final double celsius) {
        final BowlReplay replay = new BowlReplay(Samples.dark(), 3000, 20);
        replay.reading(0, celsius);
        return replay;
    }

    private static void hold(final BowlReplay replay, final double celsius, final int seconds) {
        final double from = replay.lastS();
        for (int s = 10; s <= seconds; s += 10) {
            replay.reading(from + s, celsius);
        }
    }

    private static BowlEvent done(final BowlEvent.EventKind kind, final double amount) {
        return BowlEvent.of(kind, 0, amount);
    }

    @Test
    void aBowlBegunHotHoldsNothing() {
        final BowlReplay replay = begun(47);
        assertThat(replay.now().middle().solid()).isZero();
        assertThat(replay.now().verdict()).isEqualTo(Verdict.NONE);
    }

    @Test
    void aBowlBegunColdIsSolidAndMelts() {
        final BowlReplay replay = begun(20);
        assertThat(replay.now().middle().stable()).isCloseTo(0.76, within(0.05));
        // What has not been thin yet has not gone thick.
        assertThat(replay.now().verdict()).isEqualTo(Verdict.NOT_MELTED);
        assertThat(
                        Alarm.of(
                                TemperTargets.of(Samples.dark().kind(), DarkWindowPractice.LOW),
                                Samples.dark().crystals().curve(),
                                20,
                                replay.now(),
                                0,
                                false))
                .isEmpty();
        hold(replay, 46, 600);
        assertThat(replay.now().middle().stable()).isLessThan(1e-4);
        // It was melted on purpose: nothing was lost.
        assertThat(replay.now().verdict()).isEqualTo(Verdict.NONE);
    }

    @Test
    void aBowlBegunInBetweenIsUncertain() {
        final Verdict verdict = begun(31.5).now().verdict();
        assertThat(verdict).isIn(Verdict.IN_TEMPER, Verdict.UNDER, Verdict.NONE);
        assertThat(begun(31.5).now().likelihood()).isLessThan(0.8);
    }

    @Test
    void seedCountsAndChangesTheMass() {
        final BowlReplay replay = begun(47);
        hold(replay, 33, 300);
        replay.happened(done(BowlEvent.EventKind.SEED, 90));
        assertThat(replay.massG()).isEqualTo(3090);
        // 90 g of 3090 g, three quarters of their fat solid.
        assertThat(replay.now().middle().stable()).isCloseTo(0.022, within(0.004));
        assertThat(replay.now().stable().high())
                .isGreaterThan(1.15 * replay.now().middle().stable());
    }

    @Test
    void warmCouvertureThins() {
        final BowlReplay replay = begun(47);
        hold(replay, 31.5, 200);
        replay.happened(done(BowlEvent.EventKind.SEED, 200));
        final double before = replay.now().middle().stable();
        replay.happened(done(BowlEvent.EventKind.TOP_UP, 3200));
        assertThat(replay.now().middle().stable()).isCloseTo(before / 2, within(before * 0.05));
        assertThat(replay.massG()).isEqualTo(6400);
    }

    @Test
    void whatIsTakenChangesNoCrystals() {
        final BowlReplay replay = begun(47);
        hold(replay, 31.5, 200);
        replay.happened(done(BowlEvent.EventKind.SEED, 90));
        final double before = replay.now().middle().stable();
        replay.happened(done(BowlEvent.EventKind.TAKEN, 1000));
        assertThat(replay.now().middle().stable()).isEqualTo(before);
        assertThat(replay.massG()).isEqualTo(2090);
    }

    @Test
    void theStoneBringsCrystals() {
        final BowlReplay replay = begun(47);
        hold(replay, 32, 300);
        replay.happened(new BowlEvent(BowlEvent.EventKind.TABLED, 0, 2.0 / 3, 300));
        assertThat(replay.now().middle().stable()).isBetween(0.002, 0.04);
        assertThat(replay.now().verdict()).isIn(Verdict.IN_TEMPER, Verdict.UNDER);
    }

    @Test
    void heatTakesSeedAndThatIsCalledLost() {
        final BowlReplay replay = begun(47);
        hold(replay, 31.5, 200);
        replay.happened(done(BowlEvent.EventKind.SEED, 60));
        hold(replay, 37, 300);
        hold(replay, 31.5, 60);
        assertThat(replay.now().verdict()).isEqualTo(Verdict.LOST);
    }

    @Test
    void aQuickSmearRaisesASlowOneLowersTheEstimate() {
        final BowlReplay quick = begun(31.5);
        quick.happened(done(BowlEvent.EventKind.PAPER_SET, 70));
        final BowlReplay slow = begun(31.5);
        slow.happened(done(BowlEvent.EventKind.PAPER_SET, 220));
        assertThat(quick.now().middle().stable()).isGreaterThan(0.01);
        assertThat(slow.now().middle().stable()).isLessThan(0.003);
        assertThat(quick.now().verdict()).isEqualTo(Verdict.IN_TEMPER);
    }

    @ParameterizedTest
    @EnumSource(
            value = BowlEvent.EventKind.class,
            names = {"STREAKS", "TACK", "DULL"})
    void touchThatSaysTooLittleLowersIt(final BowlEvent.EventKind kind) {
        final BowlReplay replay = begun(31.5);
        final double before = replay.now().middle().stable();
        replay.happened(done(kind, 0));
        assertThat(replay.now().middle().stable()).isLessThan(before);
    }

    @Test
    void theSameReadingsGiveTheSameEstimate() {
        final BowlReplay one = begun(47);
        final BowlReplay two = begun(47);
        hold(one, 27, 400);
        hold(two, 27, 400);
        assertThat(one.now()).isEqualTo(two.now());
        assertThat(one.lane()).isEqualTo(two.lane());
    }

    @Test
    void impossibleHappeningsAreRefused() {
        assertThatThrownBy(() -> done(BowlEvent.EventKind.SEED, 0))
                .hasMessageContaining("seed stirred in is 0 g");
        assertThatThrownBy(() -> new BowlEvent(BowlEvent.EventKind.TABLED, 0, 1.2, 100))
                .hasMessageContaining("share tabled is 120 %");
        assertThatThrownBy(() -> new BowlEvent(BowlEvent.EventKind.TABLED, 0, 0.6, 2))
                .hasMessageContaining("time on the stone is 2 s");
        assertThatThrownBy(() -> done(BowlEvent.EventKind.PAPER_SET, 1))
                .hasMessageContaining("smear is 1 s");
        assertThatThrownBy(() -> done(BowlEvent.EventKind.HEAT, 1e9))
                .hasMessageContaining("heated is");
        assertThatThrownBy(() -> new BowlReplay(Samples.dark(), -1, 20))
                .hasMessageContaining("mass in the bowl is -1 g");
    }

    /** Seed noted before anybody has read the bowl is in it all the same. */
    @Test
    void whatIsNotedBeforeTheFirstReadingCounts() {
        final BowlReplay replay = new BowlReplay(Samples.dark(), 2000, 20);
        replay.happened(new BowlEvent(BowlEvent.EventKind.SEED, 10, 300, 0));
        replay.reading(60, 33);
        replay.reading(120, 32.5);
        final BowlReplay without = new BowlReplay(Samples.dark(), 2000, 20);
        without.reading(60, 33);
        without.reading(120, 32.5);
        assertThat(replay.massG()).isEqualTo(2300);
        assertThat(replay.now().middle().stable())
                .isGreaterThan(5 * without.now().middle().stable());
    }
}
