package app.brightkeel.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.server.access.Passphrase;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigJson;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The command line without a server: exit codes, and a data directory of a newer program. */
public class CommandsTest {

    private static String json(Rig rig) {
        return RigJson.mapper().writeValueAsString(RigDocument.of(rig));
    }

    private static Rig longerLead() {
        Rig rig = DemoRigs.oystercatcher();
        Transducer chirp = rig.transducers().get(0);
        return rig.with(chirp.withLead(chirp.lead().withExtensionM(Figure.rated(3))));
    }

    @DataProvider
    public Object[][] files() {
        return new Object[][] {
            {json(longerLead()), 0, "close wire.drop"},
            {json(DemoRigs.oystercatcher()), 1, "fails cable.too-short"},
            {json(DemoRigs.lanternCrate()), 1, "fails battery.hours"},
            {"{\"format\":\"else\"}", 2, "/format"},
            {"", 2, "JSON object"},
            {"x".repeat(1 << 21), 2, "larger than 1 MB"}
        };
    }

    @Test(dataProvider = "files")
    public void reviewSaysAndExits(String content, int code, String said) throws Exception {
        Path file = Files.createTempFile("rig", ".json");
        Files.writeString(file, content);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PrintStream print = new PrintStream(out, true, StandardCharsets.UTF_8);
        assertEquals(ReviewCommand.run(new String[] {file.toString()}, print, print), code);
        assertTrue(out.toString(StandardCharsets.UTF_8).contains(said), out.toString(StandardCharsets.UTF_8));
        assertEquals(ReviewCommand.run(new String[] {"no-such-file.json"}, print, print), 2);
        assertEquals(ReviewCommand.run(new String[0], print, print), 64);
    }

    /** A database of a later version is refused before anything touches it. */
    @Test
    public void newerDatabaseIsToldPlainly() throws Exception {
        Path directory = Files.createTempDirectory("keel-data");
        DataDirectory.prepare(directory);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + directory.resolve("bright-keel.db"));
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("PRAGMA user_version = " + DataDirectory.SCHEMA);
            DataDirectory.prepare(directory);
            statement.executeUpdate("PRAGMA user_version = " + (DataDirectory.SCHEMA + 1));
        }
        DataDirectory.Unusable newer =
                expectThrows(DataDirectory.Unusable.class, () -> DataDirectory.prepare(directory));
        assertTrue(String.valueOf(newer.getMessage()).contains("newer Bright Keel"));
    }

    /** One program on one directory at a time; the lock goes when it ends. */
    @Test
    public void aDirectoryIsHeldOnce() throws Exception {
        Path directory = Files.createTempDirectory("keel-held");
        FileLock lock = DataDirectory.hold(directory);
        DataDirectory.Unusable held = expectThrows(DataDirectory.Unusable.class, () -> DataDirectory.hold(directory));
        assertTrue(String.valueOf(held.getMessage()).contains("running"));
        lock.channel().close();
        DataDirectory.hold(directory).channel().close();
    }

    @DataProvider
    public Object[][] phrases() {
        return new Object[][] {{"short\n", 2}, {"", 2}, {"x".repeat(300) + "\n", 2}, {"two wet boots\n", 0}};
    }

    @Test(dataProvider = "phrases")
    public void aPassphraseIsKeptAsASaltedHash(String typed, int code) throws Exception {
        Path directory = Files.createTempDirectory("keel-phrase");
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        PrintStream print = new PrintStream(said, true, StandardCharsets.UTF_8);
        InputStream in = new ByteArrayInputStream(typed.getBytes(StandardCharsets.UTF_8));
        assertEquals(PassphraseCommand.run(directory, in, print, print), code);
        Path file = DataDirectory.passphrase(directory);
        assertEquals(Files.exists(file), code == 0);
        if (code == 0) {
            String first = Files.readString(file);
            assertFalse(first.contains(typed.strip()));
            Passphrase.set(file, typed.strip());
            assertNotEquals(Files.readString(file), first, "salted: the same phrase gives another hash");
            assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)), "rw-------");
        }
    }
}
