package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.record.Correction;
import palintone.core.filling.record.Corrections;
import palintone.core.process.TaskKind;
import palintone.core.substance.Allergen;

/** What a piece says of itself to whoever eats it: every allergen, alcohol, how it is kept. */
class DeclaredTest {

    private static Materials needs(
            final Decoration dress,
            final Function<Filling, Conditions> own,
            final Filling... layers) {
        final MouldedPiece sample = Samples.halfSpherePiece();
        final List<FillingLayer> filled =
                java.util.Arrays.stream(layers)
                        .map(f -> new FillingLayer(f, 1.0 / layers.length))
                        .toList();
        return new MouldedPiece(
                        "d",
                        "D",
                        sample.mould(),
                        sample.couverture(),
                        Optional.empty(),
                        1.6,
                        2,
                        filled,
                        dress,
                        Optional.empty())
                .materials(
                        BatchSize.ofMoulds(1, sample.mould().usable()),
                        new BatchHabits(1, 0.2, 0.1),
                        own);
    }

    private static Materials wearing(final Decoration dress) {
        return needs(dress, f -> Conditions.USUAL, Samples.ganache());
    }

    private static final Optional<Set<Allergen>> NONE = Optional.of(Set.of());

    @Test
    void coloursDustsSheetsAndLinesBringTheirAllergens() {
        final Decoration dress =
                new Decoration(
                        List.of(
                                new ColourCoat(
                                        "plum",
                                        0.05,
                                        ColourCoat.How.SPRAYED,
                                        Optional.of(Set.of(Allergen.MUSTARD))),
                                new ColourCoat("copper", 0.05, ColourCoat.How.SPLASHED, NONE)),
                        List.of(
                                new Finish(
                                        Finish.FinishKind.TRANSFER,
                                        "stripes",
                                        Optional.of(Set.of(Allergen.EGG))),
                                new Finish(
                                        Finish.FinishKind.LINE,
                                        "ivory",
                                        Optional.of(Set.of(Allergen.NUTS))),
                                new Finish(
                                        Finish.FinishKind.DUST,
                                        "gold",
                                        Optional.of(Set.of(Allergen.FISH))),
                                new Finish(Finish.FinishKind.TRIM, "")));
        final Materials needs = wearing(dress);
        assertThat(needs.allergens())
                .contains(
                        Allergen.MUSTARD,
                        Allergen.EGG,
                        Allergen.NUTS,
                        Allergen.FISH,
                        Allergen.MILK);
        assertThat(needs.allergensUnread()).isEmpty();
    }

    /** A list that may not be whole says so: on the piece, and on the label. */
    @Test
    void whatNobodyHasReadIsNamed() {
        final Decoration dress =
                new Decoration(
                        List.of(new ColourCoat("copper", 0.05)),
                        List.of(
                                new Finish(Finish.FinishKind.DUST, "gold lustre"),
                                new Finish(Finish.FinishKind.TRIM, "feet"),
                                new Finish(Finish.FinishKind.STICKER, "")));
        final Materials needs = wearing(dress);
        assertThat(needs.allergensUnread().orElseThrow().template())
                .contains("copper")
                .contains("gold lustre")
                .doesNotContain("feet");
        final String sticker =
                needs.piece().process(needs, Samples.workplace(needs)).tasks().stream()
                        .filter(t -> t.kind() == TaskKind.FINISH)
                        .map(t -> t.say().template())
                        .filter(s -> s.contains("label"))
                        .findFirst()
                        .orElseThrow();
        assertThat(sticker).contains("milk").contains("gold lustre").contains("not whole");
    }

    @Test
    void alcoholOverAHundredthOfTheFillingIsSaidOfThePiece() {
        final Filling strong =
                Filling.stirred(
                        "s", "S", List.of(grams(Samples.DARK_66, 90), grams(Kitchen.SPIRIT, 6)));
        final Filling weak =
                Filling.stirred(
                        "w", "W", List.of(grams(Samples.DARK_66, 94), grams(Kitchen.SPIRIT, 2)));
        assertThat(needs(Decoration.NONE, f -> Conditions.USUAL, strong).declared().toString())
                .contains("Contains alcohol");
        assertThat(needs(Decoration.NONE, f -> Conditions.USUAL, weak).declared()).isEmpty();
    }

    private static final Filling SOUR =
            new Filling(
                    "sour",
                    "Sour",
                    List.of(
                            op(OperationKind.BOIL, grams(Samples.CREAM, 150)),
                            op(OperationKind.ADD, grams(Kitchen.PUREE, 120)),
                            op(OperationKind.POUR, grams(Samples.IVORY_33, 340))));

    /** Mild and dry by itself: its pH is not measured, and need not be. */
    private static final Filling MILD =
            Filling.stirred(
                    "mild",
                    "Mild",
                    List.of(grams(Kitchen.NUT_PASTE, 80), grams(Samples.MILK_41, 40)));

    /** As if the sour one had been read: its pH low enough, its water activity .89. */
    private static Conditions read(final Filling filling) {
        if (!filling.id().equals("sour")) {
            return Conditions.USUAL;
        }
        final FillingProperties of = FillingProperties.of(filling.cooked(), Conditions.USUAL);
        return Conditions.USUAL.measured(
                new Corrections(
                        Map.of(
                                Correction.Of.PH,
                                Correction.of(
                                        Correction.Of.PH,
                                        List.of(
                                                new Correction.Measured(
                                                        of.value(Quality.ACIDITY), 3.9))),
                                Correction.Of.WATER_ACTIVITY,
                                Correction.of(
                                        Correction.Of.WATER_ACTIVITY,
                                        List.of(
                                                new Correction.Measured(
                                                        of.value(Quality.WATER_ACTIVITY),
                                                        0.89))))));
    }

    /** Apart each may stand; where they touch it is as moist as one and as mild as the other. */
    @Test
    void layersThatTouchAreJudgedTogether() {
        assertThat(needs(Decoration.NONE, DeclaredTest::read, SOUR).keepCold()).isFalse();
        assertThat(needs(Decoration.NONE, DeclaredTest::read, MILD).keepCold()).isFalse();
        final Materials both = needs(Decoration.NONE, DeclaredTest::read, SOUR, MILD);
        assertThat(both.keepCold()).isTrue();
        assertThat(both.verdict().orElseThrow().template())
                .contains("Sour, where it touches Mild")
                .contains("not for the shelf");
    }
}
