package palintone.core.figure;

/** An impossible input, refused at the edge of the core. Names the field, the value, the range. */
public final class OutOfRangeException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    /** Characters of a value that are repeated to whoever sent it. */
    private static final int MOST_SHOWN = 200;

    private final String field;
    private final String value;
    private final String allowed;

    /**
     * @param field what was given, by the name its owner knows
     * @param value as it was given
     * @param allowed what would have been accepted
     */
    public OutOfRangeException(final String field, final String value, final String allowed) {
        super(field + " is " + shown(value) + "; allowed: " + allowed);
        this.field = field;
        this.value = shown(value);
        this.allowed = allowed;
    }

    /**
     * A value as it is repeated in a refusal: whole up to 200 characters, else its beginning. Who
     * sends a book is not sent it back.
     */
    public static String shown(final String value) {
        return value == null || value.length() <= MOST_SHOWN
                ? value
                : value.substring(0, MOST_SHOWN) + "…";
    }

    public String field() {
        return field;
    }

    public String value() {
        return value;
    }

    public String allowed() {
        return allowed;
    }

    /** The same refusal for a field whose full name only the caller knows, as "line 3 mass". */
    public OutOfRangeException inside(final String owner) {
        return new OutOfRangeException(owner + " " + field, value, allowed);
    }
}
