package palintone.core.casting.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.CrystalLaw;

class ColourDryingTest {

    private static ColourDrying at(final double filmMm, final double percent, final double roomC) {
        return ColourDrying.of(filmMm, 29, percent, Samples.HALF_SPHERES, roomC, roomC);
    }

    /** A film so thin is as warm as its mould: the crystal law alone, by small even steps. */
    @Test
    void aThinFilmSetsAsTheCrystalLawHasIt() {
        final CrystalLaw law =
                new CrystalLaw(SolidFatCurve.cocoaButter(), CrystalConstants.CALIBRATED);
        final double[] rates = new double[2];
        double stable = 0.01;
        double unstable = 0;
        double seconds = 0;
        final double step = 0.02;
        while (stable < 0.5) {
            law.rates(22, stable, unstable, 0, rates);
            stable += step * rates[0];
            unstable += step * rates[1];
            seconds += step;
        }
        final ColourDrying film = at(0.005, 1, 22);
        assertThat(film.holdsS()).isBetween(seconds * 0.97, seconds * 1.1);
    }

    /** A few minutes in a cool room: common practice, no source. */
    @Test
    void aTemperedFilmDriesInMinutes() {
        final ColourDrying film = at(0.05, 1, 20);
        assertThat(film.dryS()).isBetween(30.0, 300.0).isLessThan(film.holdsS());
        assertThat(at(0.05, 1, 25).dryS()).isGreaterThan(2 * film.dryS());
        assertThat(at(0.3, 1, 20).dryS()).isGreaterThan(film.dryS());
    }

    @Test
    void outOfTemperItDoesNotHold() {
        final ColourDrying film = at(0.05, 0, 20);
        assertThat(film.holdsS()).isInfinite();
        assertThat(film.dryS()).isGreaterThan(5 * at(0.05, 1, 20).dryS());
    }

    @Test
    void impossibleFilmsAreNamed() {
        assertThatThrownBy(() -> at(3, 1, 20))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("colour film");
        assertThatThrownBy(() -> at(0.05, 40, 20)).hasMessageContaining("stable crystals");
    }
}
