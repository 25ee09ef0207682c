package palintone.server.exchange.list;

import java.util.Collection;
import java.util.Map;
import org.springframework.stereotype.Component;
import palintone.core.mould.MouldBody;
import palintone.server.mould.MouldDraft;
import palintone.server.mould.MouldService;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Moulds: the measures their shape asks for, how many cavities and how many of them. */
@Component
class MouldsList extends OneByOneList<MouldDraft> {

    private final MouldService moulds;

    MouldsList(final MouldService moulds, final JsonMapper json) {
        super("moulds", "mould", MouldDraft.class, Columns.of(MouldDraft.class), json);
        this.moulds = moulds;
    }

    @Override
    Map<String, MouldDraft> drafts() {
        return moulds.drafts();
    }

    @Override
    Map<String, MouldDraft> drafts(final Collection<String> ids) {
        return moulds.drafts(ids);
    }

    @Override
    public Map<String, String> idsByName() {
        return moulds.idsByName();
    }

    @Override
    public void complete(final ObjectNode thing) {
        unlessGiven(thing, "rows", 1);
        unlessGiven(thing, "owned", 1);
        unlessGiven(thing, "material", MouldBody.USUAL.material());
        unlessGiven(thing, "build", MouldBody.USUAL.build());
        unlessGiven(thing, "wallMm", MouldBody.USUAL.wallMm());
        unlessGiven(thing, "scratched", false);
        listUnlessGiven(thing, "lastHeld");
    }

    @Override
    public void check(final String id, final ObjectNode thing) {
        draft(thing).check(id);
    }

    @Override
    void write(final String id, final MouldDraft draft) {
        moulds.put(id, draft);
    }
}
