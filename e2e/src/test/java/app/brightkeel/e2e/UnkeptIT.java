package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.Statement;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What could not be kept is said, and how it is kept after all; what cannot be read does not take the shelf down. */
public class UnkeptIT extends InBrowser {

    /** One of its own: what it deletes and spoils cannot be taken back. */
    @Override
    protected RunningApp findApp() throws Exception {
        return RunningApp.start();
    }

    private static final String KEPT = "all changes kept";
    private static final Pattern AIR = Pattern.compile("\"airC\":\\{[^}]*}");
    private static final List<String> DEMO = List.of(
            "Lantern crate, high tarn",
            "Oystercatcher, estuary autumn",
            "Sandpiper, reservoir evenings",
            "Gannet, fjord pedal",
            "Reedling, canal pram");
    private static final String NOT_KEPT = "the last change is not kept";

    private String id() {
        return page.url().replaceAll(".*/rigs/([0-9a-f-]+)/.*", "$1");
    }

    private String stored() {
        return page.request().get(app.url("/api/rigs/" + id() + "/export")).text();
    }

    @Test
    public void aFailedSaveIsSaidAndTriedAgain() {
        openCopy("Lantern crate, high tarn", "screen");
        assertThat(page.getByText(KEPT)).isVisible();
        page.route(
                "**/api/rigs/" + id(),
                route -> route.fulfill(
                        new Route.FulfillOptions()
                                .setStatus(507)
                                .setContentType("application/problem+json")
                                .setBody(
                                        "{\"title\":\"Not saved\",\"detail\":\"The disk is full: nothing of this was saved.\"}")));
        type("Air", "-9");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("The disk is full");
        assertThat(page.getByText(NOT_KEPT)).isVisible();
        assertThat(page.getByText(KEPT)).not().isVisible();
        page.unroute("**/api/rigs/" + id());
        button("try again").click();
        assertThat(page.getByText(KEPT)).isVisible();
        assertTrue(
                stored().contains("\"airC\":{\"kind\":\"given\",\"value\":-9.0")
                        || stored().contains("\"airC\":{\"value\":-9.0"),
                stored());
    }

    @Test
    public void noAnswerIsSaidToo() {
        openCopy("Lantern crate, high tarn", "screen");
        assertThat(page.getByText(KEPT)).isVisible();
        page.route("**/api/rigs/" + id(), Route::abort);
        type("Air", "-8");
        assertThat(page.getByText(NOT_KEPT)).isVisible();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("does not answer");
        button("dismiss").click();
        assertThat(page.getByText(NOT_KEPT)).not().isVisible();
        assertThat(field("Air")).hasValue("−14");
    }

    /** A program that reads files of every version would take an older one's word for what a newer one can say. */
    @Test
    public void anEditChangesOnlyWhatItEdits() {
        for (String name : DEMO) {
            openCopy(name, "screen");
            String before = stored().replace("\"engine\":false", "\"engine\":true")
                    .replace("\"bail\":\"none\"", "\"bail\":\"across\"")
                    .replace("\"use\":\"cables\"", "\"use\":\"part\"");
            String id = page.request()
                    .post(
                            app.url("/api/rigs/import"),
                            RequestOptions.create()
                                    .setHeader("Content-Type", "application/json")
                                    .setData(before))
                    .text()
                    .replaceAll("(?s)^.*?\"id\":\"([0-9a-f-]+)\".*$", "$1");
            page.navigate(app.url("/rigs/" + id + "/screen"));
            awaitLine();
            String imported = stored();
            assertTrue(imported.contains("\"engine\":true"), imported);
            type("Air", "31");
            awaitKept();
            assertEquals(
                    AIR.matcher(stored()).replaceFirst(""),
                    AIR.matcher(imported).replaceFirst(""),
                    name);
            assertNotEquals(stored(), imported, name);
        }
    }

    private void deletedElsewhere() {
        page.request()
                .delete(app.url("/api/rigs/" + id()), RequestOptions.create().setHeader("If-Match", "\"1\""));
    }

    @Test
    public void whatWasDeletedElsewhereComesBackWithTheChange() {
        openCopy("Lantern crate, high tarn", "screen");
        assertThat(page.getByText(KEPT)).isVisible();
        deletedElsewhere();
        type("Air", "-7");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("deleted in another window");
        dialog.getByText("Bring it back").click();
        assertThat(dialog).not().isVisible();
        assertThat(page.getByText(KEPT)).isVisible();
        assertTrue(stored().contains("-7.0"), stored());
    }

    @Test
    public void orItIsKeptAsACopy() {
        openCopy("Lantern crate, high tarn", "screen");
        assertThat(page.getByText(KEPT)).isVisible();
        String name = page.getByLabel("Name of the rig").inputValue();
        deletedElsewhere();
        type("Air", "-6");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByText("Keep it as a copy").click();
        assertThat(dialog).not().isVisible();
        openRig(name);
        assertTrue(stored().contains("-6.0"), stored());
    }

    /** Spoilt in the store: it stands on the shelf by its name, can be taken away as it is, set back, and deleted. */
    @Test
    public void whatCannotBeReadStandsOnTheShelf() throws Exception {
        openCopy("Lantern crate, high tarn", "screen");
        assertThat(page.getByText(KEPT)).isVisible();
        for (String id : List.of("spoilt-one", "spoilt-two")) {
            keep(id, 1, "Curlew, " + id, stored());
            keep(id, 2, "Curlew, " + id, "{\"format\":\"bright-keel-rig\",\"version\":99,\"rig\":{}}");
        }
        page.navigate(app.url("/"));
        assertThat(page.getByText("Oystercatcher").first()).isVisible();
        Locator one = unreadable("Curlew, spoilt-one");
        assertThat(one).containsText("later Bright Keel");
        Download export =
                page.waitForDownload(() -> one.getByText("export it as it is").click());
        assertTrue(Files.readString(export.path()).contains("\"version\":99"));
        one.getByText("back to step 1").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("stands where it was at step 1");
        assertThat(one).not().isVisible();
        Locator two = unreadable("Curlew, spoilt-two");
        two.getByText("delete").click();
        assertThat(two).not().isVisible();
        page.navigate(app.url("/rigs/spoilt-one/screen"));
        assertThat(field("Air")).hasValue("−14");
        page.keyboard().press("h");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("This step cannot be read");
    }

    private Locator unreadable(String name) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(name + "cannot be read"));
    }

    /** As a restored file of another program version would hold it. */
    private void keep(String id, int number, String name, String document) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + app.data() + "/bright-keel.db");
                Statement statement = connection.createStatement();
                PreparedStatement insert = connection.prepareStatement(
                        "INSERT INTO revision (rig_id, number, parent, saved_at, name, document) VALUES (?, ?, nullif(?, 0), '2026-09-12T06:00:00Z', ?, ?)")) {
            statement.execute("PRAGMA busy_timeout = 5000");
            statement.execute("INSERT INTO rig (id, head) VALUES ('%s', %d) ON CONFLICT (id) DO UPDATE SET head = %d"
                    .formatted(id, number, number));
            insert.setString(1, id);
            insert.setInt(2, number);
            insert.setInt(3, number - 1);
            insert.setString(4, name);
            insert.setString(5, document);
            insert.executeUpdate();
        }
    }
}
