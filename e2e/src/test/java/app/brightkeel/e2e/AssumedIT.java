package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** How many figures a link takes for granted, which they are, and that they can be given where they are listed. */
public class AssumedIT extends InBrowser {

    private Locator assumed(String link) {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("we guessed \\d+ for " + link + ": list them")));
    }

    @Test
    public void whatIsGivenInTheListIsAssumedNoLonger() {
        openCopy("Sandpiper, reservoir evenings", "battery");
        assertThat(assumed("Battery")).containsText("we guessed 7");
        assumed("Battery").click();
        Locator list = page.getByRole(AriaRole.DIALOG);
        assertThat(list).containsText("The rated time of 3S NMC, 10 Ah");
        Locator fields = list.getByRole(AriaRole.TEXTBOX);
        assertThat(fields).hasCount(7);
        for (int f = 0; f < 7; f++) {
            Locator field = fields.nth(f);
            String usual = field.getAttribute("placeholder");
            field.fill(usual);
            field.press("Enter");
            assertThat(list.getByRole(AriaRole.COMBOBOX)).hasCount(f + 1);
            assertThat(field).hasValue(usual);
        }
        page.keyboard().press("Escape");
        assertThat(assumed("Battery")).hasCount(0);
        assertThat(assumed("Wire")).hasCount(0);
        assertThat(assumed("Carry")).containsText("we guessed 3");
        page.keyboard().press("z");
        assertThat(assumed("Battery")).containsText("we guessed 1");
    }

    /** A part of the day in which nobody said how the display is used. */
    @Test
    public void anUseThatNobodyEnteredIsGivenByKeysAlone() throws Exception {
        String shelf = app.get("/api/rigs");
        for (JsonElement each : JsonParser.parseString(shelf).getAsJsonArray()) {
            String id = each.getAsJsonObject().get("id").getAsString();
            JsonObject document = JsonParser.parseString(app.get("/api/rigs/" + id + "/export"))
                    .getAsJsonObject();
            JsonObject rig = document.getAsJsonObject("rig");
            if (rig.get("name").getAsString().startsWith("Sandpiper")) {
                rig.getAsJsonObject("outing")
                        .getAsJsonArray("phases")
                        .forEach(phase -> phase.getAsJsonObject().add("uses", new com.google.gson.JsonArray()));
                rig.addProperty("name", "nobody said how bright");
                app.send(app.json("/api/rigs/import", "POST", document.toString()));
            }
        }
        page.navigate(app.url("/"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("nobody said how bright"))
                .first()
                .click();
        assertThat(assumed("Battery")).isVisible();
        page.keyboard().press("8");
        page.keyboard().press("a");
        // once it is given, where it comes from bears the same words
        Locator field = page.getByRole(AriaRole.DIALOG)
                .getByRole(
                        AriaRole.TEXTBOX,
                        new Locator.GetByRoleOptions()
                                .setName(Pattern.compile("^The brightness of .* in “the evening”")));
        assertThat(field).hasAttribute("placeholder", "100");
        field.focus();
        page.keyboard().type("60");
        page.keyboard().press("Enter");
        assertThat(field).hasValue("60");
        assertThat(page.getByText("all changes kept")).isVisible();
        String id = page.url().replaceAll(".*/rigs/([0-9a-f-]+)/.*", "$1");
        String stored = app.get("/api/rigs/" + id + "/export");
        assertTrue(stored.replaceAll("\\s", "").contains("\"value\":0.6"), stored);
    }
}
