package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Nothing that is typed or pasted makes a job unsignable, and what older records hold can be signed and printed. */
@ExtendWith(RunningApp.class)
class HostileTextTest {
    private static final Map<String, Object> DESPITE = Requests.allTheSame("as it is");

    private final AtBench lead = AtBench.lead();
    private final UUID step = UUID.randomUUID();
    private final UUID photo = UUID.randomUUID();

    private static void did(AtBench.Answer answer) {
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    }

    /** A job with a text in every place that takes one. */
    private String jobOf(String text) {
        var unit = Requests.unit(Requests.stage());
        unit.put("name", "name " + text);
        unit.put("kind", "kind " + text);
        did(lead.post("/api/units", unit));
        var opened =
                lead.post(
                        "/api/jobs",
                        Map.of(
                                "id", UUID.randomUUID(),
                                "unitId", unit.get("id"),
                                "complaint", "complaint " + text));
        did(opened);
        var job = "/api/jobs/" + opened.body().path("job").path("number").asLong();
        did(
                lead.put(
                        job + "/arrival",
                        Map.of(
                                "version", 0,
                                "complaint", "complaint " + text,
                                "symptoms", "symptoms " + text,
                                "oilAsFound", "oil " + text)));
        did(
                lead.put(
                        job + "/permission",
                        Map.of("approvedBy", "works " + text, "reference", "order " + text)));
        var isolation = new HashMap<>(Requests.isolation());
        isolation.put("how", "breaker " + text);
        did(lead.put(job + "/isolation", isolation));
        var off = Requests.step("cover " + text, "COVER", 1);
        off.put("wayRound", "way " + text);
        off.put("tray", "tray " + text);
        off.put("note", "note " + text);
        off.put("detail", Map.of("tool", "tool " + text, "matchMark", "mark " + text));
        did(lead.put(job + "/steps/" + step, off));
        did(lead.file("PUT", job + "/photos/" + photo + "?step=" + step, Pictures.jpeg(40, 30)));
        did(
                lead.put(
                        job + "/photos/" + photo,
                        Map.of(
                                "version",
                                0,
                                "caption",
                                "caption " + text,
                                "marks",
                                java.util.List.of())));
        var backlash = Requests.backlash("INSPECT", "0.20", "0.21", "0.22", "0.21");
        backlash.put("remark", "remark " + text);
        did(lead.put(job + "/measurements/" + UUID.randomUUID(), backlash));
        did(
                lead.put(
                        job + "/decisions/" + step,
                        Map.of("disposition", "RENEW", "reason", "reason " + text)));
        var fill = Requests.fill("9.0");
        fill.put("can", "can " + text);
        fill.put("source", "source " + text);
        did(lead.put(Requests.sump(lead, Long.parseLong(job.replaceAll(".*/", ""))), fill));
        var proof = new HashMap<>(Requests.proof());
        proof.put("remark", "proof " + text);
        did(lead.put(job + "/proof", proof));
        return job;
    }

    private void isSignedAndPrinted(String job) throws Exception {
        did(lead.post(job + "/sign", DESPITE));
        did(lead.get(job));
        for (var paper :
                new String[] {
                    "/report",
                    "/report.pdf",
                    "/labels.pdf?each=TRAY",
                    "/labels.pdf?each=STEP",
                    "/teardown.json",
                    "/teardown.zip"
                }) {
            assertThat(lead.get(job + paper).status()).as(paper).isEqualTo(200);
        }
        try (var pdf = Loader.loadPDF(lead.get(job + "/report.pdf").bytes())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("cover", "Signed");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\u0000x",
                "\u000Bx",
                "\u0001\u001F\u007F\u0085x",
                "\uFFFEx\uFFFF",
                "\uFDD0\uDBFF\uDFFFx",
                "]]><b>&#11;x",
                "\u202Ex\u2028\uFEFF",
                "👩🏽‍🔧 ⌀ 齿轮 x"
            })
    void nothingTypedMakesAJobUnsignable(String text) throws Exception {
        isSignedAndPrinted(jobOf(text));
    }

    @Test
    void aLineBreakOfAWordProcessorIsALineBreak() {
        var job = jobOf("first\u000Bsecond");

        assertThat(lead.get(job).body().path("receive").path("symptoms").asString())
                .isEqualTo("symptoms first\nsecond");
    }

    @Test
    void aTextOfNothingIsMissing() {
        var refused =
                lead.put(
                        "/api/jobs/" + Requests.openedForStrip(lead) + "/steps/" + step,
                        Requests.step("\u0000\u000B\uFFFE", "OTHER", 1));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("part")).isNotBlank();
    }

    /** Two numbers do not become one because something between them cannot be kept. */
    @Test
    void aNumberWithAHoleInItIsNoNumber() {
        var refused =
                lead.put(
                        "/api/jobs/" + Requests.openedForStrip(lead) + "/measurements/" + step,
                        Requests.backlash("INSPECT", "0.2\u00000", "0.21", "0.22", "0.21"));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("readings[0]")).contains("is not a number");
    }

    /** Written as they were before texts were cleaned at the door. */
    @Test
    void recordsThatHoldSuchCharactersAreSignedAndPrinted() throws Exception {
        var job = jobOf("MARK");
        var sql = RunningApp.bean(JdbcClient.class);
        var number = Long.parseLong(job.replaceAll(".*/", ""));
        var hostile = "\u000B\u0001\uFFFE\uFFFF\u0085";
        for (var column :
                new String[] {"job set complaint", "job set symptoms", "job set oil_as_found"}) {
            replace(sql, column, "number = " + number, hostile);
        }
        var ofJob = "job_id = (select id from job where number = " + number + ")";
        for (var column :
                new String[] {
                    "job_permission set approved_by",
                    "job_isolation set how",
                    "step set part",
                    "step set way_round",
                    "step set tray",
                    "step set note",
                    "photo set caption",
                    "finding set remark",
                    "decision set reason",
                    "place_fill set can",
                    "place_fill set source",
                    "job_proof set remark"
                }) {
            replace(sql, column, ofJob, hostile);
        }
        assertThat(
                        sql.sql(
                                        "update step set detail = replace(cast(detail as text), 'MARK', :text)::jsonb where "
                                                + ofJob)
                                .param("text", "\\u000b\\ufffe")
                                .update())
                .isPositive();

        isSignedAndPrinted(job);
    }

    private static void replace(JdbcClient sql, String column, String where, String hostile) {
        var name = column.replaceAll(".* ", "");
        int changed =
                sql.sql(
                                "update %s = replace(%s, 'MARK', :text) where %s"
                                        .formatted(column, name, where))
                        .param("text", hostile)
                        .update();
        assertThat(changed).as(column).isPositive();
    }
}
