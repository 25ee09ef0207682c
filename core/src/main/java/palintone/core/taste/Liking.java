package palintone.core.taste;

/** What a taster says of how sweet, or how bitter, a piece is. */
public enum Liking {
    TOO_LITTLE("not enough"),
    RIGHT("just right"),
    TOO_MUCH("too much");

    private final String words;

    Liking(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
