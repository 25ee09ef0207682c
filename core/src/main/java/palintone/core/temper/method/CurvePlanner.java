package palintone.core.temper.method;

import java.util.List;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.temper.SeedPlan;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.flow.CassonFlow;
import palintone.core.temper.flow.FluidityClass;

/** Plans the curve of a bowl by playing it on the simulated one. */
public final class CurvePlanner {

    /** A melted bowl is not seeded hotter than this. */
    private static final double HOTTEST_SEEDING_C = 50;

    /** Gentle melting goes to where this much of the fat is still solid. */
    private static final double KEPT_SOLID = 0.07;

    /** Dark is stirred down to here by the third school of seeding; common practice, no source. */
    private static final double UNDERCOOL_C = 27.8;

    /** A quick cold bath ends here; common practice, no source. */
    private static final double QUICK_C = 26.5;

    private static final double KETTLE_COOLS = 0.5;
    private static final double SEED_STIR_S = 180;

    /** Minutes a window should stay open; ours. */
    private static final Band WINDOW_MIN = new Band(0, 15, 240, 600);

    private CurvePlanner() {}

    /**
     * The curve for an order.
     *
     * @throws palintone.core.figure.OutOfRangeException when the equipment cannot do it
     */
    public static TemperCurve plan(final CurveOrder order) {
        return plan(order, true);
    }

    /**
     * The same without what it is solved for the other way round: for a batch, which only follows
     * it.
     */
    public static TemperCurve forward(final CurveOrder order) {
        return plan(order, false);
    }

    private static TemperCurve plan(final CurveOrder order, final boolean bothWays) {
        final CurveScript script =
                switch (order.method()) {
                    case TABLING -> tabling(order);
                    case SEED_THIRD, SEED_FEW -> seeding(order);
                    case COLD_BATH -> coldBath(order);
                    case COLD_BATH_QUICK -> quickBath(order);
                    case KEEP_TEMPER -> keepTemper(order);
                    case KETTLE -> kettle(order);
                    case SEED_UNDERCOOL -> seedAndUndercool(order);
                };
        final BowlState begins = script.bowl.now();
        final double readyS = script.now();
        final double windowS = script.work();
        return describe(order, script, begins, readyS, windowS, bothWays);
    }

    private static CurveScript tabling(final CurveOrder order) {
        final CurveScript script = new CurveScript(order, order.massG());
        script.melt();
        script.table(order.shareOrPractice(), CurveScript.WANTED_STABLE);
        intoWindow(script);
        return script;
    }

    private static CurveScript seeding(final CurveOrder order) {
        final CurveScript script = seeded(order);
        intoWindow(script);
        return script;
    }

    private static CurveScript seeded(final CurveOrder order) {
        final double share = order.shareOrPractice();
        final SeedPlan plan =
                SeedPlan.forShare(
                        order.couverture(),
                        order.targets().work(),
                        order.massG(),
                        share,
                        order.roomC());
        final CurveScript script = new CurveScript(order, plan.meltG().value());
        script.melt();
        final double bowlC = Math.min(HOTTEST_SEEDING_C, plan.bowlTemperatureC().value());
        final Band band =
                plan.bowlTemperatureC().band().orElse(new Band(bowlC, bowlC, bowlC, bowlC));
        if (order.method() == TemperingMethod.SEED_FEW) {
            script.coolInBath(bowlC, band);
        } else {
            script.coolInRoom(bowlC, band, CurveSentences.coolInRoom(bowlC));
        }
        script.seed(plan.seedG().value(), SEED_STIR_S);
        script.solve(plan.seedG());
        script.solve(plan.bowlTemperatureC());
        script.solve(plan.landingC());
        return script;
    }

    /**
     * The third school of seeding: seed, stirred down well under the window so that more crystals
     * come, then back up, which melts what is not stable.
     */
    private static CurveScript seedAndUndercool(final CurveOrder order) {
        final CurveScript script = seeded(order);
        final double under = script.law.curve().fromCocoaButterC(UNDERCOOL_C);
        script.coolInBath(under, Band.around(under - 0.5, under + 0.5, 1.2));
        script.rewarmInPulses();
        return script;
    }

    private static CurveScript coldBath(final CurveOrder order) {
        final CurveScript script = new CurveScript(order, order.massG());
        script.melt();
        bathReaches(order, script.coolC);
        script.coolInBath(script.coolC, Band.around(script.coolC - 0.5, script.coolC + 0.7, 1.5));
        script.hold(CurveScript.WANTED_STABLE, 1);
        script.rewarmInPulses();
        return script;
    }

    /**
     * Makers stir it down to 26 or 27 °C, whatever it is, and go up at once. What is there then is
     * said; and it is held for as long as that is not enough.
     */
    private static CurveScript quickBath(final CurveOrder order) {
        final CurveScript script = new CurveScript(order, order.massG());
        script.melt();
        final double toC = Math.min(QUICK_C, order.targets().work().low() - 0.5);
        bathReaches(order, toC);
        script.coolQuickly(toC, Band.around(toC - 0.5, toC + 0.5, 1));
        final double stable = script.bowl.now().crystals().stable();
        script.solve(
                Figure.of(
                        "seed where it goes up at once", stable * 100, Unit.PERCENT, basis(order)));
        if (stable < CurveScript.WANTED_STABLE) {
            script.solve(
                    Figure.of(
                            "hold that is wanted there",
                            script.holdAt(toC, CurveScript.WANTED_STABLE, 1) / 60,
                            Unit.MINUTE,
                            basis(order)));
        }
        script.rewarmInPulses();
        return script;
    }

    private static void bathReaches(final CurveOrder order, final double toC) {
        if (order.equipment().bathC() > toC - 2) {
            throw new OutOfRangeException(
                    "bath temperature",
                    Math.round(order.equipment().bathC() * 10) / 10.0 + " °C",
                    "up to " + Math.round((toC - 2) * 10) / 10.0 + " °C for this method");
        }
    }

    /** Worked where it is warm: cooled on, so many crystals would make it thick. */
    private static CurveScript keepTemper(final CurveOrder order) {
        final CurveScript script = new CurveScript(order, order.massG());
        script.warmGently(script.law.curve().temperatureFor(KEPT_SOLID), KEPT_SOLID);
        return script;
    }

    private static CurveScript kettle(final CurveOrder order) {
        final CurveScript script = new CurveScript(order, order.massG());
        final double watts = order.equipment().kettleW();
        script.meltByKettle(watts);
        script.coolByKettle(watts * KETTLE_COOLS);
        script.hold(CurveScript.WANTED_STABLE, 0.1);
        script.rewarm(watts * 0.3, 0.1);
        return script;
    }

    /** A bowl above the window is stirred down into it, one below is rewarmed. */
    private static void intoWindow(final CurveScript script) {
        final Band work = script.order.targets().work();
        if (script.temperatureC() > work.high()) {
            final double to = work.high() - 0.1;
            script.coolInRoom(to, work, CurveSentences.coolInRoom(to));
        } else if (script.temperatureC() < work.low()) {
            script.rewarmInPulses();
        }
    }

    /**
     * Share to pour on the stone so that the bowl comes back at a temperature; the other way round
     * of a plan by tabling.
     *
     * @param targetC after the remix
     * @throws OutOfRangeException when no share from 20 to 95 % does it
     */
    public static double shareToTable(final CurveOrder order, final double targetC) {
        final CurveOrder tabled = order.by(TemperingMethod.TABLING);
        final double least = afterRemixC(tabled.withShare(0.2));
        final double most = afterRemixC(tabled.withShare(0.95));
        if (targetC > least || targetC < most) {
            throw new OutOfRangeException(
                    "temperature after the stone",
                    String.format(java.util.Locale.ROOT, "%.1f °C", targetC),
                    String.format(java.util.Locale.ROOT, "%.1f to %.1f °C", most, least));
        }
        return new BracketingNthOrderBrentSolver(1e-6, 1e-4, 5)
                .solve(60, s -> afterRemixC(tabled.withShare(s)) - targetC, 0.2, 0.95);
    }

    /** Temperature of the bowl when the tabled part is back in it, °C. */
    public static double afterRemixC(final CurveOrder order) {
        final CurveScript script = new CurveScript(order, order.massG());
        script.melt();
        script.table(order.shareOrPractice(), CurveScript.WANTED_STABLE);
        return script.temperatureC();
    }

    private static TemperCurve describe(
            final CurveOrder order,
            final CurveScript script,
            final BowlState begins,
            final double readyS,
            final double windowS,
            final boolean bothWays) {
        final Basis simulated = basis(order);
        if (bothWays && order.method() == TemperingMethod.TABLING) {
            script.solve(bestShare(order, simulated));
        }
        final Verdict verdict = Verdict.of(begins.crystals(), begins.crystals().stable());
        final double thickness =
                CassonFlow.thickening(
                        order.couverture().ingredient().composition(), begins.crystals());
        return new TemperCurve(
                order,
                script.phases(),
                script.path(),
                Figure.of("ready after", readyS / 60, Unit.MINUTE, simulated),
                Figure.of("of these at the bowl", script.handsOnS() / 60, Unit.MINUTE, simulated),
                Figure.of(
                                "seed when work begins",
                                begins.crystals().stable() * 100,
                                Unit.PERCENT,
                                simulated)
                        .within(new Band(Verdict.LEAST_STABLE * 100, 0.5, 5, 10)),
                Figure.of(
                                "times as thick as without crystals",
                                thickness,
                                Unit.ONE,
                                simulated.from(CassonFlow.SOURCE))
                        .within(new Band(0.9, 1, 2, 3)),
                pour(order, begins, simulated),
                Figure.of("window stays open", windowS / 60, Unit.MINUTE, simulated)
                        .within(WINDOW_MIN),
                script.solved(),
                CurveRisks.of(order),
                verdict);
    }

    private static Figure pour(
            final CurveOrder order, final BowlState begins, final Basis simulated) {
        final CassonFlow flow =
                CassonFlow.of(
                        order.fluidity(),
                        order.couverture().ingredient().composition(),
                        begins.temperatureC(),
                        begins.crystals());
        return Figure.of(
                        "thickness as it pours",
                        flow.apparentPaS(CassonFlow.POURED_PER_S),
                        Unit.PASCAL_SECOND,
                        simulated
                                .with("yield value", flow.yieldPa(), Unit.PASCAL)
                                .with("plastic viscosity", flow.plasticPaS(), Unit.PASCAL_SECOND)
                                .with("at a shear rate (1/s)", CassonFlow.POURED_PER_S, Unit.ONE)
                                .from(CassonFlow.SOURCE)
                                .from(FluidityClass.SOURCE))
                .within(
                        new Band(
                                0,
                                1,
                                CassonFlow.NO_LONGER_POURS_PA_S * 2 / 3,
                                CassonFlow.NO_LONGER_POURS_PA_S));
    }

    private static Figure bestShare(final CurveOrder order, final Basis simulated) {
        final Band work = order.targets().work();
        double share;
        try {
            share = shareToTable(order, work.middle());
        } catch (final OutOfRangeException none) {
            share = order.shareOrPractice();
        }
        return Figure.of(
                "to pour for the middle of the window", share * 100, Unit.PERCENT, simulated);
    }

    private static Basis basis(final CurveOrder order) {
        return Basis.of(
                        "heat balance of chocolate, vessel, room and heater, with the crystals that"
                                + " form and melt, integrated over time")
                .with("mass", order.massG(), Unit.GRAM)
                .with("room", order.roomC(), Unit.CELSIUS)
                .with("lost to the room (W/K)", order.vessel().airWPerK(), Unit.ONE)
                .with("cp (J/gK)", order.couverture().cpJPerGK(), Unit.ONE)
                .with("heat that arrives", order.equipment().heat().wattsIn(), Unit.WATT)
                .from(CrystalConstants.SOURCE)
                .from(VesselKind.SOURCE)
                .from(TemperTargets.SOURCE)
                .from(Source.practice("order of the moves"));
    }

    /** Two methods for the same bowl, side by side. */
    public static List<TemperCurve> compare(
            final CurveOrder order, final List<TemperingMethod> methods) {
        return methods.stream().map(m -> plan(order.by(m))).toList();
    }
}
