package palintone.server.exchange.list;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A list of things that are written down as drafts. */
abstract class DraftList<D> implements HouseList {

    private final String name;
    private final String thing;
    private final Class<D> type;
    private final Columns columns;
    private final JsonMapper json;

    DraftList(
            final String name,
            final String thing,
            final Class<D> type,
            final Columns columns,
            final JsonMapper json) {
        this.name = name;
        this.thing = thing;
        this.type = type;
        this.columns = columns;
        this.json = json;
    }

    /** Everything in use, by id. */
    abstract Map<String, D> drafts();

    /** Those of the ids that are in the books. */
    abstract Map<String, D> drafts(Collection<String> ids);

    @Override
    public final String name() {
        return name;
    }

    @Override
    public final String thing() {
        return thing;
    }

    @Override
    public final Columns columns() {
        return columns;
    }

    @Override
    public final Map<String, ObjectNode> all() {
        return trees(drafts());
    }

    @Override
    public final Map<String, ObjectNode> known(final Collection<String> ids) {
        return trees(drafts(ids));
    }

    private Map<String, ObjectNode> trees(final Map<String, D> drafts) {
        final Map<String, ObjectNode> trees = new LinkedHashMap<>();
        drafts.forEach(
                (id, draft) -> {
                    final ObjectNode tree = json.valueToTree(draft);
                    tree.remove("version");
                    trees.put(id, tree);
                });
        return trees;
    }

    /** What was read, as the draft it is; fields that no draft has are refused by name. */
    D draft(final ObjectNode thing) {
        return json.treeToValue(thing, type);
    }

    /** Sets a field that is missing or null. */
    static void unlessGiven(final ObjectNode thing, final String field, final Object value) {
        if (!thing.path(field).isMissingNode() && !thing.path(field).isNull()) {
            return;
        }
        if (value instanceof Boolean flag) {
            thing.put(field, flag);
        } else if (value instanceof Integer number) {
            thing.put(field, number);
        } else if (value instanceof Double number) {
            thing.put(field, number);
        } else {
            thing.put(field, value.toString());
        }
    }

    /** Sets a list that is missing or null, to an empty one. */
    static ArrayNode listUnlessGiven(final ObjectNode thing, final String field) {
        if (thing.path(field) instanceof ArrayNode given) {
            return given;
        }
        return thing.putArray(field);
    }
}
