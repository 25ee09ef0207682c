package palintone.core.figure;

/** The units figures are stated in. The core knows no others; conversion is done at the edges. */
public enum Unit {
    ONE(""),
    PERCENT("%"),
    GRAM("g"),
    GRAM_PER_ML("g/ml"),
    MILLILITRE("ml"),
    MILLIMETRE("mm"),
    CELSIUS("°C"),
    /** A difference of temperatures, which converts to other scales without an offset. */
    KELVIN("K"),
    SECOND("s"),
    MINUTE("min"),
    HOUR("h"),
    DAY("days"),
    /** A count of hydrogen ions on the usual scale, 0 to 14. */
    PH("pH"),
    /** Steps of the bench from 0, pours, to 10, hard. */
    FIRMNESS(""),
    KILOJOULE_PER_100G("kJ/100 g"),
    /** Decimal orders of magnitude by which living germs fall. */
    LOG10("log"),
    /** The workshop's own money. */
    MONEY(""),
    METRE("m"),
    HECTOPASCAL("hPa"),
    WATT("W"),
    PASCAL("Pa"),
    PASCAL_SECOND("Pa·s"),
    /** Of an angle. */
    DEGREE("°"),
    PIECE("pieces"),
    MOULD("moulds"),
    SHEET("sheets");

    private final String symbol;

    Unit(final String symbol) {
        this.symbol = symbol;
    }

    /** The symbol as printed, empty for a plain number. */
    public String symbol() {
        return symbol;
    }
}
