package palintone.core;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Bubbles;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.FigureWall;
import palintone.core.coat.Centre;
import palintone.core.coat.CentreShape;
import palintone.core.coat.DipOrder;
import palintone.core.coat.DipPlan;
import palintone.core.coat.HandWarmth;
import palintone.core.coat.NozzlePress;
import palintone.core.coat.Sheet;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.sugar.SugarColour;
import palintone.core.filling.sugar.SugarCook;
import palintone.core.filling.sugar.SugarDrop;
import palintone.core.filling.sugar.SugarStage;
import palintone.core.mould.HalfEgg;
import palintone.core.mould.Mould;
import palintone.core.piece.Decoration;
import palintone.core.piece.HollowFigure;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.temper.ChopSize;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.FitFor;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.method.HeatBursts;
import palintone.core.temper.method.MeltWay;
import palintone.core.temper.method.TemperCalculator;
import palintone.core.temper.method.TemperingMethod;

/**
 * What is computed of bowl, bag, fork and pan, beside what makers find (common practice, no
 * source). By which law stands in docs/models.md; what is calibrated is said in each class.
 */
class PracticeAtTheBenchTest {

    private static final Composition DARK = Samples.dark().ingredient().composition();
    private static final BowlAt BOWL =
            new BowlAt(Samples.dark(), FluidityClass.MEDIUM, 31.5, new Crystals(0.04, 0));

    private final PracticeTable table = new PracticeTable();

    private void row(
            final String what,
            final String unit,
            final double from,
            final double to,
            final double is) {
        table.row(what, unit, from, to, is);
    }

    private static Composition fat(final double percent) {
        return Composition.per100(
                Map.of(
                        Component.COCOA_BUTTER,
                        percent,
                        Component.COCOA_SOLIDS,
                        22.0,
                        Component.SUCROSE,
                        78 - percent));
    }

    private void chocolate() {
        row(
                "couverture of 31 %, thicker than of 36 % by",
                "times", 1.5, 3, FitFor.thickness(fat(31)));
        row("chips of 28 %, thicker by", "times", 2.4, 8, FitFor.thickness(fat(28)));
        row("couverture of 40 %, thinner by", "times", 0.4, 0.85, FitFor.thickness(fat(40)));
        row(
                "chopped to 5 mm, gone under cream in",
                "s",
                10,
                90,
                ChopSize.meltsThroughS(DARK, 5, 65, 0.4));
        row("lump of 25 mm under cream", "s", 300, 3600, ChopSize.meltsThroughS(DARK, 25, 65, 0.4));
        row(
                "seed of 5 mm, gone at 45 °C in",
                "s",
                60,
                240,
                ChopSize.meltsThroughS(DARK, 5, 45, 0.25));
        final HeatSource oven = new HeatSource(700, 0.6);
        row(
                "burst for a kilogram of dark",
                "s",
                15,
                60,
                HeatBursts.atMostS(CouvertureKind.DARK, oven, 1000, 1.6));
        row(
                "burst for a kilogram of white",
                "s",
                3,
                10.01,
                HeatBursts.atMostS(CouvertureKind.WHITE, oven, 1000, 1.6));
    }

    /** A bowl of two kilograms in the room of the demo, by what it is heated with. */
    private void ways() {
        final TemperCalculator bowl =
                new TemperCalculator(
                        new CurveOrder(
                                Samples.dark(),
                                FluidityClass.MEDIUM,
                                TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW),
                                1000,
                                VesselKind.STEEL_BOWL,
                                TemperingMethod.SEED_THIRD,
                                21,
                                new Equipment(
                                        new HeatSource(800, 0.6), 19, 0.54, 20, 14, 9000, 900),
                                Optional.empty()));
        row(
                "a kilogram melted over water of 60 °C",
                "min",
                10,
                30,
                first(bowl, MeltWay.WayKind.WATER_BATH, 60));
        row("the same in an oven at 50 °C", "min", 120, 600, first(bowl, MeltWay.WayKind.OVEN, 50));
        row(
                "the same with a heat gun of 1500 W",
                "s",
                240,
                720,
                first(bowl, MeltWay.WayKind.HEAT_GUN, 1500));
        row(
                "the same in a microwave of 800 W, heat alone",
                "s",
                120,
                300,
                first(bowl, MeltWay.WayKind.BURSTS, 0));
    }

    private static double first(
            final TemperCalculator bowl, final MeltWay.WayKind kind, final double at) {
        return bowl.heatFor(new MeltWay(kind, at), 21, 46).get(0).value();
    }

    private void sugar() {
        final SugarCook.Pan syrup =
                new SugarCook.Pan(
                        Composition.per100(Map.of(Component.SUCROSE, 70.0, Component.WATER, 30.0)),
                        500);
        for (final SugarDrop drop : SugarDrop.ofEvery(syrup)) {
            if (drop.stage() == SugarStage.THREAD) {
                row(
                        "drop at the thread, on a plate, across",
                        "mm",
                        18,
                        40,
                        drop.onPlate().acrossMm());
            }
            if (drop.stage() == SugarStage.SOFT_BALL) {
                row("drop at the soft ball, in water, high", "mm", 4, 9, drop.inWater().highMm());
                row(
                        "  between two fingers: 0 runs, 1 flattens, 2 gives way",
                        "",
                        1,
                        1,
                        drop.feel().ordinal());
            }
            if (drop.stage() == SugarStage.FIRM_BALL) {
                row("drop at the firm ball, between two fingers", "", 2, 2, drop.feel().ordinal());
            }
            if (drop.stage() == SugarStage.HARD_BALL) {
                row(
                        "drop at the hard ball, between two fingers: 3 resists",
                        "",
                        3,
                        3,
                        drop.feel().ordinal());
            }
        }
        row(
                "amber: red that comes through at 170 °C",
                "%",
                55,
                85,
                100 * SugarColour.at(170).red());
        row("  and blue", "%", 3, 25, 100 * SugarColour.at(170).blue());
        final double juice =
                Cooking.cook(
                                List.of(
                                        Operation.of(
                                                OperationKind.ADD,
                                                List.of(
                                                        Kitchen.grams(
                                                                Kitchen.of(
                                                                        "berries",
                                                                        Map.of(
                                                                                Component.WATER,
                                                                                        86.0,
                                                                                Component.FRUCTOSE,
                                                                                        8.0,
                                                                                Component.FIBRE,
                                                                                        6.0)),
                                                                100))),
                                        Operation.of(OperationKind.DRAIN, List.of())))
                        .yieldG();
        row("berries stewed and drained, of 100 parts", "g", 35, 40, juice);
    }

    private void bagAndFork() {
        row(
                "ten millimetres, pressed for two seconds",
                "g",
                7,
                12,
                new NozzlePress(10, NozzlePress.USUAL_MM_PER_S).massG(2, 1.2));
        final Centre ball = new Centre(CentreShape.Ball.of(8), 1.25, 2.6, Centre.USUAL_W_PER_MK);
        row(
                "ball of 10 g out of 12 °C, soft at 20, in the palm",
                "s",
                5,
                25,
                HandWarmth.seconds(ball, 12, 20));
        final DipPlan dip =
                DipPlan.of(new DipOrder(BOWL, ball, 18, 2, 0, false, 20, DipOrder.UNWEIGHED), 3.5);
        row("coat still takes powder", "min", 1.5, 5, dip.coat().skinS() / 60);
        final Sheet sheet = Sheet.of(BOWL, 0.8, 400, 300, 20);
        row("sheet of 0.8 mm is cut from", "min", 2, 12, sheet.cutFromS() / 60);
        row(
                "  warmer by 6 K it waits longer by",
                "times",
                1.1,
                8,
                Sheet.of(BOWL, 0.8, 400, 300, 26).cutFromS() / sheet.cutFromS());
        row(
                "bubbles of 2 mm come up in a small mould",
                "s",
                1,
                60,
                Bubbles.riseS(BOWL, Vibration.TAPPED, 2, 20));
    }

    private void figures() {
        row("wall of a figure of 19 cm", "mm", 2.4, 3.8, FigureWall.wantedMm(60_000, 1.27));
        final Mould mould = new Mould("egg", "Egg", new HalfEgg(90, 110, 130), 2, 1);
        final HollowFigure egg =
                new HollowFigure(
                        "egg",
                        "Egg",
                        mould,
                        Samples.dark(),
                        4,
                        2,
                        HollowFigure.Joining.CLOSED_MOULD,
                        Optional.empty(),
                        Decoration.NONE);
        final double brim = 2 * mould.cavity().volumeMl() * Samples.dark().castingDensityGPerMl();
        row("closed egg of 20 cm is filled", "%", 33, 67, 100 * egg.masses().brim().value() / brim);
        row(
                "  and takes of what it keeps",
                "times",
                1,
                2.2,
                egg.masses().brim().value() / egg.masses().shell().value());
    }

    @Test
    void theBenchDoesAsMakersDo() {
        chocolate();
        ways();
        sugar();
        bagAndFork();
        figures();
        table.holds("Bench", 24);
    }
}
