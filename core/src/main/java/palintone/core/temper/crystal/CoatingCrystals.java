package palintone.core.temper.crystal;

import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Source;

/**
 * How the fat of a lauric coating sets: in one form, without temper, and all at once. Nothing
 * happens until it is several kelvin below where it clears; then what has set makes more, far
 * faster than in cocoa butter, and its own heat warms it again.
 *
 * <p>Calibrated to common practice, no source: a thin spread in a room goes from easy to cut to
 * cracked in moments, and a dip sets within a minute or two.
 */
public final class CoatingCrystals {

    public static final Source SOURCE =
            Source.calibrated(
                    "a lauric coating sets in one form, several kelvin below its clear point and"
                            + " then at once (common practice, no source)");

    /** First crystals, share of what may set a second, at 25 °C. */
    private static final double STARTS_PER_S = 5e-6;

    /** What has set makes more, 1/s at 25 °C. */
    private static final double GROWS_PER_S = 1.0;

    private static final double AT_C = 25;

    /** Kelvin by which both rise e-fold. */
    private static final double WIDTH_K = 4;

    private static final double MELT_S = 25;
    private static final double COLDEST_C = 10;

    private CoatingCrystals() {}

    static void rates(
            final SolidFatCurve curve,
            final double temperatureC,
            final double set,
            final double other,
            final double[] rates) {
        final double room = curve.solidAt(temperatureC) - set;
        if (room > 0) {
            final double colder = Math.exp((AT_C - Math.max(COLDEST_C, temperatureC)) / WIDTH_K);
            rates[0] = colder * (STARTS_PER_S + GROWS_PER_S * Math.max(0, Math.min(1, set))) * room;
        } else {
            rates[0] = room / MELT_S;
        }
        // The one form is kept as the stable one: what a bowl was said to hold besides melts.
        rates[1] = -other / MELT_S;
    }
}
