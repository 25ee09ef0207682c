package palintone.server.piece;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.server.problem.Within;

@RestController
@RequestMapping("/api/pieces")
class FilledPiecesController {

    private final FilledPieces filled;
    private final MouldTrials trials;

    FilledPiecesController(final FilledPieces filled, final MouldTrials trials) {
        this.filled = filled;
        this.trials = trials;
    }

    /** What each mould in use holds of a filling. */
    @PostMapping("/rooms")
    List<MouldTrials.MouldFillView> rooms(
            @Valid @RequestBody final MouldTrials.RoomRequest request) {
        return trials.rooms(request);
    }

    /** Water between layers that are in no piece yet. */
    @PostMapping("/moisture")
    FilledPieces.MoistureView tried(@Valid @RequestBody final MouldTrials.LayersRequest request) {
        return trials.moisture(request);
    }

    /** Water between the layers of a piece as it would be. */
    @PostMapping("/trial/moisture")
    FilledPieces.MoistureView thought(
            @Valid @RequestBody final PieceDraft draft,
            @RequestParam(defaultValue = "0.3")
                    @Within(low = 0, above = true, high = 5, unit = "mm")
                    final double barrierMm,
            @RequestParam(defaultValue = "60") @Within(low = 1, high = 400, unit = "days")
                    final double days) {
        return filled.moisture(draft, barrierMm, days);
    }

    /** Pieces a filling is in, and what each would take of an amount. */
    @GetMapping("/holding")
    List<FilledPieces.FilledView> holding(
            @RequestParam final String filling,
            @RequestParam(required = false) final Double grams) {
        return filled.holding(filling, grams);
    }

    /** Water between the layers of a piece, day by day. */
    @GetMapping("/{id}/moisture")
    FilledPieces.MoistureView moisture(
            @PathVariable final String id,
            @RequestParam(defaultValue = "0.3")
                    @Within(low = 0, above = true, high = 5, unit = "mm")
                    final double barrierMm,
            @RequestParam(defaultValue = "60") @Within(low = 1, high = 400, unit = "days")
                    final double days) {
        return filled.moisture(id, barrierMm, days);
    }

    /** Logs how crisp a layer still is. */
    @PostMapping("/{id}/bites")
    FilledPieces.MoistureView bite(
            @PathVariable final String id, @Valid @RequestBody final FilledPieces.BiteDraft draft) {
        filled.bite(id, draft);
        return filled.moisture(id, 0.3, 60);
    }
}
