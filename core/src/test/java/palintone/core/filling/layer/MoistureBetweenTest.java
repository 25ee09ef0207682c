package palintone.core.filling.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.water.Gab;

class MoistureBetweenTest {

    private static final MoistureBetween.Face BARE = new MoistureBetween.Face(500, 0);

    /**
     * Straight isotherms M = k·aw: the difference of activities falls as exp(−P·A·(1/(k1·d1) +
     * 1/(k2·d2))·t); the textbook solution of two compartments and a resistance.
     */
    @Test
    void straightIsothermsFollowTheAnalyticSolution() {
        final MoistureLayer wet = new MoistureLayer("wet", 6, 0.30, m -> m / 0.35);
        final MoistureLayer dry = new MoistureLayer("dry", 2, 0.02, m -> m / 0.10);
        final double d1 = wet.dryG();
        final double d2 = dry.dryG();
        final double rate = MoistureBetween.BARE * 500e-6 * (1 / (0.35 * d1) + 1 / (0.10 * d2));
        final double first = 0.30 / 0.35 - 0.02 / 0.10;
        for (final MoistureBetween.At at :
                MoistureBetween.follow(List.of(wet, dry), List.of(BARE), 60, 1)) {
            final double difference = at.activity().get(0) - at.activity().get(1);
            assertThat(difference).isCloseTo(first * Math.exp(-rate * at.days()), within(1e-6));
        }
    }

    @Property(tries = 100)
    void gabGoesThereAndBack(@ForAll @DoubleRange(min = 0.05, max = 0.9) final double aw) {
        assertThat(Gab.BAKED.activity(Gab.BAKED.moisture(aw))).isCloseTo(aw, within(1e-9));
    }

    @Test
    void aFatFilmKeepsTheCrispCrispForLonger() {
        final List<MoistureLayer> layers = List.of(ganache(), crisp());
        final double bare = days(layers, 0);
        final double behindFat = days(layers, 0.3);
        assertThat(bare).isBetween(1.0, 15.0);
        assertThat(behindFat).isGreaterThan(4 * bare);
    }

    private static double days(final List<MoistureLayer> layers, final double barrierMm) {
        return MoistureBetween.daysUntil(
                MoistureBetween.follow(
                        layers, List.of(new MoistureBetween.Face(450, barrierMm)), 300, 1),
                1,
                MoistureBetween.SOFT_AT);
    }

    @Test
    void waterIsNeitherMadeNorLost() {
        final MoistureLayer a = new MoistureLayer("a", 5, 0.25, m -> m / 0.4);
        final MoistureLayer b = new MoistureLayer("b", 3, 0.03, m -> m / 0.12);
        final List<MoistureBetween.At> path =
                MoistureBetween.follow(List.of(a, b), List.of(BARE), 100, 1);
        final MoistureBetween.At end = path.get(path.size() - 1);
        final double before = a.moisture() * a.dryG() + b.moisture() * b.dryG();
        final double after =
                end.activity().get(0) * 0.4 * a.dryG() + end.activity().get(1) * 0.12 * b.dryG();
        assertThat(after).isCloseTo(before, within(1e-9));
    }

    /** Water that moves three times as fast goes through the same states in a third of the days. */
    @Test
    void anotherPaceIsTheSamePathSooner() {
        final List<MoistureLayer> layers = List.of(ganache(), crisp());
        final List<MoistureBetween.Face> faces = List.of(new MoistureBetween.Face(450, 0.2));
        final List<MoistureBetween.At> slow = MoistureBetween.follow(layers, faces, 90, 1);
        final List<MoistureBetween.At> fast = MoistureBetween.follow(layers, faces, 30, 3);
        for (int i = 0; i < slow.size(); i++) {
            assertThat(fast.get(i).days()).isCloseTo(slow.get(i).days() / 3, within(1e-9));
            assertThat(fast.get(i).activity().get(1))
                    .isCloseTo(slow.get(i).activity().get(1), within(1e-5));
        }
    }

    @Test
    void crunchChecksCorrectTheModel() {
        final List<MoistureLayer> layers = List.of(ganache(), crisp());
        final List<MoistureBetween.Face> faces = List.of(new MoistureBetween.Face(450, 0));
        final double slower =
                CrunchChecks.factor(
                        layers,
                        faces,
                        1,
                        List.of(
                                new CrunchChecks.Check(10, true),
                                new CrunchChecks.Check(20, true)));
        final double faster =
                CrunchChecks.factor(layers, faces, 1, List.of(new CrunchChecks.Check(1, false)));
        assertThat(slower).isLessThan(0.7);
        assertThat(faster).isGreaterThan(1.2);
        assertThat(CrunchChecks.factor(layers, faces, 1, List.of())).isEqualTo(1);
    }

    @Test
    void oneLayerHasNothingToGiveItsWaterTo() {
        assertThatThrownBy(() -> MoistureBetween.follow(List.of(crisp()), List.of(), 10, 1))
                .hasMessageContaining("two or more");
    }

    private static MoistureLayer ganache() {
        return MoistureLayer.of(
                "ganache", 5, FillingProperties.of(Samples.ganache().cooked(), Conditions.USUAL));
    }

    private static MoistureLayer crisp() {
        return MoistureLayer.of(
                "crisp",
                3,
                FillingProperties.of(
                        Cooking.cook(
                                List.of(
                                        op(
                                                OperationKind.ADD,
                                                grams(Kitchen.NUT_PASTE, 60),
                                                grams(Samples.MILK_41, 40)))),
                        Conditions.USUAL));
    }
}
