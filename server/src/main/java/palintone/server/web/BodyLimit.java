package palintone.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import palintone.server.problem.TooLargeException;

/**
 * How much a request may carry, asked before any of it is read. What is sent without saying how
 * long it is, is counted as it comes.
 */
@Component
class BodyLimit extends OncePerRequestFilter {

    private static final long MB = 1L << 20;

    /** What is written by hand is never longer: a recipe of a hundred lines is 20 kB. */
    private static final long WRITTEN = 2 * MB;

    private static final long PHOTO = 10 * MB;

    /** Tables and records together; Spring's own limit for forms is the same. */
    private static final long FILES = 40 * MB;

    private static final long HOUSE = 1024 * MB;

    private static long limit(final HttpServletRequest request) {
        final String path = request.getRequestURI();
        if (path.equals("/api/exchange/house")) {
            return HOUSE;
        }
        if (path.endsWith("/photo")) {
            return PHOTO;
        }
        final String type = request.getContentType();
        return type != null && type.startsWith("multipart/") ? FILES : WRITTEN;
    }

    @Override
    protected void doFilterInternal(
            final HttpServletRequest request,
            final HttpServletResponse response,
            final FilterChain chain)
            throws ServletException, IOException {
        final long mostB = limit(request);
        chain.doFilter(new Counted(request, mostB), response);
    }

    private static final class Counted extends HttpServletRequestWrapper {

        private final long mostB;
        private ServletInputStream stream;

        Counted(final HttpServletRequest request, final long mostB) {
            super(request);
            this.mostB = mostB;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (getContentLengthLong() > mostB) {
                throw new TooLargeException(mostB);
            }
            if (stream == null) {
                stream = new CountedStream(super.getInputStream(), mostB);
            }
            return stream;
        }
    }

    private static final class CountedStream extends ServletInputStream {

        private final ServletInputStream in;
        private final long mostB;
        private long readB;

        CountedStream(final ServletInputStream in, final long mostB) {
            this.in = in;
            this.mostB = mostB;
        }

        private int counted(final int bytes) throws IOException {
            readB += Math.max(0, bytes);
            if (readB > mostB) {
                throw new TooLargeException(mostB);
            }
            return bytes;
        }

        @Override
        public int read() throws IOException {
            final int one = in.read();
            counted(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(final byte[] into, final int from, final int length) throws IOException {
            return counted(in.read(into, from, length));
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(final ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
