package palintone.core.temper.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.figure.Figure;
import palintone.core.temper.CouvertureKind;

/** What must I do to, and what happens if, meet. */
class TemperCalculatorTest {

    private static final TemperCalculator BOWL =
            new TemperCalculator(
                    CurvePlannerTest.order(CouvertureKind.DARK, TemperingMethod.COLD_BATH, 2400));

    private static final List<MeltWay> WAYS =
            List.of(
                    MeltWay.BURSTS,
                    new MeltWay(MeltWay.WayKind.HEAT_GUN, 1500),
                    new MeltWay(MeltWay.WayKind.WATER_BATH, 55),
                    new MeltWay(MeltWay.WayKind.OVEN, 70));

    private static double first(final List<Figure> answer) {
        return answer.get(0).value();
    }

    @ParameterizedTest
    @CsvSource({"40, 46", "36, 47"})
    void heatThereAndBack(final double from, final double to) {
        for (final MeltWay way : WAYS) {
            final double answer = first(BOWL.heatFor(way, from, to));
            final double seconds = way.kind().electric() ? answer : answer * 60;
            assertThat(first(BOWL.afterHeat(way, from, seconds)))
                    .as(way.kind().words())
                    .isCloseTo(to, within(0.01));
        }
    }

    /** Without crystals and without a room it is Newton's cooling the other way round. */
    @Test
    void overHotWaterAnEmptyOfCrystalsBowlNearsTheWaterAsNewtonSays() {
        final CurveOrder order =
                CurvePlannerTest.order(CouvertureKind.DARK, TemperingMethod.COLD_BATH, 2400);
        final double waterWPerK = order.vessel().waterWPerK();
        final double airWPerK = order.vessel().airWPerK();
        final double heatJPerK =
                2400 * order.couverture().cpJPerGK() + order.vessel().capacityJPerK();
        final double ends = (waterWPerK * 55 + airWPerK * order.roomC()) / (waterWPerK + airWPerK);
        final double seconds =
                heatJPerK / (waterWPerK + airWPerK) * Math.log((ends - 40) / (ends - 46));
        assertThat(first(BOWL.heatFor(new MeltWay(MeltWay.WayKind.WATER_BATH, 55), 40, 46)) * 60)
                .isCloseTo(seconds, within(0.01 * seconds));
    }

    /** From the solid most of the heat goes into melting: the room's bowl takes far longer. */
    @Test
    void whatMeltsIsPartOfTheHeat() {
        final List<Figure> solid = BOWL.heatFor(MeltWay.BURSTS, 20, 46);
        final List<Figure> melted = BOWL.heatFor(MeltWay.BURSTS, 40, 46);
        final double share = solid.get(solid.size() - 1).value();
        assertThat(share).isBetween(35.0, 60.0);
        assertThat(melted.get(melted.size() - 1).value()).isCloseTo(0, within(1e-9));
        // Heat for the same kelvins alone, and the rest is melting; the room takes a little more.
        final double alone = first(melted) * 26 / 6;
        assertThat(1 - alone / first(solid)).isCloseTo(share / 100, within(0.06));
    }

    @Test
    void anOvenNoWarmerThanTheBowlIsRefused() {
        assertThatThrownBy(() -> BOWL.heatFor(new MeltWay(MeltWay.WayKind.OVEN, 45), 20, 46))
                .hasMessageContaining("oven is 45 °C; allowed: 50 to 120 °C");
        assertThatThrownBy(() -> BOWL.heatFor(new MeltWay(MeltWay.WayKind.WATER_BATH, 51), 20, 50))
                .hasMessageContaining("hot water is 51 °C; allowed: 52 to 100 °C");
        assertThat(new MeltWay(MeltWay.WayKind.WATER_BATH, 51).canReach(50)).isFalse();
        assertThatThrownBy(() -> new MeltWay(MeltWay.WayKind.WATER_BATH, 140))
                .hasMessageContaining("hot water is 140 °C");
    }

    @Test
    void warmerWaterIsQuickerAndAnOvenTakesItsTime() {
        double before = Double.MAX_VALUE;
        for (int waterC = 55; waterC <= 95; waterC += 10) {
            final double minutes =
                    first(BOWL.heatFor(new MeltWay(MeltWay.WayKind.WATER_BATH, waterC), 20, 46));
            assertThat(minutes).isLessThan(before);
            before = minutes;
        }
        assertThat(first(BOWL.heatFor(new MeltWay(MeltWay.WayKind.OVEN, 60), 20, 46)))
                .isBetween(60.0, 400.0);
    }

    @ParameterizedTest
    @CsvSource({"46, 35", "45, 27"})
    void bathThereAndBack(final double from, final double to) {
        assertThat(first(BOWL.afterBath(from, first(BOWL.bathFor(from, to)))))
                .isCloseTo(to, within(0.01));
    }

    @Test
    void shareAndTemperatureMeet() {
        assertThat(first(BOWL.afterStone(first(BOWL.shareFor(31.8)))))
                .isCloseTo(31.8, within(0.01));
    }

    @Test
    void aWarmerBowlHasALongerWindow() {
        assertThat(first(BOWL.window(31.9, 1))).isGreaterThan(first(BOWL.window(31.3, 1)));
    }

    @Test
    void impossibleQuestionsAreRefused() {
        assertThatThrownBy(() -> BOWL.heatFor(MeltWay.BURSTS, 40, 80))
                .hasMessageContaining("temperature wanted is 80 °C");
        assertThatThrownBy(() -> BOWL.bathFor(40, 10))
                .hasMessageContaining("temperature wanted is 10 °C");
    }
}
