package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The contract as others use it: a client that was generated from it, and the documents as the application serves them. */
public class ContractIT {

    private static final Path WEB = Path.of("..", "web");

    private RunningApp app;

    @BeforeClass
    public void start() throws Exception {
        app = RunningApp.start();
    }

    @AfterClass(alwaysRun = true)
    public void stop() throws Exception {
        if (app != null) {
            app.close();
        }
    }

    /** See {@code web/contract/session.contract.ts}. */
    @Test
    public void aGeneratedClientDrivesASession() throws Exception {
        ProcessBuilder session = new ProcessBuilder(List.of(
                        Path.of("node_modules", ".bin", "vitest").toString(),
                        "run",
                        "--config",
                        "contract/vitest.config.ts"))
                .directory(WEB.toFile())
                .redirectErrorStream(true);
        session.environment().put("KEEL_URL", app.url(""));
        Process running = session.start();
        String said = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(running.waitFor(), 0, said);
        assertTrue(said.contains("1 passed"), said);
    }

    @DataProvider
    public Object[][] documents() {
        return new Object[][] {{"openapi.json"}, {"rig.schema.json"}};
    }

    @Test(dataProvider = "documents")
    public void theApplicationServesIt(String name) throws Exception {
        File reviewed = Path.of("..", "docs", name).toFile();
        assertEquals(app.get("/api/" + name), Files.readString(reviewed.toPath()));
    }
}
