package app.yunque.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningApp.class)
class ApiDescriptionTest {
    private static final Path COMMITTED = Path.of("../web/openapi.json");
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    /** Renew with ./yunque test -Dyunque.api.write=true, then npm run api in web. */
    @Test
    void theDescriptionTheScreensAreTypedAgainstIsNotStale() throws IOException {
        var served = AtBench.lead().get("/api/openapi").body();
        if (Boolean.getBoolean("yunque.api.write")) {
            Files.writeString(COMMITTED, JSON.writeValueAsString(served) + "\n");
        }
        assertThat(JSON.readTree(Files.readString(COMMITTED)))
                .as("web/openapi.json against the running server")
                .isEqualTo(served);
    }

    @Test
    void takesUnitsAndRangesFromTheCore() {
        var teeth =
                AtBench.lead()
                        .get("/api/openapi")
                        .body()
                        .path("components")
                        .path("schemas")
                        .path("GearInput")
                        .path("properties")
                        .path("normalModuleMm");
        assertThat(teeth.path("description").asString()).isEqualTo("normal module, 0.1 to 100 mm");
        assertThat(teeth.path("maximum").asDouble()).isEqualTo(100);
    }
}
