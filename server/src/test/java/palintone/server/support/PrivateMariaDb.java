package palintone.server.support;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** A MariaDB of our own for the length of a test, in a folder of its own, on loopback. */
public final class PrivateMariaDb implements AutoCloseable {

    private static final String PASSWORD = "tests-only";

    private final Path home;
    private final int port;
    private Process process;

    private PrivateMariaDb(final Path home, final int port) {
        this.home = home;
        this.port = port;
    }

    /** Makes one and waits until it answers. */
    public static PrivateMariaDb start() throws IOException, InterruptedException {
        final Path home = Files.createTempDirectory("palintone-db");
        final PrivateMariaDb db = new PrivateMariaDb(home, freePort());
        db.run(
                "",
                "mariadb-install-db",
                "--no-defaults",
                "--user=" + System.getProperty("user.name"),
                "--datadir=" + home.resolve("data"),
                "--auth-root-authentication-method=normal",
                "--skip-test-db");
        db.run(
                "flush privileges;\n"
                        + "create database palintone character set utf8mb4 collate utf8mb4_unicode_ci;\n"
                        + "create user 'palintone'@'127.0.0.1' identified by '"
                        + PASSWORD
                        + "';\ngrant all on palintone.* to 'palintone'@'127.0.0.1';\n"
                        + "grant all on palintone_scratch.* to 'palintone'@'127.0.0.1';\n",
                "mariadbd",
                "--no-defaults",
                "--user=" + System.getProperty("user.name"),
                "--datadir=" + home.resolve("data"),
                "--bootstrap");
        // A test that is stopped, or a house that does not start, leaves no server behind.
        Runtime.getRuntime().addShutdownHook(new Thread(db::close));
        db.up();
        return db;
    }

    /** Starts the server process on the data that is there. */
    public void up() throws IOException, InterruptedException {
        process =
                builder(
                                "mariadbd",
                                "--no-defaults",
                                "--user=" + System.getProperty("user.name"),
                                "--datadir=" + home.resolve("data"),
                                "--bind-address=127.0.0.1",
                                "--port=" + port,
                                "--socket=" + home.resolve("db.sock"),
                                "--skip-name-resolve",
                                "--innodb-buffer-pool-size=64M")
                        .redirectErrorStream(true)
                        .redirectOutput(home.resolve("mariadbd.log").toFile())
                        .start();
        for (int i = 0; i < 300; i++) {
            try (Connection c = DriverManager.getConnection(url(), user(), PASSWORD)) {
                if (c.isValid(2)) {
                    return;
                }
            } catch (SQLException notYet) {
                Thread.sleep(100);
            }
        }
        throw new IllegalStateException(
                "no database: " + Files.readString(home.resolve("mariadbd.log")));
    }

    /** What only the owner of the database may do. */
    public void asRoot(final String statement) throws IOException, InterruptedException {
        run(
                "",
                "mariadb",
                "--no-defaults",
                "--socket=" + home.resolve("db.sock"),
                "--user=root",
                "--execute=" + statement);
    }

    /** As when the machine loses power: no chance to tidy up. */
    public void kill() throws InterruptedException {
        process.destroyForcibly();
        process.waitFor();
    }

    public String url() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/palintone";
    }

    public String user() {
        return "palintone";
    }

    public String password() {
        return PASSWORD;
    }

    private void run(final String input, final String... command)
            throws IOException, InterruptedException {
        final Process once =
                builder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(home.resolve("install.log").toFile())
                        .start();
        once.getOutputStream().write(input.getBytes());
        once.getOutputStream().close();
        if (!once.waitFor(60, TimeUnit.SECONDS) || once.exitValue() != 0) {
            throw new IllegalStateException(
                    List.of(command) + ": " + Files.readString(home.resolve("install.log")));
        }
    }

    /** Debian keeps the server where only administrators look. */
    private static ProcessBuilder builder(final String... command) {
        final ProcessBuilder builder = new ProcessBuilder(command);
        final Path sbin = Path.of("/usr/sbin", command[0]);
        if (Files.isExecutable(sbin)) {
            command[0] = sbin.toString();
            builder.command(command);
        }
        return builder;
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    @Override
    public void close() {
        if (process == null || !Files.exists(home)) {
            return;
        }
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
            try (Stream<Path> files = Files.walk(home)) {
                files.sorted(Comparator.reverseOrder()).forEach(path -> path.toFile().delete());
            }
        } catch (IOException | InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
