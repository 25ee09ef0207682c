package palintone.server.exchange;

import palintone.core.figure.OutOfRangeException;

/** One thing wrong in one file; because of it nothing of the whole import was taken over. */
public final class ImportRefusedException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String file;
    private final int row;
    private final String field;
    private final String value;
    private final String allowed;

    /**
     * @param row in the file as a reader counts, 0 where rows mean nothing
     */
    public ImportRefusedException(
            final String file,
            final int row,
            final String field,
            final String value,
            final String allowed) {
        super(
                OutOfRangeException.shown(file)
                        + (row > 0 ? ", row " + row : "")
                        + ": "
                        + OutOfRangeException.shown(field)
                        + " is "
                        + OutOfRangeException.shown(value)
                        + "; allowed: "
                        + allowed
                        + ". Nothing was imported.");
        this.file = file;
        this.row = row;
        this.field = OutOfRangeException.shown(field);
        this.value = OutOfRangeException.shown(value);
        this.allowed = allowed;
    }

    String file() {
        return file;
    }

    int row() {
        return row;
    }

    String field() {
        return field;
    }

    String value() {
        return value;
    }

    String allowed() {
        return allowed;
    }
}
