package palintone.core.casting.pour;

import palintone.core.figure.Source;

/** How a turned mould is shaken: a shaken film holds less. */
public enum Vibration {
    NONE("left still", 1, 1),
    TAPPED("tapped", CalibratedCasting.TAPPED_YIELD_SHARE, CalibratedCasting.TAPPED_KNOCKS),
    TABLE(
            "on the vibrating table",
            CalibratedCasting.TABLE_YIELD_SHARE,
            CalibratedCasting.TABLE_KNOCKS);

    public static final Source SOURCE =
            Source.calibrated(
                    "vibration as a lowered yield value, tapped three quarters, table half; the"
                            + " workshop's own weighings correct it; round a bubble each knock"
                            + " breaks nearly all of it, so that those of 1.5 to 4 mm come up"
                            + " within a minute");

    private final String words;
    private final double yieldShare;
    private final double knocks;

    Vibration(final String words, final double yieldShare, final double knocks) {
        this.words = words;
        this.yieldShare = yieldShare;
        this.knocks = knocks;
    }

    /** As the maker says it. */
    public String words() {
        return words;
    }

    /** What is left of the yield value, 0 to 1. */
    public double yieldShare() {
        return yieldShare;
    }

    /** What is left of it for a bubble, which every knock pulls harder than its own buoyancy. */
    public double bubbleYieldShare() {
        return yieldShare / knocks;
    }
}
