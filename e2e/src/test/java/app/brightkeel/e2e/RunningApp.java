package app.brightkeel.e2e;

import java.io.IOException;
import java.net.InetAddress;
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

    private static final Duration PATIENCE = Duration.ofSeconds(240);

    private final HttpClient client = HttpClient.newHttpClient();
    private final Process process;
    private final int port;
    private final Path data;
    private final Path log;

    private RunningApp(Process process, int port, Path data, Path log) {
        this.process = process;
        this.port = port;
        this.data = data;
        this.log = log;
    }

    /** On demo data, for this machine alone. */
    static RunningApp start() throws Exception {
        RunningApp app = launch(freshData(), "-Dkeel.demo=true");
        app.await("/api/rigs", "Lantern crate");
        return app;
    }

    /** On demo data, to be reached from other machines with a passphrase. */
    static RunningApp startBehind(String passphrase) throws Exception {
        Path data = freshData();
        Ended set = Command.on(data, passphrase + "\n", "passphrase");
        if (set.code() != 0) {
            throw new IllegalStateException("the passphrase was not set: " + set.said());
        }
        RunningApp app = launch(data, "-Dkeel.demo=true", "-Dserver.address=0.0.0.0");
        app.await("/api/session", "wanted");
        return app;
    }

    /** With properties of its own, as soon as a page answers. */
    static RunningApp startOn(Path data, String... properties) throws Exception {
        RunningApp app = launch(data, properties);
        app.await("/", "Bright Keel");
        return app;
    }

    /** Listening on an address, behind a passphrase where that lets others ask; up once it says so. */
    static RunningApp startAt(String address) throws Exception {
        Path data = freshData();
        if (!InetAddress.getByName(address).isLoopbackAddress()) {
            Command.on(data, "four words of ours\n", "passphrase");
        }
        RunningApp app = launch(data, "-Dserver.address=" + address);
        Instant until = Instant.now().plus(PATIENCE);
        while (!app.said().contains("http://")) {
            if (app.process.waitFor(100, TimeUnit.MILLISECONDS) || Instant.now().isAfter(until)) {
                throw new IllegalStateException("not up: " + app.said());
            }
        }
        return app;
    }

    /** A data directory that is not there yet. */
    static Path freshData() throws IOException {
        return Files.createTempDirectory("keel-e2e").resolve("data");
    }

    /** What a command line of the application left behind. */
    record Ended(int code, String said) {}

    /** Commands of the packaged application, run to their end. */
    static final class Command {
        private Command() {}

        static Ended on(Path data, String typed, String... arguments) throws Exception {
            return run(List.of("-Dkeel.data=" + data), typed, arguments);
        }

        static Ended run(List<String> properties, String typed, String... arguments) throws Exception {
            List<String> command = LaidOut.command(properties, List.of(arguments));
            Path said = Files.createTempFile("keel-said", ".log");
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(said.toFile())
                    .start();
            try (var in = process.outputWriter()) {
                in.write(typed);
            } catch (IOException unread) {
                // a command that wants nothing may have ended before it was typed
            }
            if (!process.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
                process.destroyForcibly();
                throw new IllegalStateException("does not end: " + Files.readString(said));
            }
            return new Ended(process.exitValue(), Files.readString(said));
        }
    }

    private static RunningApp launch(Path data, String... properties) throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Path log = Files.createTempFile("keel-e2e", ".log");
        List<String> machine = new ArrayList<>(List.of("-Dkeel.data=" + data));
        machine.addAll(List.of(properties));
        // for a recorder while one measures
        String asked = System.getProperty("keel.machine", "");
        machine.addAll(asked.isEmpty() ? List.of() : List.of(asked.split(" ")));
        List<String> command = LaidOut.command(machine, List.of("--server.port=" + port));
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        return new RunningApp(process, port, data, log);
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
                    throw new IllegalStateException(said());
                }
            }
        }
        throw new IllegalStateException("not up: " + said());
    }

    int port() {
        return port;
    }

    Path data() {
        return data;
    }

    /** What it took of the cores until now [s]. */
    double coreS() {
        return process.toHandle()
                        .info()
                        .totalCpuDuration()
                        .orElse(Duration.ZERO)
                        .toMillis()
                / 1000.0;
    }

    /** What it printed until now. */
    String said() throws IOException {
        return Files.readString(log);
    }

    /** Takes what nobody refers to, files and locks among it, as time would. */
    void collectGarbage() throws Exception {
        // finalizers and cleaners run between collections
        for (int i = 0; i < 3; i++) {
            new ProcessBuilder(LaidOut.jdk("jcmd"), String.valueOf(process.pid()), "GC.run")
                    .redirectErrorStream(true)
                    .start()
                    .waitFor();
        }
    }

    /** Ends it as a power cut would. */
    void kill() {
        process.toHandle().destroyForcibly();
        process.onExit().join();
    }

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    String get(String path) throws IOException, InterruptedException {
        return send(HttpRequest.newBuilder(URI.create(url(path)))).body();
    }

    HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** A request with a JSON body. */
    HttpRequest.Builder json(String path, String method, String body) {
        return HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
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
        process.onExit().orTimeout(PATIENCE.toSeconds(), TimeUnit.SECONDS).join();
    }
}
