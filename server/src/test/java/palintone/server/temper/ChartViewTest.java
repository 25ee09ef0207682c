package palintone.server.temper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import palintone.core.temper.trace.Sample;

class ChartViewTest {

    /** A day of readings is drawn with some thousand points, and its one spike is among them. */
    @Test
    void aLongTraceIsThinnedAndLosesNoSpike() {
        final List<Sample> samples = new ArrayList<>();
        for (int i = 0; i < 100_000; i++) {
            samples.add(new Sample(i, i == 43_211 ? 77.7 : 31 + Math.sin(i / 500.0)));
        }
        final ChartView thin = ChartView.of(samples, List.of()).thinned();
        assertThat(thin.timeS().length).isLessThanOrEqualTo(3000);
        assertThat(Arrays.stream(thin.celsius()).max().orElseThrow()).isEqualTo(77.7);
        assertThat(thin.timeS()[0]).isZero();
        assertThat(thin.timeS()[thin.timeS().length - 1]).isEqualTo(99_999);
        assertThat(thin.timeS()).isSorted();
    }

    @Test
    void aShortOneStaysAsItIs() {
        final ChartView all =
                ChartView.of(List.of(new Sample(1, 31), new Sample(2, 32)), List.of());
        assertThat(all.thinned().celsius()).containsExactly(31, 32);
    }
}
