package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import app.brightkeel.server.files.RigReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.http.HttpHeaders;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.Document;
import tools.jackson.databind.JsonNode;

/** The shelf over HTTP: history, deleting and bringing back, copies, comparison, and files to take away. */
public class ShelfApiTest extends ServerTest {

    private static MockHttpServletRequestBuilder at(MockHttpServletRequestBuilder request, long revision) {
        return request.header(HttpHeaders.IF_MATCH, "\"" + revision + "\"");
    }

    private JsonNode imported(Rig rig) throws Exception {
        return json(send(with(post("/api/rigs/import"), rig)));
    }

    private static String path(JsonNode saved) {
        return "/api/rigs/" + saved.path("id").asString();
    }

    private static String words(JsonNode texts) {
        List<String> all = new ArrayList<>();
        texts.forEach(text -> all.add(text.path("words").get(0).asString()));
        return String.join(" ", all);
    }

    @Test
    public void historyTellsEachEditAndGoesAnywhere() throws Exception {
        Rig rig = DemoRigs.oystercatcher().withName("history");
        String path = path(imported(rig));
        Rig cold = rig.withOuting(rig.outing().withAirC(Figure.chosen(2)));
        send(at(with(put(path), cold), 1));
        send(at(post(path + "/undo"), 2));
        send(at(with(put(path), rig.withName("branch")), 1));
        JsonNode history = json(send(get(path + "/revisions")));
        assertEquals(history.path("entries").size(), 3);
        assertFalse(history.path("more").asBoolean());
        JsonNode newest = history.path("entries").get(0);
        assertTrue(newest.path("head").asBoolean());
        assertEquals(newest.path("parent").asInt(), 1);
        assertEquals(words(newest.path("changes")), "“history” is now called “branch”.");
        assertEquals(words(history.path("entries").get(1).path("changes")), "Air temperature: ");
        assertEquals(
                words(json(send(get(path + "/revisions/3/differences?to=2")))),
                "“branch” is now called “history”. Air temperature: ");
        JsonNode gone = json(send(at(post(path + "/revisions/2"), 3)));
        assertEquals(gone.path("revision").asInt(), 2);
        assertEquals(MAPPER.treeToValue(gone.path("rig"), Rig.class), cold);
        assertEquals(send(at(post(path + "/revisions/9"), 2)).getStatus(), 404);
        assertEquals(send(at(post(path + "/revisions/1"), 3)).getStatus(), 412);
        assertEquals(send(get(path + "/revisions/1/differences?to=77")).getStatus(), 404);
    }

    @Test
    public void longHistoriesComeByPages() throws Exception {
        Rig rig = DemoRigs.oystercatcher();
        String path = path(imported(rig));
        for (int n = 1; n <= 60; n++) {
            send(at(with(put(path), rig.withName("edit " + n)), n));
        }
        JsonNode first = json(send(get(path + "/revisions")));
        assertTrue(first.path("more").asBoolean());
        long last = first.path("entries").get(49).path("number").asLong();
        JsonNode second = json(send(get(path + "/revisions?before=" + last)));
        assertEquals(second.path("entries").size(), 11);
        assertEquals(second.path("entries").get(10).path("number").asLong(), 1);
    }

    /** The stale window gets both stories: what the other one did, and what it wanted itself. */
    @Test
    public void theStaleWindowIsShownBothVersions() throws Exception {
        Rig rig = DemoRigs.lanternCrate().withName("two windows");
        String path = path(imported(rig));
        send(at(with(put(path), rig.withName("theirs")), 1));
        JsonNode problem = json(send(at(with(put(path), rig.withQuieted(java.util.Set.of("wire.drop"))), 1)));
        assertEquals(problem.path("status").asInt(), 412);
        assertEquals(problem.path("revision").asInt(), 2);
        assertEquals(words(problem.path("theirs")), "“two windows” is now called “theirs”.");
        assertEquals(words(problem.path("yours")), "Put aside: wire.drop.");
        assertEquals(json(send(get(path))).path("rig").path("name").asString(), "theirs");
    }

    @Test
    public void aDeletedRigCanBeBroughtBack() throws Exception {
        String path = path(imported(DemoRigs.lanternCrate().withName("short-lived")));
        assertEquals(send(delete(path)).getStatus(), 428);
        assertEquals(send(at(delete(path), 7)).getStatus(), 412);
        assertEquals(send(at(delete(path), 1)).getStatus(), 204);
        assertEquals(send(get(path)).getStatus(), 410);
        assertEquals(send(at(delete(path), 1)).getStatus(), 410);
        assertFalse(send(get("/api/rigs")).getContentAsString().contains("short-lived"));
        JsonNode deleted = json(send(get("/api/rigs/deleted")));
        assertEquals(deleted.get(0).path("name").asString(), "short-lived");
        assertEquals(send(post(path + "/restore")).getStatus(), 200);
        assertEquals(json(send(get(path))).path("revision").asInt(), 1);
        assertEquals(send(post("/api/rigs/none/restore")).getStatus(), 404);
    }

    @Test
    public void copiesAndImportsGetANumberOfTheirOwn() throws Exception {
        Rig rig = DemoRigs.oystercatcher().withName("x".repeat(120));
        JsonNode first = imported(rig);
        assertEquals(first.path("rig").path("name").asString(), rig.name());
        String second = imported(rig).path("rig").path("name").asString();
        assertTrue(second.endsWith("x (2)") && second.length() == 120, second);
        JsonNode third = json(send(post(path(first) + "/duplicate")));
        assertTrue(third.path("rig").path("name").asString().endsWith("x (3)"));
        assertEquals(third.path("revision").asInt(), 1);
        assertFalse(third.path("canUndo").asBoolean());
        assertEquals(send(post("/api/rigs/none/duplicate")).getStatus(), 404);
    }

    @Test
    public void theShelfHasWhatGivesFirstOnTop() throws Exception {
        imported(DemoRigs.oystercatcher());
        imported(DemoRigs.lanternCrate());
        imported(Rig.blank("nothing yet", CraftKind.CANOE));
        List<String> order = List.of("fails", "unset", "close", "holds");
        int at = 0;
        for (JsonNode entry : json(send(get("/api/rigs")))) {
            int now = order.indexOf(entry.path("verdict").asString());
            assertTrue(now >= at, entry.toString());
            at = now;
        }
    }

    @Test
    public void twoRigsAreCompared() throws Exception {
        String left = path(imported(DemoRigs.oystercatcher()));
        JsonNode right = imported(DemoRigs.lanternCrate());
        JsonNode both = json(
                send(get(left + "/comparison").param("with", right.path("id").asString())));
        assertEquals(both.path("links").size(), 9);
        assertEquals(both.at("/links/4/by/1/words/1").asString(), " less");
        assertEquals(send(get(left + "/comparison").param("with", "none")).getStatus(), 404);
    }

    /** The backup is a whole database that opens and holds the same documents. */
    @Test
    public void theBackupHoldsEverything() throws Exception {
        JsonNode saved = imported(DemoRigs.lanternCrate().withName("in the backup"));
        Path file = Files.createTempDirectory("keel-copy").resolve("copy.db");
        Files.write(file, send(get("/api/backup")).getContentAsByteArray());
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT document FROM revision WHERE rig_id = '"
                        + saved.path("id").asString() + "'")) {
            assertTrue(row.next());
            Rig kept = new RigReader().read(row.getString(1).getBytes(StandardCharsets.UTF_8));
            assertEquals(kept, MAPPER.treeToValue(saved.path("rig"), Rig.class));
        }
    }

    /** Read back by the library's own parser: names with commas, quotes and line breaks, and no formula. */
    @Test
    public void partsAreAFileThatSpreadsheetsRead() throws Exception {
        Rig rig = DemoRigs.oystercatcher();
        Rig odd = rig.with(rig.device("display").withName("=SUM(A1), \"7-in\""))
                .withNotes(
                        List.of(new Note("display", "two\nlines, one comma"), new Note("pack", "\uff1dHYPERLINK(1)")));
        MockHttpServletResponse response = send(get(path(imported(odd)) + "/lists/parts?habit=us"));
        assertEquals(response.getContentType(), "text/csv;charset=UTF-8");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        List<CSVRecord> rows = CSVParser.parse(response.getContentAsString(StandardCharsets.UTF_8), format)
                .getRecords();
        assertEquals(rows.size(), 8);
        CSVRecord display = rows.get(4);
        assertEquals(display.get("name"), "'=SUM(A1), \"7-in\"");
        assertEquals(display.get("note"), "two\nlines, one comma");
        assertEquals(rows.get(1).get("conductor [AWG]"), "22");
        // 3.20 m of 0.3048 m each
        assertEquals(rows.get(1).get("length [ft]"), "10.4987");
        assertTrue(rows.stream().map(row -> row.get("note")).anyMatch("'\uff1dHYPERLINK(1)"::equals), rows.toString());
    }

    @DataProvider
    public Object[][] pictures() {
        return java.util.stream.Stream.of(Link.values())
                .map(link -> new Object[] {link.name().toLowerCase(java.util.Locale.ROOT)})
                .toArray(Object[][]::new);
    }

    /** Well-formed whatever names hold; every mark of the scene is in it, inside the sheet. */
    @Test(dataProvider = "pictures")
    public void picturesAreSvg(String link) throws Exception {
        Rig rig = DemoRigs.oystercatcher();
        Rig odd = rig.with(rig.device("display").withName("<b>&\"7-in\"</b>"));
        String path = path(imported(odd));
        MockHttpServletResponse response = send(get(path + "/scenes/" + link + "/svg?habit=us"));
        assertEquals(response.getContentType(), "image/svg+xml;charset=UTF-8");
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
        Document svg =
                factory.newDocumentBuilder().parse(new java.io.ByteArrayInputStream(response.getContentAsByteArray()));
        int marks = json(send(get(path + "/scenes/" + link)))
                .path("scenes")
                .get(0)
                .path("marks")
                .size();
        int drawn = svg.getElementsByTagName("path").getLength()
                + svg.getElementsByTagName("text").getLength();
        assertTrue(drawn >= marks, drawn + " < " + marks);
        for (int i = 0; i < svg.getElementsByTagName("text").getLength(); i++) {
            double x = Double.parseDouble(svg.getElementsByTagName("text")
                    .item(i)
                    .getAttributes()
                    .getNamedItem("x")
                    .getNodeValue());
            assertTrue(x >= 0 && x <= 760, "x " + x);
        }
        String blank = path(imported(Rig.blank("new", app.brightkeel.core.rig.CraftKind.CANOE)));
        assertEquals(send(get(blank + "/scenes/" + link + "/svg")).getStatus(), 404);
    }
}
