package palintone.core.filling.cool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.texture.TextureClass;

class UntilReadyTest {

    private static final List<Operation> GANACHE =
            List.of(
                    op(OperationKind.BOIL, grams(Samples.CREAM, 250)),
                    op(OperationKind.POUR, grams(Samples.DARK_66, 300)));

    private static UntilReady.Potful standing(
            final List<Operation> recipe, final double roomC, final double cabinetC) {
        return new UntilReady.Potful(
                FillingProperties.of(Cooking.cook(recipe), Conditions.USUAL),
                recipe,
                Cooking.cook(recipe).yieldG(),
                roomC,
                cabinetC);
    }

    private static List<Operation> resting(final double hours, final double celsius) {
        final List<Operation> recipe = new ArrayList<>(GANACHE);
        recipe.add(
                new Operation(
                        OperationKind.REST,
                        List.of(),
                        Map.of(
                                OperationSetting.HOURS,
                                hours,
                                OperationSetting.TEMPERATURE_C,
                                celsius)));
        return recipe;
    }

    /** What a batch waits for is what Cool & rest shows of the same bowl. */
    @Test
    void itIsWhatTheCurveOfItsCoolingSays() {
        final UntilReady until = standing(GANACHE, 20, 12).cool(29);
        final FillingProperties properties =
                FillingProperties.of(Cooking.cook(GANACHE), Conditions.USUAL);
        final double curve =
                Cooling.of(
                                properties,
                                new Cooling.Where(
                                        UntilReady.VESSEL,
                                        UntilReady.DEPTH_MM,
                                        20,
                                        Cooling.fromPotC(Cooking.cook(GANACHE), GANACHE),
                                        29))
                        .toPiping()
                        .get(0)
                        .value();
        assertThat(until.where()).isEqualTo(UntilReady.Where.ROOM);
        assertThat(until.minutes()).isCloseTo(curve, within(10.0));
        assertThat(until.celsius()).isLessThanOrEqualTo(29);
    }

    @Test
    void whatARestHasDoneIsNotWaitedForAgain() {
        assertThat(standing(resting(24, 18), 20, 12).cool(29).waits()).isFalse();
        final UntilReady all = standing(GANACHE, 20, 12).cool(24);
        final UntilReady rest = standing(resting(1, 20), 20, 12).cool(24);
        assertThat(rest.waits()).isTrue();
        assertThat(rest.minutes()).isCloseTo(all.minutes() - 60, within(15.0));
        final double pa = TextureClass.PIPEABLE.toPa();
        final UntilReady stiff = standing(GANACHE, 18, 12).stiff(UntilReady.VESSEL, 60, pa);
        final UntilReady rested = standing(resting(2, 18), 18, 12).stiff(UntilReady.VESSEL, 60, pa);
        assertThat(rested.minutes()).isCloseTo(stiff.minutes() - 120, within(25.0));
    }

    /** What its recipe has cooled already is not taken for hot, however cold it was made. */
    @Test
    void whatWasCooledInThePotIsCool() {
        final List<Operation> cooled = new ArrayList<>(GANACHE);
        cooled.add(
                new Operation(
                        OperationKind.COOL,
                        List.of(),
                        Map.of(OperationSetting.TEMPERATURE_C, 22.0)));
        assertThat(Cooling.fromPotC(Cooking.cook(cooled), cooled)).isEqualTo(22);
        assertThat(standing(cooled, 20, 12).cool(27).waits()).isFalse();
        assertThat(Cooling.fromPotC(Cooking.cook(resting(24, 18)), resting(24, 18)))
                .isEqualTo(Cooling.fromPotC(Cooking.cook(GANACHE), GANACHE));
    }

    @Test
    void inAWarmRoomItGoesIntoTheCabinetAndWithoutOneItNeverComes() {
        final UntilReady cabinet = standing(GANACHE, 31, 12).cool(28);
        assertThat(cabinet.where()).isEqualTo(UntilReady.Where.CABINET);
        assertThat(cabinet.minutes()).isBetween(20.0, 240.0);
        assertThat(standing(GANACHE, 31, 30).cool(28).where()).isEqualTo(UntilReady.Where.NEVER);
    }

    /** Stirred together cold it has only the warmth of the couverture that was melted for it. */
    @Test
    void whatIsStirredTogetherColdIsAsWarmAsWhatWasMelted() {
        final List<Operation> stirred =
                List.of(
                        op(
                                OperationKind.ADD,
                                grams(Samples.CREAM, 100),
                                grams(Samples.DARK_66, 100)));
        assertThat(Cooling.fromPotC(Cooking.cook(stirred), stirred)).isEqualTo(32.5);
    }
}
