package app.yunque.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningApp.class)
class SignInTest {

    /** Somebody only this test knows: a locked name would turn the other tests of that person away. */
    @Test
    void locksANameForAMinuteAfterFiveWrongPins() {
        var id = UUID.randomUUID();
        var name = "Somebody Forgetful";
        RunningApp.bean(SignInService.class).register(id, name, Role.MECHANIC, "3690");
        try {
            var stranger = AtBench.stranger();
            for (int left = 4; left > 0; left--) {
                assertThat(stranger.signIn(name, "0000").detail())
                        .isEqualTo("That PIN is not " + name + "’s. Tries left: " + left + ".");
            }
            assertThat(stranger.signIn(name, "0000").detail()).contains("locked for one minute");
            var right = stranger.signIn(name, "3690");
            assertThat(right.status()).as("the right PIN while locked").isEqualTo(401);
            assertThat(right.detail()).contains("is locked for another");
        } finally {
            RunningApp.bean(PersonRepository.class).deleteById(id);
        }
    }

    /** The same person, a stranger guessing, and a tablet on which the person has worked before. */
    @Test
    void aGuesserElsewhereLocksNobodyOutAtTheBench() {
        var id = UUID.randomUUID();
        var name = "Somebody Guessed At";
        RunningApp.bean(SignInService.class).register(id, name, Role.MECHANIC, "3690");
        try {
            var bench = AtBench.as(name, "3690");
            assertThat(bench.post("/api/sign-out", null).status()).isEqualTo(204);
            var guesser = AtBench.stranger();
            for (int i = 0; i < 5; i++) {
                guesser.signIn(name, "000" + i);
            }
            assertThat(AtBench.stranger().signIn(name, "3690").status()).isEqualTo(401);
            assertThat(bench.signIn(name, "3690").status()).isEqualTo(200);
            for (int i = 0; i < 5; i++) {
                bench.signIn(name, "000" + i);
            }
            assertThat(bench.signIn(name, "3690").detail()).contains("is locked for another");
            assertThat(AtBench.lead().post("/api/people/" + id + "/unlock", null).status())
                    .isEqualTo(200);
            assertThat(bench.signIn(name, "3690").status()).isEqualTo(200);
            assertThat(AtBench.stranger().signIn(name, "3690").status()).isEqualTo(200);
        } finally {
            RunningApp.bean(PersonRepository.class).deleteById(id);
        }
    }

    /** Every address of the API description, asked without a session. */
    @Test
    void answersNothingWithoutASession() {
        var paths = AtBench.lead().get("/api/openapi").body().path("paths");
        var stranger = AtBench.stranger();
        int asked = 0;
        for (var path : paths.propertyNames()) {
            for (var method : paths.path(path).propertyNames()) {
                if (path.startsWith("/api/sign-in") && !path.endsWith("/me")
                        || path.startsWith("/api/begin")) {
                    continue;
                }
                var address =
                        path.replace("{number}", "1")
                                .replaceAll("\\{\\w+}", UUID.randomUUID().toString());
                var answer =
                        stranger.send(method.toUpperCase(), address, Map.of(), UUID.randomUUID());
                assertThat(answer.status()).as(method + " " + address).isEqualTo(401);
                asked++;
            }
        }
        assertThat(asked).as("addresses asked").isGreaterThan(30);
        assertThat(stranger.get("/actuator/health").status()).isEqualTo(200);
        assertThat(stranger.get("/actuator/env").status()).isEqualTo(401);
    }

    @Test
    void letsAViewerLookButNotWrite() {
        var viewer = AtBench.as("Visitor", "1234");
        assertThat(viewer.get("/api/jobs/1").status()).isEqualTo(200);
        var answer =
                viewer.put("/api/jobs/5/permission", Map.of("approvedBy", "me", "reference", ""));
        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.detail()).contains("sign in as a mechanic or a lead");
        assertThat(
                        viewer.post(
                                        "/api/calc/lubricant/oil-grade",
                                        Map.of(
                                                "pitchLineVelocityMPerS", 3,
                                                "coldestAmbientDegC", 0,
                                                "hottestAmbientDegC", 30))
                                .status())
                .as("computing is looking")
                .isEqualTo(200);
    }

    @Test
    void endsTheSessionAtSignOut() {
        var bench = AtBench.mechanic();
        assertThat(bench.post("/api/sign-out", null).status()).isEqualTo(204);
        assertThat(bench.get("/api/sign-in/me").status()).isEqualTo(401);
    }
}
