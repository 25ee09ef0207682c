package palintone.core.substance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import palintone.core.Samples;

class MassIsKeptTest {

    @Provide
    Arbitrary<List<Portion>> portions() {
        final Arbitrary<Ingredient> ingredients =
                Arbitraries.of(
                        Samples.DARK_66,
                        Samples.MILK_41,
                        Samples.IVORY_33,
                        Samples.CREAM,
                        Samples.GLUCOSE_SYRUP);
        final Arbitrary<Double> grams = Arbitraries.doubles().between(0.01, 50_000);
        return Combinators.combine(ingredients, grams)
                .as(Portion::new)
                .list()
                .ofMinSize(1)
                .ofMaxSize(20);
    }

    @Property
    void everyComponentOfAMixtureIsTheSumOverItsPortions(
            @ForAll("portions") final List<Portion> portions) {
        final Mixture mixture = Mixture.of(portions);
        double all = 0;
        for (final Component component : Component.values()) {
            final double brought =
                    portions.stream()
                            .mapToDouble(
                                    p ->
                                            p.massG()
                                                    * p.ingredient()
                                                            .composition()
                                                            .fraction(component))
                            .sum();
            assertThat(mixture.massG(component)).isCloseTo(brought, within(1e-9 * mixture.massG()));
            all += mixture.massG(component);
        }
        assertThat(all).isCloseTo(mixture.massG(), within(1e-9 * mixture.massG()));
    }

    @Property
    void scalingKeepsTheCompositionAndReachesTheMass(
            @ForAll("portions") final List<Portion> portions,
            @ForAll @DoubleRange(min = 0.1, max = 20_000) final double grams) {
        final Mixture mixture = Mixture.of(portions);
        final Mixture scaled = mixture.scaledTo(grams);
        assertThat(scaled.massG()).isCloseTo(grams, within(1e-9 * grams));
        for (final Component component : Component.values()) {
            assertThat(scaled.composition().fraction(component))
                    .isCloseTo(mixture.composition().fraction(component), within(1e-12));
        }
    }

    @Property
    void kitchenMeasuresGoThereAndBack(
            @ForAll final KitchenUnit unit,
            @ForAll @DoubleRange(min = 0.01, max = 900) final double amount,
            @ForAll @DoubleRange(min = 0.1, max = 2) final double density) {
        final Ingredient of = Samples.ofDensity(density);
        final double grams = unit.toGrams(amount, of);
        assertThat(unit.fromGrams(grams, of)).isCloseTo(amount, within(1e-9 * amount));
    }
}
