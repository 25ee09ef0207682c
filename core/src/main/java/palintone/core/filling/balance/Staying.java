package palintone.core.filling.balance;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.read.Nouns;
import palintone.core.substance.Component;

/**
 * Lines a balance leaves alone although nobody locked them: what the filling is named after, what
 * it is made of before all else, what is there for its taste. A maker frees them, never a balance.
 */
public final class Staying {

    /** Less of everything than this is not what a filling is made of, share of what is weighed. */
    private static final double MAIN = 0.25;

    /** More minerals than this is a salt, as a share. */
    private static final double SALT = 0.5;

    /** Words of a name that say how it is, or what half the larder is: no food is meant by them. */
    private static final Set<String> NO_FOOD =
            Set.of(
                    "and",
                    "with",
                    "the",
                    "dark",
                    "milk",
                    "white",
                    "cream",
                    "chocolate",
                    "sugar",
                    "syrup",
                    "water",
                    "paste",
                    "puree",
                    "soft",
                    "firm",
                    "fine",
                    "fresh",
                    "whole",
                    "raw",
                    "dried",
                    "toasted",
                    "roasted",
                    "salted",
                    "sweet",
                    "light",
                    "filling",
                    "ganache",
                    "praline",
                    "truffle",
                    "slab");

    private Staying() {}

    /** Why a line stays. */
    public enum Why {
        NAMED_AFTER("the filling is named after it"),
        MOST_OF_IT("more of it than of anything else"),
        /** However well salt lowers a water activity, it is no lever. */
        SEASONING("there for its taste");

        private final String words;

        Why(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** A main ingredient: its maker may free it, and then a balance moves it. */
        public boolean isMain() {
            return this != SEASONING;
        }
    }

    /**
     * Lines that stay, by their place in the recipe. Of what is more than a quarter of the recipe
     * only the largest: a ganache whose cream and couverture both stood still could be moved by its
     * sugars alone.
     *
     * @param name of the filling; may be empty
     * @param grams of every line
     */
    public static Map<Integer, Why> of(
            final String name, final List<Operation> operations, final double[] grams) {
        final Set<String> named = words(name);
        final Map<Integer, Why> staying = new TreeMap<>();
        final Map<String, Double> byIngredient = new HashMap<>();
        final Map<Integer, String> ingredients = new TreeMap<>();
        int next = 0;
        for (final Operation op : operations) {
            for (final RecipeLine line : op.lines()) {
                final int place = next++;
                if (isSeasoning(op, line)) {
                    staying.put(place, Why.SEASONING);
                    continue;
                }
                if (grams[place] <= 0) {
                    continue;
                }
                if (words(line.ingredient().name()).stream().anyMatch(named::contains)) {
                    staying.put(place, Why.NAMED_AFTER);
                }
                ingredients.put(place, line.ingredient().id());
                byIngredient.merge(line.ingredient().id(), grams[place], Double::sum);
            }
        }
        final double total = byIngredient.values().stream().mapToDouble(g -> g).sum();
        byIngredient.entrySet().stream()
                .max(Map.Entry.<String, Double>comparingByValue().thenComparing(Map.Entry::getKey))
                .filter(most -> most.getValue() > MAIN * total)
                .ifPresent(
                        most ->
                                ingredients.forEach(
                                        (place, id) -> {
                                            if (id.equals(most.getKey())) {
                                                staying.putIfAbsent(place, Why.MOST_OF_IT);
                                            }
                                        }));
        return staying;
    }

    /** Salt, and what is strained out again. */
    private static boolean isSeasoning(final Operation op, final RecipeLine line) {
        return op.kind() == OperationKind.INFUSE
                || line.ingredient().composition().fraction(Component.ASH) > SALT;
    }

    private static Set<String> words(final String name) {
        return Arrays.stream(name.split("[^\\p{L}]+"))
                .map(Nouns::stem)
                .filter(word -> word.length() > 2 && !NO_FOOD.contains(word))
                .collect(Collectors.toCollection(HashSet::new));
    }
}
