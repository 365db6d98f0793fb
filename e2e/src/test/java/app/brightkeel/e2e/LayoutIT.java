package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.Assert;
import org.testng.annotations.Test;

/** Cables planned together, things moved in the plan, boxes and boards, as a person goes about them. */
public class LayoutIT extends InBrowser {

    private Locator row(String words) {
        return page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText(words));
    }

    private void take(String words) {
        row(words)
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take"))
                .click();
    }

    /** The clean plan drills one hole; its template is a file; a pinned leg is kept by the next plan. */
    @Test
    public void allCablesArePlannedAndAHoleIsPrinted() {
        openCopy("Oystercatcher, estuary autumn", "cable");
        assertThat(link("cable")).containsText("0.42 m short");
        page.keyboard().press("c");
        take("All cables anew: inside and out of the way");
        assertThat(link("cable")).containsText("0.95 m spare");
        assertThat(link("cable")).containsText("1 hole");
        assertThat(page.getByText("wall of the left rod-holder tube, to drill").first())
                .isVisible();
        button("files").click();
        Download file = page.waitForDownload(() -> page.getByRole(
                        AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Templates in full size (PDF)"))
                .click());
        Assert.assertTrue(file.suggestedFilename().endsWith("templates.pdf"), file.suggestedFilename());
        page.keyboard().press("s");
        Locator pin =
                page.getByLabel("pinned: wall of the left rod-holder tube").first();
        pin.click();
        assertThat(pin).isChecked();
        link("cable").click();
        page.keyboard().press("c");
        take("All cables anew: no hole drilled");
        assertThat(link("cable")).containsText("1 hole");
    }

    /** What moves takes slack, at one end of its travel and not at the other. */
    @Test
    public void travelTakesSlack() {
        openCopy("Gannet, fjord pedal", "cable");
        assertThat(link("cable")).containsText("1.75 m spare");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("add what moves on its way"))
                .first()
                .click();
        assertThat(link("cable")).containsText("not said");
        field("Slides").fill("0.45");
        page.keyboard().press("Enter");
        assertThat(link("cable")).containsText("1.30 m spare");
        assertThat(page.getByText("to spare at the far end of travel, 1.75 m at the near one")
                        .first())
                .isVisible();
    }

    /** By keys to the next place, by hand to any: the heel follows, and a counterweight levels what is left. */
    @Test
    public void thingsAreMovedInThePlan() {
        openCopy("Gannet, fjord pedal", "carry");
        assertThat(link("carry")).containsText("1.7°");
        piece("nine").focus();
        page.keyboard().press("ArrowLeft");
        assertThat(link("carry")).not().containsText("1.7°");
        page.keyboard().press("z");
        assertThat(link("carry")).containsText("1.7°");
        drag(piece("nine"), piece("rail-left"), 0.5);
        assertThat(link("carry")).containsText("kg · 0°");
        assertThat(page.getByLabel("Sits at").nth(1)).hasValue("rail-left");
        page.keyboard().press("z");
        // what mends it is asked of the rig that stands there again
        assertThat(link("carry")).containsText("1.7°");
        page.keyboard().press("f");
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("as a counterweight"))
                .first()
                .click();
        button("Take it").click();
        assertThat(link("carry")).containsText("good");
        assertThat(page.getByLabel("Name of the weight")).hasValue("counterweight");
    }

    /** The pram: stood upright, its long rail spliced; the boards are drawn anew and listed. */
    @Test
    public void thePodIsCured() {
        openCopy("Reedling, canal pram", "carry");
        assertThat(link("carry")).containsText("won't work");
        for (String cure : new String[] {"Stand it upright", "Splice the transom rail", "A drain hole"}) {
            page.keyboard().press("f");
            page.getByRole(AriaRole.DIALOG)
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(cure))
                    .first()
                    .click();
            button("Take it").click();
        }
        assertThat(link("carry")).containsText("good");
        button("Parts on their boards").click();
        assertThat(page.getByText("half of the transom rail 1").first()).isVisible();
        button("In the transom pod").click();
        assertThat(page.getByText("15 mm under the lid").first()).isVisible();
        button("files").click();
        Download file = page.waitForDownload(
                () -> page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Its cut list"))
                        .click());
        Assert.assertTrue(file.suggestedFilename().endsWith("cuts.csv"), file.suggestedFilename());
    }

    /** On the ice a light battery and a long arm tip; ballast, a kickstand and a shorter arm are offered. */
    @Test
    public void aBoxThatTips() {
        openCopy("Lantern crate, high tarn", "carry");
        button("What tips it").click();
        assertThat(page.getByText("about the left edge").first()).isVisible();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Mass"))
                .nth(1)
                .fill("20");
        page.keyboard().press("Enter");
        assertThat(link("carry")).containsText("won't work");
        link("carry").click();
        page.keyboard().press("f");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("of ballast at the far edge");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("kickstand"))
                .first()
                .click();
        button("Take it").click();
        assertThat(link("carry")).not().containsText("won't work");
        assertThat(page.getByLabel("Out over the edge")).hasValue("left");
    }

    /** What is refused is said at its field, and nothing is kept. */
    @Test
    public void refusedAtTheField() {
        openCopy("Reedling, canal pram", "carry");
        field("Free space around things").fill("-5");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Nothing was saved").first()).isVisible();
        assertThat(link("carry")).containsText("won't work");
    }

    /** From nothing, by the fields: a passage, a data lead on its way, a box with an exit, a part of a board. */
    @Test
    public void whatIsBuiltIsTyped() {
        openCopy("Gannet, fjord pedal", "mount");
        page.getByText("10 places, ").or(page.getByText("12 places, ")).first().click();
        button("Add a passage").click();
        page.locator("summary")
                .filter(new Locator.FilterOptions().setHasText("passage"))
                .last()
                .click();
        assertThat(page.getByLabel("Name of the passage").last()).hasValue("passage");
        link("cable").click();
        button("Add a data lead").click();
        assertThat(link("cable")).containsText("not said");
        assertThat(page.getByLabel("Name of the data lead").last()).hasValue("data lead");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("remove data lead"))
                .click();
        assertThat(link("cable")).containsText("1.75 m spare");
        link("carry").click();
        button("Add a box or bag").click();
        assertThat(page.getByLabel("Name of the box")).hasValue("box");
        assertThat(link("carry")).containsText("not said");
        page.keyboard().press("z");
        assertThat(page.getByLabel("Name of the box")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("add a part"))
                .click();
        for (String[] field :
                new String[][] {{"Board length", "0.9"}, {"Board width", "300"}, {"Board thickness", "18"}}) {
            type(field[0], field[1]);
        }
        button("Parts on their boards").click();
        assertThat(page.getByText("board 1: 597 mm left").first()).isVisible();
    }
}
