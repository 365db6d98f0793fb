package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.server.ServerTest;
import java.util.Objects;
import org.springframework.http.HttpHeaders;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A rig begun from nothing, its parts added and taken out one by one. */
public class PartsApiTest extends ServerTest {

    @Test
    public void aRigIsBegunAndFilledPartByPart() throws Exception {
        MockHttpServletResponse begun = send(post("/api/rigs/blank?name=Teal&craft=sit-on-top"));
        assertEquals(begun.getStatus(), 201);
        String path = place(begun);
        JsonNode rig = json(begun).path("rig");
        assertEquals(rig.path("craft").path("kind").asString(), "sit-on-top");
        assertEquals(rig.path("outing").path("phases").size(), 1, "there is a day to say hours for");
        int revision = 1;
        for (String change : new String[] {
            "mount.new.station",
            "mount.new.station",
            "battery.new.pack",
            "screen.one-more.display-5-in",
            "wire.new.wire",
            "fuse.new.fuse.lead",
            "carry.new.box",
            "carry.new.hole.box",
            "cable.new.passage",
            "transducer.new.transducer",
            "cable.leg.transducer.passage",
            "mount.without.station.place-2"
        }) {
            JsonNode taken = taken(path, change, revision++);
            assertEquals(taken.path("revision").asInt(), revision, change + taken);
        }
        JsonNode filled = json(send(get(path))).path("rig");
        assertEquals(filled.at("/harness/segments/0/fittings/0/id").asString(), "fuse");
        assertEquals(filled.at("/fitOut/boxes/0/exits/0/name").asString(), "hole");
        assertEquals(filled.path("runs").size(), 0, "the way goes with the passage, that with the place it led to");
        assertEquals(filled.at("/craft/passages").size(), 0);
    }

    /** What a full list has no room for, and what would close a circle, is refused in words and changes nothing. */
    @Test
    public void whatCannotBeAddedIsRefusedInWords() throws Exception {
        String path = place(send(post("/api/rigs/blank?name=Full&craft=canoe")));
        int revision = 1;
        JsonNode last = taken(path, "battery.new.pack", revision);
        while (last.has("revision")) {
            revision = last.path("revision").asInt();
            last = taken(path, "battery.new.pack", revision);
        }
        assertEquals(last.path("status").asInt(), 422);
        assertTrue(last.path("detail").asString().contains("at most 12"), last.toString());
        assertEquals(json(send(get(path))).path("revision").asInt(), revision);
        taken(path, "screen.one-more.display-5-in", revision);
        taken(path, "wire.new.wire", revision + 1);
        JsonNode circle = taken(path, "wire.new.wire", revision + 2);
        assertEquals(circle.path("status").asInt(), 422, circle.toString());
    }

    private static String place(MockHttpServletResponse begun) {
        return Objects.requireNonNull(begun.getHeader(HttpHeaders.LOCATION));
    }

    private JsonNode taken(String path, String change, int revision) throws Exception {
        return json(send(post(path + "/changes/" + change).header(HttpHeaders.IF_MATCH, "\"" + revision + "\"")));
    }

    @DataProvider
    public Object[][] badBeginnings() {
        return new Object[][] {
            {"", 400},
            {"?name=Teal", 400},
            {"?craft=canoe", 400},
            {"?name=Teal&craft=raft", 400},
            {"?name=&craft=canoe", 422},
            {"?name= &craft=canoe", 422},
            {"?name=" + "x".repeat(200) + "&craft=canoe", 422},
        };
    }

    @Test(dataProvider = "badBeginnings")
    public void nothingIsBegunWithoutANameAndACraft(String query, int status) throws Exception {
        int before = json(send(get("/api/rigs"))).size();
        assertEquals(send(post("/api/rigs/blank" + query)).getStatus(), status);
        assertEquals(json(send(get("/api/rigs"))).size(), before);
    }
}
