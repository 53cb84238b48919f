package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import java.util.Map;
import java.util.UUID;

/** A job in which something of every kind is on record, ready to be signed by a lead. */
final class FullJob {
    final String path;
    final UUID step = UUID.randomUUID();
    final UUID measurement = UUID.randomUUID();
    final UUID answer = UUID.randomUUID();
    final UUID photo = UUID.randomUUID();
    final UUID statement = UUID.randomUUID();

    FullJob(AtBench mechanic) {
        path = "/api/jobs/" + Requests.openedForStrip(mechanic);
        var second = UUID.randomUUID();
        did(mechanic.put(path + "/steps/" + step, Requests.step("cover", "COVER", 1)));
        did(mechanic.put(path + "/steps/" + second, Requests.step("oil seal", "SEAL", 2)));
        did(
                mechanic.put(
                        path + "/measurements/" + measurement,
                        Requests.backlash("INSPECT", "0.20", "0.21", "0.22", "0.21")));
        did(mechanic.put(path + "/answers/" + answer, answered(mechanic, "as found")));
        did(
                mechanic.file(
                        "PUT", path + "/photos/" + photo + "?step=" + step, Pictures.jpeg(60, 40)));
        did(
                mechanic.put(
                        path + "/statements/" + statement,
                        Map.of(
                                "kind",
                                "MUST",
                                "first",
                                step,
                                "then",
                                second,
                                "reason",
                                "it says so")));
        did(
                mechanic.put(
                        path + "/decisions/" + step,
                        Map.of("disposition", "RENEW", "reason", "cracked")));
        did(
                mechanic.put(
                        path + "/decisions/" + second,
                        Map.of("disposition", "RENEW", "reason", "single use")));
        did(mechanic.put(path + "/fittings/" + step, Requests.fitting(0, 1, 1)));
        did(mechanic.put(path + "/fittings/" + second, Requests.fitting(0, 2, 2)));
        did(
                mechanic.put(
                        Requests.sump(mechanic, Long.parseLong(path.replaceAll(".*/", ""))),
                        Requests.fill("9.0")));
        did(mechanic.put(path + "/proof", Requests.proof()));
        Throughout.setAndProve(mechanic, path);
    }

    private static void did(AtBench.Answer answer) {
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    }

    /** The example of a drawer, kept to the job. */
    static Map<String, Object> answered(AtBench mechanic, String remark) {
        var drawer = mechanic.get("/api/drawers").body().path(0);
        return Map.of(
                "station",
                "INSPECT",
                "drawer",
                drawer.path("name").asString(),
                "subject",
                "",
                "remark",
                remark,
                "entries",
                drawer.path("examples").path(0).path("entries"));
    }
}
