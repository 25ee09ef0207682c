package palintone.core.casting.shell;

/** How a mould stands in the cold: the open side lets heat out of the hollow, or keeps it. */
public enum Opening {
    UP("opening up", 0.6),
    SIDE("on its side", 0.7),
    DOWN("opening down", 0.25);

    private final String words;
    private final double share;

    Opening(final String words, final double share) {
        this.words = words;
        this.share = share;
    }

    /** As the maker says it. */
    public String words() {
        return words;
    }

    /** Of what the air takes from the outside, what it takes from the hollow; ours. */
    public double share() {
        return share;
    }
}
