package palintone.core.temper.crystal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import palintone.core.fat.SolidFatCurve;

/** Common practice, no source: what the trade knows of temper, asked of the law. */
class CalibrationTargetsTest {

    private static final CrystalLaw LAW =
            new CrystalLaw(SolidFatCurve.cocoaButter(), CrystalConstants.CALIBRATED);

    static Stream<CalibrationTargets.Fact> facts() {
        return CalibrationTargets.of(CrystalConstants.CALIBRATED).stream();
    }

    @ParameterizedTest
    @MethodSource("facts")
    void practiceHolds(final CalibrationTargets.Fact fact) {
        assertThat(fact.found()).as(fact.name()).isBetween(fact.low(), fact.high());
    }

    /** The shipped constants are the fit, rounded; begun away from it, it is found again. */
    @Test
    void theShippedConstantsAreTheFit() {
        final CrystalConstants c = CrystalConstants.CALIBRATED;
        final CrystalConstants fit =
                CrystalFit.from(
                        new CrystalConstants(
                                c.growthPerS() * 1.2,
                                c.growthWidthK() * 0.95,
                                c.nucleationPerS() * 0.8,
                                c.seedLossPerS() * 1.2,
                                c.unstableNucleationPerS() * 1.2,
                                c.unstableGrowthPerS() * 0.9));
        System.out.println("Crystal constants, fitted: " + fit);
        CalibrationTargets.of(fit)
                .forEach(
                        f ->
                                System.out.printf(
                                        Locale.ROOT,
                                        "  %-45s wanted %8.4f (%.4f to %.4f) found %8.4f%n",
                                        f.name(),
                                        f.wanted(),
                                        f.low(),
                                        f.high(),
                                        f.found()));
        assertThat(c.growthPerS() / fit.growthPerS()).isCloseTo(1, within(0.05));
        assertThat(c.growthWidthK() / fit.growthWidthK()).isCloseTo(1, within(0.05));
        assertThat(c.nucleationPerS() / fit.nucleationPerS()).isCloseTo(1, within(0.05));
        assertThat(c.seedLossPerS() / fit.seedLossPerS()).isCloseTo(1, within(0.05));
        assertThat(c.unstableNucleationPerS() / fit.unstableNucleationPerS())
                .isCloseTo(1, within(0.1));
        assertThat(c.unstableGrowthPerS() / fit.unstableGrowthPerS()).isCloseTo(1, within(0.1));
    }

    @Test
    void aSmearWithoutSeedsSetsLateAndMostlyUnstable() {
        final PaperTest.PaperOutcome smear = new PaperTest(20).smear(LAW, 31.5, Crystals.NONE);
        assertThat(smear.seconds()).isGreaterThan(120);
        assertThat(smear.crystals().unstable()).isGreaterThan(smear.crystals().stable());
    }

    @Test
    void heatTakesEverySeed() {
        assertThat(held(40, 30)).isLessThan(0.0005);
        assertThat(held(45, 60)).isLessThan(1e-6);
        assertThat(held(33, 180)).isBetween(0.003, 0.02);
    }

    /** Wille & Lutton 1966: form IV is gone above 27.5 °C, form V above 33.8 °C. */
    @Test
    void eachPopulationMeltsWhereItsFormDoes() {
        final CrystalPath above = new CrystalPath(LAW, new Crystals(0, 0.1));
        above.advance(Polymorph.IV.meltsC() + 0.9, Polymorph.IV.meltsC() + 0.9, 300, 0);
        assertThat(above.unstable()).isLessThan(0.001);
        final CrystalPath below = new CrystalPath(LAW, new Crystals(0, 0.1));
        below.advance(Polymorph.IV.meltsC() - 4, Polymorph.IV.meltsC() - 4, 300, 0);
        assertThat(below.unstable()).isGreaterThan(0.09);
        final CrystalPath stable = new CrystalPath(LAW, new Crystals(0.1, 0));
        stable.advance(Polymorph.V.meltsC() + 0.7, Polymorph.V.meltsC() + 0.7, 300, 0);
        assertThat(stable.stable()).isLessThan(0.005);
    }

    private static double held(final double atC, final double seconds) {
        final CrystalPath path = new CrystalPath(LAW, new Crystals(0.02, 0));
        path.advance(atC, atC, seconds, Shear.STIRRED.strength());
        return path.stable();
    }
}
