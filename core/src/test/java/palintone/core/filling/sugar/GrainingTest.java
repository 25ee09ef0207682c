package palintone.core.filling.sugar;

import static org.assertj.core.api.Assertions.assertThat;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/** Common practice, no source: what keeps a cooked sugar clear. */
class GrainingTest {

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
                                java.util.Map.of(
                                        Component.SUCROSE, 80.0,
                                        Component.HIGHER_SACCHARIDES, 8.0,
                                        Component.WATER, 12.0)));
        assertThat(fondant.risk()).isGreaterThan(0.9);
        assertThat(fondant.supersaturation()).isGreaterThan(2);
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
