package palintone.core.coat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** What leaves a nozzle, and how high it stands in a pan: both ways round. */
class NozzleAndPanTest {

    @Property(tries = 100)
    void secondsGramsAndOpeningAreOneSum(
            @ForAll @DoubleRange(min = 2, max = 25) final double nozzleMm,
            @ForAll @DoubleRange(min = 0.5, max = 30) final double massG,
            @ForAll @DoubleRange(min = 0.5, max = 8) final double seconds,
            @ForAll @DoubleRange(min = 0.6, max = 1.4) final double gPerMl) {
        // A cylinder as long as what has come out of it, by hand.
        final double speed = massG / gPerMl * 1000 / (Math.PI * nozzleMm * nozzleMm / 4 * seconds);
        if (speed < 2 || speed > 500) {
            return;
        }
        final NozzlePress press = NozzlePress.weighed(nozzleMm, massG, seconds, gPerMl);
        assertThat(press.mmPerS()).isCloseTo(speed, within(1e-9 * speed));
        assertThat(press.massG(seconds, gPerMl)).isCloseTo(massG, within(1e-9 * massG));
        assertThat(press.secondsFor(massG, gPerMl)).isCloseTo(seconds, within(1e-9 * seconds));
        assertThat(press.openingFor(massG, seconds, gPerMl))
                .isCloseTo(nozzleMm, within(1e-9 * nozzleMm));
    }

    /** Held lower than it would stand it spreads, and its dome still holds all of it. */
    @Property(tries = 60)
    void aStiffHeapSpreadsUnderALowNozzle(
            @ForAll @DoubleRange(min = 2, max = 30) final double massG,
            @ForAll @DoubleRange(min = 2, max = 40) final double heldMm) {
        final PipedHeap heap = PipedHeap.of(massG, 1.2, 5000);
        final double across = NozzlePress.acrossMm(heap, massG, 1.2, heldMm);
        assertThat(across).isGreaterThanOrEqualTo(heap.acrossMm() - 1e-9);
        final double height = Math.min(heldMm, heap.heightMm());
        assertThat(2 * Math.PI / 3 * across * across / 4 * height / 1000 * 1.2)
                .isCloseTo(massG, within(1e-6 * massG));
        assertThat(NozzlePress.acrossMm(PipedHeap.of(massG, 1.2, 20), massG, 1.2, heldMm))
                .isEqualTo(PipedHeap.of(massG, 1.2, 20).acrossMm());
    }

    /** Common practice: out of 10 mm about 9 g in two seconds. */
    @Test
    void anUnweighedNozzleIsPressedAsAHandDoes() {
        final NozzlePress press = new NozzlePress(10, NozzlePress.USUAL_MM_PER_S);
        assertThat(press.massG(NozzlePress.USUAL_S, 1.2)).isBetween(8.0, 11.0);
        assertThatThrownBy(() -> press.into(8))
                .hasMessage("nozzle is 10.0 mm; allowed: narrower than what it goes into, 8.0 mm");
        assertThatThrownBy(() -> NozzlePress.weighed(2, 200, 0.5, 1.2))
                .hasMessageContaining("speed out of the nozzle");
    }

    @Property(tries = 60)
    void massAndHeightInAPanAreOneSum(
            @ForAll @DoubleRange(min = 100, max = 400) final double side,
            @ForAll @DoubleRange(min = 4, max = 40) final double height,
            @ForAll final boolean round) {
        final Pan pan = new Pan("tin", side, round ? Optional.empty() : Optional.of(side / 2), 40);
        final double byHand =
                (round ? Math.PI * side * side / 4 : side * side / 2) * height / 1000 * 1.15;
        assertThat(pan.massG(height, 1.15)).isCloseTo(byHand, within(1e-9 * byHand));
        assertThat(pan.heightMm(byHand, 1.15)).isCloseTo(height, within(1e-9 * height));
    }

    @Test
    void thePanIsTheOneThatComesNearest() {
        final List<Pan> pans =
                List.of(
                        new Pan("small", 150, Optional.of(150.0), 20),
                        new Pan("round", 200, Optional.empty(), 40),
                        new Pan("large", 360, Optional.of(260.0), 30));
        assertThat(Pan.nearest(pans, 500, 1.2, 12).orElseThrow().name()).isEqualTo("round");
        assertThat(Pan.nearest(pans, 1400, 1.2, 12).orElseThrow().name()).isEqualTo("large");
        // Not the small one, though it would stand there nearest: it runs over.
        assertThat(Pan.nearest(pans, 700, 1.2, 30).orElseThrow().name()).isEqualTo("round");
        assertThat(Pan.nearest(pans, 9000, 1.2, 12)).isEmpty();
        assertThatThrownBy(() -> new Pan("no", 0, Optional.empty(), 20))
                .hasMessage("diameter of the pan is 0 mm; allowed: 30 to 1000 mm");
        assertThatThrownBy(() -> pans.get(0).massG(25, 1.2))
                .hasMessage("height of the slab is 25.0 mm; allowed: up to 20.0 mm in small");
    }
}
