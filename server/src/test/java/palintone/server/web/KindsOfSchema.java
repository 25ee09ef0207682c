package palintone.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A sealed family in the description: the family is one of its kinds, told apart by a property, and
 * each kind is whole by itself. (As generated, a kind is "all of the family and more", which leads
 * a reader, and the types made from it, round in a circle.)
 */
@SuppressWarnings({"rawtypes", "unchecked"}) // the description library deals in raw schemas
final class KindsOfSchema {

    private KindsOfSchema() {}

    static void flatten(final OpenAPI api) {
        final Map<String, Schema> all = api.getComponents().getSchemas();
        all.values().stream()
                .filter(s -> s.getDiscriminator() != null)
                .filter(s -> s.getDiscriminator().getMapping() != null)
                .forEach(family -> family(family, all));
    }

    private static void family(final Schema<?> family, final Map<String, Schema> all) {
        final String property = family.getDiscriminator().getPropertyName();
        family.getDiscriminator()
                .getMapping()
                .forEach(
                        (name, reference) -> {
                            final String kind = reference.substring(reference.lastIndexOf('/') + 1);
                            all.put(kind, whole(all.get(kind), property, name));
                        });
        family.setProperties(null);
        family.setRequired(null);
        family.setType(null);
        family.setTypes(null);
    }

    private static Schema<?> whole(final Schema<?> kind, final String property, final String name) {
        final Map<String, Schema> properties = new LinkedHashMap<>();
        properties.put(property, new StringSchema()._enum(List.of(name)));
        if (kind.getAllOf() != null) {
            kind.getAllOf().stream()
                    .filter(part -> part.getProperties() != null)
                    .forEach(part -> properties.putAll(part.getProperties()));
        }
        if (kind.getProperties() != null) {
            properties.putAll(kind.getProperties());
        }
        properties.put(property, new StringSchema()._enum(List.of(name)));
        final Schema whole = new ObjectSchema();
        whole.setProperties(properties);
        whole.setDescription(kind.getDescription());
        return whole;
    }
}
