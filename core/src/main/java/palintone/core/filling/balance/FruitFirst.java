package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.pot.Setting;

/**
 * A recipe whose wet fruit is boiled down in a pot of its own before it goes in: the fruit stays
 * and its water goes. As it stands here nothing is boiled away yet; how much is for the balance to
 * say.
 *
 * @param operations the recipe so
 * @param oldLines where each of its lines stood before
 * @param boilAt place of the boiling down
 */
record FruitFirst(List<Operation> operations, List<Integer> oldLines, int boilAt) {

    /** Where these follow in the same pot, its water goes without another pot. */
    private static final Set<OperationKind> BOILS_AWAY =
            EnumSet.of(
                    OperationKind.BOIL_DOWN,
                    OperationKind.COOK_FRUIT,
                    OperationKind.COOK_SUGAR,
                    OperationKind.CARAMELISE);

    /** Cool again, it leaves the pot it goes into as warm as it was. */
    private static final double COOLED_C = 20;

    /** Empty where no wet fruit goes in, it is boiled down already, or every pot is in use. */
    static Optional<FruitFirst> of(final List<Operation> operations) {
        final int pot =
                1
                        + operations.stream()
                                .mapToInt(
                                        op ->
                                                Math.max(
                                                        op.pot(),
                                                        op.from().map(FromPot::pot).orElse(0)))
                                .max()
                                .orElse(0);
        if (pot >= Operation.MOST_POTS) {
            return Optional.empty();
        }
        int best = -1;
        double most = 0;
        for (int i = 0; i < operations.size(); i++) {
            final double grams = wetG(operations.get(i));
            if (grams > most && may(operations, i)) {
                most = grams;
                best = i;
            }
        }
        return best < 0 ? Optional.empty() : Optional.of(with(operations, best, pot));
    }

    private static double wetG(final Operation op) {
        return op.lines().stream()
                .filter(line -> Fruit.isWet(line.ingredient()))
                .mapToDouble(RecipeLine::massG)
                .sum();
    }

    private static boolean may(final List<Operation> operations, final int place) {
        final Operation op = operations.get(place);
        return op.kind() != OperationKind.INFUSE
                && op.from().isEmpty()
                && operations.subList(place, operations.size()).stream()
                        .noneMatch(o -> o.pot() == op.pot() && BOILS_AWAY.contains(o.kind()));
    }

    private static FruitFirst with(
            final List<Operation> operations, final int place, final int pot) {
        final List<Operation> all = new ArrayList<>();
        final List<Integer> old = new ArrayList<>();
        int next = 0;
        for (int i = 0; i < operations.size(); i++) {
            final Operation op = operations.get(i);
            final List<RecipeLine> wet = new ArrayList<>();
            final List<RecipeLine> others = new ArrayList<>();
            final List<Integer> wetPlaces = new ArrayList<>();
            final List<Integer> otherPlaces = new ArrayList<>();
            for (final RecipeLine line : op.lines()) {
                final boolean fruit = i == place && Fruit.isWet(line.ingredient());
                (fruit ? wet : others).add(line);
                (fruit ? wetPlaces : otherPlaces).add(next++);
            }
            old.addAll(wetPlaces);
            old.addAll(otherPlaces);
            if (i != place) {
                all.add(op);
                continue;
            }
            all.add(Operation.of(OperationKind.ADD, wet).in(pot));
            all.add(
                    new Operation(OperationKind.BOIL_DOWN, List.of(), Map.of(Setting.PERCENT, 0.0))
                            .in(pot));
            all.add(
                    new Operation(
                                    OperationKind.COOL,
                                    List.of(),
                                    Map.of(Setting.TEMPERATURE_C, COOLED_C))
                            .in(pot));
            all.add(
                    new Operation(
                            op.kind(),
                            others,
                            op.settings(),
                            op.pot(),
                            Optional.of(FromPot.all(pot))));
        }
        return new FruitFirst(all, old, place + 1);
    }
}
