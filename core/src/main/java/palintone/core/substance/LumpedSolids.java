package palintone.core.substance;

/**
 * What fat-free cocoa solids and fat-free milk solids are made of, as shares of their mass, 0 to 1.
 * Bags and tables name them as one; every model that looks inside looks here. Values from memory of
 * food composition tables; cocoa varies by a few hundredths with origin and alkali.
 */
public final class LumpedSolids {

    public static final double COCOA_PROTEIN = 0.27;
    public static final double COCOA_FIBRE = 0.35;
    public static final double COCOA_CARBOHYDRATE = 0.30;
    public static final double COCOA_ASH = 0.08;

    /** Of the ash, what dissolves and lowers water activity. */
    public static final double COCOA_SOLUBLE_SALTS = 0.05;

    public static final double MILK_PROTEIN = 0.37;
    public static final double MILK_LACTOSE = 0.55;

    /** All of it dissolves. */
    public static final double MILK_ASH = 0.08;

    private LumpedSolids() {}
}
