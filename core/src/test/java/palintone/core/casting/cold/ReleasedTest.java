package palintone.core.casting.cold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Range;

class ReleasedTest {

    /** Worn and polished moulds of 200 invented workshops are found within the margin stated. */
    @Test
    void theHiddenFactorIsFoundAsOftenAsStated() {
        final Random random = new Random(20261126);
        int within = 0;
        double before = 0;
        double after = 0;
        for (int workshop = 0; workshop < 200; workshop++) {
            final double hidden = 0.35 * random.nextGaussian();
            final List<Released.Check> checks = new ArrayList<>();
            for (int mould = 0; mould < 10; mould++) {
                final double coldS = 900 * Math.exp(0.4 * random.nextGaussian());
                // Each cavity lets go at a time of its own.
                int loose = 0;
                for (int cavity = 0; cavity < 6; cavity++) {
                    final double letsGoS = 900 * Math.exp(hidden + 0.2 * random.nextGaussian());
                    loose += coldS > letsGoS ? 1 : 0;
                }
                checks.add(new Released.Check(900, coldS, loose / 6.0));
            }
            final Released found = Released.of(checks);
            final double off = Math.abs(Math.log(found.factor()) - hidden);
            within += off < 1.28 * found.spread() ? 1 : 0;
            before += Math.abs(hidden);
            after += off;
            assertThat(found.spread()).isLessThan(Released.NOTHING.spread());
        }
        // Eight in ten; of two hundred, within four standard deviations.
        assertThat(within).isBetween(137, 183);
        assertThat(after).isLessThan(before / 3);
    }

    @Test
    void whatCameOutEarlyShortensIt() {
        final Released early = Released.of(List.of(new Released.Check(900, 500, 1)));
        final Released late = Released.of(List.of(new Released.Check(900, 1200, 0)));
        assertThat(early.factor()).isLessThan(1);
        assertThat(late.factor()).isGreaterThan(1);
        assertThat(late.of(new Range(600, 900)).low()).isCloseTo(600 * late.factor(), within(1e-9));
        // What came out long after it should have says little.
        assertThat(Released.of(List.of(new Released.Check(900, 7200, 1))).factor())
                .isCloseTo(1, within(0.02));
        assertThat(Released.of(List.of())).isEqualTo(Released.NOTHING);
    }

    @Test
    void impossibleChecksAreNamed() {
        assertThatThrownBy(() -> new Released.Check(900, 0, 1))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("time in the cold");
        assertThatThrownBy(() -> new Released.Check(900, 60, 1.2))
                .hasMessageContaining("share that came out");
    }
}
