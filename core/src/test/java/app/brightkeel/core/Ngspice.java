package app.brightkeel.core;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.TimeUnit;

/** The second opinion on circuits; {@code ./keel test} installs it. Free of TestNG: benchmarks run it too. */
public final class Ngspice {

    private Ngspice() {}

    /** What to say where it is not there. */
    public static final String MISSING = "ngspice is not installed: apt-get install ngspice";

    public static boolean installed() {
        return Arrays.stream(System.getenv("PATH").split(":"))
                .anyMatch(dir -> Files.isExecutable(Path.of(dir, "ngspice")));
    }

    /** What it prints for a netlist. */
    public static String run(String netlist) throws Exception {
        Path file = Files.createTempFile("harness", ".cir");
        Files.writeString(file, netlist);
        Process process = new ProcessBuilder("ngspice", "-b", file.toString())
                .redirectErrorStream(true)
                .start();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (!process.waitFor(30, TimeUnit.SECONDS)) {
            throw new IllegalStateException("ngspice does not end");
        }
        Files.delete(file);
        return out;
    }
}
