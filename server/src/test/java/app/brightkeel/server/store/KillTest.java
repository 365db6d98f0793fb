package app.brightkeel.server.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import java.io.BufferedReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.Random;
import org.flywaydb.core.Flyway;
import org.testng.annotations.Test;

/** {@code kill -9} in the middle of writes: what was acknowledged is there, and the database opens. */
public class KillTest {

    private static final int KILLS = Share.of(20);

    @Test
    public void noAcknowledgedEditIsLost() throws Exception {
        Path file = Files.createTempDirectory("keel-kill").resolve("bright-keel.db");
        Flyway.configure().dataSource("jdbc:sqlite:" + file, null, null).load().migrate();
        String id = WriterThatIsKilled.store(file)
                .create(WriterThatIsKilled.content(1))
                .id();
        Random random = new Random(7);
        long before = 1;
        for (int kill = 0; kill < KILLS; kill++) {
            long acknowledged = writeAndKill(file, id, 1 + random.nextInt(30));
            assertTrue(acknowledged > before, "nothing was written before kill " + kill);
            long head = check(file, id, acknowledged);
            assertTrue(head <= acknowledged + 1, "at most the edit in flight was kept besides");
            before = head;
        }
        System.out.printf(
                "%d kills in the middle of writes, %d edits with a tick and a trip each, none lost%n", KILLS, before);
    }

    /** Lets the writer acknowledge some edits, then kills it at whatever it does; returns the last acknowledged. */
    private static long writeAndKill(Path file, String id, int edits) throws Exception {
        Process writer = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        WriterThatIsKilled.class.getName(),
                        file.toString(),
                        id)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        long last = 0;
        try (BufferedReader said = writer.inputReader(StandardCharsets.UTF_8)) {
            String line = said.readLine();
            for (int n = 0; line != null; n++) {
                last = Long.parseLong(line);
                if (n == edits) {
                    // SIGKILL by its handle: the process cannot tidy up, and what it said before is still read
                    writer.toHandle().destroyForcibly();
                }
                line = said.readLine();
            }
        }
        assertTrue(writer.waitFor() != 0);
        return last;
    }

    private static long check(Path file, String id, long acknowledged) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            try (ResultSet row = statement.executeQuery("PRAGMA integrity_check")) {
                assertEquals(row.getString(1), "ok");
            }
            try (ResultSet row = statement.executeQuery("SELECT count(*), max(number) FROM revision")) {
                assertEquals(row.getLong(1), row.getLong(2), "no gap in the numbers");
            }
        }
        RigStore store = WriterThatIsKilled.store(file);
        StoredRig head = store.get(id);
        assertTrue(head.revision() >= acknowledged, head.revision() + " < " + acknowledged);
        assertTrue(
                WriterThatIsKilled.build(file).ticks(id).contains(WriterThatIsKilled.tick(acknowledged)),
                "tick " + acknowledged + " is lost");
        assertTrue(
                WriterThatIsKilled.trips(file)
                        .has(id, WriterThatIsKilled.trip(acknowledged).id()),
                "trip " + acknowledged + " is lost");
        StoredRig at = store.go(id, head.revision(), acknowledged);
        assertEquals(at.rig(), WriterThatIsKilled.content(acknowledged));
        return store.go(id, at.revision(), head.revision()).revision();
    }
}
