package palintone.core.filling.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.process.ProcessDraft;
import palintone.core.process.Task;

class SeveralPotsAsTasksTest {

    private static final List<Operation> RECIPE =
            List.of(
                    new Operation(
                                    OperationKind.BOIL_DOWN,
                                    List.of(grams(Kitchen.PUREE, 200)),
                                    Map.of(OperationSetting.MASS_G, 140.0))
                            .in(1),
                    op(OperationKind.BOIL, grams(Samples.CREAM, 120)),
                    new Operation(
                            OperationKind.BLEND,
                            List.of(),
                            Map.of(),
                            0,
                            Optional.of(FromPot.some(1, 110))));

    private static List<Task> tasks(final List<String> pots, final double times) {
        final Filling filling = new Filling("f", "Quince", RECIPE, pots);
        final ProcessDraft draft = new ProcessDraft();
        RecipeTasks.lay(
                draft,
                filling,
                filling.cooked().yieldG() * times,
                filling.mixture().massG() * times,
                new RecipeTasks.Around(20, false),
                Optional.empty());
        return draft.done().tasks();
    }

    @Test
    void everyTaskSaysItsPotAndWhatComesOutOfAnother() {
        final List<Task> tasks = tasks(List.of("Custard", "Purée"), 2);
        assertThat(tasks.get(1).title()).isEqualTo("Boil down, Purée");
        assertThat(tasks.get(2).title()).isEqualTo("Boil, Custard");
        final var blend = tasks.get(3).say();
        assertThat(blend.template()).contains("{taken} of what is in Purée");
        assertThat(blend.values().get("taken").value()).isCloseTo(220, within(1e-9));
        // Down to what is wanted of twice the recipe, weighed in its own pot.
        assertThat(tasks.get(1).say().values().get("mass").value()).isCloseTo(280, within(1e-6));
    }

    @Test
    void aPotWithoutANameHasItsNumberAndBracesDoNoHarm() {
        assertThat(tasks(List.of(), 1).get(1).title()).isEqualTo("Boil down, pot 2");
        assertThat(tasks(List.of("", "{taken}"), 1).get(3).say().template())
                .contains("what is in (taken)");
    }
}
