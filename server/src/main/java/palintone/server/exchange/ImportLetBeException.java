package palintone.server.exchange;

/** Somebody has pressed Cancel while an import was under way. */
class ImportLetBeException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    ImportLetBeException() {
        super("The import was cancelled. Nothing was changed.");
    }
}
