package palintone.server.news;

import java.io.IOException;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The line to one screen: what waits to be sent, sent by one thread at a time, in order. */
final class ScreenLine {

    /** A screen this far behind asks for everything anew sooner than it reads all of it. */
    private static final int MOST_WAITING = 256;

    private final SseEmitter screen;
    private final Executor senders;
    private final Consumer<ScreenLine> gone;
    private final BlockingQueue<SseEmitter.SseEventBuilder> waiting =
            new ArrayBlockingQueue<>(MOST_WAITING);
    private final AtomicBoolean sending = new AtomicBoolean();

    ScreenLine(final SseEmitter screen, final Executor senders, final Consumer<ScreenLine> gone) {
        this.screen = screen;
        this.senders = senders;
        this.gone = gone;
        screen.onCompletion(() -> gone.accept(this));
        screen.onError(e -> gone.accept(this));
    }

    void tell(final SseEmitter.SseEventBuilder what) {
        if (!waiting.offer(what)) {
            letGo();
            return;
        }
        sendOn();
    }

    private void sendOn() {
        if (waiting.isEmpty() || !sending.compareAndSet(false, true)) {
            return;
        }
        try {
            senders.execute(this::send);
        } catch (RejectedExecutionException nobodyToSend) {
            // Muted it would look alive and miss everything.
            letGo();
        }
    }

    private void send() {
        try {
            for (var next = waiting.poll(); next != null; next = waiting.poll()) {
                screen.send(next);
            }
        } catch (IOException | RuntimeException broken) {
            letGo();
            return;
        }
        sending.set(false);
        // Something may have come between the last look and the flag.
        sendOn();
    }

    /** The screen comes back by itself, and then asks for everything. */
    void letGo() {
        gone.accept(this);
        try {
            screen.complete();
        } catch (IllegalStateException already) {
            waiting.clear();
        }
    }
}
