package palintone.core.filling.cool;

/** What a filling cools in, and how air and bench reach it; numbers set by hand. */
public enum CoolingVessel {
    /** Its top bare, sides and floor through thin steel. */
    BOWL("bowl", 8, 6, 4),
    /** Spread out, film on it, metal beneath. */
    TRAY("tray", 8, 14, 0),
    /** Laid flat, air all around. */
    BAG("piping bag", 9, 9, 0);

    private final String words;
    private final double top;
    private final double floor;
    private final double side;

    CoolingVessel(final String words, final double top, final double floor, final double side) {
        this.words = words;
        this.top = top;
        this.floor = floor;
        this.side = side;
    }

    public String words() {
        return words;
    }

    /**
     * Heat that passes for every degree, W/K.
     *
     * @param massG in it
     * @param depthM how deep it lies
     * @param densityGPerMl of it
     */
    double wattsPerK(final double massG, final double depthM, final double densityGPerMl) {
        final double area = massG / densityGPerMl * 1e-6 / depthM;
        final double around = 2 * Math.sqrt(Math.PI * area) * depthM;
        return area * (through(top, depthM) + through(floor, depthM))
                + around * through(side, depthM);
    }

    /** Air outside and half the depth of filling inside, one after the other. */
    private static double through(final double outside, final double depthM) {
        return outside <= 0 ? 0 : 1 / (1 / outside + depthM / 2 / 3 / CONDUCTIVITY);
    }

    private static final double CONDUCTIVITY = 0.35;
}
