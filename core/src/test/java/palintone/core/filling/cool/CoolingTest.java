package palintone.core.filling.cool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.substance.ChoiOkos1986;

class CoolingTest {

    private static final Cooked SYRUP =
            Cooking.cook(
                    List.of(
                            op(
                                    OperationKind.ADD,
                                    grams(Kitchen.INVERT, 400),
                                    grams(Kitchen.WATER, 50))));
    private static final Cooked GANACHE =
            Cooking.cook(
                    List.of(
                            op(OperationKind.BOIL, grams(Samples.CREAM, 250)),
                            op(OperationKind.POUR, grams(Samples.DARK_66, 300))));

    private static Cooling cool(
            final Cooked what,
            final CoolingVessel vessel,
            final double depthMm,
            final double room) {
        return Cooling.of(
                FillingProperties.of(what, Conditions.USUAL),
                new Cooling.Where(vessel, depthMm, room, 70, 29));
    }

    /**
     * Still air and radiation from a bowl of stirred syrup on a rack: −m·c·dT/dt = a·ΔT^1.25 + b·ΔT
     * has a solution in closed form, ΔT^−¼ = (ΔT0^−¼ + a/b)·exp(b·t/4mc) − a/b; the radiation of
     * the model goes by the mean of both temperatures, so that b lies between its two ends.
     */
    @Property(tries = 40)
    void aStirredSyrupCoolsAsStillAirAndRadiationSay(
            @ForAll @DoubleRange(min = 20, max = 120) final double depthMm,
            @ForAll @DoubleRange(min = -10, max = 25) final double room) {
        final double depth = depthMm / 1000;
        final double area =
                SYRUP.yieldG() / ChoiOkos1986.densityGPerMl(SYRUP.composition(), 30) * 1e-6 / depth;
        final double side = 2 * Math.sqrt(Math.PI * area) * depth;
        final double heat = SYRUP.yieldG() * ChoiOkos1986.cpJPerGK(SYRUP.composition(), 30);
        final double wide = Math.max(0.02, Math.sqrt(area));
        final double a =
                area * (1.32 + 0.59) / Math.pow(wide, 0.25)
                        + side * 1.42 / Math.pow(Math.max(0.02, depth), 0.25);
        for (final Cooling.At at :
                Cooling.of(
                                FillingProperties.of(SYRUP, Conditions.USUAL),
                                new Cooling.Where(
                                        CoolingVessel.BOWL,
                                        depthMm,
                                        CoolingStand.RACK,
                                        true,
                                        room,
                                        70,
                                        29))
                        .path()) {
            final double s = at.minutes() * 60;
            assertThat(at.celsius())
                    .isBetween(
                            room + fallen(70 - room, a, radiated(area, side, 70), heat, s) - 0.3,
                            room + fallen(70 - room, a, radiated(area, side, room), heat, s) + 0.3);
        }
    }

    private static double radiated(final double area, final double side, final double celsius) {
        final double perM2 = 4 * 5.67e-8 * Math.pow(celsius + 273.15, 3);
        return perM2 * (area * (0.9 + 0.25) + side * 0.25);
    }

    private static double fallen(
            final double from, final double a, final double b, final double heat, final double s) {
        final double u = (Math.pow(from, -0.25) + a / b) * Math.exp(b * s / 4 / heat) - a / b;
        return Math.pow(u, -4);
    }

    /** A body of 15 kJ on stone: by hand, ∫ e/√(πt) dt is 2·e·√(t/π). */
    @Test
    void stoneTakesMuchAtFirstAndAMovedAirTheMostLater() {
        final double early = watts(CoolingStand.STONE, 60);
        final double late = watts(CoolingStand.STONE, 3600);
        assertThat(early).isGreaterThan(2 * late);
        assertThat(watts(CoolingStand.TABLE, 3600)).isLessThan(late);
        assertThat(watts(CoolingStand.DRAUGHT, 3600))
                .isGreaterThan(watts(CoolingStand.RACK, 3600) * 1.2);
    }

    private static double watts(final CoolingStand on, final double seconds) {
        return CoolingVessel.TRAY.wattsPerK(
                500, 0.02, 1.1, on, 35, 20, seconds, CoolingVessel.Inside.STIRRED);
    }

    /** Setting fat gives its heat back: ganache stays above what Newton alone would make of it. */
    @Test
    void settingFatHoldsTheTemperatureUp() {
        final List<Cooling.At> path = cool(GANACHE, CoolingVessel.BOWL, 60, 15).path();
        final Cooling.At first = path.get(0);
        // While it is warmer than its fat sets nothing but Newton cools it.
        final Cooling.At early =
                path.stream().filter(at -> at.celsius() < 45).findFirst().orElseThrow();
        assertThat(early.solidPercent()).isZero();
        final double rate =
                Math.log((first.celsius() - 15) / (early.celsius() - 15)) / early.minutes();
        final Cooling.At later =
                path.stream().filter(at -> at.minutes() >= 300).findFirst().orElseThrow();
        assertThat(later.celsius())
                .isGreaterThan(
                        15 + (first.celsius() - 15) * Math.exp(-rate * later.minutes()) + 0.3);
        assertThat(later.solidPercent()).isGreaterThan(15);
    }

    @Test
    void thinAndBareCoolsSoonerThanDeep() {
        final double tray = cool(GANACHE, CoolingVessel.TRAY, 10, 18).toPiping().get(0).value();
        final double bag = cool(GANACHE, CoolingVessel.BAG, 30, 18).toPiping().get(0).value();
        final double bowl = cool(GANACHE, CoolingVessel.BOWL, 80, 18).toPiping().get(0).value();
        assertThat(tray).isLessThan(bag);
        assertThat(bag).isLessThan(bowl);
    }

    @Test
    void theWindowOpensBeforeItCloses() {
        final Cooling cooling = cool(GANACHE, CoolingVessel.BOWL, 60, 8);
        assertThat(cooling.windowOpens().get(0).value())
                .isLessThan(cooling.windowCloses().get(0).value());
    }

    @Test
    void everySchoolSaysWhatDiffers() {
        for (final RestPractice practice : RestPractice.values()) {
            final Cooling.At end =
                    practice.end(
                            FillingProperties.of(GANACHE, Conditions.USUAL),
                            CoolingVessel.BOWL,
                            60,
                            40);
            assertThat(end.celsius())
                    .as(practice.words())
                    .isBetween(practice.celsius() - 0.01, 40.0);
            assertThat(end.minutes()).isLessThanOrEqualTo(practice.hours() * 60);
            assertThat(practice.says()).isNotBlank();
        }
        assertThat(ButterPractice.AT_30.says()).contains("Our default");
    }

    @Test
    void placesThatCannotBeAreRefused() {
        assertThatThrownBy(() -> cool(GANACHE, CoolingVessel.BOWL, 900, 20))
                .hasMessageContaining("depth is 900");
        assertThatThrownBy(() -> cool(GANACHE, CoolingVessel.BOWL, 60, 55))
                .hasMessageContaining("room");
        assertThatThrownBy(
                        () ->
                                Cooling.of(
                                        FillingProperties.of(GANACHE, Conditions.USUAL),
                                        new Cooling.Where(CoolingVessel.BAG, 20, 20, 10, 29)))
                .hasMessageContaining("from");
    }
}
