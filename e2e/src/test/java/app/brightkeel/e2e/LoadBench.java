package app.brightkeel.e2e;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.Test;

/**
 * Many readers at once, each asking for the next thing as soon as it has the last, over a shelf of many rigs that all
 * differ; printed by kind and not judged, what came while nothing was known yet apart from what came after. {@code ./keel bench
 * load}; not among the tests of {@code ./keel test}.
 */
public class LoadBench {

    private static final int READERS = Integer.getInteger("keel.load.readers", 50);
    private static final int RIGS = Integer.getInteger("keel.load.rigs", 300);
    private static final int SECONDS = Integer.getInteger("keel.load.seconds", 30);
    private static final int WARMING = Integer.getInteger("keel.load.warming", 60);
    private static final long SEED = 7;

    /** What one asks for while working on a rig, and how often for each time one opens the shelf. */
    private static final Map<String, Integer> KINDS = new TreeMap<>(Map.of(
            "shelf", 1,
            "rig", 3,
            "review", 2,
            "scene", 6,
            "workings", 2,
            "changes", 2,
            "harness", 1,
            "lists", 2,
            "revisions", 1,
            "shuttle", 1));

    private static final List<String> LISTS = List.of("parts", "wires", "connectors", "shopping", "holes", "take-off");

    private final Map<String, List<Double>> coldMs = new ConcurrentHashMap<>();
    private final Map<String, List<Double>> tookMs = new ConcurrentHashMap<>();
    private final Map<Integer, Integer> statuses = new ConcurrentHashMap<>();
    private double coreS;

    @Test
    public void manyReadersAtOnce() throws Exception {
        System.setProperty("http.maxConnections", String.valueOf(READERS));
        try (RunningApp app = RunningApp.start()) {
            fill(app);
            List<String> all = shelf(app);
            System.out.printf("%d readers for %d s over %d rigs%n", READERS, SECONDS, all.size());
            ExecutorService together = Executors.newFixedThreadPool(READERS);
            long from = System.nanoTime() + WARMING * 1_000_000_000L;
            long until = from + SECONDS * 1_000_000_000L;
            List<Callable<Void>> readers = new ArrayList<>();
            for (int r = 0; r < READERS; r++) {
                Random random = new Random(SEED * 1000 + r);
                readers.add(() -> read(app, all, random, from, until));
            }
            List<Future<Void>> reading = readers.stream().map(together::submit).toList();
            Thread.sleep(WARMING * 1000L);
            double before = app.coreS();
            for (Future<Void> each : reading) {
                each.get();
            }
            coreS = app.coreS() - before;
            together.shutdownNow();
        }
        print();
    }

    /** More rigs like those that are there, each on a day and with an angler of its own. */
    private static void fill(RunningApp app) throws Exception {
        List<String> ids = shelf(app);
        List<String> documents = new ArrayList<>();
        for (String id : ids) {
            documents.add(app.get("/api/rigs/" + id + "/export"));
        }
        for (int n = ids.size(); n < RIGS; n++) {
            JsonObject document =
                    JsonParser.parseString(documents.get(n % documents.size())).getAsJsonObject();
            JsonObject rig = document.getAsJsonObject("rig");
            rig.getAsJsonObject("outing").add("airC", chosen(-5 + n / 10.0));
            rig.getAsJsonObject("angler").add("massKg", chosen(60 + n / 10.0));
            app.send(app.json("/api/rigs/import", "POST", document.toString()));
        }
    }

    private static JsonObject chosen(double value) {
        JsonObject figure = new JsonObject();
        figure.addProperty("kind", "given");
        figure.addProperty("value", value);
        figure.addProperty("basis", "chosen");
        return figure;
    }

    private static List<String> shelf(RunningApp app) throws Exception {
        List<String> ids = new ArrayList<>();
        java.util.regex.Pattern.compile("\"id\":\"([0-9a-f-]{36})\",\"revision\"")
                .matcher(app.get("/api/rigs"))
                .results()
                .forEach(found -> ids.add(found.group(1)));
        return ids;
    }

    private Void read(RunningApp app, List<String> ids, Random random, long from, long until) throws Exception {
        List<String> drawn = new ArrayList<>();
        KINDS.forEach((kind, times) -> drawn.addAll(Collections.nCopies(times, kind)));
        while (System.nanoTime() < until) {
            String kind = drawn.get(random.nextInt(drawn.size()));
            String path = path(kind, ids.get(random.nextInt(ids.size())), random);
            long start = System.nanoTime();
            int status = ask(app.url(path));
            (start < from ? coldMs : tookMs)
                    .computeIfAbsent(kind, key -> Collections.synchronizedList(new ArrayList<>()))
                    .add((System.nanoTime() - start) / 1e6);
            statuses.merge(status, 1, Integer::sum);
        }
        return null;
    }

    /** The plain client of the platform: it takes the least of what it shares with the one it measures. */
    private static int ask(String url) throws IOException {
        HttpURLConnection connection =
                (HttpURLConnection) URI.create(url).toURL().openConnection();
        connection.setRequestProperty("Accept-Encoding", "gzip");
        int status = connection.getResponseCode();
        try (InputStream body = status < 400 ? connection.getInputStream() : connection.getErrorStream()) {
            body.transferTo(OutputStream.nullOutputStream());
        }
        return status;
    }

    private static String path(String kind, String id, Random random) {
        String rig = "/api/rigs/" + id;
        String link = Pages.LINKS.get(random.nextInt(Pages.LINKS.size()));
        return switch (kind) {
            case "shelf" -> "/api/rigs";
            case "rig" -> rig;
            case "review" -> rig + "/review";
            case "scene" -> rig + "/scenes/" + link;
            case "workings" -> rig + "/workings?link=" + link;
            case "changes" -> rig + "/changes?link=" + link;
            case "harness" -> rig + "/harness?charge=hour&hour=" + random.nextInt(5);
            case "lists" -> rig + "/" + LISTS.get(random.nextInt(LISTS.size()));
            case "revisions" -> rig + "/revisions";
            default -> rig + "/shuttle";
        };
    }

    private void print() {
        System.out.println("statuses " + statuses);
        System.out.println("the first " + WARMING + " s, nothing of it asked before:");
        print(coldMs, WARMING);
        System.out.println("after that:");
        int answers = print(tookMs, SECONDS);
        // on a machine that others use as well the times above are theirs too; this is what an answer takes
        System.out.printf(
                Locale.ROOT, "%.1f ms of a core each, %.2f cores in all%n", 1000 * coreS / answers, coreS / SECONDS);
    }

    private static int print(Map<String, List<Double>> ms, int seconds) {
        List<Double> all = new ArrayList<>();
        ms.values().forEach(all::addAll);
        new TreeMap<>(ms).forEach(Times::print);
        Times.print("all", all);
        System.out.printf(Locale.ROOT, "%.0f answers a second%n", all.size() / (double) seconds);
        return all.size();
    }
}
