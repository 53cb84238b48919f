package app.yunque.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A few rounds of the long runs that stand in {@code bench}: ended with -9 while people write, and nonsense at every address. */
class EnduranceTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final int PATIENCE_MINUTES = 8;

    @TempDir Path place;

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource({
        "kills, 2, '0 lost, 0 doubled'",
        "hostile, 200, '0 faults of the app; after it well'"
    })
    void aFewRounds(String mode, String times, String told) throws Exception {
        var said = place.resolve("said");
        var builder =
                new ProcessBuilder(
                                "node", ROOT.resolve("bench/endurance.mjs").toString(), mode, times)
                        .redirectErrorStream(true)
                        .redirectOutput(said.toFile())
                        .redirectInput(Path.of("/dev/null").toFile());
        builder.environment().keySet().removeIf(name -> name.startsWith("YUNQUE_"));
        var process = builder.start();
        assertThat(process.waitFor(PATIENCE_MINUTES, TimeUnit.MINUTES)).isTrue();
        assertThat(Files.readString(said)).contains(told);
        assertThat(process.exitValue()).isZero();
    }
}
