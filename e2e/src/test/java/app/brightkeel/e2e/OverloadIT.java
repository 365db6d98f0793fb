package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** More than it can take at once, in 256 MB: some are asked to come again, nothing falls over, pages are answered. */
public class OverloadIT {

    private static final int SLOW = 200;
    private static final int MB = 1 << 20;

    /** As large as a log may be, or a part of it: what never ends is given up long before. */
    private static final int LARGE = Share.of(25) * MB;

    private final HttpClient client = HttpClient.newHttpClient();
    private RunningApp app;
    private String id = "";

    @BeforeClass
    public void start() throws Exception {
        app = RunningApp.start();
        id = app.get("/api/rigs").replaceAll("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
    }

    @AfterClass(alwaysRun = true)
    public void stop() {
        if (app != null) {
            app.close();
        }
    }

    /** Two hundred bodies of which only the beginning comes: a page is answered before any of them is given up. */
    @Test
    public void slowBodiesHoldNobodyUp() throws Exception {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int n = 0; n < SLOW; n++) {
                Socket socket = new Socket("127.0.0.1", app.port());
                slow.add(socket);
                socket.getOutputStream()
                        .write(("POST /api/reviews HTTP/1.1\r\nHost: 127.0.0.1:" + app.port()
                                        + "\r\nContent-Type: application/json\r\nContent-Length: 60000\r\n\r\n{")
                                .getBytes(StandardCharsets.US_ASCII));
            }
            long start = System.nanoTime();
            for (String page : List.of("/", "/api/rigs", "/api/rigs/" + id, "/api/rigs/" + id + "/scenes/cable")) {
                assertEquals(status(page), 200, page);
            }
            double tookMs = (System.nanoTime() - start) / 1e6;
            int open = 0;
            for (Socket socket : slow) {
                open += socket.getInputStream().available() == 0 ? 1 : 0;
            }
            System.out.printf(
                    Locale.ROOT, "%d slow bodies, %d of them open while 4 pages took %.0f ms%n", SLOW, open, tookMs);
            assertTrue(open >= 32, "only " + open + " were still open: the pages waited for them");
            Map<String, Integer> ends = new TreeMap<>();
            for (Socket socket : slow) {
                String answer = new String(socket.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
                ends.merge(answer, 1, Integer::sum);
            }
            assertTrue(
                    ends.keySet().stream()
                            .allMatch(end -> end.endsWith("408") || end.endsWith("503") || end.endsWith("400")),
                    ends.toString());
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
        assertEquals(app.send(app.json("/api/reviews", "POST", "{}")).statusCode(), 422);
    }

    private int status(String page) throws Exception {
        return app.send(HttpRequest.newBuilder(URI.create(app.url(page)))).statusCode();
    }

    /** The same many times over, as it is read. */
    private static InputStream repeated(String head, String body, String tail, int bytes) {
        byte[] some = body.getBytes(StandardCharsets.ISO_8859_1);
        InputStream middle = new InputStream() {
            private int at;

            @Override
            public int read() {
                return at < bytes ? some[at++ % some.length] : -1;
            }

            @Override
            public int read(byte[] into, int from, int length) {
                int count = Math.min(length, bytes - at);
                for (int i = 0; i < count; i++) {
                    into[from + i] = some[at++ % some.length];
                }
                return count > 0 ? count : -1;
            }
        };
        return new java.io.SequenceInputStream(java.util.Collections.enumeration(List.of(
                new java.io.ByteArrayInputStream(head.getBytes(StandardCharsets.ISO_8859_1)),
                middle,
                new java.io.ByteArrayInputStream(tail.getBytes(StandardCharsets.ISO_8859_1)))));
    }

    /** Statuses of so many of the same at once. */
    private Map<Integer, Integer> together(int many, String path, String type, Supplier<InputStream> body)
            throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(many);
        try {
            List<Callable<HttpResponse<String>>> all = new ArrayList<>();
            for (int n = 0; n < many; n++) {
                HttpRequest.Builder request =
                        HttpRequest.newBuilder(URI.create(app.url(path))).header("Content-Type", type);
                all.add(() -> client.send(
                        request.POST(HttpRequest.BodyPublishers.ofInputStream(body))
                                .build(),
                        HttpResponse.BodyHandlers.ofString()));
            }
            Map<Integer, Integer> statuses = new TreeMap<>();
            for (Future<HttpResponse<String>> each : pool.invokeAll(all)) {
                HttpResponse<String> answer = each.get();
                statuses.merge(answer.statusCode(), 1, Integer::sum);
                assertTrue(
                        answer.statusCode() != 503
                                || answer.headers().firstValue("Retry-After").isPresent(),
                        answer.headers().toString());
            }
            System.out.println(many + " × " + path + ": " + statuses);
            return statuses;
        } finally {
            pool.shutdownNow();
        }
    }

    private static void assertOnly(Map<Integer, Integer> statuses, Integer... allowed) {
        assertTrue(Arrays.asList(allowed).containsAll(statuses.keySet()), statuses.toString());
        assertTrue(statuses.containsKey(allowed[0]), statuses.toString());
    }

    @Test
    public void fiftyLargeBodiesAtOnce() throws Exception {
        String head = "{\"format\":\"bright-keel-rig\",\"version\":9,\"rig\":{\"notes\":[0";
        assertOnly(
                together(50, "/api/reviews", "application/json", () -> repeated(head, ",0", "]}}", MB - 200)),
                422,
                503);
        assertOnly(
                together(50, "/api/rigs/import", "application/json", () -> repeated("[", "[],", "0]", MB - 200)),
                422,
                503);
    }

    @Test
    public void logsAndTracksOfAnyShape() throws Exception {
        String to = "/api/rigs/" + id + "/log?name=day";
        String type = "application/octet-stream";
        assertOnly(together(8, to, type, () -> repeated("", "$SDDPT,4.0,0*6A ", "", LARGE)), 422, 200, 503);
        assertOnly(together(8, to, type, () -> repeated("", "x", "\n", LARGE)), 422, 503);
        assertOnly(together(4, to, type, () -> repeated("", "\0", "", LARGE)), 422, 503);
        String points =
                "<trkpt lat=\"60.2\" lon=\"5.2\"><ele>0</ele><extensions><depth>4.5</depth></extensions></trkpt>\n";
        assertOnly(
                together(
                        6,
                        to,
                        type,
                        () -> repeated(
                                "<gpx><trk><trkseg>",
                                points,
                                "</trkseg></trk></gpx>",
                                points.length() * Share.of(87_000))),
                200,
                422,
                503);
        assertOnly(together(2, to, type, () -> repeated("<gpx>", "<a>", "", 700_000)), 422, 503);
        assertOnly(together(2, to, type, () -> repeated("<gpx><trk><trkseg><trkpt>", "<a>", "", 700_000)), 422, 503);
        assertOnly(together(2, to, type, () -> repeated("<gpx a='", "b", "'>", 9 * MB)), 422, 503);
    }

    @Test
    public void longAnswersAreStreamed() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(4);
        try {
            List<Callable<Long>> all = new ArrayList<>();
            for (int n = 0; n < 4; n++) {
                all.add(() -> length("/api/rigs/" + id + "/log?seconds=" + Share.of(240_000)));
            }
            for (Future<Long> each : pool.invokeAll(all)) {
                assertTrue(each.get() > Share.of(15 * MB), "only " + each.get());
            }
        } finally {
            pool.shutdownNow();
        }
    }

    private long length(String path) throws Exception {
        HttpResponse<InputStream> answer = client.send(
                HttpRequest.newBuilder(URI.create(app.url(path))).build(), HttpResponse.BodyHandlers.ofInputStream());
        try (InputStream body = answer.body()) {
            assertEquals(answer.statusCode(), 200);
            return body.transferTo(java.io.OutputStream.nullOutputStream());
        }
    }

    /** A backup larger than the memory there is. */
    @Test
    public void aBackupIsSentFromTheDisk() throws Exception {
        Path data = RunningApp.freshData();
        try (RunningApp small = RunningApp.startOn(data, "-Dkeel.demo=true", "-Xmx80m")) {
            fill(data.resolve("bright-keel.db"), 120);
            Path copy = Files.createTempFile("keel-copy", ".db");
            HttpResponse<Path> answer = client.send(
                    HttpRequest.newBuilder(URI.create(small.url("/api/backup"))).build(),
                    HttpResponse.BodyHandlers.ofFile(copy));
            assertEquals(answer.statusCode(), 200);
            assertTrue(Files.size(copy) > 120L * MB, "only " + Files.size(copy));
            try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy);
                    Statement statement = connection.createStatement();
                    ResultSet row = statement.executeQuery("PRAGMA quick_check")) {
                assertEquals(row.getString(1), "ok");
            }
            assertTrue(small.get("/api/rigs").contains("Lantern"));
        }
    }

    /** So many megabytes of steps of a rig that was deleted. */
    private static void fill(Path database, int megabytes) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database + "?busy_timeout=5000");
                Statement statement = connection.createStatement();
                PreparedStatement insert = connection.prepareStatement(
                        "INSERT INTO revision (rig_id, number, parent, saved_at, name, document) VALUES ('bulk', ?, ?, '2026-09-12T06:00:00Z', 'bulk', ?)")) {
            connection.setAutoCommit(false);
            statement.execute("INSERT INTO rig (id, head, deleted_at) VALUES ('bulk', 1, '2026-09-12T06:00:00Z')");
            String document = "x".repeat(MB);
            for (int n = 1; n <= megabytes; n++) {
                insert.setInt(1, n);
                insert.setInt(2, n - 1);
                insert.setString(3, document);
                insert.executeUpdate();
            }
            connection.commit();
        }
    }
}
