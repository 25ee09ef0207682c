package palintone.server.problem;

import java.lang.reflect.Type;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * Keeps what was asked while it is answered, so that a refusal can name all that is wrong in it.
 */
@ControllerAdvice
class AskedBody extends RequestBodyAdviceAdapter {

    private static final String NAME = AskedBody.class.getName();

    @Override
    public boolean supports(
            final MethodParameter parameter,
            final Type type,
            final Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            final Object body,
            final HttpInputMessage message,
            final MethodParameter parameter,
            final Type type,
            final Class<? extends HttpMessageConverter<?>> converter) {
        final RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.setAttribute(NAME, body, RequestAttributes.SCOPE_REQUEST);
        }
        return body;
    }

    /** What was asked; nothing of a request without a body. */
    static Object of(final WebRequest request) {
        return request.getAttribute(NAME, RequestAttributes.SCOPE_REQUEST);
    }
}
