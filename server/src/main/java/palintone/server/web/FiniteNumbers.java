package palintone.server.web;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * No number that is none, and none too large to be held, gets in: 1e999 is refused by its field.
 */
@Configuration
class FiniteNumbers {

    @Bean
    JsonMapperBuilderCustomizer onlyFiniteNumbers() {
        final SimpleModule module = new SimpleModule("finite numbers");
        module.addDeserializer(Double.class, new Finite(Double.class));
        module.addDeserializer(double.class, new Finite(double.class));
        return mapper -> mapper.addModule(module);
    }

    private static final class Finite extends StdScalarDeserializer<Double> {

        private Finite(final Class<Double> type) {
            super(type);
        }

        @Override
        public Double deserialize(final JsonParser parser, final DeserializationContext context) {
            if (!parser.currentToken().isNumeric()) {
                return (Double) context.handleUnexpectedToken(handledType(), parser);
            }
            final double value = parser.getDoubleValue();
            return Double.isFinite(value)
                    ? value
                    : (Double)
                            context.handleWeirdNumberValue(
                                    handledType(), value, "not a finite number");
        }

        /** A number that must be there is asked for by its field, not passed on as nothing. */
        @Override
        public Object getNullValue(final DeserializationContext context) {
            return handledType().isPrimitive()
                    ? context.reportInputMismatch(this, "a number is missing")
                    : null;
        }
    }
}
