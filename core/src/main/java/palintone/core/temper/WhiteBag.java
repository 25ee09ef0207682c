package palintone.core.temper;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.substance.Component;

/**
 * What the bag of a white couverture says: cocoa butter, milk solids and sugar, as "29 / 22 / 45".
 * Its sugar is the one among the ingredients; the lactose is in the milk solids.
 *
 * @param cocoaButterPercent 20 to 60 %
 * @param milkSolidsPercent dry milk, its fat included, 3 to 60 %
 * @param sugarPercent added, without lactose, 0 to 60 %
 * @param milkFatPercent of the milk solids, where the bag says it
 */
public record WhiteBag(
        double cocoaButterPercent,
        double milkSolidsPercent,
        double sugarPercent,
        OptionalDouble milkFatPercent)
        implements BagNumbers {

    /** Milk fat in the dry matter of whole milk powder, a share. */
    private static final double POWDER_FAT = 0.26 / 0.97;

    /** A bag gives least amounts: so much it may leave open, per cent. */
    private static final double OPEN = 6;

    private static final double OVER = 3;

    /**
     * @throws OutOfRangeException when a number is impossible
     */
    public WhiteBag {
        Require.between("cocoa butter", cocoaButterPercent, 20, 60, "%");
        Require.between("milk solids", milkSolidsPercent, 3, 60, "%");
        Require.between("sugar", sugarPercent, 0, 60, "%");
        milkFatPercent.ifPresent(m -> Require.between("milk fat", m, 0, milkSolidsPercent, "%"));
    }

    @Override
    public Map<Component, Double> gramsPer100() {
        final Map<Component, Double> grams = new EnumMap<>(Component.class);
        final double milkFat = milkFatPercent.orElse(milkSolidsPercent * POWDER_FAT);
        grams.put(Component.WATER, CouvertureLabel.WATER);
        grams.put(Component.LIQUID_OIL, CouvertureLabel.LECITHIN);
        grams.put(Component.COCOA_BUTTER, cocoaButterPercent);
        grams.put(Component.MILK_FAT, milkFat);
        grams.put(Component.MILK_SOLIDS, milkSolidsPercent - milkFat);
        grams.put(Component.SUCROSE, sugarPercent);
        final double sum = grams.values().stream().mapToDouble(Double::doubleValue).sum();
        if (sum > 100 + OVER || sum < 100 - OPEN) {
            throw new OutOfRangeException(
                    "cocoa butter, milk solids and sugar",
                    Math.round((sum - CouvertureLabel.WATER - CouvertureLabel.LECITHIN) * 10) / 10.0
                            + " % together",
                    "93 to 101 %; the sugar among the ingredients is meant, not the sugars of the"
                            + " nutrition table, which count the lactose again");
        }
        return BagNumbers.filled(grams, sum);
    }

    @Override
    public List<Sentence> rules() {
        final List<Sentence> notes = new ArrayList<>();
        BagNumbers.least(notes, "cocoa butter", cocoaButterPercent, 20);
        BagNumbers.least(
                notes, "milk fat", gramsPer100().getOrDefault(Component.MILK_FAT, 0.0), 3.5);
        BagNumbers.least(notes, "milk solids", milkSolidsPercent, 14);
        return notes;
    }
}
