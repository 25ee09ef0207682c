package palintone.server.larder;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.Require;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;
import palintone.server.web.PageView;

/** Deliveries of ingredients, the one that ends first in front. */
@Service
public class LotService {

    /** Characters of what is said of a delivery. */
    private static final int LONGEST_NOTE = 500;

    private final LotRepository lots;
    private final LarderService larder;

    LotService(final LotRepository lots, final LarderService larder) {
        this.lots = lots;
        this.larder = larder;
    }

    /** A delivery as it is shown. */
    public record LotView(
            String code, @Nullable LocalDate bestBefore, @Nullable Double grams, String note) {}

    /**
     * A delivery as it was written down.
     *
     * @param id chosen by the screen: sent twice it is written once
     */
    public record LotDraft(
            @Nullable UUID id,
            @NotNull @Longest(64) String code,
            @Nullable LocalDate bestBefore,
            @Nullable @Within(low = 0, high = 10_000_000, unit = "g") Double grams,
            @Nullable @Longest(500) String note) {}

    @Transactional(readOnly = true)
    public PageView<LotView> of(final String ingredient, final int page, final int size) {
        return PageView.of(
                lots.findByIngredientIdOrderByBestBefore(
                        larder.byId(ingredient).id(), PageView.request(page, size)),
                l -> new LotView(l.code(), l.bestBefore(), l.grams(), l.note()));
    }

    @Transactional
    public PageView<LotView> add(final String ingredient, final LotDraft draft) {
        if (draft.grams() != null) {
            Require.between("mass of the lot", draft.grams(), 0, 10_000_000, "g");
        }
        final IngredientEntity of = larder.held(ingredient);
        if (draft.id() != null && lots.existsById(draft.id())) {
            return of(ingredient, 0, PageView.MOST_ROWS);
        }
        lots.saveAndFlush(
                new LotEntity(
                        draft.id() == null ? UUID.randomUUID() : draft.id(),
                        of,
                        Require.text("lot", draft.code(), 64),
                        draft.bestBefore(),
                        draft.grams(),
                        Require.words("note", draft.note(), LONGEST_NOTE)));
        return of(ingredient, 0, PageView.MOST_ROWS);
    }
}
