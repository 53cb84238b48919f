package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class WholeJobTest {
    private final AtBench bench = AtBench.mechanic();

    @Test
    void goesThroughEightStationsToASignedReport() throws IOException {
        long number = Requests.openedForStrip(bench);
        var job = "/api/jobs/" + number;
        bench.put(
                job + "/turn-count",
                Map.of(
                        "inputTurns", Requests.in("turns", "100"),
                        "outputTurns", Requests.in("turns", "50"),
                        "readingError", Requests.in("°", "5")));
        var seal = UUID.randomUUID();
        var bearing = UUID.randomUUID();
        bench.put(job + "/steps/" + seal, Requests.step("shaft seal", "SEAL", 1));
        bench.put(job + "/steps/" + bearing, Requests.step("ball bearing", "BEARING", 2));
        bench.put(
                job + "/measurements/" + UUID.randomUUID(),
                Requests.backlash("INSPECT", "0,31", "0,33", "0.32", "0.30"));
        Throughout.lookAtTheRest(bench, job, false);
        Requests.accept(bench, job);
        bench.put(job + "/fittings/" + bearing, Requests.fitting(2, 0, 0));
        bench.put(job + "/fittings/" + seal, Requests.fitting(0, 1, 1));
        bench.put(
                job + "/measurements/" + UUID.randomUUID(),
                Requests.backlash("SET", "0.25", "0.26", "0.25", "0.24"));
        bench.put(Requests.sump(bench, number), Requests.fill("10,2"));
        Throughout.setAndProve(bench, job);
        var proved = bench.put(job + "/proof", Requests.proof());

        assertThat(states(proved.body())).containsOnly("DONE", "OPEN").endsWith("OPEN");
        assertThat(proved.body().path("route").path("againstSigning")).isEmpty();

        var signed = bench.post(job + "/sign", Map.of());
        assertThat(signed.status()).as(signed.detail()).isEqualTo(200);
        assertThat(states(signed.body())).containsOnly("DONE");

        var pdf = bench.get(job + "/report.pdf");
        try (var document = Loader.loadPDF(pdf.bytes())) {
            var text = new PDFTextStripper();
            text.setSortByPosition(true);
            assertThat(text.getText(document))
                    .contains(
                            "Job " + number,
                            "shaft seal",
                            "clear pass",
                            "10,2 L",
                            "P-02 turns free by hand")
                    .contains("Signed: Tomás Vega")
                    .doesNotContain("#");
        }
    }

    @Test
    void changesNothingOnASignedJob() {
        var place = bench.get("/api/jobs/1").body().path("places").path(0).path("id").asString();
        var answer = bench.put("/api/jobs/1/places/" + place + "/fill", Requests.fill("5"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith("Job 1 was signed by Inés Roldán and is closed.");
    }

    @Test
    void keepsStripShutUntilPermissionAndIsolation() {
        long number = Requests.openJob(bench);
        var steps = "/api/jobs/" + number + "/steps/";
        assertThat(bench.put(steps + UUID.randomUUID(), Requests.step("seal", "SEAL", 1)).detail())
                .contains("permission to open is not on record");
        bench.put("/api/jobs/" + number + "/permission", Requests.permission());
        assertThat(bench.put(steps + UUID.randomUUID(), Requests.step("seal", "SEAL", 1)).detail())
                .contains("the unit is not isolated");
        var isolated = bench.put("/api/jobs/" + number + "/isolation", Requests.isolation());
        assertThat(isolated.body().path("receive").path("isolation").path("confirmedBy").asString())
                .isEqualTo("Tomás Vega");
        assertThat(bench.put(steps + UUID.randomUUID(), Requests.step("seal", "SEAL", 1)).status())
                .isEqualTo(200);
        bench.post("/api/jobs/" + number + "/isolation/lift", Map.of("version", 0));
        assertThat(bench.put(steps + UUID.randomUUID(), Requests.step("key", "KEY", 1)).detail())
                .contains("the unit is not isolated");
    }

    @Test
    void letsOnlyALeadSignWhileSomethingIsOpen() {
        long number = Requests.openedForStrip(bench);
        var sign = "/api/jobs/" + number + "/sign";
        assertThat(bench.post(sign, Map.of()).detail())
                .contains(
                        "No lubricated place of this unit is described, so nothing was filled (Fill).")
                .contains("A lead can sign all the same, with the risk, a restriction");
        assertThat(bench.post(sign, Requests.allTheSame("in a hurry")).status()).isEqualTo(403);
        var half =
                AtBench.lead()
                        .post(
                                sign,
                                Map.of(
                                        "despite",
                                        Map.of(
                                                "risk",
                                                "growls",
                                                "restriction",
                                                "",
                                                "nextLook",
                                                "",
                                                "toldBy",
                                                "Inés")));
        assertThat(half.status()).isEqualTo(422);
        assertThat(half.at("despite.restriction")).contains("says all four");
        assertThat(half.at("despite.nextLook")).contains("says all four");
        var signed = AtBench.lead().post(sign, Requests.allTheSame("scrapped, unit not rebuilt"));
        assertThat(signed.body().path("job").path("signedDespite").asString())
                .isEqualTo(
                        "scrapped, unit not rebuilt. Until then: half load. Next look: 1 March. The customer was told by Inés Roldán.");
    }

    @Test
    void keepsReadingsAsEnteredBesideTheCanonicalValue() {
        long number = Requests.openedForStrip(bench);
        var measurement = Requests.backlash("INSPECT");
        measurement.put(
                "readings",
                List.of(
                        Requests.in("thou", "12,5"),
                        Requests.in("thou", "13"),
                        Requests.in("thou", "12.0"),
                        Requests.in("thou", "12.5")));
        var kept =
                bench.put("/api/jobs/" + number + "/measurements/" + UUID.randomUUID(), measurement)
                        .body()
                        .path("measurements")
                        .path(0);

        assertThat(kept.path("given").path("readings").path(0).path("text").asString())
                .isEqualTo("12,5");
        assertThat(kept.path("given").path("readings").path(2).path("text").asString())
                .isEqualTo("12.0");
        // 12.5 thou on average at R 61 on a wheel of working radius 90.2 · 40/60; 25.4 mm to the
        // inch.
        double expected = 12.5 * 0.0254 * (90.2 * 40 / 60) / 61;
        assertThat(
                        kept.path("result")
                                .path("backlash")
                                .path("mean")
                                .path("circumferentialMm")
                                .asDouble())
                .isCloseTo(expected, within(1e-12));
    }

    @Test
    void standsTheBacklashBeforeAndAfterSideBySide() {
        long number = Requests.openedForStrip(bench);
        var measurements = "/api/jobs/" + number + "/measurements/";
        bench.put(
                measurements + UUID.randomUUID(),
                Requests.backlash("INSPECT", "0.50", "0.50", "0.50", "0.50"));
        var mesh =
                bench.put(
                                measurements + UUID.randomUUID(),
                                Requests.backlash("SET", "0.30", "0.30", "0.30", "0.30"))
                        .body()
                        .path("meshes")
                        .path(0);
        assertThat(mesh.path("change").asString())
                .contains("mm less than before")
                .endsWith("a real change.");
    }

    private static List<String> states(JsonNode job) {
        return job.path("route")
                .path("stops")
                .valueStream()
                .map(s -> s.path("state").asString())
                .toList();
    }
}
