package palintone.core.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.of;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;

/** Where the work can hurt somebody the sheet says so; where it cannot, it is silent. */
class CautionsTest {

    private static final Operation BOIL = op(OperationKind.BOIL, grams(Samples.CREAM, 200));
    private static final Operation POUR = op(OperationKind.POUR, grams(Samples.DARK_66, 250));

    private static final String BOILS_UP = "Whatever is wet boils up";

    private static String cautions(final Operation... operations) {
        return FillingFigures.of(new Filling("f", "F", List.of(operations))).cautions().stream()
                .map(s -> s.template())
                .toList()
                .toString();
    }

    private static Operation sugar(final double celsius) {
        return op(OperationKind.COOK_SUGAR, grams(Kitchen.SUGAR, 200), grams(Kitchen.WATER, 80))
                .with(OperationSetting.TEMPERATURE_C, celsius);
    }

    @Test
    void aPlainGanacheNeedsNone() {
        assertThat(cautions(BOIL, POUR)).isEqualTo("[]");
    }

    @Test
    void aPinchOfSaltDoesNotCoolACaramel() {
        final Operation heat =
                op(OperationKind.HEAT, grams(Kitchen.SUGAR, 200), grams(Kitchen.WATER, 150))
                        .with(OperationSetting.TEMPERATURE_C, 175);
        final Operation salt = op(OperationKind.ADD, grams(Kitchen.SUGAR, 2));
        final Operation cream = op(OperationKind.ADD, grams(Samples.CREAM, 100));
        assertThat(cautions(heat, salt, cream)).contains(BOILS_UP);
        // As much cream again meets no caramel any more.
        final Filling both =
                new Filling(
                        "f",
                        "F",
                        List.of(
                                heat,
                                salt,
                                cream,
                                op(OperationKind.ADD, grams(Samples.CREAM, 300)),
                                cream));
        final List<Boolean> boils =
                both.cooked().stages().stream().map(s -> s.state().boilsUp()).toList();
        assertThat(boils.get(2)).isTrue();
        assertThat(boils.get(4)).isFalse();
    }

    @Test
    void rawEggIsNeverPassedOver() {
        assertThat(cautions(BOIL, POUR, op(OperationKind.ADD, grams(Kitchen.YOLK, 30))))
                .contains("Raw egg, never heated");
    }

    @Test
    void anEggStepTooShortIsMeasuredAgainstTheCode() {
        final Operation brief =
                op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 30))
                        .with(OperationSetting.TEMPERATURE_C, 64)
                        .with(OperationSetting.MINUTES, 0.2);
        assertThat(cautions(BOIL, brief, POUR))
                .contains(
                        "reaches {reached} for {held}; the United States ask {asked} for {asking}")
                .contains("Counted by us")
                .contains("ask your local authority");
        final Operation enough =
                op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 30))
                        .with(OperationSetting.TEMPERATURE_C, 82)
                        .with(OperationSetting.MINUTES, 2);
        assertThat(cautions(BOIL, enough, POUR))
                .contains("coldest place")
                .doesNotContain("Hold it longer")
                .doesNotContain("Raw");
    }

    /** Temperature and time of the step and of 9 CFR 590.570 (63.3 °C, 3.5 min), from memory. */
    @Test
    void theEggStepIsSaidInDegreesAndTime() {
        final Sentence said =
                FillingFigures.of(
                                new Filling(
                                        "f",
                                        "F",
                                        List.of(
                                                BOIL,
                                                op(
                                                                OperationKind.TEMPER_YOLKS,
                                                                grams(Kitchen.YOLK, 30))
                                                        .with(OperationSetting.TEMPERATURE_C, 70)
                                                        .with(OperationSetting.MINUTES, 2),
                                                POUR)))
                        .cautions()
                        .get(0);
        assertThat(said.values().get("reached")).isEqualTo(new Quantity(70, Unit.CELSIUS));
        assertThat(said.values().get("held")).isEqualTo(new Quantity(120, Unit.SECOND));
        assertThat(said.values().get("asked")).isEqualTo(new Quantity(63.3, Unit.CELSIUS));
        assertThat(said.values().get("asking")).isEqualTo(new Quantity(210, Unit.SECOND));
    }

    /** Egg that goes in after the heat step has seen none of it. */
    @Test
    void theEggThatWentInLastDecides() {
        final Operation enough =
                op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 30))
                        .with(OperationSetting.TEMPERATURE_C, 82)
                        .with(OperationSetting.MINUTES, 2);
        assertThat(cautions(BOIL, enough, op(OperationKind.ADD, grams(Kitchen.YOLK, 10)), POUR))
                .contains("Raw egg, never heated");
        final Operation brief =
                op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 10))
                        .with(OperationSetting.TEMPERATURE_C, 64)
                        .with(OperationSetting.MINUTES, 0.2);
        assertThat(cautions(BOIL, enough, brief, POUR)).contains("ask your local authority");
    }

    /** Roasted grain strained out again goes soft nowhere; folded in, it does. Allergens stay. */
    @Test
    void whatIsStrainedOutNoLongerSetsTheLife() {
        final Ingredient grain =
                new Ingredient(
                        "grain",
                        "Toasted grain",
                        Composition.per100(
                                Map.of(
                                        Component.STARCH, 80.0,
                                        Component.PROTEIN, 14.0,
                                        Component.WATER, 6.0)),
                        0.6,
                        Set.of(Allergen.GLUTEN),
                        Source.workshop("invented for the tests"),
                        new Traits(
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                Set.of(FunctionalClass.CRISP),
                                false));
        final Operation boil =
                op(OperationKind.BOIL, grams(Samples.CREAM, 70), grams(Kitchen.INVERT, 40));
        final Operation pour = op(OperationKind.POUR, grams(Samples.DARK_66, 300));
        final FillingFigures strained =
                FillingFigures.of(
                        new Filling(
                                "f",
                                "F",
                                List.of(boil, op(OperationKind.INFUSE, grams(grain, 5)), pour)));
        final FillingFigures folded =
                FillingFigures.of(
                        new Filling(
                                "f",
                                "F",
                                List.of(boil, pour, op(OperationKind.ADD, grams(grain, 20)))));
        assertThat(strained.life().reason().template()).doesNotContain("crisp");
        assertThat(folded.life().reason().template()).contains("crisp pieces take up water");
        assertThat(strained.allergens()).contains(Allergen.GLUTEN);
    }

    /**
     * By the state of the pot: what the operation is called, and how sugar got hot, is the same.
     */
    @Test
    void whateverIsWetWarnsInAPotHotterThanASyrupBoils() {
        final Operation cream = op(OperationKind.ADD, grams(Samples.CREAM, 100));
        assertThat(cautions(sugar(118))).contains("burns deep").doesNotContain(BOILS_UP);
        for (final double celsius : new double[] {106, 118, 138, 160, 180}) {
            assertThat(cautions(sugar(celsius), cream)).as(celsius + " °C").contains(BOILS_UP);
        }
        for (final OperationKind heating :
                List.of(OperationKind.HEAT, OperationKind.COOK_SUGAR, OperationKind.CARAMELISE)) {
            final Operation dry = op(heating, grams(Kitchen.SUGAR, 200));
            assertThat(cautions(dry.with(OperationSetting.TEMPERATURE_C, 175), cream))
                    .as(heating.words())
                    .contains(BOILS_UP);
            final Operation wet = op(heating, grams(Kitchen.SUGAR, 200), grams(Kitchen.WATER, 60));
            assertThat(cautions(wet.with(OperationSetting.TEMPERATURE_C, 175), cream))
                    .as(heating.words() + " with water in it, which the model lets boil")
                    .contains(BOILS_UP);
        }
        assertThat(cautions(sugar(160), op(OperationKind.ADD, grams(Kitchen.BUTTER, 60))))
                .contains(BOILS_UP);
        assertThat(cautions(sugar(160), op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 60))))
                .as("cooled to 35 °C before the butter")
                .doesNotContain(BOILS_UP);
        assertThat(cautions(sugar(160), op(OperationKind.ADD, grams(Kitchen.NUT_PASTE, 200))))
                .contains("burns deep")
                .doesNotContain(BOILS_UP);
        assertThat(cautions(sugar(104), cream)).doesNotContain(BOILS_UP);
        assertThat(cautions(sugar(160), op(OperationKind.COOL), cream)).doesNotContain(BOILS_UP);
    }

    /** Butter browned without any sugar spatters as well. */
    @Test
    void hotFatIsAsHotAsHotSugar() {
        assertThat(
                        cautions(
                                op(OperationKind.HEAT, grams(Kitchen.BUTTER, 100))
                                        .with(OperationSetting.TEMPERATURE_C, 150),
                                op(OperationKind.ADD, grams(Samples.CREAM, 50))))
                .contains(BOILS_UP);
    }

    @Test
    void spiritIsKeptFromTheFlame() {
        assertThat(cautions(BOIL, POUR, op(OperationKind.ADD, grams(Kitchen.SPIRIT, 20))))
                .contains("no flame near it")
                .contains("on the label");
    }

    /** What burns is one question, what is declared another: 1 % by mass, whatever it came with. */
    @Test
    void alcoholIsDeclaredFromAHundredthOn() {
        final Ingredient wine =
                of(
                        "wine",
                        Map.of(Component.WATER, 87.0, Component.ETHANOL, 10.0, Component.ASH, 3.0));
        final Operation much = op(OperationKind.ADD, grams(wine, 100));
        assertThat(cautions(BOIL, POUR, much)).contains("on the label").doesNotContain("no flame");
        assertThat(cautions(BOIL, POUR, op(OperationKind.ADD, grams(wine, 30))))
                .doesNotContain("on the label");
        final String drop = cautions(BOIL, POUR, op(OperationKind.ADD, grams(Kitchen.SPIRIT, 4)));
        assertThat(drop).contains("no flame").doesNotContain("on the label");
    }

    @Test
    void boilingDownAndTheFreezer() {
        final Operation down =
                new Operation(
                        OperationKind.BOIL_DOWN, List.of(), Map.of(OperationSetting.MASS_G, 150.0));
        assertThat(cautions(BOIL, down)).contains("steam and spatter");
        assertThat(cautions(BOIL, POUR, op(OperationKind.FREEZE))).contains("Out of the freezer");
    }

    @Test
    void allergensOfEverythingWeighedInAreNamed() {
        assertThat(
                        FillingFigures.of(
                                        new Filling(
                                                "f",
                                                "F",
                                                List.of(
                                                        BOIL,
                                                        POUR,
                                                        op(
                                                                OperationKind.TEMPER_YOLKS,
                                                                grams(Kitchen.YOLK, 30)))))
                                .allergens())
                .contains(Allergen.MILK, Allergen.EGG);
    }
}
