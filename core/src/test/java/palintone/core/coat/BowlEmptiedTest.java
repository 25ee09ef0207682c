package palintone.core.coat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

class BowlEmptiedTest {

    private static final Centre BALL = new Centre(CentreShape.Ball.of(12 / 1.18), 1.18, 2.4, 0.3);

    private static BowlEmptied.Tray tray(
            final double centreC, final int pieces, final double bowlG, final double roomC) {
        return new BowlEmptied.Tray(
                new DipOrder(
                        new BowlAt(Samples.dark(), FluidityClass.THIN, 31.5, new Crystals(0.02, 0)),
                        BALL,
                        centreC,
                        3,
                        6,
                        false,
                        roomC,
                        0.7),
                pieces,
                8,
                bowlG,
                30.5);
    }

    /** What goes out with the coats, into the centres and to the room, and what is left. */
    @Test
    void heatAndMassAreKept() {
        final BowlEmptied bowl = BowlEmptied.of(tray(12, 60, 800, 20));
        final BowlEmptied.BowlMoment last = bowl.line().get(bowl.line().size() - 1);
        assertThat(last.bowlG() + bowl.coatsG()).isCloseTo(800, within(800 * 1e-9));
        assertThat(Math.abs(bowl.ledger().gapJ())).isLessThan(1e-6 * bowl.ledger().scaleJ());
    }

    /** Other hands: some 25 centres cost the first degree of 800 g. */
    @Test
    void someTwentyFiveCentresCostTheFirstDegree() {
        final BowlEmptied bowl = BowlEmptied.of(tray(12, 60, 800, 20));
        final int dips =
                bowl.line().stream()
                        .filter(p -> p.bowlC() <= 30.5)
                        .findFirst()
                        .orElseThrow()
                        .dips();
        assertThat(dips).isBetween(14, 34);
        assertThat(bowl.warmAt()).hasValue(dips);
    }

    @Test
    void coldCentresAndASmallBowlCoolItSooner() {
        final double warm = end(BowlEmptied.of(tray(20, 40, 1200, 20)));
        assertThat(end(BowlEmptied.of(tray(4, 40, 1200, 20)))).isLessThan(warm);
        assertThat(end(BowlEmptied.of(tray(20, 40, 700, 20)))).isLessThan(warm);
        assertThat(end(BowlEmptied.of(tray(20, 40, 1200, 26)))).isGreaterThan(warm);
    }

    private static double end(final BowlEmptied bowl) {
        return bowl.line().get(bowl.line().size() - 1).bowlC();
    }

    /** The coat is scaled by how the bowl runs: against the whole model at the end of the tray. */
    @Test
    void theLastCoatIsNearTheWholeModel() {
        final BowlEmptied.Tray tray = tray(12, 40, 1500, 20);
        final BowlEmptied bowl = BowlEmptied.of(tray);
        final BowlEmptied.BowlMoment last = bowl.line().get(bowl.line().size() - 1);
        final BowlState end = bowl.end();
        final Coat whole =
                Coat.of(
                        tray.order()
                                .from(
                                        new BowlAt(
                                                Samples.dark(),
                                                FluidityClass.THIN,
                                                end.temperatureC(),
                                                end.crystals())));
        assertThat(last.coatG()).isCloseTo(whole.massG(), withinPercentage(12));
    }

    /**
     * The smallest bowl, a half sphere of 80 mm, filled 18 mm over a centre of 15: π·33²·(80 − 11)
     * mm³.
     */
    @Test
    void theForkNeedsDepth() {
        final double fullG = 2 * Math.PI / 3 * 60 * 60 * 60 / 1000 * 1.25;
        assertThat(BowlEmptied.reserveG(fullG, 15, 1.25))
                .isCloseTo(Math.PI * 33 * 33 * (80 - 11) / 1000 * 1.25, within(1e-6));
        final BowlEmptied enough =
                BowlEmptied.of(
                        tray(15, 30, BowlEmptied.of(tray(15, 30, 900, 20)).startG() * 1.1, 20));
        assertThat(enough.dipped()).isEqualTo(30);
        assertThat(enough.shallowAt()).isEmpty();
        final BowlEmptied little = BowlEmptied.of(tray(15, 300, 800, 20));
        assertThat(little.dipped()).isLessThan(300);
        assertThat(little.shallowAt().isPresent() || end(little) < 20).isTrue();
    }

    @Test
    void aBowlOfLessThanOneDipIsNamed() {
        assertThatThrownBy(() -> BowlEmptied.of(tray(12, 10, 60, 20)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("chocolate in the bowl is 60 g; allowed: at least");
        assertThatThrownBy(() -> tray(12, 0, 800, 20)).hasMessageContaining("pieces to dip");
    }
}
