package palintone.core.coat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.casting.pour.BowlAt;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

/** Lines out of a bag, and sizes that use a slab up. */
class PipedLineTest {

    private static BowlAt bag(final double celsius) {
        return new BowlAt(Samples.dark(), FluidityClass.MEDIUM, celsius, new Crystals(0.01, 0));
    }

    /** Its cut, summed slice by slice, is the cut of the opening: nothing is lost on the way. */
    @Property(tries = 60)
    void aLineHoldsWhatLeavesTheBag(@ForAll @DoubleRange(min = 1, max = 12) final double nozzleMm) {
        final PipedLine line = PipedLine.of(bag(31), nozzleMm);
        final double half = line.acrossMm() / 2;
        double cut = 0;
        final int slices = 4000;
        for (int i = 0; i < slices; i++) {
            final double share = (i + 0.5) / slices;
            final double high =
                    line.heightMm()
                            * (line.stands() ? Math.sqrt(1 - share * share) : Math.sqrt(1 - share));
            cut += 2 * high * half / slices;
        }
        final double opening = Math.PI / 4 * nozzleMm * nozzleMm;
        assertThat(cut).isCloseTo(opening, within(opening * 1e-3));
        assertThat(line.metresPerG())
                .isCloseTo(
                        1 / (opening * Samples.dark().castingDensityGPerMl()),
                        within(line.metresPerG() * 1e-9));
    }

    @Property(tries = 60)
    void bothWaysAgree(@ForAll @DoubleRange(min = 0.8, max = 10) final double nozzleMm) {
        final PipedLine line = PipedLine.of(bag(31), nozzleMm);
        assertThat(PipedLine.nozzleMm(bag(31), line.acrossMm())).isCloseTo(nozzleMm, within(1e-6));
    }

    /** Common practice, no source: a few minutes flat in the cold for a bag gone too thin. */
    @Test
    void aBagThatHasGoneThinLiesFlatForMinutes() {
        final double seconds = PipedLine.flatInTheColdS(bag(33.5), 31, 12);
        assertThat(seconds / 60).isBetween(1.0, 10.0);
        assertThat(PipedLine.flatInTheColdS(bag(33.5), 31, 4)).isLessThan(seconds);
        assertThat(PipedLine.flatInTheColdS(bag(30.5), 31, 12)).isZero();
        // Thinner when warmer, so the same opening draws a wider line.
        assertThat(PipedLine.of(bag(34), 2).acrossMm())
                .isGreaterThanOrEqualTo(PipedLine.of(bag(30), 2).acrossMm());
        assertThatThrownBy(() -> PipedLine.of(bag(31), 40))
                .hasMessage("opening of the bag is 40 mm; allowed: 0.5 to 15 mm");
    }

    /** Found by hand: 340 × 240 takes 12 by 10 of 27.8 × 23.5 with a wire of 0.6 mm. */
    @Test
    void aSizeNearbyUsesTheSlabUp() {
        final SlabCut.Slab slab = new SlabCut.Slab(340, 240, 0, 0.6, 27, 24);
        final SlabSize near = SlabSize.near(slab).orElseThrow();
        assertThat(near.lengthMm()).isCloseTo(27, within(27 * 0.15));
        assertThat(near.acrossMm()).isCloseTo(24, within(24 * 0.15));
        // And it does come out, cut by the exact search.
        final SlabCut cut =
                SlabCut.of(new SlabCut.Slab(340, 240, 0, 0.6, near.lengthMm(), near.acrossMm()));
        assertThat(cut.pieces()).hasSizeGreaterThanOrEqualTo(near.pieces());
        assertThat(near.wasteShare()).isLessThan(0.08);
        assertThat(near.wasteShare()).isLessThanOrEqualTo(SlabCut.of(slab).wasteShare() + 1e-9);
        assertThat(SlabSize.near(new SlabCut.Slab(100, 100, 0, 0, 70, 70))).isEmpty();
    }
}
