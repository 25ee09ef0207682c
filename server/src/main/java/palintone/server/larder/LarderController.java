package palintone.server.larder;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.substance.LabelPanel;
import palintone.server.problem.Within;
import palintone.server.web.PageView;
import palintone.server.web.PutAway;

@RestController
@RequestMapping("/api/ingredients")
class LarderController {

    private final LarderService larder;

    private final LotService lots;

    LarderController(final LarderService larder, final LotService lots) {
        this.larder = larder;
        this.lots = lots;
    }

    /** Ingredients by name, a page at a time. */
    @GetMapping
    PageView<IngredientView> ingredients(
            @RequestParam(defaultValue = "") final String find,
            @RequestParam(defaultValue = "false") final boolean couvertures,
            @RequestParam(defaultValue = "false") final boolean archived,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "100") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return larder.list(find, new LarderService.Which(couvertures, archived), page, size);
    }

    /** One ingredient. */
    @GetMapping("/{id}")
    IngredientView ingredient(@PathVariable final String id) {
        return larder.view(id);
    }

    /** What the panel of a packet says. */
    public record PanelDraft(
            @Within(low = 0, high = 100, unit = "g") double fatG,
            @Within(low = 0, high = 100, unit = "g") double carbohydrateG,
            @Within(low = 0, high = 100, unit = "g") double sugarsG,
            @Nullable @Within(low = 0, high = 100, unit = "g") Double fibreG,
            @Within(low = 0, high = 100, unit = "g") double proteinG,
            @Within(low = 0, high = 100, unit = "g") double saltG,
            @Nullable @Within(low = 0, high = 100, unit = "g") Double waterG,
            @NotNull LabelPanel.Like like) {}

    /** A full composition estimated from it. */
    public record EstimateView(
            Map<palintone.core.substance.Component, Double> gramsPer100, String basis) {}

    /** Composition from the table of a label. */
    @PostMapping("/estimate")
    EstimateView estimate(@Valid @RequestBody final PanelDraft panel) {
        return new EstimateView(
                larder.estimate(
                        new LabelPanel(
                                panel.fatG(),
                                panel.carbohydrateG(),
                                panel.sugarsG(),
                                number(panel.fibreG()),
                                panel.proteinG(),
                                panel.saltG(),
                                number(panel.waterG()),
                                panel.like() == null ? LabelPanel.Like.NUT : panel.like())),
                LabelPanel.SOURCE.citation());
    }

    private static OptionalDouble number(final Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** Deliveries of an ingredient, the first to use first. */
    @GetMapping("/{id}/lots")
    PageView<LotService.LotView> lots(
            @PathVariable final String id,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "50") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return lots.of(id, page, size);
    }

    /** Notes a delivery. */
    @PostMapping("/{id}/lots")
    PageView<LotService.LotView> addLot(
            @PathVariable final String id, @Valid @RequestBody final LotService.LotDraft draft) {
        return lots.add(id, draft);
    }

    /** Writes an ingredient, new or known. */
    @PutMapping("/{id}")
    IngredientView change(
            @PathVariable final String id, @Valid @RequestBody final IngredientDraft draft) {
        return larder.change(id, draft);
    }

    /** Puts an ingredient away, or brings it back. */
    @PutMapping("/{id}/archived")
    IngredientView archive(@PathVariable final String id, @Valid @RequestBody final PutAway wish) {
        return larder.archive(id, wish.archived(), wish.version());
    }
}
