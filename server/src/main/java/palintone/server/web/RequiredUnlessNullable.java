package palintone.server.web;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.oas.models.media.Schema;
import jakarta.annotation.Nullable;
import java.lang.annotation.Annotation;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.stereotype.Component;

/** In the description of the interface every property is required but those marked nullable. */
@Component
class RequiredUnlessNullable implements PropertyCustomizer {

    @Override
    @SuppressWarnings("rawtypes")
    public Schema<?> customize(final Schema property, final AnnotatedType type) {
        if (type.getParent() != null && type.getPropertyName() != null && !nullable(type)) {
            final Schema<?> parent = type.getParent();
            if (parent.getRequired() == null
                    || !parent.getRequired().contains(type.getPropertyName())) {
                parent.addRequiredItem(type.getPropertyName());
            }
        }
        return property;
    }

    private static boolean nullable(final AnnotatedType type) {
        if (type.getCtxAnnotations() == null) {
            return false;
        }
        for (final Annotation annotation : type.getCtxAnnotations()) {
            if (annotation instanceof Nullable) {
                return true;
            }
        }
        return false;
    }
}
