package palintone.core.casting.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.heat.AirFlow;

class FillingLevelTest {

    /** Falls tenfold from 30 °C to 20 °C the other way: 10 Pa at 30 °C. */
    private static final FillingLevel.Soft SOFT =
            new FillingLevel.Soft(c -> 10 * Math.pow(10, (30 - c) / 10), 1.2, 3, 40);

    private static FillingLevel at(final double fillC, final double roomC) {
        return FillingLevel.of(SOFT, 14, 10, fillC, roomC);
    }

    /** τ/(ρ·g) · R/h: 10 / (1200 · 9.81) m over 14 mm in 10 mm. */
    @Test
    void aHeapRestsWhereItsSlopePullsNoMoreThanItYields() {
        assertThat(at(30, 22).unevenMm()).isCloseTo(1.189, within(0.001));
        assertThat(at(30, 22).tappedMm()).isLessThan(at(30, 22).unevenMm());
        assertThat(at(5, 22).unevenMm()).isEqualTo(10);
        final FillingLevel warm = at(at(30, 22).levelFromC().orElseThrow(), 22);
        assertThat(warm.tappedMm()).isCloseTo(CalibratedCasting.LEVEL_MM, within(0.01));
    }

    /**
     * What the sheet calls level stands no higher than Shells calls level; what pours thick does.
     */
    @Test
    void theWordsOfTheSheetAreTheMillimetresOfTheShell() {
        final double level = TextureClass.RUNS_LEVEL.toPa();
        assertThat(stands(level)).isCloseTo(CalibratedCasting.LEVEL_MM, within(0.05));
        assertThat(TextureClass.of(level * 0.99)).isEqualTo(TextureClass.RUNS_LEVEL);
        assertThat(stands(TextureClass.POURABLE.toPa() * 0.99)).isBetween(1.0, 4.0);
    }

    /** Over as much width as depth. */
    private static double stands(final double pascal) {
        return FillingLevel.of(new FillingLevel.Soft(c -> pascal, 1.2, 3, 40), 10, 10, 28, 20)
                .unevenMm();
    }

    /** 40 Pa is where the line above stands at 30 − 10·log10(4) = 23.98 °C. */
    @Test
    void itsTopCarriesACapWhereItStaysAsItIsPiped() {
        assertThat(at(30, 22).carriesBelowC().orElseThrow()).isCloseTo(23.98, within(0.06));
        assertThat(at(23, 22).carriesFromS()).isZero();
        assertThat(at(30, 26).carriesFromS()).isInfinite();
        assertThat(at(30, 18).carriesFromS()).isLessThan(at(30, 22).carriesFromS());
    }

    /** Thin, it is as warm throughout: heat · depth / film · ln of the warmths over the room. */
    @Test
    void aThinFillingCoolsAsOneBody() {
        final FillingLevel thin = FillingLevel.of(SOFT, 14, 1, 30, 20);
        final double lumpedS = 3e6 * 1e-3 / AirFlow.filmWPerM2K(0) * Math.log(10 / 3.98);
        assertThat(thin.carriesFromS()).isCloseTo(lumpedS, within(0.03 * lumpedS));
    }

    @Test
    void aGanacheRunsWarmAndStandsCool() {
        final Texture ganache = Texture.of(Samples.ganache().cooked());
        final FillingLevel.Soft soft =
                new FillingLevel.Soft(ganache::pascal, 1.2, 3, TextureClass.POURABLE.toPa());
        assertThat(FillingLevel.of(soft, 14, 10, 34, 20).unevenMm())
                .isLessThan(FillingLevel.of(soft, 14, 10, 22, 20).unevenMm());
    }

    @Test
    void whatNeverStandsIsSaid() {
        final FillingLevel.Soft syrup = new FillingLevel.Soft(c -> 1, 1.3, 3, 40);
        final FillingLevel level = FillingLevel.of(syrup, 14, 10, 25, 20);
        assertThat(level.carriesBelowC()).isEmpty();
        assertThat(level.carriesFromS()).isInfinite();
        final FillingLevel.Soft paste = new FillingLevel.Soft(c -> 9000, 1.3, 3, 40);
        assertThat(FillingLevel.of(paste, 14, 10, 25, 20).levelFromC()).isEmpty();
    }

    @Test
    void impossibleFillingsAreNamed() {
        assertThatThrownBy(() -> at(60, 22))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("filling in the bag");
        assertThatThrownBy(() -> FillingLevel.of(SOFT, 14, 0.1, 30, 22))
                .hasMessageContaining("depth of the filling");
        assertThatThrownBy(() -> new FillingLevel.Soft(c -> 1, 9, 3, 40))
                .hasMessageContaining("density");
    }
}
