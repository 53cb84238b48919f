package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A teardown carried to another job, and held against the last one. */
@ExtendWith(RunningApp.class)
class TeardownFileTest extends StripAtBench {
    @Test
    void carriesATeardownToAnotherJobAsAFile() {
        blindShaft();
        var cover = log("cover", "COVER", Map.of("detail", Map.of("tool", "hex 5", "minutes", 4)));
        var shaft = log("feed shaft", "SHAFT", size("30", "220"));
        bench.put(
                job + "/statements/" + UUID.randomUUID(),
                Map.of("kind", "MUST", "first", cover, "then", shaft, "reason", "it holds it"));
        bench.file(
                "PUT",
                job + "/photos/" + UUID.randomUUID() + "?step=" + cover,
                Pictures.jpeg(40, 30));
        bench.put(
                job + "/done/" + UUID.randomUUID(),
                Map.of(
                        "act",
                        "DISCONNECT",
                        "line",
                        "motor wires: red on +",
                        "after",
                        cover,
                        "back",
                        true));
        var zip = bench.get(job + "/teardown.zip").bytes();
        var json = bench.get(job + "/teardown.json").bytes();

        var other = "/api/jobs/" + Requests.openedForStrip(bench);
        var read = bench.file("POST", other + "/teardown", zip);
        assertThat(read.status()).as(read.detail()).isEqualTo(200);
        assertThat(read.body().path("steps")).hasSize(2);
        assertThat(read.body().path("photos")).hasSize(1);
        var done = read.body().path("done").get(0).path("given");
        assertThat(done.path("line").asString()).isEqualTo("motor wires: red on +");
        assertThat(done.path("after").asString())
                .as("after the cover of this job")
                .isEqualTo(read.body().path("steps").get(0).path("id").asString());
        assertThat(done.path("back").asBoolean()).as("not put back yet here").isFalse();
        assertThat(read.body().path("statements").get(0).path("says").asString())
                .isEqualTo("1 cover must be off before 2 feed shaft: it holds it.");
        assertThat(
                        read.body()
                                .path("steps")
                                .get(0)
                                .path("given")
                                .path("detail")
                                .path("tool")
                                .asString())
                .isEqualTo("hex 5");

        var third = "/api/jobs/" + Requests.openedForStrip(bench);
        assertThat(bench.file("POST", third + "/teardown", json).body().path("steps")).hasSize(2);
        for (var bad : List.of("not json", "{\"format\":\"x\"}", "[]", "PK\u0003\u0004broken")) {
            var refused =
                    bench.file(
                            "POST",
                            third + "/teardown",
                            bad.getBytes(java.nio.charset.StandardCharsets.UTF_8));
            assertThat(refused.status()).as(bad).isEqualTo(422);
            assertThat(refused.at("file")).as(bad).isNotEmpty();
        }
        assertThat(bench.get(third).body().path("steps")).hasSize(2);
    }

    /** The next strip of a unit starts from the last one, and says what is not as it was. */
    @Test
    void flagsWhatIsNotAsLastTime() {
        log("spacer", "SPACER", Map.of("count", 2, "wayRound", "chamfer in"));
        log("gear", "GEAR");
        var unit = view().path("unit").path("id").asString();
        var signed = AtBench.lead().post(job + "/sign", Requests.allTheSame("trial strip only"));
        assertThat(signed.status()).as(signed.detail()).isEqualTo(200);
        var again =
                bench.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit,
                                "complaint",
                                "Growls again"));
        job = "/api/jobs/" + again.body().path("job").path("number").asLong();
        bench.put(job + "/permission", Requests.permission());
        bench.put(job + "/isolation", Requests.isolation());
        assertThat(again.body().path("guide").path("sameUnit").asBoolean()).isTrue();
        assertThat(again.body().path("known")).hasSize(2);

        log("spacer", "SPACER", Map.of("wayRound", "chamfer out"));
        log("extra shim", "SHIM");

        var says = new ArrayList<String>();
        view().path("differences").forEach(d -> says.add(d.path("says").asString()));
        assertThat(says)
                .containsExactly(
                        "Spacer: 1 now, 2 last time.",
                        "Spacer faced “chamfer in” last time, now “chamfer out”.",
                        "Extra shim was not there last time.");
        assertThat(view().path("known")).hasSize(1);
    }
}
