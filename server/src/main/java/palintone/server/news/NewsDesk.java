package palintone.server.news;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells every open screen what has changed. Whoever writes only puts the news down; each screen is
 * served by a thread of its own while it has any. One that cannot keep up is let go: it comes back
 * by itself and asks for everything anew.
 */
@Component
@EnableScheduling
public class NewsDesk {

    private static final long HEARTBEAT_MS = 15_000;

    /** More open screens than any workshop has. */
    private static final int MOST_SCREENS = 128;

    private static final long IDLE_S = 30;

    private final List<ScreenLine> screens = new CopyOnWriteArrayList<>();
    private final ExecutorService senders =
            new ThreadPoolExecutor(
                    0,
                    MOST_SCREENS,
                    IDLE_S,
                    TimeUnit.SECONDS,
                    new SynchronousQueue<>(),
                    work -> {
                        final Thread thread = new Thread(work, "news");
                        thread.setDaemon(true);
                        return thread;
                    });

    /** A new screen begins to follow; the one that has followed longest makes room for it. */
    SseEmitter follow() {
        if (screens.size() >= MOST_SCREENS) {
            screens.get(0).letGo();
        }
        final SseEmitter emitter = new SseEmitter(0L);
        final ScreenLine line = new ScreenLine(emitter, senders, screens::remove);
        screens.add(line);
        line.tell(SseEmitter.event().comment("following"));
        return emitter;
    }

    /**
     * Tells all of them, without waiting for any.
     *
     * @param name of what has changed, as "batch"
     * @param data its id, or what there is to know
     */
    public void tell(final String name, final String data) {
        screens.forEach(screen -> screen.tell(SseEmitter.event().name(name).data(data)));
    }

    /** Everything is other than it was: each screen comes back, and asks for all of it. */
    public void allIsNew() {
        screens.forEach(ScreenLine::letGo);
    }

    /** Finds those that went away without a word, and keeps the line open for the others. */
    @Scheduled(fixedRate = HEARTBEAT_MS)
    void heartbeat() {
        screens.forEach(screen -> screen.tell(SseEmitter.event().comment("here")));
    }

    int following() {
        return screens.size();
    }

    /** Open lines would hold up a stop. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        screens.forEach(ScreenLine::letGo);
        senders.shutdown();
    }
}
