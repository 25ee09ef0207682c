package palintone.core.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.figure.Figure;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.Grover1947;
import palintone.core.filling.water.MoneyBorn1951;
import palintone.core.filling.water.Norrish1966;
import palintone.core.filling.water.Ross1975;
import palintone.core.filling.water.RossProduct;
import palintone.core.filling.water.Solute;
import palintone.core.filling.water.WaterActivityModel;
import palintone.core.substance.KitchenUnit;

class WaterActivityTest {

    private final Norrish1966 norrish = new Norrish1966();

    /** Scott 1957, sucrose at 25 °C; the table is from memory. The last row is supersaturated. */
    @ParameterizedTest(name = "{0} mol sucrose per kg of water: {1}")
    @CsvSource({
        "0.272, 0.995, 0.002",
        "1.03, 0.980, 0.002",
        "1.92, 0.960, 0.002",
        "2.72, 0.940, 0.002",
        "4.11, 0.900, 0.005",
        "5.98, 0.860, 0.012"
    })
    void norrishMeetsScottsTableForSucrose(
            final double molality, final double aw, final double tolerance) {
        assertThat(norrish.waterActivity(AqueousPhase.solution(Solute.SUCROSE, molality)))
                .isCloseTo(aw, within(tolerance));
    }

    /** Scott 1957, glycerol at 25 °C; the table is from memory. */
    @ParameterizedTest(name = "{0} mol glycerol per kg of water: {1}")
    @CsvSource({"1.11, 0.98", "3.32, 0.94", "5.57, 0.90"})
    void norrishMeetsScottsTableForGlycerol(final double molality, final double aw) {
        assertThat(norrish.waterActivity(AqueousPhase.solution(Solute.GLYCEROL, molality)))
                .isCloseTo(aw, within(0.002));
    }

    /** Greenspan 1977: saturated KCl at 20 °C, 0.851; 34.0 g in 100 g of water (from memory). */
    @Test
    void saturatedPotassiumChlorideIsNearItsPublishedHumidity() {
        assertThat(Ross1975.salts(340 / 74.55)).isCloseTo(0.851, within(0.015));
    }

    @Property
    void waterActivityLiesBetweenZeroAndOneAndFallsWithSugar(
            @ForAll final Solute solute,
            @ForAll @DoubleRange(min = 0, max = 6) final double molality,
            @ForAll @DoubleRange(min = 0.01, max = 2) final double more) {
        for (final WaterActivityModel model :
                List.of(norrish, new MoneyBorn1951(), new RossProduct(), new Grover1947())) {
            final double before = model.waterActivity(AqueousPhase.solution(solute, molality));
            final double after =
                    model.waterActivity(AqueousPhase.solution(solute, molality + more));
            assertThat(before).isGreaterThan(0).isLessThanOrEqualTo(1);
            assertThat(after).isLessThan(before);
        }
    }

    @Test
    void undissolvedSugarDoesNotCount() {
        final Filling dry =
                Filling.stirred(
                        "dry",
                        "Much chocolate, little cream",
                        List.of(
                                new RecipeLine(Samples.IVORY_33, 800, KitchenUnit.GRAM),
                                new RecipeLine(Samples.CREAM, 100, KitchenUnit.GRAM)));
        final AqueousPhase phase = AqueousPhase.of(dry.mixture().composition());
        assertThat(phase.crystallineG()).isPositive();
        assertThat(phase.grams(Solute.SUCROSE))
                .isLessThanOrEqualTo(2.04 * phase.waterG())
                .isGreaterThan(1.6 * phase.waterG());
    }

    /**
     * Common practice, no source: a dark cream ganache with little syrup lies about 0.85 to 0.95.
     */
    @Test
    void aHouseGanacheLiesWhereGanachesLie() {
        final Figure aw = FillingFigures.of(Samples.ganache()).figure(Quality.WATER_ACTIVITY);
        assertThat(aw.value()).isBetween(0.85, 0.95);
        assertThat(aw.spread().orElseThrow().low()).isLessThanOrEqualTo(aw.value());
        assertThat(aw.spread().orElseThrow().high()).isGreaterThanOrEqualTo(aw.value());
        assertThat(aw.basis().inputs()).extracting("name").contains("sucrose dissolved");
    }

    @Test
    void aFatBasedLayerIsJudgedByTheSorptionOfItsDryBodies() {
        final Filling crisp =
                Filling.stirred(
                        "crisp",
                        "Crisp",
                        List.of(new RecipeLine(Samples.DARK_66, 100, KitchenUnit.GRAM)));
        final Figure aw = FillingFigures.of(crisp).figure(Quality.WATER_ACTIVITY);
        assertThat(aw.value()).isBetween(0.05, 0.5);
        assertThat(aw.basis().formula()).contains("GAB");
    }
}
