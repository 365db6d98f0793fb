package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

/** Keys, the way of the focus, and what a thumb meets. */
public class HandsIT extends InBrowser {

    private static final int MOST_STOPS = 500;

    private static final String FOCUSED = """
            () => {
              const at = document.activeElement;
              if (at === document.body) return "body";
              window.stops = window.stops ?? new Map();
              if (!window.stops.has(at)) window.stops.set(at, String(window.stops.size));
              return window.stops.get(at);
            }
            """;

    /** Everything that can be pressed or typed into, and is less than 44 px tall; what belongs to a label by its label. */
    private static final String SMALL = """
            () => [...document.querySelectorAll("button, a[href], select, summary, input, textarea, [role=tab], [role=slider]")]
              .filter((each) => !each.closest("svg") && each.checkVisibility())
              .map((each) => each.matches("[type=checkbox], [type=radio], [type=file]") ? (each.closest("label") ?? each) : each)
              .map((each) => each.matches("[role=slider]") ? each.parentElement.parentElement : each)
              .map((each) => [each.getBoundingClientRect().height, each.outerHTML.slice(0, 120)])
              .filter(([height]) => height > 0 && height < 43.5)
              .map(([height, what]) => `${height} px: ${what}`)
            """;

    /** A list that was answered by hand lets go: the next letter is a command, and the answer stays. */
    @Test
    public void lettersAreCommandsAgain() {
        begin("Oystercatcher, estuary autumn", "water");
        Locator kind = page.getByLabel("Kind of water").first();
        kind.click();
        kind.selectOption("fresh");
        awaitKept();
        page.keyboard().press("8");
        page.waitForURL("**/battery");
        page.keyboard().press("1");
        assertThat(kind).hasValue("fresh");
    }

    /** s goes to the first field, where letters are letters; Escape leaves it as it was, and they are commands again. */
    @Test
    public void sGoesToTheFirstFieldAndEscapeLeavesIt() {
        begin("Gannet, fjord pedal", "water");
        page.keyboard().press("w");
        page.keyboard().press("s");
        assertThat(page.locator("#work [data-field]").first()).isFocused();
        link("battery").click();
        Locator capacity = field("Capacity");
        String was = capacity.inputValue();
        capacity.fill("99");
        capacity.press("Escape");
        assertThat(capacity).hasValue(was);
        assertThat(capacity).not().isFocused();
        page.keyboard().press("6");
        page.waitForURL("**/wire");
        assertThat(button("redo")).isDisabled();
    }

    /** Whoever comes to a rig begins at the work: one Tab reaches its panes, and keys are told. */
    @Test
    public void focusBeginsAtTheWork() {
        begin("Gannet, fjord pedal", "mount");
        assertThat(page.locator("#work")).isFocused();
        page.keyboard().press("Tab");
        assertTrue((Boolean) page.evaluate("() => document.activeElement.closest('#work') !== null"));
        button("keys").click();
        assertThat(dialog()).containsText("Set: to the first field");
    }

    /** Tab goes through all of it and round again, on each link: nothing keeps it. */
    @Test
    public void nothingTrapsTheFocus() {
        openRig("Lantern crate");
        for (String link : Pages.LINKS) {
            link(link).click();
            page.evaluate("() => { window.stops = new Map(); }");
            Set<String> seen = new HashSet<>();
            String at = String.valueOf(page.evaluate(FOCUSED));
            String first = at;
            boolean round = false;
            for (int i = 0; i < MOST_STOPS && !round; i++) {
                seen.add(at);
                page.keyboard().press("Tab");
                at = String.valueOf(page.evaluate(FOCUSED));
                round = at.equals(first);
                assertTrue(round || at.equals("body") || !seen.contains(at), link + " goes back to stop " + at);
            }
            assertTrue(round, link + " never comes round");
            assertTrue(seen.size() > 20, link + ": " + seen.size() + " stops");
        }
    }

    /** On a phone, whatever link and pane: 44 px for a thumb. */
    @Test
    public void aThumbMeetsWhatItIsMeantFor() {
        page.setViewportSize(390, 844);
        List<String> small = new ArrayList<>();
        page.navigate(app.url("/"));
        assertThat(page.getByText("Lantern crate").first()).isVisible();
        small.addAll(small("shelf"));
        page.keyboard().press("n");
        assertThat(dialog()).isVisible();
        small.addAll(small("start"));
        page.keyboard().press("Escape");
        openRig("Gannet, fjord pedal");
        for (String link : Pages.LINKS) {
            link(link).click();
            for (String pane : List.of("s", "c", "w")) {
                page.keyboard().press("Escape");
                page.keyboard().press(pane);
                assertThat(page.locator("#work [role=tabpanel][data-state=active]"))
                        .isVisible();
                small.addAll(small(link + " " + pane));
            }
        }
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheet"))
                .click();
        assertThat(page.getByLabel("Step 1").first()).isVisible();
        small.addAll(small("sheet"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print"))
                .click();
        assertThat(page.getByText("pages, A4")).isVisible();
        small.addAll(small("print"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench"))
                .click();
        assertThat(page.getByText("Nothing is read yet")).isVisible();
        small.addAll(small("bench"));
        assertEquals(String.join("\n", small), "");
    }

    private List<String> small(String where) {
        return ((List<?>) page.evaluate(SMALL))
                .stream().map(each -> where + ": " + each).toList();
    }
}
