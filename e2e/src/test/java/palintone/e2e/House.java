package palintone.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The house as a user starts it: by its script, on data of its own. */
final class House implements AutoCloseable {

    static final Path SCRIPT = Path.of("..", "palintone").toAbsolutePath().normalize();

    private static final int PATIENCE_S = 120;

    private static House shared;

    /** What tablets call it; the browser is told where that is. */
    static final String NETWORK_NAME = "tablet.workshop";

    private final Path data;
    private final int port;
    private Process script;

    private final List<String> wishes;

    private House(final Path data, final int port, final List<String> wishes) {
        this.data = data;
        this.port = port;
        this.wishes = wishes;
    }

    /** One without the sample workshop, as a maker's own begins. */
    static House empty() {
        return opened(List.of("--no-demo", "--one-house"));
    }

    static House open() {
        return opened(List.of("--one-house"));
    }

    private static House opened(final List<String> wishes) {
        try {
            final House house =
                    new House(Files.createTempDirectory("palintone-e2e"), freePort(), wishes);
            house.start();
            return house;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One for all tests that leave it standing; ends with the tests. */
    static synchronized House shared() {
        if (shared == null) {
            shared = opened(List.of());
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
        }
        return shared;
    }

    String url(final String path) {
        return "http://127.0.0.1:" + port + path;
    }

    /** The same over the workshop's network: by a name, so that the browser calls it insecure. */
    String networkUrl(final String path) {
        return "http://" + NETWORK_NAME + ":" + port + path;
    }

    /** The house next door, by what the script says. */
    String otherUrl(final String path) {
        final java.util.regex.Matcher door =
                java.util.regex.Pattern.compile("The other house: (http://\\S+)").matcher(said());
        if (!door.find()) {
            throw new IllegalStateException(said());
        }
        return door.group(1) + path;
    }

    /** The address, once somebody answers there. */
    String whenOpen(final String address) {
        final URI at = URI.create(address);
        for (int i = 0; i < PATIENCE_S * 10; i++) {
            try (Socket door = new Socket(at.getHost(), at.getPort())) {
                door.shutdownOutput();
                return address;
            } catch (IOException notYet) {
                pause();
            }
        }
        throw new IllegalStateException(address + " does not open");
    }

    private static void pause() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    int port() {
        return port;
    }

    Path data() {
        return data;
    }

    /** Starts, or starts again on the data that is there. */
    void start() {
        final Path out = data.resolve("start.out");
        try {
            final List<String> command =
                    new ArrayList<>(
                            List.of(
                                    SCRIPT.toString(),
                                    "start",
                                    "--port",
                                    String.valueOf(port),
                                    "--name",
                                    NETWORK_NAME,
                                    "--data",
                                    data.toString()));
            command.addAll(wishes);
            script =
                    new ProcessBuilder(command)
                            .redirectErrorStream(true)
                            .redirectOutput(out.toFile())
                            .start();
            // A busy machine takes its time: as long as the script lives it is waited for.
            for (int i = 0; i < 6000; i++) {
                final String said = Files.readString(out);
                if (said.contains("Palintone is at")) {
                    return;
                }
                if (!script.isAlive()) {
                    throw new IllegalStateException(said);
                }
                Thread.sleep(100);
            }
            throw new IllegalStateException("no start: " + Files.readString(out));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** kill -9 of one of our own processes, by its pid file. */
    void killHard(final String name) {
        try {
            final long pid =
                    Long.parseLong(Files.readString(data.resolve("run/" + name + ".pid")).strip());
            ProcessHandle.of(pid).orElseThrow().destroyForcibly();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Waits until the script has said this. */
    void says(final String words) {
        for (int i = 0; i < PATIENCE_S * 10 && !said().contains(words); i++) {
            pause();
        }
        assertThat(said()).contains(words);
    }

    /** Waits until the script has ended. */
    void ends() {
        try {
            assertThat(script.waitFor(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What the script printed so far. */
    String said() {
        try {
            return Files.readString(data.resolve("start.out"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** How the start ended, once it has. */
    int exitCode() {
        return script.exitValue();
    }

    HttpResponse<byte[]> get(final String path, final String... headers) {
        try {
            final HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url(path)));
            for (int i = 0; i < headers.length; i += 2) {
                request.header(headers[i], headers[i + 1]);
            }
            return HttpClient.newHttpClient()
                    .send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A run of the script that ends by itself. */
    record Ran(int code, String said) {}

    static Ran run(final String... arguments) throws IOException, InterruptedException {
        final List<String> command = new ArrayList<>(List.of(SCRIPT.toString()));
        command.addAll(List.of(arguments));
        final Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        final String said = new String(process.getInputStream().readAllBytes());
        process.waitFor(60, TimeUnit.SECONDS);
        return new Ran(process.exitValue(), said);
    }

    static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    @Override
    public void close() {
        try {
            run("stop", "--data", data.toString());
            try (Stream<Path> files = Files.walk(data)) {
                files.sorted(Comparator.reverseOrder()).forEach(path -> path.toFile().delete());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
