package palintone.server.temper;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import palintone.server.house.HouseService;

/** Which open bowl hears a probe: remembered for a moment, for a probe speaks every few seconds. */
@Component
class Listeners {

    /** Far more probes than any workshop has; a device may invent a name with every reading. */
    private static final int MOST = 1000;

    /** So long another server of the same house may have begun a bowl without our knowing. */
    private static final Duration REMEMBERED = Duration.ofSeconds(10);

    private final TemperBowlRepository bowls;
    private final Cache<String, Optional<TemperBowlEntity>> known =
            Caffeine.newBuilder().maximumSize(MOST).expireAfterWrite(REMEMBERED).build();
    private final AtomicLong changes = new AtomicLong();

    Listeners(final TemperBowlRepository bowls) {
        this.bowls = bowls;
    }

    /** The bowl begun last, of those open, that a probe stands in; empty where none listens. */
    Optional<TemperBowlEntity> of(final String probe) {
        final Optional<TemperBowlEntity> remembered = known.getIfPresent(probe);
        if (remembered != null) {
            return remembered;
        }
        final long before = changes.get();
        final Optional<TemperBowlEntity> found =
                bowls.findFirstByProbeAndStateOrderByBeganAtDesc(
                        probe, TemperBowlEntity.State.OPEN);
        // What was begun while we asked would be forgotten for as long as this is remembered.
        if (changes.get() == before) {
            known.put(probe, found);
        }
        return found;
    }

    /** A bowl was begun or ended: probes may have a new listener. */
    @TransactionalEventListener
    void changed(final TemperBowlService.BowlChanged change) {
        forget();
    }

    @EventListener
    void changed(final HouseService.AllIsNew change) {
        forget();
    }

    private void forget() {
        changes.incrementAndGet();
        known.invalidateAll();
    }
}
