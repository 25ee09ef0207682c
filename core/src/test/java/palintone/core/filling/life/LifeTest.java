package palintone.core.filling.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LifeTest {

    private static LifeConditions given(
            final double aw, final double storageC, final boolean heated) {
        return new LifeConditions(
                aw,
                aw - 0.01,
                aw + 0.01,
                5.5,
                5.9,
                false,
                0,
                heated,
                LifeConditions.Egg.NONE,
                storageC,
                2,
                false,
                true,
                false);
    }

    /** FDA Food Code 1-201.10(B), table B, from memory. */
    @ParameterizedTest(name = "aw {0}, pH {1}: {2}")
    @CsvSource({
        "0.87, 6.5, MAY_STAND",
        "0.879, 5.6, MAY_STAND",
        "0.88, 5.0, MAY_STAND",
        "0.88, 5.6, ASSESS",
        "0.89, 5.0, MAY_STAND",
        "0.89, 5.6, ASSESS",
        "0.91, 4.6, MAY_STAND",
        "0.91, 5.0, ASSESS",
        "0.92, 6.5, ASSESS",
        "0.95, 4.1, MAY_STAND",
        "0.95, 4.5, ASSESS",
        "0.99, 4.1, MAY_STAND"
    })
    void theTableOfTheFoodCode(final double aw, final double ph, final FoodCode.Says says) {
        assertThat(FoodCode.says(aw, ph)).isEqualTo(says);
    }

    /** The limit that is named to the maker is the one the table is read by. */
    @ParameterizedTest
    @ValueSource(doubles = {4.3, 4.6, 4.8, 5.0, 5.3, 6.5})
    void theNamedLimitIsWhereTheTableTurns(final double ph) {
        final double limit = FoodCode.highestAw(ph);
        assertThat(FoodCode.says(limit - 0.001, ph)).isEqualTo(FoodCode.Says.MAY_STAND);
        assertThat(FoodCode.says(limit + 0.001, ph)).isEqualTo(FoodCode.Says.ASSESS);
    }

    /** Heat does not close a pot: .91 at pH above 5 is to be assessed, however hot it was. */
    @Test
    void heatAloneDoesNotMakeItFitForTheShelf() {
        assertThat(Life.of(given(0.90, 20, true)).keepCold()).isTrue();
        assertThat(Life.of(given(0.86, 20, true)).keepCold()).isFalse();
    }

    /** .875 may stand, .885 may not: the highest of the spread decides, and the highest pH. */
    @Test
    void judgedAtTheUnfavourableEnd() {
        assertThat(Life.of(given(0.875, 20, true)).keepCold()).isTrue();
        final LifeConditions sour =
                new LifeConditions(
                        0.89,
                        0.88,
                        0.895,
                        4.7,
                        5.1,
                        true,
                        0,
                        true,
                        LifeConditions.Egg.NONE,
                        20,
                        2,
                        false,
                        false,
                        false);
        assertThat(Life.of(sour).keepCold()).isTrue();
        final LifeConditions measured =
                new LifeConditions(
                        0.89,
                        0.88,
                        0.895,
                        4.7,
                        4.9,
                        true,
                        0,
                        true,
                        LifeConditions.Egg.NONE,
                        20,
                        2,
                        false,
                        false,
                        false);
        assertThat(Life.of(measured).keepCold()).isFalse();
    }

    /**
     * Common practice, no source: cream ganache about two to five weeks, dry ones to three months.
     */
    @Test
    void fillingsKeepAsLongAsPracticeSays() {
        assertThat(Life.of(given(0.86, 16, true)).days().value()).isBetween(21.0, 60.0);
        assertThat(Life.of(given(0.75, 16, true)).days().value()).isBetween(80.0, 180.0);
    }

    /** FDA Food Code 3-501.17, from memory: seven days at 5 °C at most; never the shelf's days. */
    @ParameterizedTest
    @CsvSource({"0.875, 20", "0.90, 16", "0.93, 16", "0.93, -18", "0.99, 4"})
    void whatMustBeColdIsPromisedDaysInTheColdOnly(final double aw, final double storageC) {
        final Life life = Life.of(given(aw, storageC, true));
        assertThat(life.keepCold()).isTrue();
        assertThat(life.verdict().template()).contains("not for the shelf");
        assertThat(life.verdict().values().get("cold").value()).isEqualTo(4);
        assertThat(life.days().name()).isEqualTo("days in the cold");
        assertThat(life.days().spread().orElseThrow().high()).isBetween(1.0, 7.0);
        assertThat(life.longer())
                .anyMatch(s -> s.template().contains("must come below {limit}"))
                .noneMatch(s -> s.template().contains("Store at"));
    }

    @Test
    void colderDrierAndHeatedKeepLonger() {
        final double usual = Life.of(given(0.86, 18, false)).days().value();
        assertThat(Life.of(given(0.86, 8, false)).days().value()).isGreaterThan(1.8 * usual);
        assertThat(Life.of(given(0.83, 18, false)).days().value()).isGreaterThan(usual);
        assertThat(Life.of(given(0.86, 18, true)).days().value()).isGreaterThan(usual);
    }

    @Test
    void theReasonAndWhatWouldHelpAreSaid() {
        final Life life = Life.of(given(0.85, 18, false));
        assertThat(life.reason().template()).contains("Moulds");
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
        assertThat(Lethality.secondsFor(65, 10)).isCloseTo(90, within(1e-9));
        // 63.3 °C is 3.3/5 of a decade quicker than 60: 210 s · 10^0.66 / 90 s.
        assertThat(Lethality.ofTheCode()).isCloseTo(10.665, within(0.001));
    }
}
