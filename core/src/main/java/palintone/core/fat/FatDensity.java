package palintone.core.fat;

/**
 * Density of edible fats, g/ml; from memory, good to about 0.01 between 15 and 45 °C. Cocoa butter,
 * milk fat and oils lie closer together than that.
 */
public final class FatDensity {

    public static final double SOLID_G_PER_ML = 0.96;
    public static final double LIQUID_G_PER_ML = 0.91;

    private FatDensity() {}
}
