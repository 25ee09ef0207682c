package palintone.core.filling.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.SimpleBounds;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.BOBYQAOptimizer;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.Quality;

class BalanceTest {

    private static final List<Operation> GANACHE =
            List.of(
                    op(
                            OperationKind.BOIL,
                            grams(Samples.CREAM, 300),
                            grams(Samples.GLUCOSE_SYRUP, 40),
                            grams(Kitchen.INVERT, 20)),
                    op(OperationKind.POUR, grams(Samples.DARK_66, 330)),
                    op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 40)));

    private static BalanceTask task(final Set<Integer> locked, final PropertyConstraint... wishes) {
        final List<Double> grams = new ArrayList<>();
        for (final double g : Cooking.grams(GANACHE)) {
            grams.add(g);
        }
        return new BalanceTask(GANACHE, grams, locked, List.of(wishes), Conditions.USUAL);
    }

    @Test
    void theWishesAreMetAndEveryGramIsExplained() {
        final Balance balance =
                Balance.solve(
                        task(
                                Set.of(3),
                                new PropertyConstraint(Quality.WATER_ACTIVITY, 0.6, 0.86),
                                new PropertyConstraint(Quality.FIRMNESS, 2.5, 4.4),
                                new PropertyConstraint(Quality.YIELD, 690, 730)));
        assertThat(balance.met()).isTrue();
        assertThat(balance.before().value(Quality.WATER_ACTIVITY)).isGreaterThan(0.88);
        assertThat(balance.after().value(Quality.WATER_ACTIVITY)).isCloseTo(0.86, within(1e-6));
        assertThat(balance.grams().get(3)).isEqualTo(330.0);
        assertThat(balance.moves()).isNotEmpty();
        assertThat(balance.moves())
                .allSatisfy(
                        move -> {
                            assertThat(move.line()).isNotEqualTo(3);
                            assertThat(move.why().template()).isNotBlank();
                        });
        assertThat(balance.moves().stream().map(m -> m.why().template()).toList().toString())
                .contains("lowers water activity");
    }

    @Test
    void whatIsRightAlreadyIsLeftAlone() {
        final Balance balance =
                Balance.solve(
                        task(Set.of(), new PropertyConstraint(Quality.WATER_ACTIVITY, 0.5, 0.99)));
        assertThat(balance.met()).isTrue();
        assertThat(balance.moves()).isEmpty();
        assertThat(balance.change()).isZero();
    }

    @Test
    void wishesThatClashAreNamedWithWhatIsReached() {
        final Balance balance =
                Balance.solve(
                        task(
                                Set.of(),
                                new PropertyConstraint(Quality.WATER_ACTIVITY, 0.5, 0.80),
                                new PropertyConstraint(Quality.SWEETNESS, 0, 12),
                                new PropertyConstraint(Quality.ENERGY, 500, 4000)));
        assertThat(balance.met()).isFalse();
        assertThat(balance.outcome()).isEqualTo(Balance.Outcome.CLASH);
        assertThat(balance.missed())
                .extracting(m -> m.wish().quality())
                .contains(Quality.WATER_ACTIVITY, Quality.SWEETNESS)
                .doesNotContain(Quality.ENERGY);
        assertThat(balance.missed()).anyMatch(Balance.Missed::curesAll);
    }

    @Test
    void whatIsOutOfReachByItselfIsNoClash() {
        final Balance balance =
                Balance.solve(
                        task(
                                Set.of(),
                                new PropertyConstraint(Quality.WATER_ACTIVITY, 0.1, 0.2),
                                new PropertyConstraint(Quality.ENERGY, 500, 4000)));
        assertThat(balance.outcome()).isEqualTo(Balance.Outcome.NEAREST);
        assertThat(balance.missed())
                .singleElement()
                .satisfies(
                        missed -> {
                            assertThat(missed.wish().quality()).isEqualTo(Quality.WATER_ACTIVITY);
                            assertThat(missed.alone()).isFalse();
                            assertThat(missed.reached()).isGreaterThan(0.2);
                        });
    }

    @Test
    void whatNobodyNoticesIsAsGoodAsMet() {
        final Balance far =
                Balance.solve(
                        task(Set.of(0, 1, 3, 4), new PropertyConstraint(Quality.SWEETNESS, 0, 15)));
        assertThat(far.outcome()).isEqualTo(Balance.Outcome.NEAREST);
        final double least = far.after().value(Quality.SWEETNESS);
        final Balance near =
                Balance.solve(
                        task(
                                Set.of(0, 1, 3, 4),
                                new PropertyConstraint(Quality.SWEETNESS, 0, least - 1)));
        assertThat(near.outcome()).isEqualTo(Balance.Outcome.AS_GOOD_AS_MET);
        assertThat(near.met()).isFalse();
    }

    /** Less sweet takes sugar away: sweet sugars never rise, and they pay before the rest does. */
    @Test
    void lessSweetIsMetWithSugar() {
        final double now =
                Balance.solve(task(Set.of(), new PropertyConstraint(Quality.FAT, 0, 100)))
                        .before()
                        .value(Quality.SWEETNESS);
        final PropertyConstraint[] wishes = {
            new PropertyConstraint(Quality.SWEETNESS, 0, now - 2),
            new PropertyConstraint(Quality.YIELD, 700, 760)
        };
        final Balance any = Balance.solve(task(Set.of(3), wishes));
        final Balance sugar = Balance.solve(task(Set.of(3), wishes).sugarFirst(now));
        assertThat(sugar.met()).isTrue();
        assertThat(sugar.grams().get(2)).isLessThan(20);
        final double othersBefore = Math.abs(any.grams().get(0) - 300);
        assertThat(Math.abs(sugar.grams().get(0) - 300)).isLessThan(othersBefore);
        // Sweeter is another wish, and it may take sugar.
        final BalanceTask sweeter =
                task(Set.of(3), new PropertyConstraint(Quality.SWEETNESS, now + 2, 60));
        assertThat(sweeter.sugarFirst(now).sugars()).isEmpty();
    }

    @Test
    void theSameQuestionHasTheSameAnswer() {
        final BalanceTask task =
                task(Set.of(), new PropertyConstraint(Quality.WATER_ACTIVITY, 0.6, 0.85));
        assertThat(Balance.solve(task).grams()).isEqualTo(Balance.solve(task).grams());
    }

    @Test
    void whatCannotBeAskedIsRefused() {
        assertThatThrownBy(
                        () ->
                                task(
                                        Set.of(0, 1, 2, 3, 4),
                                        new PropertyConstraint(Quality.WATER_ACTIVITY, 0.6, 0.85)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("all 5 lines");
        assertThatThrownBy(() -> new PropertyConstraint(Quality.FAT, 40, 30))
                .hasMessageContaining("wish for fat is 40.0 to 30.0");
        assertThatThrownBy(
                        () ->
                                task(
                                        Set.of(),
                                        new PropertyConstraint(Quality.FAT, 20, 30),
                                        new PropertyConstraint(Quality.FAT, 35, 40)))
                .hasMessageContaining("stated twice");
    }

    /**
     * Fifty generated recipes against BOBYQA of Hipparchus in an augmented Lagrangian, which shares
     * neither code nor derivatives with ours: the same objective to 1e-4, every band kept to 1e-6.
     */
    @Test
    void anIndependentOptimiserAgreesOnFiftyRecipes() {
        final Random random = new Random(4711);
        int compared = 0;
        int ours = 0;
        for (int k = 0; k < 50; k++) {
            final BalanceTask task = generated(random);
            final Balance balance = Balance.solve(task);
            assertThat(balance.met()).as("recipe %d", k).isTrue();
            final double[] values =
                    task.values(balance.grams().stream().mapToDouble(d -> d).toArray());
            for (int j = 0; j < values.length; j++) {
                final PropertyConstraint wish = task.wishes().get(j);
                assertThat(values[j])
                        .isBetween(
                                wish.low() - 1e-6 * Math.max(1, Math.abs(wish.low())),
                                wish.high() + 1e-6 * Math.max(1, Math.abs(wish.high())));
            }
            final Double other = independent(task);
            if (other == null) {
                continue;
            }
            compared++;
            // Smaller than what the other found is no fault; larger is.
            assertThat(balance.change()).as("recipe %d", k).isLessThan(other + 1e-4);
            ours += balance.change() < other - 1e-4 ? 1 : 0;
        }
        System.out.printf(
                "balance: %d of 50 compared, %d times ours was smaller%n", compared, ours);
        assertThat(compared).isGreaterThanOrEqualTo(45);
    }

    private static BalanceTask generated(final Random random) {
        final double[] amount = new double[6];
        final double[] usual = {250, 40, 30, 350, 40, 60};
        for (int i = 0; i < amount.length; i++) {
            amount[i] = usual[i] * (0.6 + 0.8 * random.nextDouble());
        }
        final List<Operation> operations =
                List.of(
                        op(
                                OperationKind.BOIL,
                                grams(Samples.CREAM, amount[0]),
                                grams(Samples.GLUCOSE_SYRUP, amount[1]),
                                grams(Kitchen.INVERT, amount[2])),
                        op(OperationKind.POUR, grams(Samples.DARK_66, amount[3])),
                        op(
                                OperationKind.BUTTER,
                                grams(Kitchen.BUTTER, amount[4]),
                                grams(Kitchen.PUREE, amount[5])));
        final List<Double> grams =
                operations.stream()
                        .flatMap(o -> o.lines().stream())
                        .map(RecipeLine::massG)
                        .toList();
        final BalanceTask open =
                new BalanceTask(
                        operations,
                        grams,
                        Set.of(random.nextInt(6)),
                        List.of(
                                new PropertyConstraint(Quality.WATER_ACTIVITY, 0, 1),
                                new PropertyConstraint(Quality.FAT, 0, 100),
                                new PropertyConstraint(Quality.YIELD, 0, 10_000)),
                        Conditions.USUAL);
        final double[] now = open.values(open.start());
        return new BalanceTask(
                operations,
                grams,
                open.locked(),
                List.of(
                        new PropertyConstraint(
                                Quality.WATER_ACTIVITY,
                                0.5,
                                now[0] - 0.005 - 0.02 * random.nextDouble()),
                        new PropertyConstraint(Quality.FAT, now[1] + 0.2, now[1] + 6),
                        new PropertyConstraint(Quality.YIELD, 0.97 * now[2], 1.03 * now[2])),
                Conditions.USUAL);
    }

    /**
     * Objective reached by the other optimiser: BOBYQA (Powell 2009) of Hipparchus, without any
     * derivative, inside an augmented Lagrangian; null where it has not met the bands.
     */
    private static Double independent(final BalanceTask task) {
        final double[] start = task.start();
        final int[] free =
                IntStream.range(0, start.length).filter(i -> !task.locked().contains(i)).toArray();
        final double[] low = new double[free.length];
        final double[] high = new double[free.length];
        for (int i = 0; i < free.length; i++) {
            low[i] = (task.lowest(free[i]) - start[free[i]]) / task.scale(free[i]);
            high[i] = (task.highest(free[i]) - start[free[i]]) / task.scale(free[i]);
        }
        final double[] multiplier = new double[2 * task.wishes().size()];
        double weight = 10;
        double[] z = new double[free.length];
        for (int outer = 0; outer < 14; outer++) {
            final double rho = weight;
            final MultivariateFunction lagrangian =
                    point -> {
                        final double[] g = missing(task, start, free, point);
                        double sum = 0;
                        for (final double d : point) {
                            sum += d * d;
                        }
                        for (int j = 0; j < g.length; j++) {
                            final double t = Math.max(0, multiplier[j] + rho * g[j]);
                            sum += (t * t - multiplier[j] * multiplier[j]) / (2 * rho);
                        }
                        return sum;
                    };
            z =
                    new BOBYQAOptimizer(2 * free.length + 1, 0.05, 1e-9)
                            .optimize(
                                    new MaxEval(20_000),
                                    new ObjectiveFunction(lagrangian),
                                    GoalType.MINIMIZE,
                                    new InitialGuess(z),
                                    new SimpleBounds(low, high))
                            .getPoint();
            final double[] g = missing(task, start, free, z);
            for (int j = 0; j < g.length; j++) {
                multiplier[j] = Math.max(0, multiplier[j] + rho * g[j]);
            }
            weight = Math.min(3000, weight * 2.5);
        }
        for (final double each : missing(task, start, free, z)) {
            if (each > 1e-5) {
                return null;
            }
        }
        double sum = 0;
        for (final double d : z) {
            sum += d * d;
        }
        return sum;
    }

    /** How far every band is overstepped, in noticeable steps; negative inside. */
    private static double[] missing(
            final BalanceTask task, final double[] start, final int[] free, final double[] z) {
        final double[] x = start.clone();
        for (int i = 0; i < free.length; i++) {
            x[free[i]] += z[i] * task.scale(free[i]);
        }
        final double[] values = task.values(x);
        final double[] g = new double[2 * values.length];
        for (int j = 0; j < values.length; j++) {
            final PropertyConstraint wish = task.wishes().get(j);
            g[2 * j] = (wish.low() - values[j]) / wish.quality().step();
            g[2 * j + 1] = (values[j] - wish.high()) / wish.quality().step();
        }
        return g;
    }
}
