package palintone.server.door;

import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.SmartLifecycle;

/** Something that must be done before anybody can look in. */
public abstract class BeforeThePort implements SmartLifecycle {

    private final int before;
    private volatile boolean running;

    /**
     * @param before 1 for the last thing before the port is opened, 2 for what goes before that
     */
    protected BeforeThePort(final int before) {
        this.before = before;
    }

    /** Does it, in the thread that starts the server, which waits for it. */
    protected abstract void prepare();

    @Override
    public final void start() {
        running = true;
        prepare();
    }

    @Override
    public final void stop() {
        running = false;
    }

    @Override
    public final boolean isRunning() {
        return running;
    }

    @Override
    public final int getPhase() {
        return WebServerApplicationContext.START_STOP_LIFECYCLE_PHASE - before;
    }
}
