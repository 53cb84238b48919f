package app.yunque.server.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.ObjectMapper;

/**
 * Measures a body before anything reads it, signed in or not: a request that says it is larger than its address takes, or comes in a
 * form that no address takes, is answered without its body; one that does not say so is cut off where it becomes too large. Pictures
 * and files are measured by those that take them, who are asked only after the sign-in.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyAtTheDoor extends OncePerRequestFilter {
    private static final String SIGN_IN = "/api/sign-in";

    /** Who, and a PIN; no session stands behind it. */
    private static final DataSize AT_SIGN_IN = DataSize.ofKilobytes(4);

    /** The longest teardown step with every detail has some 20 kB, a backlash map of 2000 teeth 100. */
    private static final DataSize ANYWHERE = DataSize.ofMegabytes(1);

    private final ObjectMapper mapper;

    BodyAtTheDoor(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    protected void doFilterInternal(
            HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hasBody(request) || isFile(request)) {
            chain.doFilter(request, response);
        } else if (!isJson(request)) {
            tell(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Send application/json.");
        } else {
            long most = most(request).toBytes();
            if (request.getContentLengthLong() > most) {
                tell(response, HttpStatus.CONTENT_TOO_LARGE, sentence(most));
            } else {
                chain.doFilter(new Measured(request, most), response);
            }
        }
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }

    private static boolean isFile(HttpServletRequest request) {
        return hasType(request, MediaType.APPLICATION_OCTET_STREAM_VALUE);
    }

    private static boolean isJson(HttpServletRequest request) {
        return hasType(request, MediaType.APPLICATION_JSON_VALUE);
    }

    private static boolean hasType(HttpServletRequest request, String type) {
        var told = request.getContentType();
        return told != null && told.split(";", 2)[0].strip().toLowerCase(Locale.ROOT).equals(type);
    }

    private static DataSize most(HttpServletRequest request) {
        return request.getRequestURI().startsWith(SIGN_IN) ? AT_SIGN_IN : ANYWHERE;
    }

    static String sentence(long most) {
        return "What was sent is too large: at most %d kB fit here. Leave some of it out."
                .formatted(most / 1024);
    }

    private void tell(HttpServletResponse response, HttpStatus status, String sentence)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        mapper.writeValue(
                response.getOutputStream(), ProblemDetail.forStatusAndDetail(status, sentence));
    }

    /** A body that ends with a fault where it becomes too large. */
    private static final class Measured extends HttpServletRequestWrapper {
        private final long most;

        Measured(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Counted(super.getInputStream(), most);
        }
    }

    private static final class Counted extends ServletInputStream {
        private final ServletInputStream body;
        private final long most;
        private long read;

        Counted(ServletInputStream body, long most) {
            this.body = body;
            this.most = most;
        }

        private int count(int bytes) throws TooLarge {
            read += Math.max(0, bytes);
            if (read > most) {
                throw new TooLarge(sentence(most));
            }
            return bytes;
        }

        @Override
        public int read() throws IOException {
            int next = body.read();
            count(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            return count(body.read(into, from, length));
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}
