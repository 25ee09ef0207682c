package palintone.server.piece;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/pieces/{id}")
class PieceTastingsController {

    private final PieceTastings tastings;

    PieceTastingsController(final PieceTastings tastings) {
        this.tastings = tastings;
    }

    /** What was tasted of a piece, and what it says of its days. */
    @GetMapping("/taste")
    PieceTastings.TasteView taste(@PathVariable final String id) {
        return tastings.view(id);
    }

    /** Logs a tasting. */
    @PostMapping("/tastings")
    PieceTastings.TasteView note(
            @PathVariable final String id,
            @Valid @RequestBody final PieceTastings.TastingDraft draft) {
        return tastings.note(id, draft);
    }

    /** Says whether a tasting counts. */
    @PutMapping("/tastings/{tasting}")
    PieceTastings.TasteView count(
            @PathVariable final String id,
            @PathVariable final String tasting,
            @Valid @RequestBody final PieceTastings.TastingCounts wish) {
        return tastings.count(id, tasting, wish);
    }
}
