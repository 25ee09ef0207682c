package palintone.server.exchange;

import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import palintone.server.colour.ColourDraft;
import palintone.server.exchange.list.Brought;
import palintone.server.exchange.list.FillingRow;
import palintone.server.exchange.list.HouseLists;
import palintone.server.house.HouseDraft;
import palintone.server.larder.IngredientDraft;
import palintone.server.mould.MouldDraft;
import palintone.server.piece.PieceDraft;
import palintone.server.piece.TastingRow;
import palintone.server.problem.ProblemType;
import palintone.server.shell.ShellWeighingDraft;
import palintone.server.work.BatchService;
import palintone.server.work.BatchService.Recorded;
import tools.jackson.databind.json.JsonMapper;

@RestController
@RequestMapping("/api/exchange")
class ExchangeController {

    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final ImportService imports;
    private final HouseArchive archive;
    private final HouseLists lists;
    private final ImportProgress progress;
    private final BatchService batches;
    private final BatchSchema schema;
    private final JsonMapper json;

    ExchangeController(
            final ImportService imports,
            final HouseLists lists,
            final HouseArchive archive,
            final ImportProgress progress,
            final BatchService batches,
            final BatchSchema schema,
            final JsonMapper json) {
        this.imports = imports;
        this.lists = lists;
        this.archive = archive;
        this.progress = progress;
        this.batches = batches;
        this.schema = schema;
        this.json = json;
    }

    /**
     * Reads lists, batches and recipes from files, or only says what it would do.
     *
     * @param rests what the look before it rested on, of each file: changed meanwhile, nothing is
     *     imported
     */
    @PostMapping(path = "/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<Brought> take(
            @RequestPart final List<MultipartFile> files,
            @RequestParam(defaultValue = "") final String list,
            @RequestParam(defaultValue = "false") final boolean preview,
            @RequestParam(defaultValue = "") final List<String> rests)
            throws IOException {
        final List<NamedFile> named = new ArrayList<>();
        for (final MultipartFile file : files) {
            final String path =
                    file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
            named.add(new NamedFile(path.substring(path.lastIndexOf('/') + 1), file.getBytes()));
        }
        return imports.take(named, list, !preview, rests);
    }

    /** A list as it can be read in again; the schema lists-1 is made of this description. */
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            array =
                                    @ArraySchema(
                                            schema =
                                                    @Schema(
                                                            anyOf = {
                                                                IngredientDraft.class,
                                                                MouldDraft.class,
                                                                FillingRow.class,
                                                                PieceDraft.class,
                                                                HouseDraft.class,
                                                                ColourDraft.class,
                                                                ShellWeighingDraft.class,
                                                                TastingRow.class
                                                            }))))
    @GetMapping("/lists/{list}.json")
    ResponseEntity<String> listAsJson(@PathVariable final String list) {
        return file(list + ".json", MediaType.APPLICATION_JSON, lists.asJson(list));
    }

    /** The same as a table; the mark before it tells spreadsheets that it is UTF-8. */
    @GetMapping("/lists/{list}.csv")
    ResponseEntity<String> listAsCsv(@PathVariable final String list) {
        return file(list + ".csv", CSV, "\uFEFF" + lists.asCsv(list));
    }

    /** The whole house as one file. */
    @GetMapping(path = "/house.zip", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> house() {
        return ResponseEntity.ok()
                .contentType(ZIP)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("palintone-house.zip")
                                .build()
                                .toString())
                .body(archive::write);
    }

    /**
     * Reads a whole house into this one, in which nothing was made yet.
     *
     * @param over whether its rules, cabinets and tools may go for those of the archive
     */
    @PutMapping(path = "/house", consumes = "application/zip")
    ArchiveFile.Label takeHouse(
            @RequestParam(defaultValue = "false") final boolean over, final InputStream body)
            throws IOException {
        final Path file = Files.createTempFile("palintone-house", ".zip");
        try {
            try (OutputStream out = Files.newOutputStream(file)) {
                body.transferTo(out);
            }
            return archive.read(file, over);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** Gives up the import that is under way; nothing of it is kept. */
    @PostMapping("/cancel")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel() {
        progress.letBe();
    }

    /** How far an import is. */
    @GetMapping("/progress")
    ImportProgress.ProgressView progress() {
        return progress.now();
    }

    /** A batch with everything noted, as JSON. */
    @GetMapping("/batches/{id}.json")
    ResponseEntity<String> json(@PathVariable final UUID id) {
        final Recorded recorded = batches.recorded(id);
        final BatchRecord record = BatchRecord.of(recorded.facts(), recorded.running());
        return file(
                "batch-" + record.lot() + ".json",
                MediaType.APPLICATION_JSON,
                json.writerWithDefaultPrettyPrinter().writeValueAsString(record));
    }

    /** What was noted of a batch, as a table. */
    @GetMapping("/batches/{id}.csv")
    ResponseEntity<String> csv(@PathVariable final UUID id) {
        final Recorded recorded = batches.recorded(id);
        return file("batch-" + recorded.facts().lot() + ".csv", CSV, BatchCsv.of(recorded));
    }

    /** What the JSON of the lists holds. */
    @GetMapping(path = "/schema/lists-1.schema.json", produces = "application/schema+json")
    Resource listsSchema() {
        return new ClassPathResource("schema/lists-1.schema.json");
    }

    /** What a file of a batch looks like. */
    @GetMapping(path = "/schema/" + BatchSchema.NAME, produces = "application/schema+json")
    String schema() {
        return schema.text();
    }

    private static ResponseEntity<String> file(
            final String name, final MediaType type, final String text) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text);
    }

    @ExceptionHandler
    ProblemDetail settings(final SettingsHereException e) {
        final ProblemDetail problem = ProblemType.IN_THE_WAY.detail(e.getMessage());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail changedSince(final ChangedSinceException e) {
        return ProblemType.STALE.detail(e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail letBe(final ImportLetBeException e) {
        return ProblemType.CANCELLED.detail(e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail refused(final ImportRefusedException e) {
        final ProblemDetail problem = ProblemType.NOT_TAKEN_OVER.detail(e.getMessage());
        problem.setProperty("file", e.file());
        if (e.row() > 0) {
            problem.setProperty("row", e.row());
        }
        problem.setProperty("field", e.field());
        problem.setProperty("value", e.value());
        problem.setProperty("allowed", e.allowed());
        return problem;
    }
}
