package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;

/** What must not pay for a balance, whatever else is wished. */
public enum Keep {
    FRUIT("Keep the fruit"),
    COST("Keep the cost");

    private final String words;

    Keep(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Places of the lines that are fruit, in the order of the recipe. */
    public static List<Integer> fruitLines(final List<Operation> operations) {
        final List<Integer> places = new ArrayList<>();
        int next = 0;
        for (final Operation op : operations) {
            for (final RecipeLine line : op.lines()) {
                if (op.kind() != OperationKind.INFUSE && Fruit.is(line.ingredient())) {
                    places.add(next);
                }
                next++;
            }
        }
        return places;
    }

    /** Whether a lever takes less or more out of a pot with fruit in it. */
    public static boolean takesFruit(final List<Operation> operations, final Lever lever) {
        return takes(operations, fruitLines(operations), lever);
    }

    /** Whether a lever takes less or more out of a pot that holds one of these lines. */
    public static boolean takes(
            final List<Operation> operations, final Collection<Integer> lines, final Lever lever) {
        if (lever.of() != Lever.Of.TAKEN) {
            return false;
        }
        final int pot = operations.get(lever.operation()).from().orElseThrow().pot();
        int next = 0;
        for (final Operation op : operations) {
            for (int k = 0; k < op.lines().size(); k++) {
                if (op.pot() == pot && lines.contains(next + k)) {
                    return true;
                }
            }
            next += op.lines().size();
        }
        return false;
    }
}
