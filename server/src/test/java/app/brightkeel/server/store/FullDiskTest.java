package app.brightkeel.server.store;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpHeaders;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.TestPropertySource;
import org.testng.annotations.Test;

/** A database that may not grow, as on a full disk: what is answered as not saved is not saved, and room helps at once. */
@TestPropertySource(
        properties = "spring.datasource.url=jdbc:sqlite:${keel.data}/bright-keel.db?journal_mode=WAL&synchronous=FULL"
                + "&foreign_keys=true&busy_timeout=5000&transaction_mode=IMMEDIATE&max_page_count=200")
public class FullDiskTest extends ServerTest {

    private static final int MORE = 20;

    @Autowired
    private RigStore store;

    @Autowired
    private Environment environment;

    private static Rig rig(int n) {
        return DemoRigs.gannet().withName("rig " + n);
    }

    private MockHttpServletResponse created(int n) throws Exception {
        return send(with(post("/api/rigs"), rig(n)));
    }

    @Test
    public void whatIsAnsweredAsNotSavedIsNotSaved() throws Exception {
        int kept = 0;
        while (created(kept).getStatus() == 201) {
            kept++;
        }
        assertTrue(kept > 3, "only " + kept);
        for (int n = 0; n < MORE; n++) {
            MockHttpServletResponse full = created(1000 + n);
            assertEquals(full.getStatus(), 507);
            assertTrue(full.getContentAsString().contains("The disk is full"), full.getContentAsString());
            String id = store.heads().get(0).id();
            MockHttpServletResponse edit =
                    send(with(put("/api/rigs/" + id), rig(2000 + n)).header(HttpHeaders.IF_MATCH, "\"1\""));
            assertEquals(edit.getStatus(), 507);
            assertEquals(store.head(id).number(), 1);
            assertEquals(store.heads().size(), kept);
            assertEquals(json(send(get("/api/rigs"))).size(), kept, "reads go on");
        }
        makeRoom();
        kept = store.heads().size();
        assertEquals(created(3000).getStatus(), 201);
        assertEquals(store.heads().size(), kept + 1);
    }

    /** Half of what is there goes; its pages are free then. */
    private void makeRoom() throws Exception {
        String file = environment.getRequiredProperty("keel.data") + "/bright-keel.db";
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA busy_timeout = 5000");
            statement.execute("PRAGMA foreign_keys = off");
            statement.execute("DELETE FROM revision WHERE rig_id IN (SELECT id FROM rig WHERE rowid % 2 = 0)");
            statement.execute("DELETE FROM rig WHERE rowid % 2 = 0");
        }
    }
}
