package palintone.server.exchange;

/** What an import would change is not what was shown before it: somebody has written meanwhile. */
class ChangedSinceException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    ChangedSinceException(final String file) {
        super(
                "What "
                        + file
                        + " would change has been changed since it was looked at. Nothing was"
                        + " imported: look at it again.");
    }
}
