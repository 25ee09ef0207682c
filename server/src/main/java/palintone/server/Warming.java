package palintone.server;

import java.io.IOException;
import java.io.InputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;

/**
 * Asks once what a maker asks first, so that the maker is not the one who waits for what has never
 * run before. Nothing rests on it: where it fails, the first question is slower.
 */
final class Warming {

    private static final Logger LOG = LoggerFactory.getLogger(Warming.class);

    /** What the Bench, Pieces and Fillings ask when they are opened. */
    private static final List<String> FIRST =
            List.of(
                    "/",
                    "/api/house",
                    "/api/batches?state=RUNNING",
                    "/api/pieces",
                    "/api/fillings",
                    "/api/ingredients");

    private static final Set<String> EVERYWHERE = Set.of("0.0.0.0", "::");
    private static final Pattern ID = Pattern.compile("\"id\":\"([\\w-]+)\"");
    private static final int PATIENCE_MS = 20_000;

    private Warming() {}

    static void ask(final ConfigurableApplicationContext server) {
        final Environment at = server.getEnvironment();
        final String listens = at.getProperty("server.address", "127.0.0.1");
        final String host = EVERYWHERE.contains(listens) ? "127.0.0.1" : listens;
        final String door = "http://" + (host.contains(":") ? "[" + host + "]" : host);
        try {
            final String house = door + ":" + at.getProperty("local.server.port");
            for (final String path : FIRST) {
                ask(house + path);
            }
            final Matcher piece = ID.matcher(ask(house + "/api/pieces?size=1"));
            if (piece.find()) {
                ask(house + "/api/pieces/" + piece.group(1) + "/needs?moulds=1");
            }
        } catch (IOException | RuntimeException e) {
            LOG.debug("Not warmed", e);
        }
    }

    private static String ask(final String address) throws IOException {
        final HttpURLConnection line =
                (HttpURLConnection) URI.create(address).toURL().openConnection();
        line.setConnectTimeout(PATIENCE_MS);
        line.setReadTimeout(PATIENCE_MS);
        try (InputStream answer = line.getInputStream()) {
            return new String(answer.readAllBytes(), StandardCharsets.UTF_8);
        } finally {
            line.disconnect();
        }
    }
}
