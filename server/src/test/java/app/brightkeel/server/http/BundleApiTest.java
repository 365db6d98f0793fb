package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.Closure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import app.brightkeel.server.files.RigDocument;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A whole rig out and in as one file, and every file that is refused before anything of it is kept. */
public class BundleApiTest extends ServerTest {

    private static final String BUILD = "build.json";

    private byte[] whole = new byte[0];

    private static Map<String, byte[]> unzipped(byte[] zip) throws IOException {
        Map<String, byte[]> all = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                all.put(entry.getName(), in.readAllBytes());
            }
        }
        return all;
    }

    private static byte[] zipped(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    private static byte[] photo() throws IOException {
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(80, 60, BufferedImage.TYPE_INT_RGB), "jpeg", jpeg);
        return jpeg.toByteArray();
    }

    private MockHttpServletResponse give(byte[] zip) throws Exception {
        return send(post("/api/rigs/bundle")
                .contentType(MediaType.parseMediaType("application/zip"))
                .content(zip));
    }

    private byte[] taken(String id) throws Exception {
        MockHttpServletResponse response = send(get("/api/rigs/" + id + "/bundle"));
        assertEquals(response.getStatus(), 200);
        return response.getContentAsByteArray();
    }

    private JsonNode at(String id, String path) throws Exception {
        return json(send(get("/api/rigs/" + id + path)));
    }

    /** A rig on which something of every sort was done. */
    private String worked() throws Exception {
        String id = create(DemoRigs.gannet());
        JsonNode steps = at(id, "/build").at("/plan/steps");
        for (int i = 0; i < 12; i++) {
            JsonNode step = steps.get(i);
            assertEquals(
                    send(put("/api/rigs/" + id + "/build/ticks")
                                    .param("step", step.path("id").asString())
                                    .param(
                                            "fingerprint",
                                            step.path("fingerprint").asString())
                                    .param("done", "true"))
                            .getStatus(),
                    200);
        }
        String first = steps.get(0).path("id").asString();
        send(put("/api/rigs/" + id + "/build/notes").param("step", first).param("text", "pull the \"string\"\nhard"));
        send(put("/api/rigs/" + id
                + "/build/workshop?firstDay=2026-12-04&zone=Europe/Oslo&celsius=9&eveningH=1.5&saturdayH=4&sundayH=0"));
        String point = at(id, "/bench").at("/expected/0/id").asString();
        send(put("/api/rigs/" + id + "/bench/readings").param("point", point).param("value", "13.1"));
        assertEquals(
                send(post("/api/rigs/" + id + "/build/photos")
                                .param("step", first)
                                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                                .content(photo()))
                        .getStatus(),
                201);
        for (int day = 1; day < 4; day++) {
            assertEquals(
                    send(post("/api/rigs/" + id + "/trips")
                                    .contentType(MediaType.APPLICATION_JSON)
                                    .content("""
                                            {"day":"2026-05-0%d","legs":[{"hours":5,"brightness":0.7,"modules":1}],"packC":12,
                                             "charged":true,"ranOut":false,"note":"a \\"trip\\"\\nwith wind",
                                             "troubles":[{"link":"screen","words":"dark"}]}
                                            """.formatted(day)))
                            .getStatus(),
                    201);
        }
        send(put("/api/rigs/" + id + "/build/order")
                .contentType(MediaType.TEXT_PLAIN)
                .content(steps.get(1).path("id").asString() + "\n" + first));
        return id;
    }

    /** A bundle of it, made once: what is spoilt is a copy. */
    private byte[] whole() throws Exception {
        if (whole.length == 0) {
            whole = taken(worked());
        }
        return whole;
    }

    /** Everything goes out, comes in as another rig, and goes out again the same. */
    @Test
    public void aBundleGoesInAndOutWhole() throws Exception {
        String id = worked();
        byte[] zip = taken(id);
        MockHttpServletResponse created = give(zip);
        assertEquals(created.getStatus(), 201, created.getContentAsString());
        String copy = json(created).path("id").asString();
        assertEquals(json(created).at("/rig/name").asString(), "Gannet, fjord pedal (2)");
        for (String same : List.of("/build/progress", "/bench")) {
            JsonNode before = at(id, same);
            JsonNode after = at(copy, same);
            assertEquals(without(after), without(before), same);
        }
        assertEquals(log(copy), log(id));
        assertEquals(log(copy).size(), 3);
        assertEquals(at(copy, "/build").path("workshop"), at(id, "/build").path("workshop"));
        assertEquals(at(copy, "/build").at("/plan/byHand").asBoolean(), true);
        String photo = at(copy, "/build/progress").at("/photos/0/id").asString();
        assertEquals(send(get("/api/rigs/" + copy + "/build/photos/" + photo)).getContentAsByteArray(), photo());
        Map<String, byte[]> first = unzipped(zip);
        Map<String, byte[]> second = unzipped(taken(copy));
        assertEquals(rig(second).withName("Gannet, fjord pedal"), rig(first), "the rig itself, to the last figure");
        assertEquals(names(second), names(first));
        assertEquals(without(MAPPER.readTree(second.get(BUILD))), without(MAPPER.readTree(first.get(BUILD))));
    }

    private JsonNode log(String id) throws Exception {
        JsonNode trips = at(id, "/trips").path("trips");
        trips.forEach(trip -> ((ObjectNode) trip).remove("id"));
        return trips;
    }

    private static Rig rig(Map<String, byte[]> files) {
        return MAPPER.readValue(files.get("rig.json"), RigDocument.class).rig();
    }

    /** A photo has another id in another rig. */
    private static TreeSet<String> names(Map<String, byte[]> files) {
        TreeSet<String> all = new TreeSet<>();
        files.keySet().forEach(name -> all.add(name.startsWith("photos/") ? "photos/" : name));
        return all;
    }

    private static JsonNode without(JsonNode node) {
        node.path("photos").forEach(photo -> ((ObjectNode) photo).remove(List.of("id", "file")));
        return node;
    }

    @DataProvider
    public Object[][] rigs() {
        return DemoRigs.all().stream().map(rig -> new Object[] {rig}).toArray(Object[][]::new);
    }

    /** What is in it for people can be read by the usual libraries. */
    @Test(dataProvider = "rigs")
    public void whatIsInItCanBeRead(Rig rig) throws Exception {
        Map<String, byte[]> files = unzipped(taken(create(rig)));
        assertTrue(files.keySet().containsAll(List.of("rig.json", BUILD, "sheet.pdf", "build.ics", "lists/steps.csv")));
        assertTrue(files.containsKey("pictures/carry-1.svg"), files.keySet().toString());
        for (Map.Entry<String, byte[]> file : files.entrySet()) {
            String text = new String(file.getValue(), StandardCharsets.UTF_8);
            if (file.getKey().endsWith(".csv")) {
                try (CSVParser csv =
                        CSVFormat.RFC4180.builder().setHeader().get().parse(new StringReader(text))) {
                    csv.forEach(row -> assertTrue(row.isConsistent(), file.getKey() + ": " + row));
                }
            } else if (file.getKey().endsWith(".svg")) {
                DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new ByteArrayInputStream(file.getValue()));
            } else if (file.getKey().endsWith(".pdf")) {
                try (PDDocument pdf = Loader.loadPDF(file.getValue())) {
                    assertTrue(pdf.getNumberOfPages() > 2);
                }
            }
        }
    }

    /** A bundle that was unpacked and packed again in another order, with an old rig in it and folders of its own, is read. */
    @Test
    public void anOldRigInABundleIsRead() throws Exception {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("photos/", new byte[0]);
        files.put(BUILD, unzipped(taken(create(DemoRigs.oystercatcher()))).get(BUILD));
        files.put("of-mine/notes.txt", "anything".getBytes(StandardCharsets.UTF_8));
        files.put(
                "rig.json",
                Objects.requireNonNull(BundleApiTest.class.getResourceAsStream("/rigs/version-1.json"))
                        .readAllBytes());
        assertEquals(give(zipped(files)).getStatus(), 201);
    }

    private interface Spoil {
        void in(Map<String, byte[]> files, ObjectNode build) throws IOException;
    }

    private static Object[] spoilt(String what, String told, Spoil spoil) {
        return new Object[] {what, told, spoil};
    }

    private static String trips(Map<String, byte[]> files) {
        return new String(Objects.requireNonNull(files.get("trips.json")), StandardCharsets.UTF_8);
    }

    private static ObjectNode first(ObjectNode build, String list) {
        return (ObjectNode) build.path(list).get(0);
    }

    @DataProvider
    public Object[][] spoilt() {
        byte[] zeros = new byte[40 << 20];
        return new Object[][] {
            spoilt("no rig", "rig.json", (files, build) -> files.remove("rig.json")),
            spoilt("a name out of it", "../", (files, build) -> files.put("photos/../../x", new byte[1])),
            spoilt("a name from the root", "/etc", (files, build) -> files.put("/etc/x", new byte[1])),
            spoilt("a name on a drive", "C:", (files, build) -> files.put("C:x", new byte[1])),
            spoilt("a rig that unpacks to 40 MB", "unpacks", (files, build) -> files.put("rig.json", zeros)),
            spoilt(
                    "trips that unpack to 41 MB",
                    "unpacks",
                    (files, build) -> files.put("trips.json", new byte[41 << 20])),
            spoilt(
                    "a trip of 30 hours",
                    "24",
                    (files, build) -> files.put(
                            "trips.json",
                            trips(files)
                                    .replace("\"hours\":5.0", "\"hours\":30")
                                    .getBytes(StandardCharsets.UTF_8))),
            spoilt(
                    "a trip twice",
                    "trips",
                    (files, build) ->
                            files.put("trips.json", (trips(files) + trips(files)).getBytes(StandardCharsets.UTF_8))),
            spoilt(
                    "trips that are none",
                    "packC",
                    (files, build) -> files.put("trips.json", "{\"wish\":1}".getBytes(StandardCharsets.UTF_8))),
            spoilt("a build that unpacks to 40 MB", "unpacks", (files, build) -> files.put("build.json", zeros)),
            spoilt("photos that unpack to much", "unpacks", (files, build) -> {
                byte[] bomb = Arrays.copyOf(photo(), 7 << 20);
                build.withArray("photos").removeAll();
                for (int i = 0; i < 12; i++) {
                    files.put("photos/" + i, bomb);
                    build.withArray("photos")
                            .addObject()
                            .put("file", "photos/" + i)
                            .put("step", "x")
                            .put("takenAt", "2026-10-31T19:00:00Z");
                }
            }),
            spoilt(
                    "a photo that is none",
                    "photo",
                    (files, build) -> files.put(
                            first(build, "photos").path("file").asString(), "no".getBytes(StandardCharsets.UTF_8))),
            spoilt(
                    "a photo that is not there",
                    "photos/none",
                    (files, build) -> first(build, "photos").put("file", "photos/none")),
            spoilt("121 photos", "121", (files, build) -> {
                ObjectNode one = first(build, "photos");
                for (int i = 0; i < 120; i++) {
                    String name = "photos/" + i;
                    files.put(name, photo());
                    build.withArray("photos").add(one.deepCopy().put("file", name));
                }
            }),
            spoilt("a later build", "later", (files, build) -> build.put("version", 2)),
            spoilt(
                    "a tick twice",
                    "ticks",
                    (files, build) -> build.withArray("ticks").add(first(build, "ticks"))),
            spoilt(
                    "a tick of no moment",
                    "moment",
                    (files, build) -> first(build, "ticks").put("at", "yesterday")),
            spoilt(
                    "a step of two lines",
                    "one line",
                    (files, build) -> first(build, "ticks").put("step", "a\nb")),
            spoilt(
                    "an order with a step twice",
                    "order",
                    (files, build) ->
                            build.withArray("order").add(build.path("order").get(0))),
            spoilt(
                    "a reading beyond all meters",
                    "value",
                    (files, build) -> first(build, "readings").put("value", 1e300)),
            spoilt("a field that is not one", "wish", (files, build) -> build.put("wish", 1)),
            spoilt(
                    "a workshop in the oven",
                    "celsius",
                    (files, build) -> first(build, "workshop").put("celsius", 200)),
            spoilt("covers over each other", "seat", (files, build) -> files.put("rig.json", ring(files))),
        };
    }

    /** The plate lies over the seat, which lies over the plate. */
    private static byte[] ring(Map<String, byte[]> files) {
        ObjectNode document = (ObjectNode) MAPPER.readTree(files.get("rig.json"));
        Closure seat = rig(files).fitOut().closures().get(1);
        ((ObjectNode) document.at("/rig/fitOut/closures/0")).withArray("parts").add(seat.id());
        return MAPPER.writeValueAsBytes(document);
    }

    /** The reason is told, and nothing of it is on the shelf. */
    @Test(dataProvider = "spoilt")
    public void whatIsWrongIsRefusedWhole(String what, String told, Spoil spoil) throws Exception {
        Map<String, byte[]> files = unzipped(whole());
        byte[] written = files.get(BUILD);
        ObjectNode build = (ObjectNode) MAPPER.readTree(written);
        spoil.in(files, build);
        // unless it is the build itself that was spoilt
        files.replace(BUILD, written, MAPPER.writeValueAsBytes(build));
        refused(what, told, zipped(files));
    }

    private void refused(String what, String told, byte[] zip) throws Exception {
        int before = json(send(get("/api/rigs"))).size();
        MockHttpServletResponse refused = give(zip);
        assertEquals(refused.getStatus(), 422, what + ": " + refused.getContentAsString());
        assertTrue(refused.getContentAsString().contains(told), what + ": " + refused.getContentAsString());
        assertEquals(json(send(get("/api/rigs"))).size(), before, what + ": something is on the shelf");
    }

    @Test
    public void whatIsNoZipIsRefused() throws Exception {
        byte[] zip = taken(create(DemoRigs.bittern()));
        refused("words", "zip", "no zip at all".getBytes(StandardCharsets.UTF_8));
        refused("nothing but a zip's end", "rig.json", zipped(Map.of()));
        refused("a half", "zip", Arrays.copyOf(zip, zip.length / 2));
        // one byte in the middle of the rig's own words
        byte[] bent = zip.clone();
        bent[200] ^= 0x55;
        refused("a bent one", "rig.json", bent);
    }
}
