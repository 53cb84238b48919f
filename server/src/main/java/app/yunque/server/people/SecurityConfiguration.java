package app.yunque.server.people;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import tools.jackson.databind.ObjectMapper;

/**
 * Every door but sign-in, health and the static files asks for a session; writing asks for more than a viewer. The
 * session cookie is out of reach of scripts, and each write carries the CSRF token.
 */
@Configuration
class SecurityConfiguration {
    /** A picture is taken at the bench; nothing else of the device is asked for. */
    private static final String USES =
            "camera=(self), microphone=(), geolocation=(), payment=(), usb=(), serial=()";

    @Bean
    SecurityFilterChain doors(
            HttpSecurity http, SecurityContextRepository contexts, ObjectMapper mapper, Clock clock)
            throws Exception {
        return http.securityContext(c -> c.securityContextRepository(contexts))
                .csrf(csrf -> csrf.spa())
                .headers(
                        headers ->
                                headers.frameOptions(f -> f.sameOrigin())
                                        .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                                        .permissionsPolicyHeader(p -> p.policy(USES))
                                        .contentSecurityPolicy(
                                                c ->
                                                        c.policyDirectives(
                                                                "default-src 'self'; style-src 'self' 'unsafe-inline';"
                                                                        + " img-src 'self' data: blob:; font-src 'self'"
                                                                        + " data:; frame-ancestors 'self'; object-src"
                                                                        + " 'none'; base-uri 'self'; form-action"
                                                                        + " 'self'")))
                .authorizeHttpRequests(
                        doors ->
                                doors.requestMatchers(
                                                HttpMethod.POST,
                                                "/api/sign-in",
                                                "/api/sign-out",
                                                "/api/begin/demo",
                                                "/api/begin/shop")
                                        .permitAll()
                                        .requestMatchers(
                                                "/api/sign-in/people",
                                                "/api/begin",
                                                "/actuator/health",
                                                "/actuator/health/**")
                                        .permitAll()
                                        .requestMatchers(
                                                HttpMethod.POST,
                                                "/api/calc/**",
                                                "/api/drawers/*",
                                                "/api/jobs/*/preview/**",
                                                "/api/jobs/*/plan")
                                        .authenticated()
                                        .requestMatchers(
                                                HttpMethod.DELETE, "/api/jobs/*/plan/runs/*")
                                        .authenticated()
                                        .requestMatchers(HttpMethod.GET, "/api/**")
                                        .authenticated()
                                        // A viewer has a PIN too.
                                        .requestMatchers(HttpMethod.PUT, "/api/people/me/pin")
                                        .authenticated()
                                        .requestMatchers(
                                                HttpMethod.POST,
                                                "/api/people/me/devices/*/forget",
                                                "/api/sign-in/again")
                                        .authenticated()
                                        .requestMatchers("/api/**")
                                        .hasAnyRole(Role.MECHANIC.name(), Role.LEAD.name())
                                        .requestMatchers("/actuator/**")
                                        .denyAll()
                                        .anyRequest()
                                        .permitAll())
                .exceptionHandling(
                        faults ->
                                faults.authenticationEntryPoint(
                                                (request, response, fault) ->
                                                        tell(
                                                                response,
                                                                mapper,
                                                                HttpStatus.UNAUTHORIZED,
                                                                "Sign in first."))
                                        .accessDeniedHandler(
                                                (request, response, fault) ->
                                                        tell(
                                                                response,
                                                                mapper,
                                                                HttpStatus.FORBIDDEN,
                                                                forbidden(fault))))
                .logout(
                        out ->
                                out.logoutUrl("/api/sign-out")
                                        .logoutSuccessHandler(
                                                (request, response, who) ->
                                                        response.setStatus(
                                                                HttpStatus.NO_CONTENT.value())))
                .requestCache(cache -> cache.disable())
                // Before anybody reads who is signed in.
                .addFilterBefore(new Shift(clock), SecurityContextHolderFilter.class)
                .addFilterBefore(
                        new WrittenBy(
                                (response, sentence) ->
                                        told(response, mapper, HttpStatus.UNAUTHORIZED, sentence)),
                        AuthorizationFilter.class)
                .build();
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder pinEncoder() {
        return new BCryptPasswordEncoder();
    }

    /** People sign in by {@link SignInController}; there is no other way in, and no generated user. */
    @Bean
    UserDetailsService noOtherWayIn() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }

    private static String forbidden(AccessDeniedException fault) {
        return fault instanceof CsrfException
                ? "This page is out of date. Load it again; what you entered is kept."
                : "You may look but not change this: sign in as a mechanic or a lead.";
    }

    private static void told(
            HttpServletResponse response, ObjectMapper mapper, HttpStatus status, String sentence) {
        try {
            tell(response, mapper, status, sentence);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private static void tell(
            HttpServletResponse response, ObjectMapper mapper, HttpStatus status, String sentence)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        mapper.writeValue(
                response.getOutputStream(), ProblemDetail.forStatusAndDetail(status, sentence));
    }
}
