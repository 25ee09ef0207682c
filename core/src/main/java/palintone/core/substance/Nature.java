package palintone.core.substance;

/** What makes an ingredient special to whoever works with it. */
public enum Nature {
    /** Egg that has not been heated: what it goes into needs a heat step or a warning. */
    RAW_EGG("raw egg"),
    /** Strong enough to burn: keep it from the flame. */
    SPIRIT("spirit"),
    /** Crisp only as long as it stays dry. */
    CRISP("crisp"),
    /** Steeped and strained out again. */
    INFUSED("infused"),
    /** Nuts, seeds and pastes of them: their oil wanders into the shell and goes rancid. */
    NUT("nut or seed"),
    /** Sets where there is much sugar and acid; grade 150. */
    PECTIN("pectin"),
    /** Sets in the cold and melts in the mouth; 200 Bloom. */
    GELATINE("gelatine"),
    /** Sets below the warmth of a hand and stays set when warmed. */
    AGAR("agar");

    private final String words;

    Nature(final String words) {
        this.words = words;
    }

    /** As a maker says it. */
    public String words() {
        return words;
    }
}
