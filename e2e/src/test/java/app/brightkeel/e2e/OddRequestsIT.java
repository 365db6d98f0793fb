package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Requests that no page of ours sends, and windows that get in each other's way: each is answered in words. */
public class OddRequestsIT {

    private RunningApp app;
    private String id = "";

    @BeforeClass
    public void start() throws Exception {
        app = RunningApp.start();
        id = shelf().get(0).getAsJsonObject().get("id").getAsString();
    }

    @AfterClass(alwaysRun = true)
    public void stop() {
        if (app != null) {
            app.close();
        }
    }

    private JsonArray shelf() throws Exception {
        return JsonParser.parseString(app.get("/api/rigs")).getAsJsonArray();
    }

    /** Method, address with RIG for a rig's own, status, and a word of what is said. */
    @DataProvider
    public Object[][] odd() {
        return new Object[][] {
            {"GET", "/api/rigs/RIG/log?seconds=99999999999999999999", 400, "whole number"},
            {"GET", "/api/rigs/RIG/log?seconds=2.5", 400, "whole number"},
            {"GET", "/api/rigs/RIG/log?seconds=9999999", 422, "240000"},
            {"GET", "/api/rigs/RIG/harness?hour=soon", 400, "a number"},
            {"GET", "/api/rigs/RIG/harness?hour=NaN", 422, "hour"},
            {"GET", "/api/rigs/RIG/harness?charge=rope", 400, "empty"},
            {"GET", "/api/rigs/RIG/changes?link=rope", 400, "transducer"},
            {"GET", "/api/rigs/RIG/changes", 400, "link"},
            {"GET", "/api/rigs/RIG/revisions?before=x", 400, "whole number"},
            {"GET", "/api/rigs/RIG/revisions/99/differences?to=1", 404, "revision"},
            {"GET", "/api/rigs/RIG/scenes/rope", 400, "rope"},
            {"GET", "/api/rigs/RIG/log?seconds=%ff", 400, "text"},
            {"GET", "/api/rigs/RIG/log?seconds=%", 400, ""},
            {"GET", "/api/rigs?%ff=%fe", 200, ""},
            {"GET", "/api/rigs/%ff", 400, ""},
            {"GET", "/api/rigs/none", 404, "no rig"},
            {"GET", "/error", 404, ""},
            {"GET", "/apix", 404, ""},
            {"GET", "/api", 404, ""},
            {"GET", "/api/rigs/RIG/", 404, ""},
            {"GET", "/<script>", 400, ""},
            {"GET", "no-slash", 400, ""},
            {"PATCH", "/api/rigs/RIG", 405, ""},
            {"TRACE", "/api/rigs", 405, ""},
            {"DELETE", "/api/rigs/RIG", 428, "revision"},
            {"POST", "/api/rigs/RIG/duplicate?x=" + "y".repeat(20_000), 400, ""},
        };
    }

    @Test(dataProvider = "odd")
    public void isAnsweredInWords(String method, String target, int status, String word) throws Exception {
        Raw.Answer answer = Raw.ask(app.port(), method, target.replace("RIG", id), "", "");
        assertEquals(answer.status(), status, answer.toString());
        assertTrue(answer.body().contains(word), answer.toString());
        if (status >= 400) {
            assertTrue(answer.head().contains("application/problem+json"), answer.toString());
            JsonObject problem = JsonParser.parseString(answer.body()).getAsJsonObject();
            assertEquals(problem.get("status").getAsInt(), status);
            assertTrue(problem.get("detail").getAsString().length() > 10, answer.body());
        }
    }

    /** Copies made at once have a name each, and who reads the shelf while others delete is not told of what is gone. */
    @Test
    public void copiesAndDeletesAtOnce() throws Exception {
        AtomicBoolean over = new AtomicBoolean();
        ExecutorService together = Executors.newCachedThreadPool();
        try {
            Future<Integer> read = together.submit(() -> {
                int times = 0;
                while (!over.get()) {
                    HttpResponse<String> answer = app.send(HttpRequest.newBuilder(URI.create(app.url("/api/rigs"))));
                    assertEquals(answer.statusCode(), 200, answer.body());
                    times++;
                }
                return times;
            });
            List<Callable<List<String>>> copiers = new ArrayList<>();
            for (int n = 0; n < 4; n++) {
                copiers.add(this::copies);
            }
            Set<String> names = new TreeSet<>();
            int made = 0;
            for (Future<List<String>> each : together.invokeAll(copiers)) {
                made += each.get().size();
                names.addAll(each.get());
            }
            over.set(true);
            assertTrue(read.get() > 3);
            assertEquals(names.size(), made, names.toString());
        } finally {
            over.set(true);
            together.shutdownNow();
        }
    }

    /** Names of ten copies that stay; after each of them one more is made and deleted. */
    private List<String> copies() throws Exception {
        List<String> names = new ArrayList<>();
        for (int n = 0; n < 10; n++) {
            names.add(copy().getAsJsonObject("rig").get("name").getAsString());
            String gone = copy().get("id").getAsString();
            int status = app.send(app.json("/api/rigs/" + gone, "DELETE", "").header("If-Match", "\"1\""))
                    .statusCode();
            assertEquals(status, 204);
        }
        return names;
    }

    private JsonObject copy() throws Exception {
        HttpResponse<String> made = app.send(app.json("/api/rigs/" + id + "/duplicate", "POST", ""));
        assertEquals(made.statusCode(), 201, made.body());
        return JsonParser.parseString(made.body()).getAsJsonObject();
    }

    /** A rig that goes from craft to craft: its history is told, and who edits an old step hears what both did. */
    @Test
    public void historyTellsEveryCraft() throws Exception {
        JsonArray crafts =
                JsonParser.parseString(app.get("/api/catalogue/crafts")).getAsJsonArray();
        String copy = copy().get("id").getAsString();
        JsonObject document =
                JsonParser.parseString(app.get("/api/rigs/" + copy + "/export")).getAsJsonObject();
        JsonObject rig = document.getAsJsonObject("rig");
        for (String list : List.of("runs", "places", "notes", "transducers", "holders")) {
            rig.add(list, new JsonArray());
        }
        rig.getAsJsonObject("fitOut").add("boxes", new JsonArray());
        rig.getAsJsonObject("fitOut").add("ballast", new JsonArray());
        rig.getAsJsonObject("fitOut").add("extras", new JsonArray());
        rig.getAsJsonObject("fitOut").add("fasteners", new JsonArray());
        rig.getAsJsonObject("fitOut").add("closures", new JsonArray());
        rig.getAsJsonObject("purse").add("purchases", new JsonArray());
        long revision = 1;
        for (JsonElement item : crafts) {
            rig.add("craft", item.getAsJsonObject().get("craft"));
            HttpResponse<String> saved = app.send(app.json("/api/rigs/" + copy, "PUT", document.toString())
                    .header("If-Match", "\"" + revision + "\""));
            assertEquals(saved.statusCode(), 200, saved.body());
            revision = Long.parseLong(
                    saved.headers().firstValue("ETag").orElseThrow().replace("\"", ""));
            JsonObject history = JsonParser.parseString(app.get("/api/rigs/" + copy + "/revisions"))
                    .getAsJsonObject();
            assertTrue(history.toString().contains("craft"), history.toString());
            HttpResponse<String> stale = app.send(
                    app.json("/api/rigs/" + copy, "PUT", document.toString()).header("If-Match", "\"1\""));
            assertEquals(stale.statusCode(), 412, stale.body());
            assertTrue(
                    JsonParser.parseString(stale.body())
                                    .getAsJsonObject()
                                    .getAsJsonArray("theirs")
                                    .size()
                            > 0,
                    stale.body());
        }
        assertEquals(revision, 1 + crafts.size());
    }
}
