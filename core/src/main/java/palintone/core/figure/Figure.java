package palintone.core.figure;

import java.util.Optional;

/**
 * A computed number that can be asked why.
 *
 * @param name the quantity, in the trade's standard term
 * @param value the number
 * @param unit its unit
 * @param spread what it may really be, where models or batches differ
 * @param band where it ought to lie, where that is known
 * @param basis what it rests on
 */
public record Figure(
        String name,
        double value,
        Unit unit,
        Optional<Range> spread,
        Optional<Band> band,
        Basis basis) {

    /**
     * @throws OutOfRangeException when the value is not a finite number
     */
    public Figure {
        if (!Double.isFinite(value)) {
            throw new OutOfRangeException(name, String.valueOf(value), "a finite number");
        }
    }

    public static Figure of(
            final String name, final double value, final Unit unit, final Basis basis) {
        return new Figure(name, value, unit, Optional.empty(), Optional.empty(), basis);
    }

    public Figure within(final Band good) {
        return new Figure(name, value, unit, spread, Optional.of(good), basis);
    }

    public Figure spread(final double low, final double high) {
        return new Figure(name, value, unit, Optional.of(new Range(low, high)), band, basis);
    }

    /** How the value stands against its band; a figure without a band is always in it. */
    public BandStatus bandStatus() {
        return band.map(b -> b.bandStatusOf(value)).orElse(BandStatus.IN_BAND);
    }

    public Quantity quantity() {
        return new Quantity(value, unit);
    }
}
