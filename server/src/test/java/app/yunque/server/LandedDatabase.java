package app.yunque.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.flywaydb.core.Flyway;

/** A database as a landed version left it, to be carried to the present one by the migrations that ship. */
public final class LandedDatabase {
    private final String database = "landed_" + UUID.randomUUID().toString().substring(0, 8);

    private static Connection connect(String name) throws SQLException {
        return DriverManager.getConnection(
                System.getenv("YUNQUE_TEST_DB") + name,
                "yunque",
                System.getenv("YUNQUE_TEST_DB_PASSWORD"));
    }

    /** Carries the records to a later version. */
    public void migrate(String to) {
        Flyway.configure()
                .dataSource(
                        System.getenv("YUNQUE_TEST_DB") + database,
                        "yunque",
                        System.getenv("YUNQUE_TEST_DB_PASSWORD"))
                .locations("classpath:db/migration")
                .target(to)
                .load()
                .migrate();
    }

    /** A database as one landed version made it. */
    public Connection of(int version) throws SQLException {
        try (var cluster = connect("postgres");
                var statement = cluster.createStatement()) {
            statement.execute("create database " + database);
        }
        migrate(String.valueOf(version));
        return connect(database);
    }

    /** A row with what matters; every other column that must not be empty gets the emptiest value of its type. */
    public static void insert(Connection sql, String table, Map<String, Object> given)
            throws SQLException {
        var row = new HashMap<>(given);
        try (var columns =
                sql.createStatement()
                        .executeQuery(
                                "select column_name, data_type from information_schema.columns where table_name = '"
                                        + table
                                        + "' and is_nullable = 'NO' and column_default is null and is_identity = 'NO'")) {
            while (columns.next()) {
                row.putIfAbsent(columns.getString(1), emptiest(columns.getString(2)));
            }
        }
        var names = new ArrayList<>(row.keySet());
        var into =
                "insert into %s (%s) values (%s)"
                        .formatted(
                                table,
                                String.join(", ", names),
                                names.stream().map(n -> "?").collect(Collectors.joining(", ")));
        try (var statement = sql.prepareStatement(into)) {
            for (int i = 0; i < names.size(); i++) {
                statement.setObject(i + 1, row.get(names.get(i)));
            }
            statement.execute();
        }
    }

    private static Object emptiest(String type) {
        return switch (type) {
            case "text" -> "";
            case "boolean" -> false;
            case "uuid" -> UUID.randomUUID();
            case "timestamp with time zone" -> Timestamp.from(Instant.EPOCH);
            case "integer", "smallint" -> 0;
            case "bigint" -> 0L;
            case "double precision" -> 0.0;
            case "bytea" -> new byte[0];
            default -> throw new IllegalStateException(type);
        };
    }

    public static List<Map<String, Object>> rows(Connection sql, String query) throws SQLException {
        var rows = new ArrayList<Map<String, Object>>();
        try (var found = sql.createStatement().executeQuery(query)) {
            var meta = found.getMetaData();
            while (found.next()) {
                var row = new HashMap<String, Object>();
                for (int i = 1; i <= meta.getColumnCount(); i++) {
                    row.put(
                            meta.getColumnName(i),
                            meta.getColumnTypeName(i).equals("jsonb")
                                    ? found.getString(i)
                                    : found.getObject(i));
                }
                rows.add(row);
            }
        }
        return rows;
    }
}
