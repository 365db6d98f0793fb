package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** What a person does with a rig, on the packaged application. */
public class LineIT extends InBrowser {

    private static final String CRATE = "Lantern crate, high tarn";

    /** Battery fails in the cold; a cure is previewed, taken, holds; undo; redo; reload; still there. */
    @Test
    public void aCureIsPreviewedTakenUndoneAndSurvivesAReload() {
        openRig(CRATE);
        assertThat(link("battery")).containsText("won't work");
        assertThat(page.getByText("1 h 50 short").first()).isVisible();
        page.getByText("other way").click();
        button("10 Ah LiFePO4").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Battery");
        assertThat(dialog).containsText("good");
        assertThat(link("battery")).containsText("won't work");
        button("Take it").click();
        assertThat(link("battery")).containsText("good");
        page.keyboard().press("z");
        assertThat(link("battery")).containsText("won't work");
        page.keyboard().press("Shift+Z");
        assertThat(link("battery")).containsText("good");
        page.reload();
        assertThat(link("battery")).containsText("good");
        page.keyboard().press("z");
        assertThat(link("battery")).containsText("won't work");
    }

    /** From the shelf to a taken cure without a pointer, and along the strip by arrows. */
    @Test
    public void everythingByKeyboard() {
        page.navigate(app.url("/"));
        Locator rig = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(CRATE))
                .first();
        tabTo(rig);
        page.keyboard().press("Enter");
        page.waitForURL("**/battery");
        awaitLine();
        page.keyboard().press("6");
        page.waitForURL("**/wire");
        tabTo(link("wire"));
        page.keyboard().press("ArrowRight");
        page.waitForURL("**/fuse");
        assertThat(link("fuse")).isFocused();
        page.keyboard().press("8");
        page.waitForURL("**/battery");
        page.keyboard().press("c");
        assertThat(page.getByText("as planned").first()).isVisible();
        page.keyboard().press("w");
        assertThat(page.getByText("Peukert factor").first()).isVisible();
        page.keyboard().press("f");
        Locator cure = button("10 Ah LiFePO4");
        tabTo(cure);
        page.keyboard().press("Enter");
        assertThat(button("Take it")).isFocused();
        page.keyboard().press("Enter");
        assertThat(link("battery")).containsText("good");
        page.keyboard().press("z");
        assertThat(link("battery")).containsText("won't work");
        page.keyboard().press("/");
        page.keyboard().type("units");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.BANNER)).containsText("ft · AWG");
    }

    /** A number of Compare opens how it would come about, before anything is taken. */
    @Test
    public void aComparedNumberOpensItsWorking() {
        openRig(CRATE);
        page.keyboard().press("c");
        button("5 h").first().click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("why Battery"))
                .click();
        assertThat(dialog.getByText("Peukert factor").first()).isVisible();
        button("Leave it").click();
        assertThat(link("battery")).containsText("won't work");
    }

    /** A nonsense value is told at its field, and nothing is saved; no number never leaves the browser. */
    @Test
    public void nonsenseIsToldAtTheFieldAndNotSaved() throws Exception {
        openRig("Oystercatcher");
        page.keyboard().press("8");
        String id = page.url().replaceAll(".*/rigs/([^/]+)/.*", "$1");
        String before = app.get("/api/rigs/" + id);
        type("Capacity", "-5");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Capacity is −5.0 Ah; it may be 0.1 Ah to 1000 Ah.");
        assertEquals(app.get("/api/rigs/" + id), before);
        page.getByLabel("Capacity").first().fill("many");
        page.getByLabel("Capacity").first().press("Enter");
        assertThat(page.getByText("\"many\" is no number")).isVisible();
        assertEquals(app.get("/api/rigs/" + id), before);
        page.getByLabel("Capacity").first().press("Escape");
        assertThat(page.getByLabel("Capacity").first()).hasValue("12.0");
    }

    /** The units toggle holds for what is shown and for what is typed. */
    @Test
    public void unitsAreThePersonsOwnForShowingAndTyping() {
        openRig("Oystercatcher");
        link("wire").click();
        page.keyboard().press("u");
        assertThat(field("Length")).hasValue("10 ft 6 in");
        type("Length", "6 ft 6 in");
        page.keyboard().press("Escape");
        link("screen").click();
        // 11 °C, as finely as it is known
        assertThat(page.getByLabel("Air").first()).hasValue("51.8");
        type("Air", "68");
        link("wire").click();
        assertThat(page.getByText("22 AWG").first()).isVisible();
        link("battery").click();
        assertThat(page.getByLabel("Temperature of the battery").first()).hasAttribute("placeholder", "68");
        button("ft · AWG").click();
        assertThat(page.getByLabel("Temperature of the battery").first()).hasAttribute("placeholder", "20");
        link("wire").click();
        assertThat(field("Length")).hasValue("1.98");
        page.keyboard().press("z");
        page.keyboard().press("z");
        assertThat(field("Length")).hasValue("3.20");
    }

    /** A finding of practice is put aside, stays listed, and is brought back. */
    @Test
    public void practiceIsPutAsideAndBroughtBack() {
        openRig("Oystercatcher");
        assertThat(link("wire")).containsText("tight");
        page.keyboard().press("f");
        button("Put aside").click();
        assertThat(link("wire")).containsText("good");
        // one was put aside from the start
        assertThat(page.locator("footer")).containsText("2 put aside");
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("volts are lost"))
                .getByText("Bring back")
                .click();
        assertThat(link("wire")).containsText("tight");
    }

    /** Dragging the brightness shows hours at once; letting go is one step back. */
    @Test
    public void theReviewFollowsTheHand() {
        openRig(CRATE);
        link("screen").click();
        Locator thumb = page.getByRole(AriaRole.SLIDER).first();
        thumb.focus();
        thumb.press("Home");
        assertThat(link("screen")).containsText("5.0 W");
        assertThat(button("undo")).isEnabled();
        page.keyboard().press("z");
        assertThat(link("screen")).containsText("8.0 W");
    }

    /** A body whose length nobody announced is cut off when it grows too large. */
    @Test
    public void aBodyOfUnknownLengthIsCountedToo() throws Exception {
        assertEquals(app.postChunked("/api/reviews", new byte[3 << 20]), 413);
        assertTrue(app.get("/api/rigs").contains("Lantern crate"));
    }
}
