package palintone.core.piece;

import java.util.Optional;
import java.util.Set;
import palintone.core.figure.Require;
import palintone.core.substance.Allergen;

/**
 * What is done to a piece once it is out of the mould, or to its back.
 *
 * @param kind of finishing
 * @param words what with, or what it looks like
 * @param allergens what is brought on holds; empty where nobody has said
 */
public record Finish(FinishKind kind, String words, Optional<Set<Allergen>> allergens) {

    private static final int LONGEST = 120;

    /** Kinds of finishing. */
    public enum FinishKind {
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

        FinishKind(final String act) {
            this.act = act;
        }

        /** Whether it is done while the coat is still soft. */
        public boolean whileSoft() {
            return this == TRANSFER || this == MARK;
        }

        /** Whether something stays on the piece that may hold an allergen. */
        public boolean brings() {
            return this == TRANSFER || this == LINE || this == DUST;
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
        allergens = allergens.map(Set::copyOf);
    }

    /** Nothing said of what it holds. */
    public Finish(final FinishKind kind, final String words) {
        this(kind, words, Optional.empty());
    }

    /** What it is called where its allergens are spoken of. */
    String brought() {
        return words.isBlank() ? kind.name().toLowerCase(java.util.Locale.ROOT) : words;
    }
}
