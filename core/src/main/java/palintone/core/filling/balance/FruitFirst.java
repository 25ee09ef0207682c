package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;

/**
 * A recipe whose wet fruit is boiled down before anything else meets it, in its pot where it stands
 * there alone and else in one of its own: the fruit stays and its water goes. As it stands here
 * nothing is boiled away yet; how much is for the balance to say.
 *
 * @param operations the recipe so
 * @param oldLines where each of its lines stood before
 * @param boilAt place of the boiling down
 * @param ownPot whether a pot was added for it
 */
record FruitFirst(List<Operation> operations, List<Integer> oldLines, int boilAt, boolean ownPot) {

    /** Where these follow in the same pot, its water goes without another pot. */
    private static final Set<OperationKind> BOILS_AWAY =
            EnumSet.of(OperationKind.BOIL_DOWN, OperationKind.COOK_SUGAR, OperationKind.CARAMELISE);

    /** Cool again, it leaves the pot it goes into as warm as it was. */
    private static final double COOLED_C = 20;

    /** Where lines of the recipe as it was stand now. */
    Set<Integer> nowAt(final Set<Integer> lines) {
        return IntStream.range(0, oldLines.size())
                .filter(i -> lines.contains(oldLines.get(i)))
                .boxed()
                .collect(Collectors.toSet());
    }

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
        int best = -1;
        double most = 0;
        for (int i = 0; i < operations.size(); i++) {
            final double grams = wetG(operations.get(i));
            if (grams > most && may(operations, i)) {
                most = grams;
                best = i;
            }
        }
        if (best < 0) {
            return Optional.empty();
        }
        final int alone = aloneUntil(operations, best);
        if (alone > best) {
            return Optional.of(inItsPot(operations, operations.get(best).pot(), alone));
        }
        return pot < Operation.MOST_POTS
                ? Optional.of(with(operations, best, pot))
                : Optional.empty();
    }

    /** Before which operation its pot still holds nothing but fruit; −1 where it never did. */
    private static int aloneUntil(final List<Operation> operations, final int place) {
        final int pot = operations.get(place).pot();
        for (int i = 0; i < operations.size(); i++) {
            final Operation op = operations.get(i);
            final boolean more =
                    op.pot() == pot
                            && op.kind() != OperationKind.INFUSE
                            && (op.from().isPresent()
                                    || op.lines().stream()
                                            .anyMatch(line -> !Fruit.is(line.ingredient())));
            final boolean taken = op.from().filter(from -> from.pot() == pot).isPresent();
            if (more || taken) {
                return i > place ? i : -1;
            }
        }
        return -1;
    }

    private static FruitFirst inItsPot(
            final List<Operation> operations, final int pot, final int before) {
        final List<Operation> all = new ArrayList<>(operations);
        all.add(
                before,
                new Operation(
                                OperationKind.BOIL_DOWN,
                                List.of(),
                                Map.of(OperationSetting.PERCENT, 0.0))
                        .in(pot));
        final int lines = operations.stream().mapToInt(op -> op.lines().size()).sum();
        return new FruitFirst(all, IntStream.range(0, lines).boxed().toList(), before, false);
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
                    new Operation(
                                    OperationKind.BOIL_DOWN,
                                    List.of(),
                                    Map.of(OperationSetting.PERCENT, 0.0))
                            .in(pot));
            all.add(
                    new Operation(
                                    OperationKind.COOL,
                                    List.of(),
                                    Map.of(OperationSetting.TEMPERATURE_C, COOLED_C))
                            .in(pot));
            all.add(
                    new Operation(
                            op.kind(),
                            others,
                            op.settings(),
                            op.pot(),
                            Optional.of(FromPot.all(pot))));
        }
        return new FruitFirst(all, old, place + 1, true);
    }
}
