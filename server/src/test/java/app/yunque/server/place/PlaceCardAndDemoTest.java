package app.yunque.server.place;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import app.yunque.server.bench.Requests;
import java.util.HashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The card that hangs at a place, and what the demo of the works shows. */
@ExtendWith(RunningApp.class)
class PlaceCardAndDemoTest {
    private final UnitAtBench its = new UnitAtBench();
    private final AtBench bench = its.bench;

    /** What the demo of the works shows. */
    @Test
    void theDemoHasPlacesForEveryUnit() {
        var units = bench.get("/api/units").body();
        for (var demo :
                units.valueStream()
                        .filter(u -> !u.path("tag").asString().startsWith("T-"))
                        .toList()) {
            var places = bench.get("/api/units/" + demo.path("id").asString() + "/places").body();
            assertThat(places.path("places")).as(demo.path("tag").asString()).isNotEmpty();
        }
        var due = bench.get("/api/due").body();
        assertThat(due.path(0).path("tag").asString()).isNotBlank();
        var pawls =
                due.valueStream()
                        .filter(d -> d.path("place").asString().equals("pawls and ratchet"))
                        .findFirst()
                        .orElseThrow();
        assertThat(pawls.path("next").path("inDays").asInt()).isNegative();
        var capstan =
                units.valueStream()
                        .filter(u -> u.path("tag").asString().equals("CAP-1"))
                        .findFirst()
                        .orElseThrow()
                        .path("id")
                        .asString();
        assertThat(bench.get("/api/units/" + capstan + "/places").body().path("apart").toString())
                .contains("mix poorly", "the load runs back");
        var mill =
                units.valueStream()
                        .filter(u -> u.path("tag").asString().equals("HMF-2"))
                        .findFirst()
                        .orElseThrow()
                        .path("id")
                        .asString();
        assertThat(bench.get("/api/units/" + mill + "/places").body().path("apart").toString())
                .contains(
                        "fibre safety gear, Lithium grease, NLGI 2 is in it", "Petroleum softens");
    }

    @Test
    void theCardHangsAtThePlaceWithItsDipstick() throws java.io.IOException {
        var sump = its.describe(Requests.sump("95"));
        bench.put(its.job + "/places/" + sump + "/fill", Requests.fill("10.2"));
        try (var document =
                org.apache.pdfbox.Loader.loadPDF(
                        bench.get("/api/places/" + sump + "/card.pdf").bytes())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(new org.apache.pdfbox.text.PDFTextStripper().getText(document))
                    .contains(
                            "sump", "ISO VG 320", "10.37 L", "Mineral gear oil, 10.2 L", "Dipstick")
                    .contains("60 6.55");
        }
    }

    @Test
    void theCardOfABearingTellsTheGunAndTheHours() throws java.io.IOException {
        var fields = new HashMap<String, Object>();
        fields.put("sort", Requests.in("", "BEARING"));
        fields.put("boreMm", Requests.mm("40"));
        fields.put("outsideMm", Requests.mm("80"));
        fields.put("bearingWidthMm", Requests.mm("18"));
        fields.put("massKg", Requests.in("kg", "0.37"));
        fields.put("bearingRpm", Requests.in("min⁻¹", "1450"));
        var bearing = its.describe(Requests.place("drum bearing", fields));
        try (var document =
                org.apache.pdfbox.Loader.loadPDF(
                        bench.get("/api/places/" + bearing + "/card.pdf").bytes())) {
            // 0.005 · 80 · 18 g from the side; a stroke gives 1.2 g.
            assertThat(new org.apache.pdfbox.text.PDFTextStripper().getText(document))
                    .contains("each greasing", "7.2 g", "strokes of the gun", "6.0")
                    .contains("grease again after");
        }
    }
}
