package palintone.core.filling.pot;

import java.util.Arrays;
import java.util.Optional;

/**
 * What is boiled down until it looks so, with the share that has gone by then: the custom of
 * juices, purées and cream, far from exact. Common practice, no source; a scale under the pan knows
 * better.
 */
public enum ReducedLook {
    THICKER("slightly thicker", 25, "thick|thicker|thickens?|thickened"),
    COATS_A_SPOON("coats a spoon", 35, "coats?|nappe"),
    SYRUPY("syrupy", 50, "syrupy|syrup|sticky"),
    JAMMY("thick as jam", 60, "jammy|jam"),
    NEARLY_DRY("nearly dry", 85, "dry|sec");

    private final String words;
    private final double percent;
    private final String said;

    ReducedLook(final String words, final double percent, final String said) {
        this.words = words;
        this.percent = percent;
        this.said = said;
    }

    public String words() {
        return words;
    }

    /** Boiled away by then, of everything, 0 to 100. */
    public double awayPercent() {
        return percent;
    }

    /** The look that a word of a recipe means. */
    public static Optional<ReducedLook> of(final String word) {
        return Arrays.stream(values()).filter(look -> word.matches(look.said)).findFirst();
    }
}
