package app.yunque.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Devices that know somebody: looked through, forgotten, and what is open on them ended (OWASP ASVS 4, 3.3.4). */
@ExtendWith(RunningApp.class)
class OwnDevicesTest {
    private static final String LIST = "/api/people/me/devices";

    private static JsonNode thisOne(AtBench bench) {
        return bench.get(LIST)
                .body()
                .valueStream()
                .filter(d -> d.path("isThis").asBoolean())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aLostDeviceIsForgottenAndWhatIsOpenOnItEnds() {
        var atTheDesk = AtBench.mechanic();
        var lost = AtBench.mechanic();
        assertThat(
                        atTheDesk
                                .get(LIST)
                                .body()
                                .valueStream()
                                .filter(d -> d.path("isThis").asBoolean()))
                .hasSize(1);
        assertThat(thisOne(lost).path("seenFrom").asString()).isEqualTo("127.0.0.1");
        assertThat(thisOne(lost).path("isHandHeld").asBoolean()).isFalse();
        var id = thisOne(lost).path("id").asString();
        var left = atTheDesk.post(LIST + "/" + id + "/forget", Map.of());
        assertThat(left.status()).as(left.detail()).isEqualTo(200);
        assertThat(left.body().valueStream().map(d -> d.path("id").asString())).doesNotContain(id);
        assertThat(lost.get("/api/jobs/4").status()).as("what was open on it").isEqualTo(401);
        assertThat(atTheDesk.get("/api/jobs/4").status()).isEqualTo(200);
        assertThat(atTheDesk.post(LIST + "/" + id + "/forget", Map.of()).status()).isEqualTo(404);
    }

    @Test
    void nobodyForgetsSomebodyElsesAndNotWithoutThePin() {
        var lead = AtBench.lead();
        var mechanic = AtBench.mechanic();
        var id = thisOne(mechanic).path("id").asString();
        assertThat(lead.post(LIST + "/" + id + "/forget", Map.of()).status()).isEqualTo(404);
        var bare = mechanic.withoutPin();
        assertThat(bare.post(LIST + "/none/forget", Map.of()).status())
                .as("no PIN is typed in vain")
                .isEqualTo(404);
        assertThat(bare.post(LIST + "/" + id + "/forget", Map.of()).status()).isEqualTo(428);
        assertThat(mechanic.get("/api/jobs/4").status()).isEqualTo(200);
    }

    @Test
    void whoOnlyLooksForgetsTheOwnToo() {
        var viewer = AtBench.as("Visitor", "1234");
        var id = thisOne(viewer).path("id").asString();
        var left = viewer.post(LIST + "/" + id + "/forget", Map.of());
        assertThat(left.status()).as(left.detail()).isEqualTo(200);
        assertThat(left.body().valueStream().map(d -> d.path("id").asString())).doesNotContain(id);
        assertThat(viewer.get("/api/jobs/4").status()).as("signs out by itself").isEqualTo(200);
    }
}
