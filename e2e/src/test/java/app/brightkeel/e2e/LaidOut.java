package app.brightkeel.e2e;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * The packaged application as {@code ./keel} lays it out and starts it: unpacked beside an archive of its classes, so that
 * each of many starts is short. Made once for a package, whichever process of the tests comes first.
 */
final class LaidOut {

    private static final List<String> MACHINE = List.of(
            "-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xmx256m", "-Xlog:cds=off", "-Xlog:cds+dynamic=off");

    private static final String JAR = "bright-keel-app.jar";

    private static final Path DIRECTORY = made();

    private LaidOut() {}

    /** A command line of the application with properties of the machine: later ones count. */
    static List<String> command(List<String> properties, List<String> arguments) {
        List<String> all = new ArrayList<>(List.of(jdk("java")));
        all.addAll(MACHINE);
        all.add("-XX:SharedArchiveFile=" + DIRECTORY.resolve("classes.jsa"));
        all.addAll(properties);
        all.addAll(List.of("-jar", DIRECTORY.resolve(JAR).toString()));
        all.addAll(arguments);
        return all;
    }

    static String jdk(String tool) {
        return Path.of(System.getProperty("java.home"), "bin", tool).toString();
    }

    private static Path made() {
        Path jar = Path.of(System.getProperty("keel.jar")).toAbsolutePath();
        try {
            Path beside = Files.createDirectories(jar.resolveSibling("laid-out"));
            try (RandomAccessFile lock =
                            new RandomAccessFile(beside.resolve("lock").toFile(), "rw");
                    FileLock held = lock.getChannel().lock()) {
                Path made = beside.resolve(Files.getLastModifiedTime(jar).toMillis() + "-" + Files.size(jar));
                if (held.isValid() && !Files.exists(made.resolve("classes.jsa"))) {
                    run(
                            jdk("java"),
                            "-Djarmode=tools",
                            "-jar",
                            jar.toString(),
                            "extract",
                            "--force",
                            "--application-filename",
                            JAR,
                            "--destination",
                            made.toString());
                    train(made);
                }
                return made;
            }
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException("the application was not laid out", e);
        }
    }

    /** One run that stops when the context is ready writes the archive. */
    private static void train(Path made) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(jdk("java")));
        command.addAll(MACHINE);
        command.addAll(List.of(
                "-XX:ArchiveClassesAtExit=" + made.resolve("classes.jsa"),
                "-Dspring.context.exit=onRefresh",
                "-Dkeel.data=" + Files.createTempDirectory("keel-train"),
                "-jar",
                made.resolve(JAR).toString(),
                "--server.port=0"));
        run(command.toArray(String[]::new));
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Path said = Files.createTempFile("keel-said", ".log");
        new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start()
                .waitFor();
    }
}
