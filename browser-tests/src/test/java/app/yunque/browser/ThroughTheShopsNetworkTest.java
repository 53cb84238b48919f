package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The shop's network as a shop begins it, {@code ./yunque start --lan}, with another number of loopback in its place: a tablet that took
 * the certificate of the shop's own authority works by TLS, one that did not is stopped by its browser.
 */
class ThroughTheShopsNetworkTest {
    private static final String TABLETS_ASK_FOR = "127.0.0.2";
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final int PATIENCE_MINUTES = 6;

    @TempDir static Path place;
    private static Playwright playwright;
    private static int port;

    /** The launcher as a script that may call its functions. */
    private static String parts = "";

    @BeforeAll
    static void served() throws Exception {
        port = freePort();
        parts =
                "for part in words machine postgres; do . '%s/launcher/'$part.sh; done; state='%s';"
                        .formatted(ROOT, place.resolve("home"));
        yunque("start", "--detach", "--demo", "--lan=" + TABLETS_ASK_FOR);
        var trusted = Files.createDirectories(place.resolve("tablet/.pki/nssdb"));
        run(Map.of(), "certutil", "-N", "-d", "sql:" + trusted, "--empty-password");
        run(
                Map.of(),
                "certutil",
                "-A",
                "-d",
                "sql:" + trusted,
                "-n",
                "the shop",
                "-t",
                "C,,",
                "-i",
                place.resolve("home/authority.crt").toString());
        PackagedApp.bePatient();
        playwright = Playwright.create();
    }

    @AfterAll
    static void closed() throws Exception {
        if (playwright != null) {
            playwright.close();
        }
        yunque("stop");
        run(Map.of(), "bash", "-c", parts + " as_postgres rm -rf \"$(cluster_place)\"");
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static void yunque(String... words) throws Exception {
        var command = new String[words.length + 1];
        command[0] = ROOT.resolve("yunque").toString();
        System.arraycopy(words, 0, command, 1, words.length);
        run(
                Map.of(
                        "YUNQUE_HOME", place.resolve("home").toString(),
                        "YUNQUE_PORT", Integer.toString(freePort()),
                        "YUNQUE_LAN_PORT", Integer.toString(port)),
                command);
    }

    /** Runs a program to its end; what it said goes into the failure where it fails. */
    private static void run(Map<String, String> settings, String... command) throws Exception {
        var said = place.resolve("said");
        // To a file: a PostgreSQL that is started keeps a pipe open.
        var builder =
                new ProcessBuilder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(said.toFile())
                        .redirectInput(Path.of("/dev/null").toFile());
        builder.environment().keySet().removeIf(name -> name.startsWith("YUNQUE_"));
        builder.environment().putAll(settings);
        var process = builder.start();
        assertThat(process.waitFor(PATIENCE_MINUTES, TimeUnit.MINUTES)).isTrue();
        assertThat(process.exitValue()).as(Files.readString(said)).isZero();
    }

    /** A browser whose home holds what that device trusts. */
    private static Browser tablet(Path home) {
        return playwright
                .chromium()
                .launch(PackagedApp.chromium().setEnv(Map.of("HOME", home.toString())));
    }

    private static String secure(String path) {
        return "https://%s:%d%s".formatted(TABLETS_ASK_FOR, port, path);
    }

    @Test
    void aTabletThatTookTheCertificateWorksByTls() {
        try (var browser = tablet(place.resolve("tablet"));
                var tablet = new Mechanic(browser, 1024, 768, secure("/"))) {
            tablet.signIn("Tomás Vega", "1470");
            assertThat(tablet.page.evaluate("window.isSecureContext"))
                    .as("without it no tablet keeps entries while the line is down")
                    .isEqualTo(true);
            tablet.page.waitForFunction("navigator.serviceWorker.ready.then(r => !!r.active)");
            tablet.page
                    .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shop"))
                    .click();
            assertThat(tablet.text("computer, this one")).isVisible();
        }
    }

    @Test
    void oneThatDidNotIsStoppedAndFindsTheWay() throws Exception {
        var strange = Files.createDirectories(place.resolve("strange"));
        try (var browser = tablet(strange)) {
            var stopped = browser.newPage();
            assertThatThrownBy(() -> stopped.navigate(secure("/")))
                    .isInstanceOf(PlaywrightException.class)
                    .hasMessageContaining("ERR_CERT_AUTHORITY_INVALID");
            var page = browser.newPage();
            page.navigate("http://%s:%d/certificate".formatted(TABLETS_ASK_FOR, port + 1));
            assertThat(page.getByRole(AriaRole.LINK).first()).isVisible();
            var download =
                    page.waitForDownload(() -> page.getByRole(AriaRole.LINK).first().click());
            assertThat(Files.readString(download.path()))
                    .as("the certificate of the shop's own authority")
                    .isEqualTo(Files.readString(place.resolve("home/authority.crt")));
        }
    }

    /** A database that is there and does not answer: the screen says so, keeps what is typed, and goes on by itself. */
    @Test
    void aFrozenDatabaseIsToldAndNothingTypedIsLost() throws Exception {
        try (var browser = tablet(place.resolve("tablet"));
                var tablet = new Mechanic(browser, 1280, 800, secure("/"))) {
            tablet.signIn("Tomás Vega", "1470");
            tablet.page.navigate(secure("/jobs/4/strip"));
            var line = tablet.page.getByLabel("Quick line: type what comes off");
            line.fill("2 frozen washers, tray Z");
            database("STOP");
            try {
                line.press("Enter");
                assertThat(tablet.text("the server lets it wait…")).isVisible();
            } finally {
                database("CONT");
            }
            assertThat(logged(tablet)).isVisible();
            assertThat(tablet.text("the server lets it wait…")).hasCount(0);
            tablet.page.reload();
            assertThat(logged(tablet)).isVisible();
        }
    }

    private static Locator logged(Mechanic tablet) {
        return tablet.page
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("frozen washers"))
                .first();
    }

    /** Every process of the shop's own PostgreSQL. */
    private static void database(String signal) throws Exception {
        run(
                Map.of(),
                "bash",
                "-c",
                "%s head=$(as_postgres head -1 \"$(cluster_place)/data/postmaster.pid\"); kill -%s $head $(pgrep -P $head)"
                        .formatted(parts, signal));
    }
}
