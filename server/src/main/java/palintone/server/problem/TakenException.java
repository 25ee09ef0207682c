package palintone.server.problem;

/** Something new would be written over something that is there already. */
public class TakenException extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final String field;
    private final String value;

    public TakenException(final String field, final String value) {
        super(
                "There is a "
                        + field
                        + " "
                        + value
                        + " already. Both are kept: save yours under another name, or open the"
                        + " other one.");
        this.field = field;
        this.value = value;
    }

    public String field() {
        return field;
    }

    public String value() {
        return value;
    }
}
