package palintone.core.temper.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.trace.Sample;

class SimulatedProbeTest {

    private static final int MANY = 20_000;

    private static double[] readings(final SimulatedProbe probe) {
        final Random random = new Random(5);
        return IntStream.range(0, MANY).mapToDouble(i -> probe.read(31.5, random)).toArray();
    }

    @Test
    void aGoodProbeTellsTheTruth() {
        assertThat(readings(new SimulatedProbe(0, 0, 0, 0))).containsOnly(31.5);
    }

    @Test
    void noiseAndOffsetAreAsStated() {
        final double[] read = readings(new SimulatedProbe(0.2, 0.4, 0, 0));
        final double mean = IntStream.range(0, MANY).mapToDouble(i -> read[i]).average().orElse(0);
        final double spread =
                Math.sqrt(
                        IntStream.range(0, MANY)
                                .mapToDouble(i -> Math.pow(read[i] - mean, 2))
                                .average()
                                .orElse(0));
        assertThat(mean).isCloseTo(31.9, within(0.01));
        assertThat(spread).isCloseTo(0.2, within(0.01));
    }

    @Test
    void dropoutsAndSkinReadingsComeAsOftenAsStated() {
        final double[] read = readings(new SimulatedProbe(0, 0, 0.1, 0.2));
        final long missing = IntStream.range(0, MANY).filter(i -> Double.isNaN(read[i])).count();
        final long skin = IntStream.range(0, MANY).filter(i -> read[i] < 30).count();
        assertThat(missing / (double) MANY).isCloseTo(0.1, within(0.01));
        assertThat(skin / (double) MANY).isCloseTo(0.18, within(0.015));
        // Seven kelvin between skin and middle have been seen; common practice, no source.
        final double coldest =
                IntStream.range(0, MANY)
                        .mapToDouble(i -> read[i])
                        .filter(Double::isFinite)
                        .min()
                        .orElse(0);
        assertThat(coldest).isBetween(24.5, 25.0);
    }

    @Test
    void aPathIsReadAtEvenTimesBetweenItsPoints() {
        final List<BowlState> path =
                List.of(
                        new BowlState(0, 1000, 40, Crystals.NONE),
                        new BowlState(100, 1000, 30, Crystals.NONE));
        final List<Sample> read = new SimulatedProbe(0, 0, 0, 0).read(path, 25, new Random(1));
        assertThat(read)
                .containsExactly(
                        new Sample(0, 40),
                        new Sample(25, 37.5),
                        new Sample(50, 35),
                        new Sample(75, 32.5),
                        new Sample(100, 30));
    }

    @Test
    void impossibleFaultsAreRefused() {
        assertThatThrownBy(() -> new SimulatedProbe(-1, 0, 0, 0))
                .hasMessageContaining("noise is -1 K");
        assertThatThrownBy(() -> new SimulatedProbe(0, 0, 1, 0))
                .hasMessageContaining("dropouts is 100 %");
    }
}
