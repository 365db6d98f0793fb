package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Whole rigs advised: looked at, wished for, asked why not, and taken. */
public class AdviceIT extends InBrowser {

    private Locator region(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    public void aWholeRigIsAdvisedAndTaken() {
        begin("Lantern crate, high tarn", "battery");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Advice").setExact(true))
                .click();
        Locator rigs = region("Rigs by name");
        assertThat(rigs).containsText("that nothing beats");
        assertThat(rigs.getByRole(AriaRole.LISTITEM).first()).containsText("Enough");
        int before = rigs.getByRole(AriaRole.LISTITEM).count();

        // a wish that nothing keeps names itself, and gives way in one step
        page.getByLabel("Still to pay, at most").fill("1");
        page.keyboard().press("Tab");
        assertThat(rigs).containsText("No rig keeps all of these wishes");
        rigs.getByText("there is one").click();
        assertThat(rigs.getByRole(AriaRole.LISTITEM).first()).containsText("Cheapest that holds");
        page.getByLabel("Still to pay, at most").fill("");
        page.keyboard().press("Tab");
        assertThat(rigs.getByRole(AriaRole.LISTITEM)).hasCount(before);

        page.getByLabel("Of the", new Page.GetByLabelOptions().setExact(true)).selectOption("holder");
        page.getByLabel("Why not", new Page.GetByLabelOptions().setExact(true)).selectOption("dry-bag-window");
        assertThat(region("Why another is not there")).containsText("ry bag with a window");

        page.setViewportSize(390, 844);
        assertEquals(page.evaluate("document.documentElement.scrollWidth"), 390);
        page.setViewportSize(1280, 800);
        rigs.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it"))
                .first()
                .click();
        awaitLine();
        assertThat(page.locator("body")).containsText("proposed");
    }
}
