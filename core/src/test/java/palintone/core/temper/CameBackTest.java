package palintone.core.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Source;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Portion;
import palintone.core.temper.flow.FluidityClass;

/** What comes back from the work, and what it may still become. */
class CameBackTest {

    private static final Source INVENTED = Source.workshop("invented for the tests");

    private static final Ingredient CREAM =
            new Ingredient(
                    "cream",
                    "cream",
                    Composition.per100(
                            Map.of(
                                    Component.WATER,
                                    59.0,
                                    Component.MILK_FAT,
                                    35.0,
                                    Component.LACTOSE,
                                    6.0)),
                    1,
                    Set.of(Allergen.MILK),
                    INVENTED);

    private static final Ingredient HAZELNUT_PASTE =
            new Ingredient(
                    "paste",
                    "hazelnut paste",
                    Composition.per100(Map.of(Component.LIQUID_OIL, 62.0, Component.PROTEIN, 38.0)),
                    1,
                    Set.of(Allergen.HAZELNUTS),
                    INVENTED);

    private static FitFor.Answer shells(final CameBack back) {
        return back.as(ChocolateJob.SHELLS, Optional.of(FluidityClass.MEDIUM)).answer();
    }

    @Test
    void cleanItIsWhatItWasHoweverOftenItWasMelted() {
        for (final int times : new int[] {1, 7, 40}) {
            final CameBack back = CameBack.of(Samples.DARK_66, 800, times, List.of());
            assertThat(back.firmness()).isCloseTo(1, within(1e-9));
            assertThat(back.waterPercent()).isZero();
            assertThat(back.brought()).isEmpty();
            assertThat(shells(back)).isEqualTo(FitFor.Answer.FIT);
        }
    }

    @Test
    void waterByTheBalanceThickensThenSeizes() {
        final CameBack drop = CameBack.of(Samples.DARK_66, 1000, 2, List.of(new Portion(CREAM, 6)));
        assertThat(drop.waterPercent())
                .isCloseTo(
                        6
                                * (0.59 - Samples.DARK_66.composition().fraction(Component.WATER))
                                / 1000
                                * 100,
                        within(1e-9));
        // Another couverture brings no water that it did not hold itself.
        final CameBack mixed =
                CameBack.of(Samples.MILK_41, 800, 2, List.of(new Portion(Samples.DARK_66, 400)));
        assertThat(mixed.waterPercent()).isLessThan(0.1);
        assertThat(shells(mixed)).isEqualTo(FitFor.Answer.FIT);
        assertThat(shells(drop)).isEqualTo(FitFor.Answer.NEAR);
        final CameBack paste =
                CameBack.of(Samples.DARK_66, 1000, 2, List.of(new Portion(CREAM, 40)));
        assertThat(shells(paste)).isEqualTo(FitFor.Answer.NOT);
        assertThat(paste.as(ChocolateJob.GANACHE, Optional.empty()).answer())
                .isNotEqualTo(FitFor.Answer.NOT);
        assertThat(paste.brought()).containsExactly(Allergen.MILK);
        assertThat(paste.says()).anyMatch(s -> s.template().contains("goes off"));
    }

    /** More of a soft oil is never firmer. */
    @Test
    void nutOilSoftensMonotonously() {
        double before = 1 + 1e-12;
        for (int grams = 0; grams <= 300; grams += 25) {
            final CameBack back =
                    CameBack.of(
                            Samples.DARK_66,
                            1000,
                            1,
                            grams == 0 ? List.of() : List.of(new Portion(HAZELNUT_PASTE, grams)));
            assertThat(back.firmness()).isLessThanOrEqualTo(before);
            before = back.firmness();
        }
        assertThat(
                        shells(
                                CameBack.of(
                                        Samples.DARK_66,
                                        1000,
                                        1,
                                        List.of(new Portion(HAZELNUT_PASTE, 200)))))
                .isEqualTo(FitFor.Answer.NOT);
    }

    @Test
    void massesThatCannotBeAreRefused() {
        assertThatThrownBy(
                        () ->
                                CameBack.of(
                                        Samples.DARK_66, 100, 1, List.of(new Portion(CREAM, 120))))
                .hasMessageContaining("what got into it is 120 g");
        assertThatThrownBy(() -> CameBack.of(Samples.DARK_66, 0, 1, List.of()))
                .hasMessageContaining("mass that came back is 0 g");
        assertThatThrownBy(() -> CameBack.of(Samples.DARK_66, 100, 0, List.of()))
                .hasMessageContaining("times it was melted is 0");
    }

    /** A trace of ganache flows like new, and spoils all the same. */
    @Test
    void aTraceOfFillingIsSaidToGoOff() {
        final CameBack trace =
                CameBack.of(Samples.DARK_66, 1000, 1, List.of(new Portion(CREAM, 1)));
        assertThat(shells(trace)).isEqualTo(FitFor.Answer.FIT);
        assertThat(trace.says()).anyMatch(s -> s.template().contains("goes off"));
    }

    /** A tenth of a lauric coating blooms, by the same rule as bags melted together. */
    @Test
    void aCoatingInItIsJudgedAsInAMixture() {
        final Ingredient coating =
                new Ingredient(
                        "coating",
                        "coating",
                        Composition.per100(
                                Map.of(Component.LAURIC_FAT, 34.0, Component.SUCROSE, 66.0)),
                        1.2,
                        Set.of(),
                        INVENTED);
        final CameBack back =
                CameBack.of(Samples.DARK_66, 1000, 1, List.of(new Portion(coating, 100)));
        assertThat(shells(back)).isEqualTo(FitFor.Answer.NOT);
        assertThat(back.as(ChocolateJob.SHELLS, Optional.empty()).why().template())
                .contains("do not set together");
    }
}
