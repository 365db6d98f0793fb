package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** Pictures as files, looked at in a browser: no words over each other, none cut off, the font in the file. */
public class SvgIT extends InBrowser {

    private static final int MOST_SCENES = 12;

    /** Words whose boxes overlap by more than a hair, and words that leave the sheet. */
    private static final String FAULTS = """
            (svg) => {
              const sheet = svg.getBoundingClientRect();
              const words = [...svg.querySelectorAll("text:not(.halo)")].map((text) => [text.textContent, text.getBoundingClientRect()]);
              const found = [];
              words.forEach(([word, box], i) => {
                if (box.left < sheet.left - 1 || box.right > sheet.right + 1 || box.top < sheet.top - 1
                    || box.bottom > sheet.bottom + 1) {
                  found.push(`cut: ${word}`);
                }
                words.slice(i + 1).forEach(([other, its]) => {
                  const wide = Math.min(box.right, its.right) - Math.max(box.left, its.left);
                  const tall = Math.min(box.bottom, its.bottom) - Math.max(box.top, its.top);
                  if (wide > 2 && tall > 5) found.push(`over: ${word} / ${other}`);
                });
              });
              return found;
            }
            """;

    /** The picture once it stands still: drawn again when it came, its words then put clear of each other. */
    private static final String STILL = """
            async () => {
              await document.fonts.ready;
              let svg = null;
              for (let still = 0; still < 3; ) {
                await new Promise(requestAnimationFrame);
                const now = document.querySelector("figure svg");
                still = now !== null && now === svg ? still + 1 : 0;
                svg = now;
              }
              return (%s)(svg);
            }
            """.formatted(FAULTS);

    private int scenes(String id, String link) {
        return JsonParser.parseString(page.request()
                        .get(app.url("/api/rigs/" + id + "/scenes/" + link))
                        .text())
                .getAsJsonObject()
                .getAsJsonArray("scenes")
                .size();
    }

    private List<String> faults(String svg) {
        page.setContent("<body style='margin:0'>" + svg + "</body>");
        Object found = page.evaluate(
                "async () => { await document.fonts.ready; return (" + FAULTS + ")(document.querySelector('svg')); }");
        return ((List<?>) found).stream().map(Object::toString).toList();
    }

    /** The pictures of the screen themselves, each link of each demo rig. */
    @Test
    public void wordsOnTheScreenToo() {
        List<String> found = new ArrayList<>();
        for (Map.Entry<String, String> rig : shelf().entrySet()) {
            page.navigate(app.url("/rigs/" + rig.getValue() + "/water"));
            awaitLine();
            for (String link : Pages.LINKS) {
                link(link).click();
                int scenes = scenes(rig.getValue(), link);
                Locator tabs = page.locator("section[aria-label^='Picture'] button[aria-pressed]");
                for (int tab = 0; tab < scenes; tab++) {
                    assertThat(tabs).hasCount(scenes == 1 ? 0 : scenes);
                    if (scenes > 1) {
                        tabs.nth(tab).click();
                        assertThat(tabs.nth(tab)).hasAttribute("aria-pressed", "true");
                    }
                    assertThat(page.locator("section[aria-label^='Picture'] figure svg"))
                            .isVisible();
                    Object faults = page.evaluate(STILL);
                    for (Object fault : (List<?>) faults) {
                        found.add(rig.getKey() + " " + link + " " + tab + ": " + fault);
                    }
                }
            }
        }
        assertEquals(String.join("\n", found), "", found.size() + "");
    }

    @Test
    public void wordsStandClearOfEachOther() {
        List<String> found = new ArrayList<>();
        int pictures = 0;
        for (Map.Entry<String, String> rig : shelf().entrySet()) {
            for (String link : Pages.LINKS) {
                for (int scene = 0; scene < MOST_SCENES; scene++) {
                    String path = "/api/rigs/" + rig.getValue() + "/scenes/" + link + "/svg?scene=" + scene;
                    APIResponse metric = page.request().get(app.url(path));
                    if (metric.status() != 200) {
                        break;
                    }
                    for (Map.Entry<String, String> habit : Map.of(
                                    "metric", metric.text(),
                                    "us",
                                            page.request()
                                                    .get(app.url(path + "&habit=us"))
                                                    .text())
                            .entrySet()) {
                        pictures++;
                        String head =
                                habit.getValue().substring(0, habit.getValue().indexOf("<rect"));
                        assertTrue(head.contains("role=\"img\""), path);
                        assertTrue(head.contains(", " + rig.getKey() + "</title>"), head.substring(0, 400));
                        assertTrue(head.contains("<desc id=\"says\">") && head.contains("font/woff2;base64,"), path);
                        for (String fault : faults(habit.getValue())) {
                            found.add(rig.getKey() + " " + link + " " + scene + " " + habit.getKey() + ": " + fault);
                        }
                    }
                }
            }
        }
        assertTrue(pictures > 100, pictures + " pictures");
        assertEquals(String.join("\n", found), "", found.size() + " in " + pictures);
    }
}
