package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;

/**
 * A balance that may move what is done as well as what is weighed: boil down further, cook sugar
 * hotter, boil the fruit down before it goes in.
 *
 * @param balance what it came to
 * @param lines where each line of the balanced recipe stood in the one asked about
 * @param boiledFirst place of a boiling down that was not in the recipe
 * @param ownPot whether that is done in a pot that was not there either
 */
public record CookedOtherwise(
        Balance balance, List<Integer> lines, OptionalInt boiledFirst, boolean ownPot) {

    /** Less boiled away than this is not worth another pan, percent. */
    private static final double WORTH_A_PAN = 3;

    /** So much more of the fruit kept is worth one, share. */
    private static final double FRUIT_WORTH_A_PAN = 0.1;

    /** A recipe changed by no more than this is still itself: no line by more than half. */
    private static final double SMALL_CHANGE = 0.25;

    /** Changed by so much less, the other way is better. */
    private static final double MUCH_LESS = 0.7;

    /**
     * @param task with levers for what its recipe does already
     * @throws palintone.core.figure.OutOfRangeException when the recipe cannot be cooked
     */
    public static CookedOtherwise solve(final BalanceTask task) {
        final Tried best = best(task);
        return best.what.balance.met() ? best.what : best.what.with(Balance.solve(best.task));
    }

    /** A way that was tried, and the task it was tried by. */
    private record Tried(BalanceTask task, CookedOtherwise what) {}

    private static Tried best(final BalanceTask task) {
        final Balance plain = Balance.sketch(task);
        final Tried asItIs = new Tried(task, asItIs(task, plain));
        if (plain.met()
                && plain.change() < SMALL_CHANGE
                && fruitKept(task, plain) > 1 - FRUIT_WORTH_A_PAN) {
            return asItIs;
        }
        return FruitFirst.of(task.operations())
                .map(first -> with(task, first))
                .filter(other -> better(task, other.what, asItIs.what))
                .orElse(asItIs);
    }

    private CookedOtherwise with(final Balance explained) {
        return new CookedOtherwise(explained, lines, boiledFirst, ownPot);
    }

    /** A balance that leaves the order of things alone. */
    public static CookedOtherwise asItIs(final BalanceTask task, final Balance balance) {
        return new CookedOtherwise(
                balance,
                IntStream.range(0, task.grams().size()).boxed().toList(),
                OptionalInt.empty(),
                false);
    }

    /**
     * Which of the lines that stay would have to be freed for every wish to be met: one of them if
     * one is enough, the least that is changed first; else all of them; empty where that does not
     * help either.
     *
     * @param main lines that stay only until their maker frees them, ingredient by ingredient
     * @param cooking whether what is done may be moved
     */
    public static Set<Integer> worthFreeing(
            final BalanceTask task, final List<Set<Integer>> main, final boolean cooking) {
        final Set<Integer> all = new HashSet<>();
        Set<Integer> best = Set.of();
        double least = Double.MAX_VALUE;
        for (final Set<Integer> lines : main) {
            all.addAll(lines);
            final Balance freed = balance(task.freeing(lines), cooking);
            if (freed.met() && freed.change() < least) {
                best = lines;
                least = freed.change();
            }
        }
        return best.isEmpty() && main.size() > 1 && balance(task.freeing(all), cooking).met()
                ? all
                : best;
    }

    private static Balance balance(final BalanceTask task, final boolean cooking) {
        return cooking ? best(task).what.balance : Balance.sketch(task);
    }

    /** First with all of the fruit, for whose sake the pan is there; else with less of it. */
    private static Tried with(final BalanceTask task, final FruitFirst first) {
        final Set<Integer> locked = first.nowAt(task.locked());
        final Set<Integer> fruitToo = new HashSet<>(locked);
        final List<RecipeLine> lines =
                first.operations().stream().flatMap(op -> op.lines().stream()).toList();
        for (int i = 0; i < lines.size(); i++) {
            if (Fruit.is(lines.get(i).ingredient())) {
                fruitToo.add(i);
            }
        }
        final Tried whole = solve(task, first, fruitToo);
        return whole.what.balance.met() ? whole : solve(task, first, locked);
    }

    private static Tried solve(
            final BalanceTask task, final FruitFirst first, final Set<Integer> locked) {
        final List<Double> grams = first.oldLines().stream().map(task.grams()::get).toList();
        final BalanceTask other =
                task.with(
                        first.operations(),
                        grams,
                        locked,
                        Lever.all(
                                first.operations(),
                                true,
                                Cooking.cook(
                                        first.operations(),
                                        grams.stream().mapToDouble(g -> g).toArray(),
                                        task.conditions().pressureHPa())),
                        first.nowAt(task.sugars()));
        return new Tried(
                other,
                new CookedOtherwise(
                        Balance.sketch(other),
                        first.oldLines(),
                        OptionalInt.of(first.boilAt()),
                        first.ownPot()));
    }

    private static boolean better(
            final BalanceTask task, final CookedOtherwise other, final CookedOtherwise asItIs) {
        final double away =
                other.balance.turns().stream()
                        .filter(turn -> turn.lever().operation() == other.boiledFirst.getAsInt())
                        .mapToDouble(Balance.Turn::to)
                        .sum();
        if (away < WORTH_A_PAN) {
            return false;
        }
        if (other.balance.met() != asItIs.balance.met()) {
            return other.balance.met();
        }
        return other.balance.met()
                ? kept(task, other) > fruitKept(task, asItIs.balance) + FRUIT_WORTH_A_PAN
                        || other.balance.change() < MUCH_LESS * asItIs.balance.change()
                : other.balance.missed(task.wishes()) < asItIs.balance.missed(task.wishes());
    }

    private static double kept(final BalanceTask task, final CookedOtherwise other) {
        final List<Double> grams = new ArrayList<>(task.grams());
        for (int i = 0; i < other.lines.size(); i++) {
            grams.set(other.lines.get(i), other.balance.grams().get(i));
        }
        return share(task, grams);
    }

    private static double fruitKept(final BalanceTask task, final Balance balance) {
        return share(task, balance.grams());
    }

    /** Of the fruit of the recipe, what is still weighed in; 1 where there is none. */
    private static double share(final BalanceTask task, final List<Double> grams) {
        double before = 0;
        double after = 0;
        int place = 0;
        for (final Operation op : task.operations()) {
            for (final RecipeLine line : op.lines()) {
                if (op.kind() != OperationKind.INFUSE && Fruit.is(line.ingredient())) {
                    before += task.grams().get(place);
                    after += grams.get(place);
                }
                place++;
            }
        }
        return before > 0 ? after / before : 1;
    }
}
