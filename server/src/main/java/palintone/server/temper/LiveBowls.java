package palintone.server.temper;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.CurvePlanner;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.trace.BowlEvent;
import palintone.core.temper.trace.Sample;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;

/**
 * Bowls under way, in memory; each can be made anew from the books at any time, so nothing is lost
 * with them.
 */
@Component
class LiveBowls {

    /** More open bowls than any workshop works at; the one looked at longest ago goes first. */
    private static final int MOST = 64;

    private static final Duration UNSEEN = Duration.ofMinutes(30);

    private final Cache<UUID, LiveBowl> bowls =
            Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(UNSEEN).build();
    private final LarderService larder;
    private final HouseService houses;
    private final ReadingStore readings;
    private final BowlEventRepository events;

    LiveBowls(
            final LarderService larder,
            final HouseService houses,
            final ReadingStore readings,
            final BowlEventRepository events) {
        this.larder = larder;
        this.houses = houses;
        this.readings = readings;
        this.events = events;
    }

    /** The bowl as it stands; made from the books where it is not in memory. */
    @Transactional(readOnly = true)
    public LiveBowl of(final TemperBowlEntity bowl) {
        return bowls.get(bowl.id(), id -> made(bowl));
    }

    /** Whether this is still the one in memory, and not one made anew meanwhile. */
    boolean holds(final UUID id, final LiveBowl bowl) {
        return bowls.getIfPresent(id) == bowl;
    }

    /** Forgets a bowl, which must be made anew. */
    void forget(final UUID id) {
        bowls.invalidate(id);
    }

    /** What was written into the past makes it anew, once the books are closed on it. */
    @TransactionalEventListener
    void revised(final BowlNotes.Revised what) {
        forget(what.bowl());
    }

    @EventListener
    void changed(final HouseService.AllIsNew change) {
        bowls.invalidateAll();
    }

    /** How many are in memory. */
    long inMemory() {
        bowls.cleanUp();
        return bowls.estimatedSize();
    }

    /** What its thermometer should say: worked where the plan of this very bowl works it. */
    TemperTargets targets(final TemperBowlEntity bowl) {
        final Couverture couverture = larder.couverture(bowl.couvertureId());
        final HouseEntity house = houses.house();
        return targets(bowl, couverture, plan(bowl, couverture, house), house);
    }

    private static TemperTargets targets(
            final TemperBowlEntity bowl,
            final Couverture couverture,
            final Optional<TemperCurve> plan,
            final HouseEntity house) {
        final TemperTargets usual = usual(bowl, couverture, house);
        return plan.map(curve -> usual.workedIn(curve.worked())).orElse(usual);
    }

    private static TemperTargets usual(
            final TemperBowlEntity bowl, final Couverture couverture, final HouseEntity house) {
        return TemperTargets.of(couverture, bowl.darkWindow().orElseGet(house::darkWindow));
    }

    /**
     * The curve of the method it was begun by; empty where none was said, or none can be played.
     */
    private Optional<TemperCurve> plan(
            final TemperBowlEntity bowl, final Couverture couverture, final HouseEntity house) {
        final TemperTargets targets = usual(bowl, couverture, house);
        final FluidityClass fluidity = larder.fluidity(bowl.couvertureId());
        try {
            return bowl.method()
                    .map(
                            method ->
                                    CurvePlanner.forward(
                                            new CurveOrder(
                                                    couverture,
                                                    fluidity,
                                                    targets,
                                                    bowl.massG(),
                                                    bowl.vessel(),
                                                    method,
                                                    bowl.roomC(),
                                                    house.equipment(),
                                                    Optional.empty())));
        } catch (OutOfRangeException thisEquipmentCannot) {
            return Optional.empty();
        }
    }

    private LiveBowl made(final TemperBowlEntity bowl) {
        final Couverture couverture = larder.couverture(bowl.couvertureId());
        final HouseEntity house = houses.house();
        final Optional<TemperCurve> plan = plan(bowl, couverture, house);
        final LiveBowl live =
                new LiveBowl(
                        couverture,
                        targets(bowl, couverture, plan, house),
                        BowlVessel.holding(
                                bowl.vessel(), bowl.massG(), couverture.castingDensityGPerMl()),
                        house.equipment(),
                        bowl.meltedG(),
                        bowl.roomC(),
                        plan);
        final List<BowlEvent> noted =
                new ArrayList<>(
                        events.findByBowlIdAndVoidedAtIsNullOrderByTimeS(bowl.id()).stream()
                                .map(BowlEventEntity::event)
                                .toList());
        final List<Sample> samples = new ArrayList<>(readings.of(bowl.id(), bowl.beganAt()));
        samples.sort(Comparator.comparingDouble(Sample::timeS));
        int next = 0;
        for (final Sample sample : samples) {
            while (next < noted.size() && noted.get(next).timeS() < sample.timeS()) {
                live.happened(noted.get(next++));
            }
            live.reading(sample);
        }
        while (next < noted.size()) {
            live.happened(noted.get(next++));
        }
        return live;
    }
}
