package app.yunque.server.begin;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import app.yunque.server.bench.Requests;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.context.ConfigurableApplicationContext;

/** A shop of one's own, begun in new records: it happens once, so the order of these tests is its story. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class BeginTest {
    private static ConfigurableApplicationContext app;

    @BeforeAll
    static void newRecords() throws Exception {
        app = RunningApp.onNewRecords("--yunque.demo=false");
    }

    @AfterAll
    static void closed() {
        app.close();
    }

    private static AtBench stranger() {
        return AtBench.strangerAt(RunningApp.portOf(app));
    }

    private static Map<String, Object> shop(String name, String zone) {
        return new HashMap<>(Map.of("name", name, "system", "INCH", "decimal", ",", "zone", zone));
    }

    private static Map<String, Object> own(Map<String, Object> shop, String lead, String pin) {
        return Map.of("shop", shop, "lead", lead, "pin", pin);
    }

    @Test
    @Order(1)
    void nobodyIsThereYetAndNothingIsOpen() {
        var begun = stranger().get("/api/begin");
        assertThat(begun.body().path("kind").asString()).isEqualTo("NEW");
        assertThat(begun.body().has("shop")).isFalse();
        assertThat(stranger().get("/api/sign-in/people").body()).isEmpty();
        assertThat(stranger().get("/api/units").status()).isEqualTo(401);
        assertThat(stranger().put("/api/shop", shop("Mine", "UTC")).status()).isEqualTo(401);
    }

    @Test
    @Order(2)
    void whatIsNotRightBeginsNothing() {
        var faults =
                Map.of(
                        "pin: 1234", own(shop("Bench", "Europe/Madrid"), "Ana Sol", "1234"),
                        "pin: 7777", own(shop("Bench", "Europe/Madrid"), "Ana Sol", "7777"),
                        "pin: 397", own(shop("Bench", "Europe/Madrid"), "Ana Sol", "397"),
                        "name: lead", own(shop("Bench", "Europe/Madrid"), " ", "8264"),
                        "name: shop", own(shop(" ", "Europe/Madrid"), "Ana Sol", "8264"),
                        "zone: x", own(shop("Bench", "Salt/Works"), "Ana Sol", "8264"));
        faults.forEach(
                (field, request) -> {
                    var refused = stranger().post("/api/begin/shop", request);
                    assertThat(refused.status()).as(field).isEqualTo(422);
                    assertThat(refused.at(field.replaceAll(":.*", ""))).as(field).isNotEmpty();
                });
        var decimal = shop("Bench", "UTC");
        decimal.put("decimal", "'");
        assertThat(
                        stranger()
                                .post("/api/begin/shop", own(decimal, "Ana Sol", "8264"))
                                .at("decimal"))
                .contains("a point or a comma");
        assertThat(stranger().get("/api/begin").body().path("kind").asString()).isEqualTo("NEW");
        assertThat(stranger().get("/api/sign-in/people").body()).isEmpty();
    }

    /** Two who begin at the same moment: one shop comes of it. */
    @Test
    @Order(3)
    void oneShopBegins() throws Exception {
        var one = stranger();
        var two = stranger();
        Callable<Integer> first =
                () ->
                        one.post(
                                        "/api/begin/shop",
                                        own(shop("Bench", "Europe/Madrid"), "Ana Sol", "8264"))
                                .status();
        Callable<Integer> second = () -> two.post("/api/begin/demo", Map.of()).status();
        var pool = Executors.newFixedThreadPool(2);
        try {
            var answers = pool.invokeAll(List.of(first, first));
            assertThat(List.of(answers.get(0).get(), answers.get(1).get()))
                    .containsExactlyInAnyOrder(200, 403);
        } finally {
            pool.shutdown();
        }
        assertThat(second.call()).as("no demo comes into a shop's records").isEqualTo(403);
        var begun = stranger().get("/api/begin").body();
        assertThat(begun.path("kind").asString()).isEqualTo("SHOP");
        assertThat(begun.path("shop").path("name").asString()).isEqualTo("Bench");
        assertThat(begun.path("shop").path("system").asString()).isEqualTo("INCH");
        assertThat(begun.path("shop").path("decimal").asString()).isEqualTo(",");
    }

    @Test
    @Order(4)
    void theFirstLeadIsReadyToWork() {
        var lead = stranger();
        assertThat(lead.signIn("Ana Sol", "8264").status()).isEqualTo(200);
        assertThat(lead.get("/api/units").body()).isEmpty();
        assertThat(lead.get("/api/lubricants").body()).isEmpty();
        var added =
                lead.put(
                        "/api/people/" + UUID.randomUUID(),
                        Map.of(
                                "name",
                                "Leo Mar",
                                "role",
                                "MECHANIC",
                                "pin",
                                "oil can, left shelf"));
        assertThat(added.status()).as(added.detail()).isEqualTo(200);
        assertThat(stranger().signIn("Leo Mar", "oil can, left shelf").status()).isEqualTo(200);
    }

    /** What stands on every paper is a lead's to change; papers tell the time of the shop. */
    @Test
    @Order(5)
    void theShopIsCalledAndToldItsTimeAsItSays() {
        var lead = stranger();
        lead.signIn("Ana Sol", "8264");
        var settings = shop("Bench & Sons", "America/Caracas");
        settings.put("version", 0);
        assertThat(lead.put("/api/shop", settings).status()).isEqualTo(200);
        assertThat(lead.put("/api/shop", settings).status()).as("a stale version").isEqualTo(409);
        var mechanic = stranger();
        mechanic.signIn("Leo Mar", "oil can, left shelf");
        settings.put("version", 1);
        assertThat(mechanic.put("/api/shop", settings).status()).isEqualTo(403);

        var unit =
                Map.of(
                        "id", UUID.randomUUID(),
                        "tag", "A-1",
                        "name", "Winch",
                        "kind", "planetary winch",
                        "duty", "LIFTING",
                        "underWarranty", false,
                        "stages", List.of());
        assertThat(lead.post("/api/units", unit).status()).isEqualTo(200);
        var job =
                lead.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit.get("id"),
                                "complaint",
                                "Growls"));
        long number = job.body().path("job").path("number").asLong();
        assertThat(number).as("a shop's own first job").isEqualTo(1);
        var signed = lead.post("/api/jobs/1/sign", Requests.allTheSame("not opened"));
        assertThat(signed.status()).as(signed.detail()).isEqualTo(200);
        assertThat(new String(lead.get("/api/jobs/1/report").bytes()))
                .contains("Bench &amp; Sons", "VET")
                .doesNotContain("UTC");
    }
}
