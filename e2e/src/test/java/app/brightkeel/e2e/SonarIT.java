package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What it sees: logs that are read, beams and depths chosen in the picture, gear that does not go together. */
public class SonarIT extends InBrowser {

    private Locator finding(String words) {
        return page.getByRole(AriaRole.CONTENTINFO).getByText(Pattern.compile(words));
    }

    private void give(String name, String log) {
        page.locator("input[type=file][accept*=nmea]")
                .setInputFiles(new FilePayload(name, "text/plain", log.getBytes(StandardCharsets.US_ASCII)));
    }

    /** A bad log changes nothing and says why; the simulated one is taken in one step and undone in one. */
    @Test
    public void aLogIsReadOfferedTakenAndUndone() throws Exception {
        openRig("Gannet");
        link("water").click();
        assertThat(link("water")).containsText("90 m");
        give("notes.txt", "depth;time\n4;1\n");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nothing was changed");
        String id = page.url().replaceAll(".*/rigs/([0-9a-f-]+)/.*", "$1");
        give("simulated.nmea", app.get("/api/rigs/" + id + "/log?seconds=7200"));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("over the bottom");
        assertThat(dialog).containsText("cannot be true");
        dialog.getByText("Take it").click();
        assertThat(link("water")).not().containsText("90 m");
        page.getByText("The picture in words").click();
        assertThat(page.getByRole(AriaRole.CELL, new Page.GetByRoleOptions().setName("fished by the log"))
                        .first())
                .isVisible();
        page.keyboard().press("z");
        assertThat(link("water")).containsText("90 m");
    }

    /** Of a track the water's temperature alone is taken: what it is called is said, the air's is left, the depths stay. */
    @Test
    public void partOfALogIsTaken() {
        openCopy("Gannet, fjord pedal", "water");
        assertThat(link("water")).containsText("90 m");
        StringBuilder points = new StringBuilder();
        for (int minute = 0; minute < 60; minute++) {
            points.append("<trkpt lat=\"1\" lon=\"1\"><time>2026-09-12T06:%02d:00Z</time>".formatted(minute))
                    .append("<depth unit=\"ft\">20.0</depth><atemp>21</atemp><wtemp>11.5</wtemp></trkpt>");
        }
        give("track.gpx", "<gpx version=\"1.0\"><trk><trkseg>" + points + "</trkseg></trk></gpx>");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("6.1 m to 6.1 m deep");
        assertThat(dialog).containsText("from “wtemp”");
        assertThat(dialog).containsText("Temperatures of the air");
        dialog.getByRole(AriaRole.CHECKBOX).first().uncheck();
        dialog.getByText("Take it").click();
        awaitKept();
        assertThat(field("Water temperature")).hasValue("11.5");
        assertThat(link("water")).containsText("90 m");
    }

    /** By keys alone: the greatest depth goes up, and comes back with undo. */
    @Test
    public void aDepthIsSetInThePictureByKeys() {
        openRig("Oystercatcher");
        link("water").click();
        Locator greatest = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Deepest of the water"));
        greatest.focus();
        page.keyboard().press("ArrowUp");
        assertThat(link("water")).containsText("8.9 m");
        page.keyboard().press("z");
        assertThat(link("water")).containsText("– 9 m");
    }

    /** The narrow beam is chosen by pointing at it: nothing is close on that link any more. */
    @Test
    public void aBeamIsChosenInThePicture() {
        openRig("Lantern crate");
        link("transducer").click();
        assertThat(link("transducer")).containsText("tight");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Use the 10° cone"))
                .press("Enter");
        assertThat(link("transducer")).containsText("good");
        page.keyboard().press("z");
        assertThat(link("transducer")).containsText("tight");
    }

    /** The faults of the fjord rig are found, and the types ranked with their reasons. */
    @Test
    public void theFjordRigsFaultsAreFoundAndTypesRanked() {
        openRig("Gannet");
        link("transducer").click();
        assertThat(link("transducer")).containsText("won't work");
        assertThat(link("screen")).containsText("won't work");
        page.keyboard().press("f");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("of family B");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("reaches");
        page.keyboard().press("Escape");
        page.keyboard().press("c");
        assertThat(page.getByText("as planned")).isVisible();
        Locator rows = page.getByRole(AriaRole.TABPANEL).getByRole(AriaRole.LISTITEM);
        assertThat(rows.first()).containsText("reaches");
        assertTrue(rows.count() > 12, "only " + rows.count());
        assertThat(finding("won't work").first()).isVisible();
    }
}
