package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A pack that was worked out at Set is so many pieces to fit. */
@ExtendWith(RunningApp.class)
class PackFromSetTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final UUID shims = UUID.randomUUID();
    private String job = "";

    @BeforeEach
    void threeShimsCameOff() {
        job = "/api/jobs/" + Requests.openedForStrip(mechanic);
        mechanic.put(job + "/steps/" + shims, Requests.step("shims", "SHIM", 3));
    }

    private int wanted() {
        return mechanic.get(job)
                .body()
                .path("ledger")
                .path("entries")
                .valueStream()
                .filter(e -> e.path("stepId").asString().equals(shims.toString()))
                .findFirst()
                .orElseThrow()
                .path("wanted")
                .asInt();
    }

    private static Map<String, String> typed(String text, String unit) {
        return Map.of("text", text, "unit", unit);
    }

    /** From 0.05, 0.10 and 0.20, two of each: what comes nearest the target with the fewest pieces. */
    private void packOf(String station, String micrometres, UUID about) {
        packOf(station, micrometres, about, "");
    }

    private void packOf(String station, String micrometres, UUID about, String subject) {
        var answer = new HashMap<String, Object>();
        answer.put("station", station);
        answer.put("drawer", "shim-pack");
        answer.put("subject", subject);
        if (about != null) {
            answer.put("about", Map.of("stepId", about));
        }
        answer.put("remark", "");
        answer.put(
                "entries",
                Map.of(
                        "fields",
                        Map.of(
                                "targetUm", typed(micrometres, "µm"),
                                "toleranceUm", typed("5", "µm")),
                        "readings",
                        Map.of(
                                "stock.thicknessUm",
                                        List.of(
                                                typed("50", "µm"),
                                                typed("100", "µm"),
                                                typed("200", "µm")),
                                "stock.pieces",
                                        List.of(typed("2", ""), typed("2", ""), typed("2", "")))));
        var kept = mechanic.put(job + "/answers/" + UUID.randomUUID(), answer);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    }

    @Test
    void theLastPackWorkedOutAtSetIsWhatGoesIn() {
        assertThat(wanted()).isEqualTo(3);
        packOf("SET", "300", shims);
        assertThat(wanted()).as("0.20 + 0.10").isEqualTo(2);
        packOf("SET", "650", shims);
        assertThat(wanted()).as("2 × 0.20 + 2 × 0.10 + 0.05").isEqualTo(5);
        packOf("SET", "5000", shims);
        assertThat(wanted()).as("the shelf cannot make it: as many as came off").isEqualTo(3);
    }

    /** Renewed shims are bought as many as the pack has, not as many as came off; against the bill stands what came off. */
    @Test
    void aRenewedPackIsBoughtAsItGoesIn() {
        mechanic.put(
                job + "/decisions/" + shims, Map.of("disposition", "RENEW", "reason", "rusted"));
        assertThat(toBuy()).isEqualTo(3);
        packOf("SET", "650", shims);
        assertThat(toBuy()).isEqualTo(5);
    }

    private int toBuy() {
        return mechanic.get(job + "/parts").body().path("toBuy").get(0).path("quantity").asInt();
    }

    /** The drawer was kept by the name of the part: it is for that part, as long as only one is called so. */
    @Test
    void aPackIsForThePartItIsCalledAfter() {
        packOf("SET", "300", null, " Shims ");
        assertThat(wanted()).isEqualTo(2);
        mechanic.put(job + "/steps/" + UUID.randomUUID(), Requests.step("shims", "SHIM", 1));
        assertThat(wanted()).as("which of the two nobody said").isEqualTo(3);
    }

    @Test
    void whatWasReadAtInspectOrForAnotherPartChangesNothing() {
        packOf("INSPECT", "300", shims);
        var ring = UUID.randomUUID();
        mechanic.put(job + "/steps/" + ring, Requests.step("other shims", "SHIM", 4));
        packOf("SET", "300", ring);
        assertThat(wanted()).isEqualTo(3);
    }
}
