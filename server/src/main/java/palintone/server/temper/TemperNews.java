package palintone.server.temper;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import palintone.server.web.Screens;

/**
 * Pushes readings to every screen at once, and says when a bowl should be asked for anew, at most
 * once a second: the estimate behind it costs more than a reading.
 */
@Component
public class TemperNews {

    private static final long HEARTBEAT_MS = 15_000;
    private static final long ASK_MS = 1000;

    private final Screens screens = new Screens();
    private final Map<UUID, Boolean> stirred = new ConcurrentHashMap<>();

    SseEmitter follow() {
        return screens.follow();
    }

    /** New readings of a bowl: seconds and °C, as JSON. */
    void readings(final UUID bowl, final String json) {
        screens.tell("readings", json);
        stirred.put(bowl, true);
    }

    /** Something else changed in a bowl. */
    void changed(final UUID bowl) {
        screens.tell("bowl", bowl.toString());
    }

    @Scheduled(fixedRate = ASK_MS)
    void tellStirred() {
        for (final UUID bowl : stirred.keySet()) {
            stirred.remove(bowl);
            screens.tell("bowl", bowl.toString());
        }
    }

    @Scheduled(fixedRate = HEARTBEAT_MS)
    void heartbeat() {
        screens.heartbeat();
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        screens.close();
    }
}
