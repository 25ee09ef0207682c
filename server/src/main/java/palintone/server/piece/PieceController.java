package palintone.server.piece;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.temper.SeedPractice;
import palintone.server.web.PageView;

@RestController
@RequestMapping("/api/pieces")
class PieceController {

    private final PieceService pieces;

    PieceController(final PieceService pieces) {
        this.pieces = pieces;
    }

    @GetMapping
    PageView<PieceView> pieces(
            @RequestParam(defaultValue = "0") final int page,
            @RequestParam(defaultValue = "100") final int size) {
        return pieces.list(page, size);
    }

    @GetMapping("/{id}")
    PieceView piece(@PathVariable final String id) {
        return pieces.view(id);
    }

    @GetMapping("/{id}/needs")
    NeedsView needs(
            @PathVariable final String id,
            @RequestParam(required = false) final Integer moulds,
            @RequestParam(required = false) final Integer pieces,
            @RequestParam(required = false) final SeedPractice practice) {
        return this.pieces.needs(id, new PieceService.Size(moulds, pieces, practice));
    }
}
