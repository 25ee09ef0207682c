package palintone.server.device;

import java.time.Clock;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.figure.OutOfRangeException;
import palintone.server.temper.Ingest;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Where probes send their readings, real and simulated ones alike. */
@RestController
@RequestMapping("/api/devices")
class SenMlController {

    private final Ingest ingest;
    private final Clock clock;
    private final JsonMapper json;

    SenMlController(final Ingest ingest, final Clock clock, final JsonMapper json) {
        this.ingest = ingest;
        this.clock = clock;
        this.json = json;
    }

    /**
     * What came of a pack.
     *
     * @param rejected records that could not be read; the others were taken
     */
    record Answer(int kept, int known, int unheard, List<SenMl.Rejected> rejected) {}

    /** Takes readings of sensors. */
    @PostMapping(
            path = "/senml",
            consumes = {"application/senml+json", "application/json"})
    Answer take(@RequestBody final byte[] body) {
        final SenMl.Pack pack = SenMl.read(tree(body), clock.instant(), ingest::clockOf);
        final Ingest.Taken taken =
                ingest.take(
                        pack.readings().stream()
                                .map(r -> new Ingest.ProbeReading(r.probe(), r.at(), r.celsius()))
                                .toList());
        return new Answer(taken.kept(), taken.known(), taken.unheard(), pack.rejected());
    }

    private JsonNode tree(final byte[] body) {
        try {
            return json.readTree(body);
        } catch (final JacksonException e) {
            throw new OutOfRangeException(
                    "pack", "not JSON", "a SenML pack after RFC 8428, as JSON");
        }
    }
}
