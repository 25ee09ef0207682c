package palintone.core.temper.method;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Band;
import palintone.core.temper.Couverture;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.VesselKind;

/** Models.md: 1 kg at 45 °C and 30 g of seed keep nothing; at 34 °C about 2 % of the fat stays. */
class SeedFallTest {

    private static final Couverture DARK = Samples.dark();
    private static final Band WORK = Band.around(31, 32, 1);

    private static SeedFall fall(final double bowlC, final double seedG) {
        return SeedFall.of(
                DARK,
                BowlVessel.holding(VesselKind.STEEL_BOWL, 1000, DARK.castingDensityGPerMl()),
                WORK,
                1000,
                bowlC,
                seedG,
                20);
    }

    private static BowlState last(final SeedFall fall) {
        return fall.path().get(fall.path().size() - 1);
    }

    @Test
    void aFewPerCentIntoAHotBowlMeltOutAndItIsSaidHowToGoOn() {
        final SeedFall hot = fall(45, 30);
        assertThat(last(hot).crystals().stable()).isLessThan(0.003);
        assertThat(last(hot).temperatureC()).isBetween(31.9, 32.1);
        assertThat(hot.say()).hasSize(2);
        assertThat(hot.say().get(1).template()).contains("as much again when it reads {at}");
        assertThat(hot.say().get(1).values().get("at").value()).isBetween(33.0, 35.0);
        assertThat(hot.say().get(1).values().get("stays").value()).isGreaterThan(0.5);
    }

    @Test
    void theSameAtThirtyFourStays() {
        final SeedFall cool = fall(34, 30);
        assertThat(last(cool).crystals().stable()).isBetween(0.005, 0.05);
        assertThat(cool.say()).hasSize(1);
    }

    /** On the way down no crystal comes from nothing: above the clear point seed only melts. */
    @Test
    void whileItIsHotSeedOnlyMelts() {
        double before = 1;
        for (final BowlState state : fall(45, 60).path()) {
            if (state.temperatureC() > 34.5 && state.timeS() > 0) {
                assertThat(state.crystals().stable()).isLessThanOrEqualTo(before + 1e-5);
                before = state.crystals().stable();
            }
        }
    }
}
