package app.yunque.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.web.SecurityFilterChain;

@ExtendWith(RunningApp.class)
class DoorsTest {

    private static HttpResponse<String> plain(String path) throws Exception {
        var request =
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + RunningApp.port() + path))
                        .build();
        return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void aWriteWithoutTheTokenOfThePageIsTurnedAway() throws Exception {
        var request =
                HttpRequest.newBuilder(
                                URI.create(
                                        "http://127.0.0.1:" + RunningApp.port() + "/api/sign-in"))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString("{}"))
                        .build();
        var answer = HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isIn(401, 403);
    }

    @Test
    void theScreensAnswerAtEveryPlaceAndTheirPartsAreKept() throws Exception {
        for (var place : new String[] {"/", "/jobs/4/strip", "/units/new", "/shop"}) {
            assertThat(plain(place).body()).as(place).contains("<div id=\"root\">");
        }
        assertThat(plain("/").headers().firstValue("Content-Security-Policy")).isPresent();
        var script = plain("/").body().replaceAll("(?s).*src=\"(/assets/[^\"]+)\".*", "$1");
        assertThat(plain(script).headers().firstValue("Cache-Control"))
                .get()
                .asString()
                .contains("immutable");
    }

    /** What ASVS 4 asks of every answer (14.4.3 to 14.4.7), and of what must not be kept on a device. */
    @Test
    void answersSayWhatMayBeDoneWithThem() throws Exception {
        var page = plain("/").headers();
        assertThat(page.firstValue("Content-Security-Policy").orElse(""))
                .contains(
                        "default-src 'self'",
                        "frame-ancestors 'self'",
                        "object-src 'none'",
                        "form-action 'self'");
        assertThat(page.firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(page.firstValue("X-Frame-Options")).contains("SAMEORIGIN");
        assertThat(page.firstValue("Referrer-Policy")).contains("no-referrer");
        assertThat(page.firstValue("Permissions-Policy").orElse("")).contains("geolocation=()");
        assertThat(plain("/api/sign-in/people").headers().firstValue("Cache-Control").orElse(""))
                .contains("no-store");
    }

    @Test
    void theSessionIsOutOfReachOfScriptsAndOfOtherSites() throws Exception {
        var http = HttpClient.newBuilder().cookieHandler(new java.net.CookieManager()).build();
        var people =
                http.send(
                        HttpRequest.newBuilder(
                                        URI.create(
                                                "http://127.0.0.1:"
                                                        + RunningApp.port()
                                                        + "/api/sign-in/people"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        var token =
                people.headers().allValues("Set-Cookie").stream()
                        .filter(c -> c.startsWith("XSRF-TOKEN="))
                        .findFirst()
                        .orElseThrow()
                        .split("[=;]")[1];
        var id = AtBench.stranger().idOf("Visitor");
        var signedIn =
                http.send(
                        HttpRequest.newBuilder(
                                        URI.create(
                                                "http://127.0.0.1:"
                                                        + RunningApp.port()
                                                        + "/api/sign-in"))
                                .header("Content-Type", "application/json")
                                .header("X-XSRF-TOKEN", token)
                                .POST(
                                        HttpRequest.BodyPublishers.ofString(
                                                "{\"personId\":\"%s\",\"pin\":\"1234\"}"
                                                        .formatted(id)))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(signedIn.statusCode()).isEqualTo(200);
        for (var name : java.util.List.of("YUNQUE=", "YUNQUE-DEVICE=")) {
            assertThat(
                            signedIn.headers().allValues("Set-Cookie").stream()
                                    .filter(c -> c.startsWith(name)))
                    .as(name)
                    .singleElement()
                    .asString()
                    .contains("HttpOnly", "SameSite=Strict");
        }
    }

    @Test
    void noPinIsReadableInTheRecords() {
        var hashes =
                RunningApp.bean(JdbcClient.class)
                        .sql("select pin_hash from person")
                        .query(String.class)
                        .list();
        assertThat(hashes).isNotEmpty().allMatch(hash -> hash.startsWith("$2"));
    }

    @Test
    void theSessionLivesInTheRecordsSoThatARestartKeepsIt() {
        var before = sessions();
        AtBench.mechanic();
        assertThat(sessions()).isEqualTo(before + 1);
    }

    private static long sessions() {
        return RunningApp.bean(JdbcClient.class)
                .sql("select count(*) from spring_session where principal_name is not null")
                .query(Long.class)
                .single();
    }

    @Test
    void aNameThatDoesNotWorkHereIsToldSo() {
        var answer =
                AtBench.stranger()
                        .post("/api/sign-in", Map.of("personId", UUID.randomUUID(), "pin", "1"));
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.detail()).isEqualTo("Nobody of that name works here.");
    }

    /** It has to stand before anybody reads who is signed in, or an ended session would serve once more. */
    @Test
    void aShiftEndsBeforeTheSessionIsRead() {
        var filters = RunningApp.bean(SecurityFilterChain.class).getFilters();
        var names = filters.stream().map(f -> f.getClass().getSimpleName()).toList();
        assertThat(names).contains("Shift");
        assertThat(names.indexOf("Shift")).isLessThan(names.indexOf("SecurityContextHolderFilter"));
    }
}
