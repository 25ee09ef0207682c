package palintone.core.piece;

import palintone.core.figure.Require;

/**
 * What is done to a piece once it is out of the mould, or to its back.
 *
 * @param kind of finishing
 * @param words what with, or what it looks like
 */
public record Finish(Kind kind, String words) {

    private static final int LONGEST = 120;

    /** Kinds of finishing. */
    public enum Kind {
        /** A transfer sheet laid on the wet cap. */
        TRANSFER("Lay the transfer sheet on the wet back, press it flat, peel it when set"),
        LINE("Pipe a line"),
        DUST("Dust"),
        /** A line of the fork, drawn while it is wet. */
        MARK("Mark it with the fork"),
        TRIM("Trim the feet"),
        BRUSH("Brush or scratch its surface"),
        PACK("Pack it"),
        /** The allergens on a label of their own. */
        STICKER("Stick the label on");

        private final String act;

        Kind(final String act) {
            this.act = act;
        }

        /** Whether it is done while the coat is still soft. */
        public boolean whileSoft() {
            return this == TRANSFER || this == MARK;
        }

        /** What is done, as a sentence begins. */
        public String act() {
            return act;
        }
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when the words are too long
     */
    public Finish {
        words = Require.words("finishing", words, LONGEST);
    }
}
