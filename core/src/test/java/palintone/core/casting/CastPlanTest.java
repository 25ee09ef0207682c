package palintone.core.casting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import palintone.core.Samples;
import palintone.core.casting.cold.CabinetLoad;
import palintone.core.casting.cold.Released;
import palintone.core.casting.fill.CapSetting;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Bubbles;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Coats;
import palintone.core.casting.shell.Draining;
import palintone.core.casting.shell.Halves;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.OutOfRangeException;
import palintone.core.heat.RoomAir;
import palintone.core.mould.Bar;
import palintone.core.mould.Cavity;
import palintone.core.mould.HalfEgg;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

/** What a batch of shells asks of the clock, and each part of it. */
class CastPlanTest {

    private static final RoomAir ROOM = new RoomAir(21, 50);
    private static final CabinetLoad COLD = new CabinetLoad(12, 1.5, 4, 3, 150);

    private static BowlAt bowl(final double seed) {
        return new BowlAt(Samples.dark(), FluidityClass.MEDIUM, 31.5, new Crystals(seed, 0));
    }

    private static CastOrder order(final Cavity cavity, final double seed, final Vibration by) {
        return new CastOrder(
                bowl(seed),
                new Mould("tried", "Tried", cavity, 24, 4),
                24,
                21,
                by,
                20,
                0,
                Learned.NOTHING);
    }

    private static CastPlan.Wish wish(final double shellMm) {
        return new CastPlan.Wish(
                shellMm,
                Optional.empty(),
                Optional.of(
                        new CastPlan.Capped(bowl(0.01), 2, new CapSetting.Below(9, 23, 2.9, 21))),
                COLD,
                ROOM,
                Released.NOTHING);
    }

    /**
     * Common practice, no source: bubbles of 1.5 to 4 mm are seen to pop within a minute of taps.
     */
    @Test
    void bubblesThatShowComeUpWithinAMinuteOfTaps() {
        final BowlAt bowl =
                new BowlAt(Samples.dark(), FluidityClass.MEDIUM, 31, new Crystals(0.01, 0));
        final Bubbles tapped = Bubbles.of(bowl, Vibration.TAPPED, 16, 60);
        assertThat(tapped.leftMm()).isBetween(0.8, 1.8);
        assertThat(Bubbles.riseS(bowl, Vibration.TAPPED, 4, 16)).isBetween(2.0, 30.0);
        assertThat(Bubbles.riseS(bowl, Vibration.NONE, 4, 16)).as("left alone").isInfinite();
    }

    /** Without a yield value a bubble rises as Hadamard and Rybczynski have it, ρgR²/3η. */
    @Test
    void aBubbleInWhatHardlyYieldsRisesAsTheLawHasIt() {
        final BowlAt bowl = bowl(0.01);
        final double r = 15e-3;
        final double newton = bowl.kgPerM3() * 9.81 * r * r / 3 / bowl.flow().plasticPaS();
        final double ours = 1 / Bubbles.riseS(bowl, Vibration.TABLE, 2000 * r, 1000);
        // Its yield value still holds some of it back, by the square of the roots' difference.
        final double held =
                1
                        - Math.sqrt(
                                bowl.flow().yieldPa()
                                        * Vibration.TABLE.bubbleYieldShare()
                                        / (0.143 * bowl.kgPerM3() * 9.81 * r));
        assertThat(ours).isCloseTo(newton * held * held, withinPercentage(0.01));
        assertThat(ours).isLessThan(newton).isGreaterThan(newton * 0.5);
    }

    @Test
    void whatIsCaughtStaysAndShakingFreesIt() {
        final BowlAt bowl = bowl(0.01);
        double before = Double.POSITIVE_INFINITY;
        for (final Vibration by : Vibration.values()) {
            final Bubbles bubbles = Bubbles.of(bowl, by, 14, 45);
            assertThat(bubbles.caughtMm()).isLessThan(before);
            before = bubbles.caughtMm();
            assertThat(Bubbles.riseS(bowl, by, bubbles.caughtMm() * 0.999, 14)).isInfinite();
            assertThat(Bubbles.riseS(bowl, by, bubbles.leftMm(), 14))
                    .isCloseTo(45, withinPercentage(1));
            assertThat(Bubbles.of(bowl, by, 14, 90).leftMm()).isLessThan(bubbles.leftMm());
        }
        // A table is what makers shake for: nothing wider than a millimetre stays for good.
        assertThat(Bubbles.of(bowl, Vibration.TABLE, 14, 45).caughtMm()).isLessThan(1);
    }

    @Test
    void onPaperTheRimGathersWhatARackLetsFall() {
        final ShellCast cast = new ShellCast(order(new HalfSphere(28), 0.01, Vibration.TAPPED));
        final Shell shell = cast.after(60);
        final Draining rack = Draining.of(cast, shell, Draining.Stands.RACK);
        final Draining paper = Draining.of(cast, shell, Draining.Stands.PAPER);
        assertThat(paper.lipMm()).isGreaterThan(1.5 * rack.lipMm());
        // Upside down on paper its warm air stays in.
        assertThat(paper.beginsS()).isGreaterThan(rack.beginsS());
        assertThat(rack.runsOffG()).isPositive().isLessThan(0.2 * shell.massG());
        assertThat(rack.earliestS()).isPositive().isLessThan(rack.latestS());
        // Scraped within some minutes: common practice, no source.
        assertThat(rack.latestS()).isBetween(180.0, 900.0);
    }

    @Test
    void whatRunsOnIsTakenFromTheShell() {
        final ShellCast cast = new ShellCast(order(new HalfSphere(28), 0.01, Vibration.TABLE));
        final Draining after = Draining.of(cast, cast.after(20), Draining.Stands.RACK);
        final CastOrder longer =
                new CastOrder(
                        cast.order().bowl(),
                        cast.order().mould(),
                        24,
                        21,
                        Vibration.TABLE,
                        300,
                        0,
                        Learned.NOTHING);
        // Draining longer while shaken takes more than running on by itself.
        final double more = cast.after(20).massG() - new ShellCast(longer).after(20).massG();
        assertThat(after.runsOffG()).isPositive().isLessThan(more);
    }

    @Test
    void aSecondCoatIsCastIntoWhatIsLeft() {
        final ShellCast cast = new ShellCast(order(new HalfEgg(70, 85, 100), 0.02, Vibration.NONE));
        final Coats one = Coats.of(cast, List.of(60.0));
        final Coats two = Coats.of(cast, List.of(60.0, 60.0));
        assertThat(two.coats()).hasSize(2);
        assertThat(two.coats().get(0)).isEqualTo(one.coats().get(0));
        assertThat(two.together().massG())
                .isCloseTo(two.coats().stream().mapToDouble(Coats.Coat::massG).sum(), within(1e-9));
        // Less wall is left for the second, and all of it lies within the cavity.
        assertThat(two.coats().get(1).massG())
                .isPositive()
                .isLessThan(two.coats().get(0).massG() * 1.1);
        assertThat(two.together().massG())
                .isLessThan(cast.order().mould().cavity().volumeMl() * bowl(0.02).kgPerM3() / 1000);
        assertThat(two.together().meanMm()).isGreaterThan(one.together().meanMm() * 1.5);
        for (final Coats.Coat coat : two.coats()) {
            assertThat(coat.earliestS()).isPositive().isLessThan(coat.latestS());
        }
    }

    /** Figures of 3 to 4 mm want two or three coats: common practice, no source. */
    @Test
    void aLargeFigureWantsMoreThanOneCoat() {
        final ShellCast cast =
                new ShellCast(order(new HalfEgg(70, 85, 100), 0.01, Vibration.TAPPED));
        final Coats coats = Coats.forMean(cast, 4).orElseThrow();
        assertThat(coats.coats()).hasSizeBetween(2, 3);
        assertThat(coats.together().meanMm()).isCloseTo(4, withinPercentage(1));
        assertThat(Coats.forMean(cast, 1)).isEmpty();
    }

    @Test
    void coatsThatLeaveNoRoomAreNamed() {
        final ShellCast cast = new ShellCast(order(new HalfSphere(16), 0.02, Vibration.NONE));
        assertThatThrownBy(() -> Coats.of(cast, List.of(600.0, 600.0, 600.0, 600.0)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("mm");
        assertThatThrownBy(() -> Coats.of(cast, List.of())).hasMessageContaining("coats");
    }

    @Test
    void aCapIsCarriedThenBondsThenSets() {
        final CapSetting cap =
                CapSetting.of(bowl(0.01), 2, new CapSetting.Below(9, 23, 2.9, 21), 21, COLD);
        assertThat(cap.secondFromS()).isLessThan(cap.secondUntilS());
        // Half as much chocolate begins sooner than all of it.
        assertThat(cap.secondFromS()).isLessThan(cap.beginsS());
        assertThat(cap.firmS().low()).isLessThan(cap.firmS().high());
        // Ten to forty minutes in the cold: common practice, no source.
        assertThat(cap.firmS().low()).isBetween(5 * 60.0, 25 * 60.0);
        assertThat(
                        CapSetting.of(bowl(0.01), 4, new CapSetting.Below(9, 23, 2.9, 21), 21, COLD)
                                .firmS()
                                .low())
                .isGreaterThan(cap.firmS().low());
    }

    @Test
    void aRimBondsOnlyWhereItMelts() {
        final CapSetting cold =
                CapSetting.of(bowl(0.01), 2, new CapSetting.Below(9, 23, 2.9, 18), 21, COLD);
        assertThat(cold.rimMeltsMm()).isZero();
        final CapSetting warm =
                CapSetting.of(
                        bowl(0.01),
                        2,
                        new CapSetting.Below(9, 23, 2.9, cold.rimBondsC() + 0.5),
                        21,
                        COLD);
        assertThat(warm.rimMeltsMm()).isPositive();
        assertThat(cold.rimBondsC()).isBetween(24.0, 31.5);
    }

    /** From the bowl of a house that seeds by a third, every half millimetre a maker wishes. */
    @ParameterizedTest
    @ValueSource(doubles = {1.4, 1.6, 1.8, 2.0, 2.5, 3, 3.5, 3.8, 4, 4.5, 5})
    void whatIsWantedComesOut(final double mm) {
        final CastPlan plan =
                CastPlan.of(
                        order(
                                mm <= 2 ? new HalfSphere(28) : new HalfEgg(70, 85, 100),
                                0.04,
                                Vibration.TAPPED),
                        wish(mm));
        assertThat(plan.coats().together().meanMm()).isCloseTo(mm, withinPercentage(25));
        assertThat(plan.remarks()).isEmpty();
        assertThat(plan.order().vibration())
                .as("no table is planned that nobody has said to own")
                .isEqualTo(Vibration.TAPPED);
        final double wait = plan.coats().coats().get(0).waitS();
        assertThat(plan.waitS().low()).isLessThanOrEqualTo(wait);
        assertThat(plan.waitS().high()).isGreaterThanOrEqualTo(wait);
        assertThat(plan.order().mouldC()).isBetween(plan.warmth().fromC(), plan.warmth().toC());
        // The plan and the station say the same of the same casting.
        final CastPlan again = CastPlan.of(plan.order(), wish(mm));
        assertThat(again.coats()).isEqualTo(plan.coats());
        assertThat(new ShellCast(plan.order()).after(wait).meanMm())
                .isCloseTo(plan.coats().coats().get(0).meanMm(), within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"0.5, even turned at once", "12, the nearest is"})
    void whatCannotBeIsSaid(final double mm, final String words) {
        final CastPlan plan =
                CastPlan.of(order(new HalfSphere(28), 0.01, Vibration.TAPPED), wish(mm));
        assertThat(plan.remarks())
                .singleElement()
                .extracting("template")
                .asString()
                .contains(words);
    }

    /** A bar of 8 mm is full before three coats make eleven: what is left is not called met. */
    @Test
    void aFullCavityIsNotAThicknessMet() {
        final ShellCast bar = new ShellCast(order(new Bar(100, 30, 12, 8), 0.03, Vibration.TAPPED));
        for (final double mm : new double[] {2.5, 4, 11, 16}) {
            final Coats.Nearest nearest = Coats.nearest(bar, mm);
            assertThat(nearest.met())
                    .as("%s of %s", nearest.coats().together().meanMm(), mm)
                    .isEqualTo(Math.abs(nearest.coats().together().meanMm() - mm) <= 0.02 * mm);
        }
        assertThat(Coats.nearest(bar, 16).met()).isFalse();
        assertThat(Coats.nearest(bar, 1.2 * Coats.atOnceMm(bar, 1)).met()).isTrue();
    }

    @Test
    void aShallowBarIsPlannedToo() {
        final CastPlan plan =
                CastPlan.of(order(new Bar(100, 30, 12, 8), 0.01, Vibration.TAPPED), wish(2.5));
        assertThat(plan.coats().coats()).isNotEmpty();
        assertThat(plan.cooling().movedS()).isPositive();
    }

    /** What was weighed of one shaking is not taken for another. */
    @Test
    void whatWasWeighedCountsForItsOwnShaking() {
        final Learned thick = new Learned(6, 1, 0.1, 0.1, 8);
        final CastOrder asked = order(new HalfSphere(28), 0.01, Vibration.TAPPED);
        final CastPlan plan =
                CastPlan.of(
                        asked,
                        wish(1.6),
                        o -> o.vibration() == Vibration.TAPPED ? thick : Learned.NOTHING);
        final CastPlan unknown = CastPlan.of(asked, wish(1.6));
        // Weighed to run thick, tapped: it is told, and no table is made up that nobody owns.
        assertThat(plan.order().vibration()).isEqualTo(Vibration.TAPPED);
        assertThat(plan.order().learned()).isEqualTo(thick);
        assertThat(plan.remarks()).singleElement().asString().contains("even turned at once");
        assertThat(unknown.order().learned()).isEqualTo(Learned.NOTHING);
        final CastPlan still =
                CastPlan.of(
                        order(new HalfSphere(28), 0.01, Vibration.NONE),
                        wish(1.6),
                        o -> o.vibration() == Vibration.TAPPED ? thick : Learned.NOTHING);
        assertThat(still.order().learned()).isEqualTo(Learned.NOTHING);
    }

    /** Halves are held for some minutes: common practice, no source. */
    @Test
    void gluedHalvesSlideNoMoreBeforeTheyMayBeLifted() {
        final Halves cold = Halves.of(bowl(0.01), 18, 18);
        final Halves warm = Halves.of(bowl(0.01), 24, 24);
        assertThat(cold.tacksS()).isBetween(20.0, 600.0).isLessThan(cold.holdsS());
        assertThat(warm.holdsS()).isGreaterThan(cold.holdsS());
    }

    /** Milk sets to less than dark: what bonds and what breaks is measured by that. */
    @Test
    void milkIsMeasuredByWhatMilkSetsTo() {
        final BowlAt milk =
                new BowlAt(
                        new Couverture(Samples.MILK_41, CouvertureKind.MILK),
                        FluidityClass.MEDIUM,
                        30,
                        new Crystals(0.01, 0));
        final CapSetting cap =
                CapSetting.of(milk, 2, new CapSetting.Below(9, 22, 2.9, 20), 20, COLD);
        assertThat(cap.rimMeltsMm()).isZero();
        assertThat(cap.rimBondsC()).isBetween(22.0, 29.0);
        assertThat(cap.secondUntilS()).isBetween(cap.secondFromS() + 30, 25 * 60.0);
        final ShellCast cast =
                new ShellCast(
                        new CastOrder(
                                milk,
                                new Mould("tried", "Tried", new HalfSphere(28), 24, 4),
                                23,
                                20,
                                Vibration.NONE,
                                20,
                                0,
                                Learned.NOTHING));
        final Draining rack = Draining.of(cast, cast.after(60), Draining.Stands.RACK);
        assertThat(rack.latestS()).isBetween(180.0, 1200.0);
    }
}
