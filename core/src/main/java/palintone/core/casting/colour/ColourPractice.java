package palintone.core.casting.colour;

/**
 * When it is cast over colour: two schools, one of which a house picks. As soon as the film holds
 * is our default, for it follows the room and the film; overnight asks for a day more and no
 * reading.
 */
public enum ColourPractice {
    /** As soon as the film is no longer washed off, and a few minutes at the least. */
    AS_IT_HOLDS(5 * 60),
    /** Eight hours at the least; common practice, no source. */
    OVERNIGHT(8 * 3600);

    private final int leastS;

    ColourPractice(final int leastS) {
        this.leastS = leastS;
    }

    /** What is waited at the least before it is cast over, s. */
    public int leastS() {
        return leastS;
    }
}
