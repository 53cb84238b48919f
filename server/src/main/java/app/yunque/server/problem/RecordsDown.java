package app.yunque.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import org.hibernate.TransactionException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.ObjectMapper;

/**
 * PostgreSQL cannot be reached, or cannot keep anything: 503, so that the screens keep what was entered and try again by themselves. A filter and
 * not an advice, because the session is looked up in PostgreSQL before any controller is asked.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RecordsDown extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(RecordsDown.class);

    private static final String DOWN =
            "The records cannot be reached just now. What you entered is kept on this device and goes out by itself.";
    private static final String FULL =
            "There is no room left on the disk of the records. What you entered is kept on this device and goes out by itself once there is room: tell whoever looks after the machine.";
    private static final String DISK_FULL = "53100";

    /** Connection, resources, ended by an operator, fault of the system. */
    private static final List<String> TROUBLE = List.of("08", "53", "57P", "58");

    private final ObjectMapper mapper;

    RecordsDown(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    protected void doFilterInternal(
            HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException fault) {
            if (!isDown(fault) || response.isCommitted()) {
                throw fault;
            }
            LOG.warn("PostgreSQL cannot keep or answer: {}", fault.getMessage());
            tell(response, isFull(fault) ? FULL : DOWN);
        }
    }

    static boolean isDown(@Nullable Throwable fault) {
        for (var cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof CannotCreateTransactionException
                    || cause instanceof DataAccessResourceFailureException
                    // What could not even be taken back had no connection any more.
                    || cause instanceof TransactionException
                    || cause instanceof SQLException sql && isOfTheServer(sql)) {
                return true;
            }
        }
        return false;
    }

    /** Whether PostgreSQL itself is in trouble, and the same may be kept later (its appendix of error codes). */
    private static boolean isOfTheServer(SQLException fault) {
        var state = String.valueOf(fault.getSQLState());
        return TROUBLE.stream().anyMatch(state::startsWith);
    }

    private static boolean isFull(@Nullable Throwable fault) {
        for (var cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && DISK_FULL.equals(sql.getSQLState())) {
                return true;
            }
        }
        return false;
    }

    private void tell(HttpServletResponse response, String sentence) throws IOException {
        response.resetBuffer();
        response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        mapper.writeValue(
                response.getOutputStream(),
                ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, sentence));
    }
}
