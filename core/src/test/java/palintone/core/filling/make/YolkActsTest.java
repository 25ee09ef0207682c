package palintone.core.filling.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.process.ProcessDraft;
import palintone.core.process.Task;

/** Yolks go in by three acts: whisked, warmed, and back into the pot. */
class YolkActsTest {

    private static List<Task> tasks(final Operation... operations) {
        final Filling filling = new Filling("f", "Custard", List.of(operations));
        final ProcessDraft draft = new ProcessDraft();
        RecipeTasks.lay(
                draft,
                filling,
                filling.cooked().yieldG(),
                filling.mixture().massG(),
                new RecipeTasks.Around(20, false),
                Optional.empty());
        return draft.done().tasks();
    }

    private static final Operation YOLKS =
            op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 60), grams(Kitchen.SUGAR, 50));

    @Test
    void theyAreWhiskedWarmedAndBroughtBack() {
        final List<Task> tasks = tasks(op(OperationKind.BOIL, grams(Samples.CREAM, 300)), YOLKS);
        assertThat(tasks)
                .extracting(Task::title)
                .containsExactly(
                        "Weigh out",
                        "Boil",
                        "Whisk the yolks",
                        "Warm the yolks",
                        "Temper yolks, back to the boil");
        assertThat(tasks.get(2).say().template()).contains("yolk").contains("sugar");
        final Task warm = tasks.get(3);
        // A ladle or two of 300 g of cream, common practice.
        assertThat(warm.say().values().get("hot").value()).isBetween(20.0, 90.0);
        assertThat(warm.reading().orElseThrow().target()).isCloseTo(50, within(1e-6));
        assertThat(warm.reading().orElseThrow().band().high()).isLessThan(62);
        for (int i = 2; i <= 4; i++) {
            assertThat(tasks.get(i).caution().orElse("")).contains("Raw egg");
        }
        assertThat(tasks.get(4).say().template()).doesNotContain("yolk");
    }

    /** Out of a pot no warmer than they may become nothing is ladled. */
    @Test
    void aLukewarmPotWarmsNothing() {
        assertThat(tasks(op(OperationKind.ADD, grams(Samples.CREAM, 300)), YOLKS))
                .extracting(Task::title)
                .doesNotContain("Warm the yolks");
    }

    /**
     * With nothing in their pot before, or out of another pot, there is nothing to ladle out of.
     */
    @Test
    void yolksThatAreFirstInTheirPotAreHeatedThere() {
        assertThat(tasks(YOLKS))
                .extracting(Task::title)
                .containsExactly("Weigh out", "Temper yolks, back to the boil");
        assertThat(tasks(YOLKS).get(1).say().template()).contains("yolk").contains("sugar");
        final List<Task> fromPot =
                tasks(
                        op(OperationKind.BOIL, grams(Samples.CREAM, 300)),
                        op(OperationKind.ADD, grams(Kitchen.YOLK, 60)).in(1),
                        new Operation(
                                OperationKind.TEMPER_YOLKS,
                                List.of(),
                                Map.of(),
                                0,
                                Optional.of(FromPot.all(1))));
        assertThat(fromPot.get(fromPot.size() - 1).say().template()).contains("all that is in");
        assertThat(fromPot.get(fromPot.size() - 1).caution().orElse("")).contains("Raw egg");
    }

    /** What the pot gives is what the yolks take; it never gives more than it holds. */
    @Property(tries = 100)
    void noHeatIsLost(
            @ForAll @DoubleRange(min = 20, max = 2000) final double potG,
            @ForAll @DoubleRange(min = 56, max = 105) final double potC,
            @ForAll @DoubleRange(min = 10, max = 800) final double yolkG,
            @ForAll @DoubleRange(min = 4, max = 30) final double yolkC) {
        final YolkWarming.Warm pot = new YolkWarming.Warm(potG, 3.6, potC);
        final YolkWarming.Warm yolks = new YolkWarming.Warm(yolkG, 2.9, yolkC);
        final YolkWarming warming = YolkWarming.of(pot, yolks);
        assertThat(warming.hotG() * 3.6 * (potC - warming.reachedC()))
                .isCloseTo(yolkG * 2.9 * (warming.reachedC() - yolkC), within(1e-6));
        assertThat(warming.hotG()).isLessThanOrEqualTo(potG);
        assertThat(warming.reachedC()).isLessThanOrEqualTo(YolkWarming.AIM_C + 1e-9);
    }
}
