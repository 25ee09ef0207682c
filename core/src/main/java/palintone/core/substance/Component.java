package palintone.core.substance;

/**
 * What an ingredient is made of, as far as this trade cares. Codes are used in files, never the
 * ordinal.
 */
public enum Component {
    WATER("water"),
    COCOA_BUTTER("cocoa butter"),
    MILK_FAT("milk fat"),
    LIQUID_OIL("liquid oil"),
    LAURIC_FAT("lauric fat"),
    OTHER_FAT("other solid fat"),
    SUCROSE("sucrose"),
    GLUCOSE("glucose"),
    FRUCTOSE("fructose"),
    LACTOSE("lactose"),
    MALTOSE("maltose"),
    HIGHER_SACCHARIDES("higher saccharides"),
    SORBITOL("sorbitol"),
    GLYCEROL("glycerol"),
    PROTEIN("protein"),
    STARCH("starch"),
    FIBRE("fibre"),
    /** Cocoa solids without the butter: protein, fibre, starch, minerals, polyphenols together. */
    COCOA_SOLIDS("fat-free cocoa solids"),
    /** Milk powder without fat and water: lactose, protein and minerals together. */
    MILK_SOLIDS("milk solids non-fat"),
    ASH("ash"),
    /**
     * Of the ash of nuts, seeds and grain what stays where it is: phytates of lime and magnesia.
     */
    BOUND_ASH("ash that does not dissolve"),
    ORGANIC_ACID("organic acid"),
    ETHANOL("ethanol");

    private final String words;

    Component(final String words) {
        this.words = words;
    }

    /** The name a maker reads. */
    public String words() {
        return words;
    }

    /** True for everything that counts as fat, whatever its kind. */
    public boolean isFat() {
        return this == COCOA_BUTTER
                || this == MILK_FAT
                || this == LIQUID_OIL
                || this == LAURIC_FAT
                || this == OTHER_FAT;
    }
}
