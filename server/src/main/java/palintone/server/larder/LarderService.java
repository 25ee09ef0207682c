package palintone.server.larder;

import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.read.Likeness;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.LabelPanel;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.CouvertureMixture;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.problem.NotHereException;
import palintone.server.problem.StaleVersionException;
import palintone.server.web.PageView;

/** Finds and keeps ingredients. */
@Service
public class LarderService {

    private static final int AT_A_TIME = 250;

    private final IngredientRepository ingredients;

    private final EntityManager entities;
    private final Mixtures mixtures;

    LarderService(
            final IngredientRepository ingredients,
            final EntityManager entities,
            final Mixtures mixtures) {
        this.ingredients = ingredients;
        this.entities = entities;
        this.mixtures = mixtures;
    }

    @Transactional(readOnly = true)
    public PageView<IngredientView> list(
            final String part, final Which which, final int page, final int size) {
        final Pageable asked = PageView.request(page, size);
        return PageView.of(
                which.couvertures()
                        ? ingredients
                                .findByArchivedAndCouvertureKindIsNotNullAndNameContainingIgnoreCaseOrderByName(
                                        which.archived(), part, asked)
                        : ingredients.findByArchivedAndNameContainingIgnoreCaseOrderByName(
                                which.archived(), part, asked),
                IngredientView::of);
    }

    /**
     * Which of the larder.
     *
     * @param couvertures only what is tempered and cast
     * @param archived what was put away, instead of what is in use
     */
    public record Which(boolean couvertures, boolean archived) {}

    /**
     * Puts an ingredient away, or brings it back; recipes and old batches keep reading as they
     * were.
     *
     * @throws StaleVersionException when somebody has changed it meanwhile
     */
    @Transactional
    public IngredientView archive(final String id, final boolean archived, final long version) {
        final IngredientEntity entity = byId(id);
        StaleVersionException.check("ingredient " + id, version, entity.version());
        entity.archive(archived);
        return IngredientView.of(ingredients.saveAndFlush(entity));
    }

    /**
     * What is melted together, looked up.
     *
     * @throws OutOfRangeException when a part is unknown, or they are not 100 % together
     */
    @Transactional(readOnly = true)
    public CouvertureMixture mixture(final List<IngredientDraft.PartDraft> parts) {
        return mixtures.of(parts == null ? List.of() : parts);
    }

    /** How fluid the bag of a couverture says it is; medium where it does not. */
    @Transactional(readOnly = true)
    public FluidityClass fluidity(final String id) {
        return byId(id).fluidity();
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
        final Optional<IngredientEntity> known =
                ingredients.findById(Require.text("ingredient", id, 64));
        StaleVersionException.check(
                "ingredient",
                id,
                draft.version(),
                known.map(IngredientEntity::version).orElse(null));
        final IngredientEntity entity = known.orElseGet(() -> new IngredientEntity(id));
        entity.take(mixtures.mixed(draft));
        final IngredientEntity kept = ingredients.saveAndFlush(entity);
        mixtures.follow(Set.of(id));
        return IngredientView.of(kept);
    }

    /** Writes an ingredient, new or known; used by the import. */
    @Transactional
    public void put(final String id, final IngredientDraft draft) {
        final Optional<IngredientEntity> known = ingredients.findById(id);
        final IngredientEntity entity = known.orElseGet(() -> new IngredientEntity(id));
        entity.take(mixtures.mixed(draft));
        ingredients.save(entity);
        mixtures.follow(Set.of(id));
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

    /** Every compound coating there is. */
    @Transactional(readOnly = true)
    public List<Couverture> coatings() {
        return ingredients.rich(Component.LAURIC_FAT).stream()
                .flatMap(e -> Couverture.coating(e.ingredient()).stream())
                .toList();
    }

    /** A compound coating, where its composition makes it one and it is no couverture. */
    @Transactional(readOnly = true)
    public Optional<Couverture> coating(final String id) {
        return Optional.of(byId(id))
                .filter(e -> e.couverture().isEmpty())
                .flatMap(e -> Couverture.coating(e.ingredient()));
    }

    /**
     * The house couverture of a kind: the first by name.
     *
     * @throws NotHereException when the larder has none
     */
    @Transactional(readOnly = true)
    public Couverture firstOf(final CouvertureKind kind) {
        return ingredients
                .findFirstByArchivedFalseAndCouvertureKindOrderByName(kind)
                .flatMap(IngredientEntity::couverture)
                .orElseThrow(() -> new NotHereException("couverture", kind.words()));
    }

    /** What the house calls its couverture of a kind: the first by name, where it has one. */
    @Transactional(readOnly = true)
    public Optional<String> nameOfFirst(final CouvertureKind kind) {
        return ingredients
                .findFirstByArchivedFalseAndCouvertureKindOrderByName(kind)
                .map(IngredientEntity::name);
    }

    /** Everything in use, as it would be written down. */
    @Transactional(readOnly = true)
    public Map<String, IngredientDraft> drafts() {
        final Map<String, IngredientDraft> drafts = new LinkedHashMap<>();
        ingredients.findByArchivedFalseOrderByName().forEach(e -> drafts.put(e.id(), e.draft()));
        return drafts;
    }

    /** Those of the ids that are in the books, as they would be written down. */
    @Transactional(readOnly = true)
    public Map<String, IngredientDraft> drafts(final Collection<String> ids) {
        final Map<String, IngredientDraft> drafts = new LinkedHashMap<>();
        ingredients.findAllById(ids).forEach(e -> drafts.put(e.id(), e.draft()));
        return drafts;
    }

    /** Ids of everything, what is put away too: a name taken is taken. */
    @Transactional(readOnly = true)
    public Set<String> ids() {
        return Set.copyOf(ingredients.ids());
    }

    /** Everything by its name, what is put away marked so; and what one of it weighs. */
    @Transactional(readOnly = true)
    List<LarderNamesController.IngredientNameView> everyName() {
        return ingredients.everyName().stream()
                .map(
                        each ->
                                new LarderNamesController.IngredientNameView(
                                        each.getId(), each.getName(), each.getPieceG()))
                .toList();
    }

    /** Id and name of everything in use. */
    @Transactional(readOnly = true)
    public List<Likeness.Named> named() {
        return ingredients.named().stream()
                .map(each -> new Likeness.Named(each.getId(), each.getName()))
                .toList();
    }

    /**
     * Ingredients by id, in one go.
     *
     * @throws NotHereException when one of them is unknown
     */
    @Transactional(readOnly = true)
    public Map<String, IngredientEntity> byIds(final Collection<String> ids) {
        final Map<String, IngredientEntity> found = new HashMap<>();
        ingredients.findAllById(ids).forEach(each -> found.put(each.id(), each));
        ids.stream()
                .filter(id -> !found.containsKey(id))
                .findFirst()
                .ifPresent(
                        id -> {
                            throw new NotHereException("ingredient", id);
                        });
        return found;
    }

    /**
     * Writes many, new or known, some hundreds at a time: all of them or none.
     *
     * @param told how many the database has
     */
    @Transactional
    public void putAll(final Map<String, IngredientDraft> drafts, final IntConsumer told) {
        final List<String> ids = List.copyOf(drafts.keySet());
        for (int from = 0; from < ids.size(); from += AT_A_TIME) {
            final List<String> some = ids.subList(from, Math.min(ids.size(), from + AT_A_TIME));
            final Map<String, IngredientEntity> at = new HashMap<>();
            ingredients.findAllById(some).forEach(each -> at.put(each.id(), each));
            for (final String id : some) {
                if (!at.containsKey(id)) {
                    at.put(id, new IngredientEntity(id));
                }
                at.get(id).take(mixtures.mixed(drafts.get(id)));
                entities.persist(at.get(id));
            }
            entities.flush();
            // What is written need not be compared again by the next flush.
            at.values().forEach(entities::detach);
            told.accept(from + some.size());
        }
        mixtures.follow(drafts.keySet());
    }

    /** A composition estimated from the panel of a packet. */
    public Map<Component, Double> estimate(final LabelPanel panel) {
        final Map<Component, Double> grams = new EnumMap<>(Component.class);
        panel.estimate()
                .fractions()
                .forEach((c, share) -> grams.put(c, Math.round(share * 10_000) / 100.0));
        return grams;
    }

    @Transactional(readOnly = true)
    public Composition composition(final String id) {
        return byId(id).ingredient().composition();
    }

    /** The same, held until the transaction ends. */
    IngredientEntity held(final String id) {
        return ingredients
                .held(Require.text("ingredient", id, 64))
                .orElseThrow(() -> new NotHereException("ingredient", id));
    }

    /**
     * One of any kind, as the core knows it.
     *
     * @throws NotHereException where there is none
     */
    @Transactional(readOnly = true)
    public Ingredient ingredient(final String id) {
        return byId(id).ingredient();
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
