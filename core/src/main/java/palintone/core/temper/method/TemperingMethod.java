package palintone.core.temper.method;

/** How a bowl is brought into temper. */
public enum TemperingMethod {
    TABLING("tabling on the stone"),
    SEED_THIRD("seed, a third"),
    SEED_FEW("seed, a few per cent"),
    SEED_UNDERCOOL("seed, undercool, rewarm"),
    COLD_BATH("cold bath"),
    COLD_BATH_QUICK("cold bath, and up at once"),
    KEEP_TEMPER("gentle melt that keeps the temper"),
    KETTLE("melting kettle");

    private final String words;

    TemperingMethod(final String words) {
        this.words = words;
    }

    /** Of what is in temper at the end, the share that goes in as seed, by practice; 0 to 1. */
    public double seedShare() {
        return switch (this) {
            case SEED_THIRD -> 1.0 / 3;
            case SEED_FEW -> 0.03;
            case SEED_UNDERCOOL -> 0.2;
            default -> 0;
        };
    }

    /** Whether it stands in cold water. */
    public boolean inWater() {
        return this == COLD_BATH || this == COLD_BATH_QUICK;
    }

    public String words() {
        return words;
    }
}
