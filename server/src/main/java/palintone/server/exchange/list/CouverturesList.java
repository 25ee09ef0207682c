package palintone.server.exchange.list;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import palintone.server.larder.IngredientDraft;
import palintone.server.larder.LarderService;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What of the larder is tempered and cast. */
@Component
class CouverturesList extends IngredientsList {

    CouverturesList(final LarderService larder, final JsonMapper json) {
        super("couvertures", "couverture", larder, json);
    }

    @Override
    Map<String, IngredientDraft> drafts() {
        final Map<String, IngredientDraft> drafts = new LinkedHashMap<>(super.drafts());
        drafts.values().removeIf(draft -> draft.couverture() == null);
        return drafts;
    }

    @Override
    public void check(final String id, final ObjectNode thing) {
        if (draft(thing).couverture() == null && !draft(thing).isMixture()) {
            throw new OutOfRangeException("couverture", "empty", "dark, milk or white");
        }
        super.check(id, thing);
    }
}
