package palintone.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

class SolidFatCurveTest {

    /** The points of docs/models.md section B, from memory. */
    @ParameterizedTest
    @CsvSource({
        "10, 0.76",
        "20, 0.76",
        "25, 0.70",
        "27.5, 0.62",
        "30, 0.44",
        "32, 0.20",
        "33, 0.05",
        "34.5, 0",
        "40, 0"
    })
    void cocoaButterFollowsItsPoints(final double temperatureC, final double solid) {
        assertThat(SolidFatCurve.cocoaButter().solidAt(temperatureC))
                .isCloseTo(solid, within(1e-12));
    }

    /** Wille & Lutton 1966: form V melts at 33.8 °C; next to nothing may be solid above it. */
    @Test
    void aboveTheMeltingPointOfFormVNextToNothingIsSolid() {
        assertThat(SolidFatCurve.cocoaButter().solidAt(33.8)).isLessThan(0.03);
        assertThat(SolidFatCurve.cocoaButter().clearPointC()).isBetween(33.8, 36.3);
    }

    @Property
    void warmerIsNeverMoreSolid(
            @ForAll @DoubleRange(min = 0, max = 45) final double temperatureC,
            @ForAll @DoubleRange(min = 0, max = 10) final double warmer) {
        for (final SolidFatCurve curve :
                new SolidFatCurve[] {
                    SolidFatCurve.cocoaButter(),
                    SolidFatCurve.of(Samples.MILK_41.composition()),
                    SolidFatCurve.of(Samples.IVORY_33.composition())
                }) {
            assertThat(curve.solidAt(temperatureC + warmer))
                    .isLessThanOrEqualTo(curve.solidAt(temperatureC))
                    .isBetween(0.0, 0.76);
        }
    }

    @Property
    void theTemperatureForAShareHoldsThatShare(
            @ForAll @DoubleRange(min = 0.01, max = 0.5) final double solid) {
        final SolidFatCurve curve = SolidFatCurve.of(Samples.MILK_41.composition());
        assertThat(curve.solidAt(curve.temperatureFor(solid))).isCloseTo(solid, within(1e-6));
    }

    /** Common practice, no source: milk is worked cooler than dark, white cooler than milk. */
    @Test
    void milkFatSoftens() {
        final double dark = SolidFatCurve.of(Samples.DARK_66.composition()).clearPointC();
        final double milk = SolidFatCurve.of(Samples.MILK_41.composition()).clearPointC();
        assertThat(milk).isBetween(dark - 3, dark - 1);
    }

    @Test
    void outsideItsRangeItRefuses() {
        final Composition buttery =
                Composition.per100(
                        Map.of(
                                Component.COCOA_BUTTER, 20.0,
                                Component.MILK_FAT, 20.0,
                                Component.SUCROSE, 60.0));
        assertThatThrownBy(() -> SolidFatCurve.of(buttery))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessage("milk fat in the fat is 50 %; allowed: 0 to 40 %");
    }
}
