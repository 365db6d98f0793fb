package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.JSHandle;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Map;
import org.testng.annotations.Test;

/** What a person does with rigs as things: start, find, copy, compare, delete, send, take back. */
public class ShelfIT extends InBrowser {

    /** One of its own: what it deletes and spoils cannot be taken back. */
    @Override
    protected RunningApp findApp() throws Exception {
        return RunningApp.start();
    }

    private static final String CRATE = "Lantern crate, high tarn";

    private Locator row(String name) {
        return page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText(name));
    }

    private void openShelf() {
        page.navigate(app.url("/"));
        assertThat(row(CRATE).first()).isVisible();
    }

    /** From a name to a first pass and back to the shelf, without a pointer. */
    @Test
    public void startedAndGuidedByKeyboard() {
        openShelf();
        page.keyboard().press("n");
        assertThat(page.getByLabel("Name")).isFocused();
        page.keyboard().type("Wigeon, two ponds");
        page.keyboard().press("Tab");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        page.waitForURL("**/water");
        awaitLine();
        Locator guide = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("First pass"));
        assertThat(guide).containsText("Which water");
        page.keyboard().press("8");
        page.waitForURL("**/battery");
        // forward, though the water is open still
        assertThat(guide).containsText("Which battery");
        assertThat(guide).containsText("Next: Wire");
        page.keyboard().press("n");
        page.waitForURL("**/wire");
        button("put the guide away").click();
        assertThat(guide).not().isVisible();
        openShelf();
        assertThat(row("Wigeon")).containsText("sit-on-top");
        assertThat(row("Wigeon")).containsText("not said");
    }

    /** By keys alone: down to a rig, copied, the copy deleted, brought back, deleted again and found among the deleted. */
    @Test
    public void copiedDeletedAndBroughtBackByKeyboard() {
        openShelf();
        int rigs = page.locator("[data-rig]").count();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("d");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("stands beside it");
        assertThat(page.locator("[data-rig]")).hasCount(rigs + 1);
        page.locator("[data-rig] > a").first().focus();
        String name = page.locator("[data-rig] .font-semibold").first().innerText();
        page.keyboard().press("Delete");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText(name + "” was deleted");
        assertThat(page.locator("[data-rig]")).hasCount(rigs);
        page.keyboard().press("z");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("is back");
        assertThat(page.locator("[data-rig]")).hasCount(rigs + 1);
        page.locator("[data-rig] > a").first().focus();
        page.keyboard().press("Delete");
        assertThat(page.locator("[data-rig]")).hasCount(rigs);
        page.reload();
        button("deleted rigs").click();
        button("Bring back " + name).click();
        assertThat(page.locator("[data-rig]")).hasCount(rigs + 1);
    }

    @Test
    public void twoArePickedAndCompared() {
        openShelf();
        row(CRATE).first().getByRole(AriaRole.CHECKBOX).check();
        row("Oystercatcher").first().getByRole(AriaRole.CHECKBOX).check();
        page.keyboard().press("Escape");
        button("Compare the two").click();
        page.waitForURL("**/compare?of=**");
        Locator screen = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Screen"));
        assertThat(screen).containsText("8.0 W");
        assertThat(screen).containsText("13.7 W");
        assertThat(screen).containsText("5.7 W more");
        assertThat(page.getByRole(AriaRole.HEADING)).containsText("Battery");
    }

    /** A file that came by mail: dropped it stands there with all it holds; a wrong one is told by its name. */
    @Test
    public void filesAreTakenAndWrongOnesTold() {
        openShelf();
        String id = page.locator("[data-rig]").first().getAttribute("data-rig");
        Download download = page.waitForDownload(
                () -> row(CRATE).first().getByText("export").click(new Locator.ClickOptions().setForce(true)));
        assertTrue(download.suggestedFilename().endsWith(".json"), id);
        page.getByLabel("Rig files").setInputFiles(download.path());
        assertThat(page.getByRole(AriaRole.STATUS)).containsText(CRATE + " (");
        page.getByLabel("Rig files")
                .setInputFiles(new FilePayload(
                        "later.json",
                        "application/json",
                        "{\"format\":\"bright-keel-rig\",\"version\":99,\"rig\":{}}".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("later.json: version is 99");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("later Bright Keel");
        JSHandle files = page.evaluateHandle("""
                () => {
                  const data = new DataTransfer();
                  data.items.add(new File(["these are words"], "words.json"));
                  return data;
                }
                """);
        page.dispatchEvent("main", "dragover", Map.of("dataTransfer", files));
        assertThat(page.getByText("Let go")).isVisible();
        page.dispatchEvent("main", "drop", Map.of("dataTransfer", files));
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("words.json: The document: not JSON");
    }

    /** Every step is told in words, and any can be gone back to; nothing is lost on the way. */
    @Test
    public void historyGoesAnywhere() throws Exception {
        openRig("Oystercatcher");
        page.keyboard().press("8");
        type("Capacity", "14");
        assertThat(button("undo")).isEnabled();
        type("Mass", "1.9");
        assertThat(page.getByLabel("Mass").first()).hasValue("1.9");
        page.getByLabel("Mass").first().blur();
        page.keyboard().press("h");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Capacity of 12 Ah LiFePO4: 12.0 Ah → 14.0 Ah.");
        assertThat(dialog).containsText("The beginning.");
        button("Go there, revision 1").click();
        assertThat(dialog.getByText("here now")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByLabel("Capacity").first()).hasValue("12.0");
        page.keyboard().press("Shift+Z");
        assertThat(page.getByLabel("Capacity").first()).hasValue("14.0");
        page.keyboard().press("z");
        assertThat(page.getByLabel("Capacity").first()).hasValue("12.0");
        button("files").click();
        Download parts =
                page.waitForDownload(() -> page.getByText("Its parts (CSV)").click());
        assertTrue(Files.readString(parts.path()).contains("pair of wires"));
        button("files").click();
        Download picture = page.waitForDownload(
                () -> page.getByText("The picture of Battery (SVG)").click());
        assertTrue(Files.readString(picture.path()).startsWith("<svg"));
    }

    /** Two windows on one rig: the one behind is shown both versions, and neither is lost. */
    @Test
    public void theStaleWindowIsShownBothVersions() {
        openRig(CRATE);
        Page other = newPage();
        other.navigate(page.url());
        assertThat(other.getByLabel("Mass").first()).hasValue("2.7");
        type("Mass", "2.8");
        assertThat(page.getByLabel("Mass").first()).hasValue("2.8");
        Locator capacity = other.getByLabel("Capacity").first();
        capacity.fill("8");
        capacity.press("Enter");
        Locator dialog = other.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("changed in another window");
        assertThat(dialog).containsText("2.7 kg → 2.8 kg");
        assertThat(dialog).containsText("9.0 Ah → 8.0 Ah");
        dialog.getByText("Go on from theirs").click();
        assertThat(other.getByLabel("Capacity").first()).hasValue("9.0");
        assertThat(other.getByLabel("Mass").first()).hasValue("2.8");
        type("Mass", "2.6");
        assertThat(page.getByLabel("Mass").first()).hasValue("2.6");
        capacity.fill("8");
        capacity.press("Enter");
        dialog.getByText("Keep it as a copy").click();
        assertThat(dialog).not().isVisible();
        page.navigate(app.url("/"));
        assertThat(row("Lantern crate, high tarn (").first()).isVisible();
        page.goBack();
        type("Mass", "2.9");
        assertThat(page.getByLabel("Mass").first()).hasValue("2.9");
        capacity.fill("8");
        capacity.press("Enter");
        dialog.getByText("version on top").click();
        assertThat(other.getByLabel("Capacity").first()).hasValue("8.0");
        assertThat(other.getByLabel("Mass").first()).hasValue("2.6");
        other.getByLabel("Mass").first().blur();
        other.keyboard().press("z");
        assertThat(other.getByLabel("Mass").first()).hasValue("2.9");
        assertThat(other.getByLabel("Capacity").first()).hasValue("9.0");
    }

    /** Why a part was chosen is written at the part, and goes when the part goes. */
    @Test
    public void aPartCarriesANote() {
        openRig(CRATE);
        button("Left over from the alarm").click();
        Locator box = page.getByLabel("Note: why it was chosen");
        box.fill("From the alarm system; to be replaced before the season.");
        box.press("Enter");
        assertThat(button("to be replaced")).isVisible();
        page.reload();
        assertThat(button("to be replaced")).isVisible();
        button("remove").first().click();
        assertThat(page.getByText("to be replaced")).not().isVisible();
        page.keyboard().press("z");
        assertThat(button("to be replaced")).isVisible();
        page.keyboard().press("z");
        assertThat(button("Left over from the alarm")).isVisible();
        assertEquals(page.getByText("to be replaced").count(), 0);
    }
}
