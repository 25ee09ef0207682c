package palintone.server.problem;

/** Somebody else has saved in between. */
public final class StaleVersionException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final long given;
    private final long current;

    public StaleVersionException(final String what, final long given, final long current) {
        super(
                what
                        + " was changed by somebody else meanwhile. What you typed is still here:"
                        + " load the new state and save again.");
        this.given = given;
        this.current = current;
    }

    public long given() {
        return given;
    }

    public long current() {
        return current;
    }

    /**
     * @throws StaleVersionException when the two differ
     */
    public static void check(final String what, final long given, final long current) {
        if (given != current) {
            throw new StaleVersionException(what, given, current);
        }
    }
}
