package palintone.core.fat;

/** What fat gives off as it sets, and takes up as it melts, J/g of fat. */
public final class FusionHeat {

    /** Cocoa butter in form V, J/g; its source stands with {@code MixingBalance}. */
    public static final double FORM_V_J_PER_G = 137;

    /**
     * The unstable forms together, and the mixed fats of a filling that set as they cool, J/g; from
     * memory, near form IV.
     */
    public static final double UNSTABLE_J_PER_G = 110;

    private FusionHeat() {}
}
