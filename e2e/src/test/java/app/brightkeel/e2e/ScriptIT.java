package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The script on machines of every sort: tools that are stubs say which versions they are, and what they are asked is seen. */
public class ScriptIT {

    private static final Map<String, String> GOOD = Map.of("java", "17.0.9", "mvn", "3.8.7", "node", "20.11.1");

    private Path checkout;
    private Path tools;
    private Path elsewhere;

    @BeforeMethod
    public void layOut() throws IOException {
        Path all = Files.createTempDirectory("keel-script");
        checkout = Files.createDirectory(all.resolve("check out"));
        tools = Files.createDirectory(all.resolve("tools"));
        elsewhere = Files.createDirectory(all.resolve("elsewhere"));
        Files.copy(Path.of("..", "keel"), checkout.resolve("keel"));
        checkout.resolve("keel").toFile().setExecutable(true);
        for (String directory : List.of(".mvn", "core", "web", "server", "docs", "docs/licences")) {
            Files.createDirectory(checkout.resolve(directory));
        }
        for (String file : List.of("pom.xml", "docs/openapi.json", "docs/rig.schema.json", "docs/units.json")) {
            Files.writeString(checkout.resolve(file), "");
        }
    }

    private void tools(Map<String, String> versions, String build) throws IOException {
        tool("java", "echo 'openjdk version \"%s\" 2026-01-20' >&2".formatted(versions.get("java")));
        tool("javac", "exit 0");
        tool("npm", "exit 0");
        tool("node", "echo v%s".formatted(versions.get("node")));
        tool(
                "mvn",
                "if [ \"$1\" = -v ]; then echo 'Apache Maven %s (abc)'; else echo \"home: $HOME $MAVEN_OPTS\" >&2; %s; fi"
                        .formatted(versions.get("mvn"), build));
    }

    private void tool(String name, String does) throws IOException {
        Path tool = tools.resolve(name);
        Files.writeString(tool, "#!/bin/sh\n" + does + "\n");
        Files.setPosixFilePermissions(tool, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    private record Ended(int exit, String words) {}

    private Ended run(Path script, Map<String, String> environment) throws Exception {
        ProcessBuilder process = new ProcessBuilder(script.toString(), "demo")
                .directory(elsewhere.toFile())
                .redirectErrorStream(true);
        process.environment().put("PATH", tools + ":/usr/bin:/bin");
        environment.forEach((name, value) -> {
            if (value.isEmpty()) {
                process.environment().remove(name);
            } else {
                process.environment().put(name, value);
            }
        });
        Process running = process.start();
        String words = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        Ended said = new Ended(running.waitFor(), words);
        try (var left = Files.list(elsewhere)) {
            assertEquals(left.toList(), List.of(), "nothing is left where it was called from");
        }
        return said;
    }

    @DataProvider
    public Object[][] versions() {
        return new Object[][] {
            {"java", "11.0.2", "Java 11.0.2 is too old"},
            {"java", "1.8.0", "Java 1.8.0 is too old"},
            {"mvn", "3.2.5", "Maven 3.2.5 is too old"},
            {"node", "18.19.0", "Node 18.19.0 is too old"},
            // newer ones are not held up
            {"java", "21.0.1", "The build failed"},
            {"java", "25", "The build failed"},
            {"node", "24.0.0", "The build failed"},
            {"mvn", "4.0.0", "The build failed"},
        };
    }

    @Test(dataProvider = "versions")
    public void versionsAreLookedAt(String tool, String version, String words) throws Exception {
        Map<String, String> versions = new HashMap<>(GOOD);
        versions.put(tool, version);
        tools(versions, "exit 1");
        Ended said = run(checkout.resolve("keel"), Map.of());
        assertTrue(said.words().contains(words), said.words());
        assertEquals(said.exit(), words.contains("too old") ? 2 : 1, said.words());
    }

    /** By a link from elsewhere; without a network; without a home. */
    @Test
    public void linksNetworksAndHomes() throws Exception {
        tools(GOOD, "echo 'Could not transfer artifact org.example:thing: Unknown host'; exit 1");
        Path link = Files.createSymbolicLink(elsewhere.resolveSibling("a link"), checkout.resolve("keel"));
        Ended linked = run(link, Map.of());
        assertEquals(linked.exit(), 1, linked.words());
        assertTrue(linked.words().contains("as if there were no network"), linked.words());
        assertTrue(Files.exists(checkout.resolve("build.log")), "built where the script stands");

        Ended homeless = run(checkout.resolve("keel"), Map.of("HOME", ""));
        assertFalse(homeless.words().contains("?"), homeless.words());
        assertTrue(homeless.words().contains("home: /"), homeless.words());
    }
}
