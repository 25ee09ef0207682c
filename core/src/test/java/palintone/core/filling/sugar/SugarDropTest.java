package palintone.core.filling.sugar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.OperationKind;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/** What a drop of cooked sugar looks and feels like, beside the names makers have for it. */
class SugarDropTest {

    private static final SugarCook.Pan SYRUP =
            new SugarCook.Pan(
                    Composition.per100(Map.of(Component.SUCROSE, 70.0, Component.WATER, 30.0)),
                    500);

    private static Map<SugarStage, SugarDrop> drops() {
        return SugarDrop.ofEvery(SYRUP).stream()
                .collect(Collectors.toMap(SugarDrop::stage, drop -> drop));
    }

    /** Common practice, no source: the names are what fingers find. */
    @Test
    void fingersFindWhatTheStagesAreCalled() {
        final Map<SugarStage, SugarDrop> drops = drops();
        assertThat(drops.get(SugarStage.THREAD).feel()).isEqualTo(SugarDrop.Feel.RUNS);
        assertThat(drops.get(SugarStage.SOFT_BALL).feel()).isEqualTo(SugarDrop.Feel.FLATTENS);
        assertThat(drops.get(SugarStage.FIRM_BALL).feel()).isEqualTo(SugarDrop.Feel.GIVES_WAY);
        assertThat(drops.get(SugarStage.HARD_BALL).feel()).isEqualTo(SugarDrop.Feel.RESISTS);
        assertThat(drops.get(SugarStage.HARD_CRACK).feel()).isEqualTo(SugarDrop.Feel.SNAPS);
        assertThat(drops.get(SugarStage.FIRM_BALL).inWater().ball()).isTrue();
        assertThat(drops.get(SugarStage.THREAD).onPlate().ball()).isFalse();
    }

    /**
     * Common practice: with cream 110 flows, 116 is firm and not hard, 124 holds its shape at once.
     */
    @Test
    void aCaramelWithCreamIsFirmerAtTheSameDegrees() {
        final SugarCook.Pan cream =
                SugarCook.Pan.of(
                        new Filling(
                                        "c",
                                        "Caramel",
                                        List.of(
                                                op(
                                                        OperationKind.ADD,
                                                        grams(Kitchen.SUGAR, 200),
                                                        grams(Samples.GLUCOSE_SYRUP, 180),
                                                        grams(Samples.CREAM, 250))))
                                .mixture());
        final Map<SugarStage, SugarDrop> drops =
                SugarDrop.ofEvery(cream).stream()
                        .collect(Collectors.toMap(SugarDrop::stage, drop -> drop));
        assertThat(drops.get(SugarStage.THREAD).feel()).isEqualTo(SugarDrop.Feel.FLATTENS);
        assertThat(drops.get(SugarStage.SOFT_BALL).feel()).isEqualTo(SugarDrop.Feel.GIVES_WAY);
        assertThat(drops.get(SugarStage.HARD_BALL).feel()).isEqualTo(SugarDrop.Feel.RESISTS);
    }

    @Test
    void theFurtherItIsCookedTheLessItRuns() {
        final List<SugarDrop> drops = SugarDrop.ofEvery(SYRUP);
        for (int i = 1; i < drops.size(); i++) {
            assertThat(drops.get(i).onPlate().acrossMm())
                    .isLessThanOrEqualTo(drops.get(i - 1).onPlate().acrossMm());
            assertThat(drops.get(i).feel()).isGreaterThanOrEqualTo(drops.get(i - 1).feel());
            // Water carries it: it runs no wider there.
            assertThat(drops.get(i).inWater().acrossMm())
                    .isLessThanOrEqualTo(drops.get(i).onPlate().acrossMm());
        }
    }

    /** Cream boiled down, or butter, is no cooked sugar. */
    @Test
    void whatIsNotSugarMakesNoDrop() {
        assertThat(SugarDrop.ofEvery(new SugarCook.Pan(Samples.CREAM.composition(), 300)))
                .isEmpty();
    }

    /** The pool of Huppert holds its volume: π·R²·h·¾ for a profile of (1 − r²)^⅓. */
    @Property(tries = 60)
    void noneOfTheDropIsLost(@ForAll @DoubleRange(min = 0.01, max = 1e6) final double paS) {
        final SugarDrop.Shape shape = SugarDrop.shape(1400, paS);
        final double r = shape.acrossMm() / 2;
        final double mm3 =
                shape.ball()
                        ? 4 * Math.PI / 3 * r * r * r
                        : 0.75 * Math.PI * r * r * shape.highMm();
        assertThat(mm3).isCloseTo(500, within(1e-6));
    }

    /** Common practice, no source: straw, gold, amber, mahogany, and then it is bitter. */
    @Test
    void coloursAreNamedAsMakersNameThem() {
        assertThat(SugarColour.at(120).name()).isEqualTo(SugarColour.Name.CLEAR);
        assertThat(SugarColour.at(155).name()).isEqualTo(SugarColour.Name.STRAW);
        assertThat(SugarColour.at(170).name()).isEqualTo(SugarColour.Name.AMBER);
        assertThat(SugarColour.at(188).name()).isEqualTo(SugarColour.Name.BLACK);
        final SugarColour amber = SugarColour.at(170);
        assertThat(amber.red()).isBetween(0.55, 0.85);
        assertThat(amber.green()).isBetween(0.35, 0.6);
        assertThat(amber.blue()).isLessThan(0.25);
        assertThat(amber.onScreen()).matches("#[0-9a-f]{6}");
        assertThat(SugarColour.tells(SYRUP.composition())).isTrue();
        assertThat(
                        SugarColour.tells(
                                Composition.per100(
                                        Map.of(
                                                Component.SUCROSE, 60.0,
                                                Component.MILK_SOLIDS, 6.0,
                                                Component.WATER, 34.0))))
                .isFalse();
    }

    @Property(tries = 40)
    void hotterIsDarker(@ForAll @DoubleRange(min = 100, max = 190) final double seaC) {
        final SugarColour one = SugarColour.at(seaC);
        final SugarColour hotter = SugarColour.at(seaC + 5);
        assertThat(hotter.blue()).isLessThan(one.blue());
        assertThat(hotter.red()).isLessThan(one.red());
        assertThat(one.blue()).isLessThanOrEqualTo(one.green());
        assertThat(one.green()).isLessThanOrEqualTo(one.red());
    }
}
