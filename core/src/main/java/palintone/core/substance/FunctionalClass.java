package palintone.core.substance;

/** What makes an ingredient special to whoever works with it. */
public enum FunctionalClass {
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
    /** High-methoxyl pectin: sets where there is much sugar and acid; of grade 150 unless said. */
    PECTIN("pectin"),
    /** Low-methoxyl pectin: sets with calcium, as of milk, with little sugar and acid. */
    LOW_METHOXYL_PECTIN("pectin, low methoxyl"),
    /** Sets in the cold and melts in the mouth; of 200 Bloom unless said. */
    GELATINE("gelatine"),
    /** Sets below the warmth of a hand and stays set when warmed; of 800 g/cm² unless said. */
    AGAR("agar"),
    /** As strong as its maker made it: it goes in by taste, half of it first. */
    EXTRACT("extract, to taste");

    private final String words;

    FunctionalClass(final String words) {
        this.words = words;
    }

    /** As a maker says it. */
    public String words() {
        return words;
    }
}
