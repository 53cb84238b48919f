package app.yunque.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Nothing that comes without a sign-in is read beyond what its address takes. */
@ExtendWith(RunningApp.class)
class BodyAtTheDoorTest {
    private static final int PATIENCE_MS = 20_000;

    /** Sends a head and never a body: what answers has not waited for one. */
    private static String answerToHead(String head) throws IOException {
        try (var socket = new Socket("127.0.0.1", RunningApp.port())) {
            socket.setSoTimeout(PATIENCE_MS);
            socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
            return new BufferedReader(new InputStreamReader(socket.getInputStream())).readLine();
        }
    }

    private static String head(String path, String more) {
        return "POST %s HTTP/1.1\r\nHost: 127.0.0.1\r\n%s\r\n\r\n".formatted(path, more);
    }

    @ParameterizedTest(name = "{0} of {1} bytes: {2}")
    @CsvSource({
        "/api/sign-in, 15000000, 413",
        "/api/sign-in, 4097, 413",
        "/api/jobs/1/sign, 1048577, 413",
        "/api/jobs/1/sign, 9223372036854775807, 413",
        "/nowhere, 2000000, 413"
    })
    void isRefusedBeforeItIsRead(String path, long bytes, int status) throws IOException {
        assertThat(
                        answerToHead(
                                head(
                                        path,
                                        "Content-Type: application/json\r\nContent-Length: "
                                                + bytes)))
                .contains(" " + status + " ");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "multipart/form-data; boundary=b",
        "application/x-www-form-urlencoded",
        "text/plain"
    })
    void aFormThatNoAddressTakesIsRefusedBeforeItIsRead(String type) throws IOException {
        assertThat(
                        answerToHead(
                                head(
                                        "/api/jobs/1/sign",
                                        "Content-Type: " + type + "\r\nContent-Length: 15000000")))
                .contains(" 415 ");
    }

    @Test
    void aBodyThatDoesNotSayItsSizeIsCutOff() throws IOException {
        var stranger = AtBench.stranger();
        var person = stranger.idOf("Visitor");
        try (var socket = new Socket("127.0.0.1", RunningApp.port())) {
            socket.setSoTimeout(PATIENCE_MS);
            var out = socket.getOutputStream();
            var token = UUID.randomUUID().toString();
            out.write(
                    head(
                                    "/api/sign-in",
                                    "Content-Type: application/json\r\nTransfer-Encoding: chunked\r\nCookie: XSRF-TOKEN=%1$s\r\nX-XSRF-TOKEN: %1$s"
                                            .formatted(token))
                            .getBytes(StandardCharsets.US_ASCII));
            var begin = "{\"personId\":\"" + person + "\",\"pin\":\"";
            out.write(chunk(begin));
            for (int kilobyte = 0; kilobyte < 8; kilobyte++) {
                out.write(chunk("9".repeat(1024)));
            }
            out.flush();
            // The body has not ended; the answer is there all the same.
            assertThat(
                            new BufferedReader(new InputStreamReader(socket.getInputStream()))
                                    .readLine())
                    .contains(" 413 ");
        }
    }

    private static byte[] chunk(String text) {
        return "%x\r\n%s\r\n".formatted(text.length(), text).getBytes(StandardCharsets.US_ASCII);
    }

    @Test
    void saysHowMuchFits() {
        var answer = AtBench.stranger().post("/api/sign-in", Map.of("pin", "9".repeat(5000)));

        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.detail())
                .isEqualTo(
                        "What was sent is too large: at most 4 kB fit here. Leave some of it out.");
    }

    @Test
    void theLargestThatFitsIsRead() {
        var bench = AtBench.mechanic();
        var almost = "{\"line\":\"" + " ".repeat(1024 * 1024 - 11) + "\"}";

        assertThat(bench.send("POST", "/api/jobs/1/quick-line", almost, UUID.randomUUID()).status())
                .as("read, and judged as a line")
                .isEqualTo(422);
        assertThat(
                        bench.send(
                                        "POST",
                                        "/api/jobs/1/quick-line",
                                        " " + almost,
                                        UUID.randomUUID())
                                .status())
                .isEqualTo(413);
    }
}
