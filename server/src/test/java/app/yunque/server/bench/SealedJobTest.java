package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Nothing enters a signed job, by any path, and nothing changes what it was judged with. */
@ExtendWith(RunningApp.class)
class SealedJobTest {
    private static final int JOBS = 8;
    private static final int MOST_STEPS = 200;
    private static final Map<String, Object> DESPITE =
            Requests.allTheSame("Returned as it is, the customer waits.");

    private final AtBench lead = AtBench.lead();
    private final AtBench mechanic = AtBench.mechanic();
    private final FullJob full = new FullJob(mechanic);
    private final String job = full.path;

    private long number() {
        return Long.parseLong(job.replaceAll(".*/", ""));
    }

    private static AtBench.Answer did(AtBench.Answer answer) {
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return answer;
    }

    /** Everything that a signed job shows. */
    private record Shown(JsonNode view, String page, byte[] pdf) {
        static Shown of(AtBench bench, String job) {
            return new Shown(
                    bench.get(job).body(),
                    new String(bench.get(job + "/report").bytes()),
                    bench.get(job + "/report.pdf").bytes());
        }

        void isStill(Shown other) {
            assertThat(other.view).as("the screens").isEqualTo(view);
            assertThat(other.page).as("the page").isEqualTo(page);
            assertThat(other.pdf).as("the PDF").isEqualTo(pdf);
        }
    }

    @Test
    void showsAfterSigningWhatTheSignatureAnswered() throws IOException {
        var signed = did(lead.post(job + "/sign", DESPITE));

        var shown = Shown.of(lead, job);
        assertThat(shown.view).isEqualTo(signed.body());
        assertThat(shown.view.path("job").path("signedBy").asString()).isEqualTo("Inés Roldán");
        assertThat(shown.view.path("touched"))
                .isEqualTo(lead.get(job + "/pulse").body().path("touched"));
        assertThat(shown.page)
                .contains("Inés Roldán", "oil seal", "Returned as it is, the customer waits.");
        try (var pdf = Loader.loadPDF(shown.pdf)) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Inés Roldán", "oil seal");
        }
    }

    /** A tablet that lies open is nobody's signature. */
    @Test
    void theSignatureWantsThePinOnceMoreEachTime() {
        var open = AtBench.lead().withoutPin();
        var wanted = open.post(job + "/sign", DESPITE);
        assertThat(wanted.status()).isEqualTo(428);
        assertThat(wanted.detail())
                .isEqualTo(
                        "Signing closes job %d under your name. Type your PIN for it."
                                .formatted(number()));
        assertThat(AtBench.lead().post("/api/sign-in/again", Map.of("pin", "2580")).status())
                .as("at another device")
                .isEqualTo(204);
        var wrong = open.post("/api/sign-in/again", Map.of("pin", "1470"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.at("pin")).startsWith("That PIN is not Inés Roldán’s.");
        assertThat(open.post(job + "/sign", DESPITE).status()).isEqualTo(428);
        assertThat(lead.get(job).body().path("job").has("signedBy")).isFalse();

        assertThat(open.post("/api/sign-in/again", Map.of("pin", "2580")).status()).isEqualTo(204);
        did(open.post(job + "/sign", DESPITE));
        var next = "/api/jobs/" + Requests.openedForStrip(mechanic);
        did(mechanic.put(next + "/steps/" + UUID.randomUUID(), Requests.step("cover", "COVER", 1)));
        assertThat(open.post(next + "/sign", DESPITE).status())
                .as("one PIN, one signature")
                .isEqualTo(428);
        assertThat(open.post(next + "/sign", Map.of()).status())
                .as("what stands against it is said first")
                .isEqualTo(422);
    }

    @Test
    void isNotChangedByWhatIsChangedLaterAroundIt() {
        var place = lead.get(job).body().path("places").path(0).path("id").asString();
        var unit = lead.get(job).body().path("unit").path("id").asString();
        did(lead.post(job + "/sign", DESPITE));
        var signed = Shown.of(lead, job);

        var other = Requests.sump("20");
        other.put("version", 0);
        other.put("name", "quite another name");
        did(mechanic.put("/api/units/" + unit + "/places/" + place, other));
        var next =
                did(
                        mechanic.post(
                                "/api/jobs",
                                Map.of(
                                        "id",
                                        UUID.randomUUID(),
                                        "unitId",
                                        unit,
                                        "complaint",
                                        "Growls again")));
        var nextJob = "/api/jobs/" + next.body().path("job").path("number").asLong();
        did(
                mechanic.put(
                        nextJob + "/layout",
                        Map.of(
                                "version",
                                next.body().path("unit").path("version").asLong(),
                                "layout",
                                Map.of("axes", List.of("in", "out"), "openings", List.of()))));
        did(mechanic.delete("/api/units/" + unit + "/places/" + place + "?version=1"));

        signed.isStill(Shown.of(lead, job));
        assertThat(mechanic.get(nextJob).body().path("unit").path("shafts").path(0).asString())
                .as("the next job has the new papers")
                .isEqualTo("in");
    }

    /** Two mechanics type while a lead signs: what was kept is in the sealed report, what came later was told so. */
    @Test
    void signingAndWritingExcludeEachOther() throws Exception {
        var people = List.of(AtBench.mechanic(), AtBench.as("Aitana Luna", "3690"));
        var pool = Executors.newFixedThreadPool(people.size());
        for (int round = 0; round < JOBS; round++) {
            var racing = "/api/jobs/" + Requests.openedForStrip(mechanic);
            did(
                    mechanic.put(
                            racing + "/steps/" + UUID.randomUUID(),
                            Requests.step("cover", "COVER", 1)));
            var stop = new AtomicBoolean();
            var kept =
                    people.stream()
                            .map(person -> pool.submit(() -> type(person, racing, stop)))
                            .toList();
            TimeUnit.MILLISECONDS.sleep(20L * round);
            did(lead.post(racing + "/sign", DESPITE));
            int acknowledged = 1;
            for (Future<Integer> one : kept) {
                acknowledged += one.get();
            }

            var shown = Shown.of(lead, racing);
            assertThat(shown.view.path("steps").size())
                    .as("steps on the screens")
                    .isEqualTo(acknowledged);
            var number = Long.parseLong(racing.replaceAll(".*/", ""));
            var views = RunningApp.bean(JobViews.class);
            assertThat(
                            views.asItStands(
                                            RunningApp.bean(app.yunque.server.job.JobService.class)
                                                    .find(number))
                                    .steps())
                    .as("steps in the records")
                    .hasSize(acknowledged);
            assertThat(shown.page.split("typed in a hurry", -1).length - 1)
                    .as("steps in the report")
                    .isEqualTo(acknowledged - 1);
        }
        pool.shutdown();
    }

    /** Types steps until one is refused; how many were kept. */
    private static int type(AtBench person, String job, AtomicBoolean stop) {
        for (int kept = 0; kept < MOST_STEPS; kept++) {
            var answer =
                    person.put(
                            job + "/steps/" + UUID.randomUUID(),
                            Requests.step("typed in a hurry", "OTHER", 1));
            if (answer.status() != 200) {
                assertThat(answer.status()).as(answer.detail()).isEqualTo(422);
                assertThat(answer.detail()).contains("was signed by Inés Roldán and is closed");
                stop.set(true);
                return kept;
            }
        }
        return MOST_STEPS;
    }

    @Test
    void twoWhoSignAtOnceSignOnce() throws Exception {
        var pool = Executors.newFixedThreadPool(2);
        var both =
                pool.invokeAll(
                        List.of(
                                () -> lead.post(job + "/sign", DESPITE).status(),
                                () -> AtBench.lead().post(job + "/sign", DESPITE).status()));
        pool.shutdown();

        assertThat(List.of(both.get(0).get(), both.get(1).get()))
                .containsExactlyInAnyOrder(200, 422);
    }

    /** Every write of the API description, with the number and the records of the signed job. */
    @Test
    void takesNoWriteOfAnyKind() {
        did(lead.post(job + "/sign", DESPITE));
        var signed = Shown.of(lead, job);
        var standing = asItStands();
        var open = "/api/jobs/" + Requests.openedForStrip(mechanic);
        var tried = new SoftAssertions();
        int sent = 0;
        for (var path : lead.get("/api/openapi").body().path("paths").properties()) {
            for (var method : List.of("put", "post", "delete")) {
                if (!path.getKey().startsWith("/api/jobs/{number}/")
                        || path.getKey().contains("/preview/")
                        || path.getKey().endsWith("/quick-line")
                        || !path.getValue().has(method)) {
                    continue;
                }
                for (var record :
                        List.of(
                                full.step,
                                full.measurement,
                                full.answer,
                                full.photo,
                                full.statement)) {
                    var address =
                            path.getKey()
                                            .replace("/api/jobs/{number}", job)
                                            .replaceAll("\\{[^}]+}", record.toString())
                                    + "?version=0&step="
                                    + full.step;
                    for (var body : bodies()) {
                        var refused =
                                lead.send(method.toUpperCase(), address, body, UUID.randomUUID());
                        sent++;
                        tried.assertThat(refused.status())
                                .as("%s %s %s", method, address, body)
                                .isBetween(400, 499);
                        // The same record, as if it were of a job that is open.
                        lead.send(
                                method.toUpperCase(),
                                address.replace(job, open),
                                body,
                                UUID.randomUUID());
                    }
                }
            }
        }
        tried.assertAll();
        assertThat(sent).isGreaterThan(300);
        signed.isStill(Shown.of(lead, job));
        assertThat(asItStands()).as("what the records hold").isEqualTo(standing);
    }

    private JobView asItStands() {
        return RunningApp.bean(JobViews.class)
                .asItStands(RunningApp.bean(app.yunque.server.job.JobService.class).find(number()));
    }

    /** One body for each kind of write; to the others it is nonsense. */
    private List<Map<String, Object>> bodies() {
        var changed = new HashMap<>(Requests.step("changed", "OTHER", 3));
        changed.put("version", 0);
        var remeasured = new HashMap<>(Requests.backlash("INSPECT", "1", "1", "1", "1"));
        remeasured.put("version", 0);
        var refitted = new HashMap<>(Requests.fitting(1, 0, 0));
        refitted.put("version", 0);
        return List.of(
                changed,
                remeasured,
                refitted,
                new HashMap<>(Map.of("version", 0, "disposition", "REUSE", "reason", "changed")),
                new HashMap<>(Map.of("version", 0, "caption", "changed", "marks", List.of())),
                new HashMap<>(
                        Map.of(
                                "kind", "MUST", "first", full.step, "then", full.step, "reason",
                                "changed")),
                FullJob.answered(mechanic, "changed"));
    }

    /** A correction is a new revision that says why; what was signed before stays on paper, to the byte. */
    @Test
    void aCorrectionIsANewRevisionAndTheFirstStays() throws Exception {
        did(lead.post(job + "/sign", DESPITE));
        var first = Shown.of(lead, job);
        var version = first.view.path("job").path("version").asLong();
        var wrong =
                Map.of("version", version, "why", "The serial number was that of the other pump.");
        assertThat(mechanic.post(job + "/correct", wrong).status()).isEqualTo(403);
        assertThat(lead.post(job + "/correct", Map.of("version", version, "why", " ")).at("why"))
                .contains("What is wrong is missing");
        var opened = did(lead.post(job + "/correct", wrong)).body();
        assertThat(opened.path("job").has("signedAt")).isFalse();
        assertThat(opened.path("job").path("revision").asInt()).isEqualTo(2);
        assertThat(opened.path("signatures").size()).isEqualTo(1);
        assertThat(
                        lead.post(
                                        job + "/correct",
                                        Map.of(
                                                "version",
                                                opened.path("job").path("version").asLong(),
                                                "why",
                                                "once more"))
                                .at("job"))
                .contains("is not signed");
        assertThat(
                        lead.put(
                                        job + "/put-away",
                                        Map.of(
                                                "version",
                                                opened.path("job").path("version").asLong(),
                                                "why",
                                                "no"))
                                .at("job"))
                .contains("its correction is under way");
        var draft = new String(lead.get(job + "/report").bytes());
        assertThat(draft).contains("draft, not signed", "Revision 2", "that of the other pump");

        did(
                mechanic.put(
                        job + "/arrival",
                        Map.of(
                                "version", opened.path("job").path("version").asLong(),
                                "complaint", "Leaks at the sheave, serial number 4711",
                                "symptoms", "",
                                "oilAsFound", "")));
        did(lead.post(job + "/sign", DESPITE));
        var second = Shown.of(lead, job);
        assertThat(second.page)
                .contains("Revision 2", "that of the other pump", "serial number 4711");
        assertThat(first.page).doesNotContain("serial number 4711", "Revision 2");
        assertThat(new String(lead.get(job + "/report?revision=1").bytes())).isEqualTo(first.page);
        assertThat(lead.get(job + "/report.pdf?revision=1").bytes()).isEqualTo(first.pdf);
        assertThat(lead.get(job + "/report?revision=3").status()).isEqualTo(404);
        var signatures = second.view.path("signatures");
        assertThat(signatures.valueStream().map(r -> r.path("number").asInt()))
                .containsExactly(1, 2);
        assertThat(signatures.get(1).path("why").asString()).contains("that of the other pump");
        for (var signature : signatures) {
            assertThat(signature.path("isWhole").asBoolean()).isTrue();
        }
        assertThat(second.page).contains(signatures.get(1).path("digest").asString());
        assertThat(first.page).contains(signatures.get(0).path("digest").asString());
        assertThat(
                        mechanic.put(
                                        job + "/steps/" + UUID.randomUUID(),
                                        Requests.step("nut", "NUT", 1))
                                .status())
                .as("closed again")
                .isEqualTo(422);
    }

    /** Whoever changes a sealed job behind the app's back is found out by the digests. */
    @Test
    void whatWasChangedOutsideOfTheAppIsTold() {
        did(lead.post(job + "/sign", DESPITE));
        var records = RunningApp.bean(JdbcClient.class);
        records.sql(
                        "update job_seal set page = replace(page, 'Complaint', 'Complaints') where job_id = (select id from job where number = ?)")
                .param(number())
                .update();
        assertThat(lead.get(job).body().path("signatures").get(0).path("isWhole").asBoolean())
                .isFalse();
        records.sql(
                        "update job_seal set page = replace(page, 'Complaints', 'Complaint'), view = view || ' ' where job_id = (select id from job where number = ?)")
                .param(number())
                .update();
        assertThat(lead.get(job).body().path("signatures").get(0).path("isWhole").asBoolean())
                .isFalse();
    }
}
