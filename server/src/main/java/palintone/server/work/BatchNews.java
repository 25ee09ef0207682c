package palintone.server.work;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every open screen which batch has changed; the screen then asks for it. */
@Component
@EnableScheduling
class BatchNews {

    private static final long NO_TIMEOUT = 0L;
    private static final long HEARTBEAT_MS = 15_000;

    private final List<SseEmitter> screens = new CopyOnWriteArrayList<>();

    SseEmitter follow() {
        final SseEmitter screen = new SseEmitter(NO_TIMEOUT);
        screen.onCompletion(() -> screens.remove(screen));
        screen.onError(e -> screens.remove(screen));
        screens.add(screen);
        send(screen, SseEmitter.event().comment("following"));
        return screen;
    }

    @TransactionalEventListener
    void tell(final BatchService.BatchChanged change) {
        screens.forEach(
                s -> send(s, SseEmitter.event().name("batch").data(change.id().toString())));
    }

    /** Finds screens that went away without a word, and keeps the line open for the others. */
    @Scheduled(fixedRate = HEARTBEAT_MS)
    void heartbeat() {
        screens.forEach(screen -> send(screen, SseEmitter.event().comment("here")));
    }

    /** Open lines would hold up a stop. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        screens.forEach(SseEmitter::complete);
    }

    private void send(final SseEmitter screen, final SseEmitter.SseEventBuilder what) {
        try {
            screen.send(what);
        } catch (IOException | IllegalStateException gone) {
            screens.remove(screen);
        }
    }
}
