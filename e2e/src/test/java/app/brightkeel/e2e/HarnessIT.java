package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.Assert;
import org.testng.annotations.Test;

/** The drawn harness and its fuses, as a person goes about them. */
public class HarnessIT extends InBrowser {

    private Locator palette(String kind) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Pieces to put into a wire"))
                .getByText(kind);
    }

    private Locator harness() {
        return page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName("The harness, to scale along the wire"));
    }

    private void openWire(String rig) {
        openCopy(rig, "wire");
        assertThat(harness()).isVisible();
    }

    /** A piece is chosen, a fuse put beside it, taken out again, all by keys; what is chosen stands alone among the fields. */
    @Test
    public void piecesByKeys() {
        openWire("Sandpiper, reservoir evenings");
        assertThat(link("fuse")).containsText("no fuse");
        piece("lead").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("the chosen piece")).isVisible();
        palette("fuse").focus();
        page.keyboard().press("Enter");
        assertThat(link("fuse")).containsText("1 A");
        piece("fuse-lead").focus();
        page.keyboard().press("Delete");
        assertThat(link("fuse")).containsText("no fuse");
        page.keyboard().press("z");
        assertThat(link("fuse")).containsText("1 A");
        button("show the whole harness").click();
        assertThat(page.getByLabel("Build it anew")).isVisible();
    }

    /** By hand: the module's lead dropped on the battery is a run of its own, and nobody browns out any more. */
    @Test
    public void theModuleIsHungOnTheBattery() {
        openWire("Gannet, fjord pedal");
        assertThat(link("wire")).containsText("won't work");
        drag(piece("module"), piece("pack"), 0.5);
        assertThat(link("wire")).containsText("tight");
        assertThat(harness()).containsText("lead of the module");
        page.keyboard().press("z");
        assertThat(link("wire")).containsText("won't work");
        piece("five-lead").focus();
        page.keyboard().press("Enter");
        drag(palette("switch"), piece("trunk"), 0.6);
        assertThat(piece("switch")).isVisible();
        // what was dropped on one wire did not go into the chosen one as well: one step back, and there is none
        page.keyboard().press("z");
        assertThat(piece("switch")).hasCount(0);
    }

    /** The brown-out is shown as the module starts, and goes by either of two cures. */
    @Test
    public void theBrownOutIsSeenAndCuredTwice() {
        for (String cure : new String[] {"A run of its own for the live module", "shared trunk in"}) {
            openWire("Gannet, fjord pedal");
            assertThat(harness()).containsText("11.24 V");
            page.getByLabel("as the largest load starts").check();
            assertThat(page.getByText("the live module just starting").first()).isVisible();
            assertThat(harness()).containsText("9.56 V");
            page.keyboard().press("Escape");
            link("wire").click();
            page.keyboard().press("f");
            page.getByRole(AriaRole.DIALOG)
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(cure))
                    .first()
                    .click();
            button("Take it").click();
            assertThat(link("wire")).containsText("tight");
            page.keyboard().press("z");
            assertThat(link("wire")).containsText("won't work");
        }
    }

    /** The hour is moved by keys; a device switched off draws nothing. */
    @Test
    public void theDayIsScrubbed() {
        openWire("Gannet, fjord pedal");
        page.getByLabel("in the day").check();
        assertThat(page.getByText("0 h 00 into the day").first()).isVisible();
        page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Hour of the day"))
                .focus();
        page.keyboard().press("End");
        assertThat(page.getByText("8 h 00 into the day").first()).isVisible();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Switched on"))
                .getByLabel("9-in display")
                .uncheck();
        assertThat(harness()).containsText("off, ");
    }

    /** The spare lead with the wrong half of the plug is found; the right half is a cure. */
    @Test
    public void aPlugThatDoesNotMate() {
        openWire("Gannet, fjord pedal");
        page.keyboard().press("f");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Spare supply lead (quick plug, shrouded half) does not go with");
        dialog.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("spare supply lead with a quick plug, open-pin half"))
                .click();
        button("Take it").click();
        page.keyboard().press("f");
        assertThat(page.getByRole(AriaRole.DIALOG)).not().containsText("does not go with");
    }

    /** A school builds the harness anew; its fuses have charts and a place; the lists are files. */
    @Test
    public void aSchoolIsChosenAndListed() {
        openWire("Gannet, fjord pedal");
        page.getByLabel("Build it anew").selectOption("switched");
        assertThat(piece("block-2")).isVisible();
        assertThat(piece("harness-lamp")).isVisible();
        assertThat(link("wire")).not().containsText("won't work");
        link("fuse").click();
        button("Where the fuses sit").click();
        assertThat(page.getByText("the first fuse by here").first()).isVisible();
        button("place of main fuse: move with the arrow keys").focus();
        page.keyboard().press("ArrowRight");
        assertThat(link("fuse")).containsText("150 mm");
        button("files").click();
        com.microsoft.playwright.Download file = page.waitForDownload(() -> page.getByRole(
                        AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("What to buy for the harness"))
                .click());
        Assert.assertTrue(file.suggestedFilename().endsWith("shopping.csv"), file.suggestedFilename());
    }
}
