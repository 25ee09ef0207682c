package palintone.core.substance;

/** How chocolate and what it is filled with conduct heat, W/mK; from memory, middle values. */
public final class HeatConduction {

    /** Chocolate, molten or set: 0.2 to 0.3. */
    public static final double CHOCOLATE_W_PER_MK = 0.25;

    /** A ganache, a caramel, a paste: 0.25 to 0.4, more where there is more water. */
    public static final double FILLING_W_PER_MK = 0.35;

    private HeatConduction() {}
}
