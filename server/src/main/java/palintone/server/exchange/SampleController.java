package palintone.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/sample")
class SampleController {

    private final SampleShelf shelf;

    SampleController(final SampleShelf shelf) {
        this.shelf = shelf;
    }

    /** What the invented workshop has to take over. */
    @GetMapping
    List<SampleShelf.Offer> offers() {
        return shelf.offers();
    }

    /**
     * What is wanted of the sample workshop.
     *
     * @param ids which; all of the kind where there are none
     */
    public record SampleWish(
            @NotNull SampleShelf.ShelfKind kind, @NotNull List<@NotNull String> ids) {}

    /** How many came. */
    public record SampleTaken(int taken) {}

    /** Takes single things of the invented workshop over. */
    @PostMapping("/take")
    SampleTaken take(@Valid @RequestBody final SampleWish wish) {
        return new SampleTaken(shelf.take(wish.kind(), wish.ids()));
    }
}
