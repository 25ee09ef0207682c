package palintone.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import palintone.core.figure.Source;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Style;
import palintone.core.filling.balance.Balance;
import palintone.core.filling.balance.BalanceTask;
import palintone.core.filling.balance.CookedOtherwise;
import palintone.core.filling.balance.Lever;
import palintone.core.filling.balance.PropertyConstraint;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.read.WrittenRecipe;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;

/** A recipe of twenty lines: all its figures, and its balance against ten bands. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class FillingBench {

    private final List<Operation> recipe = recipe();
    private final double[] grams = Cooking.grams(recipe);
    private final BalanceTask task = task();
    private final List<Operation> pots = threePots(recipe);
    private final BalanceTask otherwise = otherwise(pots);

    private static final String WRITTEN = written();

    private static String written() {
        final StringBuilder text = new StringBuilder();
        for (int i = 0; i < 100; i++) {
            text.append(i + 1)
                    .append(" 1/2 cups cream 35 % (about ")
                    .append(i)
                    .append(" g), cold\n");
        }
        for (int i = 0; i < 100; i++) {
            text.append("Heat the cream to 8")
                    .append(i % 10)
                    .append(
                            " °C, pour over the chocolate, wait 2-3 minutes and blend until smooth.\n");
        }
        return text.toString();
    }

    /** A text of two hundred rows, half of them prose. */
    @Benchmark
    public WrittenRecipe readTwoHundredRows() {
        return WrittenRecipe.read(WRITTEN);
    }

    private List<Operation> recipe() {
        final List<RecipeLine> wet = new ArrayList<>();
        final List<RecipeLine> dry = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            wet.add(
                    line(
                            "cream" + i,
                            Map.of(
                                    Component.WATER, 59.0 + i,
                                    Component.MILK_FAT, 35.0 - i,
                                    Component.LACTOSE, 3.2,
                                    Component.PROTEIN, 2.2,
                                    Component.ASH, 0.6),
                            60));
            wet.add(
                    line(
                            "syrup" + i,
                            Map.of(
                                    Component.WATER,
                                    22.0,
                                    Component.GLUCOSE,
                                    15.0 + 3 * i,
                                    Component.FRUCTOSE,
                                    20.0,
                                    Component.HIGHER_SACCHARIDES,
                                    43.0 - 3 * i),
                            20));
            dry.add(
                    line(
                            "dark" + i,
                            Map.of(
                                    Component.COCOA_BUTTER,
                                    36.0 + i,
                                    Component.COCOA_SOLIDS,
                                    24.0 + i,
                                    Component.SUCROSE,
                                    39.0 - 2 * i,
                                    Component.WATER,
                                    1.0),
                            70));
            dry.add(
                    line(
                            "butter" + i,
                            Map.of(
                                    Component.WATER,
                                    16.0 + i,
                                    Component.MILK_FAT,
                                    83.0 - i,
                                    Component.PROTEIN,
                                    1.0),
                            8));
        }
        return List.of(
                Operation.of(OperationKind.BOIL, wet),
                Operation.of(OperationKind.POUR, dry),
                Operation.of(OperationKind.BLEND, List.of()),
                Operation.of(OperationKind.REST, List.of()));
    }

    private static RecipeLine line(
            final String id, final Map<Component, Double> parts, final double grams) {
        return new RecipeLine(
                new Ingredient(
                        id,
                        id,
                        Composition.per100(parts),
                        1,
                        Set.of(),
                        Source.workshop("measurement")),
                grams,
                KitchenUnit.GRAM);
    }

    private BalanceTask task() {
        final FillingProperties now =
                FillingProperties.of(
                        Cooking.cook(recipe, grams, Cooking.SEA_LEVEL_HPA), Conditions.USUAL);
        final List<PropertyConstraint> wishes = new ArrayList<>();
        wishes.add(
                new PropertyConstraint(
                        Quality.WATER_ACTIVITY, 0.5, now.value(Quality.WATER_ACTIVITY) - 0.02));
        for (final Quality quality :
                List.of(
                        Quality.FIRMNESS,
                        Quality.FAT,
                        Quality.SWEETNESS,
                        Quality.OIL_SHARE,
                        Quality.WATER,
                        Quality.BITTERNESS,
                        Quality.ENERGY,
                        Quality.YIELD,
                        Quality.SOLID_FAT_SERVING)) {
            final double value = now.value(quality);
            wishes.add(
                    new PropertyConstraint(
                            quality, value - 0.1 * Math.abs(value) - 0.5, 1.1 * value + 0.5));
        }
        final List<Double> amounts = new ArrayList<>();
        for (final double g : grams) {
            amounts.add(g);
        }
        return new BalanceTask(recipe, amounts, Set.of(), wishes, Conditions.USUAL);
    }

    /** Cooked, appraised, every figure with its basis. */
    @Benchmark
    public FillingFigures figures() {
        return FillingFigures.of(
                FillingProperties.of(
                        Cooking.cook(recipe, Cooking.grams(recipe), 1013.25), Conditions.USUAL),
                Style.SOFT_SHELL.bands());
    }

    /** Three pots and thirty lines, one of them fruit that may be boiled down. */
    @Benchmark
    public FillingFigures figuresOfThreePots() {
        return FillingFigures.of(
                FillingProperties.of(
                        Cooking.cook(pots, Cooking.grams(pots), 1013.25), Conditions.USUAL),
                Style.SOFT_SHELL.bands());
    }

    /** The same balanced, what is done along with what is weighed. */
    @Benchmark
    public CookedOtherwise balanceWithOperations() {
        return CookedOtherwise.solve(otherwise);
    }

    private static List<Operation> threePots(final List<Operation> main) {
        final List<RecipeLine> fruit = new ArrayList<>();
        final List<RecipeLine> sugar = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            fruit.add(
                    line(
                            "fruit" + i,
                            Map.of(
                                    Component.WATER, 84.0 + i,
                                    Component.GLUCOSE, 5.0,
                                    Component.FRUCTOSE, 6.0 - i,
                                    Component.FIBRE, 3.0,
                                    Component.ORGANIC_ACID, 2.0),
                            30));
            sugar.add(
                    line("sugar" + i, Map.of(Component.SUCROSE, 90.0, Component.GLUCOSE, 10.0), 8));
        }
        final List<Operation> all = new ArrayList<>();
        all.add(Operation.of(OperationKind.ADD, fruit).in(1));
        all.add(
                new Operation(
                                OperationKind.BOIL_DOWN,
                                List.of(),
                                Map.of(OperationSetting.PERCENT, 20.0))
                        .in(1));
        all.add(Operation.of(OperationKind.CARAMELISE, sugar).in(2));
        all.add(Operation.of(OperationKind.CRUSH, List.of()).in(2));
        all.addAll(main);
        all.add(
                new Operation(
                        OperationKind.BLEND,
                        List.of(),
                        Map.of(),
                        0,
                        Optional.of(FromPot.some(1, 90))));
        all.add(
                new Operation(
                        OperationKind.FOLD, List.of(), Map.of(), 0, Optional.of(FromPot.all(2))));
        return all;
    }

    private static BalanceTask otherwise(final List<Operation> recipe) {
        final Cooked cooked = Cooking.cook(recipe);
        final FillingProperties now = FillingProperties.of(cooked, Conditions.USUAL);
        final double yield = now.value(Quality.YIELD);
        final double firm = now.value(Quality.FIRMNESS);
        return new BalanceTask(
                recipe,
                Arrays.stream(Cooking.grams(recipe)).boxed().toList(),
                Set.of(),
                List.of(
                        new PropertyConstraint(
                                Quality.WATER_ACTIVITY,
                                0.5,
                                now.value(Quality.WATER_ACTIVITY) - 0.02),
                        new PropertyConstraint(Quality.YIELD, 0.97 * yield, 1.03 * yield),
                        new PropertyConstraint(Quality.FIRMNESS, firm - 1, firm + 1)),
                Conditions.USUAL,
                Lever.all(recipe, true, cooked),
                Set.of());
    }

    /** The smallest change of twenty lines that meets ten bands. */
    @Benchmark
    public Balance balance() {
        return Balance.solve(task);
    }
}
