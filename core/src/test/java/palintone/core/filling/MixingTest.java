package palintone.core.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;

/** How a ganache is put together counts, not only what is in it (common practice, no source). */
class MixingTest {

    private static final Operation HOT = op(OperationKind.BOIL, grams(Samples.CREAM, 250));
    private static final Operation DARK = op(OperationKind.POUR, grams(Samples.DARK_66, 250));

    private static Cooked made(final Operation... how) {
        final List<Operation> all = new ArrayList<>(List.of(HOT, DARK));
        all.addAll(List.of(how));
        return Cooking.cook(all);
    }

    private static Operation whisked(final double widthMm) {
        return op(OperationKind.EMULSIFY).with(OperationSetting.WIDTH_MM, widthMm);
    }

    private static double risk(final Cooked cooked) {
        return FillingRisks.ofSplitting(FillingProperties.of(cooked, Conditions.USUAL)).value();
    }

    @Test
    void aVesselAsWideAsAPanAndNoMixingAreWorseThanAJug() {
        final double jug = risk(made(whisked(120)));
        assertThat(jug).isLessThan(5);
        assertThat(risk(made(whisked(400)))).isGreaterThan(jug + 4);
        assertThat(risk(made())).as("poured and left").isGreaterThan(25);
        assertThat(risk(made(op(OperationKind.BLEND)))).isLessThan(5);
    }

    @Test
    void mixedAgainWhenItsFatHasSetItSplits() {
        double before = risk(made(whisked(120)));
        for (final double celsius : new double[] {34, 28, 24, 18}) {
            final double now =
                    risk(
                            made(
                                    op(OperationKind.COOL)
                                            .with(OperationSetting.TEMPERATURE_C, celsius),
                                    whisked(120)));
            assertThat(now).as("mixed at " + celsius).isGreaterThanOrEqualTo(before);
            before = now;
        }
        assertThat(before).isGreaterThan(30);
    }

    /** 120 g of cream at 35 °C on 200 g of chocolate: hardly any of it melts. */
    @Test
    void chocolateThatIsNotMeltedThroughIsSaid() {
        final Operation warm =
                op(OperationKind.HEAT, grams(Samples.CREAM, 120))
                        .with(OperationSetting.TEMPERATURE_C, 35);
        final Operation chocolate = op(OperationKind.POUR, grams(Samples.DARK_66, 200));
        final Cooked lumps = Cooking.cook(List.of(warm, chocolate));
        final Cooked.Unmelted left = lumps.unmelted().orElseThrow();
        assertThat(left.celsius()).isBetween(20.0, 32.0);
        assertThat(left.solid()).isGreaterThan(0.2);
        assertThat(FillingCautions.of(lumps))
                .anyMatch(s -> s.template().contains("does not melt the chocolate through"));
        final Operation warmed = op(OperationKind.HEAT).with(OperationSetting.TEMPERATURE_C, 40);
        assertThat(Cooking.cook(List.of(warm, chocolate, warmed)).unmelted()).isEmpty();
        assertThat(made().unmelted()).isEmpty();
    }
}
