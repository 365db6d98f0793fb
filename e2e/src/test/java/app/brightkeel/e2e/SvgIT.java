package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.APIResponse;
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

    private List<String> faults(String svg) {
        page.setContent("<body style='margin:0'>" + svg + "</body>");
        Object found = page.evaluate(
                "async () => { await document.fonts.ready; return (" + FAULTS + ")(document.querySelector('svg')); }");
        return ((List<?>) found).stream().map(Object::toString).toList();
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
