package palintone.core.substance;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * The words of allergens on a label in the United States. A glucose syrup of wheat need not be
 * declared in the European Union (Regulation (EU) 1169/2011 annex II, from memory) and must be
 * there (FALCPA 2004, from memory): of which starch a syrup is made its bag says, so that it is
 * asked here.
 */
public final class UnitedStatesLabel {

    /** Of which starch it is the maker must look up. */
    public static final String OF_WHICH_STARCH = "wheat, if the glucose syrup is of wheat";

    /** With more chains of glucose than this it was made of starch, share. */
    private static final double STARCH_SYRUP = 0.15;

    private UnitedStatesLabel() {}

    /**
     * @param allergens that are in it
     * @param ingredients that are in it
     */
    public static List<String> words(
            final Collection<Allergen> allergens, final Collection<Ingredient> ingredients) {
        final List<String> words =
                new ArrayList<>(
                        allergens.stream()
                                .sorted()
                                .flatMap(a -> a.inTheUnitedStates().stream())
                                .distinct()
                                .toList());
        final boolean wheat = allergens.contains(Allergen.WHEAT);
        if (!wheat && ingredients.stream().anyMatch(UnitedStatesLabel::isStarchSyrup)) {
            words.add(OF_WHICH_STARCH);
        }
        return words;
    }

    private static boolean isStarchSyrup(final Ingredient ingredient) {
        final Composition c = ingredient.composition();
        return c.fraction(Component.HIGHER_SACCHARIDES) > STARCH_SYRUP
                && c.fraction(Component.PROTEIN) <= 0
                && ingredient.allergens().isEmpty();
    }
}
