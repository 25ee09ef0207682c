package palintone.core.filling.life;

import static org.assertj.core.api.Assertions.assertThat;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Kitchen;
import palintone.core.filling.Style;
import palintone.core.filling.balance.Balance;
import palintone.core.filling.balance.BalanceTask;
import palintone.core.filling.balance.ReadyConstraint;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;

/** What is promised, what is advised and why may never stand against one another. */
class VerdictAndReasonTest {

    private static FillingFigures figures(final Operation... operations) {
        return FillingFigures.of(new Filling("f", "F", List.of(operations)));
    }

    private static FillingFigures ganache(
            final double cream, final double dark, final double fruit, final double spirit) {
        return figures(
                op(OperationKind.BOIL, grams(Samples.CREAM, cream), grams(Kitchen.PUREE, fruit)),
                op(OperationKind.POUR, grams(Samples.DARK_66, dark)),
                op(OperationKind.ADD, grams(Kitchen.SPIRIT, spirit)));
    }

    @Property(tries = 300)
    void reasonAndVerdictAgree(
            @ForAll @DoubleRange(min = 20, max = 400) final double cream,
            @ForAll @DoubleRange(min = 100, max = 700) final double dark,
            @ForAll @DoubleRange(min = 1, max = 300) final double fruit,
            @ForAll @DoubleRange(min = 1, max = 60) final double spirit) {
        final FillingFigures figures = ganache(cream, dark, fruit, spirit);
        final Life life = figures.life();
        final double awHigh = figures.figure(Quality.WATER_ACTIVITY).spread().orElseThrow().high();
        final double phHigh = figures.figure(Quality.ACIDITY).spread().orElseThrow().high();
        assertThat(life.keepCold())
                .isEqualTo(FoodCode.says(awHigh, phHigh, false) == FoodCode.Says.ASSESS);
        assertThat(life.reason().template().contains("acteria may grow"))
                .isEqualTo(life.keepCold());
        assertThat(life.verdict().template().contains("stand outside the cold"))
                .isNotEqualTo(life.keepCold());
        assertThat(life.days().name().equals("days in the cold")).isEqualTo(life.keepCold());
        // Seven days in the cold is the most the code knows; on the shelf it may be more.
        assertThat(life.days().spread().orElseThrow().high() <= 7 || !life.keepCold()).isTrue();
    }

    /** Fruit with white chocolate at about .95: nothing for the shelf, and no word of it. */
    @Test
    void fruitAndWhiteChocolateBelongsInTheCold() {
        final Life life =
                figures(
                                op(OperationKind.COOK_FRUIT, grams(Kitchen.PUREE, 250)),
                                op(OperationKind.POUR, grams(Samples.IVORY_33, 200)))
                        .life();
        assertThat(life.keepCold()).isTrue();
        assertThat(life.days().name()).isEqualTo("days in the cold");
    }

    /** Spirit may lengthen a life or leave it; it never does so while the verdict turns colder. */
    @Property(tries = 100)
    void spiritNeverTurnsColdAndLongerAtOnce(
            @ForAll @DoubleRange(min = 80, max = 250) final double cream,
            @ForAll @DoubleRange(min = 200, max = 600) final double dark) {
        final Life without = ganache(cream, dark, 1, 0.1).life();
        final Life with = ganache(cream, dark, 1, 30).life();
        final boolean turnedCold = with.keepCold() && !without.keepCold();
        final boolean longer = with.days().value() > without.days().value();
        assertThat(turnedCold && longer).isFalse();
    }

    /** "Keep longer" first leaves the region the table wants assessed. */
    @Test
    void keepLongerLeavesTheRegionThatMustBeAssessed() {
        final List<Operation> operations =
                List.of(
                        op(
                                OperationKind.BOIL,
                                grams(Samples.CREAM, 220),
                                grams(Samples.GLUCOSE_SYRUP, 40),
                                grams(Kitchen.INVERT, 30)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 320)),
                        op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 40)));
        final FillingProperties now =
                FillingProperties.of(Cooking.cook(operations), Conditions.USUAL);
        assertThat(FillingFigures.of(now, Style.SOFT_SHELL.bands()).life().keepCold()).isTrue();
        final Balance balance =
                Balance.solve(
                        new BalanceTask(
                                operations,
                                List.of(220.0, 40.0, 30.0, 320.0, 40.0),
                                Set.of(),
                                ReadyConstraint.KEEP_LONGER.from(now, Style.SOFT_SHELL.bands()),
                                Conditions.USUAL));
        final Life after = FillingFigures.of(balance.after(), Style.SOFT_SHELL.bands()).life();
        assertThat(after.keepCold()).isFalse();
        assertThat(after.days().spread().orElseThrow().low()).isGreaterThan(7);
    }
}
