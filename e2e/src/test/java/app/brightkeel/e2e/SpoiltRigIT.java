package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.e2e.RunningApp.Command;
import app.brightkeel.e2e.RunningApp.Ended;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import org.testng.annotations.Test;

/** A backup with rigs that nobody can read: restored and told, and each stands on the shelf with its ways out. */
public class SpoiltRigIT extends InBrowser {

    private static final String CUT_OFF = "{\"format\":\"bright-keel-rig\",\"version\":9,\"rig\":{\"name\":\"cut off\"";

    private String restored = "";

    /** Two documents are spoilt, one with a good step before it and one without, and of a third the hour it was saved. */
    @Override
    protected RunningApp startApp() throws Exception {
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
        Path other = RunningApp.freshData();
        Ended ended = Command.on(other, "", "restore", backup.toString());
        assertEquals(ended.code(), 0, ended.said());
        restored = ended.said();
        return RunningApp.startOn(other);
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
        assertTrue(restored.contains("cut off") && restored.contains("2"), restored);
        assertEquals(
                JsonParser.parseString(app.get("/api/rigs")).getAsJsonArray().size(), 3);
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

    @Test(dependsOnMethods = "theOthersAreThereAndTheSpoiltOnesAreNamed")
    public void oneGoesBackAndTheOtherGoes() {
        page.navigate(app.url("/"));
        Locator gannet = row("Gannet, later");
        assertThat(gannet).containsText("cannot be read");
        gannet.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("back to step 1"))
                .click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Gannet, fjord pedal"))
                        .first())
                .isVisible();
        assertThat(gannet).hasCount(0);
        Locator reedling = row("Reedling");
        reedling.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("delete"))
                .click();
        assertThat(reedling).hasCount(0);
    }

    private Locator row(String name) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(name))
                .filter(new Locator.FilterOptions().setHasText("cannot be read"));
    }
}
