package app.yunque.server.people;

import app.yunque.measure.Refused;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.ErrorResponseException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/sign-in")
class SignInController {
    private final SignInService signIn;
    private final SecurityContextRepository contexts;
    private final PinAgain again;
    private final ThisDevice device;
    private final DeviceService devices;
    private final Clock clock;
    private final AtTheBench bench;

    SignInController(
            SignInService signIn,
            SecurityContextRepository contexts,
            PinAgain again,
            ThisDevice device,
            DeviceService devices,
            AtTheBench bench,
            Clock clock) {
        this.devices = devices;
        this.clock = clock;
        this.device = device;
        this.again = again;
        this.signIn = signIn;
        this.contexts = contexts;
        this.bench = bench;
    }

    /**
     * @param personId who
     * @param pin      the PIN
     */
    record SignInRequest(@Nullable UUID personId, @Nullable String pin) {}

    /** @param pin of the person at the bench */
    record PinRequest(String pin) {}

    @GetMapping("/people")
    List<PersonName> people() {
        return signIn.names();
    }

    @GetMapping("/me")
    SignedIn me() {
        return bench.person();
    }

    @PostMapping
    SignedIn signIn(
            @RequestBody SignInRequest request,
            HttpServletRequest http,
            HttpServletResponse response) {
        if (request.personId == null || request.pin == null) {
            throw Refused.because("pin", "Choose who you are and type the PIN.");
        }
        var attempt = signIn.attempt(request.personId, request.pin);
        var person = attempt.person();
        if (person == null) {
            throw new ErrorResponseException(
                    HttpStatus.UNAUTHORIZED,
                    ProblemDetail.forStatusAndDetail(HttpStatus.UNAUTHORIZED, attempt.sentence()),
                    null);
        }
        var known = devices.know(person, device.remember(http, response));
        if (http.getSession(false) != null) {
            http.changeSessionId();
        }
        var authentication =
                UsernamePasswordAuthenticationToken.authenticated(
                        person, null, AuthorityUtils.createAuthorityList("ROLE_" + person.role()));
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authentication);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, http, response);
        OpenSessions.begunOn(http.getSession(), known);
        Shift.begins(http.getSession(), clock.instant());
        return person;
    }

    /** The PIN once more, for a signature and for what only a lead may. */
    @PostMapping("/again")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void showPinAgain(@RequestBody PinRequest request) {
        var attempt = signIn.attempt(bench.person().id(), request.pin());
        if (attempt.person() == null) {
            throw Refused.because("pin", attempt.sentence());
        }
        again.shown();
    }
}
