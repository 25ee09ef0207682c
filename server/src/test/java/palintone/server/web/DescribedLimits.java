package palintone.server.web;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.parameters.Parameter;
import java.lang.annotation.Annotation;
import java.math.BigDecimal;
import org.springdoc.core.customizers.ParameterCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/** What is declared of a number or a text stands in the description of the interface. */
@Component
class DescribedLimits implements PropertyCustomizer, ParameterCustomizer {

    @Override
    @SuppressWarnings("rawtypes")
    public Schema<?> customize(final Schema property, final AnnotatedType type) {
        if (type.getCtxAnnotations() != null) {
            for (final Annotation annotation : type.getCtxAnnotations()) {
                describe(property, annotation);
            }
        }
        return property;
    }

    @Override
    public Parameter customize(final Parameter parameter, final MethodParameter method) {
        if (parameter != null && parameter.getSchema() != null) {
            for (final Annotation annotation : method.getParameterAnnotations()) {
                describe(parameter.getSchema(), annotation);
            }
        }
        return parameter;
    }

    private static void describe(final Schema<?> schema, final Annotation annotation) {
        if (annotation instanceof Within within) {
            if (within.above()) {
                schema.setExclusiveMinimumValue(number(within.low()));
            } else {
                schema.setMinimum(number(within.low()));
            }
            if (Double.isFinite(within.high())) {
                schema.setMaximum(number(within.high()));
            }
        } else if (annotation instanceof Longest longest) {
            schema.setMaxLength(longest.value());
        }
    }

    private static BigDecimal number(final double value) {
        return new BigDecimal(BigDecimal.valueOf(value).stripTrailingZeros().toPlainString());
    }
}
