package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** axe finds nothing, in light and dark, wide and on a phone. */
public class AccessIT extends InBrowser {

    @DataProvider
    public Object[][] looks() {
        return new Object[][] {{"light", 1280, 800}, {"dark", 1280, 800}, {"light", 390, 844}};
    }

    @Test(dataProvider = "looks")
    public void axeFindsNothing(String theme, int width, int height) {
        page.setViewportSize(width, height);
        page.addInitScript("localStorage.setItem('theme', '" + theme + "')");
        page.navigate(app.url("/"));
        assertThat(page.getByText("Lantern crate").first()).isVisible();
        check("shelf");
        page.keyboard().press("n");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        check("start");
        page.keyboard().press("Escape");
        page.getByText("deleted rigs").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        check("deleted");
        page.keyboard().press("Escape");
        page.navigate(app.url("/compare/" + rig(0) + "/" + rig(1)));
        assertThat(page.getByRole(AriaRole.TABLE)).isVisible();
        check("compare");
        openRig("Lantern crate");
        for (String link :
                List.of("water", "transducer", "mount", "cable", "screen", "wire", "fuse", "battery", "carry")) {
            link(link).click();
            assertThat(page.getByRole(AriaRole.TABPANEL).first()).isVisible();
            check(link + ", set");
            page.keyboard().press("c");
            check(link + ", compare");
            page.keyboard().press("w");
            check(link + ", why");
        }
        page.keyboard().press("f");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        check("findings");
        page.keyboard().press("Escape");
        page.keyboard().press("p");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Schools");
        check("you and your schools");
        page.keyboard().press("Escape");
        page.keyboard().press("h");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("beginning");
        check("history");
        page.keyboard().press("Escape");
        button("files").click();
        assertThat(page.getByRole(AriaRole.MENU)).isVisible();
        check("files");
    }

    private String rig(int place) {
        return String.valueOf(page.evaluate(
                "place => fetch('/api/rigs').then(answer => answer.json()).then(rigs => rigs[place].id)", place));
    }

    private void check(String where) {
        List<String> found = new AxeBuilder(page)
                .analyze().getViolations().stream()
                        .map(rule ->
                                rule.getId() + ": " + rule.getNodes().get(0).getHtml() + " "
                                        + rule.getNodes().get(0).getFailureSummary())
                        .toList();
        assertEquals(String.join("\n", found), "", where);
    }
}
