package palintone.server.larder;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.server.web.PageView;

@RestController
@RequestMapping("/api/ingredients")
class LarderController {

    private final LarderService larder;

    LarderController(final LarderService larder) {
        this.larder = larder;
    }

    @GetMapping
    PageView<IngredientView> ingredients(
            @RequestParam(defaultValue = "") final String find,
            @RequestParam(defaultValue = "0") final int page,
            @RequestParam(defaultValue = "100") final int size) {
        return larder.list(find, page, size);
    }

    @GetMapping("/{id}")
    IngredientView ingredient(@PathVariable final String id) {
        return larder.view(id);
    }

    @PutMapping("/{id}")
    IngredientView change(@PathVariable final String id, @RequestBody final IngredientDraft draft) {
        return larder.change(id, draft);
    }
}
