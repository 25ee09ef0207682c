package palintone.core.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.texture.Texture;
import palintone.core.substance.Component;

/** Shards, nuts and crumbs that are folded in and stay what they are. */
class FoldedPiecesTest {

    private static final Operation CREAM = op(OperationKind.BOIL, grams(Samples.CREAM, 100));
    private static final Operation DARK = op(OperationKind.POUR, grams(Samples.DARK_66, 100));

    private static Cooked folded(final double sugarG, final Operation... after) {
        final List<Operation> all = new java.util.ArrayList<>(List.of(CREAM, DARK));
        all.add(op(OperationKind.FOLD, grams(Kitchen.SUGAR, sugarG)));
        all.addAll(List.of(after));
        return Cooking.cook(all);
    }

    private static double value(final Cooked cooked, final Quality quality) {
        return FillingProperties.of(cooked, Conditions.USUAL).value(quality);
    }

    /** Whatever is folded in, the syrup around it is what it was; the whole weighs both. */
    @Property(tries = 60)
    void theSyrupDoesNotKnowOfThem(@ForAll @DoubleRange(min = 1, max = 150) final double sugarG) {
        final Cooked plain = Cooking.cook(List.of(CREAM, DARK));
        final Cooked with = folded(sugarG);
        assertThat(with.yieldG()).isCloseTo(plain.yieldG() + sugarG, within(1e-9));
        assertThat(with.folded().grams()).isCloseTo(sugarG, within(1e-9));
        for (final Quality same :
                List.of(
                        Quality.WATER_ACTIVITY,
                        Quality.OIL_SHARE,
                        Quality.DISSOLVED_SUGAR,
                        Quality.SOLID_FAT_SERVING)) {
            assertThat(value(with, same))
                    .as(same.name())
                    .isCloseTo(value(plain, same), within(1e-9));
        }
        // All of it is eaten: by hand, sucrose of both over the mass of both.
        assertThat(with.composition().fraction(Component.SUCROSE))
                .isCloseTo(
                        (plain.composition().fraction(Component.SUCROSE) * plain.yieldG() + sugarG)
                                / (plain.yieldG() + sugarG),
                        within(1e-9));
    }

    /** By hand, Krieger & Dougherty: (1 − φ/0.62)^(−2.5 · 0.62). */
    @Test
    void piecesThickenAsCoarseGrainsDo() {
        final Cooked plain = Cooking.cook(List.of(CREAM, DARK));
        final Cooked with = folded(40);
        final double share = with.folded().volumeShare();
        assertThat(share).isBetween(0.08, 0.2);
        assertThat(Texture.of(with).pascal(20) / Texture.of(plain).pascal(20))
                .isCloseTo(Math.pow(1 - share / 0.62, -2.5 * 0.62), within(1e-6));
    }

    /** Stirred in instead it dissolves, and the filling is another. */
    @Test
    void stirredInTheyWouldHaveDissolved() {
        final Cooked stirred =
                Cooking.cook(List.of(CREAM, DARK, op(OperationKind.ADD, grams(Kitchen.SUGAR, 40))));
        assertThat(value(stirred, Quality.WATER_ACTIVITY))
                .isLessThan(value(folded(40), Quality.WATER_ACTIVITY) - 0.01);
        // A blade or the boil makes them part of it after all.
        final Cooked ground = folded(40, op(OperationKind.BLEND));
        assertThat(ground.folded().grams()).isZero();
        assertThat(value(ground, Quality.WATER_ACTIVITY))
                .isCloseTo(value(stirred, Quality.WATER_ACTIVITY), within(1e-9));
    }

    /** Fresh fruit is wetter than the filling: it must not be left out of what grows in it. */
    @Test
    void moistPiecesAreCountedWithTheSyrup() {
        final Cooked fruit =
                Cooking.cook(
                        List.of(CREAM, DARK, op(OperationKind.FOLD, grams(Kitchen.PUREE, 60))));
        final Cooked stirred =
                Cooking.cook(List.of(CREAM, DARK, op(OperationKind.ADD, grams(Kitchen.PUREE, 60))));
        assertThat(fruit.folded().grams()).isZero();
        assertThat(value(fruit, Quality.WATER_ACTIVITY))
                .isCloseTo(value(stirred, Quality.WATER_ACTIVITY), within(1e-9));
        assertThat(fruit.unheated()).isEqualTo(stirred.unheated());
    }

    @Test
    void sugarInAMoistFillingIsWarnedOf() {
        assertThat(FillingCautions.of(folded(40)))
                .anyMatch(s -> s.template().contains("melt away within days"));
        assertThat(FillingCautions.of(Cooking.cook(List.of(CREAM, DARK))))
                .noneMatch(s -> s.template().contains("melt away"));
    }
}
