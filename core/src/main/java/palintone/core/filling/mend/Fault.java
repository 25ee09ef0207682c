package palintone.core.filling.mend;

/** How a filling has gone wrong, in the words of the bench. */
public enum Fault {
    SPLIT("split, oil stands on it"),
    GRAINY("grainy, sandy"),
    TOO_SOFT("too soft"),
    TOO_HARD("too hard"),
    SCORCHED("scorched"),
    LUMPY("lumpy");

    private final String words;

    Fault(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
