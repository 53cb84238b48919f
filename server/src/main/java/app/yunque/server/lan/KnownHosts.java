package app.yunque.server.lan;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Before everything else: who asks for another name than this shop's is answered nothing, so that no page from elsewhere can reach the
 * records through a name that was turned to this machine. What comes without TLS from the network is led to the certificate, which says where TLS is.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class KnownHosts extends OncePerRequestFilter {
    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

    private final LanSettings lan;
    private final Set<String> known = new HashSet<>(LOOPBACK);

    KnownHosts(LanSettings lan) {
        this.lan = lan;
        lan.hosts().stream().map(h -> h.strip().toLowerCase(Locale.ROOT)).forEach(known::add);
        if (lan.isServed()) {
            known.add(lan.address().toLowerCase(Locale.ROOT));
        }
        if (!lan.publicAddress().isEmpty()) {
            known.add(URI.create(lan.publicAddress()).getHost().toLowerCase(Locale.ROOT));
        }
    }

    @Override
    protected void doFilterInternal(
            HttpServletRequest request, HttpServletResponse response, FilterChain next)
            throws ServletException, IOException {
        if (!known.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            response.setStatus(HttpStatus.MISDIRECTED_REQUEST.value());
            response.setContentType(MediaType.TEXT_PLAIN_VALUE);
            response.getWriter().print("This is not an address of this shop.");
            return;
        }
        if (lan.isServed()
                && request.getLocalPort() == lan.certificatePort()
                && !request.getRequestURI().startsWith(CertificateController.PAGE)) {
            response.setStatus(HttpStatus.TEMPORARY_REDIRECT.value());
            response.setHeader("Location", CertificateController.PAGE);
            return;
        }
        next.doFilter(request, response);
    }
}
