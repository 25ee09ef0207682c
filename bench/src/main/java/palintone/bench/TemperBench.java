package palintone.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
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
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import palintone.core.figure.Range;
import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.advice.AdvisedStep;
import palintone.core.temper.advice.Adviser;
import palintone.core.temper.advice.Situation;
import palintone.core.temper.bowl.BowlSimulation;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlTreatment;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.CrystalPath;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.Shear;
import palintone.core.temper.estimate.CrystalEstimator;
import palintone.core.temper.estimate.Estimate;
import palintone.core.temper.estimate.ParameterUncertainty;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.CurvePlanner;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.method.TemperingMethod;

/** What the Temper station costs the core, and how it grows with length and ensemble. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class TemperBench {

    private static final Couverture DARK =
            new Couverture(
                    new Ingredient(
                            "dark",
                            "Dark",
                            Composition.per100(
                                    Map.of(
                                            Component.COCOA_BUTTER, 40.0,
                                            Component.COCOA_SOLIDS, 26.0,
                                            Component.SUCROSE, 34.0)),
                            1.24,
                            Set.of(),
                            Source.workshop("measurement")),
                    CouvertureKind.DARK);
    private static final TemperTargets TARGETS =
            TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW);
    private static final Equipment WORKSHOP =
            new Equipment(new HeatSource(800, 0.6), 19, 0.54, 20, 14, 9000, 900);
    private static final BowlVessel BOWL = BowlVessel.holding(VesselKind.STEEL_BOWL, 3000, 1.2);

    /** A bowl left to itself for hours. */
    @State(Scope.Benchmark)
    public static class Hours {
        @Param({"0.5", "2", "8"})
        double hours;
    }

    @Benchmark
    public BowlState simulate(final Hours length) {
        final BowlSimulation bowl =
                new BowlSimulation(
                        DARK, DARK.crystals(), BOWL, new BowlState(0, 3000, 47, Crystals.NONE));
        return bowl.run(BowlTreatment.room(20, Shear.STIRRED), length.hours * 3600);
    }

    @Benchmark
    public TemperCurve plan() {
        return CurvePlanner.plan(
                new CurveOrder(
                        DARK,
                        FluidityClass.MEDIUM,
                        TARGETS,
                        3000,
                        VesselKind.STEEL_BOWL,
                        TemperingMethod.COLD_BATH,
                        20,
                        WORKSHOP,
                        Optional.empty()));
    }

    /** Readings along a good curve, one a second. */
    @State(Scope.Benchmark)
    public static class Readings {
        @Param({"5000", "20000"})
        int readings;

        double[] celsius;

        @Setup
        public void read() {
            final Random random = new Random(1);
            celsius = new double[readings];
            for (int i = 0; i < readings; i++) {
                celsius[i] = 26.5 + 5 * Math.sin(i / 2000.0) + 0.05 * random.nextGaussian();
            }
        }
    }

    @Benchmark
    public Crystals replay(final Readings trace) {
        final CrystalPath path = new CrystalPath(DARK.crystals(), Crystals.NONE);
        for (int i = 1; i < trace.celsius.length; i++) {
            path.advance(trace.celsius[i - 1], trace.celsius[i], 1, 0.5);
        }
        return path.now();
    }

    /** Sizes of an ensemble. */
    @State(Scope.Benchmark)
    public static class Members {
        @Param({"50", "200", "800"})
        int members;
    }

    /** A one-hour bowl, read every two seconds. */
    @Benchmark
    public Estimate ensemble(final Members size) {
        final CrystalEstimator estimator =
                new CrystalEstimator(
                        DARK.crystals().curve(),
                        size.members,
                        1,
                        ParameterUncertainty.USUAL,
                        Crystals.NONE,
                        0);
        double before = 47;
        for (int s = 2; s <= 3600; s += 2) {
            final double now = s < 900 ? 47 - s * 20.5 / 900 : s < 1200 ? 26.5 : 31.4;
            estimator.advance(before, now, 2, Shear.STIRRED);
            before = now;
        }
        return estimator.now();
    }

    /** Where a bowl may stand when advice is asked. */
    @State(Scope.Benchmark)
    public static class Bowls {
        @Param({"46", "33.5", "31.4", "28"})
        double celsius;

        @Param({"0.0", "0.01"})
        double stable;
    }

    @Benchmark
    public List<AdvisedStep> advice(final Bowls bowl) {
        final Crystals crystals = new Crystals(bowl.stable, 0);
        return Adviser.next(
                new Situation(
                        DARK,
                        TARGETS,
                        BOWL,
                        WORKSHOP,
                        20,
                        3000,
                        bowl.celsius,
                        0,
                        new Estimate(
                                crystals,
                                new Range(0, 0.1),
                                new Range(0, 0),
                                Map.of(Verdict.of(crystals, bowl.stable), 0.9))));
    }
}
