package palintone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;

/** Only by one of its names, and only from its own pages. Spoken by hand: no client lets us lie. */
class DoorTest {

    private final Workshop workshop = Workshop.shared();

    private String say(final String request) throws IOException {
        final int port = workshop.uri("/").getPort();
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.setSoTimeout(10_000);
            final OutputStream out = socket.getOutputStream();
            out.write(
                    request.replace("PORT", String.valueOf(port))
                            .replace("\n", "\r\n")
                            .getBytes(StandardCharsets.UTF_8));
            out.flush();
            final InputStream in = socket.getInputStream();
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private String get(final String host, final String more) throws IOException {
        return say(
                "GET /api/house HTTP/1.1\nHost: " + host + "\nConnection: close\n" + more + "\n");
    }

    @Test
    void aStrangeNameFindsNobody() throws IOException {
        assertThat(get("evil.example:PORT", ""))
                .startsWith("HTTP/1.1 421")
                .contains("does not answer to the name evil.example")
                .contains("--name evil.example")
                .doesNotContain("Lantern");
        assertThat(get("8.8.8.8", "")).startsWith("HTTP/1.1 421");
    }

    @Test
    void itsOwnNamesAreAnswered() throws IOException {
        for (final String own :
                new String[] {
                    "localhost:PORT",
                    "127.0.0.1:PORT",
                    "LOCALHOST:PORT",
                    "[::1]:PORT",
                    java.net.InetAddress.getLocalHost().getHostName() + ":PORT"
                }) {
            assertThat(get(own, "")).as(own).startsWith("HTTP/1.1 200");
        }
    }

    @Test
    void aPageFromElsewhereCannotWriteNorImport() throws IOException {
        final String before = workshop.get("/api/house").text();
        final String body = "{\"temperatureC\":25,\"humidityPercent\":40}";
        for (final String origin :
                new String[] {
                    "http://evil.example", "http://localhost:1", "https://localhost:PORT"
                }) {
            final String put =
                    say(
                            "PUT /api/house/air HTTP/1.1\nHost: localhost:PORT\nOrigin: "
                                    + origin
                                    + "\nContent-Type: application/json\nConnection: close\n"
                                    + "Content-Length: "
                                    + body.length()
                                    + "\n\n"
                                    + body);
            assertThat(put).as(origin).startsWith("HTTP/1.1 403");
        }
        final String form =
                "--x\r\nContent-Disposition: form-data; name=\"files\"; filename=\"ingredients.csv\""
                        + "\r\n\r\nid\r\n--x--\r\n";
        assertThat(
                        say(
                                "POST /api/exchange/import HTTP/1.1\nHost: localhost:PORT\nOrigin:"
                                        + " http://evil.example\nContent-Type: multipart/form-data;"
                                        + " boundary=x\nConnection: close\nContent-Length: "
                                        + form.length()
                                        + "\n\n"
                                        + form))
                .startsWith("HTTP/1.1 403");
        assertThat(workshop.get("/api/house").text()).isEqualTo(before);
        assertThat(get("localhost:PORT", "Origin: http://localhost:PORT\n"))
                .as("its own pages")
                .startsWith("HTTP/1.1 200");
    }

    /** An answer is never a page, whatever is in it. */
    @Test
    void answersAreNotSniffedNorFramed() throws IOException {
        assertThat(get("localhost:PORT", ""))
                .contains("X-Content-Type-Options: nosniff")
                .contains("X-Frame-Options: DENY");
    }
}
