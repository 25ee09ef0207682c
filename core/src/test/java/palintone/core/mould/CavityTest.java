package palintone.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.junit.jupiter.api.Test;
import palintone.core.figure.OutOfRangeException;

class CavityTest {

    /** Closed forms: 2/3·π·r³ and 2·π·r². */
    @Test
    void aHalfSphereHasTheVolumeOfGeometry() {
        final HalfSphere half = new HalfSphere(28);
        assertThat(half.volumeMl()).isCloseTo(2.0 / 3 * Math.PI * Math.pow(1.4, 3), within(1e-12));
        assertThat(half.wallAreaMm2()).isCloseTo(2 * Math.PI * 196, within(1e-9));
        assertThat(half.rimAreaMm2()).isCloseTo(Math.PI * 196, within(1e-9));
    }

    /** Shell of a half sphere: 2/3·π·(R³ − r³). */
    @Test
    void aHalfSphereShellIsTheDifferenceOfTwo() {
        final HalfSphere half = new HalfSphere(28);
        final double shell = half.volumeMl() - half.inset(1.6).volumeMl();
        assertThat(shell).isCloseTo(2.0 / 3 * Math.PI * (2.744 - Math.pow(1.24, 3)), within(1e-12));
    }

    /**
     * A dome as tall as its radius is a half sphere; flatter, π·h²·(3s − h)/3; taller, plus a wall.
     */
    @Test
    void domesMeetTheirClosedForms() {
        assertThat(new Dome(28, 14).volumeMl())
                .isCloseTo(new HalfSphere(28).volumeMl(), within(1e-12));
        final double s = (15 * 15 + 10 * 10) / 20.0;
        assertThat(new Dome(30, 10).volumeMl())
                .isCloseTo(Math.PI * 100 * (3 * s - 10) / 3 / 1000, within(1e-12));
        assertThat(new Dome(28, 24).volumeMl())
                .isCloseTo(
                        new HalfSphere(28).volumeMl() + Math.PI * 196 * 10 / 1000, within(1e-12));
    }

    /** The offset of a flat cap is cut from a sphere with the same centre. */
    @Test
    void aFlatDomesInsideKeepsTheCentre() {
        final Dome outer = new Dome(30, 10);
        final Dome inner = outer.inset(1.5);
        final double outerSphere = (15 * 15 + 10 * 10) / 20.0;
        final double r = inner.diameterMm() / 2;
        final double h = inner.heightMm();
        assertThat((r * r + h * h) / (2 * h)).isCloseTo(outerSphere - 1.5, within(1e-9));
    }

    /** Prismatoid rule: h/6·(A₀ + 4·Am + A₁), exact for leaning walls. */
    @Test
    void aBarHasTheVolumeOfAPrismatoid() {
        final Bar bar = new Bar(40, 24, 12, 10);
        final double lean = Math.tan(Math.toRadians(10));
        final double rim = 40 * 24;
        final double middle = (40 - 12 * lean) * (24 - 12 * lean);
        final double floor = (40 - 24 * lean) * (24 - 24 * lean);
        assertThat(bar.volumeMl())
                .isCloseTo(12.0 / 6 * (rim + 4 * middle + floor) / 1000, within(1e-9));
    }

    /** Round shapes again, by numeric integration of their own outline. */
    @Property(tries = 100)
    void theOutlineEnclosesTheVolume(
            @ForAll @DoubleRange(min = 12, max = 60) final double diameter,
            @ForAll @DoubleRange(min = 6, max = 60) final double height,
            @ForAll @DoubleRange(min = 0.1, max = 1) final double part) {
        for (final Cavity cavity : List.of(new HalfSphere(diameter), new Dome(diameter, height))) {
            final double to = cavity.depthMm() * part;
            final double integral =
                    new RombergIntegrator(1e-7, 1e-6, 3, 20)
                            .integrate(
                                    1 << 24,
                                    z -> Math.PI * Math.pow(cavity.halfWidthMm(z), 2),
                                    0,
                                    to);
            assertThat(cavity.volumeToMl(to) * 1000).isCloseTo(integral, within(0.001 * integral));
        }
    }

    @Property
    void aThickerShellLeavesLessRoom(
            @ForAll @DoubleRange(min = 0.3, max = 4) final double thin,
            @ForAll @DoubleRange(min = 0.1, max = 3) final double more) {
        for (final Cavity cavity :
                List.of(
                        new HalfSphere(30),
                        new Dome(28, 26),
                        new Dome(32, 12),
                        new Bar(40, 24, 14, 8))) {
            assertThat(cavity.inset(thin + more).volumeMl())
                    .isLessThan(cavity.inset(thin).volumeMl());
            assertThat(cavity.inset(thin).volumeMl()).isPositive();
        }
    }

    @Test
    void aShellThatFillsItsCavityIsRefused() {
        assertThatThrownBy(() -> new HalfSphere(28).inset(13))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("shell thickness is 13 mm");
        assertThatThrownBy(() -> new Bar(10, 10, 20, 40))
                .hasMessageContaining("width of the floor");
    }
}
