package palintone.core.filling.life;

import palintone.core.figure.Source;

/**
 * The interaction of pH and water activity by the United States FDA Food Code, tables A and B of
 * 1-201.10(B), from memory. It says whether a food may stand outside the cold, never how long it
 * keeps.
 */
public final class FoodCode {

    public static final Source SOURCE =
            Source.remembered("FDA Food Code 1-201.10(B), tables A and B of pH and water activity");

    /** What the table says. */
    public enum Says {
        /** Need not be kept cold for safety. */
        MAY_STAND("may stand outside the cold"),
        /** A product assessment is required: keep it cold until a laboratory has spoken. */
        ASSESS("keep cold unless a laboratory has assessed it");

        private final String words;

        Says(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private FoodCode() {}

    /**
     * @param aw water activity, 0 to 1
     * @param ph 0 to 14
     * @param heatedAndCovered heated to kill what grows and then kept covered (table A); otherwise
     *     table B
     */
    public static Says says(final double aw, final double ph, final boolean heatedAndCovered) {
        return heatedAndCovered ? tableA(aw, ph) : tableB(aw, ph);
    }

    private static Says tableA(final double aw, final double ph) {
        if (aw <= 0.92 || ph <= 4.6) {
            return Says.MAY_STAND;
        }
        return aw <= 0.95 && ph <= 5.6 ? Says.MAY_STAND : Says.ASSESS;
    }

    private static Says tableB(final double aw, final double ph) {
        if (aw < 0.88 || ph < 4.2) {
            return Says.MAY_STAND;
        }
        if (aw <= 0.90) {
            return ph <= 5.0 ? Says.MAY_STAND : Says.ASSESS;
        }
        return aw <= 0.92 && ph <= 4.6 ? Says.MAY_STAND : Says.ASSESS;
    }
}
