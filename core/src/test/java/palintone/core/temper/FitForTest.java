package palintone.core.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.temper.flow.FluidityClass;

/** What a chocolate is fit for by its fat, and how small it is chopped. */
class FitForTest {

    private static Composition fat(final double percent) {
        return Composition.per100(
                Map.of(
                        Component.COCOA_BUTTER,
                        percent,
                        Component.COCOA_SOLIDS,
                        22.0,
                        Component.SUCROSE,
                        78 - percent));
    }

    private static FitFor.Answer answer(final ChocolateJob job, final double percent) {
        return FitFor.of(job, fat(percent), Optional.empty(), false).answer();
    }

    /** Common practice: couverture from 31 % of cocoa butter on; chips and bars below it. */
    @Test
    void bagsAreFitForWhatTheyAreSoldFor() {
        assertThat(answer(ChocolateJob.SHELLS, 37)).isEqualTo(FitFor.Answer.FIT);
        assertThat(answer(ChocolateJob.DIPPING, 39)).isEqualTo(FitFor.Answer.FIT);
        assertThat(answer(ChocolateJob.SHELLS, 27)).isEqualTo(FitFor.Answer.NOT);
        assertThat(answer(ChocolateJob.DIPPING, 31)).isNotEqualTo(FitFor.Answer.FIT);
        assertThat(answer(ChocolateJob.FIGURES, 33)).isEqualTo(FitFor.Answer.FIT);
        assertThat(answer(ChocolateJob.KEEPS_SHAPE, 28)).isEqualTo(FitFor.Answer.FIT);
        assertThat(answer(ChocolateJob.KEEPS_SHAPE, 38)).isEqualTo(FitFor.Answer.NOT);
        assertThat(answer(ChocolateJob.GANACHE, 30)).isEqualTo(FitFor.Answer.FIT);
        assertThat(FitFor.thickness(fat(36))).isCloseTo(1, within(1e-9));
    }

    /** What a bag is sold as counts more than its fat: emulsifier stands on none in grams. */
    @Test
    void aBagIsBelieved() {
        for (final FluidityClass sold : FluidityClass.values()) {
            final FitFor.Answer figures =
                    FitFor.of(ChocolateJob.FIGURES, fat(37), Optional.of(sold), false).answer();
            assertThat(figures == FitFor.Answer.FIT)
                    .as(sold.words())
                    .isEqualTo(sold == FluidityClass.THICK || sold == FluidityClass.MEDIUM);
        }
        assertThat(
                        FitFor.of(
                                        ChocolateJob.DIPPING,
                                        fat(30),
                                        Optional.of(FluidityClass.VERY_THIN),
                                        false)
                                .answer())
                .isEqualTo(FitFor.Answer.FIT);
    }

    @Property(tries = 50)
    void lessFatIsThicker(@ForAll @DoubleRange(min = 25, max = 55) final double percent) {
        assertThat(FitFor.thickness(fat(percent)))
                .isGreaterThan(FitFor.thickness(fat(percent + 1)));
        assertThat(FitFor.thickness(fat(10))).isInfinite();
    }

    @Test
    void whatMeltsIntoSomethingElseIsNotTempered() {
        assertThat(FitFor.of(ChocolateJob.SHELLS, fat(37), Optional.empty(), false).tempered())
                .isTrue();
        assertThat(FitFor.of(ChocolateJob.GANACHE, fat(37), Optional.empty(), false).tempered())
                .isFalse();
        assertThat(FitFor.of(ChocolateJob.SHELLS, fat(37), Optional.empty(), true).tempered())
                .isFalse();
        assertThat(FitFor.of(ChocolateJob.GANACHE, fat(37), Optional.empty(), true).answer())
                .isEqualTo(FitFor.Answer.NEAR);
    }

    /** Common practice: pieces of 5 mm melt under cream within a minute or so, lumps do not. */
    @Test
    void smallPiecesMeltUnderCreamAndLumpsDoNot() {
        final Composition dark = Samples.dark().ingredient().composition();
        assertThat(ChopSize.meltsThroughS(dark, 5, 65, 0.4)).isBetween(10.0, 90.0);
        assertThat(ChopSize.meltsThroughS(dark, 20, 65, 0.4)).isGreaterThan(300);
        // Seed of a few millimetres is gone within two or three minutes at 45 °C.
        assertThat(ChopSize.meltsThroughS(dark, 5, 45, 0.25)).isBetween(60.0, 240.0);
    }

    @Property(tries = 50)
    void sizeAndWaitAreOneSum(
            @ForAll @DoubleRange(min = 1, max = 40) final double mm,
            @ForAll @DoubleRange(min = 40, max = 95) final double aroundC) {
        final Composition dark = Samples.dark().ingredient().composition();
        final double seconds = ChopSize.meltsThroughS(dark, mm, aroundC, 0.4);
        if (seconds >= 5 && seconds <= 3600) {
            assertThat(ChopSize.largestMm(dark, seconds, aroundC, 0.4))
                    .isCloseTo(mm, within(1e-9 * mm));
        }
        assertThat(ChopSize.meltsThroughS(dark, mm, aroundC + 5, 0.4)).isLessThan(seconds);
    }

    @Test
    void whatCannotMeltIsRefusedByName() {
        assertThatThrownBy(
                        () ->
                                ChopSize.meltsThroughS(
                                        Samples.dark().ingredient().composition(), 5, 30, 0.4))
                .hasMessage("what it melts in is 30 °C; allowed: 34 to 120 °C");
    }
}
