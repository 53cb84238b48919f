package app.yunque.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** People come, change, leave and come back; what they wrote stays. */
@ExtendWith(RunningApp.class)
class PeopleTest {
    private final AtBench lead = AtBench.lead();
    private final UUID id = UUID.randomUUID();
    private final String name = "Person " + id.toString().substring(0, 6);

    @BeforeEach
    void somebodyNew() {
        var added = keep(null, name, "MECHANIC", "6172");
        assertThat(added.status()).as(added.detail()).isEqualTo(200);
    }

    @AfterEach
    void gone() {
        RunningApp.bean(PersonRepository.class).deleteById(id);
    }

    private AtBench.Answer keep(Long version, String newName, String role, String pin) {
        var request = new HashMap<String, Object>(Map.of("name", newName, "role", role));
        if (version != null) {
            request.put("version", version);
        }
        if (pin != null) {
            request.put("pin", pin);
        }
        return lead.put("/api/people/" + id, request);
    }

    private JsonNode seen() {
        for (var person : lead.get("/api/people").body()) {
            if (person.path("id").asString().equals(id.toString())) {
                return person;
            }
        }
        throw new IllegalStateException("not on the list");
    }

    private long version() {
        return seen().path("version").asLong();
    }

    private static int me(AtBench bench) {
        return bench.get("/api/sign-in/me").status();
    }

    @Test
    void aNewPersonSignsInAndWorks() {
        var bench = AtBench.as(name, "6172");
        assertThat(bench.get("/api/sign-in/me").body().path("role").asString())
                .isEqualTo("MECHANIC");
        assertThat(seen().path("changedBy").asString()).isEqualTo("Inés Roldán");
        assertThat(seen().has("pinHash")).isFalse();
    }

    @Test
    void theLeadShowsThePinForEachChangeInThem() {
        var open = AtBench.lead().withoutPin();
        assertThat(open.get("/api/people").status()).as("only looking").isEqualTo(200);
        var path = "/api/people/" + id;
        for (var act : List.of("/leave?version=0", "/come-back?version=0", "/unlock")) {
            assertThat(open.post(path + act, null).status()).as(act).isEqualTo(428);
        }
        var role = Map.of("name", name, "role", "LEAD", "version", version());
        assertThat(open.put(path, role).status()).isEqualTo(428);
        var shop = open.get("/api/begin").body().path("shop");
        assertThat(open.put("/api/shop", shop).status()).isEqualTo(428);
        assertThat(seen().path("role").asString()).isEqualTo("MECHANIC");
        open.post("/api/sign-in/again", Map.of("pin", "2580"));
        assertThat(open.put(path, role).status()).isEqualTo(200);
        assertThat(open.post(path + "/unlock", null).status())
                .as("for some minutes, not for one act")
                .isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(strings = {"mechanic", "viewer", "stranger"})
    void onlyALeadLooksAfterThem(String who) {
        var bench =
                switch (who) {
                    case "mechanic" -> AtBench.mechanic();
                    case "viewer" -> AtBench.as("Visitor", "1234");
                    default -> AtBench.stranger();
                };
        int wanted = who.equals("stranger") ? 401 : 403;
        assertThat(bench.get("/api/people").status()).isEqualTo(wanted);
        assertThat(
                        bench.put(
                                        "/api/people/" + UUID.randomUUID(),
                                        Map.of("name", "X", "role", "LEAD", "pin", "8264"))
                                .status())
                .isEqualTo(wanted);
        for (var also : new String[] {"leave?version=0", "come-back?version=0", "unlock"}) {
            assertThat(bench.post("/api/people/" + id + "/" + also, Map.of()).status())
                    .as(also)
                    .isEqualTo(wanted);
        }
    }

    /** A new role, name or PIN counts at once: what was open elsewhere ends. */
    @Test
    void aChangeEndsWhatIsOpenElsewhere() {
        var bench = AtBench.as(name, "6172");
        assertThat(keep(version(), name, "VIEWER", null).status()).isEqualTo(200);
        assertThat(me(bench)).isEqualTo(401);
        assertThat(AtBench.as(name, "6172").get("/api/sign-in/me").body().path("role").asString())
                .as("the PIN stays when none is given")
                .isEqualTo("VIEWER");
        assertThat(keep(version(), name, "MECHANIC", "a longer sentence").status()).isEqualTo(200);
        assertThat(AtBench.stranger().signIn(name, "6172").status()).isEqualTo(401);
        assertThat(AtBench.stranger().signIn(name, "a longer sentence").status()).isEqualTo(200);
    }

    @Test
    void whoLeavesCannotSignInAndStaysOnRecord() {
        var bench = AtBench.as(name, "6172");
        var left = lead.post("/api/people/" + id + "/leave?version=" + version(), Map.of());
        assertThat(left.status()).as(left.detail()).isEqualTo(200);
        assertThat(me(bench)).as("what was open ends").isEqualTo(401);
        assertThat(AtBench.stranger().get("/api/sign-in/people").body().toString())
                .doesNotContain(name);
        assertThat(
                        AtBench.stranger()
                                .post("/api/sign-in", Map.of("personId", id, "pin", "6172"))
                                .status())
                .isEqualTo(404);
        assertThat(seen().has("leftAt")).isTrue();
        var again =
                lead.put(
                        "/api/people/" + UUID.randomUUID(),
                        Map.of("name", name.toUpperCase(), "role", "VIEWER", "pin", "8264"));
        assertThat(again.at("name"))
                .contains("was, the name of somebody else here", "can be taken back");
        lead.post("/api/people/" + id + "/come-back?version=" + version(), Map.of());
        assertThat(AtBench.stranger().signIn(name, "6172").status()).isEqualTo(200);
    }

    @Test
    void twoLeadsOnOnePerson() {
        long before = version();
        assertThat(keep(before, name + " B", "MECHANIC", null).status()).isEqualTo(200);
        var stale = keep(before, name + " C", "MECHANIC", null);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body().toString()).contains(name + " B").doesNotContain("pinHash");
    }

    /** The demo has one lead. */
    @Test
    void theLastLeadStays() {
        var only = lead.idOf("Inés Roldán");
        long seen = 0;
        for (var person : lead.get("/api/people").body()) {
            if (person.path("id").asString().equals(only)) {
                seen = person.path("version").asLong();
            }
        }
        assertThat(lead.post("/api/people/" + only + "/leave?version=" + seen, Map.of()).at("role"))
                .contains("is the only lead here", "Make somebody else a lead first");
        assertThat(
                        lead.put(
                                        "/api/people/" + only,
                                        Map.of(
                                                "version",
                                                seen,
                                                "name",
                                                "Inés Roldán",
                                                "role",
                                                "MECHANIC"))
                                .at("role"))
                .contains("is the only lead here");
        assertThat(me(lead)).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    817       | has 3 characters; it needs 4 or more
                    0000      | among the first that anybody tries
                    1234      | among the first that anybody tries
                    9876      | among the first that anybody tries
                    abcd      | among the first that anybody tries
                    """)
    void aPinThatIsTriedFirstIsNone(String pin, String sentence) {
        assertThat(keep(version(), name, "MECHANIC", pin).at("pin")).contains(sentence);
        var own =
                AtBench.as(name, "6172")
                        .put("/api/people/me/pin", Map.of("current", "6172", "pin", pin));
        assertThat(own.at("pin")).contains(sentence);
    }

    @Test
    void aPinIsAsLongAsTheHashReads() {
        assertThat(keep(version(), name, "MECHANIC", "ñ".repeat(35) + "xy").status())
                .isEqualTo(200);
        assertThat(AtBench.stranger().signIn(name, "ñ".repeat(35) + "xy").status()).isEqualTo(200);
        assertThat(AtBench.stranger().signIn(name, "ñ".repeat(35) + "xyz").status())
                .as("what goes on behind the end of the PIN is another")
                .isEqualTo(401);
        assertThat(keep(version(), name, "MECHANIC", "ñ".repeat(35) + "xyz").at("pin"))
                .contains("too long");
    }

    @Test
    void everybodyChangesTheOwnPin() {
        var bench = AtBench.as(name, "6172");
        var wrong = bench.put("/api/people/me/pin", Map.of("current", "6173", "pin", "8264"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.detail()).contains("That PIN is not").contains("Tries left: 4");
        var right = bench.put("/api/people/me/pin", Map.of("current", "6172", "pin", "8264"));
        assertThat(right.status()).as(right.detail()).isEqualTo(204);
        assertThat(AtBench.stranger().signIn(name, "8264").status()).isEqualTo(200);
        assertThat(AtBench.stranger().signIn(name, "6172").status()).isEqualTo(401);
    }

    /** Whoever found out the old PIN and is signed in elsewhere goes with it; here the work goes on. */
    @Test
    void aNewPinOfOnesOwnEndsWhatIsOpenElsewhere() {
        var here = AtBench.as(name, "6172");
        var elsewhere = AtBench.as(name, "6172");
        here.put("/api/people/me/pin", Map.of("current", "6172", "pin", "8264"));
        assertThat(me(elsewhere)).isEqualTo(401);
        assertThat(me(here)).isEqualTo(200);
    }

    /** What was signed under a name is never somebody else's, even when its bearer is called otherwise now. */
    @Test
    void aNameThatSomebodyBoreIsNobodyElses() {
        assertThat(keep(version(), name + " Sol", "MECHANIC", null).status()).isEqualTo(200);
        var other =
                lead.put(
                        "/api/people/" + UUID.randomUUID(),
                        Map.of("name", name, "role", "VIEWER", "pin", "8264"));
        assertThat(other.at("name")).contains("was, the name of somebody else here");
        assertThat(keep(version(), name, "MECHANIC", null).status())
                .as("its own bearer may be called so again")
                .isEqualTo(200);
    }

    /** Two leads who let each other go at the same moment: one of them stays. */
    @Test
    void twoLeadsDoNotLeaveTheShopWithoutOne() throws Exception {
        var app = RunningApp.onNewRecords("--yunque.demo=false");
        try {
            var first = AtBench.strangerAt(RunningApp.portOf(app));
            var shop = Map.of("name", "Bench", "system", "METRIC", "decimal", ".", "zone", "UTC");
            first.post("/api/begin/shop", Map.of("shop", shop, "lead", "Ana Sol", "pin", "8264"));
            first.signIn("Ana Sol", "8264");
            var second = AtBench.strangerAt(RunningApp.portOf(app));
            first.put(
                    "/api/people/" + UUID.randomUUID(),
                    Map.of("name", "Leo Mar", "role", "LEAD", "pin", "8265"));
            second.signIn("Leo Mar", "8265");
            var ana = first.idOf("Ana Sol");
            var leo = first.idOf("Leo Mar");
            var pool = Executors.newFixedThreadPool(2);
            var one =
                    pool.submit(
                            () -> first.post("/api/people/" + leo + "/leave?version=0", Map.of()));
            var two =
                    pool.submit(
                            () -> second.post("/api/people/" + ana + "/leave?version=0", Map.of()));
            one.get();
            two.get();
            pool.shutdown();
            assertThat(AtBench.strangerAt(RunningApp.portOf(app)).get("/api/sign-in/people").body())
                    .hasSize(1);
        } finally {
            app.close();
        }
    }

    @Test
    void aLeadSeesALockAndLiftsIt() {
        var stranger = AtBench.stranger();
        for (int i = 0; i < 5; i++) {
            stranger.signIn(name, "9999");
        }
        assertThat(seen().has("lockedUntil")).isTrue();
        assertThat(stranger.signIn(name, "6172").status()).isEqualTo(401);
        assertThat(lead.post("/api/people/" + id + "/unlock", Map.of()).status()).isEqualTo(200);
        assertThat(seen().has("lockedUntil")).isFalse();
        assertThat(stranger.signIn(name, "6172").status()).isEqualTo(200);
    }

    @Test
    void aPersonNeedsANameAndAPin() {
        assertThat(keep(version(), " ", "MECHANIC", null).at("name")).contains("1 to 60");
        assertThat(keep(version(), "x".repeat(61), "MECHANIC", null).at("name"))
                .contains("1 to 60");
        assertThat(keep(version(), "inés roldán", "MECHANIC", null).at("name"))
                .contains("inés roldán is, or was, the name of somebody else here");
        assertThat(
                        lead.put(
                                        "/api/people/" + UUID.randomUUID(),
                                        Map.of("name", "Somebody", "role", "MECHANIC"))
                                .at("pin"))
                .contains("A new person needs a PIN");
        assertThat(lead.post("/api/people/" + UUID.randomUUID() + "/unlock", Map.of()).status())
                .isEqualTo(404);
    }

    /** What one person typed is not kept under the name of the next who signs in on that device. */
    @Test
    void anEntryIsTakenFromItsAuthorOnly() {
        var mechanic = AtBench.mechanic();
        var own = mechanic.get("/api/sign-in/me").body().path("id").asString();
        var instrument = "/api/instruments/" + UUID.randomUUID();
        var card =
                Map.of(
                        "name", "Dial of " + name,
                        "kind", "DIAL",
                        "resolution", Map.of("text", "0.01", "unit", "mm"),
                        "maxError", Map.of("text", "0.01", "unit", "mm"),
                        "low", Map.of("text", "0", "unit", "mm"),
                        "high", Map.of("text", "10", "unit", "mm"));
        var refused = mechanic.writtenBy(id.toString()).put(instrument, card);
        assertThat(refused.status()).isEqualTo(401);
        assertThat(refused.detail())
                .isEqualTo(
                        "This was entered by somebody else than Tomás Vega, who has to sign in to send it.");
        assertThat(mechanic.writtenBy(null).get("/api/instruments").body().toString())
                .doesNotContain("Dial of " + name);
        assertThat(mechanic.writtenBy(own).get("/api/sign-in/me").status()).isEqualTo(200);
        assertThat(mechanic.writtenBy("nobody").get("/api/sign-in/me").status()).isEqualTo(401);
    }
}
