package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.testng.annotations.Test;

/** Whole rigs advised: looked at, wished for, asked why not, and taken. */
public class AdviceIT extends InBrowser {

    /** Six million rigs. */
    private static final LocatorAssertions.ContainsTextOptions LONG =
            new LocatorAssertions.ContainsTextOptions().setTimeout(90_000);

    private void advice() {
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Advice").setExact(true))
                .click();
    }

    @Test
    public void aWholeRigIsAdvisedAndTaken() {
        begin("Lantern crate, high tarn", "battery");
        advice();
        Locator rigs = region("Rigs by name");
        Locator main = page.locator("main");
        assertThat(main).containsText("that nothing beats");
        assertThat(rigs.getByRole(AriaRole.LISTITEM).first()).containsText("Enough");
        int before = rigs.getByRole(AriaRole.LISTITEM).count();

        // a wish that nothing keeps names itself, and gives way in one step
        page.getByLabel("Still to pay, at most").fill("1");
        page.keyboard().press("Tab");
        assertThat(main).containsText("No rig keeps all of these wishes");
        main.getByText("there is one").click();
        assertThat(rigs.getByRole(AriaRole.LISTITEM).first()).containsText("Cheapest that holds");
        page.getByLabel("Still to pay, at most").fill("");
        page.keyboard().press("Tab");
        assertThat(rigs.getByRole(AriaRole.LISTITEM)).hasCount(before);

        page.getByLabel("Of the", new Page.GetByLabelOptions().setExact(true)).selectOption("holder");
        page.getByLabel("Why not", new Page.GetByLabelOptions().setExact(true)).selectOption("dry-bag-window");
        assertThat(region("Why another is not there")).containsText("ry bag with a window");

        // the front as a picture: what is pointed at stands below, and each of its numbers opens
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("As a picture"))
                .click();
        Locator picture = region("The front as a picture");
        picture.getByLabel("Across", new Locator.GetByLabelOptions().setExact(true))
                .selectOption("mass");
        Locator lightest =
                picture.locator("[role=button][aria-label*='lightest']").first();
        lightest.focus();
        page.keyboard().press("Enter");
        assertThat(picture.getByRole(AriaRole.HEADING).last()).containsText("ightest");
        picture.getByTitle("How mass comes about").click();
        assertThat(picture).containsText("what each weighs");

        // all there are
        Locator gone = region("What was gone through");
        assertThat(gone).containsText("because");
        gone.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Go through all"))
                .click();
        assertThat(gone).containsText("and none was missed", LONG);
        // with another craft
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("With another craft"))
                .click();
        Locator two = region("With another craft");
        two.getByLabel("With the rig").selectOption(new SelectOption().setLabel("Kittiwake, summer kayak"));
        assertThat(two).containsText("Cheapest that holds on both");
        assertThat(two).containsText("for both");
        assertThat(two).containsText("Each with its own");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("By name"))
                .click();

        page.setViewportSize(390, 844);
        assertEquals(page.evaluate("document.documentElement.scrollWidth"), 390);
        page.setViewportSize(1280, 800);
        rigs.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it"))
                .first()
                .click();
        awaitLine();
        assertThat(page.locator("body")).containsText("proposed");
    }

    /** Before there is a rig: what is said in the first dialog is wished, and can be lifted. */
    @Test
    public void whoStartsIsAdvised() {
        page.navigate(app.url("/"));
        page.getByText("Start a rig").first().click();
        page.getByLabel("Name").fill("advised from the start");
        page.getByLabel("sled or bucket on ice").check();
        page.getByLabel("How long a day").selectOption("5");
        page.getByLabel("May it be drilled").selectOption("no-drill");
        page.getByLabel("What may be spent").selectOption("150");
        page.getByText("Be advised whole rigs").click();
        Locator wishes = region("Wishes and reasons");
        assertThat(wishes.getByLabel("Still to pay, at most")).hasValue("150");
        assertThat(wishes.getByLabel("Holes to drill, at most")).hasValue("0");
        int within = region("Rigs by name").getByRole(AriaRole.LISTITEM).count();
        wishes.getByLabel("Still to pay, at most").fill("");
        page.keyboard().press("Tab");
        assertThat(wishes.getByText("as this rig says")).hasCount(1);
        assertThat(region("Rigs by name").getByRole(AriaRole.LISTITEM).first()).isVisible();
        assertTrue(region("Rigs by name").getByRole(AriaRole.LISTITEM).count() >= within);
    }

    /** Water that nothing reaches: the link that is in the way, and the nearest rig; a cure is looked at side by side. */
    @Test
    public void whatIsInTheWayIsToldAndWhatMendsIt() {
        openCopy("Kittiwake, summer kayak", "water");
        type("Deepest", "400");
        type("Shallowest", "300");
        awaitKept();
        advice();
        Locator rigs = region("Rigs by name");
        assertThat(page.locator("main")).containsText("No whole rig here holds");
        assertThat(rigs).containsText("Transducer alone is in the way");
        assertThat(rigs).containsText("won't work");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("As a picture"))
                .click();
        assertThat(page.locator("main")).containsText("There is no rig to draw");

        openRig("Reedling, canal pram");
        advice();
        rigs.getByText("tight").first().click();
        Locator cure =
                rigs.locator("details").first().getByRole(AriaRole.BUTTON).first();
        String words = cure.textContent();
        cure.click();
        assertThat(page.locator("thead")).containsText(words.substring(Math.max(0, words.length() - 40)));
    }
}
