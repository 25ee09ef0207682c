package palintone.server.exchange;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Enumeration;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.figure.OutOfRangeException;
import palintone.server.house.HouseService;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The whole house as one file: everything in its books, word for word, with the version of the
 * books. Read into an empty house it is the same house: recipes with all their versions and notes,
 * lots, batches with every entry, bowls with every reading, and what was archived.
 *
 * <p>An archive of older books is read into books of that age, which are then brought up to date as
 * an old installation would be.
 */
@Service
class HouseArchive {

    private static final Logger LOG = LoggerFactory.getLogger(HouseArchive.class);

    static final String FORMAT = "palintone-house/1";
    private static final String LABEL = "palintone.json";
    private static final String FOLDER = "tables/";

    private final BookTables tables;
    private final Flyway flyway;
    private final HouseService houses;
    private final JsonMapper json;
    private final TransactionTemplate transaction;

    HouseArchive(
            final BookTables tables,
            final Flyway flyway,
            final HouseService houses,
            final JsonMapper json,
            final PlatformTransactionManager transactions) {
        this.tables = tables;
        this.flyway = flyway;
        this.houses = houses;
        this.json = json;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** What an archive says of itself. */
    record Label(String format, String house, String books, Instant madeAt) {}

    /** Writes everything, as it stands at one moment. */
    void write(final OutputStream out) {
        transaction.executeWithoutResult(
                status -> {
                    try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                        zip.putNextEntry(new ZipEntry(LABEL));
                        zip.write(
                                json.writeValueAsBytes(
                                        new Label(
                                                FORMAT,
                                                houses.draft().name(),
                                                age().toString(),
                                                Instant.now())));
                        for (final String table : tables.names()) {
                            zip.putNextEntry(new ZipEntry(FOLDER + table + ".ndjson"));
                            tables.read(table, row -> line(zip, row));
                        }
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                });
    }

    private void line(final OutputStream out, final ObjectNode row) {
        try {
            out.write(json.writeValueAsBytes(row));
            out.write('\n');
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private MigrationVersion age() {
        return flyway.info().current().getVersion();
    }

    /**
     * Reads an archive into this house, which must be empty.
     *
     * @throws OutOfRangeException when the house is not empty, or the file is no archive of ours or
     *     of later books; the house is then as it was
     */
    Label read(final Path file) {
        final String full = tables.whatIsHere();
        if (!full.isEmpty()) {
            throw new OutOfRangeException(
                    "this house", "not empty: it has " + full, "an empty house");
        }
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            final Label label = label(zip);
            final MigrationVersion of = MigrationVersion.fromVersion(label.books());
            final MigrationVersion now = age();
            if (of.compareTo(now) > 0) {
                throw new OutOfRangeException(
                        "archive",
                        "of books of version " + of,
                        "versions to " + now + "; a newer Palintone reads it");
            }
            if (of.equals(now)) {
                transaction.executeWithoutResult(status -> fill(zip));
            } else {
                throughTheAges(zip, of);
            }
            return label;
        } catch (ZipException e) {
            throw noArchive("no archive");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void throughTheAges(final ZipFile zip, final MigrationVersion of) {
        try {
            flyway(of).clean();
            flyway(of).migrate();
            transaction.executeWithoutResult(status -> fill(zip));
            flyway(MigrationVersion.LATEST).migrate();
        } catch (RuntimeException e) {
            LOG.info("An archive of books {} was not taken: {}", of, e.getMessage());
            flyway(MigrationVersion.LATEST).clean();
            flyway(MigrationVersion.LATEST).migrate();
            throw e;
        }
    }

    private Flyway flyway(final MigrationVersion target) {
        return Flyway.configure()
                .configuration(flyway.getConfiguration())
                .target(target)
                .cleanDisabled(false)
                .load();
    }

    private Label label(final ZipFile zip) throws IOException {
        final ZipEntry entry = zip.getEntry(LABEL);
        if (entry == null) {
            throw noArchive("a file without " + LABEL);
        }
        try (InputStream in = zip.getInputStream(entry)) {
            final Label label = json.readValue(in.readNBytes(10_000), Label.class);
            if (!FORMAT.equals(label.format()) || !String.valueOf(label.books()).matches("\\d+")) {
                throw noArchive("\"" + label.format() + "\"");
            }
            return label;
        } catch (JacksonException e) {
            throw noArchive("a file with another " + LABEL);
        }
    }

    private void fill(final ZipFile zip) {
        final List<String> order = tables.names();
        tables.empty(order);
        for (final String table : order) {
            final ZipEntry entry = zip.getEntry(FOLDER + table + ".ndjson");
            if (entry != null) {
                rows(zip, entry, table);
            }
        }
        strangers(zip, order);
    }

    /** What no table takes would be lost without a word. */
    private static void strangers(final ZipFile zip, final List<String> known) {
        final Enumeration<? extends ZipEntry> entries = zip.entries();
        while (entries.hasMoreElements()) {
            final String name = entries.nextElement().getName();
            if (!LABEL.equals(name)
                    && known.stream().noneMatch(t -> name.equals(FOLDER + t + ".ndjson"))) {
                throw noArchive("a file with \"" + name + "\" in it");
            }
        }
    }

    private void rows(final ZipFile zip, final ZipEntry entry, final String table) {
        try (BufferedReader lines =
                new BufferedReader(
                        new InputStreamReader(zip.getInputStream(entry), StandardCharsets.UTF_8))) {
            tables.write(
                    table,
                    () -> {
                        final String line = lines.readLine();
                        return line == null || line.isBlank() ? null : row(table, line);
                    });
        } catch (IOException e) {
            throw noArchive("damaged at " + table);
        }
    }

    private JsonNode row(final String table, final String line) {
        try {
            return json.readTree(line);
        } catch (JacksonException e) {
            throw noArchive("damaged at " + table);
        }
    }

    private static OutOfRangeException noArchive(final String found) {
        return new OutOfRangeException(
                "archive", found, "a house archive, as Export whole house makes it");
    }
}
