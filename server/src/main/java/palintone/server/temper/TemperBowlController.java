package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import palintone.server.problem.Within;
import palintone.server.web.PageView;

@RestController
@RequestMapping("/api/temper")
class TemperBowlController {

    private final TemperBowlService bowls;
    private final BowlNotes notes;
    private final TemperNews news;
    private final ReadingStore readings;

    TemperBowlController(
            final TemperBowlService bowls,
            final BowlNotes notes,
            final TemperNews news,
            final ReadingStore readings) {
        this.bowls = bowls;
        this.notes = notes;
        this.news = news;
        this.readings = readings;
    }

    /** A temperature typed by hand. */
    record TypedReading(@NotNull UUID id, double temperatureC) {}

    /**
     * Another value for one.
     *
     * @param was what was read there before, °C: corrected by another meanwhile, it is refused
     */
    record Retyped(double temperatureC, @Nullable Double was) {}

    /** Bowls under way, or those that are over, newest first. */
    @GetMapping("/bowls")
    PageView<TemperBowlView.SummaryView> bowls(
            @RequestParam(defaultValue = "OPEN") final TemperBowlEntity.State state,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "50") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return bowls.list(state, page, size);
    }

    /** Begins a bowl; one with this id already begun is returned as it stands. */
    @PostMapping("/bowls")
    @ResponseStatus(HttpStatus.CREATED)
    TemperBowlView begin(@Valid @RequestBody final BowlDraft draft) {
        return bowls.begin(draft);
    }

    /** One bowl: where it stands, what to do now, what was noted. */
    @GetMapping("/bowls/{id}")
    TemperBowlView bowl(@PathVariable final UUID id) {
        return bowls.view(id);
    }

    /** What was measured of a bowl, beside what was foretold. */
    @GetMapping("/bowls/{id}/chart")
    ChartView chart(@PathVariable final UUID id) {
        return bowls.chart(id);
    }

    /** Notes what was done at a bowl: seed, cold, heat, taken out, a paper test. */
    @PostMapping("/bowls/{id}/events")
    TemperBowlView note(
            @PathVariable final UUID id, @Valid @RequestBody final BowlEventDraft draft) {
        return notes.note(id, draft);
    }

    /** Corrects a note of a bowl. */
    @PutMapping("/bowls/{id}/events/{note}")
    TemperBowlView correct(
            @PathVariable final UUID id,
            @PathVariable final UUID note,
            @Valid @RequestBody final BowlEventDraft draft) {
        return notes.correct(id, note, draft);
    }

    /** Takes a note of a bowl back; it stays on record and counts no more. */
    @DeleteMapping("/bowls/{id}/events/{note}")
    TemperBowlView takeBack(@PathVariable final UUID id, @PathVariable final UUID note) {
        return notes.takeBack(id, note);
    }

    /** Types a reading of a bowl nobody measures by itself. */
    @PostMapping("/bowls/{id}/readings")
    TemperBowlView type(
            @PathVariable final UUID id, @Valid @RequestBody final TypedReading reading) {
        return notes.type(id, reading.id(), reading.temperatureC());
    }

    /** Corrects a typed reading. */
    @PutMapping("/bowls/{id}/readings/{reading}")
    TemperBowlView retype(
            @PathVariable final UUID id,
            @PathVariable final UUID reading,
            @Valid @RequestBody final Retyped retyped) {
        return notes.retype(id, reading, retyped.temperatureC(), retyped.was());
    }

    /** Takes a typed reading back. */
    @DeleteMapping("/bowls/{id}/readings/{reading}")
    TemperBowlView untype(@PathVariable final UUID id, @PathVariable final UUID reading) {
        return notes.untype(id, reading);
    }

    /** Ends a bowl. */
    @PostMapping("/bowls/{id}/end")
    TemperBowlView end(@PathVariable final UUID id) {
        return bowls.end(id);
    }

    /** A bowl read back: what its readings say of the model and of the work. */
    @GetMapping("/bowls/{id}/reading-back")
    ReadBackView readBack(@PathVariable final UUID id) {
        return bowls.readBack(id);
    }

    /** Probes that speak and that no bowl listens to. */
    @GetMapping("/strays")
    List<ReadingStore.Stray> strays() {
        return readings.strays();
    }

    @TransactionalEventListener
    void changed(final TemperBowlService.BowlChanged change) {
        news.changed(change.id());
    }
}
