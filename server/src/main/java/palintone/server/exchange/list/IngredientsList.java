package palintone.server.exchange.list;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import palintone.server.larder.IngredientDraft;
import palintone.server.larder.LarderService;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The larder: ingredients, and among them couvertures, with grams of each part in 100 g. */
@Component
class IngredientsList extends DraftList<IngredientDraft> {

    private final LarderService larder;

    @Autowired
    IngredientsList(final LarderService larder, final JsonMapper json) {
        this("ingredients", "ingredient", larder, json);
    }

    IngredientsList(
            final String name,
            final String thing,
            final LarderService larder,
            final JsonMapper json) {
        super(
                name,
                thing,
                IngredientDraft.class,
                Columns.of(IngredientDraft.class, "traits", "gramsPer100"),
                json);
        this.larder = larder;
    }

    @Override
    Map<String, IngredientDraft> drafts() {
        return larder.drafts();
    }

    @Override
    Map<String, IngredientDraft> drafts(final Collection<String> ids) {
        return larder.drafts(ids);
    }

    @Override
    public Map<String, String> idsByName() {
        final Map<String, String> ids = new LinkedHashMap<>();
        larder.named().forEach(each -> ids.put(each.name(), each.id()));
        return ids;
    }

    @Override
    public void complete(final ObjectNode thing) {
        unlessGiven(thing, "source", "table of the house");
        unlessGiven(thing, "fromMemory", false);
        listUnlessGiven(thing, "allergens");
        unlessGiven(thing, "densityGPerMl", 1.0);
        final ObjectNode grams =
                thing.path("gramsPer100") instanceof ObjectNode given
                        ? given
                        : thing.putObject("gramsPer100");
        grams.properties().stream()
                .filter(each -> each.getValue().asDouble() == 0)
                .map(Map.Entry::getKey)
                .toList()
                .forEach(grams::remove);
        final ObjectNode traits =
                thing.path("traits") instanceof ObjectNode given
                        ? given
                        : thing.putObject("traits");
        listUnlessGiven(traits, "natures");
        unlessGiven(traits, "estimated", false);
    }

    @Override
    public void check(final String id, final ObjectNode thing) {
        if (thing.path("densityGPerMl").asDouble(1) <= 0) {
            throw new OutOfRangeException(
                    "density_g_per_ml", thing.path("densityGPerMl").asString(), "more than 0");
        }
        final IngredientDraft draft = draft(thing);
        // A mixture is looked at when its parts are written.
        if (!draft.isMixture()) {
            draft.check(id);
        }
    }

    @Override
    public void writeAll(final Map<String, ObjectNode> things, final Writing writing) {
        final Map<String, IngredientDraft> drafts = new LinkedHashMap<>();
        final Map<String, IngredientDraft> mixtures = new LinkedHashMap<>();
        things.forEach(
                (id, thing) -> {
                    final IngredientDraft draft = draft(thing);
                    (draft.isMixture() ? mixtures : drafts).put(id, draft);
                });
        larder.putAll(drafts, writing::done);
        mixtures.forEach((id, draft) -> writing.each(id, () -> larder.put(id, draft)));
    }
}
