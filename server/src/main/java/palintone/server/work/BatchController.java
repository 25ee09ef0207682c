package palintone.server.work;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.work.RunningBatch;
import palintone.server.problem.Within;
import palintone.server.web.PageView;

@RestController
@RequestMapping("/api/batches")
class BatchController {

    private final BatchService batches;

    BatchController(final BatchService batches) {
        this.batches = batches;
    }

    /** Batches in one state, or all that are over, newest first. */
    @GetMapping
    PageView<BatchSummaryView> batches(
            @RequestParam final Optional<RunningBatch.State> state,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "50") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return batches.list(state, page, size);
    }

    /** Begins a batch; one with this id already begun is returned as it stands. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BatchView begin(@Valid @RequestBody final BatchOrder order) {
        return Again.until(() -> batches.begin(order));
    }

    /** One batch: its tasks, where it stands, what was noted. */
    @GetMapping("/{id}")
    BatchView batch(@PathVariable final UUID id) {
        return batches.view(id);
    }

    /** Writes one entry of a batch. */
    @PostMapping("/{id}/entries")
    BatchView write(@PathVariable final UUID id, @Valid @RequestBody final EntryDraft draft) {
        return Again.until(() -> batches.write(id, List.of(draft)));
    }

    /**
     * What is one act to the maker.
     *
     * @param entries all of them, or none
     */
    record Act(@NotEmpty @Size(max = 200) List<@Valid @NotNull EntryDraft> entries) {}

    /** Writes several entries as one: all of them stand then, or none does. */
    @PostMapping("/{id}/acts")
    BatchView act(@PathVariable final UUID id, @Valid @RequestBody final Act act) {
        return Again.until(() -> batches.write(id, act.entries()));
    }

    /** Another bowl for a batch. */
    record Uses(@NotNull UUID bowl) {}

    /** Makes a batch from another bowl from here on. */
    @PutMapping("/{id}/bowl")
    BatchView use(@PathVariable final UUID id, @Valid @RequestBody final Uses uses) {
        return batches.use(id, uses.bowl());
    }
}
