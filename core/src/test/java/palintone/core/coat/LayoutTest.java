package palintone.core.coat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import palintone.core.figure.OutOfRangeException;

class LayoutTest {

    /**
     * Known packings of small boxes by right-across cuts: 5×3 of 2×1 holds 7, 13×4 of 3×2 holds 8.
     */
    @Test
    void knownCutsAreFound() {
        assertThat(cut(50, 30, 20, 10).pieces()).hasSize(7);
        assertThat(cut(130, 40, 30, 20).pieces()).hasSize(8);
        // Turned pieces at the end of a grid: 7×5 of 3×2 is 5 (35/6), no grid gives more than 4.
        assertThat(cut(70, 50, 30, 20).pieces()).hasSize(5);
        assertThat(cut(360, 260, 24, 24).pieces()).hasSize(15 * 10);
    }

    private static SlabCut cut(final double l, final double w, final double a, final double b) {
        return SlabCut.of(new SlabCut.Slab(l, w, 0, 0, a, b));
    }

    /** Kerf is lost between pieces, not at the edge: 3 of 24 and two wires of 2 are 76. */
    @Test
    void aWireTakesItsOwn() {
        assertThat(SlabCut.of(new SlabCut.Slab(76, 24, 0, 2, 24, 24)).pieces()).hasSize(3);
        assertThat(SlabCut.of(new SlabCut.Slab(75.9, 24, 0, 2, 24, 24)).pieces()).hasSize(2);
        assertThat(SlabCut.of(new SlabCut.Slab(96, 44, 10, 2, 24, 24)).pieces()).hasSize(3);
    }

    @Property(tries = 150)
    void nothingOverlapsAndNothingLeavesTheSlab(
            @ForAll @DoubleRange(min = 60, max = 500) final double l,
            @ForAll @DoubleRange(min = 60, max = 400) final double w,
            @ForAll @DoubleRange(min = 0, max = 8) final double trim,
            @ForAll @DoubleRange(min = 0, max = 3) final double kerf,
            @ForAll @IntRange(min = 14, max = 40) final int a,
            @ForAll @IntRange(min = 14, max = 40) final int b) {
        final SlabCut cut = SlabCut.of(new SlabCut.Slab(l, w, trim, kerf, a, b));
        final List<SlabCut.Cut> pieces = cut.pieces();
        assertThat(pieces.size()).isBetween(1, cut.bound());
        final double grid = Math.max(grid(l, w, trim, kerf, a, b), grid(l, w, trim, kerf, b, a));
        assertThat((double) pieces.size()).isGreaterThanOrEqualTo(grid);
        for (int i = 0; i < pieces.size(); i++) {
            final SlabCut.Cut p = pieces.get(i);
            assertThat(p.wideMm() * p.deepMm()).isCloseTo((double) a * b, within(1e-6));
            assertThat(p.xMm()).isGreaterThanOrEqualTo(trim - 1e-9);
            assertThat(p.xMm() + p.wideMm()).isLessThanOrEqualTo(l - trim + 0.11);
            assertThat(p.yMm() + p.deepMm()).isLessThanOrEqualTo(w - trim + 0.11);
            for (int j = 0; j < i; j++) {
                final SlabCut.Cut q = pieces.get(j);
                final boolean apart =
                        p.xMm() >= q.xMm() + q.wideMm() - 1e-9
                                || q.xMm() >= p.xMm() + p.wideMm() - 1e-9
                                || p.yMm() >= q.yMm() + q.deepMm() - 1e-9
                                || q.yMm() >= p.yMm() + p.deepMm() - 1e-9;
                assertThat(apart).isTrue();
            }
        }
    }

    /** A tenth of a millimetre is as fine as it is laid out: the grid of pieces a hair larger. */
    private static double grid(
            final double l,
            final double w,
            final double trim,
            final double kerf,
            final double a,
            final double b) {
        final double k = kerf + 0.1;
        return Math.floor((l - 2 * trim - 0.1 + kerf) / (a + k))
                * Math.floor((w - 2 * trim - 0.1 + kerf) / (b + k));
    }

    @Property(tries = 150)
    void roundsLieApartAndOnTheSheet(
            @ForAll @DoubleRange(min = 60, max = 600) final double l,
            @ForAll @DoubleRange(min = 60, max = 400) final double w,
            @ForAll @DoubleRange(min = 18, max = 50) final double across,
            @ForAll @DoubleRange(min = 0, max = 5) final double gap) {
        final RoundLayout layout = RoundLayout.of(l, w, across, gap);
        final List<RoundLayout.Middle> all = layout.rounds();
        assertThat(all.size()).isBetween(1, layout.bound());
        for (int i = 0; i < all.size(); i++) {
            final RoundLayout.Middle m = all.get(i);
            assertThat(m.xMm()).isBetween(across / 2 - 1e-6, l - across / 2 + 1e-6);
            assertThat(m.yMm()).isBetween(across / 2 - 1e-6, w - across / 2 + 1e-6);
            for (int j = 0; j < i; j++) {
                final RoundLayout.Middle n = all.get(j);
                assertThat(Math.hypot(m.xMm() - n.xMm(), m.yMm() - n.yMm()))
                        .isGreaterThanOrEqualTo(across + gap - 1e-6);
            }
        }
    }

    /** Rounds and strips apart, on the sheet, as many as wanted, never more strips than fit. */
    @Property(tries = 80)
    void roundsAndStripsShareASheet(
            @ForAll @DoubleRange(min = 150, max = 500) final double l,
            @ForAll @DoubleRange(min = 120, max = 400) final double w,
            @ForAll @DoubleRange(min = 18, max = 40) final double across,
            @ForAll @IntRange(min = 1, max = 20) final int asked,
            @ForAll @DoubleRange(min = 40, max = 90) final double longMm,
            @ForAll @DoubleRange(min = 8, max = 20) final double wideMm) {
        final int wanted = Math.min(asked, RoundLayout.of(l, w, across, 1).rounds().size());
        final MixedCut cut =
                MixedCut.of(l, w, new MixedCut.CutWish(across, 1, wanted, longMm, wideMm));
        assertThat(cut.rounds()).hasSize(wanted);
        assertThat(cut.strips().size()).isLessThanOrEqualTo(cut.bound());
        for (final SlabCut.Cut strip : cut.strips()) {
            assertThat(strip.xMm()).isGreaterThanOrEqualTo(-1e-6);
            assertThat(strip.xMm() + strip.wideMm()).isLessThanOrEqualTo(l + 1e-6);
            assertThat(strip.yMm() + strip.deepMm()).isLessThanOrEqualTo(w + 1e-6);
            for (final RoundLayout.Middle m : cut.rounds()) {
                final double dx =
                        Math.max(
                                0,
                                Math.max(
                                        strip.xMm() - m.xMm(),
                                        m.xMm() - strip.xMm() - strip.wideMm()));
                final double dy =
                        Math.max(
                                0,
                                Math.max(
                                        strip.yMm() - m.yMm(),
                                        m.yMm() - strip.yMm() - strip.deepMm()));
                assertThat(Math.hypot(dx, dy)).isGreaterThanOrEqualTo(across / 2 - 1e-6);
            }
        }
        // A round more leaves no more strips.
        if (wanted < RoundLayout.of(l, w, across, 1).rounds().size()) {
            assertThat(
                            MixedCut.of(
                                            l,
                                            w,
                                            new MixedCut.CutWish(
                                                    across, 1, wanted + 1, longMm, wideMm))
                                    .strips()
                                    .size())
                    .isLessThanOrEqualTo(cut.strips().size());
        }
    }

    /** By hand: a row of ten rounds of 30 takes 30 of the width, 269 are left for strips. */
    @Test
    void aRowOfRoundsLeavesTheRest() {
        final MixedCut cut = MixedCut.of(300, 300, new MixedCut.CutWish(30, 0, 10, 90, 30));
        assertThat(cut.strips()).hasSize(3 * 10);
        assertThat(cut.wasteShare())
                .isCloseTo(1 - (10 * Math.PI * 225 + 30 * 2700) / 90_000, within(1e-9));
        assertThatThrownBy(() -> MixedCut.of(100, 100, new MixedCut.CutWish(60, 0, 4, 50, 10)))
                .hasMessageContaining("rounds wanted is 4; allowed: up to the 1 that lie");
        assertThat(MixedCut.of(100, 100, new MixedCut.CutWish(90, 0, 1, 90, 30)).strips())
                .isEmpty();
    }

    /** Staggered rows win on a large sheet, straight ones on a narrow one. */
    @Test
    void theBetterOfBothIsTaken() {
        assertThat(RoundLayout.of(400, 300, 20, 0).rounds().size()).isGreaterThan(20 * 15);
        assertThat(RoundLayout.of(100, 40, 20, 0).rounds()).hasSize(10);
        assertThat(RoundLayout.of(20, 20, 20, 0).bound()).isEqualTo(1);
    }

    /** Equal layers as stiff as each other: κ = 3/2 · ε / h, Timoshenko's own example. */
    @Test
    void twoEqualLayersCurlAsTimoshenkoHasIt() {
        assertThat(SheetCurl.curvaturePerMm(0.004, 0.5, 0.5, 1))
                .isCloseTo(1.5 * 0.004 / 1, within(1e-12));
        assertThat(SheetCurl.curvaturePerMm(0.004, 1, 1, 1))
                .isCloseTo(1.5 * 0.004 / 2, within(1e-12));
        assertThat(SheetCurl.risesMm(0.006, 60)).isCloseTo(0.006 * 60 * 60 / 8, within(0.02));
        assertThat(SheetCurl.risesMm(0, 60)).isZero();
    }

    /** Its volume again from its profile, by small rings; and the slope pulls as it yields. */
    @Property(tries = 100)
    void aHeapRestsAtItsYieldStress(
            @ForAll @DoubleRange(min = 2, max = 40) final double massG,
            @ForAll @DoubleRange(min = 1, max = 60) final double stressPa) {
        final PipedHeap heap = PipedHeap.of(massG, 1.2, stressPa);
        if (heap.stands()) {
            assertThat(2 * Math.PI / 3 * Math.pow(heap.acrossMm() / 2, 3) / 1000)
                    .isCloseTo(massG / 1.2, within(1e-6 * massG));
            return;
        }
        final double radius = heap.acrossMm() / 2000;
        final double twice = 2 * stressPa / (1200 * 9.81);
        double volume = 0;
        final int rings = 20_000;
        for (int i = 0; i < rings; i++) {
            final double r = radius * (i + 0.5) / rings;
            volume += 2 * Math.PI * r * Math.sqrt(twice * (radius - r)) * radius / rings;
        }
        assertThat(volume * 1e6 * 1.2).isCloseTo(massG, within(1e-4 * massG));
        assertThat(heap.heightMm()).isCloseTo(1000 * Math.sqrt(twice * radius), within(1e-9));
    }

    @Test
    void aStiffHeapStandsAndASoftOneRuns() {
        assertThat(PipedHeap.of(10, 1.2, 2000).stands()).isTrue();
        final PipedHeap soft = PipedHeap.of(10, 1.2, 20);
        assertThat(soft.stands()).isFalse();
        assertThat(soft.acrossMm()).isGreaterThan(PipedHeap.of(10, 1.2, 60).acrossMm());
        assertThat(Powder.COCOA.sticksG(2000)).isCloseTo(0.18, within(1e-9));
    }

    @Test
    void impossibleLayoutsAreNamed() {
        assertThatThrownBy(() -> cut(50, 50, 60, 20))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("length of a piece is 60.0 × 20.0 mm");
        assertThatThrownBy(() -> RoundLayout.of(100, 30, 40, 0))
                .hasMessageContaining("across a round");
        assertThatThrownBy(() -> RoundLayout.of(2000, 2000, 5, 0))
                .hasMessageContaining("rounds of the sheet");
    }

    /** Three cuts within one another are never better than any, and of many pieces hardly worse. */
    @Property(tries = 200)
    void fewCutsComeNearToAny(
            @ForAll @DoubleRange(min = 120, max = 400) final double l,
            @ForAll @DoubleRange(min = 120, max = 300) final double w,
            @ForAll @DoubleRange(min = 14, max = 30) final double a,
            @ForAll @DoubleRange(min = 14, max = 30) final double b) {
        final int[] tenths = {
            (int) Math.floor(10 * l),
            (int) Math.floor(10 * w),
            (int) Math.round(10 * a),
            (int) Math.round(10 * b)
        };
        final int any =
                cut(tenths[0] / 10.0, tenths[1] / 10.0, tenths[2] / 10.0, tenths[3] / 10.0)
                        .pieces()
                        .size();
        final int few =
                new FewCuts(
                                tenths[2],
                                tenths[3],
                                SlabCut.sums(tenths[2], tenths[3], Math.max(tenths[0], tenths[1])))
                        .of(tenths[0], tenths[1])
                        .pieces();
        assertThat(few).isLessThanOrEqualTo(any);
        assertThat(any - few).isLessThanOrEqualTo(Math.max(2, any / 40));
    }

    /** Thousands of small pieces: none over the slab's edge, none over another, near the bound. */
    @Test
    void aSlabOfThousandsIsCutWithoutLookingAtEveryRest() {
        final SlabCut cut = cut(400, 300, 8.7, 10);
        assertThat(cut.pieces().size()).isBetween(cut.bound() - 30, cut.bound());
        final boolean[][] taken = new boolean[4000][3000];
        for (final SlabCut.Cut piece : cut.pieces()) {
            for (int x = tenths(piece.xMm()); x < tenths(piece.xMm() + piece.wideMm()); x++) {
                for (int y = tenths(piece.yMm()); y < tenths(piece.yMm() + piece.deepMm()); y++) {
                    assertThat(taken[x][y]).isFalse();
                    taken[x][y] = true;
                }
            }
        }
    }

    private static int tenths(final double mm) {
        return (int) Math.round(10 * mm);
    }
}
