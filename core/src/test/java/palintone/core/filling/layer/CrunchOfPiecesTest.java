package palintone.core.filling.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.fat.FatDensity;
import palintone.core.figure.Figure;
import palintone.core.filling.Kitchen;
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
import palintone.core.filling.water.Gab;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;

class CrunchOfPiecesTest {

    /** A wafer: starch and protein with a little water. */
    private static final Ingredient WAFER =
            Kitchen.of(
                    "wafer",
                    Map.of(
                            Component.WATER, 3.0,
                            Component.STARCH, 80.0,
                            Component.PROTEIN, 12.0,
                            Component.LIQUID_OIL, 5.0));

    private static FillingProperties with(final RecipeLine pieces, final double sizeMm) {
        final Operation fold =
                new Operation(
                        OperationKind.FOLD,
                        List.of(pieces),
                        Map.of(OperationSetting.SIZE_MM, sizeMm));
        return FillingProperties.of(
                Cooking.cook(
                        List.of(
                                op(OperationKind.BOIL, grams(Samples.CREAM, 300)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 320)),
                                fold)),
                Conditions.USUAL);
    }

    private static Figure days(final RecipeLine pieces, final double sizeMm) {
        return CrunchOfPieces.of(with(pieces, sizeMm)).orElseThrow();
    }

    /** The integral against the stepped layers, the filling so large that nothing changes in it. */
    @Test
    void theIntegralIsWhatTheLayersDo() {
        final double sizeMm = 3;
        final FillingProperties properties = with(grams(WAFER, 10), sizeMm);
        final Cooked.Folded folded = properties.cooked().folded();
        final double outside = properties.value(Quality.WATER_ACTIVITY);
        final double bodies = 92.0 / 97;
        final MoistureLayer wafer =
                new MoistureLayer("wafer", 10, 3.0 / 97, m -> Gab.BAKED.activity(m / bodies));
        final MoistureLayer filling = new MoistureLayer("filling", 1e6, 0.3, m -> outside);
        final double areaMm2 =
                6 / sizeMm * 10 / ChoiOkos1986.densityGPerMl(folded.pieces(), 20) * 1000;
        final List<MoistureBetween.At> path =
                MoistureBetween.follow(
                        List.of(filling, wafer),
                        List.of(new MoistureBetween.Face(areaMm2, 0)),
                        20,
                        1);
        final double stepped = MoistureBetween.daysUntil(path, 1, MoistureBetween.SOFT_FROM);
        assertThat(days(grams(WAFER, 10), sizeMm).value())
                .isCloseTo(stepped, within(0.06 * stepped));
    }

    /** Half the size is twice the surface: half the time. */
    @Test
    void smallerPiecesAreSoftSooner() {
        final double big = days(grams(WAFER, 30), 4).value();
        assertThat(days(grams(WAFER, 30), 2).value()).isCloseTo(big / 2, within(1e-9));
        // The same share of more pieces is softened as fast: surface and mass go together.
        assertThat(days(grams(WAFER, 60), 4).value()).isCloseTo(big, within(1e-6));
    }

    /** Common practice, no source: crumbs in a moist ganache are soft within days. */
    @Test
    void crumbsInAMoistGanacheLastDaysNotWeeks() {
        final Figure wafer = days(grams(WAFER, 40), 3);
        assertThat(wafer.value()).isBetween(0.3, 7.0);
        assertThat(wafer.spread().orElseThrow().high()).isGreaterThan(wafer.value());
        // Shards of cooked sugar: an evening at the least, not months at the most.
        final Figure shards = days(grams(Kitchen.SUGAR, 60), 3);
        assertThat(shards.value()).isLessThan(shards.spread().orElseThrow().high());
        assertThat(shards.spread().orElseThrow().high()).isBetween(1.0, 60.0);
    }

    @Test
    void nothingSoftensPiecesInFatAndWithoutPiecesThereIsNothingToSay() {
        final Operation paste = op(OperationKind.ADD, grams(Kitchen.NUT_PASTE, 200));
        final Operation fold = op(OperationKind.FOLD, grams(WAFER, 40));
        assertThat(
                        CrunchOfPieces.of(
                                FillingProperties.of(
                                        Cooking.cook(List.of(paste, fold)), Conditions.USUAL)))
                .isEmpty();
        assertThat(
                        CrunchOfPieces.of(
                                FillingProperties.of(
                                        Cooking.cook(
                                                List.of(
                                                        op(
                                                                OperationKind.BOIL,
                                                                grams(Samples.CREAM, 100)))),
                                        Conditions.USUAL)))
                .isEmpty();
    }

    private static final Ingredient COCOA_BUTTER =
            Kitchen.of("cocoa-butter", Map.of(Component.COCOA_BUTTER, 100.0));

    /** Crumbs in a pot of their own, with so much cocoa butter, into a ganache of such a warmth. */
    private static FillingProperties coated(
            final double butterG, final boolean afterwards, final double ganacheC) {
        final Operation butter = op(OperationKind.ADD, grams(COCOA_BUTTER, butterG)).in(1);
        final Operation crush = op(OperationKind.CRUSH).in(1);
        return FillingProperties.of(
                Cooking.cook(
                        List.of(
                                op(OperationKind.ADD, grams(WAFER, 40)).in(1),
                                afterwards ? crush : butter,
                                afterwards ? butter : crush,
                                op(OperationKind.BOIL, grams(Samples.CREAM, 300)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 320)),
                                op(OperationKind.COOL)
                                        .with(OperationSetting.TEMPERATURE_C, ganacheC),
                                new Operation(
                                        OperationKind.FOLD,
                                        List.of(),
                                        Map.of(OperationSetting.SIZE_MM, 3.0),
                                        0,
                                        Optional.of(FromPot.all(1))))),
                Conditions.USUAL);
    }

    private static double daysOf(final FillingProperties properties) {
        return CrunchOfPieces.of(properties).orElseThrow().value();
    }

    /** By hand: one resistance more, half of the butter spread over the faces. */
    @Test
    void cocoaButterOnThePiecesHoldsWaterUp() {
        final FillingProperties with = coated(8, true, 28);
        final Cooked.Folded folded = with.cooked().folded();
        assertThat(folded.coatG()).isCloseTo(8, within(0.3));
        final double areaMm2 =
                6 / 3.0 * folded.grams() / ChoiOkos1986.densityGPerMl(folded.pieces(), 20) * 1000;
        final double mm = 0.5 * folded.coatG() / FatDensity.SOLID_G_PER_ML * 1000 / areaMm2;
        final double slower =
                (1 / MoistureBetween.BARE + mm / MoistureBetween.COCOA_BUTTER_MM)
                        * MoistureBetween.BARE;
        assertThat(slower).isGreaterThan(1.5);
        // The same pieces with the same fat in them, and none on them.
        assertThat(daysOf(with) / daysOf(coated(8, false, 28))).isCloseTo(slower, within(0.02));
    }

    @Test
    void aCoatRunsOffInAWarmFilling() {
        assertThat(coated(8, true, 45).cooked().folded().coatG()).isZero();
        assertThat(daysOf(coated(8, true, 45))).isLessThan(0.8 * daysOf(coated(8, true, 28)));
    }

    /** Melted in with what was never crushed it is no coat: less is promised. */
    @Test
    void cocoaButterStirredInIsNoCoat() {
        final Cooked stirred =
                Cooking.cook(
                        List.of(
                                op(OperationKind.ADD, grams(WAFER, 40)).in(1),
                                op(OperationKind.ADD, grams(COCOA_BUTTER, 8)).in(1),
                                op(OperationKind.BOIL, grams(Samples.CREAM, 300)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 320)),
                                op(OperationKind.COOL).with(OperationSetting.TEMPERATURE_C, 28),
                                new Operation(
                                        OperationKind.FOLD,
                                        List.of(),
                                        Map.of(OperationSetting.SIZE_MM, 3.0),
                                        0,
                                        Optional.of(FromPot.all(1)))));
        assertThat(stirred.folded().grams()).isGreaterThan(40);
        assertThat(stirred.folded().coatG()).isZero();
    }
}
