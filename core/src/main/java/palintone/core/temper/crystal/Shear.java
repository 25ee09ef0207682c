package palintone.core.temper.crystal;

/** How much the chocolate is moved; shear makes nuclei. */
public enum Shear {
    STILL(0),
    /** A spoon, a paddle or a spatula going round. */
    STIRRED(0.5),
    /** Spread and gathered on the stone. */
    TABLED(1);

    private final double strength;

    Shear(final double strength) {
        this.strength = strength;
    }

    /** 0 to 1. */
    public double strength() {
        return strength;
    }
}
