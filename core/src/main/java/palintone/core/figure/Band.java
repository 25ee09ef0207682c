package palintone.core.figure;

/**
 * Where a value ought to lie: a good stretch between two limits, all in the unit of the figure.
 *
 * @param lowLimit below this the value is off
 * @param low the good stretch begins here
 * @param high and ends here
 * @param highLimit above this the value is off
 */
public record Band(double lowLimit, double low, double high, double highLimit) {

    /**
     * @throws OutOfRangeException when the four numbers are not finite and in rising order
     */
    public Band {
        if (!(lowLimit <= low && low <= high && high <= highLimit)
                || Double.isInfinite(lowLimit)
                || Double.isInfinite(highLimit)) {
            throw new OutOfRangeException(
                    "band",
                    lowLimit + " | " + low + " – " + high + " | " + highLimit,
                    "four finite numbers in rising order: limit, low, high, limit");
        }
    }

    /**
     * A good stretch with the same slack on both sides; all three in one unit, the reading's.
     *
     * @param low start of the good stretch
     * @param high end of the good stretch
     * @param slack distance from the stretch to either limit, 0 or more
     */
    public static Band around(final double low, final double high, final double slack) {
        return new Band(low - slack, low, high, high + slack);
    }

    /** How the value, in the band's unit, stands against this band. */
    public BandStatus bandStatusOf(final double value) {
        if (value >= low && value <= high) {
            return BandStatus.IN_BAND;
        }
        return value >= lowLimit && value <= highLimit ? BandStatus.TIGHT : BandStatus.OFF;
    }

    /**
     * Signed distance to the good stretch, in the band's unit: negative below, positive above, 0
     * inside.
     */
    public double outBy(final double value) {
        if (value < low) {
            return value - low;
        }
        return value > high ? value - high : 0;
    }

    /** The middle of the good stretch, in the band's unit. */
    public double middle() {
        return (low + high) / 2;
    }
}
