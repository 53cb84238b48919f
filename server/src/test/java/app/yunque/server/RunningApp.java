package app.yunque.server;

import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Boots the real application once for all tests, on a random port and a database of its own in the cluster that
 * {@code ./yunque test} starts.
 */
public final class RunningApp implements BeforeAllCallback {
    private static ConfigurableApplicationContext context;

    @Override
    public void beforeAll(ExtensionContext test) throws SQLException {
        start();
    }

    static synchronized void start() throws SQLException {
        if (context == null) {
            context = onNewRecords();
        }
    }

    /** An app of its own on new records, for what can be tried only once; the test closes it. */
    public static ConfigurableApplicationContext onNewRecords(String... settings)
            throws SQLException {
        var cluster = System.getenv("YUNQUE_TEST_DB");
        if (cluster == null) {
            throw new IllegalStateException("No test database: run the tests with ./yunque test");
        }
        return onNewRecordsIn(cluster, System.getenv("YUNQUE_TEST_DB_PASSWORD"), settings);
    }

    /**
     * The same in a cluster of the test's own.
     *
     * @param cluster address of it, up to the name of a database
     */
    public static ConfigurableApplicationContext onNewRecordsIn(
            String cluster, String password, String... settings) throws SQLException {
        var database = "server_" + UUID.randomUUID().toString().substring(0, 8);
        try (var connection =
                        DriverManager.getConnection(cluster + "postgres", "yunque", password);
                var statement = connection.createStatement()) {
            statement.execute("create database " + database);
        }
        return on(cluster + database, password, settings);
    }

    /** An app on a database that is there; the test closes it. */
    public static ConfigurableApplicationContext on(
            String database, String password, String... settings) {
        var all =
                new ArrayList<>(
                        List.of(
                                "--server.port=0",
                                "--spring.datasource.url=" + database,
                                "--spring.datasource.username=yunque",
                                "--spring.datasource.password=" + password));
        all.addAll(List.of(settings));
        return SpringApplication.run(YunqueApplication.class, all.toArray(String[]::new));
    }

    public static int portOf(ConfigurableApplicationContext app) {
        return ((ServletWebServerApplicationContext) app).getWebServer().getPort();
    }

    public static int port() {
        return portOf(context);
    }

    public static <T> T bean(Class<T> type) {
        return context.getBean(type);
    }
}
