package palintone.core.work;

/** An entry the batch cannot take as it stands; the message says how it stands. */
public final class IllegalMoveException extends IllegalStateException {

    private static final long serialVersionUID = 1L;

    public IllegalMoveException(final String message) {
        super(message);
    }
}
