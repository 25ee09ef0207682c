package palintone.server.larder;

import jakarta.annotation.Nullable;
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

    /**
     * An ingredient by its name.
     *
     * @param pieceG what one of it weighs; null where nobody has said so
     */
    public record IngredientNameView(String id, String name, @Nullable Double pieceG) {}

    /** Names of everything in the larder, for a list to choose from. */
    @GetMapping("/names")
    List<IngredientNameView> names() {
        return larder.everyName();
    }
}
