package palintone.server.web;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Screens that follow one stream of news. One that is gone never keeps the others waiting. */
public final class Screens {

    private static final long NO_TIMEOUT = 0L;

    private final List<SseEmitter> screens = new CopyOnWriteArrayList<>();

    /** A new screen begins to follow. */
    public SseEmitter follow() {
        final SseEmitter screen = new SseEmitter(NO_TIMEOUT);
        screen.onCompletion(() -> screens.remove(screen));
        screen.onError(e -> screens.remove(screen));
        screens.add(screen);
        send(screen, SseEmitter.event().comment("following"));
        return screen;
    }

    /** Tells all of them. */
    public void tell(final String name, final String data) {
        screens.forEach(s -> send(s, SseEmitter.event().name(name).data(data)));
    }

    /** Finds those that went away without a word, and keeps the line open for the others. */
    public void heartbeat() {
        screens.forEach(screen -> send(screen, SseEmitter.event().comment("here")));
    }

    public boolean isEmpty() {
        return screens.isEmpty();
    }

    /** Open lines would hold up a stop. */
    public void close() {
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
