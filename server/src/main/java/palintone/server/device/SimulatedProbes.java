package palintone.server.device;

import jakarta.annotation.Nullable;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import palintone.server.temper.SimulatedBowls;

/**
 * Reads the simulated bowls with faulty probes and sends what they say as SenML over HTTP to this
 * very server, as a probe on the bench would. Nothing goes around the public interface.
 */
@Component
class SimulatedProbes {

    private static final Logger LOG = LoggerFactory.getLogger(SimulatedProbes.class);
    private static final long EVERY_MS = 500;

    private final SimulatedBowls bowls;
    private final Random random = new Random(20);
    private @Nullable HttpClient line;
    private final String host;
    private volatile int port;

    SimulatedProbes(
            final SimulatedBowls bowls, @Value("${server.address}") final String listensOn) {
        this.bowls = bowls;
        // Where it listens everywhere, the nearest is enough.
        host = listensOn.equals("0.0.0.0") || listensOn.equals("::") ? "127.0.0.1" : listensOn;
    }

    @EventListener
    void listening(final WebServerInitializedEvent event) {
        port = event.getWebServer().getPort();
    }

    @Scheduled(fixedDelay = EVERY_MS)
    void read() {
        if (port == 0) {
            return;
        }
        final List<String> records = new ArrayList<>();
        for (final SimulatedBowls.Truth truth : truths()) {
            final double read = truth.faults().read(truth.temperatureC(), random);
            if (!Double.isNaN(read)) {
                records.add(
                        String.format(
                                Locale.ROOT,
                                "{\"n\":\"%s\",\"u\":\"Cel\",\"t\":%.3f,\"v\":%.2f}",
                                truth.probe(),
                                truth.epochS(),
                                read));
            }
        }
        if (!records.isEmpty()) {
            send("[" + String.join(",", records) + "]");
        }
    }

    /** While the database is away there is nothing to read; others say so loudly enough. */
    private List<SimulatedBowls.Truth> truths() {
        try {
            return bowls.now();
        } catch (final DataAccessException | TransactionException away) {
            LOG.debug("Simulated bowls cannot be read: {}", away.getMessage());
            return List.of();
        }
    }

    private void send(final String pack) {
        final HttpRequest request =
                HttpRequest.newBuilder(
                                URI.create("http://" + host + ":" + port + "/api/devices/senml"))
                        .header("Content-Type", "application/senml+json")
                        .timeout(Duration.ofSeconds(5))
                        .POST(HttpRequest.BodyPublishers.ofString(pack))
                        .build();
        try {
            line().send(request, HttpResponse.BodyHandlers.discarding());
        } catch (final IOException e) {
            LOG.warn("A simulated probe was not heard: {}", e.getMessage());
        } catch (final InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Most houses practise on nothing: made when it is needed, by the one thread that reads. */
    private HttpClient line() {
        if (line == null) {
            line = HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
        }
        return line;
    }
}
