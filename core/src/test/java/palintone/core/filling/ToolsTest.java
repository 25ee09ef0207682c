package palintone.core.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.cool.Cooling;
import palintone.core.filling.cool.CoolingVessel;
import palintone.core.filling.cool.RestPractice;
import palintone.core.filling.emulsion.Emulsion;
import palintone.core.filling.mend.Fault;
import palintone.core.filling.mend.Rescue;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.record.Correction;
import palintone.core.filling.record.Difference;
import palintone.core.filling.size.Leftover;
import palintone.core.filling.size.RecipeVessel;
import palintone.core.filling.size.Scaling;
import palintone.core.filling.sugar.SugarCook;
import palintone.core.filling.sugar.SugarStage;
import palintone.core.filling.water.SaltCheck;
import palintone.core.substance.Mixture;
import palintone.core.substance.Portion;

class ToolsTest {

    private static final List<Operation> GANACHE =
            List.of(
                    op(
                            OperationKind.BOIL,
                            grams(Samples.CREAM, 250),
                            grams(Samples.GLUCOSE_SYRUP, 40)),
                    op(OperationKind.POUR, grams(Samples.DARK_66, 300)),
                    op(OperationKind.BLEND),
                    op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 40)));
    private static final List<Operation> TOO_FAT =
            List.of(
                    op(OperationKind.BOIL, grams(Samples.CREAM, 120)),
                    op(OperationKind.POUR, grams(Samples.DARK_66, 300)),
                    op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 120)),
                    op(OperationKind.EMULSIFY).with(OperationSetting.WIDTH_MM, 90));

    /**
     * Common practice, no source: two to three hours in a bowl until it pipes; stiffer when cold.
     */
    @Test
    void aGanacheCoolsAndSetsInHours() {
        final Cooling room = cooling(CoolingVessel.BOWL, 60, 20);
        final Cooling tray = cooling(CoolingVessel.TRAY, 12, 20);
        final Cooling cold = cooling(CoolingVessel.BOWL, 60, 5);
        assertThat(room.toPiping().get(0).value()).isBetween(60.0, 240.0);
        assertThat(tray.toPiping().get(0).value()).isLessThan(room.toPiping().get(0).value() / 2);
        assertThat(cold.toPiping().get(0).value()).isLessThan(room.toPiping().get(0).value());
        assertThat(cold.windowCloses()).isNotEmpty();
        assertThat(cold.path()).allSatisfy(at -> assertThat(at.celsius()).isBetween(5.0, 60.0));
        assertThat(cooling(CoolingVessel.BOWL, 60, 32).toPiping()).isEmpty();
    }

    private static Cooling cooling(
            final CoolingVessel vessel, final double depthMm, final double roomC) {
        return Cooling.of(
                FillingProperties.of(Cooking.cook(GANACHE), Conditions.USUAL),
                new Cooling.Where(vessel, depthMm, roomC, 60, 29));
    }

    @Test
    void schoolsOfRestingEndDifferently() {
        final FillingProperties now = FillingProperties.of(Cooking.cook(GANACHE), Conditions.USUAL);
        final double day = RestPractice.ROOM_24_H.end(now, CoolingVessel.BOWL, 60, 35).pascal();
        final double hours =
                RestPractice.UNTIL_IT_PIPES.end(now, CoolingVessel.BOWL, 60, 35).pascal();
        final double cold = RestPractice.COLD_3_DAYS.end(now, CoolingVessel.BOWL, 60, 35).pascal();
        assertThat(hours).isLessThan(day);
        assertThat(cold).isGreaterThan(3 * day);
    }

    /** Common practice, no source: 28 to 30 °C into a dark shell. */
    @Test
    void aSplitGanacheIsMendedWithTheWaterItsEmulsionWants() {
        final Rescue rescue = Rescue.of(Fault.SPLIT, TOO_FAT, Kitchen.WATER, Conditions.USUAL);
        assertThat(rescue.causes().get(0).words().template()).contains("drops touch");
        final Rescue.Remedy water = rescue.remedies().get(0);
        assertThat(water.grams()).isBetween(2.0, 120.0);
        assertThat(water.after().orElseThrow().value(Quality.OIL_SHARE))
                .isCloseTo(Emulsion.RISK_FROM - 0.01, within(1e-6));
    }

    @ParameterizedTest
    @EnumSource(Fault.class)
    void everyFaultHasCausesAndSomethingToDo(final Fault fault) {
        final Rescue rescue = Rescue.of(fault, GANACHE, Kitchen.WATER, Conditions.USUAL);
        assertThat(rescue.causes()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(rescue.causes())
                .isSortedAccordingTo((a, b) -> Double.compare(b.likely(), a.likely()));
        assertThat(rescue.remedies()).isNotEmpty();
    }

    @Test
    void tooSoftAndTooHardMoveTheFirmnessTheRightWay() {
        final double now =
                FillingProperties.of(Cooking.cook(GANACHE), Conditions.USUAL)
                        .value(Quality.FIRMNESS);
        final Rescue firmer = Rescue.of(Fault.TOO_SOFT, GANACHE, Kitchen.WATER, Conditions.USUAL);
        assertThat(firmer.remedies().get(0).after().orElseThrow().value(Quality.FIRMNESS))
                .isCloseTo(now + 1, within(1e-3));
        final Rescue softer = Rescue.of(Fault.TOO_HARD, GANACHE, Kitchen.WATER, Conditions.USUAL);
        assertThat(softer.remedies().get(0).after().orElseThrow().value(Quality.FIRMNESS))
                .isCloseTo(now - 1, within(1e-3));
    }

    @Test
    void sugarStagesGoThereAndBackAnywhere() {
        final SugarCook.Pan pan =
                SugarCook.Pan.of(
                        Mixture.of(
                                List.of(
                                        new Portion(Kitchen.SUGAR, 300),
                                        new Portion(Samples.GLUCOSE_SYRUP, 80),
                                        new Portion(Kitchen.WATER, 90))));
        for (final double pressure : new double[] {1013.25, 900, 800}) {
            final SugarCook.Place place = new SugarCook.Place(pressure, 1.5);
            final SugarCook to = SugarCook.to(SugarStage.FIRM_BALL, pan, place);
            final SugarCook back = SugarCook.readAt(to.read().value(), pan, place);
            assertThat(back.seaLevel().value()).isCloseTo(119, within(0.01));
            assertThat(back.water().value()).isCloseTo(to.water().value(), within(1e-3));
            assertThat(back.stage()).isEqualTo(SugarStage.FIRM_BALL);
        }
        assertThatThrownBy(() -> SugarCook.readAt(90, pan, new SugarCook.Place(1013.25, 0)))
                .hasMessageContaining("temperature read is 90.0 °C")
                .hasMessageContaining("where this boils before");
    }

    /**
     * What is in the pot then, not what was weighed in: the caramel before it has lost its water.
     */
    @Test
    void theSugarOfARecipeIsCookedFromWhatItsPotHoldsByThen() {
        final List<Operation> caramel =
                List.of(
                        op(
                                OperationKind.CARAMELISE,
                                grams(Kitchen.SUGAR, 160),
                                grams(Kitchen.WATER, 50)),
                        op(OperationKind.ADD, grams(Samples.CREAM, 260)),
                        op(OperationKind.COOK_SUGAR, grams(Samples.GLUCOSE_SYRUP, 100))
                                .with(OperationSetting.TEMPERATURE_C, 112),
                        op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 50)));
        final SugarCook.Pan pan = SugarCook.Pan.before(caramel, Cooking.SEA_LEVEL_HPA);
        assertThat(pan.massG()).isBetween(490.0, 520.0);
        final SugarCook done =
                SugarCook.readAt(112, pan, new SugarCook.Place(Cooking.SEA_LEVEL_HPA, 0));
        final double after = Cooking.cook(caramel).stages().get(2).massG();
        assertThat(done.yield().value()).isCloseTo(after, within(0.01));
        assertThatThrownBy(() -> SugarCook.Pan.before(GANACHE, Cooking.SEA_LEVEL_HPA))
                .hasMessageContaining("no sugar cooked in it");
    }

    @Test
    void aRecipeIsScaledWithWhatItIsBoiledDownTo() {
        final List<Operation> fruit =
                List.of(
                        op(OperationKind.ADD, grams(Kitchen.PUREE, 400)),
                        new Operation(
                                OperationKind.BOIL_DOWN,
                                List.of(),
                                Map.of(OperationSetting.MASS_G, 300.0)));
        final Scaling half = Scaling.toYield(fruit, 150, vessel(400));
        assertThat(half.factor()).isCloseTo(0.5, within(1e-9));
        assertThat(half.operations().get(1).value(OperationSetting.MASS_G))
                .isCloseTo(150, within(1e-9));
        assertThat(half.rounds()).isEqualTo(1);
        assertThat(Scaling.toYield(fruit, 1500, vessel(1000)).rounds()).isEqualTo(4);
        assertThat(Scaling.toLine(fruit, 0, 100, vessel(0)).yieldG()).isCloseTo(75, within(1e-6));
        assertThatThrownBy(() -> Scaling.toLine(fruit, 3, 100, vessel(0)))
                .hasMessageContaining("1 to 1");
    }

    @Test
    void aJarOfLeftoversHasADateAndIdeas() {
        final Leftover jar =
                Leftover.of(
                        "House ganache",
                        180,
                        LocalDate.of(2026, 11, 24),
                        FillingFigures.of(new Filling("g", "House ganache", GANACHE)));
        assertThat(jar.useBy()).isAfter(jar.made());
        assertThat(jar.ideas()).isNotEmpty();
    }

    private static final Correction.Measured READ = new Correction.Measured(0.86, 0.83);

    @Test
    void measurementsMoveTheModelAndMoreOfThemMore() {
        final Correction none = Correction.of(Correction.Of.WATER_ACTIVITY, List.of());
        final Correction one = Correction.of(Correction.Of.WATER_ACTIVITY, List.of(READ));
        final Correction three =
                Correction.of(Correction.Of.WATER_ACTIVITY, List.of(READ, READ, READ));
        assertThat(none.offset()).isZero();
        assertThat(one.offset()).isBetween(-0.03, -0.025);
        assertThat(three.offset()).isLessThan(one.offset());
        assertThat(three.margin()).isLessThan(one.margin());
    }

    @Test
    void twoVersionsDifferByWhatWasChanged() {
        final List<Operation> other =
                List.of(
                        op(OperationKind.BOIL, grams(Samples.CREAM, 260)),
                        GANACHE.get(1),
                        op(OperationKind.EMULSIFY),
                        GANACHE.get(3));
        final Difference difference = Difference.between(GANACHE, other);
        assertThat(difference.amounts())
                .contains(
                        new Difference.Amount("cream-35", 250, 260),
                        new Difference.Amount("glucose-syrup", 40, 0));
        assertThat(difference.doings()).anyMatch(d -> d.startsWith("now: emulsify"));
        assertThat(Difference.between(GANACHE, GANACHE).amounts()).isEmpty();
    }

    @Test
    void yolksAreSafeOnlyWhenTheyWereHot() {
        final Operation yolks = op(OperationKind.TEMPER_YOLKS, grams(Kitchen.YOLK, 40));
        final FillingFigures hot =
                figures(
                        GANACHE.get(0),
                        yolks.with(OperationSetting.TEMPERATURE_C, 82),
                        GANACHE.get(1));
        final FillingFigures warm =
                figures(
                        GANACHE.get(0),
                        yolks.with(OperationSetting.TEMPERATURE_C, 64)
                                .with(OperationSetting.MINUTES, 0.2),
                        GANACHE.get(1));
        final FillingFigures raw =
                figures(
                        GANACHE.get(0),
                        GANACHE.get(1),
                        op(OperationKind.ADD, grams(Kitchen.YOLK, 40)));
        assertThat(hot.cautions()).noneMatch(c -> c.template().contains("Hold it longer"));
        assertThat(warm.cautions()).anyMatch(c -> c.template().contains("Hold it longer"));
        assertThat(warm.life().keepCold()).isTrue();
        assertThat(warm.life().reason().template()).contains("Egg heated less");
        assertThat(raw.cautions()).anyMatch(c -> c.template().contains("Raw egg"));
        assertThat(raw.life().keepCold()).isTrue();
        assertThat(raw.life().days().spread().orElseThrow().high()).isLessThanOrEqualTo(2);
    }

    @Test
    void spiritIsCautioned() {
        assertThat(
                        figures(
                                        GANACHE.get(0),
                                        GANACHE.get(1),
                                        op(OperationKind.ADD, grams(Kitchen.SPIRIT, 30)))
                                .cautions())
                .anyMatch(c -> c.template().contains("no flame"));
    }

    private static FillingFigures figures(final Operation... operations) {
        return FillingFigures.of(new Filling("f", "F", List.of(operations)));
    }

    /** At sea level, in a pan and a blender of so many millilitres; any where that is 0. */
    private static Scaling.Kitchen vessel(final double ml) {
        return new Scaling.Kitchen(
                ml > 0 ? Map.of(RecipeVessel.PAN, ml, RecipeVessel.BLENDER, ml) : Map.of(),
                Cooking.SEA_LEVEL_HPA);
    }

    /** The same salt twice says nothing of the slope, and no good meter stretches by a quarter. */
    @Test
    void aMeterIsNotCorrectedByNonsense() {
        final SaltCheck.SaltReading salt =
                new SaltCheck.SaltReading(SaltCheck.Salt.SODIUM_CHLORIDE, 0.75, 20);
        assertThatThrownBy(() -> SaltCheck.corrected(0.8, List.of(salt, salt)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("sodium chloride twice");
        // The two jars exchanged: the meter would have to run backwards.
        assertThatThrownBy(
                        () ->
                                SaltCheck.corrected(
                                        0.8,
                                        List.of(
                                                new SaltCheck.SaltReading(
                                                        SaltCheck.Salt.SODIUM_CHLORIDE, 0.85, 20),
                                                new SaltCheck.SaltReading(
                                                        SaltCheck.Salt.POTASSIUM_CHLORIDE,
                                                        0.76,
                                                        20))))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("slope");
    }
}
