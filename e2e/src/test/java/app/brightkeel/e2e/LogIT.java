package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import org.testng.annotations.Test;

/** The log: trips told in a minute, corrected and taken out; what they teach is shown and taken. */
public class LogIT extends InBrowser {

    private Locator trips() {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("Trips").setExact(true));
    }

    private Locator trip(String day) {
        return trips().getByRole(AriaRole.LISTITEM)
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(day));
    }

    private Locator taught() {
        return page.getByLabel("What the trips taught");
    }

    private void toLog(String rig) {
        begin(rig, "battery");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Log"))
                .click();
        assertThat(page.getByText("No trip yet.")).isVisible();
    }

    private void keep(String day, String hours, String volts) {
        button("Log a trip").click();
        assertThat(page.getByLabel("hours out")).isFocused();
        page.getByLabel("day", new Page.GetByLabelOptions().setExact(true)).fill(day);
        page.getByLabel("hours out").fill(hours);
        page.getByLabel("rest volts an hour after").fill(volts);
        button("Keep this trip").click();
        assertThat(button("Keep this trip")).isHidden();
    }

    /** Typed in, seen on the strip, corrected where it is a slip; a lesson taken and undone. */
    @Test
    public void tripsTeach() {
        toLog("Oystercatcher, estuary autumn");
        int year = LocalDate.now().getYear() - 1;
        for (int month = 4; month < 9; month++) {
            keep("%d-0%d-14".formatted(year, month), "5 h 30", "12.98");
        }
        assertThat(trips().getByRole(AriaRole.LISTITEM)).hasCount(5);
        assertThat(trip(year + "-08-14")).isVisible();
        assertThat(taught()).containsText("5 readings, each foretold from all others");
        keep("%d-09-14".formatted(year), "5.5", "1,98");
        assertThat(trips().getByText("Left out: volts after 1.98 V")).isVisible();
        trips().getByText("correct it").first().click();
        page.getByLabel("rest volts an hour after").fill("12.97");
        button("Keep it so").click();
        assertThat(trips().getByText("Left out")).hasCount(0);
        trip(year + "-09-14").click();
        assertThat(page.getByText("Rest volts of " + year + "-09-14").first()).isVisible();
        button("Take the capacity into the rig").click();
        assertThat(taught().getByRole(AriaRole.STATUS)).containsText("those of its log now");
        taught().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("undo"))
                .click();
        assertThat(taught().getByRole(AriaRole.STATUS)).hasCount(0);
        trips().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("take it out"))
                .click();
        trips().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("take it out for good"))
                .click();
        assertThat(trips().getByRole(AriaRole.LISTITEM)).hasCount(5);
        page.reload();
        assertThat(trips().getByRole(AriaRole.LISTITEM)).hasCount(5);
    }

    /** What cannot be is told at the form, which stays as it was typed. */
    @Test
    public void whatCannotBeIsTold() {
        toLog("Lantern crate, high tarn");
        button("Log a trip").click();
        page.getByLabel("hours out").fill("30");
        page.getByText("something went wrong").click();
        page.getByLabel("what went wrong with it, 1").fill("frost on the screen");
        button("Keep this trip").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("24");
        assertThat(page.getByLabel("what went wrong with it, 1")).hasValue("frost on the screen");
        page.getByLabel("hours out").fill("4");
        button("Keep this trip").click();
        assertThat(trips().getByText("frost on the screen")).isVisible();
    }

    /** On a telephone all of it stands below each other, and nothing is wider than the page. */
    @Test
    public void onATelephone() {
        page.setViewportSize(390, 844);
        toLog("Gannet, fjord pedal");
        keep(LocalDate.now().minusDays(2).toString(), "6", "12.9");
        assertThat(taught()).containsText("the battery holds");
        assertEquals(page.evaluate("document.documentElement.scrollWidth"), 390);
    }

    /** What is due is written down, moves, and is taken back; the same day twice is told. */
    @Test
    public void whatIsDueIsWrittenDown() {
        begin("Oystercatcher, estuary autumn", "battery");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Season"))
                .click();
        Locator contacts = page.getByLabel("What is due")
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Clean plugs"));
        assertThat(contacts).containsText("not written down yet");
        Locator done = contacts.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("done"));
        done.click();
        contacts.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("write it down"))
                .click();
        assertThat(contacts).containsText("last " + LocalDate.now());
        done.click();
        contacts.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("write it down"))
                .click();
        assertThat(page.getByText("that day is written down already")).isVisible();
        page.getByText("not so").click();
        assertThat(contacts).containsText("not written down yet");
    }
}
