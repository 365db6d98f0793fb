package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** What is shown while something is dragged, with answers that come late, in any order, or never. */
public class PreviewIT extends InBrowser {

    private final List<Route> held = new ArrayList<>();

    private Locator typical() {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Typical depth"));
    }

    /** Opens the water of a rig of its own; what is asked while one drags waits to be answered. */
    private void openWater() {
        held.clear();
        openCopy("Oystercatcher, estuary autumn", "water");
        assertThat(typical()).isVisible();
        page.route("**/api/reviews*", held::add);
    }

    private BoundingBox takeHold() {
        BoundingBox at = typical().boundingBox();
        page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
        page.mouse().down();
        return at;
    }

    private void moveUp(BoundingBox from, int pixels) {
        page.mouse().move(from.x + from.width / 2, from.y + from.height / 2 - pixels);
    }

    /** An answer to what the page has given up is no answer. */
    private static void answer(Route route) {
        try {
            route.resume();
        } catch (PlaywrightException givenUp) {
            assertTrue(givenUp.getMessage().length() > 0);
        }
    }

    private String depthIn(String body) {
        return body.replaceAll("(?s).*\"typicalM\":\\{[^}]*\"value\":([0-9.]+).*", "$1");
    }

    /** One question at a time, then the newest; what was let go stays as it was saved, whatever comes in afterwards. */
    @Test
    public void oneQuestionAtATimeAndTheNewestWins() {
        openWater();
        BoundingBox from = takeHold();
        moveUp(from, 8);
        page.waitForCondition(() -> held.size() == 1);
        for (int pixels = 10; pixels <= 60; pixels += 5) {
            moveUp(from, pixels);
        }
        page.waitForCondition(() -> Math.abs(typical().boundingBox().y - (from.y - 60)) < 2);
        assertEquals(held.size(), 1, "asked while one question was open");
        answer(held.get(0));
        page.waitForCondition(() -> held.size() == 2);
        String first = depthIn(held.get(0).request().postData());
        String newest = depthIn(held.get(1).request().postData());
        assertTrue(Double.parseDouble(newest) < Double.parseDouble(first), newest + " after " + first);
        page.mouse().up();
        assertThat(button("z undo")).isEnabled();
        answer(held.get(1));
        String id = page.url().replaceAll(".*/rigs/([0-9a-f-]+)/.*", "$1");
        assertEquals(
                depthIn(page.request()
                        .get(app.url("/api/rigs/" + id + "/export"))
                        .text()),
                newest);
        page.getByText("The picture in words").click();
        assertThat(page.getByRole(AriaRole.FIGURE)).containsText(newest + " m");
        assertEquals(held.size(), 2);
    }

    /** A hand that is called away changes nothing, and its picture does not stand under another link. */
    @Test
    public void whatIsCalledAwayIsForgotten() {
        openWater();
        BoundingBox from = takeHold();
        moveUp(from, 30);
        page.waitForCondition(() -> held.size() == 1);
        typical().dispatchEvent("pointercancel", Map.of("pointerId", 1, "bubbles", true));
        page.mouse().up();
        page.keyboard().press("8");
        page.waitForURL("**/battery");
        answer(held.get(0));
        Locator picture = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Picture of Battery"));
        assertThat(picture).containsText("through the day");
        assertThat(button("z undo")).isDisabled();
        page.keyboard().press("1");
        assertThat(typical()).isVisible();
        assertThat(button("z undo")).isDisabled();
        assertEquals(held.size(), 1);
    }

    /** The same where one goes to another link with the hand still down. */
    @Test
    public void anotherLinkShowsItsOwnPicture() {
        openWater();
        BoundingBox from = takeHold();
        moveUp(from, 30);
        page.waitForCondition(() -> held.size() == 1);
        page.keyboard().press("8");
        page.waitForURL("**/battery");
        answer(held.get(0));
        Locator picture = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Picture of Battery"));
        assertThat(picture).containsText("through the day");
        page.mouse().up();
        assertThat(button("z undo")).isDisabled();
    }
}
