package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** The day, its batteries and what charges them, as a person goes about them. */
public class PowerIT extends InBrowser {

    private Locator textbox(String name) {
        return page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(name));
    }

    private void exactly(String label, String value) {
        Locator field = page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
        field.fill(value);
        field.press("Enter");
        assertThat(field).not().hasValue("");
    }

    private Locator slider(String name) {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name));
    }

    /** In the picture of candidates one is taken by keys: the crate lasts its cold day; undo brings the fault back. */
    @Test
    public void aCandidateIsTakenInThePicture() {
        openRig("Lantern");
        link("battery").click();
        assertThat(link("battery")).containsText("won't work");
        button("Batteries by mass").click();
        assertThat(page.getByText("on nine days of ten").first()).isVisible();
        button("10 Ah LiFePO4 of the kayak").first().focus();
        page.keyboard().press("Enter");
        assertThat(link("battery")).containsText("good");
        assertThat(textbox("Name of the battery on hand")).hasValue("9 Ah AGM, third winter");
        assertThat(page.getByLabel("Made for")).hasValue("lifepo4");
        page.keyboard().press("z");
        assertThat(link("battery")).containsText("won't work");
    }

    /** A part of the day ends where its handle is moved to, by keys. */
    @Test
    public void thePartsOfTheDayAreMovedInTheChart() {
        openRig("Gannet");
        link("screen").click();
        Locator hours = textbox("Hours").first();
        assertThat(hours).hasValue("1 h 00");
        button("end of pedalling out: move with the arrow keys").focus();
        page.keyboard().press("ArrowRight");
        assertThat(hours).hasValue("1 h 15");
        page.keyboard().press("z");
        assertThat(hours).hasValue("1 h 00");
    }

    /** The levers of the whole day show the hours beside them. */
    @Test
    public void whatIfItWereDimmer() {
        openRig("Gannet");
        link("screen").click();
        Locator section = page.locator("section", new Page.LocatorOptions().setHasText("What if, all day"));
        assertThat(section.first()).containsText("11 h");
        slider("Brightness of every display").focus();
        page.keyboard().press("Home");
        assertThat(section.first()).containsText("14 h");
        assertThat(slider("Brightness, 9-in display").first()).hasAttribute("aria-valuenow", "0");
        page.keyboard().press("Escape");
        link("screen").click();
        page.keyboard().press("z");
        assertThat(section.first()).containsText("11 h");
    }

    /** A charger of another chemistry is found, and one that is made for the battery cures it. */
    @Test
    public void aChargerOfAnotherChemistry() {
        openRig("Lantern");
        link("battery").click();
        page.getByLabel("Made for").selectOption("lifepo4");
        button("findings").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("is made for 1 × LiFePO4");
        dialog.getByText("A charger for AGM lead").first().click();
        page.getByText("Take it").click();
        assertThat(page.getByLabel("Made for")).hasValue("agm");
    }

    /** An old battery's test typed in: what is left of it takes the place of its age. */
    @Test
    public void aLoadTestIsTypedIn() {
        openRig("Lantern");
        link("battery").click();
        type("Health", "");
        page.getByText("test of what it still gives").click();
        exactly("Rest volts before", "12.85");
        exactly("Test current", "0.9");
        exactly("Test lasted", "3 h 30");
        exactly("Rest volts after an hour later", "12.1");
        link("battery").click();
        awaitKept();
        page.keyboard().press("w");
        Locator why = page.getByRole(AriaRole.TABPANEL);
        why.getByText("capacity on the day").first().click();
        assertThat(why).containsText("share left of it, by the test");
        for (int i = 0; i < 5; i++) {
            page.keyboard().press("z");
        }
    }

    /** The battery of one rig tried on the others. */
    @Test
    public void theBatteryOnOtherRigs() {
        openRig("Oystercatcher");
        link("battery").click();
        page.getByText("this battery on your other rigs").click();
        Locator table = page.getByRole(AriaRole.TABPANEL).getByRole(AriaRole.TABLE);
        assertThat(table).containsText("Gannet, fjord pedal");
        assertThat(table.locator("tr", new Locator.LocatorOptions().setHasText("Gannet")))
                .containsText("won't work");
    }
}
