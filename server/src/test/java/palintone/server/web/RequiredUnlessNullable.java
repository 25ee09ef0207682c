package palintone.server.web;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import jakarta.annotation.Nullable;
import java.lang.annotation.Annotation;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** In the description of the interface every property is required but those marked nullable. */
@Component
@Order(1)
class RequiredUnlessNullable implements PropertyCustomizer, GlobalOpenApiCustomizer {

    /** Names as "Schema.property", gathered while the schemas are read from the classes. */
    private final Set<String> nullable = ConcurrentHashMap.newKeySet();

    @Override
    @SuppressWarnings("rawtypes")
    public Schema<?> customize(final Schema property, final AnnotatedType type) {
        if (type.getParent() != null && type.getCtxAnnotations() != null) {
            for (final Annotation annotation : type.getCtxAnnotations()) {
                if (annotation instanceof Nullable) {
                    nullable.add(type.getParent().getName() + "." + type.getPropertyName());
                }
            }
        }
        return property;
    }

    @Override
    public void customise(final OpenAPI api) {
        KindsOfSchema.flatten(api);
        api.getComponents().getSchemas().forEach(this::require);
    }

    private void require(final String name, final Schema<?> schema) {
        final Map<?, ?> properties = schema.getProperties();
        if (properties == null) {
            return;
        }
        final Set<String> required = new TreeSet<>();
        for (final Object property : properties.keySet()) {
            if (!nullable.contains(name + "." + property)) {
                required.add(String.valueOf(property));
            }
        }
        schema.setRequired(required.stream().toList());
    }
}
