package palintone.core.temper.method;

/** How a bowl is brought into temper. */
public enum Method {
    TABLING("tabling on the stone"),
    SEED_THIRD("seed, a third"),
    SEED_FEW("seed, a few per cent"),
    SEED_UNDERCOOL("seed, undercool, rewarm"),
    COLD_BATH("cold bath"),
    KEEP_TEMPER("gentle melt that keeps the temper"),
    KETTLE("melting kettle");

    private final String words;

    Method(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
