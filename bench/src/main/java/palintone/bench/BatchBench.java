package palintone.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import palintone.core.figure.Source;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.heat.RoomAir;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.piece.BatchHabits;
import palintone.core.piece.BatchSize;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.Materials;
import palintone.core.piece.MouldedPiece;
import palintone.core.piece.Workplace;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.SeedPlan;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.CurvePlanner;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.work.BatchPlan;

/** What a press on Pieces costs the core. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class BatchBench {

    private final Ingredient chocolate =
            ingredient(
                    "dark",
                    Map.of(
                            Component.COCOA_BUTTER, 40.0,
                            Component.COCOA_SOLIDS, 26.0,
                            Component.SUCROSE, 33.0,
                            Component.WATER, 1.0));
    private final Ingredient cream =
            ingredient(
                    "cream",
                    Map.of(
                            Component.WATER, 59.0,
                            Component.MILK_FAT, 35.0,
                            Component.LACTOSE, 3.2,
                            Component.PROTEIN, 2.8));
    private final Filling ganache =
            Filling.stirred(
                    "ganache",
                    "Ganache",
                    List.of(
                            new RecipeLine(chocolate, 500, KitchenUnit.GRAM),
                            new RecipeLine(cream, 2, KitchenUnit.CUP)));
    private final Couverture couverture = new Couverture(chocolate, CouvertureKind.DARK);
    private final MouldedPiece piece =
            new MouldedPiece(
                    "piece",
                    "Piece",
                    new Mould("mould", "Mould", new HalfSphere(28), 32, 6),
                    couverture,
                    1.6,
                    1.8,
                    List.of(new FillingLayer(ganache, 1)),
                    Optional.empty());
    private final TemperTargets targets =
            TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW);

    private static Ingredient ingredient(final String id, final Map<Component, Double> parts) {
        return new Ingredient(
                id, id, Composition.per100(parts), 1, Set.of(), Source.workshop("measurement"));
    }

    /** Masses of everything for four moulds. */
    @Benchmark
    public Materials materials() {
        return piece.materials(BatchSize.ofMoulds(4, 32), new BatchHabits(2, 0.25, 0.08));
    }

    /** The same, with the curve played and every task laid out. */
    @Benchmark
    public BatchPlan plan() {
        final Materials needs = materials();
        final HeatSource heat = new HeatSource(600, 0.6);
        return BatchPlan.of(
                needs,
                new Workplace(
                        CurvePlanner.forward(
                                new CurveOrder(
                                        couverture,
                                        FluidityClass.MEDIUM,
                                        targets,
                                        needs.toMelt().value(),
                                        VesselKind.STEEL_BOWL,
                                        TemperingMethod.SEED_THIRD,
                                        20,
                                        new Equipment(heat, 18, 0.54, 30, 15, 6000, 800),
                                        Optional.empty())),
                        new RoomAir(20, 52),
                        12,
                        heat,
                        Workplace.Fillings.MADE_WITH_IT));
    }

    /** Water activity by two models, and the rest of a filling's figures. */
    @Benchmark
    public FillingFigures filling() {
        return FillingFigures.of(ganache);
    }

    /** Seed for a bowl: the nested solve. */
    @Benchmark
    public SeedPlan seedForBowl() {
        return SeedPlan.forBowl(couverture, targets.work(), 1000, 42, 20);
    }
}
