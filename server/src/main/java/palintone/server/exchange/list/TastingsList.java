package palintone.server.exchange.list;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import palintone.server.piece.PieceTastings;
import palintone.server.piece.TastingRow;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Tasted pieces; they have ids and no names. */
@Component
class TastingsList extends OneByOneList<TastingRow> {

    private final PieceTastings tastings;

    TastingsList(final PieceTastings tastings, final JsonMapper json) {
        super("tastings", "tasting", TastingRow.class, Columns.of(TastingRow.class), json);
        this.tastings = tastings;
    }

    @Override
    Map<String, TastingRow> drafts() {
        return tastings.rows();
    }

    @Override
    Map<String, TastingRow> drafts(final Collection<String> ids) {
        return tastings.rows(ids);
    }

    @Override
    public Map<String, String> idsByName() {
        final Map<String, String> ids = new LinkedHashMap<>();
        drafts().keySet().forEach(id -> ids.put(id, id));
        return ids;
    }

    @Override
    public void complete(final ObjectNode thing) {
        unlessGiven(thing, "counts", true);
        unlessGiven(thing, "words", "");
    }

    @Override
    public void check(final String id, final ObjectNode thing) {
        tastings.check(draft(thing));
    }

    @Override
    void write(final String id, final TastingRow row) {
        tastings.put(id, row);
    }
}
