package palintone.core.figure;

/**
 * A bare number with its unit, for places where band and basis would be too much.
 *
 * @param value the number
 * @param unit what it counts
 */
public record Quantity(double value, Unit unit) {

    public static Quantity of(final double value, final Unit unit) {
        return new Quantity(value, unit);
    }
}
