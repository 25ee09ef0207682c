package palintone.core.filling.cool;

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
import palintone.core.filling.Conditions;
import palintone.core.filling.FillingProperties;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.OperationKind;
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

    /** Newton's law, T = room + ΔT·exp(−W·t/(m·cp)), its W and m·cp worked out beside it. */
    @Property(tries = 40)
    void aSyrupCoolsAsNewtonSays(
            @ForAll @DoubleRange(min = 10, max = 120) final double depthMm,
            @ForAll @DoubleRange(min = -10, max = 25) final double room) {
        final double massG = SYRUP.yieldG();
        final double density = ChoiOkos1986.densityGPerMl(SYRUP.composition(), 30);
        final double watts = CoolingVessel.BOWL.wattsPerK(massG, depthMm / 1000, density);
        final double heat = massG * ChoiOkos1986.cpJPerGK(SYRUP.composition(), 30);
        for (final Cooling.At at : cool(SYRUP, CoolingVessel.BOWL, depthMm, room).path()) {
            assertThat(at.celsius())
                    .isCloseTo(
                            room + (70 - room) * Math.exp(-watts * at.minutes() * 60 / heat),
                            within(0.25));
        }
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
