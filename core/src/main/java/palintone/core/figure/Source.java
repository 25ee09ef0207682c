package palintone.core.figure;

/**
 * Where a formula or a constant comes from.
 *
 * @param kind what sort of authority it has
 * @param citation author, year, title; or the name of the practice
 * @param fromMemory true where the number was written down from memory and not read off the source
 */
public record Source(SourceKind kind, String citation, boolean fromMemory) {

    /** What sort of authority a source has. */
    public enum SourceKind {
        /** A published work, named in the citation. */
        PUBLISHED,
        /** Arithmetic or geometry: true by definition. */
        DEFINITION,
        /** Fitted by ourselves; the citation says to what. */
        CALIBRATED,
        /** Common practice, no source. */
        PRACTICE,
        /** Measured or chosen by the workshop itself. */
        WORKSHOP
    }

    public static Source published(final String citation) {
        return new Source(SourceKind.PUBLISHED, citation, false);
    }

    /** A published work whose numbers were written down from memory. */
    public static Source remembered(final String citation) {
        return new Source(SourceKind.PUBLISHED, citation, true);
    }

    public static Source definition(final String what) {
        return new Source(SourceKind.DEFINITION, what, false);
    }

    public static Source calibrated(final String toWhat) {
        return new Source(SourceKind.CALIBRATED, toWhat, false);
    }

    public static Source practice(final String what) {
        return new Source(SourceKind.PRACTICE, what + " (common practice, no source)", false);
    }

    public static Source workshop(final String what) {
        return new Source(SourceKind.WORKSHOP, what, false);
    }
}
