package palintone.server.larder;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Names only, of everything at once: a recipe may want any of thousands. */
@RestController
@RequestMapping("/api/larder")
class LarderNamesController {

    private final LarderService larder;

    LarderNamesController(final LarderService larder) {
        this.larder = larder;
    }

    /** An ingredient by its name. */
    public record IngredientNameView(String id, String name) {}

    /** Names of everything in the larder, for a list to choose from. */
    @GetMapping("/names")
    List<IngredientNameView> names() {
        return larder.everyName().stream()
                .map(each -> new IngredientNameView(each.id(), each.name()))
                .toList();
    }
}
