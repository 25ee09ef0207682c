package palintone.core.filling.sugar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.water.Inversion;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;

/** Common practice, no source: what keeps a cooked sugar clear. */
class GrainingTest {

    /** Its juice: some six per cent of citric acid. */
    private static final Ingredient LEMON =
            Kitchen.of(
                    "lemon",
                    Map.of(
                            Component.WATER, 91.0,
                            Component.ORGANIC_ACID, 6.0,
                            Component.FRUCTOSE, 3.0));

    private static List<Operation> caramel(final double sugar, final double syrup) {
        return List.of(
                op(
                        OperationKind.ADD,
                        grams(Kitchen.SUGAR, sugar),
                        grams(Samples.GLUCOSE_SYRUP, Math.max(0.1, syrup)),
                        grams(Samples.CREAM, 200)),
                op(OperationKind.COOK_SUGAR, grams(Kitchen.BUTTER, 20))
                        .with(OperationSetting.TEMPERATURE_C, 118));
    }

    private static double risk(final double sugar, final double syrup) {
        return FillingFigures.of(new Filling("c", "Caramel", caramel(sugar, syrup)))
                .grainRisk()
                .get(0)
                .value();
    }

    @Test
    void aPlainSugarGrainsAndGlucoseSyrupKeepsItClear() {
        assertThat(risk(300, 0)).isGreaterThan(60);
        assertThat(risk(200, 180)).isLessThan(5);
        assertThat(risk(250, 70)).isBetween(30.0, 80.0);
        assertThat(risk(230, 120)).isBetween(5.0, 40.0);
    }

    /** Fondant: nine of ten parts sucrose, cooked to 115 °C, are meant to grain. */
    @Test
    void fondantGrains() {
        final Graining fondant =
                Graining.of(
                        Composition.per100(
                                Map.of(
                                        Component.SUCROSE, 80.0,
                                        Component.HIGHER_SACCHARIDES, 8.0,
                                        Component.WATER, 12.0)));
        assertThat(fondant.risk()).isGreaterThan(0.9);
        assertThat(fondant.supersaturation()).isGreaterThan(2);
    }

    /**
     * Raspberry boiled down with its weight of sugar comes apart by its own acid; sugar in cream
     * hardly does. A few drops of lemon in a plain syrup turn a good part of it (practice).
     */
    @Test
    void acidTakesSugarApart() {
        final double plain = apart(0);
        final double lemon = apart(6);
        assertThat(plain).isBetween(0.0, 0.06);
        assertThat(lemon).isBetween(0.1, 0.7);
        final Cooked cream = new Filling("c", "Caramel", caramel(300, 0)).cooked();
        assertThat(cream.history().invertedG()).isLessThan(0.05 * 300);
    }

    /** Share of 300 g of sugar in water cooked to 115 °C beside so much lemon juice. */
    private static double apart(final double lemonG) {
        final Cooked cooked =
                new Filling(
                                "s",
                                "Syrup",
                                List.of(
                                        op(
                                                        OperationKind.COOK_SUGAR,
                                                        grams(Kitchen.SUGAR, 300),
                                                        grams(Kitchen.WATER, 100),
                                                        grams(LEMON, Math.max(0.01, lemonG)))
                                                .with(OperationSetting.TEMPERATURE_C, 115)))
                        .cooked();
        return cooked.history().invertedG() / 300;
    }

    /** First order: two hours are two times one hour; ten degrees make it three times as fast. */
    @Test
    void comesApartByTheFirstOrder() {
        final double one = Inversion.share(3, 90, 600);
        assertThat(1 - Inversion.share(3, 90, 1200)).isCloseTo((1 - one) * (1 - one), within(1e-9));
        assertThat(Inversion.share(3, 100, 60) / Inversion.share(3, 90, 60)).isBetween(2.3, 3.2);
        assertThat(Inversion.share(2, 60, 60) / Inversion.share(3, 60, 60)).isBetween(9.5, 10.5);
    }

    /** Nobody boils sugar without glucose and can be certain that it grains. */
    @Test
    void nothingIsCertain() {
        assertThat(risk(300, 0)).isLessThan(96);
    }

    @Test
    void whatWasNotCookedHasNoSuchRisk() {
        assertThat(
                        FillingFigures.of(
                                        new Filling(
                                                "g",
                                                "Ganache",
                                                List.of(
                                                        op(
                                                                OperationKind.BOIL,
                                                                grams(Samples.CREAM, 200)),
                                                        op(
                                                                OperationKind.POUR,
                                                                grams(Samples.DARK_66, 200)))))
                                .grainRisk())
                .isEmpty();
    }

    @Property(tries = 100)
    void moreSyrupForSugarNeverGrainsMore(
            @ForAll @DoubleRange(min = 10, max = 240) final double syrup) {
        assertThat(risk(300 - syrup, syrup)).isLessThanOrEqualTo(risk(305 - syrup, syrup - 5));
    }
}
