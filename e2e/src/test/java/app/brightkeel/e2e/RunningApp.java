package app.brightkeel.e2e;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.TimeUnit;

/** The packaged application on its own port and data directory. */
final class RunningApp implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final HttpClient client = HttpClient.newHttpClient();
    private final Process process;
    private final int port;

    private RunningApp(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    static RunningApp start() throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Path data = Files.createTempDirectory("keel-e2e");
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-Xmx256m",
                        "-Dkeel.demo=true",
                        "-Dkeel.data=" + data,
                        "-jar",
                        System.getProperty("keel.jar"),
                        "--server.port=" + port)
                .redirectErrorStream(true)
                .redirectOutput(data.resolve("server.log").toFile())
                .start();
        RunningApp app = new RunningApp(process, port);
        app.awaitShelf(data);
        return app;
    }

    private void awaitShelf(Path data) throws Exception {
        Instant until = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(until)) {
            try {
                if (get("/api/rigs").contains("Lantern crate")) {
                    return;
                }
            } catch (IOException notYet) {
                if (process.waitFor(100, TimeUnit.MILLISECONDS)) {
                    throw new IllegalStateException(Files.readString(data.resolve("server.log")));
                }
            }
        }
        throw new IllegalStateException("not up: " + Files.readString(data.resolve("server.log")));
    }

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    String get(String path) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url(path))).build();
        return client.send(request, HttpResponse.BodyHandlers.ofString()).body();
    }

    /** Sends a body of unknown length, so that only counting finds it too long. */
    int postChunked(String path, byte[] body) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.fromPublisher(HttpRequest.BodyPublishers.ofByteArray(body)))
                .build();
        return client.send(request, HttpResponse.BodyHandlers.ofString()).statusCode();
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().orTimeout(10, TimeUnit.SECONDS).join();
    }
}
