package palintone.core.filling.sugar;

import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * The colour of clear sugar as it browns: what it takes out of white light grows with temperature
 * as browning does, most of the blue and least of the red (Lambert and Beer).
 *
 * @param red share of white light, 0 to 1
 * @param green share of white light, 0 to 1
 * @param blue share of white light, 0 to 1
 * @param name as a maker says it
 */
public record SugarColour(double red, double green, double blue, Name name) {

    public static final Source SOURCE =
            Source.calibrated(
                    "browning e-fold in 7.5 K; set so that gold, amber and mahogany come out where"
                            + " common practice names them. Screens differ: compare with a spoonful"
                            + " on a white plate");

    private static final double AT_150 = 0.084;
    private static final double FROM_C = 150;
    private static final double FOLD_K = 7.5;
    private static final double BLUE = 0.75;
    private static final double GREEN = 0.28;
    private static final double RED = 0.12;

    /** With so much milk in it, it browns by its milk and sooner. */
    private static final double MILKY = 0.005;

    /** What makers call it. */
    public enum Name {
        CLEAR("clear", 152),
        STRAW("straw", 159),
        GOLD("gold", 166),
        AMBER("amber", 174),
        MAHOGANY("mahogany", 182),
        BLACK("nearly black, bitter", 1000);

        private final String words;
        private final double belowC;

        Name(final String words, final double belowC) {
            this.words = words;
            this.belowC = belowC;
        }

        public String words() {
            return words;
        }

        /** Of what is called so, the middle at sea level, °C; of clear and black their edge. */
        public double middleC() {
            return this == CLEAR || this == BLACK
                    ? Math.min(belowC, MAHOGANY.belowC)
                    : (values()[ordinal() - 1].belowC + belowC) / 2;
        }
    }

    /** Whether colour says how far it is: not where milk browns in it. */
    public static boolean tells(final Composition of) {
        return of.fraction(Component.MILK_SOLIDS) + of.fraction(Component.PROTEIN) < MILKY;
    }

    /**
     * @param seaC cooked to, as at sea level, 90 to 220 °C
     */
    public static SugarColour at(final double seaC) {
        Require.between("temperature at sea level", seaC, 90, 220, "°C");
        final double takes = AT_150 * Math.exp((seaC - FROM_C) / FOLD_K);
        Name name = Name.CLEAR;
        for (final Name each : Name.values()) {
            name = each;
            if (seaC < each.belowC) {
                break;
            }
        }
        return new SugarColour(
                Math.pow(10, -RED * takes),
                Math.pow(10, -GREEN * takes),
                Math.pow(10, -BLUE * takes),
                name);
    }

    /** As a screen takes it, "#rrggbb". */
    public String onScreen() {
        return String.format("#%02x%02x%02x", part(red), part(green), part(blue));
    }

    private static int part(final double share) {
        return (int) Math.round(255 * share);
    }
}
