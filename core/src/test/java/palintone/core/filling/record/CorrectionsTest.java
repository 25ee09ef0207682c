package palintone.core.filling.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Figure;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Kitchen;
import palintone.core.filling.Style;
import palintone.core.filling.balance.Balance;
import palintone.core.filling.balance.BalanceTask;
import palintone.core.filling.balance.PropertyConstraint;
import palintone.core.filling.balance.ReadyConstraint;
import palintone.core.filling.cool.Cooling;
import palintone.core.filling.cool.CoolingVessel;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;

/**
 * What was measured of a recipe moves everything that is computed of it, and by the same amount.
 */
class CorrectionsTest {

    private static final List<Operation> GANACHE =
            List.of(
                    op(
                            OperationKind.BOIL,
                            grams(Samples.CREAM, 250),
                            grams(Samples.GLUCOSE_SYRUP, 40)),
                    op(OperationKind.POUR, grams(Samples.DARK_66, 300)),
                    op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 40)));

    private static final Corrections MEASURED =
            new Corrections(
                    Map.of(
                            Correction.Of.WATER_ACTIVITY,
                            new Correction(0.02, 0.005, 3, computed(Quality.WATER_ACTIVITY)),
                            Correction.Of.FIRMNESS,
                            new Correction(-0.6, 0.3, 2, computed(Quality.FIRMNESS)),
                            Correction.Of.PH,
                            new Correction(0.25, 0.05, 4, computed(Quality.ACIDITY))));

    private static double computed(final Quality quality) {
        return FillingProperties.of(Cooking.cook(GANACHE), Conditions.USUAL).value(quality);
    }

    private static FillingProperties properties(final Corrections own) {
        return FillingProperties.of(Cooking.cook(GANACHE), Conditions.USUAL.measured(own));
    }

    @Test
    void everyMeasuredQualityMovesByItsOffsetAndNoOther() {
        final FillingProperties plain = properties(Corrections.NONE);
        final FillingProperties moved = properties(MEASURED);
        for (final Quality quality : Quality.values()) {
            final double by =
                    switch (quality) {
                        case WATER_ACTIVITY -> 0.02;
                        case FIRMNESS, FIRMNESS_STORAGE -> -0.6;
                        case ACIDITY -> 0.25;
                        default -> 0;
                    };
            assertThat(moved.value(quality) - plain.value(quality))
                    .as(quality.words())
                    .isCloseTo(by, within(1e-9));
        }
    }

    @Test
    void figuresSayByHowMuchTheyWereMoved() {
        final FillingFigures figures =
                FillingFigures.of(properties(MEASURED), Style.SOFT_SHELL.bands());
        for (final Quality quality :
                List.of(Quality.WATER_ACTIVITY, Quality.FIRMNESS, Quality.ACIDITY)) {
            final Figure figure = figures.figure(quality);
            assertThat(figure.basis().inputs().toString())
                    .as(quality.words())
                    .contains("moved by own measurements");
            assertThat(figure.basis().sources()).contains(Correction.SOURCE);
            assertThat(figure.value())
                    .isCloseTo(properties(MEASURED).value(quality), within(1e-12));
        }
        // The textures in words follow what was felt, not only the string.
        final double stiffer =
                figures.textures().get(2).pascal()
                        / properties(Corrections.NONE).texture().pascal(20);
        assertThat(stiffer).isCloseTo(Math.pow(10, -0.3), within(1e-9));
    }

    /** A meter that reads two hundredths higher asks for a recipe that is two hundredths drier. */
    @Test
    void aBalanceAimsAtWhatTheMeterWillShow() {
        final List<Double> grams = Arrays.stream(Cooking.grams(GANACHE)).boxed().toList();
        final List<PropertyConstraint> wishes =
                List.of(new PropertyConstraint(Quality.WATER_ACTIVITY, 0.6, 0.86));
        final Balance measured =
                Balance.solve(
                        new BalanceTask(
                                GANACHE,
                                grams,
                                Set.of(),
                                wishes,
                                Conditions.USUAL.measured(MEASURED)));
        assertThat(measured.met()).isTrue();
        assertThat(measured.after().value(Quality.WATER_ACTIVITY)).isCloseTo(0.86, within(1e-6));
        final double byTheModelAlone =
                FillingProperties.of(measured.after().cooked(), Conditions.USUAL)
                        .value(Quality.WATER_ACTIVITY);
        assertThat(byTheModelAlone).isCloseTo(0.84, within(1e-6));
        // The same band without a measurement is met by less.
        final Balance plain =
                Balance.solve(new BalanceTask(GANACHE, grams, Set.of(), wishes, Conditions.USUAL));
        assertThat(plain.change()).isLessThan(measured.change());
    }

    @Test
    void readyWishesBeginFromWhatWasMeasured() {
        final PropertyConstraint wish =
                ReadyConstraint.KEEP_LONGER
                        .from(properties(MEASURED), Style.SOFT_SHELL.bands())
                        .stream()
                        .filter(w -> w.quality() == Quality.WATER_ACTIVITY)
                        .findFirst()
                        .orElseThrow();
        // So much drier it is another recipe, which nobody has measured: .04 above what is computed
        // must still stand.
        assertThat(wish.high()).isBetween(0.83, 0.84);
    }

    @Test
    void aFillingFeltSofterPipesForLonger() {
        final Cooling.Where where = new Cooling.Where(CoolingVessel.BOWL, 60, 5, 60, 29);
        final double plain =
                Cooling.of(properties(Corrections.NONE), where).windowCloses().get(0).value();
        assertThat(Cooling.of(properties(MEASURED), where).windowCloses())
                .allSatisfy(later -> assertThat(later.value()).isGreaterThan(plain));
    }
}
