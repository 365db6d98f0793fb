package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.testng.annotations.Test;

/** All nine links: a rig entered from nothing without a pointer, and the two invented ones cured by what is offered. */
public class WholeRigIT extends InBrowser {

    /**
     * In the order of the work: use, sonar, mount, loads, battery, wiring, routing, layout. A link is judged once it is
     * entered and stays unset, with what it wants, until then.
     */
    @Test
    public void aWholeRigIsEnteredFromNothingByKeyboard() {
        page.navigate(app.url("/"));
        press(button("Start a rig"));
        page.keyboard().type("Dipper, mill pond");
        tabTo(page.getByLabel("not decided"));
        page.keyboard().press("ArrowDown");
        press(button("Start it"));
        page.waitForURL("**/water");
        awaitLine();
        stillUnset(Pages.LINKS);

        chooseByKeys("Kind", "fresh");
        chooseByKeys("Season", "summer");
        enter("Shallowest", "1.5");
        enter("Deepest", "6");
        chooseByKeys("The craft is", "drifting");
        assertThat(link("water")).containsText("6 m");
        stillUnset(Pages.LINKS.subList(1, Pages.LINKS.size()));

        go("transducer");
        chooseByKeys("Add a transducer", "24");
        assertThat(link("transducer")).containsText("good");
        stillUnset(Pages.LINKS.subList(2, Pages.LINKS.size()));

        go("mount");
        chooseByKeys("Begin from", "3.9");
        enter("Angler, dressed", "80");
        chooseByKeys("Held by", "scupper");
        chooseByKeys("Sits at", "scupper, fore");
        assertThat(link("mount")).containsText("under");
        assertThat(link("mount")).containsText("good");
        stillUnset(Pages.LINKS.subList(3, Pages.LINKS.size()));

        go("screen");
        enter("Hours", "4:30");
        chooseByKeys("Add a device", "7-in chirp");
        assertThat(link("screen")).containsText("15.0 W");

        go("battery");
        press(button("Add a battery"));
        chooseByKeys("Chemistry", "LiFe");
        enter("Capacity", "12");
        enter("Mass", "1.5");
        enter("Length", "151");
        enter("Width", "98");
        enter("Height", "95");

        go("wire");
        press(button("Add a wire"));
        chooseByKeys("Gauge", "16");
        enter("Length", "3");
        assertThat(link("wire")).containsText("good");
        assertThat(link("battery")).containsText("good");

        go("fuse");
        assertThat(link("fuse")).containsText("won't work");
        press(page.getByRole(AriaRole.CONTENTINFO).getByRole(AriaRole.BUTTON).first());
        assertThat(button("Take it")).isFocused();
        page.keyboard().press("Enter");
        assertThat(link("fuse")).containsText("good");
        stillUnset(List.of("cable", "carry"));

        go("cable");
        chooseByKeys("7-in chirp display sits at", "left rail be");
        assertThat(link("cable")).containsText("3.40 m spare");
        assertThat(link("cable")).containsText("good");
        // away from the fields, where a letter is a command
        tabTo(link("cable"));
        page.keyboard().press("c");
        press(page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Add a 1.5 m extension"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take")));
        assertThat(link("cable")).containsText("4.90 m spare");
        assertThat(link("cable")).containsText("good");
        stillUnset(List.of("carry"));

        go("carry");
        chooseByKeys("Sits at", "stern well");
        assertThat(link("carry")).containsText("kg");
        for (String each : Pages.LINKS) {
            assertThat(link(each)).not().containsText("not said");
            assertThat(link(each)).not().containsText("won't work");
        }
        assertThat(page.getByLabel("First pass")).containsText("First pass done");
    }

    private void stillUnset(List<String> links) {
        for (String each : links) {
            assertThat(link(each)).containsText("not said");
        }
    }

    private void go(String link) {
        tabTo(link(link));
        page.keyboard().press("Enter");
        page.waitForURL("**/" + link);
    }

    private void press(Locator target) {
        tabTo(target);
        page.keyboard().press("Enter");
    }

    /** Chooses by typing the first letters, as a closed list takes them; Enter makes it count. */
    private void chooseByKeys(String label, String words) {
        tabTo(page.getByLabel(label).first());
        page.keyboard().type(words);
        page.keyboard().press("Enter");
    }

    private void enter(String label, String value) {
        Locator field = page.getByLabel(label, new Page.GetByLabelOptions().setExact(false))
                .first();
        tabTo(field);
        page.keyboard().press("Control+A");
        page.keyboard().type(value);
        page.keyboard().press("Enter");
    }

    /** The lead that is too short gets its face moved; the thin wire is thickened: every link holds or is close. */
    @Test
    public void oystercatcherIsCuredByWhatIsOffered() {
        openRig("Oystercatcher");
        assertThat(link("cable")).containsText("0.42 m short");
        assertEquals(failing(), List.of("cable"));
        take("Scupper mount: scupper, fore left");
        assertThat(link("cable")).containsText("spare");
        assertThat(link("cable")).containsText("good");
        assertThat(link("wire")).containsText("tight");
        take("supply lead in 20 AWG");
        assertThat(link("wire")).containsText("good");
        assertEquals(failing(), List.of());
        assertTrue(unset().isEmpty());
        for (int i = 0; i < 2; i++) {
            page.keyboard().press("z");
        }
        assertThat(link("cable")).containsText("0.42 m short");
    }

    /** Another battery, and the narrow beam for the depth. */
    @Test
    public void lanternCrateIsCuredByWhatIsOffered() {
        openRig("Lantern crate");
        assertEquals(failing(), List.of("battery"));
        assertThat(link("transducer")).containsText("tight");
        take("10 Ah LiFePO4 of the kayak");
        assertThat(link("battery")).not().containsText("won't work");
        page.keyboard().press("f");
        button("Use the 10° cone").first().click();
        button("Take it").click();
        assertThat(link("transducer")).containsText("good");
        assertEquals(failing(), List.of());
        assertTrue(unset().isEmpty());
        page.keyboard().press("z");
        page.keyboard().press("z");
        assertThat(link("battery")).containsText("won't work");
    }

    private void take(String cure) {
        page.getByRole(AriaRole.CONTENTINFO).getByText(cure).first().click();
        button("Take it").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).not().isVisible();
    }

    private List<String> failing() {
        return Pages.LINKS.stream()
                .filter(each -> link(each).innerText().contains("won't work"))
                .toList();
    }

    private List<String> unset() {
        return Pages.LINKS.stream()
                .filter(each -> link(each).innerText().contains("not said"))
                .toList();
    }

    /** By hand: measures from the tape, a lead laid leg by leg, what it is short of told at once; another craft starts anew. */
    @Test
    public void measuresAndLegsAreEnteredByHand() {
        openRig("Oystercatcher");
        link("cable").click();
        button("take the last stretch off").first().click();
        assertThat(link("cable")).containsText("won't work");
        assertThat(page.getByText("does not end where it is plugged in").first())
                .isVisible();
        page.getByLabel("Next stretch of cable").first().selectOption("bow-to-rail-left");
        assertThat(link("cable")).containsText("0.42 m short");
        type("along the keel", "1.5");
        assertThat(link("cable")).containsText("0.03 m spare");
        type("along the keel", "a yard");
        assertThat(page.getByText("\"a yard\" is no number")).isVisible();
        page.keyboard().press("Escape");
        link("mount").click();
        type("Face below the hull", "-200");
        assertThat(link("mount")).containsText("dry");
        assertThat(link("mount")).containsText("won't work");
        button("undo").click();
        assertThat(link("mount")).containsText("good");
        type("Greatest width", "30");
        assertThat(page.getByRole(AriaRole.ALERT))
                .containsText("Greatest width is 30.0 m; it may be 0.10 m to 3.00 m.");
        page.getByLabel("Greatest width").first().press("Escape");
        page.getByLabel("Begin from").selectOption("canoe-4-9");
        assertThat(link("cable")).containsText("not said");
        assertThat(link("carry")).containsText("not said");
        button("undo").click();
        button("undo").click();
        assertThat(link("cable")).containsText("0.42 m short");
    }

    /** Schools, angler and weights have one place, open from every link by one key, and shift what is found. */
    @Test
    public void schoolsHaveTheirOwnPlace() {
        openRig("Oystercatcher");
        for (String each : List.of("water", "carry")) {
            link(each).click();
            page.keyboard().press("p");
            assertThat(page.getByRole(AriaRole.DIALOG)).containsText("You and your habits");
            page.keyboard().press("Escape");
        }
        page.keyboard().press("p");
        page.getByLabel("Where the screen stands").selectOption("forward");
        page.keyboard().press("Escape");
        assertThat(link("carry")).containsText("tight");
        page.keyboard().press("z");
        assertThat(link("carry")).containsText("good");
    }
}
