package palintone.core.casting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.casting.cold.CabinetLoad;
import palintone.core.casting.cold.ShellCooling;
import palintone.core.casting.colour.ColourDrying;
import palintone.core.casting.fill.WarmestFill;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.pour.MouldWarmth;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.pour.WorkedBowl;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Draining;
import palintone.core.casting.shell.Halves;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.Opening;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellCast;
import palintone.core.heat.AirFlow;
import palintone.core.mould.HalfEgg;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.CurvePlanner;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.method.TemperingMethod;

/**
 * What {@link CalibratedCasting} comes to, beside what makers do (common practice, no source):
 * prints the fit, and holds every number to its band.
 */
class CalibrationTest {

    private static final Mould SMALL = new Mould("small", "Small", new HalfSphere(28), 24, 4);

    private final List<String> table = new ArrayList<>();
    private final List<String> outside = new ArrayList<>();

    private static CastOrder order(final Mould mould, final Vibration by) {
        return new CastOrder(
                new BowlAt(Samples.dark(), FluidityClass.MEDIUM, 31.5, new Crystals(0.01, 0)),
                mould,
                22,
                20,
                by,
                20,
                0,
                Learned.NOTHING);
    }

    private void row(final String what, final double from, final double to, final double is) {
        table.add(String.format(Locale.ROOT, "%-44s %6.2f to %6.2f  %7.2f", what, from, to, is));
        if (!(is >= from && is <= to)) {
            outside.add(what + " is " + is);
        }
    }

    /**
     * A shell by waiting, from the bowl of a house that seeds by a third, in a mould of 22 °C:
     * light after a minute, about 2 mm after two, twice as thick as a light one after five at the
     * most.
     */
    private void waiting() {
        for (final Couverture couverture :
                List.of(
                        Samples.dark(),
                        new Couverture(Samples.MILK_41, CouvertureKind.MILK),
                        new Couverture(Samples.IVORY_33, CouvertureKind.WHITE))) {
            final BowlAt bowl =
                    WorkedBowl.of(
                            CurvePlanner.forward(
                                    new CurveOrder(
                                            couverture,
                                            FluidityClass.MEDIUM,
                                            TemperTargets.of(
                                                    couverture.kind(), DarkWindowPractice.LOW),
                                            WorkedBowl.PLANNED_G,
                                            VesselKind.STEEL_BOWL,
                                            TemperingMethod.SEED_THIRD,
                                            20,
                                            new Equipment(
                                                    new HeatSource(800, 0.6),
                                                    19,
                                                    0.54,
                                                    20,
                                                    14,
                                                    9000,
                                                    900),
                                            Optional.empty())));
            final ShellCast cast =
                    new ShellCast(
                            new CastOrder(
                                    bowl, SMALL, 22, 20, Vibration.TAPPED, 20, 0, Learned.NOTHING));
            final String what = couverture.kind() + ", waited ";
            row(what + "1 min, mm", 1.3, 2.0, cast.after(60).meanMm());
            row(what + "2 min, mm", 1.6, 2.4, cast.after(120).meanMm());
            row(what + "5 min, mm", 2.0, 4.2, cast.after(300).meanMm());
        }
    }

    @Test
    void theModelDoesAsMakersDo() {
        final ShellCast tapped = new ShellCast(order(SMALL, Vibration.TAPPED));
        final Shell shell = tapped.after(60);
        row("small shell after a minute, tapped, mm", 1.3, 2.1, shell.meanMm());
        row(
                "the same on the table, mm",
                1.0,
                1.7,
                new ShellCast(order(SMALL, Vibration.TABLE)).after(60).meanMm());
        final Draining rack = Draining.of(tapped, shell, Draining.Stands.RACK);
        row("its shine goes, min", 2, 8, rack.beginsS() / 60);
        row("scraped at the latest, min", 3, 12, rack.latestS() / 60);
        final MouldWarmth warmth = MouldWarmth.of(tapped.order().bowl(), SMALL, 20, 9);
        row("mould under the chocolate at the most, K", 2, 4, 31.5 - warmth.toC());
        final CabinetLoad few = new CabinetLoad(9, AirFlow.MOVING_M_PER_S, 4, 4, 150);
        final ShellCooling cold = ShellCooling.of(tapped, shell, -1, few, Opening.UP);
        row("small shell lets go at 9 °C, sooner, min", 5, 15, cold.releaseS().low() / 60);
        row("the same, later, min", 10, 22, cold.releaseS().high() / 60);
        final Mould egg = new Mould("egg", "Egg", new HalfEgg(60, 90, 100), 1, 2);
        final ShellCast big = new ShellCast(order(egg, Vibration.NONE));
        final ShellCooling slow =
                ShellCooling.of(
                        big,
                        big.after(240),
                        -1,
                        new CabinetLoad(15, AirFlow.MOVING_M_PER_S, 4, 2, 150),
                        Opening.UP);
        row("large figure lets go at 15 °C, later, min", 15, 60, slow.releaseS().high() / 60);
        for (final double thick : new double[] {0.8, 1.6, 3}) {
            row(
                    "fill a shell of " + thick + " mm no warmer than, °C",
                    27,
                    30,
                    WarmestFill.of(Samples.dark(), SMALL, thick, 20, 20, 2.9).advisedC());
        }
        final Halves halves = Halves.of(tapped.order().bowl(), 20, 20);
        row("glued halves hold, min", 2, 15, halves.holdsS() / 60);
        final ColourDrying colour = ColourDrying.of(0.05, 29, 1, SMALL, 20, 20);
        row("colour smears no more, min", 0.5, 5, colour.dryS() / 60);
        row("colour holds, min", 1, 20, colour.holdsS() / 60);
        waiting();
        System.out.println(
                "Casting, calibrated: practice from, to; the model\n" + String.join("\n", table));
        assertThat(outside).isEmpty();
    }
}
