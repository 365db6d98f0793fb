package app.brightkeel.core;

import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.TimeUnit;
import org.testng.SkipException;

/** The second opinion on circuits; {@code ./keel test} installs it. */
public final class Ngspice {

    private Ngspice() {}

    /** Skips the test where it is not installed. */
    public static void orSkip() {
        boolean installed = Arrays.stream(System.getenv("PATH").split(":"))
                .anyMatch(dir -> Files.isExecutable(Path.of(dir, "ngspice")));
        if (!installed) {
            throw new SkipException("ngspice is not installed: apt-get install ngspice");
        }
    }

    /** What it prints for a netlist. */
    public static String run(String netlist) throws Exception {
        Path file = Files.createTempFile("harness", ".cir");
        Files.writeString(file, netlist);
        Process process = new ProcessBuilder("ngspice", "-b", file.toString())
                .redirectErrorStream(true)
                .start();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertTrue(process.waitFor(30, TimeUnit.SECONDS));
        Files.delete(file);
        return out;
    }
}
