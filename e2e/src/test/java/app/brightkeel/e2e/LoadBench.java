package app.brightkeel.e2e;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
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
 * Many readers at once, each asking for the next thing as soon as it has the last, over a shelf of many rigs; printed by
 * kind and not judged. {@code ./keel bench load}; not among the tests of {@code ./keel test}.
 */
public class LoadBench {

    private static final int READERS = Integer.getInteger("keel.load.readers", 50);
    private static final int RIGS = Integer.getInteger("keel.load.rigs", 300);
    private static final int SECONDS = Integer.getInteger("keel.load.seconds", 30);
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

    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final Map<String, List<Double>> tookMs = new ConcurrentHashMap<>();
    private final Map<Integer, Integer> statuses = new ConcurrentHashMap<>();

    @Test
    public void manyReadersAtOnce() throws Exception {
        try (RunningApp app = RunningApp.start()) {
            List<String> ids = shelf(app);
            for (int n = ids.size(); n < RIGS; n++) {
                String copied = ids.get(n % 5);
                app.send(app.json("/api/rigs/" + copied + "/duplicate", "POST", ""));
            }
            List<String> all = shelf(app);
            System.out.printf("%d readers for %d s over %d rigs%n", READERS, SECONDS, all.size());
            ExecutorService together = Executors.newFixedThreadPool(READERS);
            long until = System.nanoTime() + SECONDS * 1_000_000_000L;
            List<Callable<Void>> readers = new ArrayList<>();
            for (int r = 0; r < READERS; r++) {
                Random random = new Random(SEED * 1000 + r);
                readers.add(() -> read(app, all, random, until));
            }
            for (Future<Void> each : together.invokeAll(readers)) {
                each.get();
            }
            together.shutdownNow();
        }
        print();
    }

    private static List<String> shelf(RunningApp app) throws Exception {
        List<String> ids = new ArrayList<>();
        java.util.regex.Pattern.compile("\"id\":\"([0-9a-f-]{36})\",\"revision\"")
                .matcher(app.get("/api/rigs"))
                .results()
                .forEach(found -> ids.add(found.group(1)));
        return ids;
    }

    private Void read(RunningApp app, List<String> ids, Random random, long until) throws Exception {
        List<String> drawn = new ArrayList<>();
        KINDS.forEach((kind, times) -> drawn.addAll(Collections.nCopies(times, kind)));
        while (System.nanoTime() < until) {
            String kind = drawn.get(random.nextInt(drawn.size()));
            String path = path(kind, ids.get(random.nextInt(ids.size())), random);
            HttpRequest request = HttpRequest.newBuilder(URI.create(app.url(path)))
                    .header("Accept-Encoding", "gzip")
                    .build();
            long start = System.nanoTime();
            HttpResponse<byte[]> answer = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
            double ms = (System.nanoTime() - start) / 1e6;
            tookMs.computeIfAbsent(kind, key -> Collections.synchronizedList(new ArrayList<>()))
                    .add(ms);
            statuses.merge(answer.statusCode(), 1, Integer::sum);
        }
        return null;
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
        List<Double> all = new ArrayList<>();
        tookMs.values().forEach(all::addAll);
        System.out.println("statuses " + statuses);
        new TreeMap<>(tookMs).forEach(LoadBench::print);
        print("all", all);
        System.out.printf(Locale.ROOT, "%.0f answers a second%n", all.size() / (double) SECONDS);
    }

    private static void print(String kind, List<Double> ms) {
        List<Double> sorted = new ArrayList<>(ms);
        Collections.sort(sorted);
        System.out.printf(
                Locale.ROOT,
                "%-10s p50 %5.0f ms, p95 %5.0f ms, worst %5.0f ms, of %d%n",
                kind,
                sorted.get(sorted.size() / 2),
                sorted.get(sorted.size() * 95 / 100),
                sorted.get(sorted.size() - 1),
                sorted.size());
    }
}
