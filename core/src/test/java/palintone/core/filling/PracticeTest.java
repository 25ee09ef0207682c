package palintone.core.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import palintone.core.PracticeTable;
import palintone.core.Samples;
import palintone.core.filling.cool.Cooling;
import palintone.core.filling.cool.CoolingStand;
import palintone.core.filling.cool.CoolingVessel;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.texture.Texture;
import palintone.core.substance.Ingredient;

/** What is computed, beside what makers find (common practice, no source). */
class PracticeTest {

    private final PracticeTable table = new PracticeTable();

    private void row(
            final String what,
            final String unit,
            final double from,
            final double to,
            final double is) {
        table.row(what, unit, from, to, is);
    }

    private static Cooked cook(final Operation... operations) {
        return Cooking.cook(List.of(operations));
    }

    private static double pa(final Cooked cooked, final double celsius) {
        return Texture.of(cooked).pascal(celsius);
    }

    private static Cooked dark(final double juiceG) {
        return cook(
                op(OperationKind.BOIL, grams(Kitchen.JUICE, 2 * juiceG)),
                new Operation(
                        OperationKind.BOIL_DOWN, List.of(), Map.of(OperationSetting.PERCENT, 50.0)),
                op(OperationKind.POUR, grams(Samples.DARK_66, 100)));
    }

    private static Cooked caramel(final double celsius) {
        return cook(
                op(
                        OperationKind.ADD,
                        grams(Kitchen.SUGAR, 200),
                        grams(Samples.GLUCOSE_SYRUP, 180),
                        grams(Samples.CREAM, 250)),
                op(OperationKind.COOK_SUGAR, grams(Kitchen.BUTTER, 30))
                        .with(OperationSetting.TEMPERATURE_C, celsius));
    }

    private static Cooked cream(final double chocolateG, final double creamG) {
        return cook(
                op(OperationKind.BOIL, grams(Samples.CREAM, creamG)),
                op(OperationKind.POUR, grams(Samples.DARK_66, chocolateG)));
    }

    private static Cooked with(final Ingredient chocolate, final double grams) {
        return cook(
                op(OperationKind.BOIL, grams(Samples.CREAM, 100)),
                op(OperationKind.POUR, grams(chocolate, grams)));
    }

    private static double aw(final Cooked cooked) {
        return FillingProperties.of(cooked, Conditions.USUAL).value(Quality.WATER_ACTIVITY);
    }

    private static Cooling cool(
            final Cooked what,
            final CoolingVessel vessel,
            final double depthMm,
            final double room,
            final double fromC,
            final double pipingC) {
        return Cooling.of(
                FillingProperties.of(what, Conditions.USUAL),
                new Cooling.Where(vessel, depthMm, room, fromC, pipingC));
    }

    private static Cooked pasteWithJam(final double jamG) {
        return cook(
                op(
                        OperationKind.ADD,
                        grams(Kitchen.PEANUT_PASTE, 200),
                        grams(Kitchen.JAM, jamG + 1e-9)));
    }

    private void nutPastes() {
        final double alone = pa(pasteWithJam(0), 28);
        row("peanut paste alone at 28 °C: spoons", "Pa", 40, 2e3, alone);
        row("  with a tenth jam, stiffer by", "times", 1.5, 12, pa(pasteWithJam(20), 28) / alone);
        row(
                "  with three tenths jam: stiff, still piped or just cut",
                "Pa",
                6e2,
                2e4,
                pa(pasteWithJam(60), 28));
        row(
                "  with thrice as much jam: thins again, by",
                "times",
                2,
                100,
                pa(pasteWithJam(200), 28) / pa(pasteWithJam(600), 28));
        final Operation gianduja =
                op(OperationKind.ADD, grams(Kitchen.NUT_PASTE, 100), grams(Samples.MILK_41, 30));
        row(
                "nut paste and crisp wafer two to one: pressed, stiffer than without by",
                "times",
                10,
                120,
                pa(cook(gianduja, op(OperationKind.FOLD, grams(Kitchen.WAFER, 65))), 20)
                        / pa(cook(gianduja), 20));
        final Operation sauce =
                op(
                        OperationKind.ADD,
                        grams(Kitchen.SUGAR, 100),
                        grams(Samples.GLUCOSE_SYRUP, 90),
                        grams(Samples.CREAM, 125));
        final Operation boiled =
                op(OperationKind.COOK_SUGAR, grams(Kitchen.BUTTER, 15))
                        .with(OperationSetting.TEMPERATURE_C, 110);
        row(
                "coconut in caramel of 110 °C, 168 g to 374: rolls, stiffer by",
                "times",
                10,
                120,
                pa(cook(sauce, boiled, op(OperationKind.FOLD, grams(Kitchen.COCONUT, 114))), 20)
                        / pa(cook(sauce, boiled), 20));
    }

    /** With every spoonful of jam a paste gets stiffer, until it is more jam than paste. */
    @Test
    void jamStiffensANutPasteByDegrees() {
        double before = pa(pasteWithJam(0), 28);
        for (double jamG = 4; jamG <= 160; jamG += 4) {
            final double now = pa(pasteWithJam(jamG), 28);
            assertThat(now).as(jamG + " g of jam").isBetween(before, before * 1.6);
            before = now;
        }
    }

    @Test
    void theModelDoesAsMakersFind() {
        row(
                "64 g icing sugar, 15 g water: pours slowly",
                "Pa",
                1,
                40,
                pa(
                        cook(
                                op(
                                        OperationKind.ADD,
                                        grams(Kitchen.SUGAR, 64),
                                        grams(Kitchen.WATER, 15))),
                        20));
        row(
                "250 g icing sugar, 35 g water: kneaded, holds its shape",
                "Pa",
                5e3,
                3e5,
                pa(
                        cook(
                                op(
                                        OperationKind.ADD,
                                        grams(Kitchen.SUGAR, 250),
                                        grams(Kitchen.WATER, 35))),
                        20));
        row(
                "fondant, an eighth water: keeps its shape",
                "Pa",
                2e3,
                1e5,
                pa(
                        cook(
                                op(
                                        OperationKind.ADD,
                                        grams(Kitchen.SUGAR, 250),
                                        grams(Samples.GLUCOSE_SYRUP, 60),
                                        grams(Kitchen.WATER, 30))),
                        20));
        row(
                "dark 100, reduced juice 45: slightly too soft to roll",
                "Pa",
                8e2,
                6e3,
                pa(dark(45), 20));
        row("dark 100, reduced juice 30: a little firmer, rolls", "Pa", 3e3, 4e4, pa(dark(30), 20));
        row("  and by how much firmer", "times", 1.3, 15, pa(dark(30), 20) / pa(dark(45), 20));
        row("caramel of 124 °C, at 40 °C: still cut", "Pa", 5e3, 1.2e5, pa(caramel(124), 40));
        row("caramel of 124 °C, at 20 °C: firm chew", "Pa", 4e4, 3e6, pa(caramel(124), 20));
        row("caramel of 116 °C, at 20 °C: pliable, is cut", "Pa", 5e3, 1e5, pa(caramel(116), 20));
        row("caramel of 110 °C, at 20 °C: flows slowly", "Pa", 40, 2e3, pa(caramel(110), 20));
        row("dark 1 : 1 cream at 20 °C: pipes", "Pa", 40, 2e3, pa(cream(100, 100), 20));
        row("dark 2 : 1 cream at 20 °C: is cut", "Pa", 5e3, 1.2e5, pa(cream(200, 100), 20));
        row("dark 0.5 : 1 cream at 20 °C: pours", "Pa", 0.01, 40, pa(cream(50, 100), 20));
        row("dark 1 : 1 out of the fridge: a knife", "Pa", 5e3, 3e5, pa(cream(100, 100), 4));
        row("dark 1 : 1 at 35 °C: pours", "Pa", 0.1, 40, pa(cream(100, 100), 35));
        row("milk 1 : 1: pipes", "Pa", 40, 2e3, pa(with(Samples.MILK_41, 100), 20));
        row("milk 2.5 : 1: is cut", "Pa", 5e3, 1.2e5, pa(with(Samples.MILK_41, 250), 20));
        row("ivory 3 : 1: is cut", "Pa", 5e3, 1.2e5, pa(with(Samples.IVORY_33, 300), 20));
        row("ivory 1.5 : 1: pipes", "Pa", 40, 2e3, pa(with(Samples.IVORY_33, 150), 20));
        final Cooked nut = cook(op(OperationKind.ADD, grams(Kitchen.NUT_PASTE, 100)));
        row("nut paste alone: runs to pipes", "Pa", 1, 2e3, pa(nut, 20));
        final Cooked gianduja =
                cook(
                        op(
                                OperationKind.ADD,
                                grams(Kitchen.NUT_PASTE, 100),
                                grams(Samples.MILK_41, 100)));
        row(
                "  and 1 : 1 with milk chocolate, stiffer by",
                "times",
                5,
                1e5,
                pa(gianduja, 20) / pa(nut, 20));
        row("water activity of dark 1 : 1", "", 0.86, 0.95, aw(cream(100, 100)));
        row("water activity of dark 2 : 1", "", 0.80, 0.91, aw(cream(200, 100)));
        row("water activity of a caramel of 116 °C", "", 0.45, 0.72, aw(caramel(116)));
        row(
                "water activity of sugar paste, 250 to 35",
                "",
                0.82,
                0.88,
                aw(
                        cook(
                                op(
                                        OperationKind.ADD,
                                        grams(Kitchen.SUGAR, 250),
                                        grams(Kitchen.WATER, 35)))));
        row(
                "invert sugar softens dark 2 : 1, 20 g to 300",
                "times",
                0.3,
                0.97,
                pa(
                                cook(
                                        op(
                                                OperationKind.BOIL,
                                                grams(Samples.CREAM, 100),
                                                grams(Kitchen.INVERT, 20)),
                                        op(OperationKind.POUR, grams(Samples.DARK_66, 200))),
                                20)
                        / pa(cream(200, 100), 20));
        final Cooked ganache = cream(300, 250);
        row(
                "bowl of ganache 60 mm deep in 22 °C, until it pipes",
                "min",
                90,
                240,
                Math.max(
                        cool(ganache, CoolingVessel.BOWL, 60, 22, 40, 29)
                                .windowOpens()
                                .get(0)
                                .value(),
                        0));
        row(
                "bag 50 mm thick in 22 °C, until it pipes",
                "min",
                90,
                240,
                cool(ganache, CoolingVessel.BAG, 50, 22, 45, 29).windowOpens().get(0).value());
        final Cooked truffle =
                cook(
                        op(OperationKind.BOIL, grams(Samples.CREAM, 100)),
                        op(OperationKind.POUR, grams(Samples.DARK_66, 150)),
                        op(OperationKind.ADD, grams(Kitchen.SPIRIT, 20)));
        final Cooling small = cool(truffle, CoolingVessel.BOWL, 35, 20, 51, 37);
        row(
                "small bowl of spirit truffle, 51 to 37 °C",
                "min",
                25,
                60,
                small.toPiping().get(0).value());
        row(
                "bag 25 mm thick on stone, 49 to 28 °C",
                "min",
                5,
                40,
                Cooling.of(
                                FillingProperties.of(ganache, Conditions.USUAL),
                                new Cooling.Where(
                                        CoolingVessel.BAG,
                                        25,
                                        CoolingStand.STONE,
                                        true,
                                        20,
                                        49,
                                        28))
                        .toPiping()
                        .get(0)
                        .value());
        row(
                "  stirred now and then, against left alone",
                "times",
                0.5,
                0.97,
                Cooling.of(
                                        FillingProperties.of(ganache, Conditions.USUAL),
                                        new Cooling.Where(
                                                CoolingVessel.BOWL,
                                                60,
                                                CoolingStand.TABLE,
                                                true,
                                                22,
                                                40,
                                                29))
                                .toPiping()
                                .get(0)
                                .value()
                        / cool(ganache, CoolingVessel.BOWL, 60, 22, 40, 29)
                                .toPiping()
                                .get(0)
                                .value());
        row(
                "bowl in the fridge, until it is too stiff to pipe",
                "min",
                60,
                180,
                Cooling.of(
                                FillingProperties.of(ganache, Conditions.USUAL),
                                new Cooling.Where(
                                        CoolingVessel.BOWL,
                                        60,
                                        CoolingStand.DRAUGHT,
                                        false,
                                        4,
                                        45,
                                        29))
                        .windowCloses()
                        .get(0)
                        .value());
        row(
                "bowl of ganache, firmness after 24 h in 20 °C against at rest",
                "%",
                95,
                100.5,
                100
                        * cool(ganache, CoolingVessel.BOWL, 60, 20, 60, 29).final24h().value()
                        / Texture.firmness(pa(ganache, 20)));
        row("nut paste 1 : 1 with milk chocolate: just cut", "Pa", 2e3, 3e5, pa(gianduja, 20));
        nutPastes();
        row(
                "butter softens dark 1 : 1, 20 g to 200, by half or so at most",
                "times",
                0.4,
                1,
                pa(
                                cook(
                                        op(OperationKind.BOIL, grams(Samples.CREAM, 100)),
                                        op(OperationKind.POUR, grams(Samples.DARK_66, 100)),
                                        op(OperationKind.BUTTER, grams(Kitchen.BUTTER, 20))),
                                20)
                        / pa(cream(100, 100), 20));
        table.holds("Fillings", 40);
    }
}
