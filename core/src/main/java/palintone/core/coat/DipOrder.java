package palintone.core.coat;

import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * How a centre is dipped.
 *
 * @param bowl it goes into
 * @param centre that is dipped
 * @param centreC as it goes in, −25 to 35 °C
 * @param underS pressed under, 0.5 to 30 s
 * @param tappedS lifted and tapped over the bowl, 0 to 60 s
 * @param blown whether its top is blown off
 * @param roomC it is set down in, 5 to 40 °C
 * @param filmFactor what the workshop's weighings say of the film, 0.2 to 5; {@link #UNWEIGHED}
 *     before any
 */
public record DipOrder(
        BowlAt bowl,
        Centre centre,
        double centreC,
        double underS,
        double tappedS,
        boolean blown,
        double roomC,
        double filmFactor) {

    /** Of the film, where nobody has weighed a coat. */
    public static final double UNWEIGHED = CalibratedCoat.UNWEIGHED_FILM;

    /**
     * @throws OutOfRangeException when a number is impossible, or the centre warmer than the bowl
     */
    public DipOrder {
        Require.between("centre as it is dipped", centreC, -25, 35, "°C");
        Require.between("time under", underS, 0.5, 30, "s");
        Require.between("tapped", tappedS, 0, 60, "s");
        Require.between("room temperature", roomC, 5, 40, "°C");
        Require.between("film factor", filmFactor, 0.2, 5, "");
        if (centreC > bowl.temperatureC()) {
            throw new OutOfRangeException(
                    "centre as it is dipped",
                    centreC + " °C",
                    "no warmer than the bowl, " + bowl.temperatureC() + " °C");
        }
    }

    /** The same from another bowl. */
    DipOrder from(final BowlAt other) {
        return new DipOrder(
                other,
                centre,
                Math.min(centreC, other.temperatureC()),
                underS,
                tappedS,
                blown,
                roomC,
                filmFactor);
    }

    /** The same centre as warm as another. */
    public DipOrder centreAt(final double celsius) {
        return new DipOrder(bowl, centre, celsius, underS, tappedS, blown, roomC, filmFactor);
    }

    /** With another film factor. */
    public DipOrder filmed(final double factor) {
        return new DipOrder(bowl, centre, centreC, underS, tappedS, blown, roomC, factor);
    }

    /** With its top blown off. */
    DipOrder blownOff() {
        return new DipOrder(bowl, centre, centreC, underS, tappedS, true, roomC, filmFactor);
    }

    /** Tapped for another time. */
    public DipOrder tapped(final double seconds) {
        return new DipOrder(bowl, centre, centreC, underS, seconds, blown, roomC, filmFactor);
    }
}
