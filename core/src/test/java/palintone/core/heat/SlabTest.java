package palintone.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Closed forms of Carslaw & Jaeger, Conduction of Heat in Solids (1959), chapters II and III. */
class SlabTest {

    private static final double STONE_W_PER_MK = 2.6;
    private static final double STONE_J_PER_M3K = 2700e3 * 0.85;

    /**
     * Two thick bodies pressed together meet at once at (e₁T₁ + e₂T₂)/(e₁ + e₂), e = √(kρc), and
     * stay there: molten chocolate of 45 °C on stone of 19 °C, or of 32 on 23.
     */
    @ParameterizedTest
    @CsvSource({"45, 19", "32, 23"})
    void theContactTemperatureIsExact(final double chocolateC, final double stoneC) {
        final int layers = 200;
        final double thin = 1e-4;
        final double chocolateW = 0.25;
        final double chocolateJ = 1.25e6 * 1.6;
        final Slab chocolate = new Slab(1, thin, chocolateW, chocolateJ);
        final Slab stone = new Slab(1, thin, STONE_W_PER_MK, STONE_J_PER_M3K);
        final double[] hot = new double[layers];
        final double[] cold = new double[layers];
        Arrays.fill(hot, chocolateC);
        Arrays.fill(cold, stoneC);
        final double[] hotRates = new double[layers];
        final double[] coldRates = new double[layers];
        // Half a layer of each, one after the other.
        final double touch =
                1 / (1 / (2 * chocolate.betweenWPerK()) + 1 / (2 * stone.betweenWPerK()));
        final double step = 0.002;
        double contactC = 0;
        for (int i = 0; i < 10 / step; i++) {
            final double passesW = touch * (hot[0] - cold[0]);
            contactC = cold[0] + passesW / (2 * stone.betweenWPerK());
            chocolate.warming(hot, 0, layers, -passesW, hotRates);
            stone.warming(cold, 0, layers, passesW, coldRates);
            for (int k = 0; k < layers; k++) {
                hot[k] += step * hotRates[k];
                cold[k] += step * coldRates[k];
            }
        }
        final double e1 = Math.sqrt(chocolateW * chocolateJ);
        final double e2 = Math.sqrt(STONE_W_PER_MK * STONE_J_PER_M3K);
        assertThat(contactC).isCloseTo((e1 * chocolateC + e2 * stoneC) / (e1 + e2), within(0.02));
    }

    /**
     * Into a thick body whose surface is held ΔT warmer goes 2·e·ΔT·√(t/π) by then: the eight
     * layers a tabling stone has are enough for it, until heat reaches the other side.
     */
    @ParameterizedTest
    @CsvSource({"30", "60", "100"})
    void aStoneTakesUpWhatAThickBodyWould(final double seconds) {
        final int layers = 8;
        final Slab stone = new Slab(1, 0.02 / layers, STONE_W_PER_MK, STONE_J_PER_M3K);
        final double[] celsius = new double[layers];
        final double[] rates = new double[layers];
        final double step = 0.02;
        double taken = 0;
        for (int i = 0; i < seconds / step; i++) {
            final double in = 2 * stone.betweenWPerK() * (10 - celsius[0]);
            taken += in * step;
            stone.warming(celsius, 0, layers, in, rates);
            for (int k = 0; k < layers; k++) {
                celsius[k] += step * rates[k];
            }
        }
        final double exact =
                2 * Math.sqrt(STONE_W_PER_MK * STONE_J_PER_M3K) * 10 * Math.sqrt(seconds / Math.PI);
        assertThat(taken / exact).isCloseTo(1, within(0.04));
    }

    /** Whatever passes between layers, the whole takes up what comes in. */
    @Test
    void noHeatIsLostBetweenLayers() {
        final Slab stone = new Slab(0.3, 0.0025, STONE_W_PER_MK, STONE_J_PER_M3K);
        final double[] celsius = {99, 31, 26, 22, 20, 19.5};
        final double[] rates = new double[6];
        stone.warming(celsius, 1, 5, 240, rates);
        assertThat(rates[0]).as("not its own").isZero();
        assertThat(Arrays.stream(rates).sum() * stone.layerJPerK()).isCloseTo(240, within(1e-9));
    }
}
