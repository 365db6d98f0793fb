package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The craft in the drawing, mounts and holders, as a person goes about them. */
public class MountIT extends InBrowser {

    private static final JsonMapper MAPPER = JsonMapper.shared();

    private JsonNode craft() throws Exception {
        String id = page.url().replaceAll(".*/rigs/([0-9a-f-]+)/.*", "$1");
        return MAPPER.readTree(app.get("/api/rigs/" + id + "/export"))
                .path("rig")
                .path("craft");
    }

    private void inPlan() {
        openRig("Gannet");
        link("mount").click();
        button("The craft, its places").click();
        assertThat(page.getByText("drag a place")).isVisible();
    }

    /** By keys alone: the drive goes 50 mm aft, and back with undo. */
    @Test
    public void anObstructionIsMovedByKeys() throws Exception {
        inPlan();
        Locator drive = button("pedal drive: move with the arrow keys");
        drive.focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByText("history")).isVisible();
        page.waitForCondition(() -> at("obstructions", 0) == 1.60);
        page.keyboard().press("z");
        page.waitForCondition(() -> at("obstructions", 0) == 1.55);
    }

    /** The edge of the deck is half of the width: one step of 50 mm makes the craft 0.1 m wider. */
    @Test
    public void theCraftIsMadeWiderByKeys() {
        inPlan();
        Locator width = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Greatest width"));
        assertThat(width).hasValue("0.92");
        button("width of the craft: move with the arrow keys").focus();
        page.keyboard().press("ArrowUp");
        assertThat(width).hasValue("1.02");
        page.keyboard().press("z");
        assertThat(width).hasValue("0.92");
    }

    private double at(String parts, int index) {
        try {
            return craft().path(parts).get(index).path("fromBowM").path("value").asDouble();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    /** By pointer: the bow hatch is dragged aft; one drag is one revision. */
    @Test
    public void aPlaceIsDragged() throws Exception {
        inPlan();
        double before = at("stations", 0);
        BoundingBox box = button("bow hatch: move with the arrow keys").boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 30, y);
        page.mouse().move(x + 60, y);
        page.mouse().up();
        page.waitForCondition(() -> at("stations", 0) > before + 0.2);
        page.keyboard().press("z");
        page.waitForCondition(() -> at("stations", 0) == before);
    }

    /** A base with the right ball cures the holder; undo brings the fault back. */
    @Test
    public void aHoldersBallIsCured() {
        openRig("Sandpiper");
        link("screen").click();
        assertThat(link("screen")).containsText("won't work");
        button("A base with the ball the arm grips").first().click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it"))
                .click();
        assertThat(link("screen")).containsText("good");
        page.keyboard().press("z");
        assertThat(link("screen")).containsText("won't work");
    }

    /** Mounts are ranked with their scores and with what is close; on demand together with the types. */
    @Test
    public void mountsAreRankedWithReasons() {
        openRig("Oystercatcher");
        link("mount").click();
        page.keyboard().press("c");
        Locator rows = page.getByRole(AriaRole.TABPANEL).getByRole(AriaRole.LISTITEM);
        assertThat(rows.first()).containsText("score");
        assertThat(page.getByRole(AriaRole.TABPANEL)).containsText("stands in the way of the paddle stroke");
        page.getByText("with every type of transducer").click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Take").setExact(true)))
                .hasCount(20);
        assertThat(rows.first()).containsText(" on a ");
        assertTrue(rows.first().innerText().contains("good"), rows.first().innerText());
        assertEquals(page.getByText("as planned").count(), 0);
    }
}
