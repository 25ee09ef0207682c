package palintone.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import palintone.core.casting.CastPlan;
import palintone.core.casting.cold.CabinetLoad;
import palintone.core.casting.cold.Released;
import palintone.core.casting.cold.ShellCooling;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.fill.CapSetting;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.Opening;
import palintone.core.casting.shell.OuterCoat;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.Source;
import palintone.core.heat.RoomAir;
import palintone.core.mould.HalfEgg;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

/** What a question about a shell costs the core, and how an hour of it grows with its cells. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ShellBench {

    private static final Couverture DARK =
            new Couverture(
                    new Ingredient(
                            "dark",
                            "dark",
                            Composition.per100(
                                    Map.of(
                                            Component.COCOA_BUTTER, 37.0,
                                            Component.COCOA_SOLIDS, 25.0,
                                            Component.SUCROSE, 38.0)),
                            1.25,
                            Set.of(),
                            Source.workshop("measurement")),
                    CouvertureKind.DARK);

    private static final CastOrder ORDER =
            new CastOrder(
                    new BowlAt(DARK, FluidityClass.MEDIUM, 31.5, new Crystals(0.02, 0)),
                    new Mould("half", "Half", new HalfSphere(28), 24, 4),
                    23,
                    20,
                    Vibration.TAPPED,
                    20,
                    0,
                    Learned.NOTHING);

    /** Half an egg of 20 cm. */
    private static final CastOrder FIGURE =
            new CastOrder(
                    ORDER.bowl(),
                    new Mould("egg", "Egg", new HalfEgg(90, 110, 130), 2, 4),
                    23,
                    20,
                    Vibration.TAPPED,
                    20,
                    0,
                    Learned.NOTHING);

    /** Cells through the chocolate. */
    @State(Scope.Benchmark)
    public static class Cells {

        @Param({"15", "30", "60", "120"})
        private int cells;
    }

    /** A shell, cast and then cooled for an hour. */
    @Benchmark
    public CrustPath hourOfAShell(final Cells cells) {
        return CrustSolver.follow(
                List.of(
                        ConductingLayer.plain(0.002, 6, 0.2, 1.5e6, 23),
                        ConductingLayer.chocolate(
                                DARK, 0.002, cells.cells, 1, 31.5, new Crystals(0.02, 0))),
                new Curvature(2, 0.016),
                BoundaryCondition.still(14, 12),
                BoundaryCondition.still(8, 12),
                3600);
    }

    @Benchmark
    public Shell shellOfAWait() {
        return new ShellCast(ORDER).after(60);
    }

    @Benchmark
    public OptionalDouble waitForAThickness() {
        return new ShellCast(ORDER).waitForMean(1.8);
    }

    /** Everything the station shows at one move of a field. */
    @Benchmark
    public ShellAnswer wholeAnswer() {
        return ShellAnswer.of(ORDER, ShellAnswer.Asked.MEAN, 1.8);
    }

    @Benchmark
    public ShellCooling oneWayThroughTheCold() {
        final ShellCast cast = new ShellCast(ORDER);
        return ShellCooling.of(
                cast, cast.after(60), -1, new CabinetLoad(12, 1.5, 6, 3, 150), Opening.UP);
    }

    /** A figure of two couvertures: an outer coat from its own bowl, the wall onto it. */
    @Benchmark
    public CastPlan figureOfTwoCouvertures() {
        return CastPlan.of(
                FIGURE,
                new CastPlan.Wish(
                        4,
                        Optional.of(new OuterCoat.CoatWish(FIGURE.bowl(), 1.2, true)),
                        Optional.empty(),
                        new CabinetLoad(12, 1.5, 4, 3, 150),
                        new RoomAir(21, 50),
                        Released.NOTHING));
    }

    /** Everything a batch's clock asks, from nothing; a server computes it once for a casting. */
    @Benchmark
    public CastPlan wholePlan() {
        return CastPlan.of(
                ORDER,
                new CastPlan.Wish(
                        1.8,
                        Optional.empty(),
                        Optional.of(
                                new CastPlan.Capped(
                                        ORDER.bowl(), 2, new CapSetting.Below(10, 22, 2.9, 21))),
                        new CabinetLoad(12, 1.5, 4, 3, 150),
                        new RoomAir(21, 50),
                        Released.NOTHING));
    }
}
