package palintone.core.temper.rehearsal;

import palintone.core.figure.Require;

/**
 * One thing done to a played bowl.
 *
 * @param amount seconds of heat, stirring, waiting, bath or tabling; grams of seed or taken
 */
public record RehearsalAct(ActKind kind, double amount) {

    /** What can be done. */
    public enum ActKind {
        HEAT("heat", "s", 1, 1800),
        STIR("stir", "s", 5, 3600),
        WAIT("leave alone", "s", 5, 7200),
        BATH("cold bath", "s", 5, 3600),
        /** Two thirds on the stone for so many seconds, then back. */
        TABLE("table two thirds", "s", 30, 1800),
        SEED("stir in seed", "g", 1, 50_000),
        TAKE("take out", "g", 1, 50_000),
        READ("stir and read", "s", 0, 60),
        PAPER("paper test", "s", 0, 600),
        WORK("begin to work", "s", 0, 0);

        private final String words;
        private final String unit;
        private final double least;
        private final double most;

        ActKind(final String words, final String unit, final double least, final double most) {
            this.words = words;
            this.unit = unit;
            this.least = least;
            this.most = most;
        }

        public String words() {
            return words;
        }
    }

    public RehearsalAct {
        Require.between(kind.words(), amount, kind.least, kind.most, kind.unit);
    }
}
