package palintone.core.temper;

/** Where makers hold dark couverture while they work. */
public enum DarkWindowPractice {
    /**
     * The default: a smear sets surely, and there is a degree of room before the temper is lost.
     */
    LOW("31–32 °C", 31, 32),
    /** Flows thinner, with less room above. */
    HIGH("32–34 °C", 32, 34);

    private final String words;
    private final double low;
    private final double high;

    DarkWindowPractice(final String words, final double low, final double high) {
        this.words = words;
        this.low = low;
        this.high = high;
    }

    public String words() {
        return words;
    }

    double low() {
        return low;
    }

    double high() {
        return high;
    }
}
