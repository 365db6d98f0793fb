package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.e2e.RunningApp.Command;
import app.brightkeel.e2e.RunningApp.Ended;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import org.testng.annotations.Test;

/** A backup with rigs that nobody can read: restored and told, and the others are there. */
public class SpoiltRigIT {

    private static final String CUT_OFF = "{\"format\":\"bright-keel-rig\",\"version\":9,\"rig\":{\"name\":\"cut off\"";

    /** Two documents are spoilt, one with a good step before it and one without, and of a third the hour it was saved. */
    private static Path spoiltBackup() throws Exception {
        Path backup;
        try (RunningApp before = RunningApp.start()) {
            backup = before.data().resolveSibling("kept.db");
            String id = id(before, "Gannet");
            String export = before.get("/api/rigs/" + id + "/export");
            HttpResponse<String> saved = before.send(
                    before.json("/api/rigs/" + id, "PUT", export.replace("Gannet, fjord pedal", "Gannet, later"))
                            .header("If-Match", "\"1\""));
            assertEquals(saved.statusCode(), 200, saved.body());
            assertEquals(
                    Command.on(before.data(), "", "backup", backup.toString()).code(), 0);
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + backup)) {
            spoil(connection, "document", CUT_OFF, "Gannet, later");
            spoil(connection, "document", "", "Reedling%");
            spoil(connection, "saved_at", "yesterday", "Sandpiper%");
        }
        return backup;
    }

    private static void spoil(Connection connection, String column, String value, String name) throws Exception {
        String sql = "UPDATE revision SET " + column + " = ?1 WHERE name LIKE ?2";
        try (PreparedStatement update = connection.prepareStatement(sql)) {
            update.setString(1, value);
            update.setString(2, name);
            assertEquals(update.executeUpdate(), 1, name);
        }
    }

    private static String id(RunningApp app, String name) throws Exception {
        for (var rig : JsonParser.parseString(app.get("/api/rigs")).getAsJsonArray()) {
            JsonObject entry = rig.getAsJsonObject();
            if (entry.get("name").getAsString().startsWith(name)) {
                return entry.get("id").getAsString();
            }
        }
        throw new AssertionError("no " + name);
    }

    @Test
    public void theOthersAreThereAndTheSpoiltOnesAreNamed() throws Exception {
        Path data = RunningApp.freshData();
        Ended ended = Command.on(data, "", "restore", spoiltBackup().toString());
        assertEquals(ended.code(), 0, ended.said());
        assertTrue(ended.said().contains("cut off"), ended.said());
        try (RunningApp app = RunningApp.startOn(data)) {
            look(app);
        }
    }

    private static void look(RunningApp app) throws Exception {
        assertEquals(
                JsonParser.parseString(app.get("/api/rigs")).getAsJsonArray().size(), 6);
        JsonArray spoilt =
                JsonParser.parseString(app.get("/api/rigs/unreadable")).getAsJsonArray();
        assertEquals(spoilt.size(), 2);
        for (var each : spoilt) {
            JsonObject rig = each.getAsJsonObject();
            boolean gannet = rig.get("name").getAsString().equals("Gannet, later");
            assertEquals(rig.get("earlier").getAsInt(), gannet ? 1 : 0, rig.toString());
            String path = "/api/rigs/" + rig.get("id").getAsString();
            assertEquals(app.get(path + "/document"), gannet ? CUT_OFF : "");
            assertTrue(app.get(path).contains(rig.get("name").getAsString() + "” cannot be read"), app.get(path));
            assertTrue(app.get(path + "/revisions").contains("\"number\":1"));
        }
    }
}
