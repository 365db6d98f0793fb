package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.nio.file.Files;
import org.testng.annotations.Test;

/** What is screwed, gripped, run and laid up, entered as its owner would. */
public class FittedIT extends InBrowser {

    /** Screws that would go into the battery are found, shorter ones taken, and counted by size in the list. */
    @Test
    public void screwsEndWhereTheyShould() {
        begin("Bittern, reed-bed canoe", "carry");
        assertThat(link("carry")).containsText("won't work");
        button("Screws of the hook on the lid: 12 mm long").click();
        button("Take it").click();
        assertThat(link("carry")).containsText("good");
        page.getByText("1 sort of screws, bolts and rivets").click();
        type("Length that goes in", "40");
        assertThat(link("carry")).containsText("won't work");
        awaitKept();
        type("Length that goes in", "12");
        assertThat(link("carry")).containsText("good");
        button("Add screws, bolts or rivets").click();
        assertThat(page.getByText("2 sorts of screws, bolts and rivets")).isVisible();
        button("lists").click();
        choose("List", "Its screws, bolts and rivets");
        assertThat(dialog()).containsText("coarse screw into plastic, 3.5 mm × 12 mm");
        assertThat(dialog()).containsText("measure what it passes and what it holds in");
    }

    /** What was looked for at a place decides what clamps there. */
    @Test
    public void aPlaceIsAskedWhatItOffers() {
        begin("Bittern, reed-bed canoe", "mount");
        assertThat(link("mount")).containsText("good");
        page.getByText("places,").click();
        page.getByText("left gunwale for an arm").first().click();
        Locator grips = page.getByRole(
                        AriaRole.GROUP, new Page.GetByRoleOptions().setName("To grip at the left gunwale for an arm"))
                .first();
        grips.getByLabel("gunwale, thwart or board").click();
        awaitKept();
        grips.getByLabel("track").click();
        assertThat(link("mount")).containsText("won't work");
        button("findings f").click();
        assertThat(dialog())
                .containsText("A clamp bar grips gunwale, thwart or board; the left gunwale for an arm has none");
    }

    /** Hours on the water beat labels: what all of it drew is taken, once it is asked for. */
    @Test
    public void hoursOnTheWaterAreTaken() {
        begin("Oystercatcher, estuary autumn", "screen");
        page.getByText("how long all of it ran before").click();
        button("add a time it ran").click();
        type("It ran", "8");
        type("Every screen at", "80");
        assertThat(link("screen")).containsText("tight");
        page.keyboard().press("Escape");
        page.locator("body").click();
        page.keyboard().press("f");
        assertThat(dialog()).containsText("By the hours it ran all of it drew");
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Plan with what it drew"))
                .first()
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take it"))
                .click();
        assertThat(link("screen")).containsText("good");
    }

    /** What stands where the seat folds is in its way; the room is moved, and nothing is. */
    @Test
    public void aCraftHasItsRooms() {
        begin("Oystercatcher, estuary autumn", "mount");
        page.getByText("places,").click();
        button("Add a well, a drink holder").click();
        awaitKept();
        page.locator("summary")
                .getByText("room", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Kind of room"))
                .first()
                .selectOption(new SelectOption().setLabel("the seat as it folds"));
        awaitKept();
        type("Its middle, from the bow", "1.55");
        type("Right of the middle", "-0.31");
        awaitKept();
        assertThat(link("screen")).containsText("tight");
        page.locator("body").click();
        page.keyboard().press("f");
        assertThat(dialog()).containsText("The 7-in chirp display stands in the way of the seat as it folds.");
        page.keyboard().press("Escape");
        type("Its middle, from the bow", "2.6");
        assertThat(link("screen")).containsText("good");
        awaitKept();
        button("remove room").last().click();
        awaitKept();
        assertThat(field("Name of the room")).hasCount(0);
    }

    /** Second-hand is powered on the bench first; a pod that holds a battery drains; what came in the box of what is said. */
    @Test
    public void secondHandDrainsAndKits() {
        begin("Reedling, canal pram", "screen");
        page.getByText("less often needed").last().click();
        page.getByLabel("Bought second-hand").last().click();
        assertThat(link("screen")).containsText("tight");
        link("carry").click();
        page.getByLabel("A drain at its lowest corner").click();
        awaitKept();
        page.locator("body").click();
        page.keyboard().press("f");
        assertThat(dialog()).containsText("was somebody else's: power it on the bench");
        assertThat(dialog()).not().containsText("has no drain");
        page.keyboard().press("Escape");
        button("lists").click();
        choose("List", "Everything, with what it costs");
        Locator cone = dialog().getByLabel("Is it there: 16° chirp cone").first();
        cone.selectOption(new SelectOption().setLabel("comes with another part"));
        awaitKept();
        dialog().getByLabel("It comes with").first().selectOption(new SelectOption().setLabel("7-in chirp display"));
        assertThat(dialog()).containsText("in the box of the 7-in chirp display");
        assertThat(dialog()).containsText("with it come: 16° chirp cone");
    }

    /** A battery at rest has its days, as a list and for a calendar. */
    @Test
    public void aBatteryIsLaidUp() throws Exception {
        begin("Lantern crate, high tarn", "battery");
        page.getByText("less often needed").first().click();
        page.getByLabel("Stored from").fill("2027-04-01");
        awaitKept();
        page.getByLabel("Needed again on").fill("2027-11-20");
        awaitKept();
        type("Warmth of the store", "30");
        button("files").click();
        Download calendar = page.waitForDownload(() -> page.getByRole(
                        AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Its lay-up, for a calendar"))
                .click());
        String written = Files.readString(calendar.path()).replace("\r\n ", "");
        assertEquals(written.split("BEGIN:VEVENT").length - 1, 13, "every three weeks, and before and after");
        assertTrue(written.contains("DTSTART;VALUE=DATE:20270422"), written);
    }
}
