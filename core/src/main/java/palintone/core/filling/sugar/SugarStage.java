package palintone.core.filling.sugar;

/** What a drop of cooked sugar does in cold water; temperatures at sea level, common practice. */
public enum SugarStage {
    SYRUP("syrup, no thread", 100, 106),
    THREAD("thread", 106, 112),
    SOFT_BALL("soft ball: flattens between the fingers", 112, 117),
    FIRM_BALL("firm ball: holds its shape, gives way", 117, 121),
    HARD_BALL("hard ball: resists", 121, 131),
    SOFT_CRACK("soft crack: threads that bend", 131, 145),
    HARD_CRACK("hard crack: snaps like glass", 145, 157),
    LIGHT_CARAMEL("light caramel", 157, 168),
    CARAMEL("caramel", 168, 178),
    DARK_CARAMEL("dark caramel, bitter", 178, 190);

    private final String words;
    private final double fromC;
    private final double toC;

    SugarStage(final String words, final double fromC, final double toC) {
        this.words = words;
        this.fromC = fromC;
        this.toC = toC;
    }

    public String words() {
        return words;
    }

    /** At sea level, °C. */
    public double fromC() {
        return fromC;
    }

    /** At sea level, °C. */
    public double toC() {
        return toC;
    }

    public double middleC() {
        return (fromC + toC) / 2;
    }

    /** The stage a sugar cooked to this temperature at sea level has reached. */
    public static SugarStage at(final double seaLevelC) {
        for (final SugarStage stage : values()) {
            if (seaLevelC < stage.toC) {
                return stage;
            }
        }
        return DARK_CARAMEL;
    }
}
