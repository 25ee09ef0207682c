package palintone.core.filling.texture;

/** How a filling stands, in the words of the bench, softest first. */
public enum TextureClass {
    /** What stands no more than half a millimetre high over as much width as depth. */
    RUNS_LEVEL("runs level", 6),
    /** It pours, and a heap of it stands a millimetre or three: tapped level. */
    POURABLE("pours thick", 40),
    PIPEABLE("pipeable", 2_000),
    SCOOPABLE("scoopable", 5_000),
    SLICEABLE("sliceable", 120_000),
    FIRM_CHEW("firm to the bite", 3_000_000),
    HARD("hard", Double.POSITIVE_INFINITY);

    private final String words;
    private final double toPa;

    TextureClass(final String words, final double toPa) {
        this.words = words;
        this.toPa = toPa;
    }

    /** As a maker says it. */
    public String words() {
        return words;
    }

    /** Upper end of the class, Pa. */
    public double toPa() {
        return toPa;
    }

    /** The class of a stiffness in Pa. */
    public static TextureClass of(final double pascal) {
        for (final TextureClass each : values()) {
            if (pascal < each.toPa) {
                return each;
            }
        }
        return HARD;
    }
}
