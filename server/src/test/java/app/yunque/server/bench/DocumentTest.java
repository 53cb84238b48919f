package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Papers of the maker beside the log: a PDF or a picture, page by page. */
@ExtendWith(RunningApp.class)
class DocumentTest {
    private final AtBench bench = AtBench.mechanic();
    private String documents = "";

    @BeforeEach
    void unit() {
        var unit = Requests.unit(Requests.stage());
        bench.post("/api/units", unit);
        documents = "/api/units/" + unit.get("id") + "/documents";
    }

    private static byte[] pdf(int pages, String password) throws IOException {
        try (var document = new PDDocument()) {
            for (int i = 0; i < pages; i++) {
                document.addPage(new PDPage(i == 0 ? PDRectangle.A4 : PDRectangle.A5));
            }
            if (!password.isEmpty()) {
                document.protect(
                        new StandardProtectionPolicy(password, password, new AccessPermission()));
            }
            var out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private AtBench.Answer hand(UUID id, String title, byte[] bytes) {
        return bench.file("PUT", documents + "/" + id + "?title=" + title, bytes);
    }

    @Test
    void showsEveryPageOfAPdfAsAPictureAndGivesBackTheFile() throws IOException {
        var id = UUID.randomUUID();
        var file = pdf(3, "");
        var kept = hand(id, "Procedure", file);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(kept.body().get(0).path("pages").asInt()).isEqualTo(3);
        assertThat(kept.body().get(0).path("title").asString()).isEqualTo("Procedure");
        var first = bench.get(documents + "/" + id + "/pages/1");
        var page = ImageIO.read(new ByteArrayInputStream(first.bytes()));
        // A4 is 210 mm by 297 mm: √2 of its width.
        assertThat(page.getHeight()).isEqualTo(1600);
        assertThat((double) page.getHeight() / page.getWidth())
                .isCloseTo(Math.sqrt(2), org.assertj.core.api.Assertions.within(0.01));
        assertThat(bench.get(documents + "/" + id).bytes()).isEqualTo(file);
        assertThat(bench.get(documents + "/" + id + "/pages/4").status()).isEqualTo(404);
    }

    @Test
    void takesAPictureOfAPlate() {
        var kept = hand(UUID.randomUUID(), "Plate", Pictures.jpeg(400, 200));
        assertThat(kept.body().get(0).path("media").asString()).isEqualTo("image/jpeg");
        assertThat(kept.body().get(0).path("pages").asInt()).isEqualTo(1);
    }

    @Test
    void saysWhatIsWrongWithAFile() throws IOException {
        assertThat(hand(UUID.randomUUID(), "Locked", pdf(1, "secret")).detail())
                .contains("locked with a password");
        var whole = pdf(2, "");
        assertThat(hand(UUID.randomUUID(), "Cut", Arrays.copyOf(whole, 30)).detail())
                .contains("damaged or cut short");
        assertThat(hand(UUID.randomUUID(), "Long", pdf(41, "")).detail())
                .contains("The PDF has 41 pages; 1 to 40 fit.");
        assertThat(
                        hand(UUID.randomUUID(), "Text", "hello".getBytes(StandardCharsets.US_ASCII))
                                .status())
                .isEqualTo(422);
        assertThat(hand(UUID.randomUUID(), "%20", whole).at("title")).contains("Say what it is");
        assertThat(bench.get(documents).body()).isEmpty();
    }

    @Test
    void takesOneAwayAndKeepsStrangersOut() {
        var id = UUID.randomUUID();
        var version = hand(id, "Plate", Pictures.jpeg(40, 20)).body().get(0).path("version");
        var other = Requests.unit(Requests.stage());
        bench.post("/api/units", other);
        assertThat(
                        bench.get("/api/units/" + other.get("id") + "/documents/" + id + "/pages/1")
                                .status())
                .isEqualTo(404);
        assertThat(
                        bench.delete(documents + "/" + id + "?version=" + (version.asLong() + 1))
                                .status())
                .isEqualTo(409);
        assertThat(bench.delete(documents + "/" + id + "?version=" + version.asLong()).body())
                .isEmpty();
        assertThat(bench.get(documents + "/" + id).status()).isEqualTo(404);
        assertThat(AtBench.stranger().get(documents).status()).isEqualTo(401);
    }
}
