package palintone.server.work;

import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import palintone.server.web.Screens;

/** Tells every open screen which batch has changed; the screen then asks for it. */
@Component
@EnableScheduling
class BatchNews {

    private static final long HEARTBEAT_MS = 15_000;

    private final Screens screens = new Screens();

    SseEmitter follow() {
        return screens.follow();
    }

    @TransactionalEventListener
    void tell(final BatchService.BatchChanged change) {
        screens.tell("batch", change.id().toString());
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
