package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** An instrument is found out of calibration: what was read with it since its last good check counts as not made, wherever it stands. */
@ExtendWith(RunningApp.class)
class InstrumentInDoubtTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final UUID dial = UUID.randomUUID();
    private long number;
    private String job = "";

    @BeforeEach
    void aBacklashOnRecord() {
        number = Requests.openedForStrip(mechanic);
        job = "/api/jobs/" + number;
        assertThat(mechanic.put("/api/instruments/" + dial, card(null, List.of())).status())
                .isEqualTo(200);
        var read = Requests.backlash("INSPECT", "0.20", "0.21", "0.20", "0.22");
        read.put("instrument", dial);
        var kept = mechanic.put(job + "/measurements/" + UUID.randomUUID(), read);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    }

    private static Map<String, Object> card(Integer version, List<Object> inDoubt) {
        var card = new HashMap<String, Object>();
        card.put("version", version);
        card.put("name", "Dial 31");
        card.put("kind", "DIAL_INDICATOR");
        card.put("resolution", Requests.mm("0.01"));
        card.put("maxError", Requests.mm("0.01"));
        card.put("low", Requests.mm("0"));
        card.put("high", Requests.mm("10"));
        card.put("calibratedOn", LocalDate.now().minusDays(30).toString());
        card.put("dueOn", LocalDate.now().plusDays(300).toString());
        card.put("inDoubt", inDoubt);
        return card;
    }

    private static Map<String, Object> days(int from, int to) {
        return Map.of(
                "lastGood", LocalDate.now().minusDays(from).toString(),
                "foundOn", LocalDate.now().minusDays(to).toString(),
                "why", "sticks at 3 mm");
    }

    private JsonNode measurement() {
        return mechanic.get(job).body().path("measurements").get(0);
    }

    private String state() {
        return mechanic.get(job)
                .body()
                .path("plan")
                .path("checks")
                .valueStream()
                .filter(l -> l.path("check").asString().equals("MSP-1"))
                .findFirst()
                .orElseThrow()
                .path("state")
                .asString();
    }

    @Test
    void whatWasReadInThoseDaysIsMeasuredAgain() {
        assertThat(measurement().path("result").path("verdict").asString()).isEqualTo("CLEAR_PASS");
        assertThat(state()).isEqualTo("MEASURED");
        long touched = mechanic.get(job).body().path("touched").asLong();

        var told = mechanic.put("/api/instruments/" + dial, card(0, List.of(days(30, 0))));
        assertThat(told.status()).as(told.detail()).isEqualTo(200);

        assertThat(mechanic.get(job).body().path("touched").asLong())
                .as("open screens fetch it anew, and the Floor judges it anew")
                .isGreaterThan(touched);
        assertThat(measurement().path("lost").asString())
                .startsWith("Taken with Dial 31, which was found out of calibration on")
                .contains("(sticks at 3 mm)");
        assertThat(measurement().path("result").path("verdict").asString()).isEqualTo("NOT_JUDGED");
        assertThat(state()).isEqualTo("STALE");
        var jobs = mechanic.get("/api/instruments/" + dial + "/in-doubt").body();
        assertThat(jobs).hasSize(1);
        assertThat(jobs.get(0).path("job").asLong()).isEqualTo(number);
        assertThat(jobs.get(0).path("readings").asInt()).isEqualTo(1);
        assertThat(jobs.get(0).path("signed").asBoolean()).isFalse();

        // It was another one after all: taken back, everything counts as before.
        mechanic.put("/api/instruments/" + dial, card(1, List.of()));
        assertThat(measurement().path("lost").isMissingNode()).isTrue();
        assertThat(state()).isEqualTo("MEASURED");
        assertThat(mechanic.get("/api/instruments/" + dial + "/in-doubt").body()).isEmpty();
    }

    /** Days that do not reach to the reading leave it alone, and a later time in doubt does not make an earlier one good. */
    @Test
    void onlyThoseDays() {
        mechanic.put("/api/instruments/" + dial, card(0, List.of(days(30, 2))));
        assertThat(measurement().path("lost").isMissingNode()).isTrue();
        mechanic.put("/api/instruments/" + dial, card(1, List.of(days(30, 2), days(1, 0))));
        assertThat(measurement().path("lost").isMissingNode()).isFalse();
    }

    @Test
    void whatADrawerWasKeptWithIsLostToo() {
        var step = UUID.randomUUID();
        mechanic.put(job + "/steps/" + step, Requests.step("seal land", "SHAFT", 1));
        var fields =
                Map.of(
                        "measure", Requests.in("", "LENGTH"),
                        "direction", Requests.in("", "GROWS"),
                        "mostNew", Requests.mm("0.10"),
                        "renew", Requests.mm("0.25"),
                        "part", Requests.in("", "ORDINARY"));
        var kept =
                mechanic.put(
                        job + "/answers/" + UUID.randomUUID(),
                        Map.of(
                                "station", "INSPECT",
                                "drawer", "against-limits",
                                "subject", "",
                                "about", Map.of("stepId", step),
                                "check", "LND-3",
                                "where", "at the outer lip",
                                "remark", "",
                                "entries",
                                        Map.of(
                                                "instrument",
                                                dial,
                                                "fields",
                                                fields,
                                                "readings",
                                                Map.of("readings", List.of(Requests.mm("0.05"))))));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        var answer = mechanic.get(job).body().path("answers").get(0);
        assertThat(answer.path("given").path("where").asString()).isEqualTo("at the outer lip");
        assertThat(answer.path("answer").path("verdict").asString()).isEqualTo("CLEAR_PASS");
        mechanic.put("/api/instruments/" + dial, card(0, List.of(days(30, 0))));
        answer = mechanic.get(job).body().path("answers").get(0);
        assertThat(answer.path("answer").path("verdict").asString()).isEqualTo("NOT_JUDGED");
        assertThat(answer.path("lost").asString()).contains("Measure again with another");
        assertThat(
                        mechanic.get("/api/instruments/" + dial + "/in-doubt")
                                .body()
                                .get(0)
                                .path("readings")
                                .asInt())
                .isEqualTo(2);
    }

    @Test
    void aToolThatNobodyKnowsIsRefused() {
        var read = Requests.backlash("INSPECT", "0.20", "0.21", "0.20", "0.22");
        read.put("instrument", UUID.randomUUID());
        var told = mechanic.put(job + "/measurements/" + UUID.randomUUID(), read);
        assertThat(told.status()).isEqualTo(422);
        assertThat(told.at("instrument")).contains("not on the shop's list");
    }

    @Test
    void refusesDaysThatCannotBe() {
        var told = mechanic.put("/api/instruments/" + dial, card(0, List.of(days(2, 9))));
        assertThat(told.status()).isEqualTo(422);
        assertThat(told.at("inDoubt[0].foundOn")).contains("before it was last good on");
        var emptied =
                Map.of(
                        "lastGood", "",
                        "foundOn", LocalDate.now().toString(),
                        "why", "sticks at 3 mm");
        assertThat(mechanic.put("/api/instruments/" + dial, card(0, List.of(emptied))).status())
                .as("an emptied day is refused, and is no fault of the program")
                .isIn(400, 422);
    }
}
