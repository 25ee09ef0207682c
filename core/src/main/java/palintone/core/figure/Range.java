package palintone.core.figure;

/**
 * The spread a figure may really have, because models or workshops differ; in the figure's unit.
 *
 * @param low smallest credible value
 * @param high largest credible value
 */
public record Range(double low, double high) {

    /**
     * @throws OutOfRangeException when low is above high
     */
    public Range {
        if (!(low <= high)) {
            throw new OutOfRangeException("range", low + " – " + high, "low not above high");
        }
    }
}
