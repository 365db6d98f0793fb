package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.Assert;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;

/**
 * The packaged application in a headless browser: one of each for all classes that this process runs. Each class finds the
 * shelf as it is on the first day, each test has its own window.
 */
abstract class InBrowser {

    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    private static final int PATIENCE_MS = 60_000;

    private static Browser shared;
    private static SharedApp sharedApp;

    private BrowserContext context;
    private final List<String> faults = new ArrayList<>();

    protected RunningApp app;
    protected Page page;

    @BeforeClass
    public void findAll() throws Exception {
        app = findApp();
    }

    /** The application this class looks at: the one that all share, unless what it does to it cannot be taken back. */
    protected RunningApp findApp() throws Exception {
        if (sharedApp == null) {
            sharedApp = new SharedApp(RunningApp.start());
        }
        return sharedApp.onItsFirstDay();
    }

    @AfterClass(alwaysRun = true)
    public void leave() {
        if (app != null && (sharedApp == null || app != sharedApp.app())) {
            app.close();
        }
    }

    private static Browser browser() {
        if (shared == null) {
            // a loaded machine is slow, not wrong
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            String chromium = System.getenv().getOrDefault("KEEL_CHROMIUM", "/usr/bin/chromium");
            // it ends with this process, whose pipe it reads
            shared = Playwright.create()
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of(chromium))
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-background-networking",
                                    "--disable-component-update")));
        }
        return shared;
    }

    @BeforeMethod
    public void openWindow() {
        context = browser().newContext(new Browser.NewContextOptions().setViewportSize(WIDTH, HEIGHT));
        page = newPage();
    }

    /** One more window on the same shelf; what it asks of other hosts or complains about fails the test. */
    protected Page newPage() {
        Page opened = context.newPage();
        opened.setDefaultTimeout(PATIENCE_MS);
        opened.onRequest(request -> {
            if (!request.url().startsWith(app.url("/")) && !request.url().startsWith("data:")) {
                faults.add("asked elsewhere: " + request.url());
            }
        });
        opened.onPageError(error -> faults.add("page error: " + error));
        return opened;
    }

    @AfterMethod(alwaysRun = true)
    public void closeWindow() {
        context.close();
        List<String> found = List.copyOf(faults);
        faults.clear();
        Assert.assertEquals(found, List.of());
    }

    /** Opens a rig of the shelf by its name. */
    protected void openRig(String name) {
        page.navigate(app.url("/"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
        page.waitForURL("**/rigs/**");
        awaitLine();
    }

    /** Keys work once the strip is there. */
    protected void awaitLine() {
        assertThat(link("wire")).isVisible();
    }

    /** A copy of a demo rig at a link, its keys at work. */
    protected void begin(String rig, String link) {
        openCopy(rig, link);
        awaitLine();
    }

    protected Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    /** Chooses by the words a person reads, and waits until it is kept. */
    protected void choose(String label, String words) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .first()
                .selectOption(new SelectOption().setLabel(words));
        awaitKept();
    }

    protected Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** A link of the strip. */
    protected Locator link(String link) {
        return page.locator("[data-link=" + link + "]");
    }

    /** A part of a page by its name. */
    protected Locator region(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A field by its label; handles in the picture may bear the same words. */
    protected Locator field(String label) {
        return page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(label))
                .first();
    }

    /** Types into a field and leaves it. */
    protected void type(String label, String value) {
        Locator field = field(label);
        field.fill(value);
        field.press("Enter");
    }

    /** Until what was typed is kept: what is looked at before may be drawn anew under one's hand. */
    protected void awaitKept() {
        assertThat(page.getByText("all changes kept")).isVisible();
    }

    /** Reaches something by the Tab key alone. */
    protected void tabTo(Locator target) {
        for (int i = 0; i < 160; i++) {
            if ((Boolean) target.evaluate("node => node === document.activeElement")) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("not reached by tabbing: " + target);
    }

    /** A piece of a picture by its id in the rig. */
    protected Locator piece(String part) {
        return page.locator("[data-part='" + part + "']");
    }

    /** A copy of a rig of its own for each test: what one changes is nothing to the others. */
    protected void openCopy(String rig, String link) {
        String id = shelf().get(rig);
        Assert.assertNotNull(id, rig + " is on no shelf");
        String copy =
                page.request().post(app.url("/api/rigs/" + id + "/duplicate")).text();
        page.navigate(app.url("/rigs/" + found(copy, "\"id\":\"([^\"]+)\"") + "/" + link));
    }

    /** Ids of the rigs on the shelf, by their names. */
    protected Map<String, String> shelf() {
        Matcher rigs = Pattern.compile(
                        "\"id\":\"([^\"]+)\",\"revision\":\\d+,\"savedAt\":\"[^\"]+\",\"name\":\"([^\"]+)\"")
                .matcher(page.request().get(app.url("/api/rigs")).text());
        Map<String, String> shelf = new LinkedHashMap<>();
        while (rigs.find()) {
            shelf.put(rigs.group(2), rigs.group(1));
        }
        return shelf;
    }

    private static String found(String text, String pattern) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        Assert.assertTrue(matcher.find(), pattern + " in " + text);
        return matcher.group(1);
    }

    /** @param share of the width of what it is let go on */
    protected void drag(Locator from, Locator to, double share) {
        BoundingBox a = from.boundingBox();
        BoundingBox b = to.boundingBox();
        page.mouse().move(a.x + a.width / 2, a.y + a.height / 2);
        page.mouse().down();
        page.mouse().move(b.x + b.width * share, b.y + b.height / 2 + 1);
        page.mouse().move(b.x + b.width * share, b.y + b.height / 2);
        page.mouse().up();
    }
}
