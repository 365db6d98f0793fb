package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.testng.annotations.Test;

/** Own gear: put in, told anew, taken by a rig, carried to another station, wanted twice. */
public class GarageIT extends InBrowser {

    private void toGarage() {
        page.navigate(app.url("/"));
        assertThat(page.locator("[data-rig]").first()).isVisible();
        page.keyboard().press("g");
        assertThat(button("Add a piece")).isVisible();
    }

    private void toSeason() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Season"))
                .click();
        assertThat(region("What it is made of")).isVisible();
    }

    /** By hand and by a table; a slip of the table changes nothing; a rig takes the piece and says what differs later. */
    @Test
    public void aPieceIsPutInAndTaken() {
        toGarage();
        page.keyboard().press("n");
        page.getByLabel("Nearest to").selectOption("lifepo4-24");
        page.getByLabel("What you call it").fill("the long one");
        button("Put it in").click();
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("the long one"));
        form.getByLabel("Where it is").fill("under the stairs");
        form.getByLabel("Capacity, on the label").fill("24,5");
        button("Keep it so").click();
        assertThat(region("Gear")).containsText("under the stairs");
        Locator file = page.getByLabel("A table of gear");
        file.setInputFiles(table("Name;Kind;capacityAh;colour\nthe small one;battery;7,5;red\nodd;spoon;;\n"));
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("line 3, kind");
        assertThat(region("Gear")).not().containsText("the small one");
        file.setInputFiles(table("Name;Kind;capacityAh;colour\nthe small one;battery;7,5;red\n"));
        assertThat(region("Gear")).containsText("the small one");
        assertThat(region("Gear")).containsText("it stands in the note");

        begin("Lantern crate, high tarn", "battery");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Compare"))
                .click();
        Locator mine =
                page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("the long one, yours"));
        mine.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take"))
                .click();
        awaitKept();
        toSeason();
        assertThat(region("What it is made of")).containsText("the long one in this rig alone");
        toGarage();
        region("Gear").getByText("the long one").click();
        page.getByLabel("Of which it still has").fill("80");
        button("Keep it so").click();
        assertThat(page.getByLabel("Rigs that have it")).containsText("here not said");
        page.getByLabel("Rigs that have it").getByRole(AriaRole.LINK).click();
        page.getByText("take the garage’s word").click();
        assertThat(region("What it is made of")).not().containsText("of which it still has");
    }

    private static FilePayload table(String words) {
        return new FilePayload("mine.csv", "text/csv", words.getBytes(StandardCharsets.UTF_8));
    }

    /** Its parts go into the garage, a rig for another craft is made of them, and both want them on one day. */
    @Test
    public void twoStationsOfOneDisplay() {
        begin("Oystercatcher, estuary autumn", "battery");
        String kayak = page.url().replaceAll(".*/rigs/([^/?]+).*", "$1");
        toSeason();
        Locator made = region("What it is made of");
        made.getByText("in no garage").click();
        Locator parts = made.getByRole(AriaRole.CHECKBOX);
        int all = parts.count();
        for (int i = 0; i < all; i++) {
            parts.nth(i).check();
        }
        button("Put into the garage").click();
        assertThat(made.getByText("in this rig alone")).hasCount(all);
        page.getByText("a rig for another craft or display").click();
        page.getByLabel("On", new Page.GetByLabelOptions().setExact(true)).selectOption("ice-sled");
        button("Make it").click();
        page.waitForURL(url -> url.contains("/rigs/") && !url.contains(kayak));
        awaitLine();
        toSeason();
        assertThat(region("Other stations")).containsText("Oystercatcher, estuary autumn");
        String saturday = LocalDate.now().plusDays(4).toString();
        want(saturday);
        assertThat(region("Days out to come")).not().containsText("is wanted by");
        page.getByText("swap to it").first().click();
        Locator swap = region("The swap");
        assertThat(swap.getByRole(AriaRole.LISTITEM).first()).containsText("Switch everything off");
        assertThat(swap).containsText("Take off the 7-in chirp display");
        assertThat(region("What is where")).containsText("Travels");
        assertThat(region("What is where").locator("dt").getByRole(AriaRole.LINK))
                .hasCount(4);
        page.getByText("the way back").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("Oystercatcher, estuary autumn");
        page.setViewportSize(390, 844);
        assertThat(swap).containsText("Switch everything off");
        assertEquals(page.evaluate("document.documentElement.scrollWidth"), 390);
        page.setViewportSize(1280, 800);
        page.navigate(app.url("/rigs/" + kayak + "/season"));
        want(saturday);
        assertThat(region("Days out to come")).containsText("7-in chirp display is wanted by");
        region("Days out to come").getByText("ready?").click();
        assertThat(region("Days out to come")).containsText("still to look at");
        assertThat(region("Days out to come")).containsText("wanted twice");
        // all but care, which is beside it, lead to where they are mended
        Locator leads = region("Days out to come").locator("dt").getByRole(AriaRole.LINK);
        assertThat(leads).hasCount(6);
        leads.getByText("parts").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        page.goBack();
        region("Days out to come").getByText("ready?").click();
        region("Days out to come").getByText("not then").click();
        assertThat(region("Days out to come")).not().containsText("is wanted by");
    }

    private void want(String day) {
        page.getByLabel("out on").fill(day);
        button("plan it").click();
        assertThat(region("Days out to come")).containsText(day);
    }

    /** Alternatives beside what is planned, and three rigs beside each other. */
    @Test
    public void severalSideBySide() {
        begin("Oystercatcher, estuary autumn", "battery");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Compare"))
                .click();
        page.getByLabel("beside").first().check();
        page.getByLabel("beside").nth(1).check();
        page.getByText("put the 2 beside what is planned").click();
        Locator table = page.getByRole(AriaRole.TABLE);
        assertThat(table.getByRole(AriaRole.COLUMNHEADER)).hasCount(4);
        assertThat(table).containsText("Hours, nine days of ten");
        assertThat(table).containsText("Cost of an hour out");
        page.navigate(app.url("/"));
        for (String rig : new String[] {"Lantern", "Oystercatcher", "Sandpiper"}) {
            page.locator("[data-rig]")
                    .filter(new Locator.FilterOptions().setHasText(rig))
                    .first()
                    .getByRole(AriaRole.CHECKBOX)
                    .check();
        }
        button("Compare the three").click();
        assertThat(table.getByRole(AriaRole.COLUMNHEADER)).hasCount(4);
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Battery")))
                .isVisible();
        // every measure of every rig leads to how it comes about
        Locator measures = table.locator("tbody").first();
        assertThat(measures.getByRole(AriaRole.LINK))
                .hasCount(3 * measures.getByRole(AriaRole.ROW).count());
        measures.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName("Cost of a season"))
                .getByRole(AriaRole.LINK)
                .first()
                .click();
        assertThat(page.getByText("What a season costs")).isVisible();
    }
}
