package app.yunque.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody at the bench, talking to the running app over HTTP as the screens do. */
public final class AtBench {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final int port;
    private @Nullable String author;
    private @Nullable String pin;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

    /** An answer: status and body. */
    public record Answer(int status, JsonNode body, byte[] bytes) {
        public String detail() {
            return body.path("detail").asString();
        }

        /** Sentence at a field, or empty. */
        public String at(String field) {
            for (var fault : body.path("fields")) {
                if (fault.path("field").asString().equals(field)) {
                    return fault.path("sentence").asString();
                }
            }
            return "";
        }
    }

    /** Said with every request from now on; nothing when null. */
    public AtBench writtenBy(@Nullable String person) {
        author = person;
        return this;
    }

    private AtBench(int port) {
        this.port = port;
    }

    /** Nobody signed in, but the page loaded once. */
    public static AtBench stranger() {
        return strangerAt(RunningApp.port());
    }

    /** A stranger to another app than the one of all tests. */
    public static AtBench strangerAt(int port) {
        var bench = new AtBench(port);
        bench.get("/api/sign-in/people");
        return bench;
    }

    public static AtBench as(String name, String pin) {
        var bench = stranger();
        var answer = bench.signIn(name, pin);
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.detail());
        }
        return bench;
    }

    public static AtBench mechanic() {
        return as("Tomás Vega", "1470");
    }

    public static AtBench lead() {
        return as("Inés Roldán", "2580");
    }

    public Answer signIn(String name, String pin) {
        this.pin = pin;
        return post("/api/sign-in", Map.of("personId", idOf(name), "pin", pin));
    }

    /** From now on the PIN is not shown again by itself when it is wanted. */
    public AtBench withoutPin() {
        pin = null;
        return this;
    }

    public String idOf(String name) {
        for (var person : get("/api/sign-in/people").body()) {
            if (person.path("name").asString().equals(name)) {
                return person.path("id").asString();
            }
        }
        throw new IllegalStateException("No demo person " + name);
    }

    public Answer get(String path) {
        return send("GET", path, null, UUID.randomUUID());
    }

    public Answer post(String path, Object body) {
        return send("POST", path, body, UUID.randomUUID());
    }

    public Answer put(String path, Object body) {
        return send("PUT", path, body, UUID.randomUUID());
    }

    public Answer delete(String path) {
        return send("DELETE", path, null, UUID.randomUUID());
    }

    /** A file as the body of a request. */
    public Answer file(String method, String path, byte[] bytes) {
        return send(
                method,
                path,
                HttpRequest.BodyPublishers.ofByteArray(bytes),
                "application/octet-stream",
                UUID.randomUUID());
    }

    /** One request with an identity of its own; a String body goes as it is, anything else as JSON. */
    public Answer send(String method, String path, Object body, UUID writeId) {
        var text = body instanceof String s ? s : JSON.writeValueAsString(body);
        return send(
                method,
                path,
                body == null
                        ? HttpRequest.BodyPublishers.noBody()
                        : HttpRequest.BodyPublishers.ofString(text),
                "application/json",
                writeId);
    }

    /** A body in a form of its own. */
    public Answer form(String method, String path, String contentType, String body) {
        return send(
                method,
                path,
                HttpRequest.BodyPublishers.ofString(body),
                contentType,
                UUID.randomUUID());
    }

    /** As the screens do: where the PIN is wanted once more it is shown, and the same is sent again. */
    private Answer send(
            String method,
            String path,
            HttpRequest.BodyPublisher body,
            String contentType,
            UUID writeId) {
        var answer = sendOnce(method, path, body, contentType, writeId);
        if (answer.status() != 428 || pin == null) {
            return answer;
        }
        post("/api/sign-in/again", Map.of("pin", pin));
        return sendOnce(method, path, body, contentType, writeId);
    }

    private Answer sendOnce(
            String method,
            String path,
            HttpRequest.BodyPublisher body,
            String contentType,
            UUID writeId) {
        var described =
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                        .header("Content-Type", contentType)
                        .header("Write-Id", writeId.toString())
                        .header("X-XSRF-TOKEN", csrf())
                        .method(method, body);
        if (author != null) {
            described.header("Written-By", author);
        }
        var request = described.build();
        try {
            var response = http.send(request, HttpResponse.BodyHandlers.ofByteArray());
            var type = response.headers().firstValue("Content-Type").orElse("");
            var json =
                    type.contains("json")
                            ? JSON.readTree(response.body())
                            : JSON.createObjectNode();
            return new Answer(response.statusCode(), json, response.body());
        } catch (IOException fault) {
            throw new IllegalStateException(fault);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private String csrf() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(c -> c.getValue())
                .findFirst()
                .orElse("");
    }
}
