package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.trip.Leg;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.ServerTest;
import app.brightkeel.server.store.TripStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The log over HTTP: trips are kept, corrected and taken out, what they teach is taken as one step, what cannot be is told. */
public class TripApiTest extends ServerTest {

    private static String trip(String day, double hours, double afterV) {
        return """
                {"day":"%s","legs":[{"hours":%s,"brightness":0.7,"modules":1}],"packC":12,"charged":true,
                 "afterV":{"kind":"given","value":%s,"basis":"measured"},"ranOut":false,
                 "troubles":[{"link":"screen","words":"dark at noon"}],"note":"wind from the west"}
                """.formatted(day, hours, afterV);
    }

    private MockHttpServletResponse say(String id, String body) throws Exception {
        return send(post("/api/rigs/" + id + "/trips")
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private JsonNode log(String id) throws Exception {
        return json(send(get("/api/rigs/" + id + "/trips")));
    }

    private JsonNode lessons(String id) throws Exception {
        return json(send(get("/api/rigs/" + id + "/taught")));
    }

    @Test
    public void tripsTeachAndAreTakenAsOneStep() throws Exception {
        String id = create(DemoRigs.oystercatcher());
        assertEquals(lessons(id).path("taught").size(), 0);
        double rest = 0;
        for (int week = 1; week <= 6; week++) {
            MockHttpServletResponse kept = say(id, trip("2026-0" + week + "-10", 5, 12.9));
            assertEquals(kept.getStatus(), 201, kept.getContentAsString());
            rest = json(kept).at("/trips/0/afterV/value").asDouble();
        }
        assertEquals(rest, 12.9);
        JsonNode log = log(id);
        assertEquals(log.path("count").asInt(), 6);
        assertEquals(log.at("/trips/0/day").asString(), "2026-06-10");
        assertEquals(log.at("/trips/0/troubles/0/words").asString(), "dark at noon");
        JsonNode capacity = lessons(id).at("/taught/0/taught/2");
        assertEquals(capacity.path("what").asString(), "capacity");
        assertTrue(
                capacity.path("afterHigh").asDouble()
                                - capacity.path("afterLow").asDouble()
                        < capacity.path("beforeHigh").asDouble()
                                - capacity.path("beforeLow").asDouble(),
                capacity.toString());
        // a volt typed wrong is said and left out
        say(id, trip("2026-07-10", 5, 8.1));
        assertEquals(lessons(id).at("/taught/0/leftOut/0/field").asString(), "afterV");
        String slip = log(id).at("/trips/0/id").asString();
        assertEquals(
                send(put("/api/rigs/" + id + "/trips/" + slip)
                                .contentType(MediaType.APPLICATION_JSON)
                                .content(trip("2026-07-10", 5, 12.9)))
                        .getStatus(),
                200);
        JsonNode lessons = lessons(id);
        assertEquals(lessons.at("/taught/0/leftOut").size(), 0);
        assertEquals(lessons.at("/hindsights/0/trip").asString(), slip);
        assertEquals(lessons.at("/picture/scenes").size(), 2);
        assertTrue(
                lessons.path("offers").toString().contains("\"capacity\""),
                lessons.path("offers").toString());
        assertTrue(
                lessons.at("/outlook/0/words/0/words/0").asString().startsWith("Not enough already"),
                lessons.at("/outlook/0/words").toString());
        assertEquals(
                json(send(get("/api/rigs/" + id + "/trips/" + slip + "/picture")))
                        .path("scenes")
                        .size(),
                1);
        MockHttpServletResponse taken =
                send(post("/api/rigs/" + id + "/taught/capacity").header(HttpHeaders.IF_MATCH, "\"1\""));
        assertEquals(taken.getStatus(), 200, taken.getContentAsString());
        assertEquals(taken.getHeader(HttpHeaders.ETAG), "\"2\"");
        assertEquals(json(taken).at("/rig/harness/packs/0/age/basis").asString(), "measured");
        // what is taken is not offered again for the little that the same trips move it once more
        assertTrue(
                !lessons(id).path("offers").toString().contains("capacity"),
                lessons(id).path("offers").toString());
        assertEquals(
                send(post("/api/rigs/" + id + "/taught/draws").header(HttpHeaders.IF_MATCH, "\"1\""))
                        .getStatus(),
                412);
        assertEquals(
                json(send(post("/api/rigs/" + id + "/undo").header(HttpHeaders.IF_MATCH, "\"2\"")))
                        .path("revision")
                        .asInt(),
                1);
        assertEquals(send(delete("/api/rigs/" + id + "/trips/" + slip)).getStatus(), 200);
        assertEquals(send(delete("/api/rigs/" + id + "/trips/" + slip)).getStatus(), 404);
        assertEquals(log(id).path("count").asInt(), 6);
    }

    @DataProvider
    public Object[][] wrong() {
        String good = trip("2026-05-01", 5, 13);
        return new Object[][] {
            {trip("2026-05-32", 5, 13), "day such as"},
            {trip(LocalDate.now().plusDays(3).toString(), 5, 13), "a day that has been"},
            {trip("2026-05-01", 30, 13), "24"},
            {trip("2026-05-01", 5, 1200), "120"},
            {good.replace("[{\"hours\":5.0,\"brightness\":0.7,\"modules\":1}]", "[]"), "one at least"},
            {good.replace("\"brightness\":0.7", "\"brightness\":7"), "brightness"},
            {good.replace("\"packC\":12", "\"packC\":-300"), "packC"},
            {good.replace("\"note\"", "\"wish\""), "note"},
            {good.replace("\"screen\"", "\"moon\""), "link"},
            {good.replace("\"charged\":true,", ""), "charged"},
            {"no json", "could not be read"},
        };
    }

    /** Told by its field, and nothing is kept. */
    @Test(dataProvider = "wrong")
    public void whatCannotBeIsTold(String body, String told) throws Exception {
        String id = create(DemoRigs.bittern());
        MockHttpServletResponse refused = say(id, body);
        assertEquals(refused.getStatus(), 422, refused.getContentAsString());
        assertTrue(refused.getContentAsString().contains(told), refused.getContentAsString());
        assertEquals(log(id).path("count").asInt(), 0);
    }

    /** Two trips of one rig on one day have its 24 hours together. */
    @Test
    public void aDayHasItsHoursOnce() throws Exception {
        String id = create(DemoRigs.bittern());
        assertEquals(say(id, trip("2026-05-01", 14, 13)).getStatus(), 201);
        MockHttpServletResponse refused = say(id, trip("2026-05-01", 11, 13));
        assertEquals(refused.getStatus(), 422);
        assertTrue(refused.getContentAsString().contains("what is left of that day: 10.0 h"));
    }

    /** A rig of which nothing is known keeps trips, and says what it waits for. */
    @Test
    public void aBlankRigWaits() throws Exception {
        String id = create(Rig.blank("blank", CraftKind.CANOE));
        assertEquals(say(id, trip("2026-05-01", 4, 13)).getStatus(), 201);
        assertEquals(lessons(id).path("taught").size(), 0);
        assertTrue(lessons(id).at("/waits/words/0").asString().startsWith("Waits for"));
    }

    @Autowired
    private TripStore trips;

    /** Fifty thousand trips are as good as one: the last page, what they teach, the list of all. */
    @Test
    public void aLongLogIsReadByPages() throws Exception {
        String id = create(DemoRigs.gannet());
        List<Trip> all = new ArrayList<>();
        LocalDate first = LocalDate.of(1990, 1, 1);
        for (int t = 0; t < 50_000; t++) {
            all.add(new Trip(
                    "long-" + t,
                    first.plusDays(t / 4).toString(),
                    List.of(new Leg(4 + t % 7 * 0.1, 0.7, 0.5)),
                    t % 20,
                    true,
                    Figure.UNSET,
                    Figure.measured(13 - t % 7 * 0.01),
                    Figure.UNSET,
                    false,
                    List.of(),
                    ""));
        }
        trips.keepAll(id, 1, all);
        JsonNode log = log(id);
        assertEquals(log.path("count").asInt(), 50_000);
        assertEquals(log.path("trips").size(), 100);
        assertEquals(
                json(send(get("/api/rigs/" + id + "/trips?from=49950")))
                        .path("trips")
                        .size(),
                50);
        assertEquals(lessons(id).path("hindsights").size(), 400);
        String csv = send(get("/api/rigs/" + id + "/trips/list")).getContentAsString();
        assertEquals(csv.lines().count(), 50_001);
    }

    private static String gpx(String... times) {
        StringBuilder all =
                new StringBuilder("<gpx><metadata><time>1999-01-01T00:00:00Z</time></metadata><trk><trkseg>");
        for (String time : times) {
            all.append("<trkpt lat='1' lon='1'><time>").append(time).append("</time></trkpt>");
        }
        return all.append("</trkseg></trk></gpx>").toString();
    }

    /** A track or sentences, the status, and what is told. */
    @DataProvider
    public Object[][] tracks() {
        return new Object[][] {
            {gpx("2026-05-10T06:00:00Z", "2026-05-10T11:30:00Z"), 200, "\"hours\":5.5"},
            {
                gpx("2026-05-10T06:00:00Z", "2026-05-10T11:30:00Z").replace("</trkseg></trk></gpx>", "<trkpt"),
                200,
                "\"day\":\"2026-05-10\""
            },
            {"$GPRMC,060000,A,,,,,,,100526,,*20\n$GPRMC,103000,A,,,,,,,100526,,*24\n", 200, "\"hours\":4.5"},
            {gpx("2026-05-10T06:00:00Z", "2026-05-12T11:30:00Z"), 422, "a track of one trip"},
            {gpx("2126-05-10T06:00:00Z", "2126-05-10T11:30:00Z"), 422, "its clock is wrong"},
            {gpx(), 422, "no point of a track in it has a time"},
            {"$GPGGA,060000,,,,,,,,,,,,,*50\n", 422, "no clock with a date"},
            {"hello", 422, "no clock with a date"},
            {"", 422, "it is empty"},
        };
    }

    /** Day and hours come from a track; of another day, of no day, of days they are told. */
    @Test(dataProvider = "tracks")
    public void aTrackTellsDayAndHours(String track, int status, String told) throws Exception {
        String id = create(DemoRigs.bittern());
        MockHttpServletResponse read = send(post("/api/rigs/" + id + "/trips/track")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(track));
        assertEquals(read.getStatus(), status, read.getContentAsString());
        assertTrue(read.getContentAsString().contains(told), read.getContentAsString());
    }
}
