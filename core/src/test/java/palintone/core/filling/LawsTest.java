package palintone.core.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import palintone.core.Samples;
import palintone.core.fat.FatBlend;
import palintone.core.figure.Figure;
import palintone.core.filling.balance.Balance;
import palintone.core.filling.balance.BalanceTask;
import palintone.core.filling.balance.PropertyConstraint;
import palintone.core.filling.balance.ReadyConstraint;
import palintone.core.filling.emulsion.Emulsion;
import palintone.core.filling.life.Life;
import palintone.core.filling.life.LifeConditions;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.BoilingPoint;
import palintone.core.filling.water.Solute;
import palintone.core.filling.water.SyrupViscosity;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/** What must hold of every filling, whatever it is made of. */
class LawsTest {

    private static FillingProperties ganache(
            final double cream, final double dark, final double invert, final double butter) {
        return FillingProperties.of(
                Cooking.cook(
                        List.of(
                                op(
                                        OperationKind.BOIL,
                                        grams(Samples.CREAM, cream),
                                        grams(Kitchen.INVERT, invert)),
                                op(OperationKind.POUR, grams(Samples.DARK_66, dark)),
                                op(OperationKind.BUTTER, grams(Kitchen.BUTTER, butter)))),
                Conditions.USUAL);
    }

    @Property(tries = 300)
    void everyFigureIsANumberWithinItsSpreadAndCanBeAskedWhy(
            @ForAll @DoubleRange(min = 1, max = 900) final double cream,
            @ForAll @DoubleRange(min = 1, max = 900) final double dark,
            @ForAll @DoubleRange(min = 1, max = 300) final double invert,
            @ForAll @DoubleRange(min = 1, max = 300) final double butter) {
        final FillingFigures figures =
                FillingFigures.of(ganache(cream, dark, invert, butter), Style.SOFT_SHELL.bands());
        assertThat(figures.figures()).hasSize(Quality.values().length);
        for (final Figure figure : figures.figures().values()) {
            assertThat(figure.value()).as(figure.name()).isFinite();
            assertThat(figure.basis().formula()).as(figure.name()).isNotBlank();
            assertThat(figure.basis().sources()).as(figure.name()).isNotEmpty();
            figure.spread()
                    .ifPresent(
                            spread ->
                                    assertThat(figure.value())
                                            .as(figure.name())
                                            .isBetween(spread.low(), spread.high()));
        }
        assertThat(figures.figure(Quality.WATER_ACTIVITY).value()).isBetween(0.01, 1.0);
        assertThat(figures.splitRisk().value()).isBetween(0.0, 100.0);
        assertThat(figures.life().days().value()).isPositive();
    }

    @Property(tries = 200)
    void solidFatFallsWithWarmthAndStaysAShare(
            @ForAll @DoubleRange(min = 0, max = 60) final double cocoa,
            @ForAll @DoubleRange(min = 0, max = 20) final double milk,
            @ForAll @DoubleRange(min = 0.5, max = 20) final double oil,
            @ForAll @DoubleRange(min = -10, max = 45) final double celsius) {
        final FatBlend blend =
                FatBlend.of(
                        Composition.per100(
                                Map.of(
                                        Component.COCOA_BUTTER, cocoa,
                                        Component.MILK_FAT, milk,
                                        Component.LIQUID_OIL, oil,
                                        Component.WATER, 100 - cocoa - milk - oil)));
        final double here = blend.solidAt(celsius);
        assertThat(here).isBetween(-1e-9, 1.0);
        assertThat(blend.solidAt(celsius + 2)).isLessThanOrEqualTo(here + 1e-9);
    }

    @Property(tries = 200)
    void aFillingSoftensAsItWarms(
            @ForAll @DoubleRange(min = 100, max = 400) final double cream,
            @ForAll @DoubleRange(min = 150, max = 700) final double dark,
            @ForAll @DoubleRange(min = 2, max = 38) final double celsius) {
        final Texture texture = ganache(cream, dark, 30, 30).texture();
        assertThat(texture.pascal(celsius + 3)).isLessThanOrEqualTo(texture.pascal(celsius) * 1.02);
        final double there = texture.temperatureFor(texture.pascal(celsius));
        assertThat(texture.pascal(there))
                .isCloseTo(texture.pascal(celsius), within(0.05 * texture.pascal(celsius)));
    }

    @Property(tries = 200)
    void theWaterAnEmulsionWantsBringsItThere(
            @ForAll @DoubleRange(min = 5, max = 90) final double fatMl,
            @ForAll @DoubleRange(min = 5, max = 90) final double syrupMl,
            @ForAll @DoubleRange(min = 0.3, max = 0.7) final double target) {
        final double water = new Emulsion(fatMl, syrupMl).waterToReach(target);
        assertThat(new Emulsion(fatMl, syrupMl + water).oilShare())
                .isLessThanOrEqualTo(Math.max(target, 0) + 1e-9);
        assertThat(water).isGreaterThanOrEqualTo(0);
    }

    @Property(tries = 200)
    void moreSugarBoilsHotterAndIsThicker(
            @ForAll Solute solute,
            @ForAll @DoubleRange(min = 0.1, max = 8) final double molality,
            @ForAll @DoubleRange(min = 0.1, max = 4) final double more) {
        final AqueousPhase thin = AqueousPhase.solution(solute, molality);
        final AqueousPhase thick = AqueousPhase.solution(solute, molality + more);
        assertThat(BoilingPoint.celsius(thick, 1013.25))
                .isGreaterThan(BoilingPoint.celsius(thin, 1013.25));
        assertThat(SyrupViscosity.log10PaS(thick, 20))
                .isGreaterThanOrEqualTo(SyrupViscosity.log10PaS(thin, 20));
    }

    /** Drier never turns a standing filling into a cold one, and never shortens what it is kept. */
    @Property(tries = 200)
    void theDrierTheLongerItKeeps(
            @ForAll @DoubleRange(min = 0.62, max = 0.95) final double aw,
            @ForAll @DoubleRange(min = 0.01, max = 0.04) final double wetter,
            @ForAll @DoubleRange(min = 3.5, max = 6.5) final double ph) {
        final Life here = life(aw, 16, ph);
        final Life there = life(aw + wetter, 16, ph);
        assertThat(here.keepCold() && !there.keepCold()).isFalse();
        assertThat(there.days().value()).isLessThanOrEqualTo(here.days().value());
    }

    /** On the shelf a warmer store shortens it; what must be cold is counted at 4 °C. */
    @Property(tries = 200)
    void aWarmerStoreShortensOnlyWhatMayStandThere(
            @ForAll @DoubleRange(min = 0.62, max = 0.87) final double dry,
            @ForAll @DoubleRange(min = 0.88, max = 0.98) final double wet,
            @ForAll @DoubleRange(min = 5, max = 24) final double storageC) {
        assertThat(life(dry, storageC + 1, 5.5).days().value())
                .isLessThanOrEqualTo(life(dry, storageC, 5.5).days().value());
        assertThat(life(wet, storageC + 1, 5.5).days()).isEqualTo(life(wet, storageC, 5.5).days());
        assertThat(life(wet, storageC, 5.5).days().spread().orElseThrow().high())
                .isLessThanOrEqualTo(7);
    }

    private static Life life(final double aw, final double storageC, final double ph) {
        return Life.of(
                new LifeConditions(
                        aw,
                        aw,
                        aw,
                        ph,
                        ph,
                        true,
                        0,
                        true,
                        LifeConditions.Egg.NONE,
                        storageC,
                        2,
                        false,
                        true,
                        false));
    }

    @Property(tries = 30)
    void readyWishesMoveTheirQualityTheRightWay(
            @ForAll final ReadyConstraint wish,
            @ForAll @DoubleRange(min = 200, max = 280) final double cream,
            @ForAll @DoubleRange(min = 280, max = 380) final double dark) {
        final List<Operation> operations =
                List.of(
                        op(
                                OperationKind.BOIL,
                                grams(Samples.CREAM, cream),
                                grams(Samples.GLUCOSE_SYRUP, 40),
                                grams(Kitchen.INVERT, 30)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, dark)),
                        op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 40)));
        final List<Double> amounts = List.of(cream, 40.0, 30.0, dark, 40.0);
        final FillingProperties now =
                FillingProperties.of(Cooking.cook(operations), Conditions.USUAL);
        final List<PropertyConstraint> wishes = wish.from(now, Style.SOFT_SHELL.bands());
        final Balance balance =
                Balance.solve(
                        new BalanceTask(
                                operations, amounts, java.util.Set.of(), wishes, Conditions.USUAL));
        final double change = balance.after().value(quality(wish)) - now.value(quality(wish));
        switch (wish) {
            case FIRM_IT -> assertThat(change).isPositive();
            case NOT_SPLIT -> assertThat(balance.after().value(Quality.OIL_SHARE)).isLessThan(0.6);
            default -> assertThat(change).isNegative();
        }
    }

    private static Quality quality(final ReadyConstraint wish) {
        return switch (wish) {
            case FIRM_IT, SOFTEN_IT -> Quality.FIRMNESS;
            case KEEP_LONGER -> Quality.WATER_ACTIVITY;
            case LESS_SWEET -> Quality.SWEETNESS;
            case LESS_WATER -> Quality.WATER;
            case NOT_SPLIT -> Quality.OIL_SHARE;
        };
    }
}
