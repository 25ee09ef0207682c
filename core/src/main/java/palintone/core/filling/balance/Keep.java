package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.List;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.substance.Component;

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

    /**
     * Places of the lines that only season it: salt, and what is strained out again. They are there
     * for their taste and are no lever, however well salt lowers a water activity.
     */
    public static List<Integer> seasoning(final List<Operation> operations) {
        final List<Integer> places = new ArrayList<>();
        int next = 0;
        for (final Operation op : operations) {
            for (final RecipeLine line : op.lines()) {
                if (op.kind() == OperationKind.INFUSE
                        || line.ingredient().composition().fraction(Component.ASH) > SALT) {
                    places.add(next);
                }
                next++;
            }
        }
        return places;
    }

    /** More minerals than this is a salt, as a share. */
    private static final double SALT = 0.5;

    /** Whether a lever takes less or more out of a pot with fruit in it. */
    public static boolean takesFruit(final List<Operation> operations, final Lever lever) {
        if (lever.of() != Lever.Of.TAKEN) {
            return false;
        }
        final int pot = operations.get(lever.operation()).from().orElseThrow().pot();
        return operations.stream()
                .filter(op -> op.pot() == pot)
                .flatMap(op -> op.lines().stream())
                .anyMatch(line -> Fruit.is(line.ingredient()));
    }
}
