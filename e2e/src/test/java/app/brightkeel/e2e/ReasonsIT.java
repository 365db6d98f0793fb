package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.testng.annotations.Test;

/** Why this and why not that, what it comes to, and what is asked of a person once. */
public class ReasonsIT extends InBrowser {

    private Locator row(String label) {
        return page.getByRole(AriaRole.TABPANEL)
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(label))
                .first();
    }

    /** Every alternative says what it wins and loses; what fails says by which rule; the planned one why it stands. */
    @Test
    public void compareSaysWhyTheOthersLose() {
        begin("Oystercatcher, estuary autumn", "mount");
        page.keyboard().press("c");
        assertThat(page.getByText("Why this:")).isVisible();
        assertThat(row("Puck inside the hull: bow hatch")).containsText("cannot strike anything");
        assertThat(row("Puck inside the hull: bow hatch")).containsText("comes off slowly");
        assertThat(row("Swing arm: left rail")).containsText("comes off quickly");
        link("transducer").click();
        page.keyboard().press("c");
        assertThat(row("side fans with line-beam")).containsText("A plug of 12 pins does not go into");
    }

    /** How it travels is asked once, and named as the reason. */
    @Test
    public void whoNeverLiftsItIsToldSo() {
        begin("Oystercatcher, estuary autumn", "mount");
        page.keyboard().press("p");
        choose("It gets to the water", "on a trailer, as it is");
        page.keyboard().press("Escape");
        page.keyboard().press("c");
        assertThat(row("Swing arm: left rail"))
                .containsText("comes off quickly (you never lift it: that brings little)");
        page.keyboard().press("z");
        assertThat(row("Swing arm: left rail")).not().containsText("you never lift it");
    }

    /** A view that is wanted and not fed is found; an adapter and a transducer that bring it are offered. */
    @Test
    public void aViewThatIsNotFedIsFound() {
        begin("Oystercatcher, estuary autumn", "water");
        assertThat(link("transducer")).containsText("good");
        page.getByLabel("a picture of the bottom right below").click();
        assertThat(link("transducer")).containsText("won't work");
        link("transducer").click();
        page.keyboard().press("f");
        assertThat(dialog()).containsText("You want to see a picture of the bottom right below: nothing aboard does.");
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("455 kHz line-beam with a 20° cone"))
                .first()
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take it"))
                .click();
        assertThat(link("transducer")).not().containsText("won't work");
    }

    /** What is to be bought is said in the list, and the line with which it goes over what may be spent is named. */
    @Test
    public void theListSaysWhatBreaksTheBudget() {
        begin("Oystercatcher, estuary autumn", "carry");
        page.keyboard().press("l");
        page.getByLabel("Is it there: 7-in chirp display").selectOption(new SelectOption().setLabel("to buy"));
        Locator price = dialog().getByRole(
                        AriaRole.TEXTBOX,
                        new Locator.GetByRoleOptions().setName("for").setExact(true));
        price.fill("320");
        price.press("Enter");
        awaitKept();
        field("May be spent").fill("300");
        field("May be spent").press("Enter");
        assertThat(dialog()).containsText("it goes over with: 7-in chirp display");
        assertThat(link("battery")).containsText("tight");
        page.getByLabel("Is it there: 7-in chirp display").selectOption(new SelectOption().setLabel("on hand"));
        assertThat(dialog()).not().containsText("it goes over with");
        choose("List", "What to ask before buying");
        assertThat(dialog()).containsText("How wide is the scupper at its narrowest");
    }

    /** What hangs over the water comes with its tether, and says so where that is taken away. */
    @Test
    public void whatCanBeLostIsTethered() {
        begin("Sandpiper, reservoir evenings", "carry");
        assertThat(link("mount")).containsText("good");
        button("remove tether of the swing arm").click();
        assertThat(link("mount")).containsText("tight");
        page.keyboard().press("f");
        assertThat(dialog()).containsText("has no tether: what comes loose is gone");
    }
}
