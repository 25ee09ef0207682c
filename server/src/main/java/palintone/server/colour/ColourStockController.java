package palintone.server.colour;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.server.problem.Within;
import palintone.server.web.PageView;
import palintone.server.web.PutAway;

@RestController
@RequestMapping("/api/colours")
class ColourStockController {

    private final ColourShelf colours;

    ColourStockController(final ColourShelf colours) {
        this.colours = colours;
    }

    /** Colours by name, a page at a time. */
    @GetMapping
    PageView<ColourStockView> colours(
            @RequestParam(defaultValue = "") final String find,
            @RequestParam(defaultValue = "false") final boolean archived,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "100") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return colours.list(find, archived, page, size);
    }

    /** One colour. */
    @GetMapping("/{id}")
    ColourStockView colour(@PathVariable final String id) {
        return colours.view(id);
    }

    /** A colour as it would be, not kept. */
    @PostMapping("/trial")
    ColourStockView trial(@Valid @RequestBody final ColourDraft draft) {
        return colours.trial(draft);
    }

    /** Writes a colour, new or known. */
    @PutMapping("/{id}")
    ColourStockView change(
            @PathVariable final String id, @Valid @RequestBody final ColourDraft draft) {
        return colours.change(id, draft);
    }

    /** Puts a colour away, or brings it back. */
    @PutMapping("/{id}/archived")
    ColourStockView archive(@PathVariable final String id, @Valid @RequestBody final PutAway wish) {
        return colours.archive(id, wish.archived(), wish.version());
    }
}
