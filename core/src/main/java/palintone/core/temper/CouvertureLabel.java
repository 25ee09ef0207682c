package palintone.core.temper;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.LumpedSolids;

/**
 * What the bag of a dark or milk couverture says, and the composition that follows. Cocoa is cocoa
 * butter and fat-free cocoa together; what is neither cocoa nor sugar is milk, whose lactose is
 * counted among the sugars, as a nutrition table does. So cocoa, fat and sugars settle all of it.
 *
 * @param kind dark or milk; of white see {@link WhiteBag}
 * @param cocoaPercent cocoa in the whole, cocoa butter included, 20 to 100 %
 * @param fatPercent all fat, 20 to 65 %
 * @param sugarsPercent all sugars, lactose included, 0 to 60 %
 * @param milkFatPercent of it milk fat, where the bag says it
 */
public record CouvertureLabel(
        CouvertureKind kind,
        double cocoaPercent,
        double fatPercent,
        double sugarsPercent,
        OptionalDouble milkFatPercent)
        implements BagNumbers {

    /** Where the split comes from. */
    public static final Source SOURCE =
            Source.calibrated(
                    "mass balance of the bag's numbers; whole milk powder 26 % fat, lecithin 0.5 %,"
                            + " water 0.7 %, from memory");

    static final double WATER = 0.7;
    static final double LECITHIN = 0.5;

    /** Milk fat in a whole milk powder against its fat-free part, a ratio. */
    private static final double POWDER_FAT_RATIO = 0.26 / 0.71;

    /** What is left over or lacking so much is a number misread, per cent. */
    private static final double SLACK = 3;

    /**
     * @throws OutOfRangeException when a number is impossible, or they do not go together
     */
    public CouvertureLabel {
        if (kind == CouvertureKind.WHITE) {
            throw new OutOfRangeException(
                    "kind",
                    "white",
                    "dark or milk: a white bag says cocoa butter, milk solids and sugar");
        }
        Require.between("cocoa", cocoaPercent, 20, 100, "%");
        Require.between("fat", fatPercent, 20, 65, "%");
        Require.between("sugars", sugarsPercent, 0, 60, "%");
        milkFatPercent.ifPresent(m -> Require.between("milk fat", m, 0, fatPercent, "%"));
    }

    @Override
    public Map<Component, Double> gramsPer100() {
        final Map<Component, Double> grams = new EnumMap<>(Component.class);
        final double milkSolids = milkSolids();
        final double milkFat = milkFat(milkSolids);
        final double cocoaButter = fatPercent - milkFat - LECITHIN;
        final double cocoaSolids = cocoaPercent - cocoaButter;
        final double sucrose = sugarsPercent - milkSolids * LumpedSolids.MILK_LACTOSE;
        if (cocoaSolids < 0) {
            throw new OutOfRangeException(
                    "fat",
                    words(fatPercent),
                    "up to the cocoa and the milk fat together, "
                            + words(cocoaPercent + milkFat + LECITHIN));
        }
        if (sucrose < -SLACK) {
            throw new OutOfRangeException(
                    "sugars",
                    words(sugarsPercent),
                    "at least the lactose of its milk, "
                            + words(milkSolids * LumpedSolids.MILK_LACTOSE));
        }
        grams.put(Component.WATER, WATER);
        grams.put(Component.LIQUID_OIL, LECITHIN);
        grams.put(Component.COCOA_BUTTER, cocoaButter);
        put(grams, Component.COCOA_SOLIDS, cocoaSolids);
        put(grams, Component.MILK_FAT, milkFat);
        put(grams, Component.MILK_SOLIDS, milkSolids);
        put(grams, Component.SUCROSE, sucrose);
        final double sum = grams.values().stream().mapToDouble(Double::doubleValue).sum();
        if (Math.abs(sum - 100) > SLACK) {
            throw new OutOfRangeException(
                    "cocoa, fat and sugars",
                    words(sum) + " together with what follows from them",
                    "numbers that make 97 to 103 %; read the bag again");
        }
        return BagNumbers.filled(grams, sum);
    }

    /** Fat-free milk solids: what is neither cocoa nor sucrose nor the small rest, per cent. */
    private double milkSolids() {
        if (kind == CouvertureKind.DARK) {
            return 0;
        }
        // 100 = cocoa + milk fat + solids + sucrose + rest, sucrose = sugars − lactose of solids.
        final double left = 100 - cocoaPercent - sugarsPercent - WATER - LECITHIN;
        final double solids =
                milkFatPercent.isPresent()
                        ? (left - milkFatPercent.getAsDouble()) / (1 - LumpedSolids.MILK_LACTOSE)
                        : left / (1 + POWDER_FAT_RATIO - LumpedSolids.MILK_LACTOSE);
        if (solids < 4) {
            throw new OutOfRangeException(
                    "sugars",
                    words(sugarsPercent),
                    "less: with " + words(cocoaPercent) + " cocoa they leave no room for milk");
        }
        return solids;
    }

    private double milkFat(final double milkSolids) {
        return milkFatPercent.orElse(milkSolids * POWDER_FAT_RATIO);
    }

    private static void put(
            final Map<Component, Double> grams, final Component component, final double value) {
        if (value > 0) {
            grams.put(component, value);
        }
    }

    @Override
    public List<Sentence> rules() {
        final Map<Component, Double> grams = gramsPer100();
        final double butter = grams.getOrDefault(Component.COCOA_BUTTER, 0.0);
        final double milkFat = grams.getOrDefault(Component.MILK_FAT, 0.0);
        final List<Sentence> notes = new ArrayList<>();
        if (kind == CouvertureKind.DARK) {
            BagNumbers.least(notes, "cocoa", cocoaPercent, 35);
            BagNumbers.least(notes, "cocoa butter of a couverture", butter, 31);
        } else {
            BagNumbers.least(notes, "cocoa", cocoaPercent, 25);
            BagNumbers.least(notes, "fat of a milk couverture", butter + milkFat, 31);
            BagNumbers.least(notes, "milk fat", milkFat, 3.5);
        }
        return notes;
    }

    private static String words(final double percent) {
        return Math.round(percent * 10) / 10.0 + " %";
    }
}
