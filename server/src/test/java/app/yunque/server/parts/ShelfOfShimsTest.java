package app.yunque.server.parts;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class ShelfOfShimsTest {
    private static final String SHELF = "/api/shims/";
    private final AtBench mechanic = AtBench.mechanic();
    private final String fits = "cover " + UUID.randomUUID();

    private Map<String, Object> shim(String thickness, String unit, int pieces) {
        var shim = new HashMap<String, Object>();
        shim.put("name", fits);
        shim.put("thickness", Map.of("text", thickness, "unit", unit));
        shim.put("pieces", pieces);
        shim.put("place", "drawer S2");
        return shim;
    }

    private JsonNode kept(UUID id) {
        for (var shim : mechanic.get("/api/shims").body()) {
            if (shim.path("id").asString().equals(id.toString())) {
                return shim;
            }
        }
        throw new AssertionError("not on the shelf");
    }

    @Test
    void asItWasMeasuredAndCountedThinnestFirst() {
        var thick = UUID.randomUUID();
        var thin = UUID.randomUUID();
        assertThat(mechanic.put(SHELF + thick, shim("0,25", "mm", 3)).status()).isEqualTo(200);
        var shelf = mechanic.put(SHELF + thin, shim("2", "thou", 8)).body();
        assertThat(kept(thick).path("thicknessUm").asInt()).isEqualTo(250);
        assertThat(kept(thin).path("thicknessUm").asInt()).as("50.8 µm").isEqualTo(51);
        assertThat(kept(thin).at("/given/thickness/text").asString()).isEqualTo("2");
        int place = -1;
        for (int i = 0; i < shelf.size(); i++) {
            if (shelf.get(i).path("id").asString().equals(thin.toString())) {
                place = i;
            }
        }
        assertThat(shelf.get(place + 1).path("id").asString()).isEqualTo(thick.toString());
    }

    @Test
    void theSameThicknessHasOneCard() {
        mechanic.put(SHELF + UUID.randomUUID(), shim("0.25", "mm", 3));
        assertThat(mechanic.put(SHELF + UUID.randomUUID(), shim("250", "µm", 1)).at("thickness"))
                .contains("Shims of 250 µm for " + fits)
                .contains("drawer S2");
    }

    @Test
    void whatCannotBeIsRefusedAtItsField() {
        var id = UUID.randomUUID();
        assertThat(mechanic.put(SHELF + id, shim("0", "mm", 3)).at("thickness")).isNotBlank();
        assertThat(mechanic.put(SHELF + id, shim("25", "mm", 3)).at("thickness"))
                .contains("0.001 to 20 mm");
        assertThat(mechanic.put(SHELF + id, shim("0.25", "mm", -1)).at("pieces")).isNotBlank();
        assertThat(mechanic.put(SHELF + id, shim("thin", "mm", 1)).at("thickness"))
                .contains("is not a number");
        var nameless = shim("0.25", "mm", 1);
        nameless.put("name", " ");
        assertThat(mechanic.put(SHELF + id, nameless).at("name")).isNotBlank();
        assertThat(mechanic.get("/api/shims").body().toString()).doesNotContain(fits);
    }

    @Test
    void twoPeopleAtOneCardAndOneThatIsPutAway() {
        var id = UUID.randomUUID();
        mechanic.put(SHELF + id, shim("0.25", "mm", 3));
        var next = shim("0.25", "mm", 2);
        next.put("version", kept(id).at("/given/version").asLong());
        assertThat(mechanic.put(SHELF + id, next).status()).isEqualTo(200);
        assertThat(mechanic.put(SHELF + id, next).status()).as("an older card").isEqualTo(409);
        assertThat(kept(id).at("/given/pieces").asInt()).isEqualTo(2);
        long version = kept(id).at("/given/version").asLong();
        mechanic.delete(SHELF + id + "?version=" + version);
        assertThat(mechanic.get("/api/shims").body().toString()).doesNotContain(fits);
        assertThat(mechanic.put(SHELF + UUID.randomUUID(), shim("0.25", "mm", 1)).status())
                .as("its thickness is free again")
                .isEqualTo(200);
    }
}
