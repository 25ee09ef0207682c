package palintone.core.filling.record;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationSetting;

/**
 * What a batch weighed in the end, and which one share of the recipe explains it: what ran off,
 * what passed the sieve, what boiled away. One at a time, all others as they are written; which it
 * was, whoever cooked it knows.
 *
 * @param place of the operation in the recipe, from 0
 * @param operation as it is written
 * @param percent the share that makes the yield what was weighed, per cent
 * @param operations the recipe with it
 */
public record WeighedYield(
        int place, Operation operation, double percent, List<Operation> operations) {

    private static final double LEAST_PERCENT = 0.01;
    private static final double MOST_PERCENT = 99.5;

    /** Where a share is looked for: a yield need not move one way all along. */
    private static final int STEPS = 40;

    private static final double ACCURACY_PERCENT = 1e-9;

    /**
     * @param operations the recipe
     * @param pressureHPa of the air where it is cooked
     * @param weighedG of all that came of it, more than 0, up to twice what is weighed in
     * @return each share that explains it, the nearest to what was reckoned first; empty where none
     *     does
     */
    public static List<WeighedYield> explain(
            final List<Operation> operations, final double pressureHPa, final double weighedG) {
        double inG = 0;
        for (final double grams : Cooking.grams(operations)) {
            inG += grams;
        }
        Require.positive("weighed in the end", weighedG, 2 * inG, "g");
        final List<WeighedYield> found = new ArrayList<>();
        for (int i = 0; i < operations.size(); i++) {
            if (isLoss(operations.get(i))) {
                final int place = i;
                share(operations, pressureHPa, weighedG, i)
                        .ifPresent(
                                percent ->
                                        found.add(
                                                new WeighedYield(
                                                        place,
                                                        operations.get(place),
                                                        percent,
                                                        with(operations, place, percent))));
            }
        }
        found.sort(Comparator.comparingDouble(WeighedYield::moved));
        return List.copyOf(found);
    }

    /** How far from what is written, where a share is written; far where none is. */
    private double moved() {
        final Double written = operation.settings().get(OperationSetting.PERCENT);
        final double was =
                written != null
                        ? written
                        : operation.kind().defaults().get(OperationSetting.PERCENT);
        return Double.isNaN(was) ? MOST_PERCENT : Math.abs(Math.log(percent / was));
    }

    private static boolean isLoss(final Operation operation) {
        return switch (operation.kind()) {
            case SIEVE, DRAIN, BOIL, COOK_FRUIT -> true;
            case BOIL_DOWN -> !operation.settings().containsKey(OperationSetting.MASS_G);
            default -> false;
        };
    }

    private static OptionalDouble share(
            final List<Operation> operations,
            final double pressureHPa,
            final double weighedG,
            final int place) {
        double low = Double.NaN;
        double before = Double.NaN;
        for (int k = 0; k <= STEPS; k++) {
            final double percent =
                    LEAST_PERCENT * Math.pow(MOST_PERCENT / LEAST_PERCENT, (double) k / STEPS);
            final double over = yieldG(operations, pressureHPa, place, percent) - weighedG;
            if (Double.isNaN(over)) {
                continue;
            }
            if (!Double.isNaN(before) && over * before <= 0) {
                return OptionalDouble.of(
                        new BracketingNthOrderBrentSolver(1e-12, ACCURACY_PERCENT, 5)
                                .solve(
                                        200,
                                        x -> yieldG(operations, pressureHPa, place, x) - weighedG,
                                        low,
                                        percent));
            }
            low = percent;
            before = over;
        }
        return OptionalDouble.empty();
    }

    /** Not a number where so much cannot go. */
    private static double yieldG(
            final List<Operation> operations,
            final double pressureHPa,
            final int place,
            final double percent) {
        final List<Operation> tried = with(operations, place, percent);
        try {
            return Cooking.cook(tried, Cooking.grams(tried), pressureHPa).yieldG();
        } catch (final OutOfRangeException tooMuch) {
            return Double.NaN;
        }
    }

    private static List<Operation> with(
            final List<Operation> operations, final int place, final double percent) {
        final List<Operation> others = new ArrayList<>(operations);
        others.set(place, operations.get(place).with(OperationSetting.PERCENT, percent));
        return List.copyOf(others);
    }

    /** What the share is a share of. */
    public String shareWords() {
        return operation.kind().shareWords();
    }
}
