package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertFalse;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** A Bright Keel that other machines can reach opens to who knows its passphrase, and to nobody else. */
public class DoorIT extends InBrowser {

    private static final String PHRASE = "two wet boots in the hall";

    @Override
    protected RunningApp findApp() throws Exception {
        return RunningApp.startBehind(PHRASE);
    }

    @Test
    public void thePassphraseOpens() throws Exception {
        assertFalse(app.get("/api/rigs").contains("Lantern"));
        page.navigate(app.url("/"));
        Locator phrase = page.getByLabel("Passphrase");
        assertThat(phrase).isFocused();
        page.keyboard().type("a guess");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not the passphrase");
        phrase.fill(PHRASE);
        phrase.press("Enter");
        assertThat(page.getByText("Lantern crate").first()).isVisible();
        page.reload();
        assertThat(page.getByText("Lantern crate").first()).isVisible();
        page.context().clearCookies();
        page.reload();
        assertThat(phrase).isVisible();
    }
}
