package palintone.core.temper.bowl;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.fat.SolidFatCurve;
import palintone.core.heat.ChocolateMass;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.Shear;

class BowlSimulationTest {

    private static final CrystalLaw LAW =
            new CrystalLaw(SolidFatCurve.cocoaButter(), CrystalConstants.CALIBRATED);

    private static BowlSimulation bowl(final double massG, final double temperatureC) {
        return bowl(massG, temperatureC, Crystals.NONE, 1e-9);
    }

    private static BowlSimulation bowl(
            final double massG, final double temperatureC, final Crystals c, final double tol) {
        final BowlVessel vessel = BowlVessel.holding(VesselKind.STEEL_BOWL, massG, 1.2);
        return new BowlSimulation(
                Samples.dark(), LAW, vessel, new BowlState(0, massG, temperatureC, c), tol);
    }

    /** Newton's law of cooling in closed form, above every crystal. */
    @Test
    void aMeltedBowlCoolsAfterNewton() {
        final BowlSimulation bowl = bowl(3000, 50);
        bowl.run(BowlTreatment.room(20, Shear.STIRRED), 900);
        final double capacity = 3000 * Samples.dark().cpJPerGK() + bowl.vessel().capacityJPerK();
        final double expected = 20 + 30 * Math.exp(-900 * bowl.vessel().airWPerK() / capacity);
        assertThat(bowl.now().temperatureC()).isCloseTo(expected, within(1e-6));
    }

    /** Two bodies in contact, closed form: the difference dies out exponentially. */
    @Test
    void chocolateAndStoneMeetAfterTheClosedForm() {
        final double massG = 2000;
        final BowlVessel bare = new BowlVessel("nothing", 0, 0, 0);
        final HeatSink stone = HeatSink.stirred(35, 24_786, 22.5);
        final BowlSimulation bowl =
                new BowlSimulation(
                        Samples.dark(),
                        LAW,
                        bare,
                        new BowlState(0, massG, 50, Crystals.NONE),
                        1e-9);
        bowl.run(BowlTreatment.room(20, Shear.STILL).with(stone), 120);
        final double c1 = massG * Samples.dark().cpJPerGK();
        final double c2 = stone.capacityJPerK();
        final double end = (c1 * 50 + c2 * 35) / (c1 + c2);
        final double left = Math.exp(-stone.contactWPerK() * (1 / c1 + 1 / c2) * 120);
        assertThat(bowl.now().temperatureC())
                .isCloseTo(end + 15 * c2 / (c1 + c2) * left, within(1e-5));
        assertThat(bowl.heatSinkLayersC().get(0))
                .isCloseTo(end - 15 * c1 / (c1 + c2) * left, within(1e-5));
    }

    /** The same mixture as the two-body balance of the heat room, once the seed has melted. */
    @Test
    void seedStirredInEndsWhereTheEnthalpyBalanceSays() {
        final BowlVessel bare = new BowlVessel("nothing", 0, 0, 0);
        final BowlSimulation bowl =
                new BowlSimulation(
                        Samples.dark(), LAW, bare, new BowlState(0, 2000, 45, Crystals.NONE), 1e-8);
        final double solid = LAW.curve().solidAt(20);
        bowl.add(1000, 20, new Crystals(solid, 0));
        bowl.run(BowlTreatment.room(20, Shear.STIRRED), 400);
        final ChocolateMass balance =
                Samples.dark()
                        .mixing()
                        .mix(new ChocolateMass(2000, 45, 0), new ChocolateMass(1000, 20, solid));
        assertThat(bowl.now().temperatureC()).isCloseTo(balance.temperatureC(), within(0.5));
    }

    @Property(tries = 60)
    void heatIsKeptToABillionth(
            @ForAll @DoubleRange(min = 100, max = 9000) final double massG,
            @ForAll @DoubleRange(min = 15, max = 60) final double startC,
            @ForAll @DoubleRange(min = 10, max = 30) final double roomC,
            @ForAll @DoubleRange(min = 0, max = 0.3) final double stable,
            @ForAll @DoubleRange(min = 0, max = 0.1) final double unstable,
            @ForAll @DoubleRange(min = -200, max = 800) final double watts,
            @ForAll @IntRange(min = 1, max = 2400) final int seconds) {
        final BowlSimulation bowl = bowl(massG, startC, new Crystals(stable, unstable), 1e-5);
        bowl.run(BowlTreatment.room(roomC, Shear.STIRRED).heated(watts * massG / 9000), seconds);
        bowl.add(massG / 20, 20, new Crystals(0.6, 0));
        bowl.run(
                BowlTreatment.room(roomC, Shear.TABLED)
                        .with(HeatSink.water(bowl.vessel(), 15, massG)),
                seconds);
        bowl.take(massG / 3);
        bowl.run(
                BowlTreatment.room(roomC, Shear.TABLED).with(HeatSink.stone(19, 0.02, 0.1)),
                seconds);
        bowl.run(BowlTreatment.room(roomC, Shear.STILL).heldAt(31, 300), seconds);
        final Ledger ledger = bowl.ledger();
        assertThat(Math.abs(ledger.gapJ()) / ledger.scaleJ()).isLessThan(1e-9);
    }

    /**
     * With nothing around it a bowl warms by the heat of its own crystals, m·f·(137·Δs + 110·Δu),
     * and by nothing else; shares stay shares on the way.
     */
    @Property(tries = 60)
    void aBowlLeftToItselfWarmsByWhatSets(
            @ForAll @DoubleRange(min = 18, max = 31) final double startC,
            @ForAll @DoubleRange(min = 0.01, max = 0.2) final double stable,
            @ForAll @DoubleRange(min = 0, max = 0.1) final double unstable) {
        final BowlSimulation bowl =
                new BowlSimulation(
                        Samples.dark(),
                        LAW,
                        new BowlVessel("nothing", 0, 0, 0),
                        new BowlState(0, 1000, startC, new Crystals(stable, unstable)),
                        1e-9);
        bowl.run(BowlTreatment.room(20, Shear.STIRRED), 1800);
        final Crystals end = bowl.now().crystals();
        final double fatG = 1000 * Samples.DARK_66.composition().fatFraction();
        final double heatJ =
                fatG * (137 * (end.stable() - stable) + 110 * (end.unstable() - unstable));
        assertThat(bowl.now().temperatureC() - startC)
                .isCloseTo(heatJ / (1000 * Samples.dark().cpJPerGK()), within(1e-6));
        for (final BowlState state : bowl.path()) {
            final Crystals c = state.crystals();
            assertThat(1 - c.stable() - c.unstable()).isGreaterThan(-1e-9);
        }
    }

    @Test
    void eventsAreFoundWhereTheyLie() {
        final BowlSimulation bowl = bowl(3000, 45);
        final double seconds =
                bowl.runUntil(BowlTreatment.room(20, Shear.STIRRED), Stop.atTemperature(38), 7200)
                        .orElseThrow();
        final double capacity = 3000 * Samples.dark().cpJPerGK() + bowl.vessel().capacityJPerK();
        assertThat(seconds)
                .isCloseTo(Math.log(25.0 / 18) * capacity / bowl.vessel().airWPerK(), within(0.05));
        assertThat(bowl.now().temperatureC()).isCloseTo(38, within(1e-5));
    }

    /** Common practice, no source: tabling takes minutes, a cold bath too, a bowl alone an hour. */
    @Test
    void coolingTakesWhatMakersSay() {
        final double stone =
                minutes(
                        BowlTreatment.room(20, Shear.TABLED)
                                .with(HeatSink.stone(20, 0.02, HeatSink.spreadM2(2000, 1.2, 0.54))),
                        2000,
                        45,
                        27);
        final BowlVessel steel = BowlVessel.holding(VesselKind.STEEL_BOWL, 3000, 1.2);
        final double bath =
                minutes(
                        BowlTreatment.room(20, Shear.STIRRED).with(HeatSink.water(steel, 12, 9000)),
                        3000,
                        45,
                        27);
        final double alone = minutes(BowlTreatment.room(20, Shear.STIRRED), 3000, 45, 32);
        assertThat(stone).isBetween(2.5, 6.0);
        assertThat(bath).isBetween(5.0, 16.0);
        assertThat(alone).isBetween(35.0, 100.0);
    }

    private static double minutes(
            final BowlTreatment setting, final double massG, final double fromC, final double toC) {
        return bowl(massG, fromC).runUntil(setting, Stop.atTemperature(toC), 36_000).orElseThrow()
                / 60;
    }
}
