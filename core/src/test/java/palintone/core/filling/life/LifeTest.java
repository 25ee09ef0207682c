package palintone.core.filling.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LifeTest {

    private static Life.Given given(final double aw, final double storageC, final boolean heated) {
        return new Life.Given(
                aw, aw - 0.01, aw + 0.01, 5.5, 0, heated, false, storageC, 2, false, true, false);
    }

    /** FDA Food Code 1-201.10(B), tables A and B, from memory. */
    @ParameterizedTest(name = "aw {0}, pH {1}, heated {2}: {3}")
    @CsvSource({
        "0.92, 6.5, true, MAY_STAND",
        "0.94, 5.5, true, MAY_STAND",
        "0.94, 6.0, true, ASSESS",
        "0.97, 4.5, true, MAY_STAND",
        "0.97, 5.0, true, ASSESS",
        "0.87, 6.5, false, MAY_STAND",
        "0.89, 5.0, false, MAY_STAND",
        "0.89, 5.6, false, ASSESS",
        "0.91, 4.6, false, MAY_STAND",
        "0.91, 5.0, false, ASSESS",
        "0.95, 4.1, false, MAY_STAND",
        "0.95, 4.5, false, ASSESS"
    })
    void theTablesOfTheFoodCode(
            final double aw, final double ph, final boolean heated, final FoodCode.Says says) {
        assertThat(FoodCode.says(aw, ph, heated)).isEqualTo(says);
    }

    /**
     * Common practice, no source: cream ganache about two to five weeks, dry ones to three months.
     */
    @Test
    void fillingsKeepAsLongAsPracticeSays() {
        assertThat(Life.of(given(0.86, 16, true)).days().value()).isBetween(21.0, 60.0);
        assertThat(Life.of(given(0.93, 16, false)).days().value()).isBetween(3.0, 12.0);
        assertThat(Life.of(given(0.75, 16, true)).days().value()).isBetween(80.0, 180.0);
    }

    @Test
    void colderDrierAndHeatedKeepLonger() {
        final double usual = Life.of(given(0.88, 18, false)).days().value();
        assertThat(Life.of(given(0.88, 8, false)).days().value()).isGreaterThan(1.8 * usual);
        assertThat(Life.of(given(0.85, 18, false)).days().value()).isGreaterThan(usual);
        assertThat(Life.of(given(0.88, 18, true)).days().value()).isGreaterThan(usual);
    }

    @Test
    void theReasonAndWhatWouldHelpAreSaid() {
        final Life life = Life.of(given(0.93, 18, false));
        assertThat(life.reason().template()).contains("Bacteria");
        assertThat(life.longer()).anyMatch(s -> s.template().contains("water activity"));
        assertThat(life.longer()).anyMatch(s -> s.template().contains("Heat everything"));
        assertThat(life.days().spread().orElseThrow().low()).isLessThan(life.days().value());
    }

    /** By its own definition: 60 °C for 90 s is one decimal, 65 °C ten times as fast. */
    @Test
    void lethalityArithmetic() {
        assertThat(Lethality.reduction(60, 90)).isCloseTo(1, within(1e-9));
        assertThat(Lethality.reduction(65, 90)).isCloseTo(10, within(1e-9));
        assertThat(Lethality.reduction(50, 3600)).isZero();
        assertThat(Lethality.secondsFor(63.3, Lethality.ofTheCode())).isCloseTo(210, within(1e-6));
    }
}
