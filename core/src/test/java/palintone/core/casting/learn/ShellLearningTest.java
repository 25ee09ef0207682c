package palintone.core.casting.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.OutOfRangeException;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

class ShellLearningTest {

    private static final CastOrder ORDER =
            new CastOrder(
                    new BowlAt(Samples.dark(), FluidityClass.MEDIUM, 31.5, new Crystals(0.02, 0)),
                    new Mould("small", "Small", new HalfSphere(28), 24, 6),
                    24,
                    20,
                    Vibration.TAPPED,
                    20,
                    0,
                    Learned.NOTHING);

    private static final double SHORT_S = 40;
    private static final double LONG_S = 360;
    private static final double SPREAD_G = 0.08;

    private final ShellLearning learning = new ShellLearning();

    /** Two hundred workshops, ten weighings each: the truth lies in the margin 85 to 95 in 100. */
    @Test
    void hiddenFactorsAreFoundWithinTheirMargin() {
        final Random chance = new Random(20261126);
        int yieldIn = 0;
        int heatIn = 0;
        final int workshops = 200;
        final double ninety = 1.645;
        for (int shop = 0; shop < workshops; shop++) {
            final double y = chance.nextGaussian() * Learned.NOTHING.yieldSpread();
            final double h = chance.nextGaussian() * Learned.NOTHING.heatSpread();
            final Learned truth = Learned.NOTHING.times(Math.exp(y), Math.exp(h));
            final List<ShellLearning.Weighing> ten = new ArrayList<>();
            for (int k = 0; k < 10; k++) {
                final double waitS = k % 2 == 0 ? SHORT_S : LONG_S;
                ten.add(
                        new ShellLearning.Weighing(
                                ORDER,
                                waitS,
                                learning.predictG(ORDER, waitS, truth)
                                        + chance.nextGaussian() * SPREAD_G,
                                SPREAD_G));
            }
            final Learned learned = learning.after(ten);
            if (Math.abs(Math.log(learned.yieldFactor()) - y) < ninety * learned.yieldSpread()) {
                yieldIn++;
            }
            if (Math.abs(Math.log(learned.heatFactor()) - h) < ninety * learned.heatSpread()) {
                heatIn++;
            }
            assertThat(learned.yieldSpread()).isLessThan(Learned.NOTHING.yieldSpread() * 0.9);
        }
        assertThat(yieldIn / (double) workshops).isBetween(0.85, 0.95);
        assertThat(heatIn / (double) workshops).isBetween(0.85, 0.95);
    }

    /** Ten weighings after short waits say nothing of how it sets: the margin stays wide. */
    @Test
    void itSaysWhatItCannotKnow() {
        final List<ShellLearning.Weighing> ten = new ArrayList<>();
        for (int k = 0; k < 10; k++) {
            ten.add(new ShellLearning.Weighing(ORDER, SHORT_S, 1.9, SPREAD_G));
        }
        final Learned learned = learning.after(ten);
        assertThat(learned.heatSpread()).isGreaterThan(0.8 * Learned.NOTHING.heatSpread());
        assertThat(learned.yieldSpread()).isLessThan(0.5 * Learned.NOTHING.yieldSpread());
        assertThat(learned.weighings()).isEqualTo(10);
        assertThat(learning.after(List.of())).isEqualTo(Learned.NOTHING);
    }

    /** Heavier shells than foretold raise the factor, and the next answer is theirs. */
    @Test
    void theNextAnswerIsBetter() {
        final double foretold = learning.predictG(ORDER, SHORT_S, Learned.NOTHING);
        final double weighed = foretold * 1.3;
        final Learned learned =
                learning.after(
                        List.of(
                                new ShellLearning.Weighing(ORDER, SHORT_S, weighed, 0.03),
                                new ShellLearning.Weighing(ORDER, SHORT_S, weighed, 0.03)));
        assertThat(learned.yieldFactor()).isGreaterThan(1.1);
        final double next = new ShellCast(ORDER.learning(learned)).after(SHORT_S).massG();
        assertThat(Math.abs(next - weighed)).isLessThan(Math.abs(foretold - weighed) / 3);
    }

    @Test
    void aScaleThatReadsZeroIsNamed() {
        assertThatThrownBy(() -> new ShellLearning.Weighing(ORDER, SHORT_S, 0, SPREAD_G))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("weight of a shell");
    }
}
