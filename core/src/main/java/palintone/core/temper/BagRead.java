package palintone.core.temper;

import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.LumpedSolids;

/**
 * A composition read as its bag would say it, per cent of the whole.
 *
 * @param cocoaPercent cocoa butter and fat-free cocoa
 * @param cocoaButterPercent of it butter
 * @param fatPercent all fat
 * @param sugarsPercent as a nutrition table counts them, lactose included
 * @param sugarPercent added, without lactose
 * @param milkSolidsPercent dry milk, its fat included
 * @param milkFatPercent of it fat
 */
public record BagRead(
        double cocoaPercent,
        double cocoaButterPercent,
        double fatPercent,
        double sugarsPercent,
        double sugarPercent,
        double milkSolidsPercent,
        double milkFatPercent) {

    /** Of what is in the larder. */
    public static BagRead of(final Composition c) {
        final double butter = 100 * c.fraction(Component.COCOA_BUTTER);
        final double milk = 100 * c.fraction(Component.MILK_SOLIDS);
        final double lactose = 100 * c.fraction(Component.LACTOSE);
        final double milkFat = 100 * c.fraction(Component.MILK_FAT);
        final double sugar = 100 * c.fraction(Component.SUCROSE);
        return new BagRead(
                butter + 100 * c.fraction(Component.COCOA_SOLIDS),
                butter,
                100 * c.fatFraction(),
                sugar + lactose + milk * LumpedSolids.MILK_LACTOSE,
                sugar,
                milk + milkFat + lactose,
                milkFat);
    }
}
