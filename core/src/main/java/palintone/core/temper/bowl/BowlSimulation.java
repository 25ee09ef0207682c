package palintone.core.temper.bowl;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketedUnivariateSolver;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.events.Action;
import org.hipparchus.ode.events.AdaptableInterval;
import org.hipparchus.ode.events.ODEEventDetector;
import org.hipparchus.ode.events.ODEEventHandler;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.hipparchus.ode.sampling.ODEStateInterpolator;
import org.hipparchus.ode.sampling.ODEStepHandler;
import palintone.core.figure.Require;
import palintone.core.temper.Couverture;
import palintone.core.temper.bowl.BowlEquations.Thermal;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;

/**
 * Lets a bowl live through one setting after the other, and keeps its path and its heat ledger.
 * Mutable: it is the one thing in this room that has a history. Adaptive integration (Dormand &
 * Prince 1980, by Hipparchus), events located by its detectors.
 */
public final class BowlSimulation {

    /** Path points are kept this far apart, s. */
    private static final double KEEP_S = 10;

    private static final double LONGEST_STEP_S = 120;
    private static final double CHECK_S = 20;
    private static final double EVENT_ACCURACY_S = 1e-3;
    private static final double DEFAULT_TOLERANCE = 1e-6;

    private final Couverture couverture;
    private final CrystalLaw law;
    private final BowlVessel vessel;
    private final Thermal thermal;
    private final double tolerance;
    private final List<BowlState> path = new ArrayList<>();
    private final double atStartJ;
    private double roomJ;
    private double sourceJ;
    private double heatSinkJ;
    private double addedJ;
    private double takenJ;
    private List<Double> heatSinkLayersC = List.of();
    private double enthalpyJ;
    private BowlState now;

    public BowlSimulation(
            final Couverture couverture,
            final CrystalLaw law,
            final BowlVessel vessel,
            final BowlState start) {
        this(couverture, law, vessel, start, DEFAULT_TOLERANCE);
    }

    /**
     * Allowed: mass in the bowl above 0 to 1000000 g; bowl temperature −10 to 120 °C.
     *
     * @param tolerance of a step, relative to the whole range of each quantity, 1e-12 to 1e-3
     */
    public BowlSimulation(
            final Couverture couverture,
            final CrystalLaw law,
            final BowlVessel vessel,
            final BowlState start,
            final double tolerance) {
        Require.positive("mass in the bowl", start.massG(), 1_000_000, "g");
        Require.between("bowl temperature", start.temperatureC(), -10, 120, "°C");
        this.couverture = couverture;
        this.law = law;
        this.vessel = vessel;
        this.tolerance = Require.between("tolerance", tolerance, 1e-12, 1e-3, "");
        thermal = Thermal.of(couverture);
        now = start;
        enthalpyJ = enthalpyOf(start);
        atStartJ = enthalpyJ;
        path.add(start);
    }

    public BowlState now() {
        return now;
    }

    public Couverture couverture() {
        return couverture;
    }

    public BowlVessel vessel() {
        return vessel;
    }

    public List<BowlState> path() {
        return List.copyOf(path);
    }

    /**
     * Temperatures of bath or stone after the last run, from the touched side; none without one.
     */
    public List<Double> heatSinkLayersC() {
        return heatSinkLayersC;
    }

    public Ledger ledger() {
        return new Ledger(atStartJ, roomJ, sourceJ, heatSinkJ, addedJ, takenJ, enthalpyJ);
    }

    /** Goes on for some seconds. */
    public BowlState run(final BowlTreatment setting, final double seconds) {
        integrate(setting, Require.between("time", seconds, 0, 7 * 86_400, "s"), Optional.empty());
        return now;
    }

    /**
     * Goes on until something happens, or for as long as is allowed.
     *
     * @return seconds it took; empty where it did not happen in time
     */
    public Optional<Double> runUntil(
            final BowlTreatment setting, final Stop stop, final double longestS) {
        final double from = now.timeS();
        return integrate(setting, longestS, Optional.of(stop))
                ? Optional.of(now.timeS() - from)
                : Optional.empty();
    }

    /** Stirs in more of the same chocolate. Allowed: mass stirred in above 0 to 1000000 g. */
    public BowlState add(final double massG, final double temperatureC, final Crystals crystals) {
        Require.positive("mass stirred in", massG, 1_000_000, "g");
        final double brought =
                thermal.enthalpyJ(massG, 0, temperatureC, crystals.stable(), crystals.unstable());
        addedJ += brought;
        enthalpyJ += brought;
        return settle(now.massG() + massG, now.crystals().mixedWith(now.massG(), crystals, massG));
    }

    /** Takes chocolate out as it is. */
    public BowlState take(final double massG) {
        Require.between("mass taken", massG, 0, now.massG() - 1, "g");
        final double gone =
                thermal.enthalpyJ(
                        massG,
                        0,
                        now.temperatureC(),
                        now.crystals().stable(),
                        now.crystals().unstable());
        takenJ += gone;
        enthalpyJ -= gone;
        return settle(now.massG() - massG, now.crystals());
    }

    private BowlState settle(final double massG, final Crystals crystals) {
        now =
                new BowlState(
                        now.timeS(),
                        massG,
                        thermal.temperatureC(
                                massG,
                                vessel.capacityJPerK(),
                                enthalpyJ,
                                crystals.stable(),
                                crystals.unstable()),
                        crystals);
        path.add(now);
        return now;
    }

    private double enthalpyOf(final BowlState state) {
        return thermal.enthalpyJ(
                state.massG(),
                vessel.capacityJPerK(),
                state.temperatureC(),
                state.crystals().stable(),
                state.crystals().unstable());
    }

    private boolean integrate(
            final BowlTreatment setting, final double seconds, final Optional<Stop> stop) {
        if (seconds <= 0) {
            return false;
        }
        final BowlEquations equations =
                new BowlEquations(law, vessel, setting, thermal, now.massG());
        final double[] y = new double[BowlEquations.size(setting)];
        y[BowlEquations.H] = enthalpyJ;
        y[BowlEquations.STABLE] = now.crystals().stable();
        y[BowlEquations.UNSTABLE] = now.crystals().unstable();
        for (int i = BowlEquations.COMPANION_C; i < y.length; i++) {
            y[i] = setting.heatSink().orElseThrow().layersC().get(i - BowlEquations.COMPANION_C);
        }
        final DormandPrince54Integrator integrator = integrator(equations.getDimension());
        final double from = now.timeS();
        integrator.addStepHandler(new Keeper(equations));
        final boolean[] happened = {false};
        stop.ifPresent(s -> integrator.addEventDetector(new Watch(equations, s, happened)));
        final ODEStateAndDerivative end =
                integrator.integrate(equations, new ODEState(from, y), from + seconds);
        final double[] last = end.getPrimaryState();
        enthalpyJ = last[BowlEquations.H];
        roomJ += last[BowlEquations.ROOM];
        sourceJ += last[BowlEquations.SOURCE];
        heatSinkJ += last[BowlEquations.COMPANION];
        heatSinkLayersC =
                Arrays.stream(last, BowlEquations.COMPANION_C, last.length).boxed().toList();
        now = state(equations, end.getTime(), last);
        if (path.get(path.size() - 1).timeS() < now.timeS()) {
            path.add(now);
        }
        return happened[0];
    }

    private DormandPrince54Integrator integrator(final int size) {
        final double[] absolute = new double[size];
        final double joule = now.massG() * thermal.cpJPerGK();
        Arrays.fill(absolute, 100 * joule * tolerance);
        absolute[BowlEquations.H] = 10 * joule * tolerance;
        absolute[BowlEquations.STABLE] = tolerance;
        absolute[BowlEquations.UNSTABLE] = tolerance;
        Arrays.fill(absolute, BowlEquations.COMPANION_C, size, 10 * tolerance);
        final DormandPrince54Integrator integrator =
                new DormandPrince54Integrator(1e-9, LONGEST_STEP_S, absolute, new double[size]);
        integrator.setInitialStepSize(0.5);
        return integrator;
    }

    private BowlState state(final BowlEquations equations, final double timeS, final double[] y) {
        final double stable = Math.max(0, y[BowlEquations.STABLE]);
        return new BowlState(
                timeS,
                now.massG(),
                equations.temperatureC(y),
                new Crystals(stable, Math.max(0, y[BowlEquations.UNSTABLE])));
    }

    /** Keeps points of the path on the way. */
    private final class Keeper implements ODEStepHandler {
        private final BowlEquations equations;

        Keeper(final BowlEquations equations) {
            this.equations = equations;
        }

        @Override
        public void handleStep(final ODEStateInterpolator step) {
            double next = path.get(path.size() - 1).timeS() + KEEP_S;
            final double until = step.getCurrentState().getTime();
            while (next < until) {
                path.add(state(equations, next, step.getInterpolatedState(next).getPrimaryState()));
                next += KEEP_S;
            }
        }
    }

    /** Stops the run where a crossing lies. */
    private record Watch(BowlEquations equations, Stop stop, boolean[] happened)
            implements ODEEventDetector {

        @Override
        public AdaptableInterval getMaxCheckInterval() {
            return AdaptableInterval.of(CHECK_S);
        }

        @Override
        public int getMaxIterationCount() {
            return 100;
        }

        @Override
        public BracketedUnivariateSolver<UnivariateFunction> getSolver() {
            return new BracketingNthOrderBrentSolver(0, EVENT_ACCURACY_S, 0, 5);
        }

        @Override
        public ODEEventHandler getHandler() {
            return (state, detector, increasing) -> {
                happened[0] = true;
                return Action.STOP;
            };
        }

        @Override
        public double g(final ODEStateAndDerivative state) {
            final double[] y = state.getPrimaryState();
            return stop.crossing()
                    .at(
                            equations.temperatureC(y),
                            y[BowlEquations.STABLE],
                            y[BowlEquations.UNSTABLE]);
        }
    }
}
