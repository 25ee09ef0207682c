package palintone.server.door;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.ProblemDetail;
import palintone.server.problem.ProblemType;
import tools.jackson.databind.json.JsonMapper;

/**
 * Holds the port of the other house while nobody is in it: who knocks is told to wait a moment, and
 * the script that started this server starts the other. Once that stands it lays a file down, and
 * the port is its own ({@link AtTheDoor}). So its address is the same from the first day on, and a
 * house nobody enters costs no memory.
 */
public final class HeldDoor implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(HeldDoor.class);

    private static final int LOOKED_AT_EVERY_MS = 50;
    private static final int OPENING = 503;
    private static final Duration ASKED_AGAIN_AFTER = Duration.ofMinutes(3);

    private final HttpServer door;
    private final Path wanted;
    private final Path stands;
    private final Clock clock;
    private final ScheduledExecutorService one =
            Executors.newSingleThreadScheduledExecutor(
                    task -> {
                        final Thread thread = new Thread(task, "other-door");
                        thread.setDaemon(true);
                        return thread;
                    });
    private Optional<Instant> asked = Optional.empty();

    /**
     * Holds it from now on.
     *
     * @param at where it is entered
     * @param wanted a pipe the script listens at; {@code other} is written into it at the first
     *     knock
     * @param stands the file the other house lays down when it is ready for its port
     * @param clock that tells how long ago it was asked for
     * @throws IOException where the port is taken
     */
    public HeldDoor(
            final InetSocketAddress at, final Path wanted, final Path stands, final Clock clock)
            throws IOException {
        this.clock = clock;
        this.wanted = wanted;
        this.stands = stands;
        Files.deleteIfExists(stands);
        door = HttpServer.create(at, 0);
        door.setExecutor(one);
        door.createContext("/", this::knocked);
        door.start();
    }

    private void knocked(final HttpExchange visit) throws IOException {
        final String reads = visit.getRequestHeaders().getFirst("Accept");
        final boolean page = reads != null && reads.contains("text/html");
        final byte[] answer = page ? page() : problem();
        visit.getResponseHeaders()
                .put(
                        "Content-Type",
                        List.of(page ? "text/html;charset=utf-8" : "application/problem+json"));
        visit.getResponseHeaders().put("Cache-Control", List.of("no-store"));
        visit.getResponseHeaders().put("Retry-After", List.of("5"));
        visit.sendResponseHeaders(OPENING, answer.length);
        try (OutputStream out = visit.getResponseBody()) {
            out.write(answer);
        }
        // One that did not come is asked for anew, by who still stands there.
        if (asked.isEmpty() || asked.get().plus(ASKED_AGAIN_AFTER).isBefore(clock.instant())) {
            open();
        }
    }

    private static byte[] problem() {
        final ProblemDetail busy =
                ProblemType.BUSY.detail("This house is being opened: ask again in a few seconds.");
        return new JsonMapper()
                .writeValueAsBytes(
                        Map.of(
                                "type", String.valueOf(busy.getType()),
                                "title", String.valueOf(busy.getTitle()),
                                "status", OPENING,
                                "detail", String.valueOf(busy.getDetail())));
    }

    private static byte[] page() throws IOException {
        try (InputStream page = HeldDoor.class.getResourceAsStream("/door/opening.html")) {
            return page.readAllBytes();
        }
    }

    /** Somebody stands outside: the script is told, and the port let go once it is asked for. */
    private void open() throws IOException {
        Files.writeString(wanted, "other\n");
        if (asked.isEmpty()) {
            one.scheduleWithFixedDelay(
                    this::letGo, LOOKED_AT_EVERY_MS, LOOKED_AT_EVERY_MS, TimeUnit.MILLISECONDS);
        }
        asked = Optional.of(clock.instant());
    }

    private void letGo() {
        if (Files.exists(stands)) {
            door.stop(0);
            try {
                Files.deleteIfExists(stands);
            } catch (IOException itWaitsInVain) {
                LOG.error("The other house does not see that its door is free", itWaitsInVain);
            }
            one.shutdown();
        }
    }

    @Override
    public void close() {
        door.stop(0);
        one.shutdownNow();
    }
}
