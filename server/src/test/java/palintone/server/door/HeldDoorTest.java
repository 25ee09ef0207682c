package palintone.server.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Who holds a port for another lets it go when that one stands, and not before. */
class HeldDoorTest {

    private static final InetAddress HERE = InetAddress.getLoopbackAddress();

    @TempDir private Path run;

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static HttpResponse<String> knock(final int port, final String accept)
            throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/pieces"))
                                .header("Accept", accept)
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void whoeverKnocksIsToldToWaitAndTheScriptIsAskedOnce() throws Exception {
        final int port = freePort();
        final Path wanted = run.resolve("wanted");
        final Clock clock = mock(Clock.class);
        final Instant now = Instant.parse("2026-12-01T08:00:00Z");
        when(clock.instant()).thenReturn(now);
        try (HeldDoor held =
                new HeldDoor(
                        new InetSocketAddress(HERE, port), wanted, run.resolve("stands"), clock)) {
            assertThat(held).isNotNull();
            assertThat(wanted).as("before anybody knocked").doesNotExist();
            final HttpResponse<String> page = knock(port, "text/html,*/*");
            assertThat(page.statusCode()).isEqualTo(503);
            assertThat(page.body()).contains("is being opened");
            final HttpResponse<String> program = knock(port, "application/json");
            assertThat(program.headers().firstValue("Content-Type"))
                    .hasValue("application/problem+json");
            assertThat(program.headers().firstValue("Retry-After")).isPresent();
            assertThat(program.body()).contains("/problems/busy");
            assertThat(wanted).content().isEqualTo("other\n");
            // One that has not come for minutes is asked for anew.
            Files.writeString(wanted, "");
            knock(port, "text/html");
            knock(port, "text/html");
            assertThat(wanted).content().isEmpty();
            when(clock.instant()).thenReturn(now.plusSeconds(600));
            knock(port, "text/html");
            knock(port, "text/html");
            assertThat(wanted).content().isEqualTo("other\n");
        }
    }

    /** The other house says that it stands, waits until the file has gone, and has its port. */
    @Test
    void theDoorChangesHands() throws Exception {
        final int port = freePort();
        final Path stands = run.resolve("stands");
        try (HeldDoor held =
                new HeldDoor(
                        new InetSocketAddress(HERE, port),
                        run.resolve("wanted"),
                        stands,
                        Clock.systemUTC())) {
            assertThat(held).isNotNull();
            knock(port, "text/html");
            final AtTheDoor other = new AtTheDoor(stands.toString());
            other.prepare();
            assertThat(stands).doesNotExist();
            try (ServerSocket its = new ServerSocket(port, 1, HERE)) {
                assertThat(its.isBound()).isTrue();
            }
        }
    }
}
