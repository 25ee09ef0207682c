package palintone.core.figure;

/** An impossible input, refused at the edge of the core. Names the field, the value, the range. */
public final class OutOfRangeException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    private final String field;
    private final String value;
    private final String allowed;

    /**
     * @param field what was given, by the name its owner knows
     * @param value as it was given
     * @param allowed what would have been accepted
     */
    public OutOfRangeException(final String field, final String value, final String allowed) {
        super(field + " is " + value + "; allowed: " + allowed);
        this.field = field;
        this.value = value;
        this.allowed = allowed;
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
