package palintone.server.exchange.list;

import java.util.Collection;
import java.util.Map;
import org.springframework.stereotype.Component;
import palintone.core.temper.method.TemperingMethod;
import palintone.server.house.HouseDraft;
import palintone.server.house.HouseService;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The House rules: one row, which is always there. */
@Component
class HouseRulesList extends OneByOneList<HouseDraft> {

    static final String ONLY = "house";

    private final HouseService houses;

    HouseRulesList(final HouseService houses, final JsonMapper json) {
        super(ONLY, "House rules", HouseDraft.class, Columns.of(HouseDraft.class), json);
        this.houses = houses;
    }

    @Override
    Map<String, HouseDraft> drafts() {
        return Map.of(ONLY, houses.draft());
    }

    @Override
    Map<String, HouseDraft> drafts(final Collection<String> ids) {
        return drafts();
    }

    @Override
    public Map<String, String> idsByName() {
        return Map.of(houses.draft().name(), ONLY);
    }

    @Override
    public void complete(final ObjectNode thing) {
        unlessGiven(thing, "version", 0);
        // Files of before named one of two ways of seeding.
        if (thing.has("seedSchool")) {
            thing.remove("method");
            final TemperingMethod said = draft(thing).usualMethod();
            thing.remove("seedSchool");
            thing.put("method", said.name());
        }
    }

    @Override
    void write(final String id, final HouseDraft draft) {
        houses.put(draft);
    }
}
