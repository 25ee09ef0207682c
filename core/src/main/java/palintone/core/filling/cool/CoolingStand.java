package palintone.core.filling.cool;

/**
 * What a filling stands on while it cools, and whether the air around it moves.
 *
 * @see CoolingVessel
 */
public enum CoolingStand {
    /** A wooden or plastic table: little heat goes down. */
    TABLE("on a table", 350, 0),
    /** Marble, granite, or steel with stone beneath: takes much at first, ever less later. */
    STONE("on stone", 2_300, 0),
    /** Air all around. */
    RACK("on a rack", 0, 0),
    /** On a rack before a fan, or where a refrigerator blows. */
    DRAUGHT("on a rack, in moved air", 0, 2);

    private final String words;
    private final double effusivity;
    private final double airMPerS;

    CoolingStand(final String words, final double effusivity, final double airMPerS) {
        this.words = words;
        this.effusivity = effusivity;
        this.airMPerS = airMPerS;
    }

    /** As a maker says it. */
    public String words() {
        return words;
    }

    /** √(k·ρ·c) of what is beneath, W·√s/m²K; 0 for air. From memory. */
    double effusivity() {
        return effusivity;
    }

    /** Speed of the air, m/s. */
    double airMPerS() {
        return airMPerS;
    }
}
