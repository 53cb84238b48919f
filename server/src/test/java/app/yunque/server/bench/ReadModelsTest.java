package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import app.yunque.server.StatementCount;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** How much the application asks its database: a list never once for each of its rows, a job once for each kind of record. */
@ExtendWith(RunningApp.class)
class ReadModelsTest {
    private static final int LIST = 5;
    private static final int WHOLE_JOB = 15;

    private final AtBench mechanic = AtBench.mechanic();
    private final JdbcClient jdbc = RunningApp.bean(JdbcClient.class);

    private int asked(String path) {
        return StatementCount.during(() -> mechanic.get(path)).size();
    }

    private static List<JsonNode> all(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false).toList();
    }

    private JsonNode row(long number) {
        return all(mechanic.get("/api/jobs/open").body()).stream()
                .filter(j -> j.path("number").asLong() == number)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theFloorAsksOnceForAllItsJobsAndJudgesOnlyTheOneThatWasWrittenTo() {
        var numbers = IntStream.range(0, 40).mapToObj(i -> Requests.openJob(mechanic)).toList();
        mechanic.get("/api/jobs/open");
        assertThat(asked("/api/jobs/open")).isLessThanOrEqualTo(LIST);
        long one = numbers.get(20);
        assertThat(row(one).path("next").asString()).isEqualTo("RECEIVE");
        var path = "/api/jobs/" + one;
        var permitted =
                mechanic.put(
                        path + "/permission",
                        Map.of("approvedBy", "Works manager", "reference", ""));
        assertThat(permitted.status()).as(permitted.detail()).isEqualTo(200);
        assertThat(asked("/api/jobs/open")).isBetween(2, LIST + WHOLE_JOB);
        var view = mechanic.get(path).body();
        assertThat(row(one).path("next")).isEqualTo(view.path("next"));
        assertThat(row(one).path("stops")).isEqualTo(view.path("route").path("stops"));
    }

    /** Every row says what the whole job says; kept judgements are no second truth. */
    @Test
    void everyRowOfTheFloorSaysWhatItsJobSays() {
        var rows = all(mechanic.get("/api/jobs/open").body());
        assertThat(rows).isNotEmpty();
        for (var row : rows.subList(Math.max(0, rows.size() - 8), rows.size())) {
            var view = mechanic.get("/api/jobs/" + row.path("number").asLong()).body();
            assertThat(row.path("next")).isEqualTo(view.path("next"));
            assertThat(row.path("stops")).isEqualTo(view.path("route").path("stops"));
            assertThat(row.path("tag")).isEqualTo(view.path("unit").path("tag"));
            assertThat(row.path("unit")).isEqualTo(view.path("unit").path("name"));
            assertThat(row.path("complaint")).isEqualTo(view.path("job").path("complaint"));
            assertThat(row.path("openedBy")).isEqualTo(view.path("job").path("openedBy"));
            assertThat(row.path("openedAt")).isEqualTo(view.path("job").path("openedAt"));
        }
    }

    /** The demo's pump was opened three times and measured; its signed jobs are copied until there are a hundred. */
    @Test
    void aUnitWithAHundredJobsIsOneQuestion() {
        var unitId = mechanic.get("/api/jobs/3").body().path("unit").path("id").asString();
        var before = all(mechanic.get("/api/jobs/of-unit/" + unitId).body());
        var signed =
                before.stream()
                        .filter(j -> j.path("number").asLong() == 3)
                        .findFirst()
                        .orElseThrow();
        long first = 100_000;
        for (int i = 0; i < 100; i++) {
            var id = UUID.randomUUID();
            jdbc.sql(
                            """
                            insert into job select (jsonb_populate_record(j, jsonb_build_object('id', cast(? as text), 'number', ?))).*
                            from job j where number = 3
                            """)
                    .params(id.toString(), first + i)
                    .update();
            jdbc.sql(
                            """
                            insert into job_seal (job_id, view, page, pdf, backlash_mm)
                            select ?, s.view, s.page, s.pdf, s.backlash_mm from job_seal s join job j on j.id = s.job_id where j.number = 3
                            """)
                    .params(id)
                    .update();
        }
        try {
            assertThat(asked("/api/jobs/of-unit/" + unitId)).isLessThanOrEqualTo(LIST);
            var after = all(mechanic.get("/api/jobs/of-unit/" + unitId).body());
            assertThat(after).hasSize(before.size() + 100);
            assertThat(after.get(0).path("number").asLong()).isEqualTo(first + 99);
            assertThat(after.get(0).path("backlashMm")).isEqualTo(signed.path("backlashMm"));
            assertThat(asked("/api/jobs/signed")).isLessThanOrEqualTo(LIST);
        } finally {
            jdbc.sql("delete from job_seal where job_id in (select id from job where number >= ?)")
                    .params(first)
                    .update();
            jdbc.sql("delete from job where number >= ?").params(first).update();
        }
    }

    /** What a row says of a signed job was taken from its seal, and is what the sealed job says. */
    @Test
    void aSignedRowTellsTheBacklashOfItsSeal() {
        for (long number = 1; number <= 3; number++) {
            var view = mechanic.get("/api/jobs/" + number).body();
            var unitId = view.path("unit").path("id").asString();
            long wanted = number;
            var row =
                    all(mechanic.get("/api/jobs/of-unit/" + unitId).body()).stream()
                            .filter(j -> j.path("number").asLong() == wanted)
                            .findFirst()
                            .orElseThrow();
            var meshes =
                    all(view.path("meshes")).stream()
                            .map(m -> m.at("/after/result/backlash/mean/circumferentialMm"))
                            .filter(n -> !n.isMissingNode())
                            .map(JsonNode::asDouble)
                            .toList();
            assertThat(meshes).hasSize(2);
            assertThat(row.path("backlashMm")).hasSize(2);
            for (int m = 0; m < 2; m++) {
                assertThat(row.path("backlashMm").get(m).asDouble())
                        .isCloseTo(meshes.get(m), within(1e-12));
            }
            assertThat(asked("/api/jobs/" + number)).isLessThanOrEqualTo(3);
        }
    }

    @Test
    void aWholeJobAsksOnceForEachKindOfRecord() {
        var full = new FullJob(mechanic);
        assertThat(StatementCount.during(() -> mechanic.get(full.path)))
                .hasSizeLessThanOrEqualTo(WHOLE_JOB);
        for (int number = 4; number <= 12; number++) {
            assertThat(asked("/api/jobs/" + number))
                    .as("job %d", number)
                    .isLessThanOrEqualTo(WHOLE_JOB);
        }
        assertThat(asked(full.path + "/pulse")).isEqualTo(1);
    }

    /** The last job of the unit is read along: its strip, its measurements. */
    @Test
    void aJobThatIsGuidedByTheLastOneAsksNoMore() {
        var unitId = mechanic.get("/api/jobs/3").body().path("unit").path("id").asString();
        var id = UUID.randomUUID();
        var opened =
                mechanic.post(
                        "/api/jobs",
                        Map.of("id", id, "unitId", unitId, "complaint", "Knocks again"));
        assertThat(opened.status()).as(opened.detail()).isEqualTo(200);
        assertThat(opened.body().path("guide").path("number").asLong()).isEqualTo(3);
        assertThat(opened.body().path("guide").path("sameUnit").asBoolean()).isTrue();
        assertThat(opened.body().path("meshes").get(0).path("last").asDouble())
                .isCloseTo(
                        mechanic.get("/api/jobs/3")
                                .body()
                                .at("/meshes/0/after/result/backlash/mean/circumferentialMm")
                                .asDouble(),
                        within(1e-9));
        var path = "/api/jobs/" + opened.body().path("job").path("number").asLong();
        assertThat(StatementCount.during(() -> mechanic.get(path)))
                .hasSizeLessThanOrEqualTo(WHOLE_JOB);
        // The pump of the demo is other tests' too.
        jdbc.sql("delete from job where id = ?").param(id).update();
    }
}
