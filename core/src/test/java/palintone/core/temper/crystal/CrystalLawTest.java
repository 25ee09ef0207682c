package palintone.core.temper.crystal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.fat.SolidFatCurve;

class CrystalLawTest {

    private static final CrystalLaw DARK =
            new CrystalLaw(SolidFatCurve.cocoaButter(), CrystalConstants.CALIBRATED);

    private static double[] rates(
            final CrystalLaw law,
            final double celsius,
            final double stable,
            final double unstable,
            final double shear) {
        final double[] rates = new double[2];
        law.rates(celsius, stable, unstable, shear, rates);
        return rates;
    }

    /** Wille & Lutton 1966, J. Am. Oil Chem. Soc. 43, 491–496; from memory. */
    @ParameterizedTest
    @CsvSource({"I, 17.3", "II, 23.3", "III, 25.5", "IV, 27.5", "V, 33.8", "VI, 36.3"})
    void formsMeltWherePublished(final Polymorph form, final double celsius) {
        assertThat(form.meltsC()).isEqualTo(celsius);
    }

    @Test
    void nothingComesOfNothingWithoutShear() {
        assertThat(rates(DARK, 26.5, 0, 0, 0)[0]).isZero();
        assertThat(rates(DARK, 26.5, 0, 0, 1)[0]).isPositive();
    }

    /** By hand: full shear at 26.5 °C, room for all that may be solid. */
    @Test
    void nucleationByHand() {
        assertThat(rates(DARK, 26.5, 0, 0, 1)[0])
                .isCloseTo(
                        CrystalConstants.CALIBRATED.nucleationPerS() * DARK.curve().solidAt(26.5),
                        within(1e-12));
    }

    /** By hand: 0.1 of the fat too much for 33 °C. */
    @Test
    void meltingByHand() {
        final double may = DARK.curve().solidAt(33);
        assertThat(rates(DARK, 33, may + 0.1, 0, 0)[0])
                .isCloseTo(
                        -0.1 / 25 - CrystalConstants.CALIBRATED.seedLossPerS() * (may + 0.1),
                        within(1e-12));
    }

    /** Above 32 °C nothing unstable becomes stable: at 31.9 °C it still does. */
    @Test
    void nothingUnstableBecomesStableAboveTheCut() {
        final double below = rates(DARK, 31.9, 0, 0.05, 0)[0];
        assertThat(below).isCloseTo(3e-4 * 0.05, within(1e-9));
        assertThat(rates(DARK, 32.1, 0, 0.05, 0)[0]).isZero();
    }

    /** Common practice, no source: seeded films set in about a minute in a cold cabinet too. */
    @ParameterizedTest
    @CsvSource({"5, 40", "8, 45", "12, 55"})
    void theLawHoldsInTheCold(final double roomC, final double longestS) {
        final PaperTest.PaperOutcome cold =
                new PaperTest(roomC).smear(DARK, 31.5, new Crystals(0.01, 0));
        assertThat(cold.seconds()).isBetween(15.0, longestS);
        final CrystalPath day = new CrystalPath(DARK, new Crystals(0.01, 0));
        day.advance(roomC, roomC, 7200, 0);
        assertThat(day.now().solid()).isCloseTo(DARK.curve().solidAt(roomC), within(0.02));
        assertThat(day.stable()).isGreaterThan(0.5);
    }

    @Test
    void whatTheUnstableLoseTheStableGain() {
        final double[] with = rates(DARK, 26, 0.02, 0.05, 0);
        final double[] without = rates(DARK, 26, 0.07, 0, 0);
        assertThat(with[0]).isPositive();
        assertThat(without[1]).isGreaterThanOrEqualTo(0);
        final double[] still = rates(DARK, 21, 0, 0.05, 0);
        assertThat(still[0]).as("below 22 °C it takes days").isZero();
    }

    /** Milk fat shifts everything: milk at its own window behaves as dark does at its own. */
    @Test
    void milkFatShiftsTheLaw() {
        final CrystalLaw milk =
                new CrystalLaw(
                        SolidFatCurve.of(Samples.MILK_41.composition()),
                        CrystalConstants.CALIBRATED);
        final double shift = milk.curve().asCocoaButterC(0);
        final double dark = rates(DARK, 31.5, 0.01, 0, 0.5)[0];
        final double same = rates(milk, 31.5 - shift, 0.01, 0, 0.5)[0];
        assertThat(same / dark).isBetween(0.6, 1.05);
        assertThat(shift).isBetween(1.0, 3.0);
    }

    @Property(tries = 300)
    void colderGrowsFasterInTheWindow(
            @ForAll @DoubleRange(min = 22, max = 31) final double celsius,
            @ForAll @IntRange(min = 2, max = 50) final int seeds) {
        final double stable = seeds / 1000.0;
        assertThat(rates(DARK, celsius, stable, 0, 0)[0])
                .isGreaterThan(rates(DARK, celsius + 0.5, stable, 0, 0)[0]);
    }

    @Property(tries = 300)
    void aboveTheClearPointEverythingMelts(
            @ForAll @DoubleRange(min = 34.6, max = 60) final double celsius,
            @ForAll @DoubleRange(min = 0.01, max = 0.7) final double stable,
            @ForAll @DoubleRange(min = 0.01, max = 0.2) final double unstable) {
        final double[] rates = rates(DARK, celsius, stable, unstable, 1);
        assertThat(rates[0]).isNegative();
        assertThat(rates[1]).isNegative();
    }

    /** Whatever the temperature does, shares stay shares. */
    @Property(tries = 100)
    void sharesStayShares(
            @ForAll @DoubleRange(min = 5, max = 60) final double from,
            @ForAll @DoubleRange(min = 5, max = 60) final double to,
            @ForAll @DoubleRange(min = 0, max = 0.6) final double stable,
            @ForAll @DoubleRange(min = 0, max = 0.4) final double unstable,
            @ForAll @IntRange(min = 1, max = 3000) final int seconds) {
        final CrystalPath path = new CrystalPath(DARK, new Crystals(stable, unstable));
        path.advance(from, to, seconds, 1);
        assertThat(path.stable()).isBetween(0.0, 1.0);
        assertThat(path.unstable()).isBetween(0.0, 1.0);
        assertThat(path.stable() + path.unstable()).isLessThanOrEqualTo(1 + 1e-9);
    }

    /** Cut into pieces, a stretch ends where it ends whole. */
    @Property(tries = 60)
    void theStepsOfAReplayDoNotMatter(
            @ForAll @DoubleRange(min = 24, max = 33) final double celsius,
            @ForAll @IntRange(min = 2, max = 30) final int seeds) {
        final double stable = seeds / 1000.0;
        final CrystalPath whole = new CrystalPath(DARK, new Crystals(stable, 0));
        final CrystalPath cut = new CrystalPath(DARK, new Crystals(stable, 0));
        whole.advance(celsius, celsius, 300, 0.5);
        for (int i = 0; i < 300; i++) {
            cut.advance(celsius, celsius, 1, 0.5);
        }
        assertThat(whole.stable() / cut.stable()).isCloseTo(1, within(0.01));
    }

    @Test
    void moreSeedSetsSoonerAndAWarmRoomLater() {
        final PaperTest cool = new PaperTest(19);
        final PaperTest warm = new PaperTest(25);
        double before = Double.MAX_VALUE;
        for (final double seed : new double[] {0.001, 0.003, 0.01, 0.03, 0.08}) {
            final double sets = cool.smear(DARK, 31.5, new Crystals(seed, 0)).seconds();
            assertThat(sets).isLessThan(before);
            assertThat(warm.smear(DARK, 31.5, new Crystals(seed, 0)).seconds()).isGreaterThan(sets);
            before = sets;
        }
        assertThatThrownBy(() -> new PaperTest(50)).hasMessageContaining("room temperature is 50");
    }

    @Test
    void impossibleSharesAreRefused() {
        assertThatThrownBy(() -> new Crystals(-0.1, 0)).hasMessageContaining("stable crystals");
        assertThatThrownBy(() -> new Crystals(0.7, 0.6)).hasMessageContaining("all crystals");
        assertThat(new Crystals(0.1, 0.2).mixedWith(1, Crystals.NONE, 3).solid())
                .isCloseTo(0.075, within(1e-12));
    }
}
