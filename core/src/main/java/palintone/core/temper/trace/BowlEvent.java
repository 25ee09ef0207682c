package palintone.core.temper.trace;

import palintone.core.figure.Require;

/**
 * Something done to the bowl, or seen, that a thermometer cannot tell.
 *
 * @param amount grams of seed or taken, share tabled, seconds of a smear; 0 where it has none
 * @param seconds on the stone; 0 elsewhere
 */
public record BowlEvent(EventKind kind, double timeS, double amount, double seconds) {

    /** What happened. */
    public enum EventKind {
        /** Grams of ready-tempered couverture of room temperature stirred in. */
        SEED("seed stirred in"),
        /** A share of the bowl worked on the stone, and given back at this moment. */
        TABLED("tabled and given back"),
        /** Grams of melted couverture stirred in. */
        TOP_UP("warm couverture stirred in"),
        TAKEN("taken out"),
        /** Grams of cold centres dipped. */
        CENTRES("cold centres dipped"),
        PAPER_SET("smear set"),
        PAPER_NOT_SET("smear not set"),
        STREAKS("streaks"),
        TACK("tacky"),
        DULL("dull"),
        /** Seconds of heat. */
        HEAT("heated"),
        /** Seconds in the cold bath. */
        BATH("cold bath"),
        WATER("water in the bowl"),
        NOTE("note");

        private final String words;

        EventKind(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Allowed: grams of any kind above 0 to 200000 g; share tabled 5 to 100 %; time on the stone 5
     * to 3600 s; smear 5 to 3600 s; heat or bath 1 to 7200 s; amount 0 to 1000000.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public BowlEvent {
        switch (kind) {
            case SEED, TAKEN, TOP_UP, CENTRES ->
                    Require.positive(kind.words(), amount, 200_000, "g");
            case TABLED -> {
                Require.between("share tabled", amount * 100, 5, 100, "%");
                Require.between("time on the stone", seconds, 5, 3600, "s");
            }
            case PAPER_SET, PAPER_NOT_SET -> Require.between("smear", amount, 5, 3600, "s");
            case HEAT, BATH -> Require.between(kind.words(), amount, 1, 7200, "s");
            default -> Require.between("amount", amount, 0, 1e6, "");
        }
    }

    public static BowlEvent of(final EventKind kind, final double timeS, final double amount) {
        return new BowlEvent(kind, timeS, amount, 0);
    }
}
