package palintone.core.filling.balance;

import java.util.List;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Conditions;
import palintone.core.filling.FillingProperties;
import palintone.core.filling.Quality;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;

/**
 * A recipe to be balanced.
 *
 * @param operations what is done; the amounts of their lines are only names here
 * @param grams what its maker has weighed in by each line; 0 for something that may be added
 * @param locked lines that must stay, by their place in the recipe
 * @param wishes what it ought to be
 * @param conditions where it is cooked, eaten, kept
 */
public record BalanceTask(
        List<Operation> operations,
        List<Double> grams,
        Set<Integer> locked,
        List<PropertyConstraint> wishes,
        Conditions conditions) {

    /** The most wishes at a time. */
    private static final int MOST_WISHES = 18;

    /**
     * @throws OutOfRangeException when nothing may move, nothing is wished, or one quality is
     *     wished twice
     */
    public BalanceTask {
        operations = List.copyOf(operations);
        grams = List.copyOf(grams);
        locked = Set.copyOf(locked);
        wishes = List.copyOf(wishes);
        final long lines = operations.stream().mapToLong(op -> op.lines().size()).sum();
        if (grams.size() != lines) {
            throw new OutOfRangeException(
                    "amounts",
                    grams.size() + " of them",
                    "one for each of the " + lines + " lines");
        }
        grams.forEach(g -> Require.between("amount", g, 0, 1_000_000, "g"));
        if (locked.size() >= lines) {
            throw new OutOfRangeException(
                    "locked", "all " + lines + " lines", "at least one line left free to change");
        }
        if (wishes.isEmpty() || wishes.size() > MOST_WISHES) {
            throw new OutOfRangeException(
                    "wishes",
                    wishes.isEmpty() ? "none" : wishes.size() + "",
                    "1 to " + MOST_WISHES);
        }
        final Set<Quality> seen = java.util.EnumSet.noneOf(Quality.class);
        for (final PropertyConstraint wish : wishes) {
            if (!seen.add(wish.quality())) {
                throw new OutOfRangeException(
                        "wish for " + wish.quality().words(), "stated twice", "once");
            }
        }
    }

    /** Grams as the solver moves them. */
    double[] start() {
        return grams.stream().mapToDouble(Double::doubleValue).toArray();
    }

    double total() {
        return grams.stream().mapToDouble(Double::doubleValue).sum();
    }

    /**
     * What a change of one gram costs: changes count by their share of the line, or of a fortieth
     * of the whole where the line is smaller.
     */
    double scale(final int line) {
        return Math.max(grams.get(line), total() / 40);
    }

    double lowest(final int line) {
        return locked.contains(line) ? grams.get(line) : 0.05 * grams.get(line);
    }

    double highest(final int line) {
        return locked.contains(line) ? grams.get(line) : 4 * grams.get(line) + 0.2 * total();
    }

    /** Every wished quality of these amounts. */
    double[] values(final double[] amounts) {
        final FillingProperties properties = properties(amounts);
        final double[] values = new double[wishes.size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = properties.value(wishes.get(i).quality());
        }
        return values;
    }

    FillingProperties properties(final double[] amounts) {
        return FillingProperties.of(
                Cooking.cook(operations, amounts, conditions.pressureHPa()), conditions);
    }

    BalanceTask without(final int wish) {
        final List<PropertyConstraint> fewer = new java.util.ArrayList<>(wishes);
        fewer.remove(wish);
        return new BalanceTask(operations, grams, locked, fewer, conditions);
    }
}
