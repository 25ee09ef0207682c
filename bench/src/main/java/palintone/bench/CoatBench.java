package palintone.bench;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Warmup;
import palintone.core.casting.pour.BowlAt;
import palintone.core.coat.BowlEmptied;
import palintone.core.coat.Centre;
import palintone.core.coat.CentreShape;
import palintone.core.coat.Coat;
import palintone.core.coat.DipOrder;
import palintone.core.coat.DipPlan;
import palintone.core.coat.DipSolve;
import palintone.core.coat.MixedCut;
import palintone.core.coat.RoundLayout;
import palintone.core.coat.SlabCut;
import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

/** What a question about coats costs the core. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class CoatBench {

    private static final DipOrder ORDER =
            new DipOrder(
                    new BowlAt(
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
                                    CouvertureKind.DARK),
                            FluidityClass.THIN,
                            31.5,
                            new Crystals(0.01, 0)),
                    new Centre(new CentreShape.Block(25, 25, 12), 1.15, 2.5, 0.3),
                    18,
                    2,
                    6,
                    true,
                    20,
                    1);

    @Benchmark
    public Coat oneCoat() {
        return Coat.of(ORDER);
    }

    /** The bowl followed to the end. */
    @Benchmark
    public BowlEmptied trayOfTwoHundred() {
        return BowlEmptied.of(new BowlEmptied.Tray(ORDER, 200, 10, 3000, 30));
    }

    @Benchmark
    public DipSolve.Tapped tappingForAWeight() {
        return DipSolve.tappedFor(ORDER, 3);
    }

    /** What a batch of dipped pieces asks, from nothing. */
    @Benchmark
    public DipPlan planOfADip() {
        return DipPlan.of(ORDER, 3);
    }

    @Benchmark
    public RoundLayout twoHundredRounds() {
        return RoundLayout.of(600, 400, 34, 1);
    }

    /** A nested sheet: rounds, strips beside them, and the bound. */
    @Benchmark
    public MixedCut roundsAndStrips() {
        return MixedCut.of(600, 400, new MixedCut.CutWish(34, 1, 90, 60, 12));
    }

    /** With pieces that turn at the end of their rows. */
    @Benchmark
    public SlabCut slabOfManyPieces() {
        return SlabCut.of(new SlabCut.Slab(600, 400, 5, 0.6, 37, 22));
    }
}
