package palintone.server.piece;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.piece.Workplace;
import palintone.core.temper.method.TemperingMethod;
import palintone.server.problem.Within;
import palintone.server.web.PageView;
import palintone.server.web.PutAway;

@RestController
@RequestMapping("/api/pieces")
class PieceController {

    private final PieceService pieces;

    private final PieceBooks books;

    PieceController(final PieceService pieces, final PieceBooks books) {
        this.pieces = pieces;
        this.books = books;
    }

    /** Pieces by name, a page at a time. */
    @GetMapping
    PageView<PieceRowView> pieces(
            @RequestParam(defaultValue = "") final String find,
            @RequestParam(defaultValue = "false") final boolean archived,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "100") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return pieces.list(find, archived, page, size);
    }

    /** One piece: what it is made of, its section, its days. */
    @GetMapping("/{id}")
    PieceView piece(@PathVariable final String id) {
        return pieces.view(id);
    }

    /** What a batch of a piece needs, fetched and made. */
    @GetMapping("/{id}/needs")
    NeedsView needs(
            @PathVariable final String id,
            @RequestParam(required = false) @Within(low = 1, high = 200) final Integer moulds,
            @RequestParam(required = false) @Within(low = 1) final Integer pieces,
            @RequestParam(required = false) final TemperingMethod method,
            @RequestParam(required = false) final Workplace.Fillings fillings,
            @RequestParam(required = false) final Workplace.BowlIs bowl) {
        return this.pieces.needs(
                id, new PieceService.BatchWish(moulds, pieces, method, fillings, bowl));
    }

    /** Writes a piece, new or known. */
    @PutMapping("/{id}")
    PieceView change(@PathVariable final String id, @Valid @RequestBody final PieceDraft draft) {
        return books.change(id, draft);
    }

    /** Puts a piece away, or brings it back. */
    @PutMapping("/{id}/archived")
    PieceView archive(@PathVariable final String id, @Valid @RequestBody final PutAway wish) {
        return books.archive(id, wish.archived(), wish.version());
    }

    /** The piece as it would be: drawn and weighed, not kept. */
    @PostMapping("/trial")
    PieceView trial(@Valid @RequestBody final PieceDraft draft) {
        return books.trial(draft);
    }
}
