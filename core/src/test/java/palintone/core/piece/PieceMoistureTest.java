package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Source;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.layer.MoistureBetween;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.record.Corrections;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;

class PieceMoistureTest {

    private static final Ingredient WAFER =
            new Ingredient(
                    "wafer",
                    "Wafer",
                    Composition.per100(
                            Map.of(
                                    Component.STARCH, 75.0,
                                    Component.PROTEIN, 10.0,
                                    Component.SUCROSE, 9.0,
                                    Component.LIQUID_OIL, 3.0,
                                    Component.WATER, 3.0)),
                    0.5,
                    Set.of(),
                    Source.workshop("invented for the tests"));
    static final Filling CRISP =
            new Filling(
                    "crisp",
                    "Crisp",
                    List.of(
                            op(
                                    OperationKind.ADD,
                                    grams(Kitchen.NUT_PASTE, 100),
                                    grams(Samples.MILK_41, 60),
                                    grams(WAFER, 60))));

    private static MouldedPiece piece(final FillingLayer... layers) {
        return new MouldedPiece(
                "two",
                "Two layers",
                Samples.HALF_SPHERES,
                Samples.dark(),
                1.6,
                2,
                List.of(layers),
                Optional.empty());
    }

    private static final MouldedPiece TWO =
            piece(new FillingLayer(Samples.ganache(), 0.6), new FillingLayer(CRISP, 0.4));

    private static PieceMoisture moisture(final PieceMoisture.Bite... bites) {
        return PieceMoisture.of(TWO, f -> Corrections.NONE, 0.3, 120, List.of(bites));
    }

    @Test
    void theDriestLayerIsTheOneThatGoesSoftWhicheverWayTheyLie() {
        assertThat(moisture().crispLayer()).isEqualTo(1);
        assertThat(moisture().names()).containsExactly("House ganache", "Crisp");
        final PieceMoisture turned =
                PieceMoisture.of(
                        piece(
                                new FillingLayer(CRISP, 0.4),
                                new FillingLayer(Samples.ganache(), 0.6)),
                        f -> Corrections.NONE,
                        0.3,
                        120,
                        List.of());
        assertThat(turned.crispLayer()).isZero();
    }

    /** Common practice, no source: days bare, weeks behind a fat film. */
    @Test
    void fatBetweenThemKeepsItCrispForWeeks() {
        final PieceMoisture moisture = moisture();
        final double bare = moisture.daysBare().get(0).value();
        assertThat(bare).isBetween(0.5, 15.0);
        // Not soft within all the days looked ahead is longer still.
        final double behindFat =
                moisture.daysBehindFat().stream()
                        .mapToDouble(f -> f.value())
                        .findFirst()
                        .orElse(120);
        assertThat(behindFat).isGreaterThan(4 * bare);
        final var spread = moisture.daysBare().get(0).spread().orElseThrow();
        assertThat(bare).isBetween(spread.low(), spread.high());
    }

    @Test
    void waterGoesFromTheWetToTheDryAndNeverPastEachOther() {
        double wet = 1;
        double dry = 0;
        for (final MoistureBetween.At at : moisture().bare()) {
            assertThat(at.activity().get(0)).isLessThanOrEqualTo(wet + 1e-12);
            assertThat(at.activity().get(1)).isGreaterThanOrEqualTo(dry - 1e-12);
            assertThat(at.activity().get(0)).isGreaterThanOrEqualTo(at.activity().get(1) - 1e-9);
            wet = at.activity().get(0);
            dry = at.activity().get(1);
        }
    }

    @Test
    void bitesThatStayCrispLongerThanForeseenMoveTheModel() {
        final double foreseen = moisture().daysBare().get(0).value();
        final PieceMoisture crisp =
                moisture(
                        new PieceMoisture.Bite(2 * foreseen, true, 0),
                        new PieceMoisture.Bite(2.5 * foreseen, true, 0));
        assertThat(crisp.factor()).isLessThan(0.8);
        assertThat(crisp.daysBare().get(0).value()).isGreaterThan(1.3 * foreseen);
        final PieceMoisture soft = moisture(new PieceMoisture.Bite(foreseen / 3, false, 0));
        assertThat(soft.factor()).isGreaterThan(1.2);
        assertThat(soft.daysBare().get(0).value()).isLessThan(foreseen);
    }

    @Test
    void bitesBehindFatSpeakForTheirOwnBarrier() {
        final double foreseen = moisture().daysBare().get(0).value();
        final PieceMoisture bare = moisture(new PieceMoisture.Bite(2 * foreseen, true, 0));
        final PieceMoisture behind = moisture(new PieceMoisture.Bite(2 * foreseen, true, 0.3));
        // To be crisp so early behind fat is no news.
        assertThat(behind.factor()).isGreaterThan(bare.factor());
        assertThat(behind.factor()).isLessThanOrEqualTo(1.05);
    }

    @Test
    void whatCannotBeAskedIsRefused() {
        assertThatThrownBy(
                        () ->
                                PieceMoisture.of(
                                        piece(new FillingLayer(CRISP, 1)),
                                        f -> Corrections.NONE,
                                        0.3,
                                        60,
                                        List.of()))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("two fillings or more");
        assertThatThrownBy(() -> PieceMoisture.of(TWO, f -> Corrections.NONE, 0, 60, List.of()))
                .hasMessageContaining("fat barrier");
        assertThatThrownBy(() -> PieceMoisture.of(TWO, f -> Corrections.NONE, 9, 60, List.of()))
                .hasMessageContaining("fat barrier");
    }
}
