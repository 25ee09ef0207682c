package palintone.core.temper;

import palintone.core.temper.crystal.Crystals;

/** How a bowl stands. */
public enum Verdict {
    /** It came solid and is melting: whether it is in temper is asked when it has melted. */
    NOT_MELTED("not melted yet"),
    NONE("no temper"),
    UNDER("under-tempered"),
    IN_TEMPER("in temper"),
    OVER("over-tempered"),
    LOST("temper lost");

    /** Least seed with which a smear sets surely, share of the fat; see CalibrationTargets. */
    public static final double LEAST_STABLE = 0.003;

    /** Below this there is no temper to speak of. */
    public static final double TRACE_STABLE = 0.001;

    /** Above this the bowl is too thick to work. */
    public static final double THICK_SOLID = 0.10;

    private final String words;

    Verdict(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /**
     * How a bowl stands.
     *
     * @param now what is in the bowl
     * @param mostStable most stable crystals it ever held since it was melted, share of the fat, 0
     *     to 1
     */
    public static Verdict of(final Crystals now, final double mostStable) {
        if (now.solid() > THICK_SOLID) {
            return OVER;
        }
        if (now.stable() >= LEAST_STABLE) {
            return IN_TEMPER;
        }
        if (mostStable >= LEAST_STABLE && now.stable() < mostStable / 2) {
            return LOST;
        }
        return now.stable() >= TRACE_STABLE ? UNDER : NONE;
    }
}
