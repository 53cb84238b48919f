package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class SafeWritesTest {
    private final AtBench bench = AtBench.mechanic();

    @Test
    void aRepeatedWriteChangesNothing() {
        long number = Requests.openedForStrip(bench);
        var path = "/api/jobs/" + number + "/steps/" + UUID.randomUUID();
        var writeId = UUID.randomUUID();
        var first = bench.send("PUT", path, Requests.step("seal", "SEAL", 1), writeId);
        var again = bench.send("PUT", path, Requests.step("seal", "SEAL", 1), writeId);

        assertThat(again.status()).isEqualTo(200);
        assertThat(again.body().path("steps")).isEqualTo(first.body().path("steps"));
    }

    @Test
    void aWriteSentTenTimesAtOnceCountsOnce() {
        var unit = Requests.unit(Requests.stage());
        bench.post("/api/units", unit);
        var body = Map.of("id", UUID.randomUUID(), "unitId", unit.get("id"), "complaint", "Growls");
        var writeId = UUID.randomUUID();
        var answers =
                IntStream.range(0, 10)
                        .mapToObj(
                                i ->
                                        CompletableFuture.supplyAsync(
                                                () ->
                                                        bench.send(
                                                                "POST",
                                                                "/api/jobs",
                                                                body,
                                                                writeId)))
                        .map(CompletableFuture::join)
                        .toList();
        assertThat(answers).allMatch(a -> a.status() == 200);
        assertThat(bench.get("/api/jobs/of-unit/" + unit.get("id")).body()).hasSize(1);
    }

    @Test
    void aConflictShowsBothVersions() {
        long number = Requests.openedForStrip(bench);
        var path = "/api/jobs/" + number + "/steps/" + UUID.randomUUID();
        bench.put(path, Requests.step("seal", "SEAL", 1));
        var other = Requests.step("oil seal, split", "SEAL", 1);
        other.put("version", 0);
        assertThat(AtBench.lead().put(path, other).status()).isEqualTo(200);

        var mine = Requests.step("seal", "SEAL", 2);
        mine.put("version", 0);
        var conflict = bench.put(path, mine);
        assertThat(conflict.status()).isEqualTo(409);
        assertThat(conflict.detail()).isEqualTo("Inés Roldán changed this while you had it open.");
        assertThat(conflict.body().path("current").path("given").path("part").asString())
                .isEqualTo("oil seal, split");

        mine.put("version", conflict.body().path("current").path("given").path("version").asLong());
        assertThat(bench.put(path, mine).status()).as("after choosing mine").isEqualTo(200);
    }

    @Test
    void undoTakesBackWhatWasDoneLastAndKeepsTheHistory() {
        long number = Requests.openedForStrip(bench);
        var steps = "/api/jobs/" + number + "/steps/";
        var seal = UUID.randomUUID();
        bench.put(steps + seal, Requests.step("seal", "SEAL", 1));
        var changed = Requests.step("oil seal", "SEAL", 1);
        changed.put("version", 0);
        bench.put(steps + seal, changed);
        bench.delete(steps + seal + "?version=1");

        assertThat(parts(bench.post(steps + "undo", null).body())).containsExactly("oil seal");
        assertThat(parts(bench.post(steps + "undo", null).body())).containsExactly("seal");
        assertThat(parts(bench.post(steps + "undo", null).body())).isEmpty();
        assertThat(bench.post(steps + "undo", null).status())
                .as("nothing left to undo")
                .isEqualTo(200);

        var revisions =
                RunningApp.bean(JdbcClient.class)
                        .sql(
                                "select r.author from step_aud s join revision r on r.number = s.rev where s.id = ?")
                        .param(seal)
                        .query(String.class)
                        .list();
        assertThat(revisions)
                .as("three changes and three undos")
                .hasSize(6)
                .containsOnly("Tomás Vega");
    }

    @Test
    void allowsOneOpenJobAUnit() {
        var unit = Requests.unit(Requests.stage());
        bench.post("/api/units", unit);
        var first =
                bench.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit.get("id"),
                                "complaint",
                                "a"));
        var second =
                bench.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit.get("id"),
                                "complaint",
                                "b"));
        assertThat(second.status()).isEqualTo(422);
        assertThat(second.at("unitId"))
                .contains(
                        "Job "
                                + first.body().path("job").path("number")
                                + " on this unit is still open.");
    }

    private static List<String> parts(JsonNode job) {
        return job.path("steps")
                .valueStream()
                .map(s -> s.path("given").path("part").asString())
                .toList();
    }
}
