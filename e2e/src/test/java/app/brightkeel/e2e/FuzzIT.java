package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.LongAdder;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/**
 * Spoilt documents and logs sent to everything that takes them, and all that can be read of what was let in: no answer is
 * a fault, no number is none, and what was refused leaves nothing behind.
 *
 * <p>{@code ./keel fuzz N} runs as many as one likes and reads every page of all that was let in; here it is some of them.
 * Each case is made from its number alone, and one that fails is kept under {@code target/fuzz}.
 */
public class FuzzIT {

    private static final int CASES = Integer.getInteger("keel.fuzz", Share.of(3000));
    private static final boolean EVERY_PAGE = Boolean.getBoolean("keel.fuzz.every-page");
    private static final int SOME_PAGES = 4;
    private static final int TOGETHER = 4;
    private static final long SEED = Long.getLong("keel.fuzz.seed", 2026L);

    private static final double SLOW_S = 2;

    private static final Pattern NAMED = Pattern.compile("\"(rig|name)\":\"[^\"]*\"");
    private static final Pattern NO_NUMBER = Pattern.compile("(?<![A-Za-z])(NaN|-?Infinity)(?![A-Za-z])");

    private final HttpClient client = HttpClient.newHttpClient();
    private final Map<String, LongAdder> counts = new ConcurrentHashMap<>();
    private final Queue<String> faults = new ConcurrentLinkedQueue<>();
    private final List<String> pages = Pages.all();

    private RunningApp app;
    private List<String> documents = List.of();
    private List<String> logs = List.of();
    private String kept = "";

    @Test
    public void nothingFallsOverAndNothingIsLeftBehind() throws Exception {
        try (RunningApp running = RunningApp.start()) {
            app = running;
            JsonArray before = rigs();
            List<String> ids = new ArrayList<>();
            before.forEach(rig -> ids.add(rig.getAsJsonObject().get("id").getAsString()));
            documents = documents(ids);
            kept = ids.get(0);
            logs = List.of(app.get("/api/rigs/" + kept + "/log?seconds=90"), track());
            ExecutorService together = Executors.newFixedThreadPool(TOGETHER);
            try {
                List<Callable<Void>> cases = new ArrayList<>();
                for (int n = 0; n < CASES; n++) {
                    int number = n;
                    cases.add(() -> run(number));
                }
                for (Future<Void> each : together.invokeAll(cases)) {
                    each.get();
                }
            } finally {
                together.shutdownNow();
            }
            assertEquals(rigs().toString(), before.toString(), "what was refused left something behind");
        }
        System.out.println(report());
        assertTrue(faults.isEmpty(), faults.size() + " faults:\n" + String.join("\n", faults));
    }

    private JsonArray rigs() throws Exception {
        return JsonParser.parseString(app.get("/api/rigs")).getAsJsonArray();
    }

    /** The demo rigs, and the first of them on every ready craft. */
    private List<String> documents(List<String> ids) throws Exception {
        List<String> all = new ArrayList<>();
        for (String id : ids) {
            all.add(app.get("/api/rigs/" + id + "/export"));
        }
        for (JsonElement item :
                JsonParser.parseString(app.get("/api/catalogue/crafts")).getAsJsonArray()) {
            JsonObject document = JsonParser.parseString(all.get(0)).getAsJsonObject();
            JsonObject rig = document.getAsJsonObject("rig");
            rig.add("craft", item.getAsJsonObject().get("craft"));
            for (String list : List.of("runs", "places", "notes", "transducers")) {
                rig.add(list, new JsonArray());
            }
            rig.getAsJsonObject("fitOut").add("boxes", new JsonArray());
            rig.getAsJsonObject("fitOut").add("ballast", new JsonArray());
            all.add(document.toString());
        }
        return all;
    }

    private static String track() {
        StringBuilder all =
                new StringBuilder("<?xml version=\"1.0\"?>\n<gpx version=\"1.1\" creator=\"test\">\n<trk><trkseg>\n");
        for (int s = 0; s < 120; s++) {
            all.append(String.format(
                    Locale.ROOT,
                    "<trkpt lat=\"60.2\" lon=\"5.2\"><time>2026-09-12T06:%02d:%02dZ</time><extensions><depth>%.1f</depth></extensions></trkpt>\n",
                    s / 60,
                    s % 60,
                    4 + s / 20.0));
        }
        return all.append("</trkseg></trk>\n</gpx>\n").toString();
    }

    private Void run(int number) throws Exception {
        Random random = new Random(SEED * 1_000_003 + number);
        Mutations mutations = new Mutations(random.nextLong());
        byte[] body = mutations.rig(documents.get(random.nextInt(documents.size())));
        switch (number % 4) {
            case 0 -> {
                String link = Pages.LINKS.get(random.nextInt(Pages.LINKS.size()));
                told(number, "reviews", body, post("/api/reviews?scene=" + link, "application/json", body));
            }
            case 1 -> {
                HttpResponse<byte[]> answer = post("/api/rigs/import", "application/json", body);
                told(number, "import", body, answer);
                if (answer.statusCode() == 201) {
                    readAndDelete(number, body, answer, random);
                }
            }
            case 2 -> save(number, body, random);
            default -> {
                byte[] log = mutations.log(logs.get(random.nextInt(logs.size())));
                told(number, "log", log, post("/api/rigs/" + kept + "/log?name=day", "application/octet-stream", log));
            }
        }
        return null;
    }

    /** On a rig of its own, which is as it was where the edit was refused. */
    private void save(int number, byte[] body, Random random) throws Exception {
        String good = documents.get(0);
        HttpResponse<byte[]> made = post("/api/rigs", "application/json", good.getBytes(StandardCharsets.UTF_8));
        String id = id(made);
        HttpResponse<byte[]> saved = send(
                "save",
                request("/api/rigs/" + id)
                        .header("Content-Type", "application/json")
                        .header("If-Match", "\"1\"")
                        .PUT(HttpRequest.BodyPublishers.ofByteArray(body)));
        told(number, "save", body, saved);
        HttpResponse<byte[]> now = send("read", request("/api/rigs/" + id));
        String tag = now.headers().firstValue("ETag").orElse("");
        boolean as = saved.statusCode() == 200
                ? tag.equals(saved.headers().firstValue("ETag").orElse(""))
                : tag.equals("\"1\"");
        if (!as) {
            fault(number, body, "the revision is " + tag + " after " + saved.statusCode());
        }
        if (saved.statusCode() == 200) {
            readAndDelete(number, body, saved, random);
        } else {
            delete(id, "\"1\"");
        }
    }

    private void readAndDelete(int number, byte[] body, HttpResponse<byte[]> answer, Random random) throws Exception {
        String id = id(answer);
        int most = EVERY_PAGE ? pages.size() : SOME_PAGES;
        for (int p = 0; p < most; p++) {
            String page = EVERY_PAGE ? pages.get(p) : pages.get(random.nextInt(pages.size()));
            told(
                    number,
                    "GET",
                    body,
                    send(
                            "GET " + page.replaceAll("[?/]", " ").strip().split(" ")[0],
                            request("/api/rigs/" + id + page)),
                    page);
        }
        delete(id, answer.headers().firstValue("ETag").orElseThrow());
    }

    private void delete(String id, String tag) throws Exception {
        send("delete", request("/api/rigs/" + id).header("If-Match", tag).DELETE());
    }

    private static String id(HttpResponse<byte[]> saved) {
        return new String(saved.body(), StandardCharsets.UTF_8).replaceAll("(?s)^\\{\"id\":\"([^\"]+)\".*", "$1");
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(app.url(path)));
    }

    private HttpResponse<byte[]> post(String path, String type, byte[] body) throws Exception {
        String kind = path.replaceAll(".*/([a-z]+)(\\?.*)?$", "$1");
        return send(
                kind, request(path).header("Content-Type", type).POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    private HttpResponse<byte[]> send(String kind, HttpRequest.Builder request) throws Exception {
        long start = System.nanoTime();
        HttpResponse<byte[]> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
        if ((System.nanoTime() - start) / 1e9 > SLOW_S) {
            count("over 2 s: " + kind);
        }
        count(kind + " " + answer.statusCode());
        return answer;
    }

    private void told(int number, String what, byte[] body, HttpResponse<byte[]> answer) throws Exception {
        told(number, what, body, answer, "");
    }

    private void told(int number, String what, byte[] body, HttpResponse<byte[]> answer, String page) throws Exception {
        // another case may have left a rig of that name on the shelf
        String said = NAMED.matcher(new String(answer.body(), StandardCharsets.ISO_8859_1))
                .replaceAll("");
        boolean named = new String(body, StandardCharsets.UTF_8).contains("NaN");
        boolean none =
                answer.statusCode() < 300 && !named && NO_NUMBER.matcher(said).find();
        if (answer.statusCode() >= 500 || none) {
            fault(
                    number,
                    body,
                    what + page + ": " + answer.statusCode() + " " + said.substring(0, Math.min(200, said.length())));
        }
    }

    private void fault(int number, byte[] body, String words) throws Exception {
        faults.add("case " + number + ", " + words);
        Path file = Path.of("target", "fuzz", "case-" + number);
        Files.createDirectories(file.getParent());
        Files.write(file, body);
    }

    private void count(String what) {
        counts.computeIfAbsent(what, key -> new LongAdder()).increment();
    }

    private String report() {
        StringBuilder all = new StringBuilder(CASES + " cases, seed " + SEED + ", " + faults.size() + " faults\n");
        new TreeMap<>(counts)
                .forEach((what, count) ->
                        all.append("  ").append(what).append(": ").append(count).append('\n'));
        return all.toString();
    }
}
