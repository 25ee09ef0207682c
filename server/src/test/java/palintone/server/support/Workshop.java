package palintone.server.support;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import palintone.server.PalintoneServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real server on a real MariaDB with the invented workshop in it, spoken to over HTTP. */
public final class Workshop implements AutoCloseable {

    private static Workshop shared;

    public final PrivateMariaDb db;
    private final ConfigurableApplicationContext server;
    private final HttpClient http = HttpClient.newHttpClient();
    private final JsonMapper json = new JsonMapper();

    private Workshop(final PrivateMariaDb db, final String demo) {
        this.db = db;
        server =
                SpringApplication.run(
                        PalintoneServer.class,
                        "--server.port=0",
                        "--spring.datasource.url=" + db.url(),
                        "--spring.datasource.username=" + db.user(),
                        "--spring.datasource.password=" + db.password(),
                        "--spring.datasource.hikari.connection-timeout=1500",
                        "--springdoc.api-docs.path=/api/described",
                        "--springdoc.default-produces-media-type=application/json",
                        "--springdoc.packages-to-scan=palintone.server",
                        "--palintone.solver="
                                + Path.of("..", "schedule", "target", "app").toAbsolutePath(),
                        "--palintone.demo=" + demo,
                        "--palintone.sample=" + Path.of("..", "demo").toAbsolutePath());
    }

    /** One of its own, for tests that break things. */
    public static Workshop open() throws IOException, InterruptedException {
        return new Workshop(
                PrivateMariaDb.start(), Path.of("..", "demo").toAbsolutePath().toString());
    }

    /** One on books that are there already, without the demo. */
    public static Workshop on(final PrivateMariaDb db) {
        return new Workshop(db, "");
    }

    /** One for all tests that leave it standing; ends with the tests. */
    public static synchronized Workshop shared() {
        if (shared == null) {
            try {
                shared = open();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
        }
        return shared;
    }

    /** An answer: its status, its text, and the text read as JSON. */
    public record Answer(int status, String text, JsonNode json) {

        public String at(final String pointer) {
            return json.at(pointer).asString();
        }

        public double number(final String pointer) {
            return json.at(pointer).asDouble();
        }
    }

    /** A part of the running server, for what no answer shows. */
    public <T> T bean(final Class<T> kind) {
        return server.getBean(kind);
    }

    public URI uri(final String path) {
        final int port = ((WebServerApplicationContext) server).getWebServer().getPort();
        return URI.create("http://127.0.0.1:" + port + path);
    }

    public Answer get(final String path) {
        return send(HttpRequest.newBuilder(uri(path)).GET());
    }

    public Answer post(final String path, final String body) {
        return send(
                HttpRequest.newBuilder(uri(path))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    public Answer delete(final String path) {
        return send(HttpRequest.newBuilder(uri(path)).DELETE());
    }

    public Answer put(final String path, final String body) {
        return send(
                HttpRequest.newBuilder(uri(path))
                        .header("Content-Type", "application/json")
                        .PUT(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** Hands files to the import: name, text, name, text … */
    public Answer importFiles(final String... namesAndTexts) {
        return importInto("", namesAndTexts);
    }

    /** The same, with more said in the address: a list, or that it is a preview. */
    public Answer importInto(final String query, final String... namesAndTexts) {
        final String mark = "----palintone";
        final StringBuilder body = new StringBuilder();
        for (int i = 0; i < namesAndTexts.length; i += 2) {
            body.append("--").append(mark).append("\r\n");
            body.append("Content-Disposition: form-data; name=\"files\"; filename=\"");
            body.append(namesAndTexts[i]).append("\"\r\n\r\n");
            body.append(namesAndTexts[i + 1]).append("\r\n");
        }
        body.append("--").append(mark).append("--\r\n");
        return send(
                HttpRequest.newBuilder(uri("/api/exchange/import" + query))
                        .header("Content-Type", "multipart/form-data; boundary=" + mark)
                        .POST(HttpRequest.BodyPublishers.ofString(body.toString())));
    }

    /** Hands one file of bytes to the import. */
    public Answer importBytes(final String query, final String name, final byte[] file) {
        final byte[] before =
                ("------palintone\r\nContent-Disposition: form-data; name=\"files\"; filename=\""
                                + name
                                + "\"\r\n\r\n")
                        .getBytes(StandardCharsets.UTF_8);
        final byte[] after = "\r\n------palintone--\r\n".getBytes(StandardCharsets.UTF_8);
        return send(
                HttpRequest.newBuilder(uri("/api/exchange/import" + query))
                        .header("Content-Type", "multipart/form-data; boundary=----palintone")
                        .POST(
                                HttpRequest.BodyPublishers.ofByteArrays(
                                        List.of(before, file, after))));
    }

    public byte[] bytes(final String path) {
        try {
            return http.send(
                            HttpRequest.newBuilder(uri(path)).GET().build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public Answer putBytes(final String path, final String type, final byte[] body) {
        return send(
                HttpRequest.newBuilder(uri(path))
                        .header("Content-Type", type)
                        .PUT(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    /** The same without saying how long it is. */
    public Answer putUnsaid(final String path, final String type, final byte[] body) {
        return send(
                HttpRequest.newBuilder(uri(path))
                        .header("Content-Type", type)
                        .PUT(
                                HttpRequest.BodyPublishers.ofInputStream(
                                        () -> new ByteArrayInputStream(body))));
    }

    /** Sends one file in the field "file". */
    public Answer upload(final String path, final String text) {
        final String mark = "----palintone";
        final String body =
                "--"
                        + mark
                        + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"trace.csv\""
                        + "\r\n\r\n"
                        + text
                        + "\r\n--"
                        + mark
                        + "--\r\n";
        return send(
                HttpRequest.newBuilder(uri(path))
                        .header("Content-Type", "multipart/form-data; boundary=" + mark)
                        .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** Begins a batch of four moulds and returns its id. */
    public String begin(final String piece) {
        final String id = UUID.randomUUID().toString();
        final Answer answer =
                post(
                        "/api/batches",
                        "{\"id\":\""
                                + id
                                + "\",\"piece\":\""
                                + piece
                                + "\",\"moulds\":4,\"fillings\":\"READY\"}");
        if (answer.status() != 201) {
            throw new AssertionError(answer.text());
        }
        return id;
    }

    public Answer note(final String batch, final int step, final double value) {
        return entry(batch, "\"kind\":\"NOTE\",\"step\":" + step + ",\"value\":" + value);
    }

    public Answer done(final String batch, final int step) {
        return entry(batch, "\"kind\":\"DONE\",\"step\":" + step);
    }

    public Answer entry(final String batch, final String fields) {
        return post(
                "/api/batches/" + batch + "/entries",
                "{\"id\":\"" + UUID.randomUUID() + "\"," + fields + "}");
    }

    private Answer send(final HttpRequest.Builder request) {
        try {
            final HttpResponse<String> response =
                    http.send(
                            request.build(),
                            HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
            final String text = response.body();
            final boolean isJson = text.startsWith("{") || text.startsWith("[");
            return new Answer(
                    response.statusCode(), text, isJson ? json.readTree(text) : json.nullNode());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        server.close();
        db.close();
    }
}
