package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import org.testng.annotations.Test;

/** A cover that a person says is on the sheet; what was done goes with the rig into one file and out of it again. */
public class CoversIT extends InBrowser {

    private void toSheet() {
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Sheet").setExact(true))
                .click();
        assertThat(page.getByRole(AriaRole.ARTICLE).first()).isVisible();
    }

    private List<String> titles() {
        return page.getByRole(AriaRole.ARTICLE).allInnerTexts();
    }

    private static int at(List<String> titles, String words) {
        for (int i = 0; i < titles.size(); i++) {
            if (titles.get(i).contains(words)) {
                return i;
            }
        }
        throw new AssertionError(words + " in no step of " + titles);
    }

    /** Said once under Carry, it is opened before what lies under it, and shut after. */
    @Test
    public void aCoverIsOpenedFirstAndShutLast() {
        begin("Bittern, reed-bed canoe", "carry");
        page.getByText("that shut: covers").click();
        button("Add a cover, plate, seat, strap or layer of foam").click();
        Locator cover = page.locator("section")
                .filter(new Locator.FilterOptions().setHas(page.getByLabel("Name of what shuts")));
        cover.getByLabel("Kind").selectOption("seat");
        cover.getByLabel("It sits right when").selectOption("locked");
        awaitKept();
        cover.getByLabel("On the craft already, comes off first").click();
        awaitKept();
        cover.getByLabel("floor ahead of the seat").click();
        awaitKept();
        toSheet();
        List<String> all = titles();
        int open = at(all, "Take out the cover");
        int shut = at(all, "Put in the cover");
        int load = at(all, "LiFePO4 in");
        assertTrue(open < load && load < shut, all.toString());
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put in the cover"))
                .click();
        assertThat(page.getByText("its catch has locked: it does not lift when it is pulled"))
                .isVisible();
    }

    /** The whole rig goes into one file, and another shelf has it with its ticks. */
    @Test
    public void theWholeRigInOneFile() throws Exception {
        begin("Lantern crate, high tarn", "cable");
        toSheet();
        // shown before it is kept: the file is asked for once it is
        page.waitForResponse(
                answer -> answer.url().contains("/build/")
                        && answer.request().method().equals("PUT"),
                () -> page.keyboard().press(" "));
        Locator done = page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("done"));
        assertThat(done).containsText("1 of");
        Download zip =
                page.waitForDownload(() -> page.getByText("whole rig (ZIP)").click());
        assertTrue(zip.suggestedFilename().matches("Lantern crate, high tarn.*[.]zip"), zip.suggestedFilename());
        byte[] bytes = Files.readAllBytes(zip.path());
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shelf"))
                .click();
        page.getByLabel("Rig files").setInputFiles(new FilePayload("mine.zip", "application/zip", bytes));
        Locator told = page.getByText("is on the shelf.");
        assertThat(told).isVisible();
        String copy = told.innerText().replaceAll(".*“(.*)”.*", "$1");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(copy))
                .first()
                .click();
        toSheet();
        assertThat(done).containsText("1 of");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shelf"))
                .click();
        page.getByLabel("Rig files")
                .setInputFiles(
                        new FilePayload("half.zip", "application/zip", "half of it".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("half.zip: ")).containsText("a zip with rig.json and build.json");
    }
}
