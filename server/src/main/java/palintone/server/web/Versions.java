package palintone.server.web;

import jakarta.annotation.Nullable;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import java.util.Map;
import java.util.OptionalLong;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.util.ReflectionUtils;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;
import palintone.core.figure.OutOfRangeException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The version of what is read and written, as HTTP has it: an answer with a version bears it as
 * {@code ETag}, and {@code If-Match} says in a header what the field {@code version} says in the
 * body. One rule checks both.
 */
final class Versions {

    private static final String FIELD = "version";
    private static final Pattern TAG = Pattern.compile("(?:W/)?\"(\\d{1,18})\"");

    private Versions() {}

    /** Whether a type of answer is a thing with a version. */
    private static final Map<Class<?>, Boolean> VERSIONED = new ConcurrentHashMap<>();

    private static OptionalLong version(final Object body) {
        final boolean has =
                VERSIONED.computeIfAbsent(
                        body.getClass(),
                        type -> type.isRecord() && ReflectionUtils.findMethod(type, FIELD) != null);
        if (!has) {
            return OptionalLong.empty();
        }
        final var method = ReflectionUtils.findMethod(body.getClass(), FIELD);
        ReflectionUtils.makeAccessible(method);
        return ReflectionUtils.invokeMethod(method, body) instanceof Number version
                ? OptionalLong.of(version.longValue())
                : OptionalLong.empty();
    }

    /** Puts the version of an answer into its head. */
    @RestControllerAdvice
    static class Told implements ResponseBodyAdvice<Object> {

        @Override
        public boolean supports(
                final MethodParameter returned,
                final Class<? extends HttpMessageConverter<?>> converter) {
            return true;
        }

        @Override
        public @Nullable Object beforeBodyWrite(
                @Nullable final Object body,
                final MethodParameter returned,
                final MediaType type,
                final Class<? extends HttpMessageConverter<?>> converter,
                final ServerHttpRequest request,
                final ServerHttpResponse response) {
            if (body != null) {
                version(body).ifPresent(v -> response.getHeaders().setETag("\"" + v + "\""));
            }
            return body;
        }
    }

    /** Puts what a head says of the version into the body, where one rule checks it. */
    @RestControllerAdvice
    static class Heard extends RequestBodyAdviceAdapter {

        private final JsonMapper json;

        Heard(final JsonMapper json) {
            this.json = json;
        }

        @Override
        public boolean supports(
                final MethodParameter parameter,
                final Type target,
                final Class<? extends HttpMessageConverter<?>> converter) {
            return parameter.getParameterType().isRecord()
                    || parameter.getParameterType().isInterface();
        }

        @Override
        public HttpInputMessage beforeBodyRead(
                final HttpInputMessage message,
                final MethodParameter parameter,
                final Type target,
                final Class<? extends HttpMessageConverter<?>> converter)
                throws IOException {
            final String match = message.getHeaders().getFirst(HttpHeaders.IF_MATCH);
            if (match == null || match.equals("*")) {
                return message;
            }
            final byte[] body = message.getBody().readAllBytes();
            if (!(tree(body) instanceof ObjectNode object)) {
                return again(message, body);
            }
            final Matcher tag = TAG.matcher(match.strip());
            final JsonNode said = object.get(FIELD);
            final boolean differs =
                    tag.matches()
                            && said != null
                            && said.isNumber()
                            && !said.asString().equals(tag.group(1));
            if (!tag.matches() || differs) {
                throw new OutOfRangeException(
                        HttpHeaders.IF_MATCH,
                        match,
                        "one ETag as it was answered, the same as the version in the body");
            }
            object.put(FIELD, Long.parseLong(tag.group(1)));
            return again(message, json.writeValueAsBytes(object));
        }

        /** What is no JSON is refused where it is read for good. */
        private @Nullable JsonNode tree(final byte[] body) {
            try {
                return json.readTree(body);
            } catch (final tools.jackson.core.JacksonException notJson) {
                return null;
            }
        }

        private static HttpInputMessage again(final HttpInputMessage message, final byte[] body) {
            return new HttpInputMessage() {
                @Override
                public InputStream getBody() {
                    return new ByteArrayInputStream(body);
                }

                @Override
                public HttpHeaders getHeaders() {
                    return message.getHeaders();
                }
            };
        }
    }
}
