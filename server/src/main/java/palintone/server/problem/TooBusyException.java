package palintone.server.problem;

/** More has come in than can be written; nothing of this was taken, and it is to be sent again. */
public class TooBusyException extends RuntimeException {

    private static final long serialVersionUID = 1;

    public TooBusyException(final String what) {
        super(what + " Nothing of it was taken: send it again in a moment.");
    }
}
