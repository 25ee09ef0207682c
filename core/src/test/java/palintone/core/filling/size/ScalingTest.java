package palintone.core.filling.size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Figure;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;

class ScalingTest {

    private static final List<Operation> GANACHE =
            List.of(
                    op(OperationKind.BOIL, grams(Samples.CREAM, 200), grams(Kitchen.INVERT, 30)),
                    op(OperationKind.POUR, grams(Samples.DARK_66, 250)),
                    op(OperationKind.BLEND));
    private static final List<Operation> CARAMEL =
            List.of(
                    op(
                            OperationKind.ADD,
                            grams(Kitchen.SUGAR, 200),
                            grams(Samples.GLUCOSE_SYRUP, 150),
                            grams(Samples.CREAM, 250)),
                    op(OperationKind.COOK_SUGAR, grams(Kitchen.BUTTER, 20))
                            .with(OperationSetting.TEMPERATURE_C, 118));

    private static String says(final Scaling scaling) {
        return scaling.says().stream().map(s -> s.template()).toList().toString();
    }

    @Property(tries = 100)
    void piecesTimesTheirFillingAndTheSurplusIsWhatComesOut(
            @ForAll @DoubleRange(min = 0.5, max = 30) final double each,
            @ForAll @IntRange(min = 1, max = 2000) final int pieces,
            @ForAll @DoubleRange(min = 0, max = 0.5) final double surplus) {
        final Scaling scaling = Scaling.toPieces(GANACHE, each, pieces, surplus, vessel(0));
        final double wanted = each * pieces * (1 + surplus);
        assertThat(scaling.yieldG()).isCloseTo(wanted, within(1e-9 * wanted));
        assertThat(says(scaling)).contains("House rules");
    }

    @Property(tries = 100)
    void thereAndBackIsTheSameRecipe(
            @ForAll @DoubleRange(min = 0.05, max = 50) final double factor) {
        final Scaling there = Scaling.by(GANACHE, factor, vessel(0));
        final Scaling back = Scaling.by(there.operations(), 1 / factor, vessel(0));
        for (int i = 0; i < GANACHE.size(); i++) {
            for (int k = 0; k < GANACHE.get(i).lines().size(); k++) {
                final double before = GANACHE.get(i).lines().get(k).massG();
                assertThat(back.operations().get(i).lines().get(k).massG())
                        .isCloseTo(before, within(1e-9 * before));
            }
        }
    }

    /** Common practice, no source: hot sugar fills a third of a pan, a blender six tenths. */
    @Test
    void roundsFollowFromHowFullAVesselMayBe() {
        final Scaling blender = Scaling.toYield(GANACHE, 1200, vessel(1000));
        assertThat(blender.rounds()).isEqualTo(2);
        assertThat(says(blender)).contains("Too much for the blender");
        final Scaling pan = Scaling.toYield(CARAMEL, 1200, vessel(3000));
        final Scaling wide = Scaling.toYield(CARAMEL, 1200, vessel(9000));
        assertThat(pan.rounds()).isGreaterThan(1);
        assertThat(wide.rounds()).isEqualTo(1);
        assertThat(says(wide)).doesNotContain("Too much");
    }

    @Test
    void aBlenderThatIsNearlyEmptyIsNamedAsSuch() {
        final Scaling little = Scaling.toYield(GANACHE, 60, vessel(2000));
        assertThat(little.rounds()).isEqualTo(1);
        assertThat(says(little)).contains("Too little for this blender");
        assertThat(says(Scaling.toYield(GANACHE, 60, vessel(0)))).isEqualTo("[]");
    }

    @Test
    void sizesThatMakeNoSenseAreRefused() {
        assertThatThrownBy(() -> Scaling.by(GANACHE, 0, vessel(0))).hasMessageContaining("factor");
        assertThatThrownBy(() -> Scaling.by(GANACHE, 5000, vessel(0)))
                .hasMessageContaining("factor");
        assertThatThrownBy(() -> Scaling.toYield(GANACHE, -5, vessel(0)))
                .hasMessageContaining("wanted");
        assertThatThrownBy(() -> Scaling.toPieces(GANACHE, 4, 0, 0.1, vessel(0)))
                .hasMessageContaining("pieces");
        assertThatThrownBy(() -> Scaling.toPieces(GANACHE, 0, 10, 0.1, vessel(0)))
                .hasMessageContaining("filling in one piece");
        assertThatThrownBy(() -> Scaling.toPieces(GANACHE, 4, 10, 3, vessel(0)))
                .hasMessageContaining("filling surplus");
    }

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

    private static Leftover jar(final Operation... operations) {
        return Leftover.of(
                "Left", 120, TODAY, FillingFigures.of(new Filling("f", "F", List.of(operations))));
    }

    private static String ideas(final Leftover jar) {
        return jar.ideas().stream().map(s -> s.template()).toList().toString();
    }

    @Test
    void whatSpoilsIsKeptColdForThreeDaysAndNoLonger() {
        final Leftover fresh = jar(op(OperationKind.BOIL, grams(Samples.CREAM, 300)));
        assertThat(fresh.keepCold()).isTrue();
        assertThat(fresh.useBy()).isEqualTo(TODAY.plusDays(3));
    }

    /** A yolk ganache at about .90 and pH 5.3, well heated: its jar follows its sheet. */
    @Test
    void aJarFollowsTheVerdictOfItsFilling() {
        final Leftover yolk =
                jar(
                        op(OperationKind.BOIL, grams(Samples.CREAM, 200)),
                        op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 40)),
                        op(
                                OperationKind.POUR,
                                grams(Samples.DARK_66, 230),
                                grams(Kitchen.INVERT, 40)));
        assertThat(yolk.keepCold()).isTrue();
        assertThat(yolk.useBy()).isBefore(TODAY.plusDays(8));
    }

    @Test
    void whatKeepsLivesHalfItsCarefulLifeOnceOpened() {
        final FillingFigures caramel = FillingFigures.of(new Filling("c", "C", CARAMEL));
        final Leftover jar = Leftover.of("Caramel", 200, TODAY, caramel);
        assertThat(jar.keepCold()).isFalse();
        final Figure life = caramel.life().days();
        assertThat(jar.useBy())
                .isEqualTo(TODAY.plusDays((long) (life.spread().orElseThrow().low() / 2)));
    }

    @Test
    void ideasFitWhatIsInTheJar() {
        final String firm =
                ideas(
                        jar(
                                op(OperationKind.BOIL, grams(Samples.CREAM, 100)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 220))));
        assertThat(firm).contains("Roll into about").doesNotContain("Stir {grams} into hot milk");
        final String soft =
                ideas(
                        jar(
                                op(OperationKind.BOIL, grams(Samples.CREAM, 200)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, 150))));
        assertThat(soft).contains("into hot milk").doesNotContain("Roll into about");
        final String nut = ideas(jar(op(OperationKind.ADD, grams(Kitchen.NUT_PASTE, 100))));
        assertThat(nut).contains("same allergens");
    }

    private static Scaling in(
            final List<Operation> recipe,
            final double factor,
            final RecipeVessel vessel,
            final double ml) {
        return Scaling.by(
                recipe, factor, new Scaling.Kitchen(Map.of(vessel, ml), Cooking.SEA_LEVEL_HPA));
    }

    private static String said(final Scaling scaling) {
        return scaling.says().stream().map(s -> s.template()).toList().toString();
    }

    /** Each vessel is held to what is done in it, and to nothing else. */
    @Test
    void panBlenderAndBowlHaveTheirLeastAndGreatestFill() {
        final List<Operation> recipe =
                List.of(
                        op(OperationKind.BOIL, grams(Samples.CREAM, 500)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 600)),
                        op(OperationKind.BLEND));
        // 500 g of cream and 1100 g of ganache, near enough to as many millilitres.
        assertThat(said(in(recipe, 1, RecipeVessel.PAN, 600))).contains("Too much for the pan");
        assertThat(said(in(recipe, 1, RecipeVessel.PAN, 1500))).isEqualTo("[]");
        assertThat(said(in(recipe, 1, RecipeVessel.PAN, 20_000)))
                .contains("Too little for this pan");
        assertThat(in(recipe, 1, RecipeVessel.BLENDER, 1000).rounds()).isEqualTo(2);
        assertThat(said(in(recipe, 1, RecipeVessel.BLENDER, 8000)))
                .contains("Too little for this blender");
        assertThat(said(in(recipe, 1, RecipeVessel.BOWL, 1000))).contains("Too much for the bowl");
        assertThat(said(in(recipe, 1, RecipeVessel.BOWL, 20_000))).contains("may split");
    }

    /** What is said to be the least is the least: made so big, nothing is said any more. */
    @Test
    void theLeastThatIsSaidIsEnough() {
        final List<Operation> recipe =
                List.of(op(OperationKind.BLEND, grams(Kitchen.NUT_PASTE, 100)));
        final Scaling little = in(recipe, 1, RecipeVessel.BLENDER, 2000);
        final double least = little.says().get(0).values().get("yield").value();
        final double factor = least / little.yieldG();
        assertThat(said(in(recipe, factor * 1.001, RecipeVessel.BLENDER, 2000))).isEqualTo("[]");
        assertThat(said(in(recipe, factor * 0.98, RecipeVessel.BLENDER, 2000)))
                .contains("Too little");
    }

    @Test
    void aVesselOfNothingIsRefusedByName() {
        assertThatThrownBy(() -> in(GANACHE, 1, RecipeVessel.BOWL, 0))
                .hasMessageContaining("bowl holds")
                .hasMessageContaining("20");
    }

    /** At sea level, in a pan and a blender of so many millilitres; any where that is 0. */
    private static Scaling.Kitchen vessel(final double ml) {
        return new Scaling.Kitchen(
                ml > 0 ? Map.of(RecipeVessel.PAN, ml, RecipeVessel.BLENDER, ml) : Map.of(),
                Cooking.SEA_LEVEL_HPA);
    }
}
