package palintone.server.exchange;

import jakarta.annotation.Nullable;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.trace.Flag;
import palintone.core.temper.trace.Sample;
import palintone.server.house.HouseService;
import palintone.server.temper.BowlDraft;
import palintone.server.temper.TemperBowlService;

/** Traces of any logger in, traces as CSV and SenML out. */
@RestController
@RequestMapping("/api/exchange/traces")
class TraceController {

    private final TemperBowlService bowls;
    private final Clock clock;
    private final HouseService houses;

    TraceController(final TemperBowlService bowls, final HouseService houses, final Clock clock) {
        this.houses = houses;
        this.bowls = bowls;
        this.clock = clock;
    }

    /** How a file would be read, before anything is kept. */
    public record PreviewView(
            List<String> columns,
            int timeColumn,
            int temperatureColumn,
            String delimiter,
            boolean decimalComma,
            String timeFormat,
            boolean fahrenheit,
            boolean maybeFahrenheit,
            int readings,
            double minutes,
            double coldestC,
            double hottestC,
            List<ApartView> apart,
            int gaps,
            @Nullable Instant beganAt,
            List<TraceCsv.PreviewRow> rows) {}

    /** Readings that would be kept apart. */
    public record ApartView(Flag flag, String words, int count) {}

    /** Where the trace was put. */
    public record TakenView(UUID id, int readings) {}

    /** What a file of readings holds, before it becomes a bowl. */
    @PostMapping(path = "/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PreviewView preview(
            @RequestPart final MultipartFile file,
            @RequestParam(required = false) final Integer timeColumn,
            @RequestParam(required = false) final Integer temperatureColumn,
            @RequestParam(required = false) final Boolean fahrenheit)
            throws IOException {
        final TraceCsv csv = read(file, timeColumn, temperatureColumn, fahrenheit);
        final var cleaned = csv.cleaned();
        final var stats =
                cleaned.good().stream().mapToDouble(Sample::temperatureC).summaryStatistics();
        return new PreviewView(
                csv.dialect().columns(),
                csv.dialect().timeColumn(),
                csv.dialect().temperatureColumn(),
                csv.dialect().delimiter(),
                csv.dialect().decimalComma(),
                csv.dialect().time().words(),
                csv.dialect().fahrenheit(),
                csv.maybeFahrenheit(),
                csv.samples().size(),
                cleaned.seconds() / 60,
                stats.getCount() == 0 ? 0 : stats.getMin(),
                stats.getCount() == 0 ? 0 : stats.getMax(),
                cleaned.counts().entrySet().stream()
                        .map(e -> new ApartView(e.getKey(), e.getKey().words(), e.getValue()))
                        .toList(),
                cleaned.gaps().size(),
                csv.beganAt().orElse(null),
                csv.preview());
    }

    /** Makes a bowl of a file of readings. */
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    TakenView take(
            @RequestPart final MultipartFile file,
            @RequestParam final UUID id,
            @RequestParam final String name,
            @RequestParam final String couverture,
            @RequestParam final double massG,
            @RequestParam(required = false) final Integer timeColumn,
            @RequestParam(required = false) final Integer temperatureColumn,
            @RequestParam(required = false) final Boolean fahrenheit)
            throws IOException {
        final TraceCsv csv = read(file, timeColumn, temperatureColumn, fahrenheit);
        final double last =
                csv.samples().stream()
                        .mapToDouble(Sample::timeS)
                        .filter(Double::isFinite)
                        .max()
                        .orElse(0);
        final Instant began =
                csv.beganAt()
                        .orElseGet(
                                () ->
                                        clock.instant()
                                                .minusMillis((long) (last * 1000))
                                                .truncatedTo(ChronoUnit.MILLIS));
        final BowlDraft draft =
                new BowlDraft(
                        id,
                        name,
                        couverture,
                        massG,
                        null,
                        VesselKind.STEEL_BOWL,
                        null,
                        null,
                        null,
                        null);
        return new TakenView(bowls.takeOver(draft, began, csv.samples()), csv.samples().size());
    }

    private TraceCsv read(
            final MultipartFile file,
            final Integer timeColumn,
            final Integer temperatureColumn,
            final Boolean fahrenheit)
            throws IOException {
        return new TraceCsv(
                file.getBytes(),
                new TraceCsv.Wishes(
                        Optional.ofNullable(timeColumn),
                        Optional.ofNullable(temperatureColumn),
                        Optional.ofNullable(fahrenheit)),
                houses.house().zone());
    }

    /** The readings of a bowl, as a table. */
    @GetMapping("/{id}.csv")
    ResponseEntity<String> csv(@PathVariable final UUID id) {
        final TemperBowlService.Recorded recorded = bowls.recorded(id);
        final StringBuilder text = new StringBuilder("seconds,celsius\n");
        for (final Sample s : recorded.samples()) {
            text.append(
                    String.format(
                            Locale.ROOT,
                            "%.3f,%s%n",
                            s.timeS(),
                            Double.isFinite(s.temperatureC())
                                    ? String.format(Locale.ROOT, "%.3f", s.temperatureC())
                                    : ""));
        }
        return file(recorded, "csv", MediaType.parseMediaType("text/csv;charset=UTF-8"), text);
    }

    /** The readings of a bowl as sensors write them. */
    @GetMapping("/{id}.senml.json")
    ResponseEntity<String> senml(@PathVariable final UUID id) {
        final TemperBowlService.Recorded recorded = bowls.recorded(id);
        final StringBuilder text = new StringBuilder("[");
        text.append(
                String.format(
                        Locale.ROOT,
                        "{\"bn\":\"%s\",\"bt\":%.3f,\"bu\":\"Cel\"}",
                        recorded.summary().id(),
                        recorded.summary().beganAt().toEpochMilli() / 1000.0));
        for (final Sample s : recorded.samples()) {
            if (Double.isFinite(s.temperatureC())) {
                text.append(
                        String.format(
                                Locale.ROOT,
                                ",%n{\"t\":%.3f,\"v\":%.3f}",
                                s.timeS(),
                                s.temperatureC()));
            }
        }
        text.append("]\n");
        return file(
                recorded, "senml.json", MediaType.parseMediaType("application/senml+json"), text);
    }

    private static ResponseEntity<String> file(
            final TemperBowlService.Recorded recorded,
            final String ending,
            final MediaType type,
            final CharSequence text) {
        final String name =
                recorded.summary().name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("trace-" + name + "." + ending)
                                .build()
                                .toString())
                .body(text.toString());
    }
}
