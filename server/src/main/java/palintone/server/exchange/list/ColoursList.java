package palintone.server.exchange.list;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import palintone.core.temper.colour.ColourStock;
import palintone.server.colour.ColourDraft;
import palintone.server.colour.ColourShelf;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Coloured cocoa butters. */
@Component
class ColoursList extends OneByOneList<ColourDraft> {

    private final ColourShelf colours;

    ColoursList(final ColourShelf colours, final JsonMapper json) {
        super("colours", "colour", ColourDraft.class, Columns.of(ColourDraft.class), json);
        this.colours = colours;
    }

    @Override
    Map<String, ColourDraft> drafts() {
        return colours.drafts();
    }

    @Override
    Map<String, ColourDraft> drafts(final Collection<String> ids) {
        return colours.drafts(ids);
    }

    @Override
    public Map<String, String> idsByName() {
        final Map<String, String> ids = new LinkedHashMap<>();
        drafts().forEach((id, draft) -> ids.put(draft.name(), id));
        return ids;
    }

    @Override
    public void complete(final ObjectNode thing) {
        unlessGiven(thing, "base", ColourStock.Base.COCOA_BUTTER);
        unlessGiven(thing, "dissolves", ColourStock.Dissolves.FAT);
        unlessGiven(thing, "sharePercent", 10.0);
        unlessGiven(thing, "strained", false);
        unlessGiven(thing, "useC", 29.0);
        unlessGiven(thing, "leftG", 0.0);
        unlessGiven(thing, "tint", "#7a3b2e");
    }

    @Override
    public void check(final String id, final ObjectNode thing) {
        draft(thing).stock();
    }

    @Override
    void write(final String id, final ColourDraft draft) {
        colours.put(id, draft);
    }
}
