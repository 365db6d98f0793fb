package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.e2e.RunningApp.Command;
import app.brightkeel.e2e.RunningApp.Ended;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** One program on a data directory, however long it runs; what it keeps is its owner's alone. */
public class DataLockIT {

    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");

    /** After the garbage was collected as before: a second start and a restore are refused, and no edit is lost. */
    @Test
    public void theDirectoryStaysHeld() throws Exception {
        Path data = RunningApp.freshData();
        Path backup = data.resolveSibling("kept.db");
        try (RunningApp app = RunningApp.startOn(data, "-Dkeel.demo=true")) {
            assertEquals(Command.on(data, "", "backup", backup.toString()).code(), 0);
            String id = ID.matcher(app.get("/api/rigs"))
                    .results()
                    .findFirst()
                    .orElseThrow()
                    .group(1);
            String export = app.get("/api/rigs/" + id + "/export");
            String name = export.replaceAll("(?s).*?\"name\":\"([^\"]*)\".*", "$1");
            app.collectGarbage();
            Ended second = Command.on(data, "", "--server.port=0");
            assertEquals(second.code(), 2, second.said());
            assertTrue(
                    second.said().contains("is running on")
                            && second.said().lines().count() == 1,
                    second.said());
            Ended restore = Command.on(data, "", "restore", backup.toString());
            assertEquals(restore.code(), 2, restore.said());
            assertTrue(restore.said().contains("is running on"), restore.said());
            HttpResponse<String> saved =
                    app.send(app.json("/api/rigs/" + id, "PUT", export.replace(name, "acknowledged"))
                            .header("If-Match", "\"1\""));
            assertEquals(saved.statusCode(), 200, saved.body());
            app.kill();
        }
        try (RunningApp app = RunningApp.startOn(data)) {
            assertTrue(app.get("/api/rigs").contains("acknowledged"));
        }
        Ended restored = Command.on(data, "", "restore", backup.toString());
        assertEquals(restored.code(), 0, restored.said());
        assertOwnersAlone(data);
        assertEquals(rights(backup), "rw-------");
    }

    private static void assertOwnersAlone(Path data) throws IOException {
        assertEquals(rights(data), "rwx------");
        try (Stream<Path> files = Files.list(data)) {
            List<Path> all = files.toList();
            assertTrue(all.size() >= 3, all.toString());
            for (Path file : all) {
                assertEquals(rights(file), "rw-------", file.toString());
            }
        }
    }

    private static String rights(Path path) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
    }

    /** Where it cannot start it says why in one sentence. */
    @DataProvider
    public Object[][] noStart() throws Exception {
        Path file = Files.createTempFile("keel", ".txt");
        Path spoilt = RunningApp.freshData();
        Files.createDirectories(spoilt);
        Files.writeString(spoilt.resolve("bright-keel.db"), "these are words, and no database at all");
        Path fresh = RunningApp.freshData();
        String tooFew =
                "--spring.datasource.url=jdbc:sqlite:" + Files.createTempFile("keel", ".db") + "?max_page_count=3";
        return new Object[][] {
            {file, List.of(), "--server.port=0", "can be neither made nor written to"},
            {file.resolve("under"), List.of(), "--server.port=0", "can be neither made nor written to"},
            {Path.of("/proc/keel"), List.of(), "--server.port=0", "can be neither made nor written to"},
            {spoilt, List.of(), "--server.port=0", "is damaged, or none of ours"},
            {fresh, List.of("-Dserver.address=no.such.host.invalid"), "--server.port=0", "is no address of this machine"
            },
            {fresh, List.of("-Dserver.address=192.0.2.1"), "--server.port=0", "is no address of this machine"},
            {fresh, List.of("-Dserver.address=0.0.0.0"), "--server.port=0", "wants a passphrase first"},
            {fresh, List.of(), tooFew, "The disk is full"},
        };
    }

    @Test(dataProvider = "noStart")
    public void whereItCannotStartItSaysWhy(Path data, List<String> properties, String argument, String why)
            throws Exception {
        List<String> all = new ArrayList<>(properties);
        all.add("-Dkeel.data=" + data);
        Ended ended = Command.run(all, "", argument);
        assertEquals(ended.code(), 2, ended.said());
        assertTrue(ended.said().contains(why), ended.said());
        assertEquals(ended.said().lines().count(), 1, ended.said());
    }
}
