package palintone.core.filling.pot;

import palintone.core.figure.Unit;

/** What can be set on an operation; which ones apply is said by its {@link OperationKind}. */
public enum OperationSetting {
    TEMPERATURE_C("temperature", Unit.CELSIUS, -40, 200),
    MINUTES("minutes", Unit.MINUTE, 0, 600),
    HOURS("hours", Unit.HOUR, 0, 2000),
    /** Of everything in the pot, afterwards. */
    MASS_G("down to", Unit.GRAM, 0.1, 1_000_000),
    /** Share, percent; what of is said by the kind. */
    PERCENT("share", Unit.PERCENT, 0, 100),
    /** Grams of liquid that one gram of what is strained out holds back. */
    RETENTION("held back, g per g", Unit.ONE, 0, 10),
    /** Inner width of vessel or side of a cut piece. */
    WIDTH_MM("width", Unit.MILLIMETRE, 5, 2000),
    /** Side of the pieces that are folded in. */
    SIZE_MM("size of the pieces", Unit.MILLIMETRE, 0.3, 40);

    private final String words;
    private final Unit unit;
    private final double low;
    private final double high;

    OperationSetting(final String words, final Unit unit, final double low, final double high) {
        this.words = words;
        this.unit = unit;
        this.low = low;
        this.high = high;
    }

    /** As a maker says it. */
    public String words() {
        return words;
    }

    public Unit unit() {
        return unit;
    }

    /** Smallest value any operation takes. */
    public double low() {
        return low;
    }

    /** Largest value any operation takes. */
    public double high() {
        return high;
    }
}
