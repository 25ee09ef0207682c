package palintone.core.substance;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javax.measure.quantity.Mass;
import javax.measure.quantity.Volume;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import tech.units.indriya.quantity.Quantities;
import tech.units.indriya.unit.Units;

/**
 * The units recipes are written in. Masses convert by themselves, volumes through the density of
 * the ingredient, pieces through the mass of one. Spoons and cups are the metric ones of 5, 15 and
 * 240 ml; the ounce is the avoirdupois ounce of 28.349523125 g and the fluid ounce 29.5735295625 ml
 * (both by definition); a pinch is a sixteenth of a teaspoon.
 */
public enum KitchenUnit {
    GRAM("g", Units.GRAM, null, "gram", "grams", "gr"),
    KILOGRAM("kg", Units.KILOGRAM, null, "kilo", "kilogram", "kilograms"),
    OUNCE("oz", Units.GRAM.multiply(28.349523125), null, "ounce", "ounces"),
    POUND("lb", Units.GRAM.multiply(453.59237), null, "lbs", "pound", "pounds"),
    MILLILITRE("ml", null, Units.LITRE.divide(1000), "millilitre", "millilitres", "milliliters"),
    CENTILITRE("cl", null, Units.LITRE.divide(100), "centilitre", "centilitres"),
    DECILITRE("dl", null, Units.LITRE.divide(10), "decilitre", "decilitres"),
    LITRE("l", null, Units.LITRE, "litre", "litres", "liter", "liters"),
    FLUID_OUNCE("fl oz", null, Units.LITRE.multiply(0.0295735295625), "floz"),
    TEASPOON("tsp", null, Units.LITRE.divide(1000).multiply(5), "teaspoon", "teaspoons"),
    TABLESPOON("tbsp", null, Units.LITRE.divide(1000).multiply(15), "tablespoon", "tablespoons"),
    CUP("cup", null, Units.LITRE.divide(1000).multiply(240), "cups"),
    PINCH("pinch", null, Units.LITRE.divide(1000).multiply(0.3125), "pinches"),
    PIECE("piece", null, null, "pieces", "pc", "pcs");

    private final String symbol;
    private final boolean byVolume;
    private final double inBase;
    private final Set<String> alsoWritten;

    KitchenUnit(
            final String symbol,
            final javax.measure.Unit<Mass> mass,
            final javax.measure.Unit<Volume> volume,
            final String... alsoWritten) {
        this.symbol = symbol;
        this.byVolume = volume != null;
        this.inBase = mass != null ? grams(mass) : volume != null ? millilitres(volume) : 1;
        this.alsoWritten = Set.of(alsoWritten);
    }

    private static double grams(final javax.measure.Unit<Mass> unit) {
        return Quantities.getQuantity(1, unit).to(Units.GRAM).getValue().doubleValue();
    }

    private static double millilitres(final javax.measure.Unit<Volume> unit) {
        return Quantities.getQuantity(1, unit).to(Units.LITRE).getValue().doubleValue() * 1000;
    }

    public String symbol() {
        return symbol;
    }

    /** Whether it weighs the same of everything. */
    public boolean isMass() {
        return !byVolume && this != PIECE;
    }

    /** Whether it is measured out by spoon or cup. */
    public boolean isSpooned() {
        return switch (this) {
            case TEASPOON, TABLESPOON, CUP, PINCH -> true;
            default -> false;
        };
    }

    /**
     * Millilitres of one.
     *
     * @throws OutOfRangeException where it is none of volume
     */
    public double eachMl() {
        if (!byVolume) {
            throw new OutOfRangeException("unit", symbol, "a unit of volume");
        }
        return inBase;
    }

    /**
     * Grams of one.
     *
     * @throws OutOfRangeException where that depends on what is measured out
     */
    public double eachG() {
        if (!isMass()) {
            throw new OutOfRangeException("unit", symbol, "a unit of mass");
        }
        return inBase;
    }

    /**
     * @param amount how many of this unit, above 0
     * @param of what is measured out: its density, or the mass of one piece
     * @return grams
     * @throws OutOfRangeException when the amount is not above zero, or pieces are asked of
     *     something whose piece has no known mass
     */
    public double toGrams(final double amount, final Ingredient of) {
        Require.positive("amount", amount, Portion.MOST_G, symbol);
        return amount * gramsOfOne(of);
    }

    /**
     * @param grams the mass to be measured out
     * @return how many of this unit that is
     */
    public double fromGrams(final double grams, final Ingredient of) {
        return grams / gramsOfOne(of);
    }

    private double gramsOfOne(final Ingredient of) {
        if (this == PIECE) {
            return of.traits()
                    .pieceG()
                    .orElseThrow(
                            () ->
                                    new OutOfRangeException(
                                            "unit",
                                            "piece",
                                            "g, ml or another measure: nobody has said what one"
                                                    + " piece of "
                                                    + of.name()
                                                    + " weighs (Larder)"));
        }
        return byVolume ? inBase * of.densityGPerMl() : inBase;
    }

    /** The unit somebody meant by this word, as "Tablespoons", "gr" or "oz". */
    public static Optional<KitchenUnit> written(final String word) {
        final String plain = word.toLowerCase(Locale.ROOT).replace(".", "").strip();
        return Arrays.stream(values())
                .filter(unit -> unit.symbol.equals(plain) || unit.alsoWritten.contains(plain))
                .findFirst();
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
