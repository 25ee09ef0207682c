package palintone.core.temper.flow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.temper.crystal.Crystals;

class CassonFlowTest {

    /** h = τ0/ρg on an upright wall: 4 Pa leave 0.33 mm, 12 Pa three times that. */
    @Test
    void theFilmOnAWallFollowsTheYieldValue() {
        assertThat(new CassonFlow(4, 2).wallFilmMm()).isCloseTo(0.329, within(0.001));
        assertThat(new CassonFlow(12, 2).wallFilmMm()).isCloseTo(0.987, within(0.003));
    }

    /** The thicker it is sold, the fewer crystals it bears; a medium dark bears about a tenth. */
    @Test
    void fluidityDecidesWhenItNoLongerPours() {
        double before = -1;
        for (final FluidityClass sold : FluidityClass.values()) {
            final double bears = CassonFlow.thickSolid(sold, Samples.DARK_66.composition(), 31.5);
            assertThat(bears).as(sold.words()).isGreaterThan(before);
            before = bears;
        }
        assertThat(CassonFlow.thickSolid(FluidityClass.MEDIUM, Samples.DARK_66.composition(), 31.5))
                .isCloseTo(0.10, within(0.005));
    }

    /** Casson's equation by hand: (√4 + √(2·8))² / 8 = 36/8. */
    @Test
    void apparentViscosityByHand() {
        assertThat(new CassonFlow(4, 2).apparentPaS(8)).isCloseTo(4.5, within(1e-12));
    }

    @Property(tries = 100)
    void crystalsAndColdThicken(
            @ForAll @DoubleRange(min = 0, max = 0.1) final double stable,
            @ForAll @DoubleRange(min = 28, max = 44) final double temperatureC) {
        final CassonFlow here = flow(temperatureC, stable);
        assertThat(flow(temperatureC, stable + 0.01).plasticPaS()).isGreaterThan(here.plasticPaS());
        assertThat(flow(temperatureC - 1, stable).apparentPaS(10))
                .isGreaterThan(here.apparentPaS(10));
    }

    private static CassonFlow flow(final double temperatureC, final double stable) {
        return CassonFlow.of(
                FluidityClass.MEDIUM,
                Samples.DARK_66.composition(),
                temperatureC,
                new Crystals(stable, 0));
    }
}
