package palintone.core.temper.trace;

import java.util.ArrayList;
import java.util.List;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Require;
import palintone.core.temper.Couverture;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.Shear;
import palintone.core.temper.estimate.CrystalEstimator;
import palintone.core.temper.estimate.Estimate;
import palintone.core.temper.estimate.ParameterUncertainty;

/**
 * Replays readings and happenings in order of time, live or from a record. The ensemble underneath
 * lives through each stretch once; nothing is computed twice.
 */
public final class BowlReplay {

    /** Begun colder than this the bowl is taken for solid and in temper. */
    private static final double SOLID_BELOW_C = 30;

    /** Begun between solid and melted nothing is known: seed of some share, or none. */
    private static final double SURELY_MELTED_C = 38;

    private static final double UNKNOWN_STABLE = 0.004;
    private static final double UNKNOWN_DOUBT = 1.5;
    private static final double KNOWN_DOUBT = 0.05;

    /** Above this nothing is left to be lost. */
    private static final double FORGET_C = 43;

    private static final int ENSEMBLE = 120;

    /** Longest stretch without readings that is drawn as a straight line, s. */
    private static final double LONGEST_STRETCH_S = 1800;

    /** Touch that says the seed is short counts as a smear not set by then, s. */
    private static final double DULL_BY_S = 100;

    private final Couverture couverture;
    private final double roomC;
    private final int ensemble;
    private final List<EstimatePoint> lane = new ArrayList<>();
    private final List<BowlEvent> before = new ArrayList<>();
    private double keepEveryS;
    private CrystalEstimator estimator;
    private double massG;
    private double lastS = Double.NaN;
    private double lastC;

    public BowlReplay(final Couverture couverture, final double massG, final double roomC) {
        this(couverture, massG, roomC, ENSEMBLE, 20);
    }

    /**
     * Allowed: mass in the bowl above 0 to 1000000 g; room temperature 5 to 40 °C.
     *
     * @param ensemble bowls in it, 20 to 2000
     * @param keepEveryS seconds between points of the lane
     */
    public BowlReplay(
            final Couverture couverture,
            final double massG,
            final double roomC,
            final int ensemble,
            final double keepEveryS) {
        this.couverture = couverture;
        this.massG = Require.positive("mass in the bowl", massG, 1_000_000, "g");
        this.roomC = Require.between("room temperature", roomC, 5, 40, "°C");
        this.ensemble = ensemble;
        this.keepEveryS = keepEveryS;
    }

    /** A reading that may be trusted; not earlier than the one before. */
    public void reading(final double timeS, final double temperatureC) {
        if (estimator == null) {
            estimator = begin(temperatureC);
            lastC = temperatureC;
            lastS = timeS;
            keep(timeS, temperatureC);
            before.forEach(this::happened);
            before.clear();
        } else if (timeS > lastS) {
            advance(timeS, temperatureC);
            if (lane.isEmpty() || timeS - lane.get(lane.size() - 1).timeS() >= keepEveryS) {
                keep(timeS, temperatureC);
            }
        }
        lastS = timeS;
        lastC = temperatureC;
    }

    /** Something done or seen after the last reading, or before the first: then it waits for it. */
    public void happened(final BowlEvent event) {
        if (estimator == null) {
            before.add(event);
            return;
        }
        final Crystals tempered = couverture.tempered(Math.min(roomC, 27));
        switch (event.kind()) {
            case SEED -> {
                estimator.mixIn(massG, event.amount(), tempered);
                massG += event.amount();
            }
            case TOP_UP -> {
                estimator.mixIn(massG, event.amount(), Crystals.NONE);
                massG += event.amount();
            }
            case TAKEN -> massG = Math.max(1, massG - event.amount());
            case TABLED ->
                    estimator.tabled(
                            Math.min(0.99, event.amount()),
                            event.seconds(),
                            couverture
                                    .crystals()
                                    .curve()
                                    .fromCocoaButterC(CrystalLaw.NUCLEATION_C));
            case PAPER_SET -> estimator.paperTest(event.amount(), true, lastC, roomC);
            case PAPER_NOT_SET -> estimator.paperTest(event.amount(), false, lastC, roomC);
            case STREAKS, TACK, DULL -> estimator.paperTest(DULL_BY_S, false, lastC, roomC);
            default -> {
                return;
            }
        }
        keep(Math.max(lastS, event.timeS()), lastC);
    }

    public boolean begun() {
        return estimator != null;
    }

    public double lastS() {
        return lastS;
    }

    public double lastC() {
        return lastC;
    }

    public double massG() {
        return massG;
    }

    public Estimate now() {
        return estimator.now();
    }

    public List<EstimatePoint> lane() {
        return List.copyOf(lane);
    }

    private void advance(final double timeS, final double temperatureC) {
        final double seconds = Math.min(LONGEST_STRETCH_S, timeS - lastS);
        estimator.advance(lastC, temperatureC, seconds, Shear.STIRRED);
        if (temperatureC > FORGET_C) {
            estimator.melted();
        }
    }

    private void keep(final double timeS, final double temperatureC) {
        lane.add(new EstimatePoint(timeS, temperatureC, estimator.now()));
    }

    private CrystalEstimator begin(final double temperatureC) {
        final SolidFatCurve curve = couverture.crystals().curve();
        if (temperatureC < SOLID_BELOW_C) {
            return new CrystalEstimator(
                    curve,
                    ensemble,
                    1,
                    ParameterUncertainty.USUAL,
                    couverture.tempered(temperatureC),
                    KNOWN_DOUBT);
        }
        final boolean melted = temperatureC > SURELY_MELTED_C;
        return new CrystalEstimator(
                curve,
                ensemble,
                1,
                ParameterUncertainty.USUAL,
                melted ? Crystals.NONE : new Crystals(UNKNOWN_STABLE, 0),
                melted ? 0 : UNKNOWN_DOUBT);
    }
}
