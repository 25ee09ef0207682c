package palintone.core.filling.pot;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import palintone.core.figure.OutOfRangeException;

/** A recipe of several pots cut down to what is used of each. */
public final class OnlyUsed {

    /** What a scale does not show, grams. */
    private static final double NOTHING_G = 0.05;

    private OnlyUsed() {}

    /**
     * The same filling with nothing left in any other pot: each is made as much smaller as is left
     * in it, and left out where nothing was taken.
     *
     * @param pressureHPa of the air
     * @throws OutOfRangeException when the recipe cannot be cooked
     */
    public static List<Operation> of(final List<Operation> operations, final double pressureHPa) {
        List<Operation> recipe = inGrams(operations, cook(operations, pressureHPa));
        for (int round = 0; round < Operation.MOST_POTS; round++) {
            final Cooked cooked = cook(recipe, pressureHPa);
            final Set<Integer> left = new HashSet<>();
            cooked.left().stream()
                    .filter(pot -> pot.massG() > NOTHING_G)
                    .forEach(pot -> left.add(pot.pot()));
            if (left.isEmpty()) {
                return allWhereAll(recipe);
            }
            // First the pot no other such pot draws on: smaller, it takes less out of them.
            final int pot = last(recipe, left);
            final double taken =
                    cooked.stages().stream()
                            .filter(stage -> stage.from() == pot)
                            .mapToDouble(Cooked.Stage::takenG)
                            .sum();
            final double stays =
                    cooked.left().stream()
                            .filter(l -> l.pot() == pot)
                            .mapToDouble(Cooked.Left::massG)
                            .sum();
            recipe = smaller(recipe, pot, taken / (taken + stays));
        }
        return allWhereAll(recipe);
    }

    /**
     * What comes out of another pot, as a recipe of its own: that pot becomes the one the filling
     * comes out of, pots that have no part in it go, and of the rest only what is used is made.
     *
     * @param pot counted from 0
     * @return the recipe, and for each of its pots the number it had
     * @throws OutOfRangeException when nothing is in that pot at the end
     */
    public static Own outOf(
            final List<Operation> operations, final int pot, final double pressureHPa) {
        final List<Operation> recipe =
                inGrams(
                        operations,
                        Cooking.cook(operations, Cooking.grams(operations), pressureHPa, pot));
        final Set<Integer> feeds = new HashSet<>(Set.of(pot));
        for (int round = 0; round < Operation.MOST_POTS; round++) {
            for (final Operation op : recipe) {
                if (feeds.contains(op.pot())) {
                    op.from().ifPresent(from -> feeds.add(from.pot()));
                }
            }
        }
        final Map<Integer, Integer> numbers = new TreeMap<>();
        final List<Integer> had = new ArrayList<>(List.of(pot));
        numbers.put(pot, 0);
        for (int i = 0; i < Operation.MOST_POTS; i++) {
            if (i != pot && feeds.contains(i)) {
                numbers.put(i, had.size());
                had.add(i);
            }
        }
        final List<Operation> own =
                recipe.stream()
                        .filter(op -> feeds.contains(op.pot()))
                        .map(
                                op ->
                                        new Operation(
                                                op.kind(),
                                                op.lines(),
                                                op.settings(),
                                                numbers.get(op.pot()),
                                                op.from().map(f -> f.outOf(numbers.get(f.pot())))))
                        .toList();
        return new Own(of(own, pressureHPa), List.copyOf(had));
    }

    /**
     * A recipe out of another.
     *
     * @param pots for each of its pots, in order, the number it had there
     */
    public record Own(List<Operation> operations, List<Integer> pots) {}

    private static Cooked cook(final List<Operation> recipe, final double pressureHPa) {
        return Cooking.cook(recipe, Cooking.grams(recipe), pressureHPa);
    }

    /** "All of it" in the grams it comes to. */
    private static List<Operation> inGrams(final List<Operation> operations, final Cooked cooked) {
        final List<Operation> recipe = new ArrayList<>();
        for (int i = 0; i < operations.size(); i++) {
            final Operation op = operations.get(i);
            final double taken = cooked.stages().get(i).takenG();
            recipe.add(op.from().map(f -> op.taking(FromPot.some(f.pot(), taken))).orElse(op));
        }
        return recipe;
    }

    private static int last(final List<Operation> recipe, final Set<Integer> left) {
        return left.stream()
                .filter(
                        pot ->
                                recipe.stream()
                                        .noneMatch(
                                                op ->
                                                        left.contains(op.pot())
                                                                && op.from()
                                                                        .filter(f -> f.pot() == pot)
                                                                        .isPresent()))
                .findFirst()
                .orElse(left.iterator().next());
    }

    private static List<Operation> smaller(
            final List<Operation> recipe, final int pot, final double share) {
        final List<Operation> all = new ArrayList<>();
        for (final Operation op : recipe) {
            if (op.pot() != pot) {
                all.add(op);
            } else if (share > 0) {
                all.add(op.times(share));
            }
        }
        return all;
    }

    /** Where a pot is emptied by the last that takes of it, "all of it" is said again. */
    private static List<Operation> allWhereAll(final List<Operation> recipe) {
        final List<Operation> all = new ArrayList<>(recipe);
        final Set<Integer> seen = new HashSet<>();
        for (int i = all.size() - 1; i >= 0; i--) {
            final Optional<FromPot> from = all.get(i).from();
            if (from.isPresent() && seen.add(from.get().pot())) {
                all.set(i, all.get(i).taking(FromPot.all(from.get().pot())));
            }
        }
        return List.copyOf(all);
    }
}
