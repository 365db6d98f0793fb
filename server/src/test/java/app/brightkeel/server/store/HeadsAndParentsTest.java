package app.brightkeel.server.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.testng.annotations.Test;

/** From a file of the program before: heads and parents are revisions that are there, and stay so. */
public class HeadsAndParentsTest {

    /** A sound rig with an undone step, one whose head is gone, one whose parent is gone, one of which nothing is left. */
    private static final String OLD = """
            INSERT INTO rig (id, head, deleted_at) VALUES
                ('sound', 2, NULL), ('headless', 9, NULL), ('orphan', 3, '2026-09-12T06:00:00Z'), ('empty', 1, NULL);
            INSERT INTO revision (rig_id, number, parent, saved_at, document, name) VALUES
                ('sound', 1, NULL, '2026-09-12T06:00:00Z', '{}', 'a'),
                ('sound', 2, 1, '2026-09-12T06:00:01Z', '{}', 'b'),
                ('sound', 3, 2, '2026-09-12T06:00:02Z', '{}', 'c'),
                ('headless', 1, NULL, '2026-09-12T06:00:03Z', '{}', 'd'),
                ('headless', 4, 1, '2026-09-12T06:00:04Z', '{}', 'e'),
                ('orphan', 3, 2, '2026-09-12T06:00:05Z', '{"x":1}', 'f'),
                ('nobody', 1, NULL, '2026-09-12T06:00:06Z', '{}', 'g');
            """;

    private static Flyway flyway(String url, String target) {
        return Flyway.configure().dataSource(url, null, null).target(target).load();
    }

    private static List<String> rows(Statement statement, String sql) throws SQLException {
        List<String> all = new ArrayList<>();
        try (ResultSet row = statement.executeQuery(sql)) {
            while (row.next()) {
                StringBuilder line = new StringBuilder();
                for (int column = 1; column <= row.getMetaData().getColumnCount(); column++) {
                    line.append(column == 1 ? "" : " ").append(row.getString(column));
                }
                all.add(line.toString());
            }
        }
        return all;
    }

    @Test
    public void whatIsGoneIsSetRightOnce() throws Exception {
        Path file = Files.createTempDirectory("keel-heads").resolve("bright-keel.db");
        String url = "jdbc:sqlite:" + file;
        flyway(url, "3").migrate();
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA foreign_keys = OFF");
            for (String insert : OLD.split(";\n")) {
                statement.execute(insert);
            }
        }
        // as the program opens it
        String kept = url + "?foreign_keys=true&transaction_mode=IMMEDIATE";
        flyway(kept, "latest").migrate();
        try (Connection connection = DriverManager.getConnection(kept);
                Statement statement = connection.createStatement()) {
            assertEquals(
                    rows(statement, "SELECT id, head, deleted_at FROM rig ORDER BY id"),
                    List.of("headless 4 null", "orphan 3 2026-09-12T06:00:00Z", "sound 2 null"));
            assertEquals(
                    rows(statement, "SELECT rig_id, number, parent, name FROM revision ORDER BY rig_id, number"),
                    List.of(
                            "headless 1 null d",
                            "headless 4 1 e",
                            "orphan 3 null f",
                            "sound 1 null a",
                            "sound 2 1 b",
                            "sound 3 2 c"));
            assertEquals(
                    rows(statement, "SELECT document FROM revision WHERE rig_id = 'orphan'"), List.of("{\"x\":1}"));
            assertEquals(rows(statement, "PRAGMA foreign_key_check"), List.of());
            for (String wrong : List.of(
                    "UPDATE rig SET head = 8 WHERE id = 'sound'",
                    "UPDATE revision SET parent = 8 WHERE rig_id = 'sound' AND number = 3",
                    "DELETE FROM revision WHERE rig_id = 'sound' AND number = 2",
                    "INSERT INTO rig (id, head) VALUES ('none', 1)")) {
                assertThrows(wrong, SQLException.class, () -> statement.executeUpdate(wrong));
            }
        }
    }
}
