package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import app.brightkeel.server.files.RigReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The life of a rig over HTTP: kept, edited, cured, undone, exported; and who may ask. */
public class RigApiTest extends ServerTest {

    private static String verdict(JsonNode saved, int link) {
        JsonNode state = saved.path("review").path("links").get(link);
        return state.path("verdict").asString("unset");
    }

    private static final int BATTERY = 7;

    @Test
    public void aCureIsPreviewedTakenUndoneAndRedone() throws Exception {
        String id = create(DemoRigs.lanternCrate());
        JsonNode remedies = json(send(get("/api/rigs/" + id + "/remedies")));
        assertEquals(remedies.get(0).path("rule").asString(), "battery.hours");
        String cure = remedies.get(0).path("offers").get(1).path("id").asString();
        JsonNode preview = json(send(get("/api/rigs/" + id + "/changes/" + cure)));
        assertTrue(preview.path("effects").toString().contains("\"battery\""), preview.toString());
        String path = "/api/rigs/" + id;
        MockHttpServletResponse taken = send(post(path + "/changes/" + cure).header(HttpHeaders.IF_MATCH, "\"1\""));
        assertEquals(taken.getHeader(HttpHeaders.ETAG), "\"2\"");
        assertEquals(verdict(json(taken), BATTERY), "holds");
        JsonNode undone = json(send(post(path + "/undo").header(HttpHeaders.IF_MATCH, "\"2\"")));
        assertEquals(verdict(undone, BATTERY), "fails");
        assertTrue(!undone.path("canUndo").asBoolean() && undone.path("canRedo").asBoolean());
        JsonNode redone = json(send(post(path + "/redo").header(HttpHeaders.IF_MATCH, "\"1\"")));
        assertEquals(redone.path("revision").asInt(), 2);
        assertEquals(verdict(json(send(get(path))), BATTERY), "holds");
    }

    /** What was asked of a revision is told of that one, though another stands there when the question comes. */
    @Test
    public void aRevisionIsToldOfItself() throws Exception {
        String path = "/api/rigs/" + create(DemoRigs.lanternCrate());
        String[] asked = {
            "/review",
            "/remedies",
            "/scenes/battery",
            "/harness",
            "/workings?link=battery",
            "/assumed?link=battery",
            "/changes?link=battery",
            "/templates/sheets"
        };
        List<JsonNode> first = new ArrayList<>();
        for (String what : asked) {
            first.add(json(send(get(path + what))));
        }
        send(with(put(path).header(HttpHeaders.IF_MATCH, "\"1\""), DemoRigs.gannet()));
        for (int i = 0; i < asked.length; i++) {
            String what = asked[i] + (asked[i].contains("?") ? "&" : "?") + "revision=";
            assertEquals(json(send(get(path + what + 1))), first.get(i), what);
            assertNotEquals(json(send(get(path + what + 2))), first.get(i), what);
            assertEquals(json(send(get(path + what + 2))), json(send(get(path + asked[i]))), what);
            assertEquals(send(get(path + what + 3)).getStatus(), 404, what);
        }
    }

    /** An edit after an undo grows a second branch; nothing is overwritten, and redo goes to the newest. */
    @Test
    public void revisionsFormATree() throws Exception {
        Rig rig = DemoRigs.oystercatcher();
        String path = "/api/rigs/" + create(rig);
        send(with(put(path).header(HttpHeaders.IF_MATCH, "\"1\""), rig.withName("two")));
        send(post(path + "/undo").header(HttpHeaders.IF_MATCH, "\"2\""));
        send(with(put(path).header(HttpHeaders.IF_MATCH, "\"1\""), rig.withName("three")));
        send(post(path + "/undo").header(HttpHeaders.IF_MATCH, "\"3\""));
        JsonNode redone = json(send(post(path + "/redo").header(HttpHeaders.IF_MATCH, "\"1\"")));
        assertEquals(redone.path("rig").path("name").asString(), "three");
        JsonNode same = json(send(with(put(path).header(HttpHeaders.IF_MATCH, "\"3\""), rig.withName("three"))));
        assertEquals(same.path("revision").asInt(), 3, "an edit that changes nothing is no revision");
        JsonNode end = json(send(post(path + "/redo").header(HttpHeaders.IF_MATCH, "\"3\"")));
        assertEquals(end.path("revision").asInt(), 3, "nowhere to go");
    }

    @DataProvider
    public Object[][] tags() {
        return new Object[][] {{null, 428}, {"\"7\"", 412}, {"1", 400}, {"\"x\"", 400}, {"*", 400}, {"W/\"1\"", 400}};
    }

    @Test(dataProvider = "tags")
    public void editsWantTheRevisionTheyWereMadeOn(String tag, int status) throws Exception {
        Rig rig = DemoRigs.oystercatcher();
        String path = "/api/rigs/" + create(rig);
        for (String action : new String[] {"", "/undo", "/redo", "/changes/screen.dim.40"}) {
            MockHttpServletRequestBuilder request =
                    action.isEmpty() ? with(put(path), rig.withName("other")) : post(path + action);
            MockHttpServletResponse response = send(tag == null ? request : request.header(HttpHeaders.IF_MATCH, tag));
            assertEquals(response.getStatus(), status, action);
            assertEquals(response.getContentType(), MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        }
        assertEquals(json(send(get(path))).path("revision").asInt(), 1);
    }

    @DataProvider
    public Object[][] absent() {
        return new Object[][] {
            {"/api/rigs/none", 404},
            {"/api/rigs/none/review", 404},
            {"/api/nothing", 404},
            {"/api/rigs/{id}/changes/battery.take.pack.none", 404},
            {"/api/rigs/{id}/scenes/anchor", 400},
            {"/api/rigs/{id}/changes?link=anchor", 400},
            {"/api/rigs/{id}/changes", 400}
        };
    }

    @Test(dataProvider = "absent")
    public void whatIsNotThereIsSaidPlainly(String path, int status) throws Exception {
        MockHttpServletResponse response = send(get(path.replace("{id}", create(DemoRigs.oystercatcher()))));
        assertEquals(response.getStatus(), status);
        assertEquals(response.getContentType(), MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    }

    @DataProvider
    public Object[][] climbs() {
        return new Object[][] {
            {"/api/rigs/..%2F..%2Fetc%2Fpasswd/export"},
            {"/api/rigs/../../../etc/passwd"},
            {"/assets/../../application.yaml"},
            {"/assets/..%2f..%2fapplication.yaml"},
            {"/..%5c..%5capplication.yaml"},
            {"/%2e%2e/application.yaml"},
            {"/db/migration/V1__rigs.sql"},
            {"/application.yaml"}
        };
    }

    /** No path out of the pages: whatever is asked for, it is refused or answered with a page of ours. */
    @Test(dataProvider = "climbs")
    public void pathsLeadNowhereElse(String path) throws Exception {
        MockHttpServletResponse response = send(get(java.net.URI.create(path)));
        String said = response.getContentAsString();
        assertTrue(response.getStatus() >= 400 || said.contains("<div id=\"root\">"), path + response.getStatus());
        assertTrue(!said.contains("root:x:") && !said.contains("CREATE TABLE") && !said.contains("jdbc:"), said);
    }

    /** An export is a document that can be posted as it is, and reads back to the same rig. */
    @Test
    public void exportsRoundTrip() throws Exception {
        String id = create(DemoRigs.lanternCrate());
        byte[] export = send(get("/api/rigs/" + id + "/export")).getContentAsByteArray();
        assertEquals(new RigReader().read(export), DemoRigs.lanternCrate());
        MockHttpServletResponse reviewed = send(post("/api/reviews?scene=wire")
                .contentType(MediaType.APPLICATION_JSON)
                .content(export));
        assertEquals(reviewed.getStatus(), 200);
        assertEquals(json(reviewed).path("picture").path("scenes").size(), 1);
        assertEquals(json(reviewed).path("review"), json(send(get("/api/rigs/" + id + "/review"))));
    }

    /** Each picture of a link as a file of its own; one that is not there is said so. */
    @Test
    public void everyPictureOfALinkIsAFile() throws Exception {
        String path = "/api/rigs/" + create(DemoRigs.gannet()) + "/scenes/";
        for (String link : List.of("mount", "screen")) {
            String first = send(get(path + link + "/svg")).getContentAsString(StandardCharsets.UTF_8);
            String second = send(get(path + link + "/svg?scene=1")).getContentAsString(StandardCharsets.UTF_8);
            assertTrue(first.contains("<svg") && second.contains("<svg"), link);
            assertNotEquals(first, second, link);
            assertEquals(send(get(path + link + "/svg?scene=2")).getStatus(), 404, link);
            assertEquals(send(get(path + link + "/svg?scene=-1")).getStatus(), 404, link);
        }
    }

    /** Types and mounts together: twenty, each of which can be looked at before it is taken. */
    @Test
    public void widerAlternativesCanBeHad() throws Exception {
        String path = "/api/rigs/" + create(DemoRigs.sandpiper());
        JsonNode offers = json(send(get(path + "/changes?link=mount&wider=true")));
        assertEquals(offers.size(), 20);
        for (JsonNode offer : offers) {
            String change = path + "/changes/" + offer.path("id").asString();
            assertEquals(send(get(change)).getStatus(), 200, change);
        }
        assertEquals(json(send(get(path + "/changes?link=wire&wider=true"))).size(), 0);
    }

    /** Balance, heel and box; section and craft in plan; power and reach; chart and place of the fuse; discharge and candidates. */
    private static int scenes(String link) {
        return link.equals("carry")
                ? 3
                : Set.of("transducer", "mount", "screen", "fuse", "battery").contains(link) ? 2 : 1;
    }

    @Test
    public void everyLinkAnswersWithPictureWorkingsAndAlternatives() throws Exception {
        String path = "/api/rigs/" + create(DemoRigs.oystercatcher());
        for (String link :
                new String[] {"water", "transducer", "mount", "cable", "screen", "wire", "fuse", "battery", "carry"}) {
            assertEquals(
                    json(send(get(path + "/scenes/" + link))).path("scenes").size(), scenes(link), link);
            assertTrue(
                    json(send(get(path + "/workings?link=" + link)))
                                    .get(0)
                                    .path("rows")
                                    .size()
                            > 0,
                    link);
            assertTrue(json(send(get(path + "/changes?link=" + link))).size() > 3, link);
        }
        String blank = "/api/rigs/" + create(Rig.blank("new", CraftKind.CANOE));
        assertEquals(json(send(get(blank + "/scenes/carry"))).path("scenes").size(), 0);
        assertEquals(json(send(get(blank + "/changes?link=mount"))).size(), 0);
        assertEquals(json(send(get("/api/catalogue/crafts"))).size(), 17);
        assertEquals(json(send(get("/api/catalogue/mounts"))).size(), 19);
        assertTrue(json(send(get("/api/catalogue/holders"))).size() >= 12);
        assertTrue(json(send(get("/api/catalogue/transducers"))).size() >= 6);
        assertTrue(json(send(get("/api/catalogue/extensions"))).size() >= 3);
        assertTrue(json(send(get("/api/catalogue/packs"))).size() >= 12);
        assertTrue(json(send(get("/api/catalogue/devices"))).size() >= 8);
    }

    /** Whatever is offered for any link can be looked at and taken by its name, long ways through the craft too. */
    @Test
    public void everythingOfferedCanBeTaken() throws Exception {
        String path = "/api/rigs/" + create(DemoRigs.oystercatcher());
        int revision = 1;
        for (String link : new String[] {"transducer", "mount", "cable", "carry"}) {
            for (JsonNode offer : json(send(get(path + "/changes?link=" + link)))) {
                String change = path + "/changes/" + offer.path("id").asString();
                if (offer.path("planned").asBoolean()) {
                    continue;
                }
                JsonNode preview = json(send(get(change)));
                assertEquals(preview.path("effects"), offer.path("effects"), change);
                JsonNode taken = json(send(post(change).header(HttpHeaders.IF_MATCH, "\"" + revision + "\"")));
                revision = taken.path("revision").asInt();
                assertEquals(taken.path("review").path("links").get(linkIndex(link)), offer.path("after"), change);
                JsonNode back = json(send(post(path + "/undo").header(HttpHeaders.IF_MATCH, "\"" + revision + "\"")));
                revision = back.path("revision").asInt();
                assertEquals(revision, 1, change);
            }
        }
    }

    private static int linkIndex(String link) {
        return app.brightkeel.core.review.Link.valueOf(link.toUpperCase(java.util.Locale.ROOT))
                .ordinal();
    }

    @DataProvider
    public Object[][] askers() {
        return new Object[][] {
            {"localhost:4730", null, null, 200},
            {"[::1]:4730", null, null, 200},
            {"127.0.0.1", null, null, 200},
            {"keel.example.org", null, null, 421},
            {"", null, null, 421},
            {"localhost.example.org", null, null, 421},
            {"localhost:4730", "http://localhost:4730", null, 200},
            {"localhost:4730", "http://example.org", null, 403},
            {"localhost:4730", "null", null, 403},
            {"localhost:4730", "https://localhost:4730", null, 403},
            {"localhost:4730", null, "same-origin", 200},
            {"localhost:4730", null, "cross-site", 403}
        };
    }

    @Test(dataProvider = "askers")
    public void onlyOurOwnPagesOnThisMachineMayAsk(String host, String origin, String site, int status)
            throws Exception {
        MockHttpServletRequestBuilder request = get("/api/rigs").header("Host", host);
        if (origin != null) {
            request.header("Origin", origin);
        }
        if (site != null) {
            request.header("Sec-Fetch-Site", site);
        }
        MockHttpServletResponse response = http.perform(request).andReturn().getResponse();
        assertEquals(response.getStatus(), status);
        String policy = Objects.requireNonNull(response.getHeader("Content-Security-Policy"));
        assertTrue(policy.contains("script-src 'self';") && policy.contains("default-src 'none'"), policy);
        assertNotNull(response.getHeader("X-Content-Type-Options"));
    }

    /** The battery of one rig in the place of each other's; a rig without a battery has nothing to say. */
    @Test
    public void theBatteryTravelsToOtherRigs() throws Exception {
        String home = create(DemoRigs.oystercatcher());
        String name = "fjord " + home;
        create(DemoRigs.gannet().withName(name));
        JsonNode trips = json(send(get("/api/rigs/" + home + "/shuttle")));
        JsonNode fjord = trips.valueStream()
                .filter(trip -> trip.path("rig").asString().equals(name))
                .findFirst()
                .orElseThrow();
        assertEquals(fjord.path("battery").path("verdict").asString(), "fails", "12 Ah for eight hours of a live head");
        assertEquals(fjord.path("carry").path("kind").asString(), "judged");
        String bare = create(Rig.blank("bare", CraftKind.UNDECIDED));
        assertEquals(json(send(get("/api/rigs/" + bare + "/shuttle"))).size(), 0);
        assertEquals(send(get("/api/rigs/nobody/shuttle")).getStatus(), 404);
    }
}
