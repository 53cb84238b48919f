package app.yunque.server.launcher;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/** Runs the launcher as a user would, or one of its functions, in a folder of its own. */
final class Launcher {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final int PATIENCE_MINUTES = 3;

    private static final String PARTS =
            """
            set -Eeuo pipefail
            root='%s'
            cd "$root"
            for part in words machine postgres records care lan server tests; do . "launcher/$part.sh"; done
            trap 'unforeseen $? "$BASH_COMMAND"' ERR
            pg_bin=$(postgres_bin)
            """
                    .formatted(ROOT);

    private final Path home;

    Launcher(Path home) {
        this.home = home;
    }

    /**
     * What came of a call.
     *
     * @param status exit status
     * @param said   everything it wrote
     */
    record Outcome(int status, String said) {}

    /** {@code ./yunque} with these arguments. */
    Outcome yunque(String... arguments) {
        var command = new String[arguments.length + 1];
        command[0] = ROOT.resolve("yunque").toString();
        System.arraycopy(arguments, 0, command, 1, arguments.length);
        return run(command);
    }

    /** A script that may call every function of the launcher. */
    Outcome script(String script) {
        return run("bash", "-c", PARTS + script);
    }

    private Outcome run(String... command) {
        try {
            // To a file: a PostgreSQL that is started keeps a pipe open.
            var said = Files.createTempFile("launcher", ".out");
            var builder =
                    new ProcessBuilder(command)
                            .redirectErrorStream(true)
                            .redirectOutput(said.toFile())
                            .redirectInput(Path.of("/dev/null").toFile());
            var environment = builder.environment();
            environment.keySet().removeIf(name -> name.startsWith("YUNQUE_"));
            environment.putAll(Map.of("YUNQUE_HOME", home.toString()));
            var process = builder.start();
            if (!process.waitFor(PATIENCE_MINUTES, TimeUnit.MINUTES)) {
                process.destroyForcibly();
                throw new IllegalStateException(
                        "Still at work: " + String.join(" ", command) + "\n" + read(said));
            }
            return new Outcome(process.exitValue(), read(said));
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private static String read(Path file) throws IOException {
        return Files.readString(file, StandardCharsets.UTF_8);
    }
}
