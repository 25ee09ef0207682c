package palintone.core.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import palintone.core.Samples;
import palintone.core.figure.Band;
import palintone.core.figure.BandStatus;
import palintone.core.substance.Ingredient;

class SeedPlanTest {

    private static TemperTargets targets(final CouvertureKind kind) {
        return TemperTargets.of(kind, DarkWindowPractice.LOW);
    }

    private static Couverture couverture(final CouvertureKind kind) {
        final Ingredient ingredient =
                switch (kind) {
                    case DARK -> Samples.DARK_66;
                    case MILK -> Samples.MILK_41;
                    case WHITE -> Samples.IVORY_33;
                };
        return new Couverture(ingredient, kind);
    }

    /** Common practice, no source: a third at room temperature goes into a bowl of 40 to 50 °C. */
    @ParameterizedTest
    @EnumSource(CouvertureKind.class)
    void aThirdGoesIntoABowlThatIsStillHot(final CouvertureKind kind) {
        final SeedPlan plan =
                SeedPlan.forShare(couverture(kind), targets(kind).work(), 3000, 1.0 / 3, 20);
        assertThat(plan.meltG().value()).isCloseTo(2000, within(1e-9));
        assertThat(plan.seedG().value()).isCloseTo(1000, within(1e-9));
        assertThat(plan.bowlTemperatureC().value()).isBetween(38.0, 50.0);
        assertThat(plan.seedLeft().value()).isCloseTo(5, within(0.01));
        // In the neighbourhood of the window: a little above, to be stirred down into it.
        assertThat(plan.landingC().value() - targets(kind).work().high()).isBetween(0.0, 2.8);
    }

    @ParameterizedTest
    @EnumSource(CouvertureKind.class)
    void aFewPerCentGoIntoABowlThatHasNearlyCooled(final CouvertureKind kind) {
        final TemperTargets targets = targets(kind);
        final SeedPlan plan = SeedPlan.forShare(couverture(kind), targets.work(), 3000, 0.03, 20);
        assertThat(plan.bowlTemperatureC().value())
                .isBetween(targets.work().high(), targets.work().high() + 3.5);
        assertThat(plan.seedLeft().bandStatus()).isEqualTo(BandStatus.IN_BAND);
    }

    /** Both ways: the seed a bowl needs is the seed that bowl was solved for. */
    @ParameterizedTest
    @ValueSource(doubles = {0.06, 0.1, 1.0 / 3, 0.4})
    void theTwoWaysMeet(final double share) {
        final Band work = targets(CouvertureKind.DARK).work();
        final SeedPlan there = SeedPlan.forShare(Samples.dark(), work, 3000, share, 20);
        final SeedPlan back =
                SeedPlan.forBowl(
                        Samples.dark(),
                        work,
                        there.meltG().value(),
                        there.bowlTemperatureC().value(),
                        20);
        assertThat(back.seedG().value()).isCloseTo(there.seedG().value(), within(0.01));
        assertThat(back.landingC().value()).isCloseTo(there.landingC().value(), within(1e-4));
    }

    @Test
    void whatHappensIfSaysThatHotBowlsEatSeed() {
        final SeedPlan lost = SeedPlan.outcome(Samples.dark(), 1000, 45, 30, 20);
        assertThat(lost.seedLeft().value()).isZero();
        assertThat(lost.seedLeft().bandStatus()).isEqualTo(BandStatus.OFF);
    }

    @Test
    void theBandOfTheBowlEndsWhereTheSeedIsLost() {
        final SeedPlan plan =
                SeedPlan.forShare(
                        Samples.dark(), targets(CouvertureKind.DARK).work(), 3000, 0.03, 20);
        final double highest = plan.bowlTemperatureC().band().orElseThrow().highLimit();
        final SeedPlan above = outcomeAt(plan, highest + 0.1);
        final SeedPlan below = outcomeAt(plan, highest - 0.2);
        assertThat(above.seedLeft().value()).isZero();
        assertThat(below.seedLeft().value()).isPositive();
    }

    @Test
    void impossibleSeedIsRefused() {
        final Band work = targets(CouvertureKind.DARK).work();
        assertThatThrownBy(() -> SeedPlan.forShare(Samples.dark(), work, 0, 0.3, 20))
                .hasMessageContaining("mass to temper is 0 g");
        assertThatThrownBy(() -> SeedPlan.forShare(Samples.dark(), work, 100, 0.3, 32))
                .hasMessageContaining("seed temperature is 32 °C");
        assertThatThrownBy(() -> SeedPlan.forBowl(Samples.dark(), work, 100, 30, 20))
                .hasMessageContaining("bowl temperature is 30 °C; allowed:");
    }

    /** m·cp·ΔT = P·t: 2.4 kg by half a kelvin at 360 W into the bowl. */
    @Test
    void rewarmingFollowsTheHeatBalance() {
        assertThat(new HeatSource(600, 0.6).secondsFor(2400, 1.6, 0.5))
                .isCloseTo(1920.0 / 360, within(1e-9));
    }

    private static SeedPlan outcomeAt(final SeedPlan plan, final double bowlC) {
        return SeedPlan.outcome(
                Samples.dark(), plan.meltG().value(), bowlC, plan.seedG().value(), 20);
    }
}
