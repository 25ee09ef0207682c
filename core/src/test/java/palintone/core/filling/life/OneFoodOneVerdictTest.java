package palintone.core.filling.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Range;
import palintone.core.figure.Source;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Kitchen;
import palintone.core.filling.Style;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.record.Correction;
import palintone.core.filling.record.Corrections;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;

/** One food, however it was put together, has one pH, one water activity and one verdict. */
class OneFoodOneVerdictTest {

    /** A lemon of which half is peel and pips. */
    private static final Ingredient LEMON = sour("lemon", 88, 5, 2.4, OptionalDouble.of(0.5));

    private static final Ingredient DRIED =
            sour("freeze-dried", 3, 12, 3.2, OptionalDouble.empty());

    private static Ingredient sour(
            final String id,
            final double water,
            final double acid,
            final double ph,
            final OptionalDouble edible) {
        return new Ingredient(
                id,
                id,
                Composition.per100(
                        Map.of(
                                Component.WATER,
                                water,
                                Component.ORGANIC_ACID,
                                acid,
                                Component.GLUCOSE,
                                100 - water - acid - 1,
                                Component.ASH,
                                1.0)),
                1,
                Set.of(),
                Source.workshop("invented for the tests"),
                new Traits(
                        OptionalDouble.of(ph),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        edible,
                        Set.of(),
                        false));
    }

    private static FillingProperties properties(final List<Operation> operations) {
        return FillingProperties.of(Cooking.cook(operations), Conditions.USUAL);
    }

    private static double ph(final List<Operation> operations) {
        return properties(operations).value(Quality.ACIDITY);
    }

    private static FillingFigures figures(final List<Operation> operations) {
        return FillingFigures.of(new Filling("f", "F", operations));
    }

    private static void same(final List<Operation> one, final List<Operation> other) {
        final FillingProperties a = properties(one);
        final FillingProperties b = properties(other);
        assertThat(a.value(Quality.ACIDITY)).isCloseTo(b.value(Quality.ACIDITY), within(1e-9));
        assertThat(a.value(Quality.WATER_ACTIVITY))
                .isCloseTo(b.value(Quality.WATER_ACTIVITY), within(1e-9));
        final Life left = figures(one).life();
        final Life right = figures(other).life();
        assertThat(left.keepCold()).isEqualTo(right.keepCold());
        assertThat(left.days().value()).isCloseTo(right.days().value(), within(1e-6));
    }

    @Property(tries = 200)
    void trimmedOrReady(
            @ForAll @DoubleRange(min = 50, max = 300) final double cream,
            @ForAll @DoubleRange(min = 150, max = 600) final double white,
            @ForAll @DoubleRange(min = 10, max = 120) final double flesh) {
        final Operation pour = op(OperationKind.POUR, grams(Samples.IVORY_33, white));
        same(
                List.of(
                        op(OperationKind.ADD, grams(Samples.CREAM, cream)),
                        op(OperationKind.TRIM, grams(LEMON, 2 * flesh)),
                        pour),
                List.of(
                        op(OperationKind.ADD, grams(Samples.CREAM, cream)),
                        op(OperationKind.ADD, grams(LEMON, flesh)),
                        pour));
    }

    @Property(tries = 200)
    void onePotOrTwo(
            @ForAll @DoubleRange(min = 50, max = 300) final double cream,
            @ForAll @DoubleRange(min = 150, max = 600) final double white,
            @ForAll @DoubleRange(min = 10, max = 120) final double fruit) {
        final Operation pour = op(OperationKind.POUR, grams(Samples.IVORY_33, white));
        same(
                List.of(
                        op(OperationKind.ADD, grams(Kitchen.PUREE, fruit)).in(1),
                        op(OperationKind.ADD, grams(Samples.CREAM, cream)).taking(FromPot.all(1)),
                        pour),
                List.of(
                        op(
                                OperationKind.ADD,
                                grams(Samples.CREAM, cream),
                                grams(Kitchen.PUREE, fruit)),
                        pour));
    }

    /** Half of a purée of two hundred is the purée of a hundred. */
    @Property(tries = 100)
    void aShareOfAPotTakesItsShareOfTheAcid(
            @ForAll @DoubleRange(min = 50, max = 300) final double cream,
            @ForAll @DoubleRange(min = 10, max = 120) final double fruit) {
        final Operation pour = op(OperationKind.POUR, grams(Samples.IVORY_33, 300));
        same(
                List.of(
                        op(OperationKind.ADD, grams(Kitchen.PUREE, 2 * fruit)).in(1),
                        op(OperationKind.ADD, grams(Samples.CREAM, cream))
                                .taking(FromPot.some(1, fruit)),
                        pour),
                List.of(
                        op(
                                OperationKind.ADD,
                                grams(Samples.CREAM, cream),
                                grams(Kitchen.PUREE, fruit)),
                        pour));
    }

    /** Dry pieces keep their acid as they keep their water: the syrup around them is what grows. */
    @Property(tries = 200)
    void dryPiecesFoldedInLeaveTheFillingItsPh(
            @ForAll @DoubleRange(min = 50, max = 300) final double cream,
            @ForAll @DoubleRange(min = 150, max = 600) final double white,
            @ForAll @DoubleRange(min = 1, max = 60) final double pieces) {
        final List<Operation> plain =
                List.of(
                        op(OperationKind.ADD, grams(Samples.CREAM, cream)),
                        op(OperationKind.POUR, grams(Samples.IVORY_33, white)));
        final List<Operation> folded =
                List.of(plain.get(0), plain.get(1), op(OperationKind.FOLD, grams(DRIED, pieces)));
        assertThat(ph(folded)).isCloseTo(ph(plain), within(1e-9));
        assertThat(figures(folded).life().keepCold()).isEqualTo(figures(plain).life().keepCold());
        // Blended, they are part of it.
        final List<Operation> blended =
                List.of(folded.get(0), folded.get(1), folded.get(2), op(OperationKind.BLEND));
        assertThat(ph(blended)).isLessThan(ph(plain));
    }

    /** What is infused and strained out leaves its taste; no acid is counted for it. */
    @Property(tries = 100)
    void whatWasStrainedOutLowersNothing(
            @ForAll @DoubleRange(min = 100, max = 300) final double cream,
            @ForAll @DoubleRange(min = 1, max = 20) final double fruit) {
        final List<Operation> plain = List.of(op(OperationKind.ADD, grams(Samples.CREAM, cream)));
        final List<Operation> infused =
                List.of(plain.get(0), op(OperationKind.INFUSE, grams(DRIED, fruit)));
        assertThat(ph(infused)).isCloseTo(ph(plain), within(1e-9));
    }

    /** The white ganache of .887 that 35 g of dried raspberry once freed from the cold. */
    @Property(tries = 500)
    void noEstimateFreesAWhiteGanacheFromTheCold(
            @ForAll @DoubleRange(min = 80, max = 400) final double cream,
            @ForAll @DoubleRange(min = 200, max = 700) final double white,
            @ForAll @DoubleRange(min = 0, max = 60) final double dried,
            @ForAll @DoubleRange(min = 0.1, max = 80) final double lemon) {
        final FillingFigures figures =
                figures(
                        List.of(
                                op(OperationKind.BOIL, grams(Samples.CREAM, cream)),
                                op(OperationKind.ADD, grams(LEMON, lemon)),
                                op(OperationKind.POUR, grams(Samples.IVORY_33, white)),
                                op(OperationKind.FOLD, grams(DRIED, 0.1 + dried))));
        final double value = figures.figure(Quality.WATER_ACTIVITY).value();
        final Range range = figures.figure(Quality.WATER_ACTIVITY).spread().orElseThrow();
        assertThat(range.high()).isGreaterThanOrEqualTo(Math.min(1, value + 0.04) - 1e-9);
        assertThat(figures.life().keepCold()).isEqualTo(range.high() >= 0.88);
    }

    private static final List<Operation> SOUR =
            List.of(
                    op(OperationKind.BOIL, grams(Samples.CREAM, 150)),
                    op(OperationKind.ADD, grams(LEMON, 60)),
                    op(OperationKind.POUR, grams(Samples.IVORY_33, 320)));

    private static Life measured(final List<Operation> recipe, final double ph, final double aw) {
        final FillingProperties of = properties(SOUR);
        final Corrections own =
                new Corrections(
                        Map.of(
                                Correction.Of.PH,
                                Correction.of(
                                        Correction.Of.PH,
                                        List.of(read(of.value(Quality.ACIDITY), ph))),
                                Correction.Of.WATER_ACTIVITY,
                                Correction.of(
                                        Correction.Of.WATER_ACTIVITY,
                                        List.of(read(of.value(Quality.WATER_ACTIVITY), aw)))));
        return FillingFigures.of(
                        FillingProperties.of(Cooking.cook(recipe), Conditions.USUAL.measured(own)),
                        Style.SOFT_SHELL.bands())
                .life();
    }

    private static Correction.Measured read(final double computed, final double read) {
        return new Correction.Measured(computed, read);
    }

    @Test
    void aReadingFreesWhatAnEstimateDoesNot() {
        assertThat(figures(SOUR).life().keepCold()).isTrue();
        assertThat(figures(SOUR).life().reason().template()).contains("only an estimate");
        assertThat(figures(SOUR).life().longer())
                .anyMatch(s -> s.template().contains("distilled water"));
        assertThat(measured(SOUR, 3.9, 0.89).keepCold()).isFalse();
        assertThat(measured(SOUR, 3.9, 0.89).verdict().template()).contains("measured pH");
        assertThat(measured(SOUR, 5.4, 0.89).keepCold()).isTrue();
    }

    /** Readings of one recipe say nothing of another by the same name. */
    @Test
    void aReadingDoesNotOutliveTheRecipe() {
        final List<Operation> milder =
                List.of(
                        SOUR.get(0),
                        op(OperationKind.ADD, grams(LEMON, 15), grams(Samples.CREAM, 45)),
                        SOUR.get(2));
        assertThat(measured(milder, 3.9, 0.89).keepCold()).isTrue();
        assertThat(measured(milder, 3.9, 0.89).reason().template()).contains("only an estimate");
    }

    /** Measured, the margin is the measurement's, whatever the models make of each other. */
    @Test
    void measuredTheMarginIsTheMeters() {
        final FillingProperties of = properties(SOUR);
        final Correction own =
                Correction.of(
                        Correction.Of.WATER_ACTIVITY,
                        List.of(read(of.value(Quality.WATER_ACTIVITY), 0.87)));
        final FillingProperties told =
                FillingProperties.of(
                        Cooking.cook(SOUR),
                        Conditions.USUAL.measured(
                                new Corrections(Map.of(Correction.Of.WATER_ACTIVITY, own))));
        final double value = told.value(Quality.WATER_ACTIVITY);
        assertThat(told.waterActivityRange().high())
                .isCloseTo(value + 2 * own.margin(), within(1e-12));
        assertThat(told.waterActivityRange().low())
                .isCloseTo(value - 2 * own.margin(), within(1e-12));
    }

    /** The days that stand largest are those of the highest water activity it may have. */
    @Test
    void headlineDaysAreThoseOfTheUpperEnd() {
        final List<Operation> dry =
                List.of(
                        op(OperationKind.BOIL, grams(Samples.CREAM, 90), grams(Kitchen.INVERT, 60)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 400)));
        final FillingFigures figures = figures(dry);
        assertThat(figures.life().keepCold()).isFalse();
        final Range aw = figures.figure(Quality.WATER_ACTIVITY).spread().orElseThrow();
        final LifeConditions least =
                new LifeConditions(
                        aw.high(),
                        aw.high(),
                        aw.high(),
                        6,
                        6.4,
                        false,
                        0,
                        true,
                        LifeConditions.Egg.NONE,
                        16,
                        1,
                        false,
                        true,
                        false);
        assertThat(figures.life().days().value())
                .isCloseTo(Life.of(least).days().value(), within(1e-6));
    }

    /** Twelve decimals are as many as are said, and heat out of the range is said to be. */
    @Test
    void noEggIsSaferThanAnybodyHasMeasured() {
        final FillingFigures figures =
                figures(
                        List.of(
                                op(OperationKind.BOIL, grams(Samples.CREAM, 200)),
                                op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 30))
                                        .with(OperationSetting.TEMPERATURE_C, 95)
                                        .with(OperationSetting.MINUTES, 10),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 250))));
        assertThat(figures.eggHeat())
                .singleElement()
                .satisfies(
                        f -> {
                            assertThat(f.value()).isEqualTo(12);
                            assertThat(f.basis().withinValidity()).isFalse();
                        });
    }
}
