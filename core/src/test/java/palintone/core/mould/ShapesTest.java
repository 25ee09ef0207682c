package palintone.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.hummeling.if97.IF97;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.figure.OutOfRangeException;
import palintone.core.substance.Allergen;

/** The shapes beyond sphere, dome and bar, held against geometry from outside. */
class ShapesTest {

    private static Outline.Point at(final double across, final double down) {
        return new Outline.Point(across, down);
    }

    /** Prismatoid rule, h/6·(A₀ + 4·Am + A₁), exact for a cone cut off. */
    @Test
    void aConeCutOffIsAPrismatoid() {
        final Frustum cup = new Frustum(30, 20, 15);
        final double volume = 15.0 / 6 * Math.PI * (15 * 15 + 4 * 12.5 * 12.5 + 10 * 10) / 1000;
        assertThat(cup.volumeMl()).isCloseTo(volume, within(1e-9));
        assertThat(Frustum.disc(30, 5, 0).volumeMl())
                .isCloseTo(Math.PI * 225 * 5 / 1000, within(1e-9));
    }

    /** Steiner: a convex body is its inner offset, plus wall · t, less terms of t². */
    @Property(tries = 200)
    void aThinShellIsWallTimesThickness(
            @ForAll @DoubleRange(min = 20, max = 80) final double wide,
            @ForAll @DoubleRange(min = 0.6, max = 1) final double lean,
            @ForAll @DoubleRange(min = 10, max = 40) final double deep) {
        for (final Cavity cavity :
                List.of(
                        new Frustum(wide, wide * lean, deep),
                        new HalfEgg(wide * 0.45, wide * 0.7, wide),
                        Turned.holding(wide * wide, deep, 0.6 * wide * wide * deep / 1000),
                        new Pulled(
                                List.of(at(0, 0), at(wide, 0), at(wide, 0.8 * wide), at(0, wide)),
                                deep,
                                10 * (1 - lean)))) {
            final double t = 0.25;
            final double shell = (cavity.volumeMl() - cavity.inset(t).volumeMl()) * 1000;
            // The shell ends level at the rim, where the wall's own lean is cut off.
            assertThat(shell / t / cavity.wallAreaMm2()).isBetween(0.93, 1.02);
        }
    }

    /** Scaled in all its measures a form is the same form; stretched in one it is another. */
    @Property(tries = 100)
    void aFormIsTheSameFormInEverySize(
            @ForAll @DoubleRange(min = 20, max = 60) final double wide,
            @ForAll @DoubleRange(min = 10, max = 30) final double deep,
            @ForAll @DoubleRange(min = 0.5, max = 3) final double scale) {
        final double w = scale * wide;
        final double d = scale * deep;
        assertThat(new Dome(wide, deep).sameForm(new Dome(w, d))).isTrue();
        assertThat(new HalfEgg(deep, deep * 1.4, wide).sameForm(new HalfEgg(d, d * 1.4, w)))
                .isTrue();
        assertThat(drawn(wide, deep).sameForm(drawn(w, d))).isTrue();
        assertThat(new Dome(wide, deep).sameForm(new Dome(w, d * 1.2))).isFalse();
        assertThat(new HalfSphere(wide).sameForm(new Dome(wide, wide / 2))).isFalse();
        assertThat(drawn(wide, deep).sameForm(drawn(w, d * 1.2))).isFalse();
    }

    private static Turned drawn(final double wide, final double deep) {
        return new Turned(
                List.of(at(wide / 2, 0), at(wide / 2 * 0.9, deep / 2), at(wide / 5, deep)));
    }

    /** Volume of a spheroid, 4/3·π·a·b²; half of two unequal halves. */
    @Test
    void halfAnEggIsAQuarterOfTwoSpheroids() {
        final HalfEgg egg = new HalfEgg(30, 45, 50);
        final double blunt = 4.0 / 3 * Math.PI * 30 * 25 * 25;
        final double pointed = 4.0 / 3 * Math.PI * 45 * 25 * 25;
        assertThat(egg.volumeMl()).isCloseTo((blunt + pointed) / 4 / 1000, within(1e-9));
        assertThat(new HalfEgg(14, 14, 28).volumeMl())
                .isCloseTo(new HalfSphere(28).volumeMl(), within(1e-9));
        assertThat(new HalfEgg(14, 14, 28).wallAreaMm2())
                .isCloseTo(new HalfSphere(28).wallAreaMm2(), within(1e-3));
        assertThat(egg.rimAreaMm2()).isCloseTo(Math.PI / 4 * 50 * 75, within(1e-9));
    }

    /** The true offset of an ellipse, turned: wall pushed in along its own normal. */
    @ParameterizedTest
    @CsvSource({"30,25", "40,25", "50,25", "18,25"})
    void theInsideOfAnEggIsNearlyAnEgg(final double a, final double b) {
        final double t = 2;
        final double inner =
                new RombergIntegrator(1e-8, 1e-8, 4, 30)
                        .integrate(
                                1 << 28,
                                phi -> {
                                    // Point and normal of the ellipse, and how fast it runs.
                                    final double nx = b * Math.cos(phi);
                                    final double ny = a * Math.sin(phi);
                                    final double norm = Math.hypot(nx, ny);
                                    final double y = b * Math.sin(phi) - t * ny / norm;
                                    final double rate =
                                            a * Math.sin(phi)
                                                    - t
                                                            * b
                                                            * a
                                                            * a
                                                            * Math.sin(phi)
                                                            / (norm * norm * norm);
                                    return Math.PI * y * y * rate;
                                },
                                0,
                                Math.PI / 2);
        final double outer = 2.0 / 3 * Math.PI * a * b * b;
        final double ours = 2.0 / 3 * Math.PI * (a - t) * (b - t) * (b - t);
        assertThat(outer - ours).isCloseTo(outer - inner, within((outer - inner) / 30));
    }

    /** A turned half circle of many points is half a sphere, and so is its inside. */
    @Test
    void aTurnedHalfCircleIsHalfASphere() {
        final List<Outline.Point> line = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            final double turn = Math.PI / 2 * i / 120;
            line.add(at(14 * Math.cos(turn), 14 * Math.sin(turn)));
        }
        line.add(at(0, 14));
        final Turned turned = new Turned(line);
        final HalfSphere sphere = new HalfSphere(28);
        assertThat(turned.volumeMl()).isCloseTo(sphere.volumeMl(), within(2e-4 * 5.7));
        assertThat(turned.wallAreaMm2()).isCloseTo(sphere.wallAreaMm2(), within(0.2));
        assertThat(turned.inset(1.6).volumeMl())
                .isCloseTo(sphere.inset(1.6).volumeMl(), within(0.005));
        assertThat(turned.inset(1.6).rimAreaMm2())
                .isCloseTo(sphere.inset(1.6).rimAreaMm2(), within(0.5));
    }

    /** The same cup, once as a cone cut off and once drawn. */
    @Property(tries = 100)
    void aDrawnCupIsTheCup(
            @ForAll @DoubleRange(min = 20, max = 60) final double rim,
            @ForAll @DoubleRange(min = 0.5, max = 1) final double part,
            @ForAll @DoubleRange(min = 8, max = 40) final double deep,
            @ForAll @DoubleRange(min = 0.3, max = 2.5) final double shell) {
        final Frustum cup = new Frustum(rim, rim * part, deep);
        final Turned drawn = new Turned(List.of(at(rim / 2, 0), at(rim * part / 2, deep)));
        assertThat(drawn.volumeMl()).isCloseTo(cup.volumeMl(), within(1e-9 * rim * rim));
        assertThat(drawn.wallAreaMm2()).isCloseTo(cup.wallAreaMm2(), within(1e-6));
        assertThat(drawn.inset(shell).volumeMl())
                .isCloseTo(cup.inset(shell).volumeMl(), within(1e-4 * cup.volumeMl()));
        assertThat(drawn.volumeToMl(deep / 3)).isCloseTo(cup.volumeToMl(deep / 3), within(1e-9));
    }

    /** A rectangle pulled down is a bar. */
    @Property(tries = 60)
    void aPulledRectangleIsABar(
            @ForAll @DoubleRange(min = 20, max = 80) final double length,
            @ForAll @DoubleRange(min = 20, max = 80) final double width,
            @ForAll @DoubleRange(min = 4, max = 16) final double deep,
            @ForAll @DoubleRange(min = 0, max = 20) final double draft,
            @ForAll @DoubleRange(min = 0.3, max = 1.8) final double shell) {
        final Bar bar = new Bar(length, width, deep, draft);
        final Pulled pulled =
                new Pulled(
                        List.of(at(0, 0), at(length, 0), at(length, width), at(0, width)),
                        deep,
                        draft);
        assertThat(pulled.volumeMl()).isCloseTo(bar.volumeMl(), within(1e-6 * bar.volumeMl()));
        // Mitred walls of a bar meet in a ridge that the bar counts by its four slants alone.
        assertThat(pulled.wallAreaMm2()).isCloseTo(bar.wallAreaMm2(), within(1e-6 * 1e4));
        assertThat(pulled.inset(shell).volumeMl())
                .isCloseTo(bar.inset(shell).volumeMl(), within(1e-6 * bar.volumeMl()));
        assertThat(pulled.halfWidthMm(0)).isCloseTo(length / 2, within(1e-9));
    }

    /** IAPWS-IF97 by a published implementation, at one atmosphere. */
    @Property(tries = 50)
    void waterIsAsDenseAsInTheSteamTables(
            @ForAll @DoubleRange(min = 4, max = 40) final double celsius) {
        final double litrePerKg =
                new IF97(IF97.UnitSystem.DEFAULT).specificVolumePT(0.101325, celsius + 273.15)
                        * 1000;
        assertThat(WaterWeighing.densityGPerMl(celsius)).isCloseTo(1 / litrePerKg, within(2e-5));
    }

    /** 5.74 g of water at 20 °C in an opening of 28 mm, 14 deep: the half sphere it was. */
    @Test
    void aWeighedCavityIsTheOneThatWasWeighed() {
        final HalfSphere sphere = new HalfSphere(28);
        final Turned weighed = Turned.holding(sphere.rimAreaMm2(), 14, sphere.volumeMl());
        assertThat(weighed.volumeMl()).isCloseTo(sphere.volumeMl(), within(1e-6));
        for (final double z : new double[] {3, 7, 11, 13}) {
            assertThat(weighed.halfWidthMm(z)).isCloseTo(sphere.halfWidthMm(z), within(0.1));
        }
        assertThat(weighed.inset(1.6).volumeMl())
                .isCloseTo(sphere.inset(1.6).volumeMl(), within(0.02));
        assertThatThrownBy(() -> Turned.holding(600, 10, 6.1))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("volume is 6.1 ml");
    }

    /** Parts add up for every shape, to any depth: shell + hollow = cavity, above + below = all. */
    @Property(tries = 100)
    void volumesAddUp(
            @ForAll @DoubleRange(min = 0.3, max = 2) final double shell,
            @ForAll @DoubleRange(min = 0.05, max = 0.95) final double part) {
        for (final Cavity cavity : everyShape()) {
            final Cavity hollow = cavity.inset(shell);
            assertThat(hollow.volumeMl()).isPositive().isLessThan(cavity.volumeMl());
            assertThat(hollow.depthMm()).isCloseTo(cavity.depthMm() - shell, within(0.05));
            final double z = cavity.depthMm() * part;
            final double slice =
                    cavity.volumeToMl(z + 1e-3 * cavity.depthMm()) - cavity.volumeToMl(z);
            assertThat(slice).isPositive();
            assertThat(cavity.volumeToMl(z)).isBetween(0.0, cavity.volumeMl());
        }
    }

    static List<Cavity> everyShape() {
        return List.of(
                new HalfSphere(30),
                new Dome(28, 24),
                new Bar(44, 22, 14, 10),
                new Frustum(30, 22, 16),
                new HalfEgg(28, 40, 48),
                Turned.holding(700, 18, 8.5),
                new Turned(
                        List.of(at(18, 0), at(16, 4), at(12, 6), at(11, 12), at(6, 16), at(0, 17))),
                heart());
    }

    /** Not convex: a notch above, a point below. */
    static Pulled heart() {
        return new Pulled(
                List.of(
                        at(0, -8),
                        at(8, -16),
                        at(18, -14),
                        at(21, -4),
                        at(14, 8),
                        at(0, 22),
                        at(-14, 8),
                        at(-21, -4),
                        at(-18, -14),
                        at(-8, -16)),
                12,
                8);
    }

    @Test
    void impossibleOutlinesAreRefusedByName() {
        assertThatThrownBy(
                        () ->
                                new Pulled(
                                        List.of(at(0, 0), at(20, 20), at(20, 0), at(0, 20)), 10, 5))
                .hasMessageContaining("crosses or touches itself");
        assertThatThrownBy(() -> new Turned(List.of(at(10, 0), at(8, 9), at(6, 7), at(0, 12))))
                .hasMessageContaining("depth of point 3 is 7 mm; allowed: 9 to 500 mm");
        assertThatThrownBy(() -> new Turned(List.of(at(10, 1), at(0, 9))))
                .hasMessageContaining("depth of point 1 is 1.0 mm");
        assertThatThrownBy(() -> heart().inset(11)).hasMessageContaining("shell thickness");
        // A waist of 4 mm inside a shell of 2.5 mm: two rooms, no way through.
        assertThatThrownBy(
                        () ->
                                new Turned(List.of(at(14, 0), at(2, 12), at(14, 24), at(0, 30)))
                                        .inset(2.5))
                .hasMessageContaining("leaves one room inside");
        assertThatThrownBy(() -> new Pulled(heart().opening(), 30, 40))
                .hasMessageContaining("draft is 40.0°");
        assertThatThrownBy(() -> new Frustum(20, 24, 10))
                .hasMessageContaining("diameter of the floor is 24 mm; allowed: 2 to 20 mm");
    }

    /** A wall that leans over keeps its piece, unless the mould bends or opens. */
    @Test
    void whatLeansOverStaysIn() {
        final Turned vase = new Turned(List.of(at(12, 0), at(16, 10), at(8, 24)));
        assertThat(Release.of(vase, MouldBody.USUAL).answer()).isEqualTo(Release.Answer.STAYS_IN);
        assertThat(Release.of(vase, MouldBody.USUAL).undercutMm()).isCloseTo(4, within(0.1));
        final MouldBody silicone =
                new MouldBody(MouldBody.Material.SILICONE, MouldBody.Build.OPEN, 3);
        assertThat(Release.of(vase, silicone).answer()).isEqualTo(Release.Answer.COMES_OUT);
        final MouldBody halves =
                new MouldBody(MouldBody.Material.POLYCARBONATE, MouldBody.Build.CLOSING_HALVES, 2);
        assertThat(Release.of(vase, halves).answer()).isEqualTo(Release.Answer.COMES_OUT);
        assertThat(Release.of(Frustum.disc(40, 8, 0), MouldBody.USUAL).answer())
                .isEqualTo(Release.Answer.TIGHT);
        for (final Cavity cavity : List.of(new HalfSphere(28), new Bar(44, 22, 14, 10), heart())) {
            assertThat(Release.of(cavity, MouldBody.USUAL).answer())
                    .isEqualTo(Release.Answer.COMES_OUT);
        }
    }

    @Test
    void anUnwashedMouldBringsWhatItLastHeld() {
        final MouldState used = new MouldState(false, Set.of(Allergen.NUTS, Allergen.MILK));
        assertThat(used.brings(Set.of(Allergen.MILK))).containsExactly(Allergen.NUTS);
        assertThat(MouldState.CLEAN.brings(Set.of())).isEmpty();
    }
}
