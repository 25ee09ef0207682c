package palintone.server.exchange.list;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Sets one value deep in a thing, making what leads there. */
final class Placing {

    private Placing() {}

    /**
     * @param value null to take away what stands there
     */
    static void set(final ObjectNode thing, final List<Object> path, final JsonNode value) {
        ObjectNode at = thing;
        for (int i = 0; i < path.size() - 1; i++) {
            final String name = (String) path.get(i);
            if (path.get(i + 1) instanceof Integer index) {
                final ArrayNode list =
                        at.path(name) instanceof ArrayNode there ? there : at.putArray(name);
                if (value == null && list.size() <= index) {
                    return;
                }
                while (list.size() <= index) {
                    list.addObject();
                }
                at = (ObjectNode) list.get(index);
                i++;
            } else if (at.path(name) instanceof ObjectNode there) {
                at = there;
            } else if (value == null) {
                return;
            } else {
                at = at.putObject(name);
            }
        }
        final String last = (String) path.get(path.size() - 1);
        if (value == null) {
            at.remove(last);
        } else {
            at.set(last, value);
        }
    }
}
