package palintone.core.temper.bowl;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import palintone.core.temper.crystal.Shear;

class BowlVesselTest {

    /** By hand: 3 kg at 1.2 g/ml fill a half sphere of 10.6 cm; 353 cm² open, twice that wall. */
    @Test
    void aSteelBowlByHand() {
        final BowlVessel bowl = BowlVessel.holding(VesselKind.STEEL_BOWL, 3000, 1.2);
        final double topM2 = Math.PI * Math.pow(3 * 2.5e-3 / (2 * Math.PI), 2.0 / 3);
        assertThat(topM2).isCloseTo(0.0353, within(0.0002));
        assertThat(bowl.airWPerK()).isCloseTo(topM2 * (12 + 2 * 9), within(1e-12));
        assertThat(bowl.waterWPerK()).isCloseTo(2 * topM2 * 110, within(1e-12));
    }

    /** Areas grow with two thirds of the mass: a big bowl keeps its heat. */
    @ParameterizedTest
    @EnumSource(VesselKind.class)
    void eightTimesTheMassHasFourTimesTheArea(final VesselKind kind) {
        final BowlVessel small = BowlVessel.holding(kind, 500, 1.2);
        final BowlVessel large = BowlVessel.holding(kind, 4000, 1.2);
        assertThat(large.airWPerK() / small.airWPerK()).isCloseTo(4, within(1e-9));
        assertThat(large.capacityJPerK() / small.capacityJPerK()).isCloseTo(4, within(1e-9));
    }

    @Test
    void aMelterHoldsHeatBestAndSteelTakesTheBathFastest() {
        final BowlVessel steel = BowlVessel.holding(VesselKind.STEEL_BOWL, 3000, 1.2);
        final BowlVessel plastic = BowlVessel.holding(VesselKind.PLASTIC_BOWL, 3000, 1.2);
        final BowlVessel melter = BowlVessel.holding(VesselKind.MELTER, 3000, 1.2);
        assertThat(melter.airWPerK()).isLessThan(plastic.airWPerK());
        assertThat(plastic.airWPerK()).isLessThan(steel.airWPerK());
        assertThat(plastic.waterWPerK()).isLessThan(steel.waterWPerK() / 2);
    }

    @Test
    void aMeasuredLossReplacesOurs() {
        final BowlVessel bowl = BowlVessel.holding(VesselKind.STEEL_BOWL, 3000, 1.2).losing(0.7);
        assertThat(bowl.airWPerK()).isEqualTo(0.7);
        assertThat(bowl.waterWPerK())
                .isEqualTo(BowlVessel.holding(VesselKind.STEEL_BOWL, 3000, 1.2).waterWPerK());
    }

    /** 2 kg at 1.2 g/ml, 6 mm thick: 0.278 m², but never more than four fifths of the stone. */
    @Test
    void chocolateCoversAsMuchStoneAsThereIs() {
        assertThat(HeatSink.spreadM2(2000, 1.2, 1)).isCloseTo(0.2778, within(1e-4));
        assertThat(HeatSink.spreadM2(20_000, 1.2, 0.5)).isCloseTo(0.4, within(1e-12));
    }

    @Test
    void aThermostatGivesNoMoreThanItCan() {
        final BowlTreatment held = BowlTreatment.room(20, Shear.STIRRED).heldAt(32, 300);
        assertThat(held.sourceW(20)).isEqualTo(300);
        assertThat(held.sourceW(32)).isZero();
        assertThat(held.sourceW(50)).isEqualTo(-300);
        assertThat(held.sourceW(31.25)).isCloseTo(150, within(1e-9));
        assertThat(held.heated(-40).sourceW(32)).isEqualTo(-40);
    }

    @Test
    void impossibleSurroundingsAreRefused() {
        assertThatThrownBy(() -> BowlVessel.holding(VesselKind.GLASS_BOWL, 1, 1.2))
                .hasMessageContaining("mass is 1 g");
        assertThatThrownBy(() -> BowlTreatment.room(60, Shear.STILL))
                .hasMessageContaining("room temperature is 60");
        final BowlVessel bowl = BowlVessel.holding(VesselKind.STEEL_BOWL, 3000, 1.2);
        assertThatThrownBy(() -> HeatSink.water(bowl, 120, 1000))
                .hasMessageContaining("water temperature is 120");
        assertThatThrownBy(() -> HeatSink.water(bowl, 12, 0)).hasMessageContaining("water is 0 g");
        assertThatThrownBy(() -> HeatSink.stone(19, 0.02, 0.001))
                .hasMessageContaining("stone area");
    }
}
