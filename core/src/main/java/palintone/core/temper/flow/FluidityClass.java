package palintone.core.temper.flow;

import palintone.core.figure.Source;

/**
 * How fluid a couverture is sold, from thick to thin; Casson numbers at 40 °C, free of crystals.
 * Middle values of what is common; common practice, no source.
 */
public enum FluidityClass {
    VERY_THICK("very thick: ganache, filling", 14, 5.5),
    THICK("thick: bars, hollow figures", 10, 3.8),
    MEDIUM("medium: shells and dipping", 7, 2.6),
    THIN("thin: fine shells", 4.5, 1.8),
    VERY_THIN("very thin: spraying, fine dipping", 2.5, 1.2);

    public static final Source SOURCE = Source.practice("yield value and viscosity by fluidity");

    private final String words;
    private final double yieldPa;
    private final double plasticPaS;

    FluidityClass(final String words, final double yieldPa, final double plasticPaS) {
        this.words = words;
        this.yieldPa = yieldPa;
        this.plasticPaS = plasticPaS;
    }

    public String words() {
        return words;
    }

    /** How thick it is sold as a share of a medium one, by yield value and viscosity, 0.1 to 5. */
    public double thicknessShare() {
        return yieldPa * plasticPaS / (MEDIUM.yieldPa * MEDIUM.plasticPaS);
    }

    double yieldPa() {
        return yieldPa;
    }

    double plasticPaS() {
        return plasticPaS;
    }
}
