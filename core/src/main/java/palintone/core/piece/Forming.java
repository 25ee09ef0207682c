package palintone.core.piece;

/** How a centre comes by its shape; what is left over is common practice, no source. */
public enum Forming {
    CUT("cut from a slab", 0.12),
    FROZEN("spread, frozen and cut", 0.12),
    PIPED("piped", 0.04),
    ROPED("piped in ropes, cut by length", 0.06),
    SCOOPED("scooped", 0.03),
    ROLLED("rolled by hand", 0.03),
    SHAPED("shaped by hand", 0.03);

    private final String words;
    private final double lost;

    Forming(final String words, final double lost) {
        this.words = words;
        this.lost = lost;
    }

    /** As the maker says it. */
    public String words() {
        return words;
    }

    /** Share of the filling that becomes trimmings, or stays in bag and hands, 0 to 1. */
    public double lost() {
        return lost;
    }

    /** Whether it is spread into a frame first. */
    public boolean fromASlab() {
        return this == CUT || this == FROZEN;
    }
}
