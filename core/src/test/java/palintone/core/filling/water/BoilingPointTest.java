package palintone.core.filling.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.hummeling.if97.IF97;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.heat.WagnerPruss1993;
import palintone.core.substance.Component;

class BoilingPointTest {

    /** Handbook table of sucrose syrups at sea level, from memory; to 1.5 °C up to 80 %. */
    @ParameterizedTest(name = "{0} % sucrose boils at {1} °C")
    @CsvSource({
        "10, 100.1, 0.5",
        "30, 100.6, 0.5",
        "50, 102.0, 0.5",
        "60, 103.0, 0.5",
        "70, 106.5, 1.5",
        "80, 112.0, 1.5",
        "90.8, 130.0, 2.0"
    })
    void sucroseBoilsAsTheHandbookSays(
            final double percent, final double celsius, final double tolerance) {
        assertThat(BoilingPoint.celsius(syrup(percent), 1013.25))
                .isCloseTo(celsius, within(tolerance));
    }

    private static AqueousPhase syrup(final double percent) {
        final double[] grams = new double[Component.values().length];
        grams[Component.SUCROSE.ordinal()] = percent;
        grams[Component.WATER.ordinal()] = 100 - percent;
        return AqueousPhase.dissolvedWhole(grams);
    }

    /** International standard atmosphere: 1600 m, 835 hPa, water at 94.7 °C. */
    @Test
    void waterBoilsSoonerUpTheMountain() {
        final double pressure = BoilingPoint.pressureHPa(1600);
        assertThat(pressure).isCloseTo(835, within(2.0));
        assertThat(BoilingPoint.water(pressure)).isCloseTo(94.7, within(0.1));
    }

    /** IAPWS-IF97 by a published implementation. */
    @Property(tries = 200)
    void saturationPressureAgreesWithASteamTable(
            @ForAll @DoubleRange(min = 10, max = 300) final double celsius) {
        final double table =
                new IF97(IF97.UnitSystem.DEFAULT).saturationPressureT(celsius + 273.15) * 10_000;
        assertThat(new WagnerPruss1993().hPaAt(celsius)).isCloseTo(table, within(3e-4 * table));
    }

    @Property(tries = 200)
    void waterLeftAndBoilingPointAreEachOthersInverse(
            @ForAll @DoubleRange(min = 104, max = 158) final double celsius) {
        final AqueousPhase syrup = syrup(50);
        final double left = BoilingPoint.waterLeft(syrup, celsius, 1013.25);
        assertThat(BoilingPoint.celsius(syrup.inWater(left), 1013.25))
                .isCloseTo(celsius, within(1e-6));
    }

    /** Sucrose syrups at 20 °C, Pa·s, from memory of handbook tables. */
    @ParameterizedTest(name = "{0} % sucrose: {1} Pa·s")
    @CsvSource({"30, 0.0032", "60, 0.058", "70, 0.48", "75, 2.3"})
    void syrupIsAsThickAsTheHandbookSays(final double percent, final double pascalSecond) {
        assertThat(SyrupViscosity.log10PaS(syrup(percent), 20))
                .isCloseTo(Math.log10(pascalSecond), within(0.35));
    }

    /** Glass transition of an 80 % sucrose syrup about −46 °C (literature, from memory). */
    @Test
    void glassTransition() {
        assertThat(SyrupViscosity.glassTransitionC(syrup(80))).isCloseTo(-46, within(4.0));
    }

    /** Grover's line, E = 2 and 4 of sucrose: .858 and .712 by its own formula. */
    @Test
    void groverByHand() {
        final AqueousPhase two = AqueousPhase.solution(Solute.SUCROSE, 2000 / 342.30);
        assertThat(new Grover1947().waterActivity(two)).isCloseTo(0.858, within(1e-9));
    }

    /** Scott 1957 from memory; the second opinions are coarser. */
    @ParameterizedTest(name = "{0} mol sucrose per kg: {1} by the others too")
    @CsvSource({"1.03, .980", "2.72, .940", "4.11, .900"})
    void theOtherModelsComeNearScottsTable(final double molality, final double aw) {
        final AqueousPhase phase = AqueousPhase.solution(Solute.SUCROSE, molality);
        for (final WaterActivityModel model :
                List.of(new RossProduct(), new Grover1947(), new MoneyBorn1951())) {
            assertThat(model.waterActivity(phase)).isCloseTo(aw, within(0.025));
        }
    }

    /** Greenspan 1977 at 20 °C: NaCl .7547, KCl .851, K2SO4 .976. */
    @ParameterizedTest
    @CsvSource({"SODIUM_CHLORIDE, .7547", "POTASSIUM_CHLORIDE, .851", "POTASSIUM_SULPHATE, .976"})
    void saltsStandWhereGreenspanPutsThem(final SaltCheck.Salt salt, final double aw) {
        assertThat(salt.activity(20)).isCloseTo(aw, within(0.0006));
    }

    @Test
    void aMeterIsCorrectedByTwoSalts() {
        final List<SaltCheck.SaltReading> readings =
                List.of(
                        new SaltCheck.SaltReading(SaltCheck.Salt.SODIUM_CHLORIDE, 0.7647, 20),
                        new SaltCheck.SaltReading(SaltCheck.Salt.POTASSIUM_SULPHATE, 0.9759, 20));
        assertThat(SaltCheck.corrected(0.7647, readings).value()).isCloseTo(0.7547, within(1e-9));
        assertThat(SaltCheck.corrected(0.87, readings).value()).isBetween(0.862, 0.87);
        assertThatThrownBy(
                        () -> new SaltCheck.SaltReading(SaltCheck.Salt.SODIUM_CHLORIDE, 0.95, 20))
                .hasMessageContaining("meter over sodium chloride is 0.95");
    }

    /** Herzfeld's table of 1892, per cent by mass, from memory; newer ones lie a little lower. */
    @ParameterizedTest(name = "sucrose at {0} °C: {1} %")
    @CsvSource({"0, 64.18", "20, 67.09", "40, 70.42", "60, 74.18", "80, 78.36", "100, 82.97"})
    void sucroseDissolvesAsTheTableSays(final double celsius, final double percent) {
        final double alone = Solubility.alone(Solute.SUCROSE, celsius);
        assertThat(100 * alone / (1 + alone)).isCloseTo(percent, within(0.5));
    }

    /** Beside invert sugar about 75 % together at 20 °C, from memory. */
    @Test
    void sugarsDissolveBesideEachOther() {
        final double[] dissolved = new double[Solute.values().length];
        dissolved[Solute.SUCROSE.ordinal()] = 300;
        dissolved[Solute.FRUCTOSE.ordinal()] = 75;
        dissolved[Solute.GLUCOSE.ordinal()] = 60;
        final double out = Solubility.crystallise(dissolved, 100, 20);
        double together = 0;
        for (final double grams : dissolved) {
            together += grams;
        }
        assertThat(out).isPositive();
        assertThat(100 * together / (100 + together)).isBetween(72.0, 77.0);
    }
}
