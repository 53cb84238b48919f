package app.yunque.server.parts;

import static app.yunque.server.parts.PartsOfJobTest.line;
import static app.yunque.server.parts.PartsOfJobTest.order;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import app.yunque.server.bench.Requests;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What goes in in the place of the maker's part, and what comes from stores and goes back there. */
@ExtendWith(RunningApp.class)
class AlternateAndStoresTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final UUID pin = UUID.randomUUID();
    private final UUID seal = UUID.randomUUID();
    private String job = "";
    private String parts = "";

    @BeforeEach
    void aUnitWithABill() {
        job = "/api/jobs/" + Requests.openedForStrip(mechanic);
        parts = job + "/parts/";
        mechanic.put(job + "/steps/" + pin, Requests.step("shear pin", "PIN", 1));
        mechanic.put(job + "/steps/" + seal, Requests.step("shaft seal", "SEAL", 1));
        var unit = mechanic.get(job).body().path("unit").path("id").asString();
        var kept =
                mechanic.put(
                        "/api/units/" + unit + "/bill",
                        Map.of(
                                "serial",
                                "SW-00412",
                                "lines",
                                List.of(
                                        line("3", "SP-6", 1, "shear pin"),
                                        line("4", "SW-1040", 1, "shaft seal")),
                                "replacements",
                                List.of(
                                        Map.of(
                                                "old",
                                                "SP-6",
                                                "by",
                                                List.of(Map.of("number", "SP-7", "quantity", 1)),
                                                "machines",
                                                Map.of("from", "", "to", "")))));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    }

    private static JsonNode only(JsonNode parts) {
        return parts.path("orders").get(0);
    }

    private JsonNode kept(UUID step, String name, String number, String known) {
        var line = order(null, step, name, number, 1, "WANTED");
        line.put("known", known);
        var kept = mechanic.put(parts + UUID.randomUUID(), line);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        var orders = kept.body().path("orders");
        return orders.get(orders.size() - 1);
    }

    @Test
    void theMakersNumberAndWhatReplacesItAreNoAlternate() {
        for (var number : List.of("SP-6", "SP-7")) {
            var line = kept(pin, "shear pin", number, null);
            assertThat(line.path("isAlternate").asBoolean()).as(number).isFalse();
            assertThat(line.path("mayFit").asBoolean()).isTrue();
        }
        var offTheBill = kept(null, "paint", "P-1", null);
        assertThat(offTheBill.path("isAlternate").asBoolean()).isFalse();
    }

    /** A pin that is known only by its sizes protects nothing; a seal known by all that matters goes in. */
    @Test
    void howWellItMustBeKnownGoesByWhatThePartDoes() {
        var unknown = kept(seal, "shaft seal", "X-1", null);
        assertThat(unknown.path("mayFit").asBoolean()).isFalse();
        assertThat(unknown.path("says").asString())
                .contains("X-1 is not the maker’s number for the shaft seal. Say how well");
        assertThat(kept(seal, "shaft seal", "X-2", "C").path("mayFit").asBoolean()).isTrue();
        assertThat(kept(seal, "shaft seal", "X-3", "D").path("mayFit").asBoolean()).isFalse();
        var pinned = kept(pin, "shear pin", "X-4", "C");
        assertThat(pinned.path("mayFit").asBoolean()).isFalse();
        assertThat(pinned.path("says").asString()).contains("B is asked at least");
        assertThat(kept(pin, "shear pin", "X-5", "B").path("mayFit").asBoolean()).isTrue();
        assertThat(kept(null, "grey putty", "X-6", "E").path("mayFit").asBoolean())
                .as("what belongs to no part counts as inside")
                .isFalse();
    }

    @Test
    void whatMayNotGoInIsNeitherOrderedNorTakenFromStores() {
        var id = UUID.randomUUID();
        mechanic.put(parts + id, order(null, seal, "shaft seal", "SW-1041", 1, "WANTED"));
        mechanic.post(job + "/parts/ask", Map.of());
        var ordered = order(1L, seal, "shaft seal", "SW-1041", 1, "ORDERED");
        assertThat(mechanic.put(parts + id, ordered).at("known")).contains("Say how well");
        assertThat(mechanic.post(parts + id + "/from-stores?version=1", Map.of()).at("known"))
                .contains("Say how well");
        ordered.put("known", "E");
        assertThat(mechanic.put(parts + id, ordered).at("known")).contains("C is asked at least");
        ordered.put("known", "B");
        var placed = mechanic.put(parts + id, ordered);
        assertThat(placed.status()).as(placed.detail()).isEqualTo(200);
    }

    /** What may not go in is not proposed to be bought either, singly or in a kit. */
    @Test
    void whatMayNotGoInIsNotProposed() {
        var id = UUID.randomUUID();
        var line = order(null, seal, "shaft seal", "SW-1041", 1, "WANTED");
        mechanic.put(parts + id, line);
        var asked = mechanic.post(job + "/parts/ask", Map.of()).body();
        assertThat(only(asked).path("quote").path("priceCents").asLong()).isEqualTo(180);
        assertThat(asked.path("choice").isMissingNode()).isTrue();
        assertThat(mechanic.post(job + "/parts/take-choice", Map.of()).at("choice"))
                .contains("Ask the supplier first");
        line.put("version", 1);
        line.put("known", "A");
        var known = mechanic.put(parts + id, line).body();
        assertThat(known.path("choice").path("totalCents").asLong()).isEqualTo(180);
        assertThat(known.path("grades").get(2).path("words").asString())
                .isEqualTo("all key sizes measured, material and hardness known");
    }

    @Test
    void whatIsKnownOfOneNumberSaysNothingOfAnother() {
        var id = UUID.randomUUID();
        var line = order(null, seal, "shaft seal", "X-1", 1, "WANTED");
        line.put("known", "B");
        mechanic.put(parts + id, line);
        line.put("version", 0);
        line.put("number", "X-2");
        var other = only(mechanic.put(parts + id, line).body());
        assertThat(other.path("given").path("known").isMissingNode()).isTrue();
        assertThat(other.path("mayFit").asBoolean()).isFalse();
    }

    @Test
    void aSpareIsReservedTakenAndOrderedAgain() {
        var spare = "/api/spares/" + UUID.randomUUID();
        var card = new HashMap<String, Object>();
        card.put("name", "fuse gear");
        card.put("number", "fuse-" + UUID.randomUUID().toString().substring(0, 8));
        card.put("place", "drawer F3");
        card.put("onShelf", 2);
        card.put("perYear", 1.8);
        card.put("leadDays", 365);
        card.put("levelPercent", 95);
        card.put("eachCents", -1);
        assertThat(mechanic.put(spare, card).at("eachCents")).contains("Price of one −1");
        card.put("eachCents", 1850);
        var kept = mechanic.put(spare, card);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        var number = card.get("number").toString();
        assertThat(mechanic.put("/api/spares/" + UUID.randomUUID(), card).at("number"))
                .contains("lies in drawer F3 already");
        var gear = UUID.randomUUID();
        mechanic.put(parts + gear, order(null, null, "fuse gear", number, 3, "WANTED"));
        assertThat(of(number).path("reserved").asInt()).isEqualTo(3);
        assertThat(of(number).path("reorder").path("order").asInt())
                .as("hold 4 and a quarter of the year, less what is free")
                .isEqualTo(6);
        assertThat(
                        only(mechanic.get(job + "/parts").body())
                                .path("inStores")
                                .path("pieces")
                                .asInt())
                .isEqualTo(2);
        var take = parts + gear + "/from-stores?version=";
        assertThat(mechanic.post(take + 0, Map.of()).at("quantity"))
                .contains(
                        "2 of "
                                + number.toUpperCase(java.util.Locale.ROOT)
                                + " lie in drawer F3; 3 are wanted");
        mechanic.put(parts + gear, order(0L, null, "fuse gear", number, 2, "WANTED"));
        var taken = mechanic.post(take + 1, Map.of());
        assertThat(taken.status()).as(taken.detail()).isEqualTo(200);
        assertThat(only(taken.body()).path("given").path("state").asString()).isEqualTo("RECEIVED");
        assertThat(only(taken.body()).path("given").path("remark").asString())
                .isEqualTo("from stores, drawer F3");
        assertThat(only(taken.body()).path("lineCents").asLong())
                .as("as the shop paid for it")
                .isEqualTo(3_700);
        assertThat(taken.body().path("cost").path("actualCents").asLong()).isEqualTo(3_700);
        assertThat(
                        mechanic.put(
                                        parts + gear,
                                        order(2L, null, "fuse gear", number, 2, "ORDERED"))
                                .at("state"))
                .contains("was taken from stores and is here");
        assertThat(
                        new String(
                                mechanic.get(job + "/report").bytes(),
                                java.nio.charset.StandardCharsets.UTF_8))
                .contains(
                        "2 × fuse gear, number "
                                + number.toUpperCase(java.util.Locale.ROOT)
                                + ", from stores");
        assertThat(of(number).path("given").path("onShelf").asInt()).isZero();
        assertThat(mechanic.post(take + 2, Map.of()).at("state"))
                .contains("is not taken from stores");

        // It was the wrong drawer: it lies there again, and the job wants it still.
        var back = parts + gear + "/back-to-stores?version=";
        var put = mechanic.post(back + 2, Map.of());
        assertThat(put.status()).as(put.detail()).isEqualTo(200);
        assertThat(only(put.body()).path("given").path("state").asString()).isEqualTo("WANTED");
        assertThat(only(put.body()).path("isFromStores").asBoolean()).isFalse();
        assertThat(only(put.body()).path("given").path("remark").asString()).isEmpty();
        assertThat(put.body().path("cost").path("actualCents").asLong()).isZero();
        assertThat(of(number).path("given").path("onShelf").asInt()).isEqualTo(2);
        assertThat(mechanic.post(back + 3, Map.of()).at("state"))
                .contains("was not taken from stores");
        assertThat(mechanic.post(back + 2, Map.of()).status()).isEqualTo(409);
        assertThat(mechanic.post(take + 3, Map.of()).status()).isEqualTo(200);
        mechanic.delete(spare + "?version=" + of(number).path("given").path("version").asLong());
        assertThat(mechanic.post(back + 4, Map.of()).at("number"))
                .contains("is not held in stores any more");
    }

    private JsonNode of(String number) {
        return mechanic.get("/api/spares")
                .body()
                .valueStream()
                .filter(s -> s.path("given").path("number").asString().equalsIgnoreCase(number))
                .findFirst()
                .orElseThrow();
    }
}
