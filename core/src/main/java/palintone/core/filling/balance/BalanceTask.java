package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.DoubleStream;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.substance.Ingredient;

/**
 * A recipe to be balanced.
 *
 * @param operations what is done; the amounts of their lines are only names here
 * @param grams what its maker has weighed in by each line; 0 for something that may be added
 * @param locked lines that must stay, by their place in the recipe
 * @param wishes what it ought to be
 * @param conditions where it is cooked, eaten, kept
 * @param levers what may be moved besides the lines
 * @param sugars lines that are to pay before others do, because less sweet is wished; those that
 *     sweeten never become more
 */
public record BalanceTask(
        List<Operation> operations,
        List<Double> grams,
        Set<Integer> locked,
        List<PropertyConstraint> wishes,
        Conditions conditions,
        List<Lever> levers,
        Set<Integer> sugars) {

    /** A gram of sugar costs so much less where less sweet is wished; calibrated here. */
    private static final double SUGAR_FIRST = 4;

    /** The most wishes at a time. */
    private static final int MOST_WISHES = 18;

    /**
     * Allowed: amount 0 to 1000000 g.
     *
     * @throws OutOfRangeException when nothing may move, nothing is wished, or one quality is
     *     wished twice
     */
    public BalanceTask {
        operations = List.copyOf(operations);
        grams = List.copyOf(grams);
        locked = Set.copyOf(locked);
        wishes = List.copyOf(wishes);
        levers = List.copyOf(levers);
        sugars = Set.copyOf(sugars);
        final long lines = operations.stream().mapToLong(op -> op.lines().size()).sum();
        if (grams.size() != lines) {
            throw new OutOfRangeException(
                    "amounts",
                    grams.size() + " of them",
                    "one for each of the " + lines + " lines");
        }
        grams.forEach(g -> Require.between("amount", g, 0, 1_000_000, "g"));
        if (locked.size() >= lines && levers.isEmpty()) {
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

    /** Nothing moves but the lines. */
    public BalanceTask(
            final List<Operation> operations,
            final List<Double> grams,
            final Set<Integer> locked,
            final List<PropertyConstraint> wishes,
            final Conditions conditions) {
        this(operations, grams, locked, wishes, conditions, List.of(), Set.of());
    }

    /**
     * Who wishes it less sweet means its sugars: they are moved before anything else is, and no
     * more of what sweetens goes in.
     *
     * @param sweetnessPercent as it stands, percent
     */
    public BalanceTask sugarFirst(final double sweetnessPercent) {
        final boolean lessSweet =
                wishes.stream()
                        .anyMatch(
                                w ->
                                        w.quality() == Quality.SWEETNESS
                                                && w.high() < sweetnessPercent);
        return lessSweet ? with(operations, grams, locked, levers, sugarLines()) : this;
    }

    private Set<Integer> sugarLines() {
        return Set.copyOf(Sugars.lines(operations));
    }

    /** Without these locks. */
    BalanceTask freeing(final Set<Integer> lines) {
        final Set<Integer> fewer = new HashSet<>(locked);
        fewer.removeAll(lines);
        return with(operations, grams, fewer, levers, sugars);
    }

    /** The same wishes of another way to make it. */
    BalanceTask with(
            final List<Operation> others,
            final List<Double> amounts,
            final Set<Integer> locks,
            final List<Lever> moved,
            final Set<Integer> sugarsOfIt) {
        return new BalanceTask(others, amounts, locks, wishes, conditions, moved, sugarsOfIt);
    }

    /** What the solver moves: grams of every line, then the levers. */
    double[] start() {
        return DoubleStream.concat(
                        grams.stream().mapToDouble(Double::doubleValue),
                        levers.stream().mapToDouble(Lever::start))
                .toArray();
    }

    private boolean isLever(final int place) {
        return place >= grams.size();
    }

    Lever lever(final int place) {
        return levers.get(place - grams.size());
    }

    double total() {
        return grams.stream().mapToDouble(Double::doubleValue).sum();
    }

    /**
     * What a change of one costs: changes of a line count by their share of the line, or of a
     * fortieth of the whole where the line is smaller.
     */
    double scale(final int line) {
        if (isLever(line)) {
            return lever(line).scale();
        }
        return Math.max(grams.get(line), total() / 40) * (sugars.contains(line) ? SUGAR_FIRST : 1);
    }

    double lowest(final int line) {
        if (isLever(line)) {
            return lever(line).low();
        }
        return locked.contains(line) ? grams.get(line) : 0.05 * grams.get(line);
    }

    double highest(final int line) {
        if (isLever(line)) {
            return lever(line).high();
        }
        return locked.contains(line) || sugars.contains(line) && Sugars.isSweet(ingredient(line))
                ? grams.get(line)
                : 4 * grams.get(line) + 0.2 * total();
    }

    private Ingredient ingredient(final int line) {
        return operations.stream()
                .flatMap(op -> op.lines().stream())
                .skip(line)
                .findFirst()
                .orElseThrow()
                .ingredient();
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
                Cooking.cook(
                        moved(amounts),
                        levers.isEmpty() ? amounts : Arrays.copyOf(amounts, grams.size()),
                        conditions.pressureHPa()),
                conditions);
    }

    /** The operations with the levers where the solver has them; lines keep what they say. */
    List<Operation> moved(final double[] amounts) {
        if (levers.isEmpty()) {
            return operations;
        }
        final List<Operation> moved = new ArrayList<>(operations);
        for (int k = 0; k < levers.size(); k++) {
            final Lever lever = levers.get(k);
            moved.set(
                    lever.operation(),
                    lever.on(moved.get(lever.operation()), amounts[grams.size() + k]));
        }
        return moved;
    }

    /** The same as its maker writes it: what was to be left in grams is so again. */
    List<Operation> written(final double[] amounts, final Cooked cooked) {
        final List<Operation> written = new ArrayList<>(operations);
        for (int k = 0; k < levers.size(); k++) {
            final Lever lever = levers.get(k);
            written.set(
                    lever.operation(),
                    lever.written(
                            written.get(lever.operation()), amounts[grams.size() + k], cooked));
        }
        return written;
    }

    BalanceTask without(final int wish) {
        final List<PropertyConstraint> fewer = new ArrayList<>(wishes);
        fewer.remove(wish);
        return wishing(fewer);
    }

    /** Only one of the wishes. */
    BalanceTask alone(final PropertyConstraint wish) {
        return wishing(List.of(wish));
    }

    private BalanceTask wishing(final List<PropertyConstraint> others) {
        return new BalanceTask(operations, grams, locked, others, conditions, levers, sugars);
    }
}
