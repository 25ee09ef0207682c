package palintone.core.process;

/** What a task keeps from others while it runs. */
public enum Occupies {
    PERSON("a pair of hands"),
    BOWL("the bowl"),
    MOULD("the moulds"),
    POT("the pot"),
    STONE("the stone"),
    CABINET("the cabinet"),
    GUN("the gun");

    private final String words;

    Occupies(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
