package palintone.server.problem;

import java.io.IOException;

/** More was sent than may be; nothing of it was taken. */
public final class TooLargeException extends IOException {

    private static final long serialVersionUID = 1;

    private final String allowed;

    /**
     * @param mostB how much may be sent, bytes
     */
    public TooLargeException(final long mostB) {
        this("up to " + (mostB >> 20) + " MB");
    }

    private TooLargeException(final String allowed) {
        super("What was sent is too large; allowed: " + allowed + ". Nothing was changed.");
        this.allowed = allowed;
    }

    public String allowed() {
        return allowed;
    }
}
