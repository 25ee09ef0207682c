package palintone.server.exchange;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.work.IllegalMoveException;
import palintone.server.house.HouseDraft;
import palintone.server.house.HouseService;
import palintone.server.piece.PieceDraft;
import palintone.server.problem.NotHereException;
import palintone.server.problem.Problems;
import palintone.server.temper.BowlDraft;
import palintone.server.temper.TemperBowlService;
import palintone.server.work.BatchService;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Takes files over, all or nothing. What a file holds is told by its name. */
@Service
class ImportService {

    /** In the order in which they lean on each other. */
    private enum Kind {
        HOUSE("house.json"),
        INGREDIENTS("ingredients.csv"),
        MOULDS("moulds.csv"),
        FILLINGS("fillings.json"),
        PIECES("pieces.json"),
        BATCH("batch….json"),
        TRACE("trace-….csv");

        private final String file;

        Kind(final String file) {
            this.file = file;
        }

        private boolean fits(final String name) {
            return switch (this) {
                case BATCH -> name.startsWith("batch") && name.endsWith(".json");
                case TRACE -> name.startsWith("trace-") && name.endsWith(".csv");
                default -> name.equals(file);
            };
        }

        private static Kind of(final String name) {
            return Arrays.stream(values())
                    .filter(kind -> kind.fits(name))
                    .findFirst()
                    .orElseThrow(
                            () ->
                                    new ImportRefusedException(
                                            name,
                                            0,
                                            "file name",
                                            "\"" + name + "\"",
                                            Arrays.stream(values())
                                                    .map(k -> k.file)
                                                    .collect(
                                                            java.util.stream.Collectors.joining(
                                                                    ", "))));
        }
    }

    private static final Pattern TRACE_NAME = Pattern.compile("trace-(.+)-(\\d+)g-(.+)\\.csv");

    private final TemperBowlService bowls;
    private final LarderImport larder;
    private final PieceImport pieces;
    private final HouseService houses;
    private final BatchService batches;
    private final BatchSchema schema;
    private final JsonMapper json;

    ImportService(
            final TemperBowlService bowls,
            final LarderImport larder,
            final PieceImport pieces,
            final HouseService houses,
            final BatchService batches,
            final BatchSchema schema,
            final JsonMapper json) {
        this.bowls = bowls;
        this.larder = larder;
        this.pieces = pieces;
        this.houses = houses;
        this.batches = batches;
        this.schema = schema;
        this.json = json;
    }

    /** What one file brought. */
    record Taken(String file, int rows, int alreadyHere) {}

    /**
     * @throws ImportRefusedException when anything in any file is wrong; nothing is then changed
     */
    @Transactional
    public List<Taken> take(final List<NamedFile> files) {
        if (files.isEmpty()) {
            throw new OutOfRangeException("files", "none", "at least one file");
        }
        final List<Taken> taken = new ArrayList<>();
        files.stream()
                .sorted(Comparator.comparing((NamedFile f) -> Kind.of(f.name())))
                .forEach(file -> taken.add(one(file)));
        return taken;
    }

    private Taken one(final NamedFile file) {
        return switch (Kind.of(file.name())) {
            case HOUSE -> rows(file, HouseDraft[].class, houses::put);
            case INGREDIENTS -> new Taken(file.name(), larder.ingredients(file), 0);
            case MOULDS -> new Taken(file.name(), larder.moulds(file), 0);
            case FILLINGS -> rows(file, PieceFile.FillingRow[].class, pieces::filling);
            case PIECES -> pieces(file);
            case BATCH -> batch(file);
            case TRACE -> trace(file);
        };
    }

    private <T> Taken rows(final NamedFile file, final Class<T[]> type, final Consumer<T> action) {
        final T[] rows = read(file, () -> json.readValue(file.text(), type));
        for (int i = 0; i < rows.length; i++) {
            final T row = rows[i];
            guarded(file, i + 1, () -> action.accept(row));
        }
        return new Taken(file.name(), rows.length, 0);
    }

    /** Each with its id beside what makes it: the kind decides how the rest is read. */
    private Taken pieces(final NamedFile file) {
        final JsonNode tree = read(file, () -> json.readTree(file.text()));
        if (!tree.isArray()) {
            throw new ImportRefusedException(
                    file.name(), 0, "file", tree.getNodeType().toString(), "a list of pieces");
        }
        int row = 0;
        for (final JsonNode node : tree) {
            row++;
            if (!(node instanceof ObjectNode each)) {
                throw new ImportRefusedException(
                        file.name(), row, "piece", node.toString(), "an object with id and kind");
            }
            final String id = each.path("id").asString("");
            each.remove("id");
            if (!each.has("kind")) {
                // Files of before knew one kind.
                each.put("kind", "MOULDED");
            }
            final PieceDraft draft = read(file, () -> json.treeToValue(each, PieceDraft.class));
            guarded(file, row, () -> pieces.piece(id, draft));
        }
        return new Taken(file.name(), row, 0);
    }

    private Taken batch(final NamedFile file) {
        final JsonNode tree = read(file, () -> json.readTree(file.text()));
        guarded(file, 0, () -> schema.check(tree));
        final BatchRecord record = read(file, () -> json.treeToValue(tree, BatchRecord.class));
        final boolean[] fresh = new boolean[1];
        guarded(file, 0, () -> fresh[0] = batches.restore(record.facts(), record.accepted()));
        return new Taken(file.name(), fresh[0] ? 1 : 0, fresh[0] ? 0 : 1);
    }

    /** The name says what was in the bowl: trace-COUVERTURE-GRAMSg-WORDS.csv. */
    private Taken trace(final NamedFile file) {
        final Matcher name = TRACE_NAME.matcher(file.name());
        if (!name.matches()) {
            throw new ImportRefusedException(
                    file.name(), 0, "file name", file.name(), "trace-COUVERTURE-GRAMSg-WORDS.csv");
        }
        final int[] rows = new int[1];
        guarded(
                file,
                0,
                () -> {
                    final TraceCsv csv = new TraceCsv(file.bytes(), TraceCsv.Wishes.NONE);
                    rows[0] = csv.samples().size();
                    bowls.takeOver(
                            new BowlDraft(
                                    UUID.nameUUIDFromBytes(file.name().getBytes(UTF_8)),
                                    name.group(3).replace('-', ' '),
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
        return new Taken(file.name(), rows[0], 0);
    }

    private static <T> T read(final NamedFile file, final java.util.function.Supplier<T> parse) {
        try {
            final T value = parse.get();
            if (value == null) {
                throw new ImportRefusedException(file.name(), 0, "file", "empty", "JSON");
            }
            return value;
        } catch (JacksonException e) {
            final ProblemDetail why = Problems.unreadable(e);
            final Object field = why.getProperties().get("field");
            throw new ImportRefusedException(
                    file.name(),
                    e.getLocation() == null ? 0 : e.getLocation().getLineNr(),
                    String.valueOf(field),
                    String.valueOf(why.getProperties().get("value")),
                    String.valueOf(why.getProperties().get("allowed")));
        }
    }

    private static void guarded(final NamedFile file, final int row, final Runnable action) {
        try {
            action.run();
        } catch (OutOfRangeException e) {
            throw new ImportRefusedException(file.name(), row, e.field(), e.value(), e.allowed());
        } catch (NotHereException e) {
            throw new ImportRefusedException(
                    file.name(),
                    row,
                    e.field(),
                    "\"" + e.value() + "\"",
                    "an id that is in the books");
        } catch (IllegalMoveException e) {
            throw new ImportRefusedException(
                    file.name(), row, "entries", "in no possible order", e.getMessage());
        }
    }
}
