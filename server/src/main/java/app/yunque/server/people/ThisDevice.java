package app.yunque.server.people;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** The device that a request comes from, by what it was given when somebody signed in on it. */
@Component
class ThisDevice {
    /** A device that nobody used for so long is strange again. */
    static final Duration KNOWN_FOR = Duration.ofDays(180);

    private static final String COOKIE = "YUNQUE-DEVICE";
    private static final Pattern HAND_HELD = Pattern.compile("Mobile|Android|Tablet|iPad");
    private static final int TOKEN_BYTES = 24;
    private final SecureRandom random = new SecureRandom();

    /** What it holds; empty on one where nobody has signed in. */
    Optional<String> token() {
        var cookies = request().map(HttpServletRequest::getCookies).orElse(null);
        return cookies == null
                ? Optional.empty()
                : Stream.of(cookies)
                        .filter(c -> c.getName().equals(COOKIE))
                        .map(Cookie::getValue)
                        .findFirst();
    }

    /** A tablet or a phone, by what its browser says. */
    boolean isHandHeld() {
        return request()
                .map(r -> r.getHeader(HttpHeaders.USER_AGENT))
                .filter(said -> HAND_HELD.matcher(said).find())
                .isPresent();
    }

    /** Where the request comes from, for the log. */
    String address() {
        return request().map(HttpServletRequest::getRemoteAddr).orElse("here");
    }

    /** Lets the device hold what makes it known, from now on for as long as it stays in use. */
    String remember(HttpServletRequest request, HttpServletResponse response) {
        var token = token().orElseGet(this::another);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, token)
                        .path("/api")
                        .maxAge(KNOWN_FOR)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Strict")
                        .build()
                        .toString());
        return token;
    }

    private String another() {
        var bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    private static Optional<HttpServletRequest> request() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes held
                ? Optional.of(held.getRequest())
                : Optional.empty();
    }
}
