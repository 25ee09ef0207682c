package palintone.core.temper.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.BandStatus;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

class ColourTest {

    private static final Composition LAURIC =
            Composition.per100(
                    Map.of(
                            Component.LAURIC_FAT, 33.0,
                            Component.SUCROSE, 50.0,
                            Component.COCOA_SOLIDS, 17.0));

    /** By hand: 2000 cm² · 0.1 mm = 20 ml a coat, two coats 40 ml, 37.2 g, of which 60 % stick. */
    @Test
    void colourIsAreaTimesFilm() {
        final ColourButter plan = ColourButter.plan(200_000, 2, 0.1, 0.1, true);
        assertThat(plan.needed().value()).isCloseTo(40 * 0.93 / 0.6, within(1e-9));
        assertThat(plan.colour().value() + plan.cocoaButter().value())
                .isCloseTo(plan.needed().value(), within(1e-9));
        assertThat(plan.colour().value()).isCloseTo(6.2, within(1e-9));
        // A gun wants its least, however small the moulds: as the batch melts it.
        assertThat(ColourButter.plan(10_000, 1, 0.05, 0.1, true).needed().value())
                .isEqualTo(ColourButter.GUN_LEAST_G);
    }

    @Test
    void chocolateInALauricCoatingIsWarnedOf() {
        final Composition dark = Samples.DARK_66.composition();
        final CompoundCoating pure = CompoundCoating.plan(LAURIC, 1000, dark, 0);
        assertThat(pure.foreign().value()).isZero();
        assertThat(pure.foreign().bandStatus()).isEqualTo(BandStatus.IN_BAND);
        final CompoundCoating mixed = CompoundCoating.plan(LAURIC, 1000, dark, 200);
        // 80 g of cocoa butter in 410 g of fat.
        assertThat(mixed.foreign().value()).isCloseTo(100 * 80.0 / 410, within(1e-9));
        assertThat(mixed.foreign().bandStatus()).isEqualTo(BandStatus.OFF);
    }

    @Test
    void impossibleColourIsRefused() {
        assertThatThrownBy(() -> ColourButter.plan(100, 2, 0.1, 0.9, true))
                .hasMessageContaining("share of colour is 90 %");
    }

    @Test
    void everyTroubleSaysWhatCanStillBeDone() {
        for (final BowlFault trouble : BowlFault.values()) {
            assertThat(trouble.still()).isNotEmpty();
            assertThat(trouble.signs().template()).isNotBlank();
        }
    }
}
