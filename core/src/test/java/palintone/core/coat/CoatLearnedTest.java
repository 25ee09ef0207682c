package palintone.core.coat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;

/** A workshop whose coats are heavier or lighter than the model's comes to know it. */
class CoatLearnedTest {

    @Test
    void nothingWeighedIsTheTradesBand() {
        assertThat(CoatLearned.of(List.of())).isEqualTo(CoatLearned.NOTHING);
    }

    @Test
    void oneWeighingGoesHalfTheWay() {
        final double one = CoatLearned.of(List.of(1.5)).factor();
        assertThat(one).isCloseTo(Math.sqrt(1.5 * DipOrder.UNWEIGHED), within(1e-9));
    }

    /** Hidden workshops, drawn at random: after a season their factor is known to a twentieth. */
    @Test
    void hiddenWorkshopsAreFound() {
        final Random random = new Random(20261126);
        for (int i = 0; i < 200; i++) {
            final double hidden = 0.5 + random.nextDouble();
            final List<Double> season =
                    IntStream.range(0, 12)
                            .mapToObj(k -> hidden * Math.exp(0.06 * random.nextGaussian()))
                            .toList();
            final CoatLearned learned = CoatLearned.of(season);
            assertThat(learned.factor()).isCloseTo(hidden, within(0.12 * hidden));
            assertThat(learned.spread()).isBetween(0.02, 0.14);
            assertThat(learned.weighings()).isEqualTo(12);
        }
    }

    @Test
    void onlyTheLastTwelveCount() {
        final List<Double> long1 = new java.util.ArrayList<>(Collections.nCopies(12, 1.0));
        long1.addAll(Collections.nCopies(40, 3.0));
        assertThat(CoatLearned.of(long1)).isEqualTo(CoatLearned.of(Collections.nCopies(12, 1.0)));
    }

    /** Common practice, no source: ten to twenty seconds from the cold before a soft one smears. */
    @Test
    void aChilledCentreBearsTheHandForSeconds() {
        final Centre ball = new Centre(CentreShape.Ball.of(12 / 1.18), 1.18, 2.4, 0.3);
        final double chilled = HandWarmth.seconds(ball, 8, 18);
        assertThat(chilled).isBetween(8.0, 22.0);
        assertThat(HandWarmth.seconds(ball, 5, 18)).isGreaterThan(chilled);
        assertThat(HandWarmth.seconds(ball, 8, 24)).isGreaterThan(chilled);
        assertThat(HandWarmth.seconds(ball, 25, 24)).isZero();
    }

    @Test
    void tappingIsFoundForTheCoatOfAPiece() {
        final DipOrder order =
                new DipOrder(
                        new palintone.core.casting.pour.BowlAt(
                                Samples.dark(),
                                palintone.core.temper.flow.FluidityClass.MEDIUM,
                                31.5,
                                new palintone.core.temper.crystal.Crystals(0.01, 0)),
                        new Centre(CentreShape.Ball.of(10), 1.18, 2.4, 0.3),
                        18,
                        2,
                        0,
                        false,
                        20,
                        DipOrder.UNWEIGHED);
        final DipPlan plan = DipPlan.of(order, 5);
        assertThat(plan.found()).isTrue();
        assertThat(plan.coat().massG()).isCloseTo(5, within(0.05));
        // Common practice, no source: a few seconds over the bowl.
        assertThat(plan.order().tappedS()).isBetween(1.0, 8.0);
        // What would want longer is not planned: what else there is says what each leaves.
        final DipPlan thin = DipPlan.of(order, 3);
        assertThat(thin.found()).isFalse();
        assertThat(thin.order().tappedS()).isEqualTo(8);
        final DipLevers levers = DipLevers.of(thin.order(), 32);
        assertThat(levers.tappedG()).isEqualTo(thin.coat().massG());
        assertThat(levers.warmerG()).isLessThan(levers.tappedG());
        assertThat(levers.thinnerG()).isLessThan(levers.warmerG());
        assertThat(levers.blownG()).isLessThan(levers.tappedG());
        assertThat(plan.everyS() * plan.lot()).isLessThanOrEqualTo(plan.coat().skinS());
    }
}
