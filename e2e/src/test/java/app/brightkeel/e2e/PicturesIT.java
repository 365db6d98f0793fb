package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.testng.Reporter;
import org.testng.annotations.Test;

/**
 * Every picture of the screen, of every demo rig and of ready crafts filled in, at three widths; of all ready crafts in
 * {@code ./keel test long}.
 */
public class PicturesIT extends InBrowser {

    private static final int[][] SIZES = {{1280, 800}, {1000, 700}, {390, 844}};

    private static final int PHONE = 767;

    /** Of the ready crafts, where not all are looked at. */
    private static final int ONE_IN = 5;

    /**
     * Letters over letters, over symbols or through a line to measure by, and letters that leave the picture. Blanks that hold a
     * word off its symbol are none.
     */
    private static final String FAULTS = """
            async () => {
              await document.fonts.ready;
              let svg = null;
              for (let still = 0; still < 3; ) {
                await new Promise(requestAnimationFrame);
                const now = document.querySelector("figure svg");
                still = now !== null && now === svg ? still + 1 : 0;
                svg = now;
              }
              const sheet = svg.getBoundingClientRect();
              const inked = (text) => {
                const box = text.getBoundingClientRect();
                const scale = box.width / text.getBBox().width;
                const said = text.textContent;
                const before = said.length - said.trimStart().length;
                const after = said.length - said.trimEnd().length;
                return {
                  left: box.left + (before > 0 ? text.getSubStringLength(0, before) * scale : 0),
                  right: box.right - (after > 0 ? text.getSubStringLength(said.length - after, after) * scale : 0),
                  top: box.top,
                  bottom: box.bottom,
                };
              };
              const shared = (a, b) => [
                Math.min(a.right, b.right) - Math.max(a.left, b.left),
                Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top),
              ];
              const words = [...svg.querySelectorAll("text")]
                .filter((text) => text.textContent.trim() !== "")
                .map((text) => [text.textContent.trim(), inked(text)]);
              const marks = [...svg.querySelectorAll("[data-spot]")].map((mark) => mark.getBoundingClientRect());
              const lines = [...svg.querySelectorAll("[data-level]")].map((line) => line.getBoundingClientRect());
              const found = [];
              words.forEach(([word, box], i) => {
                if (box.left < sheet.left - 2 || box.right > sheet.right + 2 || box.top < sheet.top - 2
                    || box.bottom > sheet.bottom + 2) {
                  found.push(`out of the picture: ${word}`);
                }
                words.slice(i + 1).forEach(([other, its]) => {
                  const [wide, tall] = shared(box, its);
                  if (wide > 2 && tall > 5) found.push(`over each other: ${word} / ${other}`);
                });
                marks.forEach((mark) => {
                  const [wide, tall] = shared(box, mark);
                  if (wide > 3 && tall > 5) found.push(`over a symbol: ${word}`);
                });
                lines.forEach((line) => {
                  const [wide] = shared(box, line);
                  const middle = (line.top + line.bottom) / 2;
                  if (wide > 3 && middle > box.top + 5 && middle < box.bottom - 5) {
                    found.push(`through a line: ${word}`);
                  }
                });
              });
              if (innerWidth > %d && document.documentElement.scrollHeight > innerHeight) {
                found.push("the page can be scrolled beside its panes");
              }
              return found;
            }
            """.formatted(PHONE);

    private int pictures;

    @Test
    public void nothingLiesOverAnythingElse() {
        Map<String, String> rigs = new LinkedHashMap<>(shelf());
        int demos = rigs.size();
        rigs.putAll(readyCrafts());
        assertTrue(rigs.size() >= demos + 4, rigs.keySet().toString());
        List<String> found = new ArrayList<>();
        rigs.forEach((name, id) -> {
            page.setViewportSize(SIZES[0][0], SIZES[0][1]);
            page.navigate(app.url("/rigs/" + id + "/water"));
            awaitLine();
            for (String link : Pages.LINKS) {
                page.setViewportSize(SIZES[0][0], SIZES[0][1]);
                link(link).click();
                scenes(id, link, name, found);
            }
        });
        Reporter.log(pictures + " pictures of " + rigs.size() + " rigs", true);
        assertEquals(String.join("\n", found), "", found.size() + " in " + pictures);
    }

    private void scenes(String id, String link, String name, List<String> found) {
        int scenes = JsonParser.parseString(page.request()
                        .get(app.url("/api/rigs/" + id + "/scenes/" + link))
                        .text())
                .getAsJsonObject()
                .getAsJsonArray("scenes")
                .size();
        Locator tabs = page.locator("section[aria-label^='Picture'] button[aria-pressed]");
        for (int tab = 0; tab < scenes; tab++) {
            assertThat(tabs).hasCount(scenes == 1 ? 0 : scenes);
            if (scenes > 1) {
                tabs.nth(tab).click();
                assertThat(tabs.nth(tab)).hasAttribute("aria-pressed", "true");
            }
            assertThat(page.locator("section[aria-label^='Picture'] figure svg"))
                    .isVisible();
            // there and back again: each size is set once for two pictures
            for (int s = 0; s < SIZES.length; s++) {
                int[] size = SIZES[tab % 2 == 0 ? s : SIZES.length - 1 - s];
                page.setViewportSize(size[0], size[1]);
                pictures++;
                for (Object fault : (List<?>) page.evaluate(FAULTS)) {
                    found.add(name + " " + link + " " + tab + " at " + size[0] + ": " + fault);
                }
            }
        }
    }

    /** Each filled in around another display, as rigs nobody here had in mind. */
    private Map<String, String> readyCrafts() {
        Map<String, String> all = new LinkedHashMap<>();
        List<String> displays = List.of("display-5-in", "display-9-in", "display-7-in", "display-12-in");
        JsonArray crafts = array("/api/catalogue/crafts");
        for (int i = 0; i < crafts.size(); i += Share.LONG ? 1 : ONE_IN) {
            JsonObject item = crafts.get(i).getAsJsonObject();
            String kind = item.getAsJsonObject("craft").get("kind").getAsString();
            JsonObject rig = posted("/api/rigs/blank?name=odd&craft=" + kind, -1);
            for (String change : List.of(
                    "mount.craft." + item.get("id").getAsString(),
                    "screen.one-more." + displays.get(i % displays.size()),
                    "water.fill-in")) {
                rig = posted(
                        "/api/rigs/" + rig.get("id").getAsString() + "/changes/" + change,
                        rig.get("revision").getAsLong());
            }
            all.put(item.get("name").getAsString(), rig.get("id").getAsString());
        }
        return all;
    }

    private JsonArray array(String path) {
        return JsonParser.parseString(page.request().get(app.url(path)).text()).getAsJsonArray();
    }

    private JsonObject posted(String path, long revision) {
        RequestOptions options = RequestOptions.create().setHeader("Content-Type", "application/json");
        APIResponse answer = page.request()
                .post(app.url(path), revision < 0 ? options : options.setHeader("If-Match", "\"" + revision + "\""));
        assertEquals(answer.status() / 100, 2, path + " " + answer.text());
        return JsonParser.parseString(answer.text()).getAsJsonObject();
    }
}
