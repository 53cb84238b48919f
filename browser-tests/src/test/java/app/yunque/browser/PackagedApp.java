package app.yunque.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Starts the packaged jar once for all tests, on a database of its own, and a headless Chromium beside it. */
public final class PackagedApp implements BeforeAllCallback {
    private static final int START_SECONDS = 300;
    private static final double PATIENCE_MS = 20_000;

    private static int port;
    private static Browser browser;

    @Override
    public void beforeAll(ExtensionContext test) throws Exception {
        start();
    }

    static String address(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    static Browser browser() {
        return browser;
    }

    private static synchronized void start() throws Exception {
        if (browser != null) {
            return;
        }
        bePatient();
        port = onNewRecords(true);
        var playwright = Playwright.create();
        browser = playwright.chromium().launch(chromium());
    }

    /** How soon is no matter for a test: a busy machine gets the time it needs. */
    static void bePatient() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    static BrowserType.LaunchOptions chromium() {
        return new BrowserType.LaunchOptions()
                .setExecutablePath(Path.of("/usr/bin/chromium"))
                .setArgs(
                        List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--no-first-run"));
    }

    /** The app on records of its own, with the demo or without; the port it answers at. It ends with the tests. */
    static int onNewRecords(boolean demo) throws Exception {
        var cluster = System.getenv("YUNQUE_TEST_DB");
        if (cluster == null) {
            throw new IllegalStateException("No test database: run the tests with ./yunque test");
        }
        var password = System.getenv("YUNQUE_TEST_DB_PASSWORD");
        var database = "browser_" + UUID.randomUUID().toString().substring(0, 8);
        try (var connection =
                        DriverManager.getConnection(cluster + "postgres", "yunque", password);
                var statement = connection.createStatement()) {
            statement.execute("create database " + database);
        }
        int free;
        try (var socket = new ServerSocket(0)) {
            free = socket.getLocalPort();
        }
        Files.createDirectories(Path.of("target"));
        var builder =
                new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx256m",
                        "-XX:+UseSerialGC",
                        "-XX:TieredStopAtLevel=1",
                        "-jar",
                        "../server/target/yunque-app.jar");
        builder.environment().put("YUNQUE_PORT", Integer.toString(free));
        builder.environment().put("YUNQUE_DB_URL", cluster + database);
        builder.environment().put("YUNQUE_DB_USER", "yunque");
        builder.environment().put("YUNQUE_DB_PASSWORD", password);
        builder.environment().put("YUNQUE_DEMO", Boolean.toString(demo));
        builder.redirectErrorStream(true);
        builder.redirectOutput(Path.of("target/server-%d.log".formatted(free)).toFile());
        var process = builder.start();
        Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
        awaitReady(process, free);
        return free;
    }

    private static void awaitReady(Process process, int at) throws InterruptedException {
        for (int half = 0; half < 2 * START_SECONDS; half++) {
            if (!process.isAlive()) {
                throw new IllegalStateException(
                        "The server ended; see browser-tests/target/server-*.log");
            }
            if (isReady(at)) {
                return;
            }
            Thread.sleep(500);
        }
        throw new IllegalStateException(
                "The server did not get ready; see browser-tests/target/server-*.log");
    }

    private static boolean isReady(int at) {
        try {
            var url = URI.create("http://127.0.0.1:" + at + "/actuator/health/readiness").toURL();
            return ((HttpURLConnection) url.openConnection()).getResponseCode() == 200;
        } catch (IOException notYet) {
            return false;
        }
    }
}
