package palintone.server.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.figure.OutOfRangeException;
import palintone.server.house.HouseService;
import palintone.server.news.NewsDesk;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The whole house as one file: everything in its books, word for word, with the version of the
 * books. Read into an empty house it is the same house: recipes with all their versions and notes,
 * lots, batches with every entry, bowls with every reading, and what was archived.
 *
 * <p>An archive is unpacked beside the house, into books of its own age, which are brought up to
 * date as an old installation would be; the house takes them over in one transaction, or stays as
 * it was.
 */
@Service
class HouseArchive {

    /** What a house is set up with before anything is made in it. */
    private static final List<String> SETTINGS = List.of("house", "cabinet", "tool");

    /** By these it is said what a house has; their parts go without saying. */
    private static final List<String> NAMED =
            List.of(
                    "ingredient",
                    "mould",
                    "colour",
                    "filling",
                    "piece",
                    "batch",
                    "temper_bowl",
                    "shell_weighing",
                    "coat_weighing",
                    "demoulding");

    private final BookTables tables;
    private final ScratchBooks scratch;
    private final Choices choices;
    private final Flyway flyway;
    private final ImportProgress progress;
    private final HouseService houses;
    private final JsonMapper json;
    private final Clock clock;
    private final NewsDesk desk;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;

    HouseArchive(
            final BookTables tables,
            final ScratchBooks scratch,
            final Choices choices,
            final Flyway flyway,
            final ImportProgress progress,
            final HouseService houses,
            final JsonMapper json,
            final Clock clock,
            final NewsDesk desk,
            final ApplicationEventPublisher events,
            final PlatformTransactionManager transactions) {
        this.tables = tables;
        this.scratch = scratch;
        this.choices = choices;
        this.flyway = flyway;
        this.progress = progress;
        this.houses = houses;
        this.json = json;
        this.clock = clock;
        this.desk = desk;
        this.events = events;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** Writes everything, as it stands at one moment. */
    void write(final OutputStream out) {
        transaction.executeWithoutResult(
                status -> {
                    try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                        zip.putNextEntry(new ZipEntry(ArchiveFile.LABEL));
                        zip.write(
                                json.writeValueAsBytes(
                                        new ArchiveFile.Label(
                                                ArchiveFile.FORMAT,
                                                houses.draft().name(),
                                                age().toString(),
                                                clock.instant())));
                        for (final String table : tables.names()) {
                            zip.putNextEntry(new ZipEntry(ArchiveFile.FOLDER + table + ".ndjson"));
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
     * Reads an archive into this house, in which nothing was made yet.
     *
     * @param over whether the rules, cabinets and tools of this house may be let go for those of
     *     the archive
     * @throws OutOfRangeException when the house is not empty, or the file is no archive of ours or
     *     of later books; the house is then as it was
     * @throws SettingsHereException when it has settings of its own that may not be let go
     * @throws ImportLetBeException when somebody pressed Cancel; the house is then as it was
     */
    ArchiveFile.Label read(final Path file, final boolean over) {
        return progress.alone(() -> readAlone(file, over));
    }

    private ArchiveFile.Label readAlone(final Path file, final boolean over) {
        try (ArchiveFile archive = ArchiveFile.open(file, json);
                ScratchBooks.Opened beside = scratch.open()) {
            final MigrationVersion now = age();
            final MigrationVersion of = MigrationVersion.fromVersion(archive.label().books());
            if (of.compareTo(now) > 0) {
                throw new OutOfRangeException(
                        "archive",
                        "of books of version " + of,
                        "versions to " + now + "; a newer Palintone reads it");
            }
            final List<String> names = tables.names();
            beside.blank(now);
            refuseWhatIsHere(beside.otherThan(names), over);
            if (!of.equals(now)) {
                beside.blank(of);
            }
            beside.atOnce(() -> fill(archive, beside.tables()));
            beside.bringTo(now);
            choices.check(beside.tables());
            progress.goOn();
            takeOver(beside, names);
            events.publishEvent(new HouseService.AllIsNew());
            desk.allIsNew();
            return archive.label();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void refuseWhatIsHere(final List<String> here, final boolean over) {
        final List<String> made = new ArrayList<>(here);
        made.removeAll(SETTINGS);
        if (!made.isEmpty()) {
            final List<String> said = made.stream().filter(NAMED::contains).toList();
            throw new OutOfRangeException(
                    "this house",
                    "not empty: it has "
                            + String.join(
                                    ", ",
                                    (said.isEmpty() ? made : said)
                                            .stream().map(tables::howMany).toList()),
                    "an empty house");
        }
        if (!here.isEmpty() && !over) {
            throw new SettingsHereException();
        }
    }

    private void fill(final ArchiveFile archive, final BookTables into) {
        final List<String> names = into.names();
        archive.refuseStrangers(names);
        into.empty(names);
        progress.begin(archive.label().house(), archive.kilobytes());
        names.forEach(table -> archive.rows(table, into, progress::done));
        if (into.rows("house") != 1) {
            throw ArchiveFile.noArchive("without its House rules");
        }
    }

    /** All or nothing. What somebody wrote meanwhile stays, and the archive waits outside. */
    private void takeOver(final ScratchBooks.Opened beside, final List<String> names) {
        transaction.executeWithoutResult(
                status -> {
                    houses.hold();
                    refuseWhatIsHere(
                            names.stream()
                                    .filter(table -> !SETTINGS.contains(table))
                                    .filter(table -> tables.rows(table) > 0)
                                    .toList(),
                            true);
                    tables.empty(names.stream().filter(SETTINGS::contains).toList());
                    beside.handOver(names);
                });
    }
}
