package palintone.core.filling.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Source;
import palintone.core.filling.Filling;
import palintone.core.filling.make.RecipeTasks;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.process.Amount;
import palintone.core.process.Cautions;
import palintone.core.process.ProcessDraft;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;

/** What goes in by taste: half first, noted, and the recipe by what was noted. */
class TaughtDoseTest {

    private static final Ingredient EXTRACT =
            new Ingredient(
                    "vanilla",
                    "Vanilla extract",
                    Composition.per100(Map.of(Component.WATER, 65.0, Component.ETHANOL, 35.0)),
                    0.97,
                    Set.of(),
                    Source.workshop("invented for the tests"),
                    new Traits(
                            OptionalDouble.empty(),
                            OptionalDouble.empty(),
                            OptionalDouble.empty(),
                            Set.of(FunctionalClass.EXTRACT, FunctionalClass.SPIRIT),
                            false));

    private static final Filling RECIPE =
            new Filling(
                    "vanilla-ganache",
                    "Vanilla ganache",
                    List.of(
                            op(OperationKind.BOIL, grams(Samples.CREAM, 400)),
                            op(OperationKind.POUR, grams(Samples.DARK_66, 496)),
                            op(OperationKind.ADD, grams(EXTRACT, 4))));

    private static final RecipeLine LINE = RECIPE.toTaste().get(0);

    private static List<Task> tasks(final Filling filling, final double weighedG) {
        final ProcessDraft draft = new ProcessDraft();
        RecipeTasks.lay(
                draft,
                filling,
                weighedG,
                weighedG,
                new RecipeTasks.Around(20, false),
                Optional.empty());
        return draft.done().tasks();
    }

    /** 900 g of it and 4 g: twice the recipe wants 8 g, and four of them first. */
    @Test
    void halfGoesInFirst() {
        final List<Task> tasks = tasks(RECIPE, 1800);
        final Task dose =
                tasks.stream().filter(t -> t.kind() == TaskKind.TO_TASTE).findFirst().orElseThrow();
        assertThat(dose.say().values().get("half").value()).isCloseTo(4, within(1e-9));
        assertThat(dose.amount(Amount.DOSE).orElseThrow()).isCloseTo(8, within(1e-9));
        assertThat(dose.reading().orElseThrow().target()).isCloseTo(8, within(1e-9));
        // It is put in once: no other task stirs it in.
        assertThat(tasks)
                .filteredOn(t -> t.kind() == TaskKind.COOK)
                .noneMatch(t -> t.say().template().contains("Vanilla extract"));
        assertThat(tasks.get(0).say().template()).contains("Vanilla extract");
        // A spirit that goes in by drops burns as one that is poured.
        assertThat(dose.caution().orElse("")).contains(Cautions.ALCOHOL);
    }

    /** A heat step is never dropped for it, and what is infused is infused as it is written. */
    @Test
    void whatIsDoneIsDoneWhateverGoesInByTaste() {
        final Filling heated =
                new Filling(
                        "h",
                        "H",
                        List.of(
                                op(OperationKind.ADD, grams(Samples.CREAM, 400)),
                                op(OperationKind.HEAT, grams(EXTRACT, 4)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 400))));
        assertThat(tasks(heated, 804))
                .extracting(Task::title)
                .containsSubsequence("Heat to", "To taste", "Pour over");
        final Filling infused =
                new Filling(
                        "i",
                        "I",
                        List.of(
                                op(OperationKind.BOIL, grams(Samples.CREAM, 400)),
                                op(OperationKind.INFUSE, grams(EXTRACT, 4)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 400))));
        assertThat(infused.toTaste()).isEmpty();
        assertThat(tasks(infused, 804))
                .anyMatch(t -> t.say().template().contains("infuse {m0} Vanilla extract"))
                .noneMatch(t -> t.kind() == TaskKind.TO_TASTE);
    }

    /** What is read off a share is the share again, for a recipe of any size. */
    @Property(tries = 60)
    void thereAndBack(@ForAll @DoubleRange(min = 0.1, max = 5) final double times) {
        final double share = TaughtDose.share(RECIPE.operations(), LINE, times);
        assertThat(share).isCloseTo(4 * times / (896 + 4 * times), within(1e-12));
        final TaughtDose taught =
                TaughtDose.of(RECIPE.operations(), LINE, List.of(share)).orElseThrow();
        assertThat(taught.inRecipe().value()).isCloseTo(4 * times, within(1e-9));
        final List<Operation> operations = taught.operations();
        assertThat(operations.get(2).lines().get(0).massG()).isCloseTo(4 * times, within(1e-9));
        assertThat(operations.get(0).lines()).isEqualTo(RECIPE.operations().get(0).lines());
    }

    @Test
    void severalTastingsAreTheirMeanAndAsWideAsTheyLie() {
        final TaughtDose taught =
                TaughtDose.of(
                                RECIPE.operations(),
                                LINE,
                                List.of(
                                        TaughtDose.share(RECIPE.operations(), LINE, 0.5),
                                        TaughtDose.share(RECIPE.operations(), LINE, 1)))
                        .orElseThrow();
        assertThat(taught.inRecipe().value()).isCloseTo(3, within(1e-9));
        assertThat(taught.inRecipe().spread().orElseThrow().low()).isCloseTo(2, within(1e-9));
        assertThat(taught.inRecipe().spread().orElseThrow().high()).isCloseTo(4, within(1e-9));
        assertThat(TaughtDose.of(RECIPE.operations(), LINE, List.of())).isEmpty();
        assertThatThrownBy(() -> TaughtDose.share(RECIPE.operations(), LINE, 0))
                .hasMessageContaining("times what the recipe says");
    }
}
