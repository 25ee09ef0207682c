package palintone.core.temper.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.flow.FluidityClass;

class CurvePlannerTest {

    static final Equipment WORKSHOP =
            new Equipment(new HeatSource(800, 0.6), 19, 0.54, 20, 14, 9000, 900);

    static CurveOrder order(
            final CouvertureKind kind, final TemperingMethod method, final double massG) {
        final Couverture couverture =
                switch (kind) {
                    case DARK -> new Couverture(Samples.DARK_66, kind);
                    case MILK -> new Couverture(Samples.MILK_41, kind);
                    case WHITE -> new Couverture(Samples.IVORY_33, kind);
                };
        return new CurveOrder(
                couverture,
                FluidityClass.MEDIUM,
                TemperTargets.of(kind, DarkWindowPractice.LOW),
                massG,
                VesselKind.STEEL_BOWL,
                method,
                20,
                WORKSHOP,
                Optional.empty());
    }

    @ParameterizedTest
    @EnumSource(TemperingMethod.class)
    void everyMethodEndsInTemperAndInTheWindow(final TemperingMethod method) {
        for (final CouvertureKind kind : CouvertureKind.values()) {
            final TemperCurve curve = CurvePlanner.plan(order(kind, method, 3000));
            assertThat(curve.verdict()).as(kind + " " + method).isEqualTo(Verdict.IN_TEMPER);
            final CurvePhase work = curve.phases().get(curve.phases().size() - 1);
            assertThat(work.kind()).isEqualTo(CurvePhase.PhaseKind.WORK);
            assertThat(work.fromC()).isBetween(work.band().low() - 0.05, work.band().high() + 0.2);
            assertThat(curve.window().value()).isGreaterThan(3);
        }
    }

    /**
     * A small bowl is no other chocolate: heat comes fast, but it is waited until fat has melted.
     */
    @ParameterizedTest
    @ValueSource(doubles = {60, 113, 200, 300, 1000})
    void aSmallBowlMeltedGentlyKeepsItsTemper(final double massG) {
        for (final CouvertureKind kind : CouvertureKind.values()) {
            final TemperCurve curve =
                    CurvePlanner.plan(order(kind, TemperingMethod.KEEP_TEMPER, massG));
            assertThat(curve.verdict()).as(kind + " " + massG).isEqualTo(Verdict.IN_TEMPER);
            assertThat(curve.stable().value()).isBetween(5.0, 10.0);
            final CurvePhase work = curve.phases().get(curve.phases().size() - 1);
            assertThat(work.fromC()).isBetween(work.band().low(), work.band().highLimit());
            assertThat(curve.window().value()).isLessThan(60);
        }
    }

    /** Common practice, no source: seeded, down to 27.8 °C, back up into 31 to 32.8 °C. */
    @Test
    void theThirdSchoolOfSeedingIsOneCurve() {
        final TemperCurve curve =
                CurvePlanner.plan(order(CouvertureKind.DARK, TemperingMethod.SEED_UNDERCOOL, 2000));
        assertThat(curve.phases())
                .extracting(CurvePhase::kind)
                .containsSubsequence(
                        CurvePhase.PhaseKind.MELT,
                        CurvePhase.PhaseKind.SEED,
                        CurvePhase.PhaseKind.COOL,
                        CurvePhase.PhaseKind.REWARM,
                        CurvePhase.PhaseKind.WORK);
        final double coldest =
                curve.path().stream()
                        .filter(s -> s.timeS() > curve.phases().get(0).endS())
                        .filter(s -> s.timeS() < curve.ready().value() * 60)
                        .mapToDouble(BowlState::temperatureC)
                        .min()
                        .orElseThrow();
        assertThat(coldest).isCloseTo(27.8, within(0.2));
        final CurvePhase work = curve.phases().get(curve.phases().size() - 1);
        assertThat(work.fromC()).isBetween(31.0, 32.8);
        assertThat(curve.verdict()).isEqualTo(Verdict.IN_TEMPER);
    }

    /** Fluidity is more than a name: a thin couverture pours thinner and is worked longer. */
    @Test
    void fluidityMovesTheCurve() {
        final CurveOrder medium = order(CouvertureKind.MILK, TemperingMethod.SEED_THIRD, 3000);
        final TemperCurve thin = CurvePlanner.plan(sold(medium, FluidityClass.VERY_THIN));
        final TemperCurve thick = CurvePlanner.plan(sold(medium, FluidityClass.VERY_THICK));
        assertThat(thick.pour().value()).isGreaterThan(3 * thin.pour().value());
        assertThat(thick.pour().bandStatus()).isNotEqualTo(thin.pour().bandStatus());
        assertThat(thin.window().value()).isGreaterThanOrEqualTo(thick.window().value());
    }

    private static CurveOrder sold(final CurveOrder order, final FluidityClass fluidity) {
        return new CurveOrder(
                order.couverture(),
                fluidity,
                order.targets(),
                order.massG(),
                order.vesselKind(),
                order.method(),
                order.roomC(),
                order.equipment(),
                order.share());
    }

    /** Half a square metre of stone, two centimetres thick, warms under eight kilograms. */
    @Test
    void aStoneThatWarmsUpIsSaidToBeTooSmall() {
        assertThatThrownBy(
                        () ->
                                CurvePlanner.plan(
                                        order(CouvertureKind.DARK, TemperingMethod.TABLING, 8000)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("chocolate on the stone is 5333 g")
                .hasMessageContaining("at a time on this stone");
    }

    /** The path the chart shows never goes back in time and never leaves what a bowl can be. */
    @ParameterizedTest
    @EnumSource(TemperingMethod.class)
    void thePathIsOneCurve(final TemperingMethod method) {
        double before = -1;
        for (final BowlState state :
                CurvePlanner.plan(order(CouvertureKind.DARK, method, 3000)).path()) {
            assertThat(state.timeS()).isGreaterThanOrEqualTo(before);
            assertThat(state.temperatureC()).isBetween(19.0, 50.0);
            before = state.timeS();
        }
    }

    /** Another mass, vessel or room gives another curve: nothing is a fixed picture. */
    @Test
    void theCurveFollowsTheBowl() {
        final TemperCurve small =
                CurvePlanner.plan(order(CouvertureKind.DARK, TemperingMethod.COLD_BATH, 500));
        final TemperCurve large =
                CurvePlanner.plan(order(CouvertureKind.DARK, TemperingMethod.COLD_BATH, 6000));
        assertThat(large.ready().value()).isGreaterThan(2 * small.ready().value());
        assertThat(large.window().value()).isGreaterThan(small.window().value());
    }

    @ParameterizedTest
    @CsvSource({"31.2", "32.0", "33.5"})
    void tablingIsSolvedBothWays(final double targetC) {
        final CurveOrder order = order(CouvertureKind.DARK, TemperingMethod.TABLING, 3000);
        final double share = CurvePlanner.shareToTable(order, targetC);
        assertThat(CurvePlanner.afterRemixC(order.withShare(share)))
                .isCloseTo(targetC, within(0.01));
    }

    /** Common practice, no source: two thirds tabled bring the bowl back at about 32 °C. */
    @Test
    void twoThirdsOnTheStoneComeBackInTheWindow() {
        assertThat(
                        CurvePlanner.afterRemixC(
                                order(CouvertureKind.DARK, TemperingMethod.TABLING, 3000)))
                .isBetween(30.5, 33.0);
    }

    @Test
    void whatTheEquipmentCannotDoIsSaid() {
        final CurveOrder order = order(CouvertureKind.DARK, TemperingMethod.COLD_BATH, 3000);
        final CurveOrder warm =
                new CurveOrder(
                        order.couverture(),
                        order.fluidity(),
                        order.targets(),
                        order.massG(),
                        order.vesselKind(),
                        order.method(),
                        order.roomC(),
                        WORKSHOP.withBathC(26),
                        Optional.empty());
        assertThatThrownBy(() -> CurvePlanner.plan(warm))
                .hasMessageContaining("bath temperature is 26.0 °C");
        assertThatThrownBy(() -> CurvePlanner.shareToTable(order, 20))
                .hasMessageContaining("temperature after the stone");
    }

    /** Bursts sum to what is needed, none too long; white gets the shortest. */
    @ParameterizedTest
    @EnumSource(CouvertureKind.class)
    void burstsAreSafe(final CouvertureKind kind) {
        final List<Double> bursts = HeatBursts.forRise(kind, WORKSHOP.heat(), 2000, 1.6, 25);
        assertThat(bursts.stream().mapToDouble(Double::doubleValue).sum())
                .isCloseTo(2000 * 1.6 * 25 / 480, within(1e-9));
        assertThat(bursts).allMatch(b -> b <= HeatBursts.longestS(kind));
        assertThat(HeatBursts.longestS(CouvertureKind.WHITE))
                .isLessThan(HeatBursts.longestS(CouvertureKind.DARK));
    }

    /** What makers say of white: down to 26 or 27, a few seconds of heat, and it is there. */
    @Test
    void theQuickBathSaysWhatIsThereAndHoldsForTheRest() {
        final TemperCurve quick =
                CurvePlanner.plan(
                        order(CouvertureKind.WHITE, TemperingMethod.COLD_BATH_QUICK, 2000));
        final TemperCurve deep =
                CurvePlanner.plan(order(CouvertureKind.WHITE, TemperingMethod.COLD_BATH, 2000));
        final double atOnce = quick.solved().get(0).value();
        assertThat(quick.solved().get(0).name()).isEqualTo("seed where it goes up at once");
        assertThat(atOnce).isLessThan(CurveScript.WANTED_STABLE * 100);
        assertThat(quick.solved().get(1).value()).isGreaterThan(0);
        assertThat(quick.stable().value()).isCloseTo(deep.stable().value(), within(0.5));
        assertThat(coldest(quick)).isCloseTo(26.5, within(0.1));
        assertThat(coldest(deep)).isLessThan(26);
    }

    private static double coldest(final TemperCurve curve) {
        return curve.phases().stream().mapToDouble(CurvePhase::toC).min().orElseThrow();
    }

    /** However it is melted, the same bowl comes into temper; only the time differs. */
    @ParameterizedTest
    @EnumSource(MeltWay.WayKind.class)
    void everyWayOfMeltingEndsInTemper(final MeltWay.WayKind kind) {
        final MeltWay way =
                new MeltWay(
                        kind,
                        switch (kind) {
                            case BURSTS -> 0;
                            case HEAT_GUN -> 1500;
                            case WATER_BATH -> 60;
                            case OVEN -> 70;
                        });
        final CurveOrder usual = order(CouvertureKind.MILK, TemperingMethod.SEED_THIRD, 1500);
        final TemperCurve curve =
                CurvePlanner.plan(
                        new CurveOrder(
                                usual.couverture(),
                                usual.fluidity(),
                                usual.targets(),
                                usual.massG(),
                                usual.vesselKind(),
                                usual.method(),
                                usual.roomC(),
                                WORKSHOP.withMelting(way),
                                Optional.empty()));
        assertThat(curve.verdict()).isEqualTo(Verdict.IN_TEMPER);
        assertThat(curve.path().stream().mapToDouble(BowlState::temperatureC).max().orElseThrow())
                .isCloseTo(47.5, within(0.3));
    }

    @Test
    void aHardBowlIsKeptOnlyWhereItSetWell() {
        final CurveOrder order = order(CouvertureKind.DARK, TemperingMethod.TABLING, 1500);
        final HardBowl even = HardBowl.of(order, HardBowl.Looks.EVEN);
        assertThat(even.gently().orElseThrow().stable().value()).isBetween(5.0, 10.0);
        assertThat(even.gently().orElseThrow().thickness().value())
                .isGreaterThan(even.anew().thickness().value());
        for (final HardBowl.Looks bad : List.of(HardBowl.Looks.DULL, HardBowl.Looks.BLOOMED)) {
            final HardBowl hard = HardBowl.of(order, bad);
            assertThat(hard.gently()).isEmpty();
            assertThat(hard.anew().verdict()).isEqualTo(Verdict.IN_TEMPER);
        }
        // A house that always melts gently still has a way to begin anew.
        assertThat(
                        HardBowl.of(order.by(TemperingMethod.KEEP_TEMPER), HardBowl.Looks.DULL)
                                .anew()
                                .order()
                                .method())
                .isEqualTo(TemperingMethod.SEED_THIRD);
    }

    /** A cup of water cools no bowl: that is named, and nobody waits six hours. */
    @Test
    void aBathThatIsTooSmallIsRefused() {
        final CurveOrder usual = order(CouvertureKind.WHITE, TemperingMethod.COLD_BATH, 2000);
        final CurveOrder small =
                new CurveOrder(
                        usual.couverture(),
                        usual.fluidity(),
                        usual.targets(),
                        usual.massG(),
                        usual.vesselKind(),
                        usual.method(),
                        usual.roomC(),
                        WORKSHOP.withBathG(300),
                        Optional.empty());
        assertThatThrownBy(() -> CurvePlanner.plan(small))
                .hasMessageContaining("bath water is 300 g of 14.0 °C");
        assertThatThrownBy(() -> CurvePlanner.plan(small.by(TemperingMethod.COLD_BATH_QUICK)))
                .hasMessageContaining("bath water");
    }
}
