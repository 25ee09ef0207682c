package palintone.core.temper.trace;

/** Why a reading is kept apart. */
public enum Flag {
    NOT_A_NUMBER("not a number"),
    IMPOSSIBLE("no temperature chocolate can have"),
    DUPLICATE("same moment as another"),
    OUT_OF_ORDER("came late, put in its place"),
    CLOCK_RESTARTED("the probe's clock began again"),
    SKIN("read from the skin, colder than the middle"),
    JUMP("jumped up and back");

    private final String words;

    Flag(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** True where the reading is still used. */
    public boolean used() {
        return this == OUT_OF_ORDER;
    }
}
