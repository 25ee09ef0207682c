package palintone.server.problem;

import jakarta.annotation.Nullable;

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
     * What is new must not be there, what is known must be as it was.
     *
     * @param given version the draft rests on; null for something new
     * @param current version in the books; null where there is none
     * @throws TakenException when it is new and there is one
     * @throws NotHereException when it is known and there is none
     * @throws StaleVersionException when the two differ
     */
    public static void check(
            final String field,
            final String id,
            final @Nullable Long given,
            final @Nullable Long current) {
        if (given == null && current != null) {
            throw new TakenException(field, id);
        }
        if (given != null && current == null) {
            throw new NotHereException(field, id);
        }
        if (given != null) {
            check(field + " " + id, given, current);
        }
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
