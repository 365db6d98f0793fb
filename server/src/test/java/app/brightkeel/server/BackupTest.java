package app.brightkeel.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Backup and restore from the command line: whole, or not at all. */
public class BackupTest {

    private final ByteArrayOutputStream said = new ByteArrayOutputStream();
    private final PrintStream print = new PrintStream(said, true, StandardCharsets.UTF_8);

    private Path data = Path.of("");
    private Path elsewhere = Path.of("");
    private BackupCommand command = new BackupCommand(data, print, print);

    @BeforeMethod
    public void freshData() throws Exception {
        said.reset();
        data = Files.createTempDirectory("keel-data");
        elsewhere = Files.createTempDirectory("keel-elsewhere");
        command = new BackupCommand(data, print, print);
        fill(DataDirectory.database(data), "first");
    }

    private static void fill(Path database, String rig) throws Exception {
        Flyway.configure()
                .dataSource("jdbc:sqlite:" + database + "?journal_mode=WAL", null, null)
                .load()
                .migrate();
        run(database, "DELETE FROM rig");
        run(database, "INSERT INTO rig (id, head) VALUES ('" + rig + "', 1)");
    }

    private static void run(Path database, String sql) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    private static String rig(Path database) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT id FROM rig")) {
            return row.next() ? row.getString(1) : "";
        }
    }

    private Path other(String name) {
        return elsewhere.resolve(name);
    }

    @Test
    public void whatWasBackedUpComesBackAndWhatWasThereStaysAside() throws Exception {
        assertEquals(command.backup(other("kept.db").toString()), 0, said.toString(StandardCharsets.UTF_8));
        fill(DataDirectory.database(data), "second");
        assertEquals(command.restore(other("kept.db").toString()), 0, said.toString(StandardCharsets.UTF_8));
        assertEquals(rig(DataDirectory.database(data)), "first");
        try (Stream<Path> files = Files.list(data)) {
            Path aside = files.filter(f -> f.getFileName().toString().contains("before"))
                    .findFirst()
                    .orElseThrow();
            assertEquals(rig(aside), "second");
        }
    }

    @Test
    public void whatIsNoBackupChangesNothing() throws Exception {
        Files.writeString(other("words.db"), "these are words, not rigs");
        run(other("tables.db"), "CREATE TABLE fish (name TEXT)");
        Files.createFile(other("empty.db"));
        fill(other("newer.db"), "later");
        run(other("newer.db"), "PRAGMA user_version = 99");
        fill(other("cut.db"), "cut");
        run(other("cut.db"), "PRAGMA wal_checkpoint(TRUNCATE)");
        byte[] whole = Files.readAllBytes(other("cut.db"));
        Files.write(other("cut.db"), java.util.Arrays.copyOf(whole, whole.length / 2));
        for (String name : new String[] {"words.db", "tables.db", "empty.db", "newer.db", "cut.db", "absent.db"}) {
            said.reset();
            assertEquals(command.restore(other(name).toString()), 2, name);
            assertTrue(said.toString(StandardCharsets.UTF_8).contains("Nothing was changed"), name);
            assertEquals(rig(DataDirectory.database(data)), "first");
        }
    }

    @Test
    public void aRunningServerAndUsedNamesAreRespected() throws Exception {
        String file = other("kept.db").toString();
        assertEquals(command.backup(file), 0);
        assertEquals(command.backup(file), 2, "never over a file that is there");
        try (FileLock held = DataDirectory.hold(data)) {
            assertTrue(held.isValid());
            assertEquals(command.restore(file), 2);
            assertTrue(said.toString(StandardCharsets.UTF_8).contains("running"));
        }
        assertEquals(command.backup(), 64);
        assertEquals(command.restore("a", "b"), 64);
        assertEquals(
                new BackupCommand(elsewhere.resolve("none"), print, print)
                        .backup(other("x.db").toString()),
                2);
    }
}
