package palintone.server.exchange;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.figure.OutOfRangeException;
import palintone.server.exchange.list.Brought;
import palintone.server.exchange.list.HouseLists;
import palintone.server.house.HouseService;
import palintone.server.temper.BowlDraft;
import palintone.server.temper.TemperBowlService;
import palintone.server.work.BatchService;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Takes files over, all or nothing. What a file holds is told by its name, or said with it. */
@Service
class ImportService {

    private static final Pattern TABLE = Pattern.compile(".*\\.(csv|tsv|txt|xlsx|json)");
    private static final Pattern BATCH = Pattern.compile("batch.*\\.json");
    private static final Pattern TRACE = Pattern.compile("trace-(.+)-(\\d+)g-(.+)\\.csv");

    private final TemperBowlService bowls;
    private final HouseLists lists;
    private final BatchService batches;
    private final BatchSchema schema;
    private final RowGuard guard;
    private final JsonMapper json;
    private final ImportProgress progress;
    private final HouseService houses;
    private final TransactionTemplate transaction;

    ImportService(
            final TemperBowlService bowls,
            final HouseLists lists,
            final BatchService batches,
            final BatchSchema schema,
            final RowGuard guard,
            final JsonMapper json,
            final ImportProgress progress,
            final HouseService houses,
            final PlatformTransactionManager transactions) {
        this.progress = progress;
        this.houses = houses;
        this.bowls = bowls;
        this.lists = lists;
        this.batches = batches;
        this.schema = schema;
        this.guard = guard;
        this.json = json;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** A file and what it goes into. */
    private record Sorted(NamedFile file, String into, int order) {}

    /**
     * Takes files over.
     *
     * @param list where a table belongs whose name does not say so; may be empty
     * @param rests what a look at it before rested on; empty where there was none
     * @param really whether to keep it; otherwise everything is looked at and nothing is kept
     * @throws ImportRefusedException when anything in any file is wrong; nothing is then changed
     * @throws ChangedSinceException when it would change something else than was looked at
     */
    List<Brought> take(
            final List<NamedFile> files,
            final String list,
            final boolean really,
            final List<String> rests) {
        if (files.isEmpty()) {
            throw new OutOfRangeException("files", "none", "at least one file");
        }
        return progress.alone(() -> takeAlone(files, list, really, rests));
    }

    private List<Brought> takeAlone(
            final List<NamedFile> files,
            final String list,
            final boolean really,
            final List<String> rests) {
        final List<Sorted> sorted =
                files.stream()
                        .map(file -> sorted(file, list))
                        .sorted(Comparator.comparingInt(Sorted::order))
                        .toList();
        // Read before any transaction: what is no table holds no line to the database.
        final List<Supplier<Brought>> parsed =
                sorted.stream().map(each -> parsed(each, really)).toList();
        return transaction.execute(
                status -> {
                    final List<Brought> brought = new ArrayList<>();
                    for (final Supplier<Brought> each : parsed) {
                        brought.add(asSeen(each.get(), rests));
                    }
                    if (!really) {
                        status.setRollbackOnly();
                    }
                    return brought;
                });
    }

    private Sorted sorted(final NamedFile file, final String list) {
        final String name = file.name();
        final int after = lists.names().size();
        if (TRACE.matcher(name).matches()) {
            return new Sorted(file, "trace", after + 1);
        }
        if (BATCH.matcher(name).matches()) {
            return new Sorted(file, "batch", after);
        }
        final String into = lists.order(file.stem()).isPresent() ? file.stem() : list;
        if (!TABLE.matcher(name.toLowerCase(java.util.Locale.ROOT)).matches() || into.isEmpty()) {
            throw guard.refused(
                    name,
                    0,
                    "file name",
                    "\"" + name + "\"",
                    Stream.concat(
                                            lists.names().stream().map(each -> each + ".csv"),
                                            Stream.of("batch….json", "trace-….csv"))
                                    .collect(Collectors.joining(", "))
                            + "; tables as .csv, .xlsx or .json");
        }
        return new Sorted(file, into, lists.order(into).orElse(0));
    }

    private Supplier<Brought> parsed(final Sorted each, final boolean really) {
        return switch (each.into()) {
            case "batch" -> () -> batch(each.file(), really);
            case "trace" -> () -> trace(each.file(), really);
            default -> lists.parsed(each.file(), each.into());
        };
    }

    /**
     * What was looked at rests on what still stands; without a look there is nothing to keep to.
     */
    private static Brought asSeen(final Brought brought, final List<String> rests) {
        if (!rests.isEmpty() && !brought.rests().isEmpty() && !rests.contains(brought.rests())) {
            throw new ChangedSinceException(brought.file());
        }
        return brought;
    }

    private Brought batch(final NamedFile file, final boolean really) {
        final JsonNode tree = guard.json(file);
        final boolean[] fresh = new boolean[1];
        final String[] lot = new String[1];
        guard.row(
                file.name(),
                0,
                () -> {
                    schema.check(tree);
                    final BatchRecord record = json.treeToValue(tree, BatchRecord.class);
                    lot[0] = record.lot();
                    fresh[0] =
                            really
                                    ? batches.restore(record.facts(), record.accepted())
                                    : batches.wouldBeNew(record.facts(), record.accepted());
                });
        return Brought.one(file.name(), "batches", fresh[0], lot[0]);
    }

    /** The name says what was in the bowl: trace-COUVERTURE-GRAMSg-WORDS.csv. */
    private Brought trace(final NamedFile file, final boolean really) {
        final Matcher name = TRACE.matcher(file.name());
        if (!name.matches()) {
            throw new IllegalStateException(file.name());
        }
        final String words = name.group(3).replace('-', ' ');
        guard.row(
                file.name(),
                0,
                () -> {
                    final TraceCsv csv =
                            new TraceCsv(file.bytes(), TraceCsv.Wishes.NONE, houses.house().zone());
                    if (!really) {
                        return;
                    }
                    bowls.takeOver(
                            new BowlDraft(
                                    UUID.nameUUIDFromBytes(file.name().getBytes(UTF_8)),
                                    words,
                                    name.group(1),
                                    Double.parseDouble(name.group(2)),
                                    null,
                                    null,
                                    null,
                                    null,
                                    null,
                                    null),
                            csv.beganAt().orElse(Instant.EPOCH),
                            csv.samples());
                });
        return Brought.one(file.name(), "traces", true, words);
    }
}
