package palintone.core.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Source;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;
import palintone.core.temper.CouvertureMixture.MixturePart;

class CouvertureMixtureTest {

    private static final Ingredient COATING =
            new Ingredient(
                    "coating",
                    "Coating",
                    Composition.per100(
                            Map.of(
                                    Component.LAURIC_FAT, 35.0,
                                    Component.SUCROSE, 50.0,
                                    Component.COCOA_SOLIDS, 15.0)),
                    1.2,
                    Set.of(),
                    Source.workshop("invented"),
                    new Traits(
                            OptionalDouble.empty(),
                            OptionalDouble.empty(),
                            OptionalDouble.of(6),
                            Set.of(),
                            false));

    private static CouvertureMixture of(
            final Ingredient a, final double percent, final Ingredient b) {
        return new CouvertureMixture(
                List.of(new MixturePart(a, percent), new MixturePart(b, 100 - percent)));
    }

    /** Nothing is made and nothing lost, and the volumes of the parts are the volume of both. */
    @Property(tries = 200)
    void massAndVolumeAddUp(@ForAll @DoubleRange(min = 1, max = 99) final double percent) {
        final CouvertureMixture mixture = of(Samples.DARK_66, percent, Samples.MILK_41);
        assertThat(mixture.gramsPer100().values().stream().mapToDouble(Double::doubleValue).sum())
                .isCloseTo(100, within(1e-9));
        final double milkFat = 6.0 * (100 - percent) / 100;
        assertThat(mixture.gramsPer100().get(Component.MILK_FAT)).isCloseTo(milkFat, within(1e-9));
        assertThat(100 / mixture.densityGPerMl())
                .isCloseTo(percent / 1.24 + (100 - percent) / 1.22, within(1e-9));
        assertThat(mixture.allergens()).containsExactlyInAnyOrder(Allergen.MILK, Allergen.SOYA);
        assertThat(mixture.cautions()).isEmpty();
    }

    @Test
    void milkFatMovesTheWindowAndWithoutCocoaItIsWhite() {
        assertThat(of(Samples.DARK_66, 50, Samples.MILK_41).kind()).isEqualTo(CouvertureKind.MILK);
        assertThat(of(Samples.DARK_66, 90, Samples.MILK_41).kind()).isEqualTo(CouvertureKind.DARK);
        assertThat(of(Samples.IVORY_33, 95, Samples.MILK_41).kind())
                .isEqualTo(CouvertureKind.WHITE);
        assertThat(of(Samples.IVORY_33, 50, Samples.DARK_66).kind()).isEqualTo(CouvertureKind.MILK);
    }

    @Test
    void fatsThatDoNotBearEachOtherAreSaidAndPricesNeedAllParts() {
        final CouvertureMixture half = of(Samples.DARK_66, 50, COATING);
        assertThat(half.cautions()).hasSize(1);
        // 20 g of cocoa butter beside 17.5 g of lauric fat.
        assertThat(half.cautions().get(0).values().get("lesser").value())
                .isCloseTo(17.5 / 37.5 * 100, within(1e-9));
        assertThat(of(Samples.DARK_66, 2, COATING).cautions()).isEmpty();
        assertThat(half.pricePerKg()).isEmpty();
        assertThat(of(COATING, 50, priced()).pricePerKg()).hasValue(8);
    }

    private static Ingredient priced() {
        return new Ingredient(
                "priced",
                "Priced",
                Samples.DARK_66.composition(),
                1.2,
                Set.of(),
                Source.workshop("invented"),
                new Traits(
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.of(10),
                        Set.of(),
                        false));
    }

    @Test
    void partsMustBeWholeAndEachOnce() {
        assertThatThrownBy(
                        () ->
                                new CouvertureMixture(
                                        List.of(
                                                new MixturePart(Samples.DARK_66, 50),
                                                new MixturePart(Samples.MILK_41, 40))))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("90.0 % together");
        assertThatThrownBy(() -> of(Samples.DARK_66, 50, Samples.DARK_66))
                .hasMessageContaining("twice");
        assertThatThrownBy(
                        () -> new CouvertureMixture(List.of(new MixturePart(Samples.DARK_66, 100))))
                .hasMessageContaining("2 to 6");
        assertThatThrownBy(() -> new MixturePart(Samples.DARK_66, 0))
                .hasMessageContaining("share of dark-66");
    }
}
