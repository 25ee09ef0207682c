package palintone.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.fat.SolidFatCurve;

class MixingBalanceTest {

    /** The chocolate of the worked cases: cp 1.6 J/gK, 36 % fat, 137 J/g. */
    private final MixingBalance worked =
            new MixingBalance(1.6, 0.36, 137, SolidFatCurve.cocoaButter());

    /** Worked cases of docs/models.md section B, by hand, within 0.3 °C. */
    @ParameterizedTest(name = "{0} g at {1} °C + {2} g of seed: {3} °C")
    @CsvSource({"2000, 45, 1000, 32.5", "1000, 45, 30, 43.6", "1000, 34, 30, 33.6"})
    void seedingLandsWhereTheHandCalculationDoes(
            final double bowlG, final double bowlC, final double seedG, final double endC) {
        final ChocolateMass end =
                worked.mix(new ChocolateMass(bowlG, bowlC, 0), new ChocolateMass(seedG, 20, 0.76));
        assertThat(end.temperatureC()).isCloseTo(endC, within(0.3));
        assertThat(end.massG()).isEqualTo(bowlG + seedG);
    }

    /** The tabling case: two thirds at 25.5 °C into one third at 45 °C gives 32 °C. */
    @Test
    void twoThirdsFromTheStoneLandAtThirtyTwo() {
        final ChocolateMass end =
                worked.mix(new ChocolateMass(1000, 45, 0), new ChocolateMass(2000, 25.5, 0));
        assertThat(end.temperatureC()).isCloseTo(32.0, within(1e-6));
    }

    /** Common practice and its limit: 3 % into a bowl at 45 °C melts away, at 34 °C it lives. */
    @Test
    void aFewPerCentLiveOnlyInABowlThatHasCooled() {
        final ChocolateMass seed = new ChocolateMass(30, 20, 0.76);
        assertThat(worked.mix(new ChocolateMass(1000, 45, 0), seed).solidOfFat()).isZero();
        assertThat(worked.mix(new ChocolateMass(1000, 34, 0), seed).solidOfFat())
                .isCloseTo(0.022, within(0.002));
    }

    /** Richmann's rule: with nothing to melt, temperatures mix by mass. */
    @Test
    void withoutCrystalsTemperaturesMixByMass() {
        final ChocolateMass end =
                worked.mix(new ChocolateMass(300, 50, 0), new ChocolateMass(100, 40, 0));
        assertThat(end.temperatureC()).isCloseTo(47.5, within(1e-8));
    }

    @Property
    void noEnergyIsLost(
            @ForAll @DoubleRange(min = 10, max = 20_000) final double bowlG,
            @ForAll @DoubleRange(min = 28, max = 55) final double bowlC,
            @ForAll @DoubleRange(min = 0, max = 0.05) final double bowlSolid,
            @ForAll @DoubleRange(min = 1, max = 10_000) final double seedG,
            @ForAll @DoubleRange(min = 5, max = 27) final double seedC) {
        final ChocolateMass bowl = new ChocolateMass(bowlG, bowlC, bowlSolid);
        final ChocolateMass seed = new ChocolateMass(seedG, seedC, worked.curve().solidAt(seedC));
        final ChocolateMass end = worked.mix(bowl, seed);
        final double before = enthalpy(bowl) + enthalpy(seed);
        assertThat(enthalpy(end)).isCloseTo(before, within(1e-7 * (bowlG + seedG)));
        final double brought = (bowlG * bowlSolid + seedG * seed.solidOfFat()) / (bowlG + seedG);
        assertThat(end.solidOfFat()).isBetween(0.0, brought + 1e-12);
        assertThat(end.temperatureC()).isLessThanOrEqualTo(bowlC + 1e-6);
    }

    @Property
    void whatItSolvesForComesOut(
            @ForAll @DoubleRange(min = 100, max = 10_000) final double bowlG,
            @ForAll @DoubleRange(min = 0.02, max = 0.5) final double share,
            @ForAll @DoubleRange(min = 28, max = 33.5) final double targetC) {
        final ChocolateMass seed = new ChocolateMass(bowlG * share, 20, 0.76);
        final double bowlC = worked.bowlTemperatureFor(bowlG, seed, targetC);
        final ChocolateMass bowl = new ChocolateMass(bowlG, bowlC, 0);
        assertThat(worked.mix(bowl, seed).temperatureC()).isCloseTo(targetC, within(1e-6));
    }

    private double enthalpy(final ChocolateMass mass) {
        return worked.enthalpyJ(mass.massG(), mass.temperatureC(), mass.solidOfFat());
    }
}
