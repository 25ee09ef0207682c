package palintone.server.temper;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import palintone.server.news.NewsDesk;

/**
 * Pushes readings to every screen at once, and says when a bowl should be asked for anew, at most
 * once a second: the estimate behind it costs more than a reading.
 */
@Component
public class TemperNews {

    private static final long ASK_MS = 1000;

    private final NewsDesk desk;
    private final Map<UUID, Boolean> stirred = new ConcurrentHashMap<>();

    TemperNews(final NewsDesk desk) {
        this.desk = desk;
    }

    /** New readings of a bowl: seconds and °C, as JSON. */
    void readings(final UUID bowl, final String json) {
        desk.tell("readings", json);
        stirred.put(bowl, true);
    }

    /** Something else changed in a bowl. */
    void changed(final UUID bowl) {
        desk.tell("bowl", bowl.toString());
    }

    @Scheduled(fixedRate = ASK_MS)
    void tellStirred() {
        for (final UUID bowl : stirred.keySet()) {
            stirred.remove(bowl);
            desk.tell("bowl", bowl.toString());
        }
    }
}
