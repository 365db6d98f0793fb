package app.brightkeel.e2e;

import static java.util.Map.entry;

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
 * differ: first for everything there is, each once, in any order; then for a while for what one asks for while working.
 * Printed by kind and not judged. {@code ./keel bench load}; not among the tests of {@code ./keel test}.
 */
public class LoadBench {

    private static final int READERS = Integer.getInteger("keel.load.readers", 50);
    private static final int RIGS = Integer.getInteger("keel.load.rigs", 300);
    private static final int SECONDS = Integer.getInteger("keel.load.seconds", 30);
    private static final long SEED = 7;

    /** What one asks for while working on a rig, and how often for each time one opens the shelf. */
    private static final Map<String, Integer> KINDS = new TreeMap<>(Map.ofEntries(
            entry("shelf", 1),
            entry("rig", 3),
            entry("review", 2),
            entry("scene", 6),
            entry("workings", 2),
            entry("changes", 2),
            entry("harness", 1),
            entry("lists", 2),
            entry("revisions", 1),
            entry("shuttle", 1),
            entry("remedies", 2)));

    private static final List<String> LISTS = List.of("parts", "wires", "connectors", "shopping", "holes", "take-off");

    private final Map<String, List<Double>> firstMs = new ConcurrentHashMap<>();
    private final Map<String, List<Double>> againMs = new ConcurrentHashMap<>();
    private final Map<Integer, Integer> statuses = new ConcurrentHashMap<>();
    private double firstS;
    private double coreS;

    @Test
    public void manyReadersAtOnce() throws Exception {
        System.setProperty("http.maxConnections", String.valueOf(READERS));
        try (RunningApp app = RunningApp.start()) {
            fill(app);
            List<String> all = shelf(app);
            System.out.printf("%d readers over %d rigs%n", READERS, all.size());
            long start = System.nanoTime();
            List<Asked> once = everything(all);
            together(reader -> readOnce(app, once, reader));
            firstS = (System.nanoTime() - start) / 1e9;
            double before = app.coreS();
            long until = System.nanoTime() + SECONDS * 1_000_000_000L;
            together(reader -> readAgain(app, all, new Random(SEED * 1000 + reader), until));
            coreS = app.coreS() - before;
        }
        print();
    }

    private record Asked(String kind, String path) {}

    private interface Reader {
        void read(int number) throws IOException;
    }

    private static void together(Reader reader) throws Exception {
        ExecutorService readers = Executors.newFixedThreadPool(READERS);
        try {
            List<Callable<Void>> all = new ArrayList<>();
            for (int r = 0; r < READERS; r++) {
                int number = r;
                all.add(() -> {
                    reader.read(number);
                    return null;
                });
            }
            for (Future<Void> each : readers.invokeAll(all)) {
                each.get();
            }
        } finally {
            readers.shutdownNow();
        }
    }

    /** Every answer that there is to ask for, shuffled. */
    private static List<Asked> everything(List<String> ids) {
        List<Asked> all = new ArrayList<>();
        for (String id : ids) {
            for (String kind : KINDS.keySet()) {
                paths(kind, id).forEach(path -> all.add(new Asked(kind, path)));
            }
        }
        Collections.shuffle(all, new Random(SEED));
        return all;
    }

    /** Each reader takes its share of them. */
    private void readOnce(RunningApp app, List<Asked> all, int reader) throws IOException {
        for (int i = reader; i < all.size(); i += READERS) {
            ask(app, all.get(i), firstMs);
        }
    }

    private void readAgain(RunningApp app, List<String> ids, Random random, long until) throws IOException {
        List<String> drawn = new ArrayList<>();
        KINDS.forEach((kind, times) -> drawn.addAll(Collections.nCopies(times, kind)));
        while (System.nanoTime() < until) {
            String kind = drawn.get(random.nextInt(drawn.size()));
            List<String> paths = paths(kind, ids.get(random.nextInt(ids.size())));
            ask(app, new Asked(kind, paths.get(random.nextInt(paths.size()))), againMs);
        }
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

    private void ask(RunningApp app, Asked asked, Map<String, List<Double>> ms) throws IOException {
        long start = System.nanoTime();
        int status = ask(app.url(asked.path()));
        ms.computeIfAbsent(asked.kind(), key -> Collections.synchronizedList(new ArrayList<>()))
                .add((System.nanoTime() - start) / 1e6);
        statuses.merge(status, 1, Integer::sum);
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

    private static List<String> paths(String kind, String id) {
        String rig = "/api/rigs/" + id;
        return switch (kind) {
            case "shelf" -> List.of("/api/rigs");
            case "rig" -> List.of(rig);
            case "scene" -> each(Pages.LINKS, rig + "/scenes/");
            case "workings" -> each(Pages.LINKS, rig + "/workings?link=");
            case "changes" -> each(Pages.LINKS, rig + "/changes?link=");
            case "harness" -> each(List.of("0", "1", "2", "3", "4"), rig + "/harness?charge=hour&hour=");
            case "lists" -> each(LISTS, rig + "/");
            default -> List.of(rig + "/" + kind);
        };
    }

    private static List<String> each(List<String> ends, String before) {
        return ends.stream().map(end -> before + end).toList();
    }

    private void print() {
        System.out.println("statuses " + statuses);
        System.out.println("everything once, nothing of it asked before:");
        print(firstMs, firstS);
        System.out.println("and again:");
        int answers = print(againMs, SECONDS);
        // on a machine that others use as well the times above are theirs too; this is what an answer takes
        System.out.printf(
                Locale.ROOT, "%.1f ms of a core each, %.2f cores in all%n", 1000 * coreS / answers, coreS / SECONDS);
    }

    private static int print(Map<String, List<Double>> ms, double seconds) {
        List<Double> all = new ArrayList<>();
        ms.values().forEach(all::addAll);
        new TreeMap<>(ms).forEach(Times::print);
        Times.print("all", all);
        System.out.printf(Locale.ROOT, "%.0f answers a second%n", all.size() / seconds);
        return all.size();
    }
}
