package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The bench over HTTP: readings by hand and from the simulated meter, what they say, and what is refused. */
public class BenchApiTest extends ServerTest {

    private MockHttpServletResponse read(String id, String point, String value) throws Exception {
        return send(
                put("/api/rigs/" + id + "/bench/readings").param("point", point).param("value", value));
    }

    @Test
    public void aFaultOfTheSimulatedRigIsNamedAndMarked() throws Exception {
        String id = create(DemoRigs.gannet());
        assertEquals(
                json(send(get("/api/rigs/" + id + "/bench"))).path("readings").size(), 0);
        assertEquals(send(post("/api/rigs/" + id + "/bench/meter/readings")).getStatus(), 502, "no meter is on");
        assertTrue(json(send(post("/api/rigs/" + id + "/bench/meter")))
                        .at("/meter/port")
                        .asInt()
                > 0);
        JsonNode sound = json(send(post("/api/rigs/" + id + "/bench/meter/readings")));
        assertEquals(sound.path("readings").size(), sound.path("expected").size());
        assertEquals(sound.at("/diagnosis/suspects/0/faults").size(), 0);
        assertEquals(
                send(put("/api/rigs/" + id + "/bench/meter/fault?kind=bad-crimp&subject=trunk/end&size=0.15"))
                        .getStatus(),
                200);
        JsonNode wrong = json(send(post("/api/rigs/" + id + "/bench/meter/readings")));
        assertEquals(wrong.at("/diagnosis/suspects/0/faults").size(), 1);
        assertEquals(wrong.at("/diagnosis/suspects/0/faults/0/subject").asString(), "trunk/end");
        assertEquals(wrong.at("/diagnosis/suspects/0/parts/0").asString(), "trunk");
        assertTrue(wrong.at("/diagnosis/suspects/0/likely").asDouble() > 0.9);
        assertTrue(wrong.path("outside").size() > 0);
        assertEquals(
                send(put("/api/rigs/" + id + "/bench/meter/fault?kind=gremlins&subject=trunk/end&size=1"))
                        .getStatus(),
                502);
        assertEquals(
                json(send(delete("/api/rigs/" + id + "/bench/meter")))
                        .at("/meter/port")
                        .asInt(),
                0);
        // what was read stays
        assertEquals(
                json(send(get("/api/rigs/" + id + "/bench"))).path("readings").size(),
                wrong.path("expected").size());
        assertEquals(
                json(send(delete("/api/rigs/" + id + "/bench/readings")))
                        .path("readings")
                        .size(),
                0);
    }

    @DataProvider
    public Object[][] noReadings() {
        return new Object[][] {
            {"all-volts.display", "12400", 422},
            {"all-volts.display", "NaN", 422},
            {"all-volts.display", "-90", 422},
            {"all-volts.display", "twelve", 400},
            {"all-volts.nothing", "12", 404},
        };
    }

    @Test(dataProvider = "noReadings")
    public void whatNoMeterSaysIsRefused(String point, String value, int status) throws Exception {
        String id = create(DemoRigs.oystercatcher());
        assertEquals(read(id, "rest.pack", "13.4").getStatus(), 200);
        assertEquals(read(id, point, value).getStatus(), status);
        assertEquals(
                json(send(get("/api/rigs/" + id + "/bench"))).path("readings").size(), 1, "nothing is half-saved");
    }

    /** A rig of which nothing is known says what it waits for, and refuses what cannot be judged. */
    @Test
    public void aRigWithoutAHarnessWaits() throws Exception {
        String id = create(Rig.blank("bare", CraftKind.CANOE));
        JsonNode bench = json(send(get("/api/rigs/" + id + "/bench")));
        assertEquals(bench.path("expected").size(), 0);
        assertTrue(bench.at("/waits/words/0").asString().startsWith("Waits for "));
        assertEquals(read(id, "rest.pack", "13.4").getStatus(), 422);
        assertEquals(send(post("/api/rigs/" + id + "/bench/meter")).getStatus(), 422);
    }
}
