package palintone.server.temper;

import java.util.List;
import java.util.Optional;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.advice.PlanFollower;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.estimate.Estimate;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.trace.BowlEvent;
import palintone.core.temper.trace.BowlReplay;
import palintone.core.temper.trace.EstimatePoint;
import palintone.core.temper.trace.LiveFilter;
import palintone.core.temper.trace.Sample;

/**
 * A bowl under way as it stands in memory: readings and events have passed through the core once,
 * in order. Whatever comes out of order makes a new one from the books.
 */
final class LiveBowl {

    /** Crystals learn nothing from readings closer together than this, s. */
    private static final double THIN_S = 2;

    private static final double LANE_EVERY_S = 15;
    private static final int ENSEMBLE = 120;
    private static final double LATE_S = 10;
    private static final double HOTTEST_C = 130;
    private static final double COLDEST_C = -15;

    final Couverture couverture;
    final TemperTargets targets;
    final BowlVessel vessel;
    final Equipment equipment;
    final double roomC;
    private final BowlReplay replay;
    private final LiveFilter filter = new LiveFilter();
    private double lastS = Double.NEGATIVE_INFINITY;
    private double lastC = Double.NaN;
    private double fedS = Double.NEGATIVE_INFINITY;
    private int readings;
    private int apart;
    private final Optional<PlanFollower> follower;

    LiveBowl(
            final Couverture couverture,
            final TemperTargets targets,
            final BowlVessel vessel,
            final Equipment equipment,
            final double massG,
            final double roomC,
            final Optional<TemperCurve> plan) {
        follower = plan.map(PlanFollower::new);
        this.couverture = couverture;
        this.targets = targets;
        this.vessel = vessel;
        this.equipment = equipment;
        this.roomC = roomC;
        replay = new BowlReplay(couverture, massG, roomC, ENSEMBLE, LANE_EVERY_S);
    }

    /**
     * Takes a reading.
     *
     * @return false where it lies well before the last one: then a new bowl must be made
     */
    synchronized boolean reading(final Sample sample) {
        readings++;
        if (!Double.isFinite(sample.temperatureC())
                || sample.temperatureC() > HOTTEST_C
                || sample.temperatureC() < COLDEST_C) {
            apart++;
            return true;
        }
        if (sample.timeS() <= lastS) {
            apart++;
            // A little late, it is drawn in its place and changes no estimate.
            return sample.timeS() > lastS - LATE_S;
        }
        final List<Sample> trusted = filter.offer(sample);
        if (trusted.isEmpty()) {
            apart++;
        } else {
            apart -= trusted.size() - 1;
        }
        for (final Sample good : trusted) {
            lastS = good.timeS();
            lastC = good.temperatureC();
            if (good.timeS() - fedS >= THIN_S) {
                feed();
            }
        }
        return true;
    }

    private void feed() {
        replay.reading(lastS, lastC);
        fedS = lastS;
        follower.ifPresent(f -> f.reading(lastS, lastC, replay.now()));
    }

    synchronized void happened(final BowlEvent event) {
        if (lastS > fedS) {
            feed();
        }
        replay.happened(event);
        follower.ifPresent(f -> f.happened(event));
    }

    /**
     * The curve chosen for it, and where it stands on it; empty where none was, or before it is
     * read.
     */
    synchronized Optional<OnPlan> onPlan() {
        return replay.begun()
                ? follower.flatMap(f -> f.here(replay.now()).map(h -> new OnPlan(f.plan(), h)))
                : Optional.empty();
    }

    /** A curve, and where the bowl stands on it. */
    record OnPlan(TemperCurve plan, PlanFollower.Here here) {}

    /** Empty before the first reading. */
    synchronized Optional<BowlNow> now() {
        return replay.begun()
                ? Optional.of(
                        new BowlNow(
                                lastS,
                                lastC,
                                replay.massG(),
                                replay.now(),
                                filter.doubting(),
                                readings,
                                apart))
                : Optional.empty();
    }

    synchronized List<EstimatePoint> lane() {
        return replay.lane();
    }

    /** What is known at this moment. */
    record BowlNow(
            double timeS,
            double temperatureC,
            double massG,
            Estimate estimate,
            boolean doubting,
            int readings,
            int apart) {}
}
