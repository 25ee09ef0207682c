package palintone.core.filling.balance;

import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.quality.Quality;

/**
 * What a filling ought to be: one quality between two numbers.
 *
 * @param quality which
 * @param low smallest value wanted, in the unit of the quality
 * @param high largest value wanted
 */
public record PropertyConstraint(Quality quality, double low, double high) {

    /**
     * @throws OutOfRangeException when low is above high, or one is not a number
     */
    public PropertyConstraint {
        if (!(low <= high) || !Double.isFinite(low) || !Double.isFinite(high)) {
            throw new OutOfRangeException(
                    "wish for " + quality.words(),
                    low + " to " + high,
                    "a lower end that is not above the upper end");
        }
    }

    /** How far a value lies outside, in steps somebody would notice; 0 inside. */
    double outBy(final double value) {
        return Math.max(0, Math.max(low - value, value - high)) / quality.step();
    }
}
