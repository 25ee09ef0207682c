package palintone.core.fat;

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

    /** The points of docs/models.md sections B and D, from memory. */
    @ParameterizedTest
    @CsvSource({
        "0, 0.92",
        "10, 0.88",
        "15, 0.83",
        "20, 0.76",
        "25, 0.70",
        "27.5, 0.62",
        "30, 0.44",
        "32, 0.20",
        "33, 0.05",
        "34.6, 0",
        "40, 0"
    })
    void cocoaButterFollowsItsPoints(final double temperatureC, final double solid) {
        assertThat(SolidFatCurve.cocoaButter().solidAt(temperatureC))
                .isCloseTo(solid, within(0.006));
    }

    /**
     * Cocoa butter with milk fat, set for days: isosolid diagrams read from memory, wide as they
     * differ. The older straight curve had .11 at 30 °C and 25 %, the older blend .21.
     */
    @ParameterizedTest(name = "{0} of milk fat at {1} °C")
    @CsvSource({
        "0.1, 20, 0.62, 0.70",
        "0.2, 20, 0.53, 0.64",
        "0.3, 20, 0.44, 0.57",
        "0.2, 25, 0.38, 0.52",
        "0.25, 30, 0.08, 0.24",
        "0.2, 34, 0, 0.02"
    })
    void milkFatSoftensCocoaButter(
            final double milk, final double celsius, final double low, final double high) {
        final Composition blend =
                Composition.per100(
                        Map.of(
                                Component.COCOA_BUTTER, 100 * (1 - milk),
                                Component.MILK_FAT, 100 * milk));
        assertThat(FatBlend.of(blend).solidAt(celsius)).isBetween(low, high);
    }

    /** The quick curve is the blend, everywhere. */
    @Property(tries = 500)
    void theTableIsTheLaw(
            @ForAll @DoubleRange(min = -4, max = 45) final double celsius,
            @ForAll @DoubleRange(min = 0, max = 0.39) final double milk) {
        final Composition blend =
                Composition.per100(
                        Map.of(
                                Component.COCOA_BUTTER, 100 * (1 - milk),
                                Component.MILK_FAT, 100 * milk));
        assertThat(SolidFatCurve.of(blend).solidAt(celsius))
                .isCloseTo(FatBlend.of(blend).solidAt(celsius), within(0.004));
    }

    /** By its own definition: what is molten holds exactly what dissolves in it. */
    @Property(tries = 300)
    void whatIsMoltenIsSaturated(@ForAll @DoubleRange(min = 0, max = 33) final double celsius) {
        final double molten = 1 - FatBlend.cocoaButter().solidAt(celsius);
        double dissolved = 1 - 0.036 - 0.102 - 0.190 - 0.422 - 0.200;
        for (final double[] body :
                new double[][] {
                    {0.036, 7.5, 107e3},
                    {0.102, 24.4, 75e3},
                    {0.190, 48.0, 60e3},
                    {0.422, 39.6, 100e3},
                    {0.200, 46.3, 110e3}
                }) {
            final double most =
                    celsius >= body[1]
                            ? body[0]
                            : molten
                                    * Math.exp(
                                            -body[2]
                                                    / 8.314
                                                    * (1 / (celsius + 273.15)
                                                            - 1 / (body[1] + 273.15)));
            dissolved += Math.min(body[0], most);
        }
        assertThat(dissolved).isCloseTo(molten, within(1e-9));
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
                    .isBetween(0.0, 0.95);
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
