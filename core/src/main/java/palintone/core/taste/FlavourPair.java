package palintone.core.taste;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Something that goes with an ingredient: as it was tasted in this house, as makers have it, or as
 * this house did not like it.
 *
 * @param id of the other ingredient
 * @param name of it
 * @param family of aroma it is of
 * @param score mean of the pieces both were in, 1 to 10; empty where none was tasted
 * @param tasted so often
 * @param practice whether their families go together by practice
 */
public record FlavourPair(
        String id, String name, String family, OptionalDouble score, int tasted, boolean practice) {

    /** From here on a pair is liked, in the mean; calibrated as one tasting is. */
    static final double LIKED = Tasting.LIKED - 1;

    /** What lies in the larder. */
    public record Named(String id, String name) {}

    /**
     * A piece tasted whole.
     *
     * @param ingredients ids of all in it
     * @param score 1 to 10
     */
    public record Together(Set<String> ingredients, int score) {

        /** The set is copied. */
        public Together {
            ingredients = Set.copyOf(ingredients);
        }
    }

    /** Whether this house has tasted it and liked it. */
    public boolean liked() {
        return score.isPresent() && score.getAsDouble() >= LIKED;
    }

    /** Whether this house has tasted it and did not. */
    public boolean disliked() {
        return score.isPresent() && score.getAsDouble() < LIKED;
    }

    /**
     * What goes with one: liked here first, then by practice, what was not liked last.
     *
     * @param chosen the one
     * @param larder all that could go with it
     * @param tastings of this house
     * @return empty where it has no aroma of its own
     */
    public static List<FlavourPair> of(
            final Named chosen, final List<Named> larder, final List<Together> tastings) {
        final Optional<String> family = Aromas.OURS.family(chosen.name());
        if (family.isEmpty()) {
            return List.of();
        }
        final List<FlavourPair> pairs = new ArrayList<>();
        for (final Named other : larder) {
            final Optional<String> theirs = Aromas.OURS.family(other.name());
            if (theirs.isEmpty() || other.id().equals(chosen.id())) {
                continue;
            }
            final List<Together> both =
                    tastings.stream()
                            .filter(t -> t.ingredients().contains(chosen.id()))
                            .filter(t -> t.ingredients().contains(other.id()))
                            .toList();
            final boolean practice = Aromas.OURS.agree(family.get(), theirs.get());
            if (practice || !both.isEmpty()) {
                pairs.add(
                        new FlavourPair(
                                other.id(),
                                other.name(),
                                theirs.get(),
                                both.stream().mapToInt(Together::score).average(),
                                both.size(),
                                practice));
            }
        }
        pairs.sort(
                Comparator.comparing(FlavourPair::disliked)
                        .thenComparing(pair -> -pair.score().orElse(0))
                        .thenComparing(FlavourPair::family)
                        .thenComparing(FlavourPair::name));
        return List.copyOf(pairs);
    }
}
