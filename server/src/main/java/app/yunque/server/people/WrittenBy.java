package app.yunque.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.function.BiConsumer;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * An entry that waited on a device says who made it, and is taken from nobody else: what one person typed must not be kept under the
 * name of the next who signs in there.
 */
final class WrittenBy extends OncePerRequestFilter {
    static final String HEADER = "Written-By";

    private final BiConsumer<HttpServletResponse, String> refuse;

    WrittenBy(BiConsumer<HttpServletResponse, String> refuse) {
        this.refuse = refuse;
    }

    @Override
    protected void doFilterInternal(
            HttpServletRequest request, HttpServletResponse response, FilterChain next)
            throws ServletException, IOException {
        var author = request.getHeader(HEADER);
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        if (author != null
                && authentication != null
                && authentication.getPrincipal() instanceof SignedIn person
                && !person.id().toString().equals(author)) {
            refuse.accept(
                    response,
                    "This was entered by somebody else than %s, who has to sign in to send it."
                            .formatted(person.name()));
            return;
        }
        next.doFilter(request, response);
    }
}
