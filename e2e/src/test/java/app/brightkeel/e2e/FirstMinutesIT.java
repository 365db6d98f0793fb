package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import org.testng.Reporter;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/**
 * Three rigs planned as a new user plans them, from an empty shelf, every press, choice and typed field counted: what is known is
 * said, the rest is filled in, and what then does not hold is cured by what is offered first.
 */
public class FirstMinutesIT extends InBrowser {

    private static final int MOST_UNTIL_WHOLE = 12;
    private static final int MOST_UNTIL_HOURS = 8;
    private static final int MOST_UNTIL_ALL_HOLD = 25;

    private int actions;

    @BeforeMethod
    public void countAnew() {
        actions = 0;
    }

    /** A sit-on-top on a shallow lake. */
    @Test
    public void sitOnTopOnAShallowLake() {
        start("Wigeon, shallow mere", "sit-on-top paddle kayak");
        say("Which one", "3.2 m sit-on-top");
        say("How deep", "shallow, 1 to 4 m");
        say("How long a day", "5 h");
        haveTheRestFilledIn();
        nineVerdicts();
        assertThat(link("battery")).containsText("h ");
        assertTrue(actions <= MOST_UNTIL_HOURS, actions + " actions until the hours are known");
        untilAllHold();
    }

    /** On the ice, eight degrees below freezing, with a sealed lead battery. */
    @Test
    public void leadInTheCold() {
        start("Scaup, north ice", "sled or bucket on ice");
        say("How deep", "3 to 25 m");
        say("How long a day", "6 h");
        haveTheRestFilledIn();
        nineVerdicts();
        press(link("screen"));
        actions++;
        type("Air", "-8");
        awaitKept();
        press(link("battery"));
        press(page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Compare")));
        press(page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Ah AGM"))
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take")));
        awaitKept();
        assertThat(link("carry")).containsText("kg");
        untilAllHold();
    }

    /** A canoe with two displays on one battery, begun by hand and filled in from half: hours before there is a wire. */
    @Test
    public void canoeWithTwoDisplays() {
        start("", "canoe");
        say("Which display", "9-in display");
        say("Battery you have", "30 Ah LiFePO4");
        say("How long a day", "6 h");
        press(button("Start it"));
        page.waitForURL("**/rigs/**");
        awaitLine();
        assertThat(link("battery")).containsText("h ");
        assertThat(link("wire")).containsText("not said");
        assertTrue(actions <= MOST_UNTIL_HOURS, actions + " actions until the hours are known");
        press(link("screen"));
        actions++;
        page.getByLabel("Add a device").selectOption(new SelectOption().setLabel("5-in display"));
        awaitKept();
        press(button("fill in the rest"));
        press(button("Take it"));
        awaitKept();
        nineVerdicts();
        untilAllHold();
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("First pass")))
                .containsText("First pass done");
    }

    /** Each answer tells what it fills in; with a display only transducers that go with it are offered. */
    @Test
    public void answersTellWhatTheyFillIn() {
        openEmptyShelf();
        button("7-in chirp display with 16° chirp cone").click();
        assertThat(dialog().getByLabel("Which transducer")).hasValue("chirp-16");
        assertThat(dialog()).containsText("draws 8.5 W, and 6.5 W more at full light");
        assertThat(dialog()).containsText("one beam, lead of 6.00 m");
        dialog().getByLabel("Which display").selectOption("display-5-in");
        assertThat(dialog().getByLabel("Which transducer")).hasValue("");
        assertThat(dialog().getByLabel("Which transducer").locator("option")).hasCount(4);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("canoe"))
                .click();
        dialog().getByLabel("Which one").selectOption("canoe-4-9");
        assertThat(dialog()).containsText("4.90 m by 0.90 m");
        dialog().getByLabel("what I chose here I have already").check();
        press(button("Start it"));
        page.waitForURL("**/rigs/**");
        awaitLine();
        assertThat(page.getByLabel("Name of the rig")).hasValue("Canoe");
        page.keyboard().press("l");
        page.getByLabel("List", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel("Everything, with what it costs"));
        assertThat(dialog().getByLabel("Is it there: 5-in display")).hasValue("owned");
    }

    /** What is wanted leads to where it is said, on whichever link that is. */
    @Test
    public void whatIsWantedLeadsToItsField() {
        start("Tufted, mill pond", "sit-on-top paddle kayak");
        press(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start it")));
        page.waitForURL("**/rigs/**");
        awaitLine();
        // the kind of the water, its shallowest and its deepest
        for (String value : List.of("", "2", "9")) {
            button("say it").click();
            Locator focus = page.locator("[data-field^='/outing/water']:focus");
            assertThat(focus).hasCount(1);
            if (value.isEmpty()) {
                focus.selectOption(new SelectOption().setIndex(1));
            } else {
                focus.fill(value);
                focus.press("Enter");
            }
            awaitKept();
        }
        assertThat(link("water")).not().containsText("not said");
        button("say it").click();
        assertThat(page.locator("[data-field='/transducers']")).isFocused();
    }

    /** Nothing on the shelf: a whole rig to begin from stands there after one press. */
    @Test
    public void anEmptyShelfOffersWholeRigs() {
        openEmptyShelf();
        press(button("A crate on the ice"));
        page.waitForURL("**/rigs/**");
        awaitLine();
        nineVerdicts();
        assertThat(button("keep all")).isVisible();
        page.locator("body").click();
        page.keyboard().press("m");
        assertThat(dialog()).containsText("Everything works, or nothing is known against what won't.");
    }

    /** What is proposed looks so until it is kept, and one step takes all of it back. */
    @Test
    public void whatIsProposedIsKeptOrTakenBack() {
        start("Pintail, gravel pit", "pedal kayak");
        press(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start it")));
        page.waitForURL("**/rigs/**");
        awaitLine();
        page.keyboard().press("b");
        assertThat(dialog()).containsText("Fill in what is open");
        button("Take it").click();
        awaitKept();
        link("battery").click();
        assertThat(page.getByText("proposed", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("keep it"))
                .first()
                .click();
        awaitKept();
        assertThat(page.getByText("proposed", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
        link("water").click();
        assertEquals(
                page.getByLabel("Shallowest: where it comes from").inputValue(),
                "proposed",
                "a depth nobody said looks proposed");
        type("Shallowest", "3");
        awaitKept();
        assertEquals(page.getByLabel("Shallowest: where it comes from").inputValue(), "chosen");
        page.locator("body").click();
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("z");
            awaitKept();
        }
        assertThat(link("battery")).containsText("not said");
        assertThat(button("fill in the rest")).isVisible();
    }

    private void openEmptyShelf() {
        page.route(
                app.url("/api/rigs"),
                shelf -> shelf.fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setBody("[]")));
        page.navigate(app.url("/"));
    }

    private void start(String name, String craft) {
        page.navigate(app.url("/"));
        press(button("Start a rig"));
        if (!name.isEmpty()) {
            actions++;
            page.keyboard().type(name);
        }
        press(page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(craft).setExact(true)));
    }

    private void press(Locator target) {
        actions++;
        target.click();
    }

    private void say(String label, String words) {
        actions++;
        dialog().getByLabel(label).selectOption(new SelectOption().setLabel(words));
    }

    private void haveTheRestFilledIn() {
        press(button("Have the rest filled in"));
        page.waitForURL("**/rigs/**");
        awaitLine();
    }

    private void nineVerdicts() {
        for (String each : Pages.LINKS) {
            assertThat(link(each)).not().containsText("not said");
        }
        Reporter.log(actions + " actions until nine verdicts stand there", true);
        assertTrue(actions <= MOST_UNTIL_WHOLE, actions + " actions until nine verdicts stand there");
    }

    /** By what the bottom edge offers first; nothing is put aside. */
    private void untilAllHold() {
        Locator first = page.getByRole(AriaRole.CONTENTINFO).locator("button[data-first]");
        Locator done = page.getByText("All nine links are good.");
        while (true) {
            assertThat(first.or(done).first()).isVisible();
            if (done.isVisible()) {
                break;
            }
            press(first);
            press(button("Take it"));
            awaitKept();
            assertTrue(actions <= MOST_UNTIL_ALL_HOLD, actions + " actions, and still: " + standing());
        }
        Reporter.log(actions + " actions until all links are good", true);
        assertEquals(standing(), List.of());
        assertThat(page.getByText("put aside")).hasCount(0);
    }

    private List<String> standing() {
        return Pages.LINKS.stream()
                .filter(each -> !link(each).innerText().contains("good"))
                .toList();
    }
}
