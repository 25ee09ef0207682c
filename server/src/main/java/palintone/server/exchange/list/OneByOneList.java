package palintone.server.exchange.list;

import java.util.Map;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A list nobody has thousands of: each thing is written by itself. */
abstract class OneByOneList<D> extends DraftList<D> {

    OneByOneList(
            final String name,
            final String thing,
            final Class<D> type,
            final Columns columns,
            final JsonMapper json) {
        super(name, thing, type, columns, json);
    }

    abstract void write(String id, D draft);

    @Override
    public final void writeAll(final Map<String, ObjectNode> things, final Writing writing) {
        things.forEach((id, thing) -> writing.each(id, () -> write(id, draft(thing))));
    }
}
