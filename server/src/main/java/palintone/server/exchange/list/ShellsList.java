package palintone.server.exchange.list;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.pour.WorkedBowl;
import palintone.server.shell.ShellWeighingDraft;
import palintone.server.shell.ShellWeighings;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Weighed shells; they have ids and no names. */
@Component
class ShellsList extends OneByOneList<ShellWeighingDraft> {

    private final ShellWeighings weighings;

    ShellsList(final ShellWeighings weighings, final JsonMapper json) {
        super(
                "shells",
                "weighing",
                ShellWeighingDraft.class,
                Columns.of(ShellWeighingDraft.class),
                json);
        this.weighings = weighings;
    }

    @Override
    Map<String, ShellWeighingDraft> drafts() {
        return weighings.drafts();
    }

    @Override
    Map<String, ShellWeighingDraft> drafts(final Collection<String> ids) {
        return weighings.drafts(ids);
    }

    @Override
    public Map<String, String> idsByName() {
        final Map<String, String> ids = new LinkedHashMap<>();
        drafts().keySet().forEach(id -> ids.put(id, id));
        return ids;
    }

    @Override
    public void complete(final ObjectNode thing) {
        unlessGiven(thing, "stablePercent", WorkedBowl.USUAL_PERCENT);
        unlessGiven(thing, "vibration", Vibration.TAPPED);
        unlessGiven(thing, "drainS", 20.0);
        unlessGiven(thing, "rockedDegrees", 0.0);
        unlessGiven(thing, "note", "");
    }

    @Override
    public void check(final String id, final ObjectNode thing) {
        weighings.check(draft(thing));
    }

    @Override
    void write(final String id, final ShellWeighingDraft draft) {
        weighings.put(id, draft);
    }
}
