package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/** From the plan into the garage: the sheet is followed, ticked, changed under the hand, put in another order, printed. */
public class SheetIT extends InBrowser {

    private Locator open() {
        return page.locator("article:has(> button[aria-expanded=true])");
    }

    private Locator done() {
        return page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("done"));
    }

    private void toSheet() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheet"))
                .click();
        assertThat(open()).isVisible();
    }

    /** By keys alone: space ticks what is next, a step that stops is ticked thing by thing. */
    @Test
    public void followedByKeys() {
        begin("Reedling, canal pram", "cable");
        page.keyboard().press("e");
        assertThat(open()).containsText("Wood screw, 4.0 mm × 35 mm: 2 wanted, 0 there, 2 to be had.");
        page.keyboard().press(" ");
        page.keyboard().press("n");
        assertThat(open()).containsText("Measure the ways of the leads with a string");
        assertThat(open()).containsText("3.65 m planned, slack with it; there is 6.00 m.");
        assertThat(open().getByRole(AriaRole.IMG)).isVisible();
        assertThat(done()).hasText(Pattern.compile("1 of \\d+ done"));
        page.keyboard().press(" ");
        assertThat(done()).hasText(Pattern.compile("2 of \\d+ done"));
        page.keyboard().press("n");
        assertThat(open()).containsText("Measure the room");
        // down to the first thing that stops the work
        for (int presses = 0; !open().innerText().contains("Stop here."); presses++) {
            assertTrue(presses < 40, "no step stops the work");
            page.keyboard().press("j");
        }
        int things = open().getByRole(AriaRole.CHECKBOX).count();
        for (int thing = 0; thing < things; thing++) {
            assertThat(done()).hasText(Pattern.compile("2 of \\d+ done"));
            page.keyboard().press(" ");
            assertThat(open().getByRole(AriaRole.CHECKBOX).nth(thing)).isChecked();
        }
        assertThat(done()).hasText(Pattern.compile("3 of \\d+ done"));
        page.reload();
        assertThat(done()).hasText(Pattern.compile("3 of \\d+ done"));
    }

    /** The panes scroll, the page does not, however far down one is. */
    @Test
    public void thePageStaysWhereItIs() {
        begin("Gannet, fjord pedal", "cable");
        toSheet();
        for (int step = 0; step < 30; step++) {
            page.keyboard().press("j");
        }
        assertThat(open()).hasAttribute("aria-label", "Step 31");
        assertEquals(page.evaluate("document.documentElement.scrollHeight > window.innerHeight"), false);
        assertEquals(page.evaluate("window.scrollY"), 0);
    }

    /** What was cut is cut: a rig that is changed says which ticks no longer count, and by which figure. */
    @Test
    public void aChangeVoidsWhatItTouches() {
        begin("Gannet, fjord pedal", "wire");
        toSheet();
        page.getByText("Cut the pair for the shared trunk").click();
        assertThat(open()).containsText("3.00 m one way");
        open().getByLabel("done").check();
        assertThat(done()).hasText(Pattern.compile("1 of \\d+ done"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Line"))
                .click();
        link("wire").click();
        type("Length", "3.4");
        awaitKept();
        toSheet();
        assertThat(done()).hasText(Pattern.compile("0 of \\d+ done"));
        assertThat(page.getByText("It was ticked, and the rig has changed since: length was 3.00 m, is 3.40 m."))
                .isVisible();
    }

    /** An own order is kept; what it breaks is named with the step that is blocked. */
    @Test
    public void anOwnOrderIsJudged() {
        begin("Oystercatcher, estuary autumn", "cable");
        toSheet();
        page.getByText("Shrink the sleeves of the supply lead").click();
        open().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("earlier"))
                .click();
        assertThat(page.getByText("Your own order. One thing comes too early.")).isVisible();
        assertThat(page.getByRole(AriaRole.MAIN))
                .containsText(
                        "Too early: Shrink the sleeves of the supply lead stands before “Pull every crimp of the supply"
                                + " lead”, which is blocked by it: a crimp is pulled before its sleeve hides it.");
        button("the proposed order again").click();
        assertThat(page.getByText("Your own order.")).hasCount(0);
    }

    /** Days, note and photo; what is no photo is told. */
    @Test
    public void daysNotesAndPhotos() throws IOException {
        begin("Reedling, canal pram", "cable");
        toSheet();
        button("my days and my workshop").click();
        dialog().getByLabel("first day").fill("2026-12-04");
        dialog().getByLabel("how warm it is where things cure").fill("12");
        dialog().getByLabel("on a Saturday, from 9:30").fill("3,5");
        button("Plan by that").click();
        assertThat(dialog()).hasCount(0);
        Locator days = page.getByLabel("Days");
        assertThat(days).containsText("Friday evening");
        assertThat(days).containsText("Leave the glued boards alone for 21 h, until");
        page.getByLabel("Note").fill("the string stretches: pull it");
        page.getByLabel("Note").press("Tab");
        page.reload();
        assertThat(page.getByLabel("Note")).hasValue("the string stretches: pull it");
        Locator input = page.locator("#step-photo");
        input.setInputFiles(new FilePayload("way.jpg", "image/jpeg", "no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("photo is something else; allowed: a photo as JPEG or PNG."))
                .isVisible();
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(2400, 1800, BufferedImage.TYPE_INT_RGB), "jpeg", jpeg);
        input.setInputFiles(new FilePayload("way.jpg", "image/jpeg", jpeg.toByteArray()));
        Locator photo = page.getByAltText("Photo 1 of this step");
        assertThat(photo).isVisible();
        assertThat(photo).hasAttribute("width", "1800");
        button("take it away").click();
        assertThat(photo).hasCount(0);
    }

    /** What comes off, counted, and ticked as one goes; another occasion, another sheet. */
    @Test
    public void takenApart() {
        begin("Gannet, fjord pedal", "carry");
        toSheet();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("pack down at the water"))
                .click();
        Locator sheet = page.getByRole(AriaRole.MAIN);
        assertThat(sheet).containsText("8 × plug, 3 × knob or clamp, 1 × strap or tether.");
        assertThat(sheet.getByRole(AriaRole.LISTITEM).first()).containsText("Switch everything off");
        sheet.getByRole(AriaRole.CHECKBOX).first().check();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("put on in the car park"))
                .click();
        assertThat(sheet.getByRole(AriaRole.LISTITEM).last()).containsText("Switch on, and look");
    }

    /** On a telephone one large button at the bottom does what comes next. */
    @Test
    public void oneThumbIsEnough() {
        begin("Lantern crate, high tarn", "cable");
        page.setViewportSize(390, 844);
        toSheet();
        Locator thumb = button(Pattern.compile("step 1 is done"));
        assertThat(thumb).isVisible();
        assertTrue(thumb.boundingBox().height >= 44);
        assertTrue(thumb.boundingBox().width >= 200);
        thumb.click();
        button(Pattern.compile("next step")).click();
        assertThat(open()).containsText("2");
        assertEquals(page.evaluate("document.documentElement.scrollWidth > window.innerWidth"), false);
    }

    /** Pages as they come out of the printer; what is left out is not among them. */
    @Test
    public void lookedAtBeforePrinting() {
        begin("Reedling, canal pram", "cable");
        toSheet();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print"))
                .click();
        Locator pages = page.getByLabel("Pages").getByRole(AriaRole.IMG);
        assertThat(page.getByText("pages, A4")).isVisible();
        int all = pages.count();
        assertTrue((int) page.evaluate("() => document.images[0].decode().then(() => document.images[0].naturalWidth)")
                > 600);
        page.getByLabel("the templates").uncheck();
        assertThat(page.getByText("pages, A4")).isVisible();
        assertThat(pages).not().hasCount(all);
        page.keyboard().press("u");
        assertThat(page.getByText("pages, Letter")).isVisible();
    }

    private Locator button(Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
