package palintone.core.temper.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class TraceCleanerTest {

    private static List<Sample> cooling(final int n) {
        final List<Sample> samples = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            samples.add(new Sample(i * 5, 20 + 27 * Math.exp(-i * 5 / 4000.0)));
        }
        return samples;
    }

    @Test
    void aCleanTraceIsLeftAlone() {
        final CleanTrace clean = TraceCleaner.clean(cooling(400));
        assertThat(clean.good()).hasSize(400);
        assertThat(clean.flagged()).isEmpty();
        assertThat(clean.gaps()).isEmpty();
        assertThat(clean.maybeFahrenheit()).isFalse();
    }

    @Test
    void whatCannotBeIsKeptApartAndCounted() {
        final List<Sample> samples = cooling(200);
        samples.set(20, new Sample(100, Double.NaN));
        samples.set(30, new Sample(150, 850));
        samples.set(40, new Sample(200, samples.get(40).temperatureC() - 6));
        samples.set(50, new Sample(250, samples.get(50).temperatureC() + 9));
        samples.add(61, samples.get(60));
        final CleanTrace clean = TraceCleaner.clean(samples);
        assertThat(clean.counts())
                .containsEntry(Flag.NOT_A_NUMBER, 1)
                .containsEntry(Flag.IMPOSSIBLE, 1)
                .containsEntry(Flag.SKIN, 1)
                .containsEntry(Flag.JUMP, 1)
                .containsEntry(Flag.DUPLICATE, 1);
        assertThat(clean.good()).hasSize(196);
    }

    @Test
    void lateReadingsAreSortedInAndARestartedClockGoesOn() {
        final List<Sample> samples = cooling(200);
        Collections.swap(samples, 100, 101);
        for (int i = 150; i < 200; i++) {
            samples.set(i, new Sample(samples.get(i).timeS() - 750, samples.get(i).temperatureC()));
        }
        final CleanTrace clean = TraceCleaner.clean(samples);
        assertThat(clean.counts())
                .containsEntry(Flag.OUT_OF_ORDER, 1)
                .containsEntry(Flag.CLOCK_RESTARTED, 1);
        assertThat(clean.good()).hasSize(200);
        assertThat(clean.good().get(199).timeS()).isBetween(990.0, 1000.0);
    }

    @Test
    void gapsAreReported() {
        final List<Sample> samples = cooling(200);
        samples.subList(50, 120).clear();
        final CleanTrace clean = TraceCleaner.clean(samples);
        assertThat(clean.gaps()).hasSize(1);
        assertThat(clean.gaps().get(0).seconds()).isEqualTo(355);
    }

    @Test
    void fahrenheitUnderACelsiusLabelIsSuspected() {
        final List<Sample> fahrenheit =
                cooling(300).stream()
                        .map(s -> new Sample(s.timeS(), s.temperatureC() * 1.8 + 32))
                        .toList();
        assertThat(TraceCleaner.clean(fahrenheit).maybeFahrenheit()).isTrue();
    }

    @Test
    void aMillionReadingsGoThrough() {
        final List<Sample> many = new ArrayList<>();
        final Random random = new Random(1);
        for (int i = 0; i < 1_000_000; i++) {
            many.add(new Sample(i * 0.1, 31.5 + 0.05 * random.nextGaussian()));
        }
        final CleanTrace clean = TraceCleaner.clean(many);
        assertThat(clean.good().size() + clean.flagged().size()).isEqualTo(1_000_000);
    }

    /** Whatever comes, every reading is either good or named: none is dropped silently. */
    @Property(tries = 100)
    void nothingIsDroppedSilently(
            @ForAll final List<Double> temperatures,
            @ForAll @IntRange(min = -3, max = 50) final int backwards) {
        final List<Sample> samples = new ArrayList<>();
        for (int i = 0; i < temperatures.size(); i++) {
            samples.add(new Sample(i % 7 == 3 ? i - backwards : i, temperatures.get(i)));
        }
        final CleanTrace clean = TraceCleaner.clean(samples);
        final long apart = clean.flagged().stream().filter(f -> !kept(f.flag())).count();
        assertThat(clean.good().size() + apart).isEqualTo(samples.size());
        for (int i = 1; i < clean.good().size(); i++) {
            assertThat(clean.good().get(i).timeS()).isGreaterThan(clean.good().get(i - 1).timeS());
        }
    }

    private static boolean kept(final Flag flag) {
        return flag == Flag.OUT_OF_ORDER || flag == Flag.CLOCK_RESTARTED;
    }

    @Test
    void liveASkinReadingIsDoubtedAndARealStepBelievedInTheEnd() {
        final LiveFilter filter = new LiveFilter();
        assertThat(filter.offer(new Sample(0, 31.5))).hasSize(1);
        assertThat(filter.offer(new Sample(2, 26))).isEmpty();
        assertThat(filter.doubting()).isTrue();
        assertThat(filter.offer(new Sample(4, 31.4))).hasSize(1);
        assertThat(filter.doubting()).isFalse();
        assertThat(filter.offer(new Sample(6, 35))).isEmpty();
        assertThat(filter.offer(new Sample(8, 35.1))).isEmpty();
        assertThat(filter.offer(new Sample(10, 35.1))).hasSize(3);
    }
}
