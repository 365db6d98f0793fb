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
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The packaged application on its own port and data directory. */
final class RunningApp implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final HttpClient client = HttpClient.newHttpClient();
    private final Process process;
    private final int port;
    private final Path data;

    private RunningApp(Process process, int port, Path data) {
        this.process = process;
        this.port = port;
        this.data = data;
    }

    /** On demo data, for this machine alone. */
    static RunningApp start() throws Exception {
        RunningApp app = launch(Files.createTempDirectory("keel-e2e"), "-Dkeel.demo=true");
        app.await("/api/rigs", "Lantern crate");
        return app;
    }

    /** On demo data, to be reached from other machines with a passphrase. */
    static RunningApp startBehind(String passphrase) throws Exception {
        Path data = Files.createTempDirectory("keel-e2e");
        Process set = new ProcessBuilder(
                        java(), "-Dkeel.data=" + data, "-jar", System.getProperty("keel.jar"), "passphrase")
                .redirectErrorStream(true)
                .start();
        try (var typed = set.outputWriter()) {
            typed.write(passphrase + "\n");
        }
        if (set.waitFor() != 0) {
            throw new IllegalStateException("the passphrase was not set");
        }
        RunningApp app = launch(data, "-Dkeel.demo=true", "-Dserver.address=0.0.0.0");
        app.await("/api/session", "wanted");
        return app;
    }

    private static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    private static RunningApp launch(Path data, String... properties) throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        List<String> command = new ArrayList<>(
                List.of(java(), "-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xmx256m", "-Dkeel.data=" + data));
        command.addAll(List.of(properties));
        command.addAll(List.of("-jar", System.getProperty("keel.jar"), "--server.port=" + port));
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(data.resolve("server.log").toFile())
                .start();
        return new RunningApp(process, port, data);
    }

    private void await(String path, String words) throws Exception {
        Instant until = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(until)) {
            try {
                if (get(path).contains(words)) {
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
