package palintone.server.larder;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.substance.Composition;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.server.problem.NotHereException;
import palintone.server.problem.StaleVersionException;
import palintone.server.web.PageView;

/** Finds and keeps ingredients. */
@Service
public class LarderService {

    private final IngredientRepository ingredients;

    LarderService(final IngredientRepository ingredients) {
        this.ingredients = ingredients;
    }

    @Transactional(readOnly = true)
    public PageView<IngredientView> list(final String part, final int page, final int size) {
        return PageView.of(
                ingredients.findByNameContainingIgnoreCaseOrderByName(
                        part, PageView.request(page, size)),
                IngredientView::of);
    }

    @Transactional(readOnly = true)
    public IngredientView view(final String id) {
        return IngredientView.of(byId(id));
    }

    /**
     * @throws StaleVersionException when the draft rests on an older state
     */
    @Transactional
    public IngredientView change(final String id, final IngredientDraft draft) {
        final IngredientEntity entity = byId(id);
        StaleVersionException.check(entity.name(), draft.version(), entity.version());
        entity.take(draft);
        return IngredientView.of(ingredients.saveAndFlush(entity));
    }

    /** Writes an ingredient, new or known; used by the import. */
    @Transactional
    public void put(final String id, final IngredientDraft draft) {
        final Optional<IngredientEntity> known = ingredients.findById(id);
        final IngredientEntity entity = known.orElseGet(() -> new IngredientEntity(id));
        entity.take(draft);
        ingredients.save(entity);
    }

    @Transactional(readOnly = true)
    public Couverture couverture(final String id) {
        return byId(id).couverture()
                .orElseThrow(
                        () ->
                                new OutOfRangeException(
                                        "couverture",
                                        id,
                                        "an ingredient that is marked dark, milk or white"));
    }

    /**
     * The house couverture of a kind: the first by name.
     *
     * @throws NotHereException when the larder has none
     */
    @Transactional(readOnly = true)
    public Couverture firstOf(final CouvertureKind kind) {
        return ingredients
                .findFirstByCouvertureKindOrderByName(kind)
                .flatMap(IngredientEntity::couverture)
                .orElseThrow(() -> new NotHereException("couverture", kind.words()));
    }

    @Transactional(readOnly = true)
    public Composition composition(final String id) {
        return byId(id).ingredient().composition();
    }

    /**
     * @throws NotHereException when no ingredient has this id
     */
    public IngredientEntity byId(final String id) {
        return ingredients
                .findById(Require.text("ingredient", id, 64))
                .orElseThrow(() -> new NotHereException("ingredient", id));
    }
}
