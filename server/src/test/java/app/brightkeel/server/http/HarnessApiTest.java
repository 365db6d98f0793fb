package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.springframework.http.HttpHeaders;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The harness over HTTP: moments, edits, schools, lists. */
public class HarnessApiTest extends ServerTest {

    private double voltsOfTheFive(String id, String query) throws Exception {
        JsonNode rows = json(send(get("/api/rigs/" + id + "/harness" + query)))
                .path("scenes")
                .path(0)
                .path("twin")
                .path("rows");
        for (JsonNode row : rows) {
            if (row.path(0).path("words").path(0).asString().equals("5-in display")) {
                return row.path(2).path("amounts").path(0).path("si").asDouble();
            }
        }
        throw new AssertionError("no such row in " + rows);
    }

    @Test
    public void momentsOfTheHarness() throws Exception {
        String id = create(DemoRigs.gannet());
        double judged = voltsOfTheFive(id, "");
        assertEquals(voltsOfTheFive(id, "?charge=empty"), judged, 0);
        assertTrue(voltsOfTheFive(id, "?charge=full") > judged);
        assertTrue(voltsOfTheFive(id, "?charge=empty&starting=true") < judged);
        assertEquals(
                voltsOfTheFive(id, "?charge=empty&starting=true&off=module,nine"),
                voltsOfTheFive(id, "?charge=empty&off=module,nine"),
                0);
        assertTrue(voltsOfTheFive(id, "?charge=hour&hour=3") < voltsOfTheFive(id, "?charge=hour&hour=0.5"));
    }

    @DataProvider
    public Object[][] badMoments() {
        return new Object[][] {
            {"?charge=overfull", 400},
            {"?hour=-1", 422},
            {"?hour=soon", 400},
            {"?hour=NaN", 422},
            {"?starting=maybe", 400}
        };
    }

    @Test(dataProvider = "badMoments")
    public void momentsThatAreNone(String query, int status) throws Exception {
        String id = create(DemoRigs.gannet());
        MockHttpServletResponse answer = send(get("/api/rigs/" + id + "/harness" + query));
        assertEquals(answer.getStatus(), status, answer.getContentAsString());
        assertEquals(answer.getContentType(), "application/problem+json");
    }

    /** An edit or a school is one revision; one that makes no sense changes nothing. */
    @Test
    public void editsAndSchools() throws Exception {
        String id = create(DemoRigs.gannet());
        JsonNode hung = json(send(
                post("/api/rigs/" + id + "/changes/wire.hang.module-lead.pack").header(HttpHeaders.IF_MATCH, "\"1\"")));
        assertEquals(hung.path("revision").asInt(), 2);
        assertEquals(
                hung.path("rig")
                        .path("harness")
                        .path("segments")
                        .path(3)
                        .path("from")
                        .asString(),
                "pack");
        MockHttpServletResponse nonsense =
                send(post("/api/rigs/" + id + "/changes/wire.hang.trunk.block").header(HttpHeaders.IF_MATCH, "\"2\""));
        assertTrue(nonsense.getStatus() >= 400 && nonsense.getStatus() < 500, "status " + nonsense.getStatus());
        JsonNode built = json(
                send(post("/api/rigs/" + id + "/changes/wire.school.block").header(HttpHeaders.IF_MATCH, "\"2\"")));
        assertEquals(built.path("revision").asInt(), 3);
        assertEquals(built.path("rig").path("harness").path("junctions").size(), 1);
    }

    /** The lists as files, in the reader's units; words that a spreadsheet would take for a formula stay words. */
    @Test
    public void listsAsFiles() throws Exception {
        Rig rig = DemoRigs.gannet();
        String id = create(rig.with(rig.harness().segment("trunk").withName("=trunk")));
        for (String list : List.of("wires", "connectors", "shopping")) {
            MockHttpServletResponse answer = send(get("/api/rigs/" + id + "/lists/" + list + "?habit=us"));
            assertEquals(answer.getStatus(), 200);
            assertEquals(answer.getContentType(), "text/csv;charset=UTF-8");
            assertTrue(
                    Objects.requireNonNull(answer.getHeader(HttpHeaders.CONTENT_DISPOSITION))
                            .contains(list + ".csv"),
                    list);
        }
        String wires =
                send(get("/api/rigs/" + id + "/lists/wires?habit=us")).getContentAsString(StandardCharsets.UTF_8);
        assertTrue(wires.contains("'=trunk") && wires.contains("size [AWG]") && wires.contains(",20,"), wires);
        String ends =
                send(get("/api/rigs/" + id + "/lists/connectors?habit=us")).getContentAsString(StandardCharsets.UTF_8);
        assertTrue(ends.contains("\"quick plug, shrouded half\"") && ends.contains("pull for a minute [lbf]"), ends);
        String shopping = send(get("/api/rigs/" + id + "/lists/shopping")).getContentAsString(StandardCharsets.UTF_8);
        assertTrue(shopping.contains("\"red, 0.82 mm², tinned\",6.5,m,"), shopping);
    }
}
