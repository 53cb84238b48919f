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
import tools.jackson.databind.JsonNode;

/** From what nobody looked at to a refused signature, and from there to a signed one. */
@ExtendWith(RunningApp.class)
class SilenceTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final AtBench lead = AtBench.lead();
    private final UUID pawl = UUID.randomUUID();
    private final UUID cover = UUID.randomUUID();
    private String job = "";

    @BeforeEach
    void aStripThatSaysNothingOfItsParts() {
        job = "/api/jobs/" + Requests.openedForStrip(mechanic);
        keep(pawl, "pawl", "PAWL", "NOT_SAID", null);
        keep(cover, "end cover", "COVER", "NOT_SAID", null);
    }

    private AtBench.Answer keep(
            UUID id, String part, String kind, String condition, Integer version) {
        var step = new HashMap<>(Requests.step(part, kind, 1));
        step.put("condition", condition);
        if (version != null) {
            step.put("version", version);
        }
        return mechanic.put(job + "/steps/" + id, step);
    }

    private JsonNode part(UUID step) {
        for (var part : mechanic.get(job).body().path("decisions")) {
            if (part.path("stepId").asString().equals(step.toString())) {
                return part;
            }
        }
        throw new IllegalStateException("no such part");
    }

    private AtBench.Answer lookedAt(UUID... steps) {
        return mechanic.post(
                job + "/steps/looked-at",
                Map.of(
                        "parts",
                        java.util.Arrays.stream(steps)
                                .map(s -> Map.of("stepId", s, "version", 0))
                                .toList()));
    }

    /** Every check of its own that a pawl must pass. */
    private void lookAtThePawl() {
        Requests.seen(mechanic, job, pawl, "PWL-1", "WASHED", "square, sharp");
        Requests.seen(mechanic, job, pawl, "PWL-4", "WASHED", "draws itself in");
        Requests.seen(mechanic, job, pawl, "PWL-5", "AS_FOUND", "snaps at once");
        Requests.against(mechanic, job, pawl, "PWL-2", "0.87", "0.85", "0.80");
        Requests.against(mechanic, job, pawl, "PWL-3", "0.95", "0.90", "0.85");
        Requests.seen(mechanic, job, pawl, "PWL-6", "AFTER_WORK", "as made");
    }

    private void putTogether() {
        for (var step : List.of(pawl, cover)) {
            lead.put(
                    job + "/decisions/" + step,
                    Map.of("disposition", "REUSE", "reason", "looks all right"));
            mechanic.put(job + "/fittings/" + step, Requests.fitting(1, 0, 0));
        }
        mechanic.put(
                job + "/measurements/" + UUID.randomUUID(),
                Requests.backlash("INSPECT", "0.25", "0.26", "0.25", "0.24"));
        mechanic.put(
                job + "/measurements/" + UUID.randomUUID(),
                Requests.backlash("SET", "0.25", "0.26", "0.25", "0.24"));
        mechanic.put(
                Requests.sump(mechanic, Long.parseLong(job.replaceAll(".*/", ""))),
                Requests.fill("10.2"));
        mechanic.put(job + "/proof", Requests.proof());
        Throughout.setAndProve(mechanic, job);
    }

    @Test
    void proposesNothingForWhatNobodyLookedAt() {
        assertThat(part(pawl).path("proposed").isMissingNode()).isTrue();
        assertThat(part(pawl).path("proposedReason").asString()).startsWith("Not looked at");
        assertThat(part(pawl).path("strict").asBoolean()).isTrue();
        assertThat(part(cover).path("lookedAt").asBoolean()).isFalse();
        Requests.accept(mechanic, job);
        assertThat(part(pawl).path("decided").isMissingNode()).isTrue();
        assertThat(part(cover).path("decided").isMissingNode()).isTrue();
    }

    @Test
    void takesTheStatementOfTheOneWhoLooked() {
        assertThat(lookedAt(cover).status()).isEqualTo(200);

        assertThat(part(cover).path("condition").asString()).isEqualTo("sound");
        assertThat(part(cover).path("proposedReason").asString())
                .isEqualTo("Looked at, and found sound.");
        assertThat(mechanic.get(job).body().path("undoable").asString())
                .isEqualTo("looked at, sound: end cover");
        assertThat(lookedAt(cover).status()).as("seen in an earlier version").isEqualTo(409);
        mechanic.post(job + "/steps/undo", null);
        assertThat(part(cover).path("lookedAt").asBoolean()).isFalse();
    }

    @Test
    void aPartThatHoldsIsLookedAtByItself() {
        var refused = lookedAt(cover, pawl);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("pawl holds, stops or carries the load");
        assertThat(part(cover).path("lookedAt").asBoolean()).as("all or nothing").isFalse();
        assertThat(mechanic.post(job + "/steps/looked-at", Map.of("parts", List.of())).status())
                .isEqualTo(422);
    }

    @Test
    void nothingThatWasSaidIsChangedByABulkAct() {
        keep(cover, "end cover", "COVER", "CRACKED", 0);
        var refused =
                mechanic.post(
                        job + "/steps/looked-at",
                        Map.of("parts", List.of(Map.of("stepId", cover, "version", 1))));
        assertThat(refused.detail()).contains("end cover was found cracked already");

        keep(pawl, "pawl", "PAWL", "SOUND", 0);
        assertThat(part(pawl).path("proposedReason").asString())
                .startsWith("Look first: ")
                .contains("PWL-4");
        lookAtThePawl();
        var taken = mechanic.post(job + "/decisions/accept", Map.of("steps", List.of(pawl)));
        assertThat(taken.status()).isEqualTo(200);
        assertThat(part(pawl).path("decided").asString()).isEqualTo("REUSE");
        assertThat(part(cover).path("decided").isMissingNode()).as("not named").isTrue();
        var tooMild =
                lead.put(
                        job + "/decisions/" + cover,
                        Map.of("disposition", "DRESS", "reason", "a scratch, not a crack"));
        assertThat(tooMild.status()).isEqualTo(422);
        assertThat(tooMild.detail()).startsWith("end cover does not go back: Cracked");
        keep(cover, "end cover", "COVER", "RAISED_METAL", 1);
        mechanic.put(
                job + "/decisions/" + cover,
                Map.of("disposition", "DRESS", "reason", "a scratch, not a crack"));
        Requests.accept(mechanic, job);
        assertThat(part(cover).path("decided").asString()).isEqualTo("DRESS");
    }

    /** On a part that holds a lead may decide milder than what is proposed, and types the PIN for it. */
    @Test
    void milderOnAPartThatHoldsIsALeadsWithThePin() {
        keep(pawl, "pawl", "PAWL", "SOUND", 0);
        var milder = Map.of("disposition", "REUSE", "reason", "looked at it under the lamp");
        assertThat(mechanic.put(job + "/decisions/" + pawl, milder).status()).isEqualTo(422);
        var open = AtBench.lead().withoutPin();
        var wanted = open.put(job + "/decisions/" + pawl, milder);
        assertThat(wanted.status()).isEqualTo(428);
        assertThat(wanted.detail())
                .isEqualTo(
                        "Deciding milder than this about a part that holds is a lead’s. Type your PIN for it.");
        var renewed =
                open.put(
                        job + "/decisions/" + cover,
                        Map.of("disposition", "RENEW", "reason", "a new one lies here"));
        assertThat(renewed.status()).as("what anybody may").isEqualTo(200);
        open.post("/api/sign-in/again", Map.of("pin", "2580"));
        assertThat(open.put(job + "/decisions/" + pawl, milder).status()).isEqualTo(200);
        assertThat(part(pawl).path("decided").asString()).isEqualTo("REUSE");
    }

    /** The pawl of a winch that nobody looked at is not signed by anybody; the cover a lead may answer for. */
    @Test
    void nobodySignsForAPawlThatNobodyLookedAt() {
        putTogether();

        var refused = lead.post(job + "/sign", Requests.allTheSame("the customer waits"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail())
                .startsWith("Nobody signs this as it stands.")
                .contains("is not looked at as it must be: pawl (1): ");
        assertThat(ids()).containsExactly("strict-not-looked-at", "not-looked-at");

        keep(pawl, "pawl", "PAWL", "SOUND", 0);
        assertThat(ids())
                .as("it looks whole")
                .containsExactly("strict-not-looked-at", "not-looked-at");
        lookAtThePawl();
        assertThat(ids()).containsExactly("not-looked-at");
        assertThat(mechanic.post(job + "/sign", Requests.allTheSame("in a hurry")).status())
                .isEqualTo(403);
        assertThat(lead.post(job + "/sign", Map.of()).detail())
                .contains(
                        "Going back, and not looked at as it must be: end cover (2): is it whole");
        var signed = lead.post(job + "/sign", Requests.allTheSame("seen from outside only"));
        assertThat(signed.status()).as(signed.detail()).isEqualTo(200);
        assertThat(new String(lead.get(job + "/report").bytes()))
                .contains(
                        "seen from outside only",
                        "Going back, and not looked at as it must be: end cover (2)");
    }

    @Test
    void whatIsCrackedNobodySignsUntilANewOneIsIn() {
        keep(pawl, "pawl", "PAWL", "SOUND", 0);
        lookAtThePawl();
        putTogether();
        keep(cover, "end cover", "COVER", "CRACKED", 0);
        assertThat(ids()).containsExactly("condemned");
        assertThat(lead.post(job + "/sign", Requests.allTheSame("it will hold")).status())
                .isEqualTo(422);

        mechanic.put(
                job + "/decisions/" + cover,
                Map.of("disposition", "RENEW", "reason", "cracked", "version", 0));
        var renewed = new HashMap<>(Requests.fitting(0, 1, 1));
        renewed.put("version", 0);
        mechanic.put(job + "/fittings/" + cover, renewed);
        assertThat(ids())
                .as("the cover holds a shaft: what was measured before it says nothing any more")
                .containsExactly("prove-open-never", "mesh-not-measured", "prove-open-lead");
        mechanic.put(
                job + "/measurements/" + UUID.randomUUID(),
                Requests.backlash("SET", "0.25", "0.26", "0.25", "0.24"));
        Throughout.setAndProve(mechanic, job);
        assertThat(ids()).as("it has to run again too").containsExactly("prove-open-lead");
        var again = new HashMap<>(Requests.proof());
        again.put("version", 0);
        mechanic.put(job + "/proof", again);
        assertThat(ids()).isEmpty();
        assertThat(mechanic.post(job + "/sign", Map.of()).status()).isEqualTo(200);
    }

    private List<String> ids() {
        return mechanic.get(job)
                .body()
                .path("route")
                .path("againstSigning")
                .valueStream()
                .map(p -> p.path("id").asString())
                .toList();
    }
}
