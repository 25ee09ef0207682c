package palintone.server.problem;

/** Something was asked for by an id that is not in the books. */
public final class NotHereException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String field;
    private final String value;

    /**
     * @param field what was asked for, as "piece"
     * @param value the id given
     */
    public NotHereException(final String field, final Object value) {
        super("There is no " + field + " \"" + value + "\".");
        this.field = field;
        this.value = String.valueOf(value);
    }

    public String field() {
        return field;
    }

    public String value() {
        return value;
    }
}
