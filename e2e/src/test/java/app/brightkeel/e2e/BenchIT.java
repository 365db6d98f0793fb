package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.testng.annotations.Test;

/** The rig under the meter: typed by hand, taken from the simulated one, and told what is wrong. */
public class BenchIT extends InBrowser {

    private Locator readings() {
        return page.getByLabel("Readings", new Page.GetByLabelOptions().setExact(true));
    }

    private void toBench(String rig) {
        begin(rig, "wire");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench"))
                .click();
        assertThat(page.getByText("Nothing is read yet")).isVisible();
    }

    /** By hand: what is all right, what lies outside, what is no reading; the most telling one next. */
    @Test
    public void typedByHand() {
        toBench("Oystercatcher, estuary autumn");
        Locator rest = readings().locator("[id='rest.pack']");
        assertThat(rest).containsText("13.");
        rest.getByRole(AriaRole.TEXTBOX).fill("13,35");
        rest.getByRole(AriaRole.TEXTBOX).press("Enter");
        assertThat(rest).containsText("all right");
        assertThat(page.getByText("Read next:")).isVisible();
        Locator plug = readings().locator("[id='polarity.display']");
        plug.getByRole(AriaRole.TEXTBOX).fill("-13.3");
        plug.getByRole(AriaRole.TEXTBOX).press("Enter");
        assertThat(plug).containsText("outside");
        assertThat(page.getByRole(AriaRole.HEADING)
                        .filter(new Locator.FilterOptions().setHasText("Plus and minus are changed over")))
                .isVisible();
        assertThat(page.getByText("Do not switch on.")).isVisible();
        plug.getByRole(AriaRole.TEXTBOX).fill("13300");
        plug.getByRole(AriaRole.TEXTBOX).press("Enter");
        assertThat(page.getByText("value is 13300")).isVisible();
        page.reload();
        assertThat(readings()).containsText("2 of");
    }

    /** From the simulated meter, with something wrong: named, marked in the drawing, put right. */
    @Test
    public void takenFromTheSimulatedMeter() {
        toBench("Gannet, fjord pedal");
        button("switch a simulated meter on").click();
        assertThat(page.getByText("Nothing is wrong with its rig.")).isVisible();
        button("take every reading").click();
        assertThat(readings()).containsText("43 of 43 read");
        assertThat(page.getByText("Nothing is wrong ·")).isVisible();
        page.getByLabel("Let something go wrong")
                .selectOption(new SelectOption()
                        .setLabel("Bad contact, about 100 mΩ too much: crimp of the shared trunk at the fuse block"));
        assertThat(page.getByText("Wrong with its rig:")).isVisible();
        button("take every reading").click();
        assertThat(readings().getByRole(AriaRole.STATUS)).containsText("outside");
        assertThat(page.getByRole(AriaRole.HEADING)
                        .filter(new Locator.FilterOptions()
                                .setHasText("too much: crimp of the shared trunk at the fuse block")))
                .isVisible();
        assertThat(page.getByText("strip anew, crimp again")).isVisible();
        Locator drop = readings().locator("[id='drop.trunk/end']");
        assertThat(drop).containsText("bad. Open it before anything else.");
        drop.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("how it came about"))
                .click();
        assertThat(drop).containsText("of a good one, both poles");
        button("put it right").click();
        button("take every reading").click();
        assertThat(page.getByText("Nothing is wrong ·")).isVisible();
        button("switch it off").click();
        assertThat(button("switch a simulated meter on")).isVisible();
    }

    /** Pictures, fix and pages are seen, not measured; what is ticked here is ticked on the sheet. */
    @Test
    public void whatNoMeterShows() {
        toBench("Lantern crate, high tarn");
        Locator seen =
                readings().getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("What no meter shows"));
        assertThat(seen.getByRole(AriaRole.CHECKBOX).first()).isVisible();
        int all = seen.getByRole(AriaRole.CHECKBOX).count();
        assertTrue(all > 2, all + " things to see");
        seen.getByRole(AriaRole.CHECKBOX).first().check();
        page.reload();
        assertThat(seen.getByRole(AriaRole.CHECKBOX).first()).isChecked();
        assertThat(seen.getByRole(AriaRole.CHECKBOX).nth(1)).not().isChecked();
        assertEquals(page.evaluate("document.documentElement.scrollHeight > window.innerHeight"), false);
    }

    /** From what it does to why: a question, its answer, the next one; an answer taken back; the address holds it all. */
    @Test
    public void byWhatItDoes() {
        toBench("Gannet, fjord pedal");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("by what it does"))
                .click();
        button("It dies as it starts").click();
        Locator why = page.getByLabel("Why it may be so");
        assertThat(why.getByRole(AriaRole.STATUS)).containsText("Likeliest so far");
        String before = why.getByRole(AriaRole.STATUS).innerText();
        why.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("no").setExact(true))
                .first()
                .click();
        assertThat(why.getByText("take it back")).hasCount(1);
        assertThat(why.getByRole(AriaRole.STATUS)).not().hasText(before);
        page.reload();
        assertThat(why.getByText("take it back")).hasCount(1);
        why.getByText("take it back").click();
        assertThat(why.getByText("take it back")).hasCount(0);
        assertThat(why.getByRole(AriaRole.STATUS)).hasText(before);
        button("It dies as an engine cranks").click();
        assertThat(why.getByText("licensed marine electrician")).isVisible();
    }

    /** A port on which nothing listens says so, and nothing is kept. */
    @Test
    public void aMeterThatIsNone() {
        toBench("Reedling, canal pram");
        page.getByText("a meter of your own, by its line").click();
        page.getByLabel("its port").fill("9");
        button("take every reading from it").click();
        assertThat(page.getByText("Nothing on port 9 of this machine answers.")).isVisible();
        assertThat(readings()).containsText("0 of");
    }
}
