package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Source;
import palintone.core.filling.quality.Conditions;
import palintone.core.mould.Bar;
import palintone.core.mould.Cavity;
import palintone.core.mould.Dome;
import palintone.core.mould.Frustum;
import palintone.core.mould.HalfEgg;
import palintone.core.mould.Mould;
import palintone.core.mould.MouldBody;
import palintone.core.mould.MouldState;
import palintone.core.process.TaskKind;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;
import palintone.core.taste.HouseTaste;

/** Layers by grams, millimetres, share and rest, in one hollow. */
class MouldedFillTest {

    private static final Ingredient HAZELNUT =
            new Ingredient(
                    "hazelnut",
                    "Hazelnut",
                    Composition.per100(
                            Map.of(
                                    Component.WATER,
                                    4.0,
                                    Component.LIQUID_OIL,
                                    62.0,
                                    Component.PROTEIN,
                                    15.0,
                                    Component.FIBRE,
                                    12.0,
                                    Component.SUCROSE,
                                    7.0)),
                    1,
                    Set.of(Allergen.NUTS),
                    Source.workshop("for this test"),
                    Traits.NONE);

    private static MouldedPiece piece(final Cavity cavity, final FillingLayer... layers) {
        return new MouldedPiece(
                "p",
                "P",
                new Mould("m", "M", cavity, 24, 2),
                Samples.dark(),
                1.5,
                1.8,
                List.of(layers),
                Optional.empty());
    }

    private static FillingLayer layer(final LayerAmount amount, final Inclusion... inserts) {
        return new FillingLayer(Samples.ganache(), amount, List.of(inserts));
    }

    private static Inclusion nut(final double grams) {
        return new Inclusion(HAZELNUT, grams, Inclusion.Placing.SET_IN);
    }

    /** In a bar with upright walls a height is a volume: length · width · height. */
    @Test
    void aHeightInAnUprightBarIsABox() {
        final MouldedPiece bar =
                piece(
                        new Bar(43, 23, 15, 0),
                        layer(new LayerAmount.Height(4)),
                        layer(new LayerAmount.Rest()));
        final MouldedFill fill = bar.fill();
        assertThat(fill.layers().get(0).fillingMl()).isCloseTo(40 * 20 * 4 / 1000.0, within(1e-6));
        assertThat(fill.layers().get(0).topMm()).isCloseTo(13.5 - 4, within(1e-6));
        assertThat(fill.capMm()).isCloseTo(1.8, within(1e-6));
        assertThat(fill.layers().get(1).fillingMl())
                .isCloseTo(40 * 20 * (13.5 - 4 - 1.8) / 1000, within(1e-6));
        // The rest below, the height hanging under the cap.
        final MouldedFill turned =
                piece(
                                new Bar(43, 23, 15, 0),
                                layer(new LayerAmount.Rest()),
                                layer(new LayerAmount.Height(4)))
                        .fill();
        assertThat(turned.layers().get(1).topMm()).isCloseTo(1.8, within(1e-6));
        assertThat(turned.layers().get(1).floorMm()).isCloseTo(5.8, within(1e-4));
    }

    /** Grams are kept as they were asked for, and what they leave open thickens the cap. */
    @Test
    void gramsAreGrams() {
        final MouldedPiece dome =
                piece(
                        new Dome(28, 22),
                        layer(new LayerAmount.Grams(2.5), nut(1.2)),
                        layer(new LayerAmount.Grams(1)));
        assertThat(dome.masses().layers().get(0).value()).isCloseTo(2.5, within(1e-9));
        assertThat(dome.masses().layers().get(1).value()).isCloseTo(1, within(1e-9));
        assertThat(dome.masses().inserts()).hasSize(1);
        assertThat(dome.capMm()).isGreaterThan(4);
        assertThat(dome.remarks().get(0).template()).contains("thicker than the {wanted}");
        assertThat(dome.section().flecks()).hasSize(1);
    }

    @Test
    void whatDoesNotFitSaysByHowMuch() {
        // Hollow 40 × 20 × 13.5: 12.5 mm of filling and 1.8 of cap are 0.8 too many.
        assertThatThrownBy(
                        () ->
                                piece(
                                        new Bar(43, 23, 15, 0),
                                        layer(new LayerAmount.Height(8)),
                                        layer(new LayerAmount.Height(4.5))))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("layers and cap is 0.8 mm deeper than the cavity");
        assertThatThrownBy(() -> piece(new Bar(43, 23, 15, 0), layer(new LayerAmount.Height(20))))
                .hasMessageContaining("8.3 mm deeper");
        assertThatThrownBy(
                        () ->
                                piece(
                                        new Dome(28, 22),
                                        layer(new LayerAmount.Share(0.7)),
                                        layer(new LayerAmount.Share(0.5)),
                                        layer(new LayerAmount.Grams(0.1))))
                .hasMessageContaining("a sum up to 1");
        assertThatThrownBy(
                        () ->
                                piece(
                                        new Dome(28, 22),
                                        layer(new LayerAmount.Rest()),
                                        layer(new LayerAmount.Rest())))
                .hasMessageContaining("layers that fill the rest is 2");
        assertThatThrownBy(() -> piece(new Dome(28, 22), layer(new LayerAmount.Height(2), nut(3))))
                .hasMessageContaining("what is set into");
        assertThatThrownBy(
                        () ->
                                piece(
                                        new Dome(28, 22),
                                        layer(
                                                new LayerAmount.Rest(),
                                                new Inclusion(
                                                        HAZELNUT,
                                                        1,
                                                        Inclusion.Placing.ON_THE_BACK))))
                .hasMessageContaining("allowed: SET_IN");
    }

    /** Shell, layers, inserts and cap are the brim-full cavity, whatever the shape and amounts. */
    @Property(tries = 150)
    void everythingAddsUpToTheCavity(
            @ForAll @DoubleRange(min = 0.3, max = 2) final double grams,
            @ForAll @DoubleRange(min = 0.5, max = 3) final double height,
            @ForAll @DoubleRange(min = 0.05, max = 0.3) final double share,
            @ForAll @DoubleRange(min = 0.05, max = 0.4) final double nut) {
        for (final Cavity cavity :
                List.of(
                        new Dome(32, 24),
                        new Bar(44, 26, 17, 8),
                        new Frustum(38, 30, 18),
                        new HalfEgg(24, 30, 40))) {
            for (final List<FillingLayer> layers :
                    List.of(
                            List.of(
                                    layer(new LayerAmount.Grams(grams), nut(nut)),
                                    layer(new LayerAmount.Height(height)),
                                    layer(new LayerAmount.Share(share))),
                            List.of(
                                    layer(new LayerAmount.Height(height)),
                                    layer(new LayerAmount.Rest(), nut(nut)),
                                    layer(new LayerAmount.Share(share)),
                                    layer(new LayerAmount.Height(1))))) {
                final MouldedPiece piece = piece(cavity, layers.toArray(new FillingLayer[0]));
                final MouldedFill fill = piece.fill();
                final double inside =
                        fill.layers().stream().mapToDouble(l -> l.fillingMl()).sum()
                                + layers.stream().mapToDouble(l -> l.insertsMl()).sum();
                assertThat(piece.shellMl() + inside + fill.capMl())
                        .isCloseTo(cavity.volumeMl(), within(1e-6));
                // Where the cap ends is where its volume says.
                assertThat(fill.hollow().volumeToMl(fill.capMm()))
                        .isCloseTo(fill.capMl(), within(1e-4));
                assertThat(fill.capMm()).isGreaterThanOrEqualTo(1.8 - 1e-9);
            }
        }
    }

    /** A nut is fetched, declared, set in before its filling, and weighed with the piece. */
    @Test
    void aNutGoesThroughTheWholeHouse() {
        final MouldedPiece dome = piece(new Dome(30, 24), layer(new LayerAmount.Rest(), nut(0.9)));
        final Materials needs =
                dome.materials(BatchSize.ofMoulds(2, 24), new BatchHabits(4, 0.2, 0.1));
        assertThat(needs.allergens()).contains(Allergen.NUTS);
        assertThat(needs.toFetch())
                .anySatisfy(
                        portion -> {
                            assertThat(portion.ingredient()).isEqualTo(HAZELNUT);
                            assertThat(portion.massG()).isCloseTo(0.9 * 48, within(1e-9));
                        });
        final List<TaskKind> kinds =
                dome.process(needs, Samples.workplace(needs)).tasks().stream()
                        .map(task -> task.kind())
                        .toList();
        assertThat(kinds.indexOf(TaskKind.SET_IN))
                .isPositive()
                .isEqualTo(kinds.lastIndexOf(TaskKind.FILL) - 1);
    }

    /** A mould that held nuts, a piece without: said where the moulds are made ready. */
    @Test
    void anUnwashedMouldIsSaidWhereItIsPolished() {
        final Mould used =
                new Mould(
                        "m",
                        "M",
                        new Dome(30, 24),
                        24,
                        4,
                        2,
                        MouldBody.USUAL,
                        new MouldState(true, Set.of(Allergen.NUTS)),
                        0);
        final MouldedPiece plain =
                new MouldedPiece(
                        "p",
                        "P",
                        used,
                        Samples.dark(),
                        1.5,
                        1.8,
                        List.of(new FillingLayer(Samples.ganache(), 1)),
                        Optional.empty());
        final Materials needs =
                plain.materials(BatchSize.ofMoulds(2, 24), new BatchHabits(4, 0.2, 0.1));
        assertThat(
                        plain.process(needs, Samples.workplace(needs)).tasks().stream()
                                .filter(task -> task.kind() == TaskKind.MOULD)
                                .findFirst()
                                .orElseThrow()
                                .caution()
                                .orElseThrow())
                .contains("last held nuts")
                .contains("wash them");
        final PieceFigures figures =
                PieceFigures.of(
                        plain, f -> Conditions.USUAL, 20, OptionalDouble.of(9), HouseTaste.NONE);
        assertThat(figures.remarks())
                .extracting(sentence -> sentence.template())
                .anyMatch(words -> words.contains("scratched"))
                .anyMatch(words -> words.contains("last held nuts"));
        assertThat(figures.figures().get(0).name()).isEqualTo("weight against the label");
        assertThat(figures.unpriced()).isNotEmpty();
        // With nuts declared nothing is brought that the label does not say.
        final MouldedPiece nutty =
                new MouldedPiece(
                        "p",
                        "P",
                        used,
                        Samples.dark(),
                        1.5,
                        1.8,
                        List.of(layer(new LayerAmount.Rest(), nut(0.5))),
                        Optional.empty());
        assertThat(
                        PieceFigures.of(
                                        nutty,
                                        f -> Conditions.USUAL,
                                        20,
                                        OptionalDouble.empty(),
                                        HouseTaste.NONE)
                                .remarks())
                .noneMatch(sentence -> sentence.template().contains("last held"));
    }
}
