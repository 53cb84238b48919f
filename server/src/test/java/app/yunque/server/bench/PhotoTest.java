package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningApp.class)
class PhotoTest {
    private final AtBench bench = AtBench.mechanic();
    private final UUID step = UUID.randomUUID();
    private final UUID photo = UUID.randomUUID();
    private String job = "";

    @BeforeEach
    void open() {
        job = "/api/jobs/" + Requests.openedForStrip(bench);
        bench.put(job + "/steps/" + step, Requests.step("oil seal", "SEAL", 1));
    }

    private AtBench.Answer take(byte[] bytes) {
        return bench.file("PUT", job + "/photos/" + photo + "?step=" + step, bytes);
    }

    @Test
    void turnsAPictureUprightAndForgetsWhereItWasTaken() throws IOException {
        var kept = take(Pictures.uprightWithPlace(80, 40));

        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        var bytes = bench.get(job + "/photos/" + photo).bytes();
        var image = ImageIO.read(new ByteArrayInputStream(bytes));
        assertThat(image.getWidth()).as("turned by a quarter").isEqualTo(40);
        assertThat(image.getHeight()).isEqualTo(80);
        assertThat(image.getRGB(20, 10) >> 16 & 0xff)
                .as("the left half is on top now")
                .isGreaterThan(200);
        assertThat(new String(bytes, StandardCharsets.ISO_8859_1))
                .doesNotContain("PUNTA-BRASA-GPS", "Exif");
        assertThat(bench.get(job + "/photos/" + photo + "/thumbnail").status()).isEqualTo(200);
    }

    /** What is found on a mesh hangs on no part, and has its pictures all the same, on the paper too. */
    @Test
    void aFindingOnAMeshHasItsPicture() {
        var finding = UUID.randomUUID();
        var word = new HashMap<String, Object>();
        word.put("stage", 1);
        word.put("check", "MSP-2");
        word.put("look", "WASHED");
        word.put("word", "one end, both flanks");
        word.put("remark", "towards the wall");
        var found = bench.put(job + "/findings/" + finding, word);
        assertThat(found.status()).as(found.detail()).isEqualTo(200);
        var put = job + "/photos/" + photo;
        assertThat(bench.file("PUT", put, Pictures.jpeg(80, 40)).at("step"))
                .contains("a step or a finding");
        var kept = bench.file("PUT", put + "?finding=" + finding, Pictures.jpeg(80, 40));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(kept.body().path("photos").get(0).path("findingId").asString())
                .isEqualTo(finding.toString());
        assertThat(kept.body().path("photos").get(0).has("stepId")).isFalse();
        assertThat(
                        bench.file(
                                        "PUT",
                                        put + "?finding=" + UUID.randomUUID(),
                                        Pictures.jpeg(8, 8))
                                .status())
                .as("of no finding")
                .isEqualTo(404);
        var page = new String(bench.get(job + "/report").bytes(), StandardCharsets.UTF_8);
        assertThat(page)
                .contains("On the meshes")
                .contains("Stage 1: found one end, both flanks")
                .contains("“towards the wall”")
                .contains("data:image/jpeg;base64,");
    }

    /** The size an ordinary tablet takes; kept smaller, so that it never stands in memory as a whole. */
    @Test
    void takesAPictureOfTwelveMillionPixels() {
        var kept = take(Pictures.jpeg(4000, 3000));

        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        var shown = kept.body().path("photos").get(0);
        assertThat(shown.path("width").asInt()).isBetween(1500, 3000);
        assertThat(shown.path("width").asInt() * 3).isEqualTo(shown.path("height").asInt() * 4);
    }

    @Test
    void keepsWhatIsDrawnBesideAnUntouchedPicture() {
        take(Pictures.jpeg(60, 40));
        var before = bench.get(job + "/photos/" + photo).bytes();
        var arrow =
                Map.of(
                        "kind", "ARROW", "x", 0.1, "y", 0.2, "toX", 0.5, "toY", 0.5, "label",
                        "lip in");

        var drawn =
                bench.put(
                        job + "/photos/" + photo,
                        Map.of("version", 0, "caption", "how it sat", "marks", List.of(arrow)));

        assertThat(drawn.status()).as(drawn.detail()).isEqualTo(200);
        var shown = drawn.body().path("photos").get(0);
        assertThat(shown.path("marks").get(0).path("label").asString()).isEqualTo("lip in");
        assertThat(bench.get(job + "/photos/" + photo).bytes()).isEqualTo(before);
        var late =
                bench.put(
                        job + "/photos/" + photo,
                        Map.of("version", 0, "caption", "", "marks", List.of()));
        assertThat(late.status()).isEqualTo(409);
    }

    @Test
    void saysWhatIsWrongWithAFileThatIsNoPicture() {
        var text = "only words, whatever the name says".getBytes(StandardCharsets.UTF_8);
        assertThat(take(text).at("photo")).contains("is text and no picture");
        assertThat(take(Pictures.animatedGif()).at("photo")).contains("animated, 2 frames");
        var whole = Pictures.jpeg(400, 300);
        assertThat(take(Arrays.copyOf(whole, 30)).at("photo")).contains("damaged");
        assertThat(take(new byte[0]).at("photo")).contains("empty");
        assertThat(take(new byte[40 * 1024 * 1024]).at("photo"))
                .contains("has 40.0 MB; at most 25 MB fit");
        assertThat(bench.get(job).body().path("photos")).isEmpty();
    }

    /** 400 MB of text in 400 kB beside a small picture: nobody unpacks it, so that it is not even known to be damaged. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({"zTXt, Comment\\0\\0", "iTXt, Comment\\0\\1\\0\\0\\0", "iCCP, profile\\0\\0"})
    void passesOverWhatIsPackedBesideAPicture(String type, String before) {
        var head = before.replace("\\0", "\0").replace("\\1", "\1");
        var large = Pictures.withChunk(Pictures.png(60, 40), type, Pictures.packedZeros(head, 400));
        var packed = Pictures.packedZeros(head, 1);
        packed[packed.length / 2] ^= 1;
        var damaged = Pictures.withChunk(Pictures.png(60, 40), type, packed);

        assertThat(large).hasSizeLessThan(500_000);
        var kept = take(large);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(
                        bench.file(
                                        "PUT",
                                        job + "/photos/" + UUID.randomUUID() + "?step=" + step,
                                        damaged)
                                .status())
                .isEqualTo(200);
    }

    @Test
    void keepsHowTheCameraWasHeldInAPng() throws IOException {
        // Orientation 6, big endian. Exif 2.3, from memory.
        byte[] held = {
            'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 1, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0
        };
        take(Pictures.withChunk(Pictures.png(80, 40), "eXIf", held));

        var image =
                ImageIO.read(new ByteArrayInputStream(bench.get(job + "/photos/" + photo).bytes()));
        assertThat(image.getWidth()).as("turned by a quarter").isEqualTo(40);
    }

    @Test
    void refusesARowThatFillsTheMemoryAndFormatsWhoseReadersBelieveTheFile() {
        var row =
                Pictures.written(new BufferedImage(20_001, 1, BufferedImage.TYPE_BYTE_GRAY), "png");
        assertThat(take(row).at("photo")).contains("20001 pixels long; at most 20000 fit");
        var tiff = Pictures.written(Pictures.twoHalves(9, 9), "tiff");
        assertThat(take(tiff).at("photo")).contains("in the format tif").contains("JPEG or PNG");
    }

    @Test
    void refusesAPictureOfAStepThatIsNotThere() {
        var answer =
                bench.file(
                        "PUT",
                        job + "/photos/" + photo + "?step=" + UUID.randomUUID(),
                        Pictures.jpeg(9, 9));
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.detail()).contains("Keep the step first");
    }

    @Test
    void refusesAMarkBesideThePicture() {
        take(Pictures.jpeg(60, 40));
        var beside =
                Map.of(
                        "kind", "LABEL", "x", 1.2, "y", 0.2, "toX", 1.2, "toY", 0.2, "label",
                        "here");
        var answer =
                bench.put(
                        job + "/photos/" + photo,
                        Map.of("version", 0, "caption", "", "marks", List.of(beside)));
        assertThat(answer.at("marks")).contains("lies beside the picture");
    }

    /** The code of a label, read back by an independent reader from the printed page, opens the tray. */
    @Test
    void printsLabelsWhoseCodeOpensTheTray() throws Exception {
        var pdf = bench.get(job + "/labels.pdf?each=TRAY");
        assertThat(pdf.status()).isEqualTo(200);
        try (var document = Loader.loadPDF(pdf.bytes())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("tray A", "1 oil seal", "job ");
            var page = new PDFRenderer(document).renderImageWithDPI(0, 300);
            var pixels =
                    page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth());
            var source = new RGBLuminanceSource(page.getWidth(), page.getHeight(), pixels);
            var code =
                    new QRCodeReader()
                            .decode(
                                    new BinaryBitmap(new HybridBinarizer(source)),
                                    Map.of(DecodeHintType.TRY_HARDER, true))
                            .getText();
            assertThat(code).endsWith(job.replace("/api", "") + "/strip?tray=A");
        }
        assertThat(bench.get(job + "/labels.pdf?each=STEP").status()).isEqualTo(200);
    }

    @Test
    void saysWhenThereIsNothingToLabel() {
        var bare = "/api/jobs/" + Requests.openedForStrip(bench);
        assertThat(bench.get(bare + "/labels.pdf").detail()).contains("Nothing has come off yet");
    }
}
