package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import app.brightkeel.core.Share;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** axe finds nothing, in light and dark, wide and on a phone. */
public class AccessIT extends InBrowser {

    private static final int SOME = 4;

    /** Set, Compare and Why. */
    private static final int PANES = 3;

    /** What a look may have wrong that the others have not. */
    private enum Look {
        LIGHT("light", 1280, 800, List.of()),
        /** The same elements in other colours. */
        DARK("dark", 1280, 800, List.of("color-contrast", "link-in-text-block")),
        PHONE("light", 390, 844, List.of());

        private final String theme;
        private final int width;
        private final int height;
        private final List<String> rules;

        Look(String theme, int width, int height, List<String> rules) {
            this.theme = theme;
            this.width = width;
            this.height = height;
            this.rules = rules;
        }
    }

    private Look look = Look.LIGHT;

    @DataProvider
    public Object[][] looks() {
        return Stream.of(Look.values()).map(each -> new Object[] {each}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "looks")
    public void axeFindsNothing(Look chosen) {
        look = chosen;
        page.setViewportSize(look.width, look.height);
        page.addInitScript("localStorage.setItem('theme', '" + look.theme + "')");
        page.navigate(app.url("/"));
        assertThat(page.getByText("Lantern crate").first()).isVisible();
        check("shelf");
        page.keyboard().press("n");
        dialog("start");
        page.getByText("deleted rigs").click();
        dialog("deleted");
        page.navigate(app.url("/garage"));
        page.getByText("Add a piece").click();
        assertThat(page.getByLabel("A new piece")).isVisible();
        check("garage");
        page.navigate(app.url("/compare/" + rig(0) + "/" + rig(1)));
        assertThat(page.getByRole(AriaRole.TABLE)).isVisible();
        check("compare");
        page.navigate(app.url("/rigs/" + rig(0) + "/advice"));
        assertThat(page.locator("main")).containsText("nothing beats");
        check("advice");
        page.getByText("As a picture").click();
        assertThat(page.getByLabel("The front as a picture")).isVisible();
        check("advice, as a picture");
        page.getByText("With another craft").click();
        page.getByLabel("With the rig").selectOption(new SelectOption().setIndex(1));
        assertThat(page.getByLabel("With another craft", new Page.GetByLabelOptions().setExact(true))
                        .last())
                .containsText("still to pay");
        check("advice, with another craft");
        openRig("Lantern crate");
        for (int l = 0; l < Pages.LINKS.size(); l++) {
            String link = Pages.LINKS.get(l);
            // in other colours and on a phone some of them: what they are made of is the same
            if (!Share.LONG && look != Look.LIGHT && l % SOME != look.ordinal()) {
                continue;
            }
            link(link).click();
            assertThat(page.getByRole(AriaRole.TABPANEL).first()).isVisible();
            check(link + ", set");
            // of one link what could be had instead, of the next one why, of the third neither: the panes are the same
            // for all
            if (Share.LONG || l % PANES == 0) {
                pane(link, "c", "Compare");
            }
            if (Share.LONG || l % PANES == 1) {
                pane(link, "w", "Why");
            }
        }
        page.keyboard().press("f");
        dialog("findings");
        page.keyboard().press("l");
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.TABLE)).isVisible();
        dialog("lists");
        page.keyboard().press("p");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("How you like it");
        dialog("you and your habits");
        page.keyboard().press("h");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("beginning");
        dialog("history");
        button("files").click();
        assertThat(page.getByRole(AriaRole.MENU)).isVisible();
        check("files");
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheet"))
                .click();
        assertThat(page.getByLabel("Step 1").first()).isVisible();
        check("sheet");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("my days and my workshop"))
                .click();
        dialog("workshop");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("pack down at the water"))
                .click();
        assertThat(page.getByText("Switch everything off")).isVisible();
        check("pack down");
        page.navigate(app.url("/rigs/" + rig(0) + "/print"));
        assertThat(page.getByText("pages, A4")).isVisible();
        check("print");
        page.navigate(app.url("/rigs/" + rig(0) + "/bench"));
        assertThat(page.getByText("Nothing is read yet")).isVisible();
        check("bench");
    }

    private void pane(String link, String key, String tab) {
        page.keyboard().press(key);
        assertThat(page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(tab)))
                .hasAttribute("aria-selected", "true");
        check(link + ", " + tab);
    }

    private void dialog(String which) {
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        check(which);
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    private String rig(int place) {
        return String.valueOf(page.evaluate(
                "place => fetch('/api/rigs').then(answer => answer.json()).then(rigs => rigs[place].id)", place));
    }

    /** In the page itself: there are no frames to look into, and so no second page to open for each look. */
    @SuppressWarnings("deprecation")
    private void check(String where) {
        AxeBuilder axe = new AxeBuilder(page).setLegacyMode(true);
        if (!look.rules.isEmpty()) {
            axe = axe.withRules(look.rules);
        }
        List<String> found = axe.analyze().getViolations().stream()
                .map(rule -> rule.getId() + ": " + rule.getNodes().get(0).getHtml() + " "
                        + rule.getNodes().get(0).getFailureSummary())
                .toList();
        assertEquals(String.join("\n", found), "", where);
    }
}
