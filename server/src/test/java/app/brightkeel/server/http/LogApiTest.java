package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.server.ServerTest;
import app.brightkeel.server.files.log.LogReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A log is read over HTTP and offered; the rig stays as it was. */
public class LogApiTest extends ServerTest {

    private static MockHttpServletRequestBuilder log(String id, byte[] bytes) {
        return post("/api/rigs/" + id + "/log")
                .param("name", "day.nmea")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(bytes);
    }

    @Test
    public void theSimulatedLogIsOfferedAsAChangeOfTheWater() throws Exception {
        String id = create(DemoRigs.gannet());
        String before = send(get("/api/rigs/" + id + "/export")).getContentAsString(StandardCharsets.UTF_8);
        byte[] simulated = send(get("/api/rigs/" + id + "/log?seconds=7200")).getContentAsByteArray();
        MockHttpServletResponse answer = send(log(id, simulated));
        assertEquals(answer.getStatus(), 200, answer.getContentAsString());
        JsonNode ways = json(answer).path("ways");
        JsonNode water = ways.path(0).path("water");
        JsonNode was =
                json(send(get("/api/rigs/" + id))).path("rig").path("outing").path("water");
        assertEquals(ways.path(0).path("of").size(), 2);
        // what is left stays as it was
        assertEquals(ways.path(1).path("water").path("waterC"), was.path("waterC"));
        assertEquals(ways.path(1).path("water").path("leastM"), water.path("leastM"));
        assertEquals(ways.path(2).path("water").path("leastM"), was.path("leastM"));
        assertEquals(ways.path(2).path("water").path("waterC"), water.path("waterC"));
        assertTrue(json(answer).path("taken").path(0).toString().contains("SD DPT"), answer.getContentAsString());
        assertTrue(json(answer).path("taken").path(1).toString().contains("MTW"), answer.getContentAsString());
        assertEquals(water.path("logged").path("name").asString(), "day.nmea");
        assertEquals(water.path("waterC").path("value").asDouble(), 8, 0.3);
        double least = water.path("leastM").path("value").asDouble();
        double most = water.path("mostM").path("value").asDouble();
        assertTrue(least >= 19 && least < most && most <= 91, water.toString());
        assertTrue(json(answer).path("said").toString().contains("cannot be true"), answer.getContentAsString());
        assertEquals(send(get("/api/rigs/" + id + "/export")).getContentAsString(StandardCharsets.UTF_8), before);
    }

    @Test
    public void badLogsAreRefusedAndChangeNothing() throws Exception {
        String id = create(DemoRigs.oystercatcher());
        MockHttpServletResponse none = send(log(id, "no log\n".getBytes(StandardCharsets.UTF_8)));
        assertEquals(none.getStatus(), 422);
        assertTrue(json(none).path("detail").asString().startsWith("log: no line in it"), none.getContentAsString());
        byte[] large = new byte[LogReader.MOST_BYTES + 1];
        Arrays.fill(large, (byte) '\n');
        MockHttpServletResponse tooLarge = send(log(id, large));
        assertEquals(tooLarge.getStatus(), 413);
        assertTrue(json(tooLarge).path("detail").asString().contains("40 MB"), tooLarge.getContentAsString());
        MockHttpServletResponse nameless = send(post("/api/rigs/" + id + "/log")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(new byte[] {'$'}));
        assertEquals(nameless.getStatus(), 400);
        assertEquals(json(nameless).path("detail").asString(), "\"name\" is wanted.");
        assertEquals(send(log("nobody", new byte[] {'$'})).getStatus(), 404);
        assertEquals(json(send(get("/api/rigs/" + id))).path("revision").asInt(), 1);
        assertEquals(send(get("/api/rigs/" + id + "/log?seconds=5")).getStatus(), 422);
    }
}
