package palintone.core.coat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.casting.film.Consistency;
import palintone.core.casting.film.DrainingFilm;
import palintone.core.casting.film.WallLine;
import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

class CoatTest {

    /** 12 g of ganache: cp 2400, k 0.3; density as of a ganache. */
    private static final Centre BALL = new Centre(CentreShape.Ball.of(12 / 1.18), 1.18, 2.4, 0.3);

    private static DipOrder order(final double centreC, final double filmFactor) {
        return new DipOrder(
                new BowlAt(Samples.dark(), FluidityClass.MEDIUM, 31.5, new Crystals(0.03, 0)),
                BALL,
                centreC,
                3,
                5,
                false,
                20,
                filmFactor);
    }

    private static DipOrder block(final boolean blown, final double tappedS) {
        return new DipOrder(
                new BowlAt(Samples.dark(), FluidityClass.MEDIUM, 31.5, new Crystals(0.01, 0)),
                new Centre(new CentreShape.Block(24, 24, 12), 1.15, 2.6, 0.3),
                15,
                2,
                tappedS,
                blown,
                20,
                1);
    }

    /** Other hands: 35 J in three seconds, most of it out of what is then the coat. */
    /** Any weight is tapped for, or it is said that tapping does not come to it. */
    @Property(tries = 60)
    void everyWeightIsTappedForOrSaidNotToBe(
            @ForAll @DoubleRange(min = 0.2, max = 12) final double coatG) {
        final DipSolve.Tapped tapped = DipSolve.tappedFor(order(12, 1), coatG);
        final double untappedG = Coat.of(order(12, 1).tapped(0)).massG();
        final double gotG = Coat.of(tapped.order()).massG();
        if (!tapped.found()) {
            // Not tapped at all it is too little, or tapped for longest still too much.
            assertThat(tapped.order().tappedS() == 0).isEqualTo(gotG < coatG);
        } else if (tapped.order().tappedS() > 0.02) {
            assertThat(gotG).isCloseTo(coatG, within(0.05 * coatG));
        } else {
            assertThat(gotG).isLessThanOrEqualTo(untappedG);
        }
    }

    @Test
    void otherHandsDipTheSameBall() {
        final Coat coat = Coat.of(order(12, 1));
        assertThat(BALL.massG()).isCloseTo(12, within(1e-9));
        assertThat(coat.tookJ()).isCloseTo(35, withinPercentage(5));
        assertThat(coat.crustMm()).isBetween(0.0, 0.3);
    }

    /**
     * Other hands: a film of about 1.9 mm after five seconds with halved yield; their fluid is 7 Pa
     * and 2.6 Pa·s, ours with 3 % of seed is half as thick again.
     */
    @Test
    void otherHandsTapTheSameFilm() {
        final double roundM = Math.PI * BALL.shape().reachMm() / 1000;
        final DrainingFilm film =
                new DrainingFilm(WallLine.plane(roundM, Math.PI / 4, 30), 1270, 5e-3);
        film.drain(5, 5, 0, s -> Consistency.even(3.5, 2.6));
        assertThat(film.heldM3() / roundM * 1000).isCloseTo(1.9, withinPercentage(8));
        assertThat(Coat.of(order(12, 1)).filmMm()).isBetween(1.9, 3.0);
    }

    /** Other hands: under 1.9 mm a surface is 18 % solid after 57, 80 and 160 s. */
    @ParameterizedTest
    @CsvSource({"5, 57", "12, 80", "20, 160"})
    void otherHandsSetTheSameSkin(final double centreC, final double seconds) {
        final double asOurs = Coat.of(order(centreC, 1)).filmMm();
        final Coat coat = Coat.of(order(centreC, 1.9 / asOurs));
        assertThat(coat.filmMm()).isCloseTo(1.9, within(1e-9));
        assertThat(coat.skinS()).isCloseTo(seconds, withinPercentage(10));
        assertThat(coat.massG()).isCloseTo(6, withinPercentage(5));
    }

    /** Slow and thin: 0.944·√(σ/ρg)·Ca^⅔ by hand for 0.1 Pa·s drawn at 1 mm/s. */
    @Test
    void aThinBathLeavesTheFilmOfLandauAndLevich() {
        final double film = Withdrawal.filmMm(0.1, 0, 1000, 0.001, 0.03);
        assertThat(film)
                .isCloseTo(
                        0.944
                                * Math.sqrt(0.03 / 9810)
                                * Math.pow(0.1 * 0.001 / 0.03, 2.0 / 3)
                                * 1000,
                        within(1e-12))
                .isCloseTo(0.0369, within(2e-4));
        // Fast and thick only weight holds it back: ⅔·√(5·0.1/(1000·9.81)).
        assertThat(Withdrawal.filmMm(5, 0, 1000, 0.1, 0.03)).isCloseTo(4.759, within(1e-3));
        assertThat(Withdrawal.filmMm(5, 9.81, 1000, 0.1, 0.03)).isCloseTo(5.759, within(1e-3));
    }

    /** A cylinder's offset: itself grown, with quarter rounds along both rims (Pappus). */
    @Property
    void aLogUnderACoatIsItsOffset(
            @ForAll @DoubleRange(min = 6, max = 40) final double across,
            @ForAll @DoubleRange(min = 5, max = 120) final double length,
            @ForAll @DoubleRange(min = 0, max = 4) final double coat) {
        final double r = across / 2;
        final double side = Math.PI * Math.pow(r + coat, 2) * length;
        final double ends = 2 * Math.PI * r * r * coat;
        // A quarter circle turned about the axis: area π·c²/4, its middle 4·c/(3·π) off the rim.
        final double rims =
                2 * 2 * Math.PI * (r + 4 * coat / (3 * Math.PI)) * Math.PI * coat * coat / 4;
        assertThat(new CentreShape.Log(across, length).grownMl(coat))
                .isCloseTo((side + ends + rims) / 1000, within(1e-9));
    }

    /** Steiner's formula against a ball, which is its own offset. */
    @Property
    void aCoatAddsAreaTimesThicknessAndALittle(
            @ForAll @DoubleRange(min = 5, max = 60) final double mm,
            @ForAll @DoubleRange(min = 0.1, max = 4) final double coat) {
        final CentreShape ball = new CentreShape.Ball(mm);
        assertThat(ball.grownMl(coat))
                .isCloseTo(new CentreShape.Ball(mm + 2 * coat).volumeMl(), withinPercentage(1e-9));
        final CentreShape block = new CentreShape.Block(mm, mm, mm);
        final double plain = block.volumeMl() + block.areaMm2() * coat / 1000;
        final double sharp = Math.pow(mm + 2 * coat, 3) / 1000;
        assertThat(block.grownMl(coat)).isBetween(plain, sharp);
    }

    @Test
    void tappingAndBlowingThinACoat() {
        final Coat dripping = Coat.of(block(false, 0));
        final Coat tapped = Coat.of(block(false, 5));
        final Coat blown = Coat.of(block(true, 5));
        assertThat(tapped.massG()).isLessThan(dripping.massG() * 0.8);
        assertThat(blown.topMm()).isLessThan(tapped.topMm());
        assertThat(blown.sidesMm()).isEqualTo(tapped.sidesMm());
        assertThat(Coat.of(block(false, 12)).massG()).isLessThan(tapped.massG());
    }

    /** Three to four minutes to roll, common practice; less where the centre is cold. */
    @Test
    void aSkinComesWithinMinutesAndSoonerOnACold() {
        final Coat warm = Coat.of(order(20, 0.6));
        final Coat cold = Coat.of(order(4, 0.6));
        assertThat(warm.skinS()).isBetween(60.0, 300.0);
        assertThat(cold.skinS()).isLessThan(warm.skinS() / 2);
        assertThat(warm.tackyS()).isLessThan(warm.skinS());
        assertThat(warm.skinS()).isLessThan(warm.liftsS());
    }

    @Test
    void aFrozenCentreTearsItsCoat() {
        assertThat(Coat.of(order(-18, 1)).tears()).isTrue();
        assertThat(Coat.of(order(12, 1)).tears()).isFalse();
    }

    @Test
    void impossibleDipsAreNamed() {
        assertThatThrownBy(() -> order(34, 1))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("no warmer than the bowl");
        assertThatThrownBy(() -> order(12, 9)).hasMessageContaining("film factor");
        assertThatThrownBy(() -> block(false, 90)).hasMessageContaining("tapped");
        assertThatThrownBy(() -> new CentreShape.Block(1, 20, 20))
                .hasMessageContaining("length of the centre");
    }

    /**
     * By hand: on a block of 24 × 24 × 12 the sides are 1152 mm²; what is thicker there than τ/(ρg)
     * is the foot, and longer tapping leaves less of it, down to nothing.
     */
    @Test
    void whatItsYieldValueDoesNotHoldRunsIntoAFoot() {
        final DipOrder order = block(false, 2);
        final Coat coat = Coat.of(order);
        final Foot foot = Foot.of(order, coat);
        final double gPerMl = order.bowl().couverture().castingDensityGPerMl();
        final double held = order.bowl().flow().yieldPa() / (gPerMl * 1000 * 9.81) * 1000;
        assertThat(foot.heldMm()).isCloseTo(held, within(1e-9));
        assertThat(foot.massG())
                .isCloseTo(
                        1152
                                * Math.max(0, coat.sidesMm() - Math.max(held, coat.crustMm()))
                                / 1000
                                * gPerMl,
                        within(1e-9));
        assertThat(foot.massG()).isPositive();
        double before = foot.massG();
        for (final double tapped : new double[] {5, 10, 20, 40}) {
            final DipOrder longer = block(false, tapped);
            final double now = Foot.of(longer, Coat.of(longer)).massG();
            assertThat(now).isLessThanOrEqualTo(before);
            before = now;
        }
        assertThat(before).isLessThan(0.35 * foot.massG());
    }
}
