package palintone.core.substance;

import java.util.Arrays;
import java.util.stream.Collectors;
import javax.measure.Quantity;
import javax.measure.quantity.Mass;
import javax.measure.quantity.Volume;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import tech.units.indriya.quantity.Quantities;
import tech.units.indriya.unit.Units;

/**
 * The units recipes are written in. Masses convert by themselves, volumes through the density of
 * the ingredient. Spoons and cups are the metric ones of 5, 15 and 240 ml; the ounce is the
 * avoirdupois ounce of 28.349523125 g (by definition).
 */
public enum KitchenUnit {
    GRAM("g", Units.GRAM, null),
    KILOGRAM("kg", Units.KILOGRAM, null),
    OUNCE("oz", Units.GRAM.multiply(28.349523125), null),
    POUND("lb", Units.GRAM.multiply(453.59237), null),
    MILLILITRE("ml", null, Units.LITRE.divide(1000)),
    LITRE("l", null, Units.LITRE),
    TEASPOON("tsp", null, Units.LITRE.divide(1000).multiply(5)),
    TABLESPOON("tbsp", null, Units.LITRE.divide(1000).multiply(15)),
    CUP("cup", null, Units.LITRE.divide(1000).multiply(240));

    private final String symbol;
    private final javax.measure.Unit<Mass> mass;
    private final javax.measure.Unit<Volume> volume;

    KitchenUnit(
            final String symbol,
            final javax.measure.Unit<Mass> mass,
            final javax.measure.Unit<Volume> volume) {
        this.symbol = symbol;
        this.mass = mass;
        this.volume = volume;
    }

    public String symbol() {
        return symbol;
    }

    /**
     * @param amount how many of this unit, above 0
     * @param densityGPerMl of the ingredient as it is measured out
     * @return grams
     * @throws OutOfRangeException when the amount is not above zero
     */
    public double toGrams(final double amount, final double densityGPerMl) {
        Require.positive("amount", amount, Portion.MOST_G, symbol);
        if (mass != null) {
            final Quantity<Mass> weighed = Quantities.getQuantity(amount, mass);
            return weighed.to(Units.GRAM).getValue().doubleValue();
        }
        final Quantity<Volume> measured = Quantities.getQuantity(amount, volume);
        final double litres = measured.to(Units.LITRE).getValue().doubleValue();
        return litres * 1000 * Require.between("density", densityGPerMl, 0.05, 3, "g/ml");
    }

    /**
     * @param grams the mass to be measured out
     * @param densityGPerMl of the ingredient as it is measured out
     * @return how many of this unit that is
     */
    public double fromGrams(final double grams, final double densityGPerMl) {
        return grams / toGrams(1, densityGPerMl);
    }

    /**
     * @throws OutOfRangeException when no unit has this symbol
     */
    public static KitchenUnit ofSymbol(final String symbol) {
        return Arrays.stream(values())
                .filter(unit -> unit.symbol.equals(symbol))
                .findFirst()
                .orElseThrow(
                        () ->
                                new OutOfRangeException(
                                        "unit",
                                        "\"" + symbol + "\"",
                                        Arrays.stream(values())
                                                .map(KitchenUnit::symbol)
                                                .collect(Collectors.joining(", "))));
    }
}
