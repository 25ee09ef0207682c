package palintone.core.casting;

import palintone.core.figure.Source;

/** How a turned mould is shaken: a shaken film holds less. */
public enum Vibration {
    NONE("left still", 1),
    TAPPED("tapped", 0.6),
    TABLE("on the vibrating table", 0.35);

    public static final Source SOURCE =
            Source.calibrated(
                    "vibration as a lowered yield value: tapped 0.6, table 0.35; the workshop's own"
                            + " weighings correct it");

    private final String words;
    private final double yieldShare;

    Vibration(final String words, final double yieldShare) {
        this.words = words;
        this.yieldShare = yieldShare;
    }

    /** As the maker says it. */
    public String words() {
        return words;
    }

    /** What is left of the yield value, 0 to 1. */
    double yieldShare() {
        return yieldShare;
    }
}
