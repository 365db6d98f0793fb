package app.brightkeel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/**
 * How long an edit takes, printed and not judged: over HTTP, and from the key to the new verdicts on the screen.
 * {@code ./keel bench edit}; not among the tests of {@code ./keel test}.
 */
public class EditBench extends InBrowser {

    private static final int WARM_UP = 40;
    private static final int ROUNDS = 400;
    private static final int EDITS = 80;

    private final HttpClient client = HttpClient.newHttpClient();

    @Test
    public void overHttp() throws Exception {
        String rigs = app.get("/api/rigs");
        String id = rigs.replaceAll("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
        String[] documents = {app.get("/api/rigs/" + id + "/export"), ""};
        documents[1] = documents[0].replaceFirst("\"airC\":\\{\"value\":-?[0-9.]+", "\"airC\":{\"value\":7");
        List<Double> puts = new ArrayList<>();
        List<Double> reviews = new ArrayList<>();
        String tag = "\"1\"";
        for (int i = 0; i < ROUNDS + WARM_UP; i++) {
            HttpRequest.Builder put = to("/api/rigs/" + id).header("If-Match", tag);
            long from = System.nanoTime();
            HttpResponse<String> saved = send(put.PUT(HttpRequest.BodyPublishers.ofString(documents[(i + 1) % 2])));
            double putMs = (System.nanoTime() - from) / 1e6;
            tag = saved.headers().firstValue("ETag").orElseThrow(() -> new AssertionError(saved.body()));
            from = System.nanoTime();
            send(to("/api/reviews?scene=battery").POST(HttpRequest.BodyPublishers.ofString(documents[i % 2])));
            if (i >= WARM_UP) {
                puts.add(putMs);
                reviews.add((System.nanoTime() - from) / 1e6);
            }
        }
        Times.print("PUT /api/rigs/{id}, answered with its review", puts);
        Times.print("POST /api/reviews?scene=battery", reviews);
    }

    private HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create(app.url(path))).header("Content-Type", "application/json");
    }

    private HttpResponse<String> send(HttpRequest.Builder request) throws Exception {
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** The clock is the page's own: from the key that commits to the first new number on the strip. */
    @Test(dependsOnMethods = "overHttp")
    public void fromKeyToScreen() {
        openRig("Lantern crate");
        link("screen").click();
        Locator air = page.getByLabel("Air").first();
        assertThat(air).isVisible();
        List<Double> edits = new ArrayList<>();
        for (int i = 0; i < EDITS + WARM_UP / 4; i++) {
            air.fill(String.valueOf(i % 2 == 0 ? 11 : -9));
            double took = ((Number) page.evaluate("""
                    () => new Promise((done) => {
                      const strip = document.querySelector("[data-link=battery]");
                      const before = strip.textContent;
                      const from = performance.now();
                      const look = () => strip.isConnected && strip.textContent === before
                        ? requestAnimationFrame(look)
                        : done(performance.now() - from);
                      document.activeElement.dispatchEvent(
                        new KeyboardEvent("keydown", { key: "Enter", bubbles: true, cancelable: true }));
                      requestAnimationFrame(look);
                    })
                    """)).doubleValue();
            if (i >= WARM_UP / 4) {
                edits.add(took);
            }
        }
        Times.print("Enter in a field → new number on the strip", edits);
    }
}
