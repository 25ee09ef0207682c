package palintone.core.figure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Checks at the edge of the core. Every one of them returns the value it has let through. */
public final class Require {

    /** Above this a number is read better with its exponent. */
    private static final double LONGEST_PLAIN = 1e12;

    private Require() {}

    /**
     * @param unit symbol used in the message
     * @throws OutOfRangeException when the value is not a number from low to high
     */
    public static double between(
            final String field,
            final double value,
            final double low,
            final double high,
            final String unit) {
        if (!(value >= low && value <= high)) {
            throw new OutOfRangeException(
                    field,
                    number(value) + unit(unit),
                    number(low) + " to " + number(high) + unit(unit));
        }
        return value;
    }

    /**
     * The value itself, where it may be; in the unit that is named.
     *
     * @throws OutOfRangeException when the value is zero, negative, above high or not a number
     */
    public static double positive(
            final String field, final double value, final double high, final String unit) {
        if (!(value > 0 && value <= high)) {
            throw new OutOfRangeException(
                    field,
                    number(value) + unit(unit),
                    "more than 0, up to " + number(high) + unit(unit));
        }
        return value;
    }

    /**
     * @throws OutOfRangeException when the text is empty or longer than allowed
     */
    public static String text(final String field, final String value, final int longest) {
        if (value == null || value.isBlank() || value.length() > longest) {
            throw new OutOfRangeException(
                    field,
                    value == null || value.isBlank() ? "empty" : value.length() + " characters",
                    "1 to " + longest + " characters");
        }
        return value;
    }

    /**
     * Words that may be left out, but not be longer than this.
     *
     * @return the words, empty where there are none
     * @throws OutOfRangeException when they are longer
     */
    public static String words(final String field, final String value, final int longest) {
        if (value != null && value.length() > longest) {
            throw new OutOfRangeException(
                    field, value.length() + " characters", "up to " + longest + " characters");
        }
        return value == null ? "" : value;
    }

    private static String unit(final String unit) {
        return unit.isEmpty() ? "" : " " + unit;
    }

    /** A number as people write it: at most three decimals, no exponent, no trailing zeros. */
    private static String number(final double value) {
        if (!Double.isFinite(value) || Math.abs(value) > LONGEST_PLAIN) {
            return String.valueOf(value);
        }
        return new BigDecimal(String.valueOf(value))
                .setScale(3, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
