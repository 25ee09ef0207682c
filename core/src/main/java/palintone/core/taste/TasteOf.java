package palintone.core.taste;

import palintone.core.figure.Unit;

/** What is judged of a whole piece, and by how much one must move it for a taster to notice. */
public enum TasteOf {
    SWEETNESS("sweetness of the whole piece", 3),
    BITTERNESS("bitterness of the whole piece", 2);

    private final String words;
    private final double step;

    TasteOf(final String words, final double step) {
        this.words = words;
        this.step = step;
    }

    public String words() {
        return words;
    }

    /** Grams in 100 g of what is as sweet, or as bitter. */
    public Unit unit() {
        return Unit.PERCENT;
    }

    /** A difference about half of all tasters notice, g in 100 g; calibrated here. */
    public double stepG() {
        return step;
    }
}
