package palintone.core.casting.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.mould.Bar;
import palintone.core.mould.Frustum;
import palintone.core.mould.HalfSphere;

/** A film that drains, against closed forms and against a calculation by other hands. */
class DrainingFilmTest {

    private static final double GRAVITY_M_PER_S2 = 9.81;

    /**
     * Newton's fluid on a plane: the fan h² = η·x/(ρ·g·sin α·t), the kinematic wave of Jeffreys.
     */
    @Test
    void theFanOfAPlaneIsTheKinematicWave() {
        final double paS = 3;
        final double kgPerM3 = 1270;
        final double slope = 0.8;
        final WallLine plane = WallLine.plane(0.1, slope, 200);
        final DrainingFilm film = new DrainingFilm(plane, kgPerM3, 0.005);
        film.drain(60, 60, 0, s -> Consistency.even(0, paS));
        // The first tenth, where its slope is without bound, is left out.
        for (int cell = 25; cell < 190; cell += 10) {
            final double x = (cell + 0.5) / 200 * 0.1;
            final double fan = Math.sqrt(paS * x / (kgPerM3 * GRAVITY_M_PER_S2 * slope * 60));
            assertThat(film.thickM(cell)).as("cell %d", cell).isCloseTo(fan, withinPercentage(0.5));
        }
    }

    /** A yielding fluid comes to rest at τ0/(ρ·g·sin α), from above and never below. */
    @Test
    void aYieldingFilmComesToRestAtItsLimit() {
        final double rest = 12 / (1270 * GRAVITY_M_PER_S2);
        final WallLine plane = WallLine.plane(0.03, 1, 60);
        final DrainingFilm film = new DrainingFilm(plane, 1270, 0.005);
        film.drain(7200, 7200, 0, s -> Consistency.even(12, 1.5));
        for (int cell = 0; cell < 60; cell++) {
            assertThat(film.thickM(cell)).isBetween(rest * 0.98, rest * 1.1);
        }
    }

    /**
     * Other hands, the same settings (Casson 10 Pa, 3.37 Pa·s, 1270 kg/m³, 5 mm at first, a half
     * sphere of 28 mm, 20 s): 2.4 g on the curved wall, wall 1.7 mm, floor 2.9, rim 1.6. Where the
     * floor ends is theirs to say; ours is the mean within 30° of the top.
     */
    @Test
    void otherHandsFindTheSameHalfSphere() {
        final int cells = 60;
        final WallLine wall = WallLine.of(new HalfSphere(28), cells);
        final DrainingFilm film = new DrainingFilm(wall, 1270, 0.005);
        film.drain(20, 20, 0, s -> Consistency.even(10, 3.37));
        assertThat(film.heldM3() * 1270 * 1000).isCloseTo(2.4, withinPercentage(3));
        assertThat(film.thickM(cells / 2) * 1000).isCloseTo(1.7, withinPercentage(3));
        double floor = 0;
        double area = 0;
        for (int i = 0; i < cells / 3; i++) {
            floor += film.thickM(i) * wall.areaM2(i);
            area += wall.areaM2(i);
        }
        assertThat(floor / area * 1000).isCloseTo(2.9, withinPercentage(6));
        assertThat(film.thickM(cells - 1) * 1000).isCloseTo(1.6, withinPercentage(6));
    }

    /** The same answer with twice the cells. */
    @Test
    void finerCellsSayTheSame() {
        final double[] grams = new double[2];
        for (int k = 0; k < 2; k++) {
            final WallLine wall = WallLine.of(new HalfSphere(28), 40 << k);
            final DrainingFilm film = new DrainingFilm(wall, 1270, 0.005);
            film.drain(20, 20, 0, s -> Consistency.even(7, 3));
            grams[k] = film.heldM3() * 1270 * 1000;
        }
        assertThat(grams[0]).isCloseTo(grams[1], withinPercentage(0.5));
    }

    /** What has run off and what is left is what was there. */
    @Property(tries = 40)
    void nothingIsLost(
            @ForAll @DoubleRange(min = 0, max = 20) final double yieldPa,
            @ForAll @DoubleRange(min = 0.5, max = 8) final double paS,
            @ForAll @DoubleRange(min = 1, max = 5) final double startMm,
            @ForAll @DoubleRange(min = 1, max = 60) final double seconds) {
        for (final WallLine wall :
                new WallLine[] {
                    WallLine.of(new HalfSphere(28), 30),
                    WallLine.of(new Bar(44, 22, 14, 8), 30),
                    WallLine.of(new Frustum(30, 22, 16), 30)
                }) {
            final DrainingFilm film = new DrainingFilm(wall, 1270, startMm / 1000);
            final double before = film.heldM3();
            film.drain(seconds, 10, 0.1, s -> Consistency.even(yieldPa, paS));
            assertThat(film.heldM3() + film.drainedM3()).isCloseTo(before, within(before * 1e-9));
            for (int i = 0; i < wall.cells(); i++) {
                assertThat(film.thickM(i)).isBetween(0.0, startMm / 1000 * 2);
            }
        }
    }

    /** A level floor keeps what emptying left, and loses it when it is rocked. */
    @Test
    void aLevelFloorDrainsOnlyWhenItIsRocked() {
        final double[] floorMm = new double[2];
        for (int k = 0; k < 2; k++) {
            final WallLine wall = WallLine.of(new Bar(60, 40, 12, 8), 40);
            final DrainingFilm film = new DrainingFilm(wall, 1270, 0.004);
            film.drain(30, 30, k * 0.25, s -> Consistency.even(7, 3));
            floorMm[k] = film.thickM(5) * 1000;
        }
        assertThat(floorMm[0]).isCloseTo(4, within(1e-9));
        assertThat(floorMm[1]).isLessThan(3.5);
    }
}
