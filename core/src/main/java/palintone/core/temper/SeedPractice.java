package palintone.core.temper;

/** How much ready-tempered chocolate is stirred in. */
public enum SeedPractice {
    /**
     * Two thirds melted, the last third stirred in. The default: the seed itself does the cooling,
     * so the bowl may be added to while still hot.
     */
    THIRD("seed, a third", 1.0 / 3),
    /** A few per cent, once the bowl has fallen almost to working temperature. */
    FEW_PER_CENT("seed, a few per cent", 0.03);

    private final String words;
    private final double share;

    SeedPractice(final String words, final double share) {
        this.words = words;
        this.share = share;
    }

    public String words() {
        return words;
    }

    /** Share of the whole bowl that is seed, 0 to 1. */
    public double share() {
        return share;
    }
}
