package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.server.ServerTest;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.StreamSupport;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The build sheet over HTTP: ticks and what voids them, own orders, photos by their content, paper and calendar read back. */
public class BuildApiTest extends ServerTest {

    private static final String WORKSHOP =
            "/build/workshop?firstDay=%s&zone=Europe/Oslo&celsius=12&eveningH=2&saturdayH=5&sundayH=5";

    private JsonNode build(String id) throws Exception {
        return json(send(get("/api/rigs/" + id + "/build")));
    }

    private static JsonNode step(JsonNode build, String id) {
        return StreamSupport.stream(build.at("/plan/steps").spliterator(), false)
                .filter(step -> step.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private MockHttpServletResponse tick(String id, String step, String item, String fingerprint, boolean done)
            throws Exception {
        return send(put("/api/rigs/" + id + "/build/ticks")
                .param("step", step)
                .param("item", item)
                .param("fingerprint", fingerprint)
                .param("done", String.valueOf(done)));
    }

    private static Rig longer(Rig rig) {
        Segment trunk = rig.harness().segment("trunk");
        return rig.with(trunk.withWire(trunk.wire().withLengthM(Figure.measured(3.5))));
    }

    @Test
    public void aTickStandsUntilWhatItTickedHasChanged() throws Exception {
        String id = create(DemoRigs.gannet());
        JsonNode cut = step(build(id), "cut-wire.trunk");
        String print = cut.path("fingerprint").asString();
        JsonNode ticked = json(tick(id, "cut-wire.trunk", "", print, true));
        assertEquals(ticked.at("/progress/done").asInt(), 1);
        JsonNode hold = step(build(id), "sign-off.layout");
        String holds = hold.path("fingerprint").asString();
        JsonNode half = json(tick(id, "sign-off.layout", "reach", holds, true));
        assertEquals(half.at("/progress/done").asInt(), 1, "one of several things is seen");
        assertEquals(
                json(tick(id, "sign-off.layout", "", holds, true))
                        .at("/progress/done")
                        .asInt(),
                2);
        assertEquals(
                json(tick(id, "sign-off.layout", "", holds, false))
                        .at("/progress/done")
                        .asInt(),
                1);

        assertEquals(
                send(with(put("/api/rigs/" + id).header(HttpHeaders.IF_MATCH, "\"1\""), longer(DemoRigs.gannet())))
                        .getStatus(),
                200);
        JsonNode after = json(send(get("/api/rigs/" + id + "/build/progress")));
        assertEquals(after.at("/progress/done").asInt(), 0);
        assertEquals(after.at("/progress/steps/0/voids/0/amounts/1/si").asDouble(), 3.5);
        // whoever still has the old page open is not let tick what is another thing now
        assertEquals(tick(id, "cut-wire.trunk", "", print, true).getStatus(), 409);
        assertEquals(tick(id, "cut-wire.nothing", "", print, true).getStatus(), 404);
        MockHttpServletResponse wrong = tick(
                id,
                "sign-off.layout",
                "nothing",
                step(build(id), "sign-off.layout").path("fingerprint").asString(),
                true);
        assertEquals(wrong.getStatus(), 422);
        assertEquals(json(wrong).path("pointer").asString(), "item");

        assertEquals(
                send(with(
                                put("/api/rigs/" + id).header(HttpHeaders.IF_MATCH, "\"2\""),
                                DemoRigs.gannet()
                                        .withHarness(DemoRigs.gannet().harness().withSegments(List.of()))))
                        .getStatus(),
                200);
        JsonNode gone = json(send(get("/api/rigs/" + id + "/build/progress")));
        assertEquals(gone.at("/progress/gone/0/step").asString(), "cut-wire.trunk");
    }

    @Test
    public void anOwnOrderIsKeptAndJudged() throws Exception {
        String id = create(DemoRigs.oystercatcher());
        List<String> order = new ArrayList<>();
        build(id).at("/plan/steps").forEach(step -> order.add(step.path("id").asString()));
        Collections.swap(order, order.indexOf("pull.lead"), order.indexOf("shrink.lead"));
        JsonNode kept = json(send(put("/api/rigs/" + id + "/build/order")
                .contentType(MediaType.TEXT_PLAIN)
                .content(String.join("\n", order))));
        assertTrue(kept.at("/plan/byHand").asBoolean());
        assertEquals(kept.at("/plan/broken/0/before").asString(), "pull.lead");
        assertEquals(kept.at("/plan/broken/0/after").asString(), "shrink.lead");
        for (String wrong : List.of("drill.nothing", "pull.lead\npull.lead")) {
            MockHttpServletResponse refused = send(put("/api/rigs/" + id + "/build/order")
                    .contentType(MediaType.TEXT_PLAIN)
                    .content(wrong));
            assertEquals(refused.getStatus(), 422);
            assertEquals(json(refused).path("pointer").asString(), "order");
        }
        assertTrue(build(id).at("/plan/byHand").asBoolean(), "what was refused changed nothing");
        assertFalse(json(send(delete("/api/rigs/" + id + "/build/order")))
                .at("/plan/byHand")
                .asBoolean());
    }

    @DataProvider
    public Object[][] workshops() {
        return new Object[][] {
            {"firstDay=2026-02-30&zone=Europe/Oslo&celsius=12&eveningH=2&saturdayH=5&sundayH=5", "firstDay"},
            {"firstDay=2026-12-04&zone=Nowhere&celsius=12&eveningH=2&saturdayH=5&sundayH=5", "zone"},
            {"firstDay=2026-12-04&zone=Europe/Oslo&celsius=-3&eveningH=2&saturdayH=5&sundayH=5", "celsius"},
            {"firstDay=2026-12-04&zone=Europe/Oslo&celsius=NaN&eveningH=2&saturdayH=5&sundayH=5", "celsius"},
            {"firstDay=2026-12-04&zone=Europe/Oslo&celsius=12&eveningH=0&saturdayH=0&sundayH=0", "eveningH"},
        };
    }

    @Test(dataProvider = "workshops")
    public void aWorkshopThatThereIsNotIsRefused(String query, String field) throws Exception {
        String id = create(DemoRigs.oystercatcher());
        MockHttpServletResponse refused = send(put("/api/rigs/" + id + "/build/workshop?" + query));
        assertEquals(refused.getStatus(), 422);
        assertEquals(json(refused).path("pointer").asString(), field);
        assertFalse(build(id).path("chosen").asBoolean());
    }

    private static byte[] picture(String format) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8, 6, BufferedImage.TYPE_INT_RGB), format, bytes);
        return bytes.toByteArray();
    }

    /** A PNG that says it is so large; nobody has to make the picture for that. */
    private static byte[] said(int side) {
        byte[] head = ByteBuffer.allocate(17)
                .put("IHDR".getBytes(StandardCharsets.US_ASCII))
                .putInt(side)
                .putInt(side)
                .put(new byte[] {8, 2, 0, 0, 0})
                .array();
        CRC32 sum = new CRC32();
        sum.update(head);
        return ByteBuffer.allocate(33)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'})
                .putInt(13)
                .put(head)
                .putInt((int) sum.getValue())
                .array();
    }

    private MockHttpServletResponse photo(String id, byte[] bytes) throws Exception {
        return send(post("/api/rigs/" + id + "/build/photos")
                .param("step", "sign-off.layout")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(bytes));
    }

    @DataProvider
    public Object[][] noPhotos() throws Exception {
        return new Object[][] {
            {new byte[0], 422, "photo"},
            {"<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8), 422, "photo"},
            {picture("gif"), 422, "photo"},
            {said(60_000), 422, "photo"},
            {java.util.Arrays.copyOf(picture("png"), 20), 422, "photo"},
            {new byte[(8 << 20) + 1], 413, ""},
            {new byte[100 << 20], 413, ""},
        };
    }

    @Test(dataProvider = "noPhotos")
    public void whatIsNoPhotoIsRefused(byte[] bytes, int status, String field) throws Exception {
        String id = create(DemoRigs.oystercatcher());
        MockHttpServletResponse refused = photo(id, bytes);
        assertEquals(refused.getStatus(), status);
        assertEquals(json(refused).path("pointer").asString(""), field);
        assertEquals(
                json(send(get("/api/rigs/" + id + "/build/progress")))
                        .path("photos")
                        .size(),
                0);
    }

    @Test
    public void aPhotoIsKeptAsItCame() throws Exception {
        String id = create(DemoRigs.oystercatcher());
        for (String format : List.of("png", "jpeg")) {
            byte[] bytes = picture(format);
            JsonNode kept = json(photo(id, bytes));
            assertEquals(List.of(kept.path("wide").asInt(), kept.path("tall").asInt()), List.of(8, 6));
            String address =
                    "/api/rigs/" + id + "/build/photos/" + kept.path("id").asString();
            MockHttpServletResponse back = send(get(address));
            assertEquals(back.getContentType(), "image/" + format);
            assertEquals(back.getContentAsByteArray(), bytes);
            // of one rig nothing is told under the address of another
            assertEquals(
                    send(get(address.replace(id, create(DemoRigs.gannet())))).getStatus(), 404);
            assertEquals(send(delete(address)).getStatus(), 204);
            assertEquals(send(get(address)).getStatus(), 404);
        }
    }

    @Test
    public void aNoteIsKeptAndOneTooLongIsNot() throws Exception {
        String id = create(DemoRigs.oystercatcher());
        JsonNode kept = json(send(put("/api/rigs/" + id + "/build/notes")
                .param("step", "pull.lead")
                .param("text", " the black one slipped once ")));
        assertEquals(kept.at("/notes/0/text").asString(), "the black one slipped once");
        MockHttpServletResponse refused = send(put("/api/rigs/" + id + "/build/notes")
                .param("step", "pull.lead")
                .param("text", "x".repeat(2_001)));
        assertEquals(refused.getStatus(), 422);
        assertEquals(
                json(send(get("/api/rigs/" + id + "/build/progress")))
                        .at("/notes/0/text")
                        .asString(),
                "the black one slipped once");
    }

    /** Every step and every thing to see of it stands on the paper, in the order of the days. */
    @Test
    public void theSheetIsReadBackFromPaper() throws Exception {
        for (Rig rig : DemoRigs.all()) {
            String id = create(rig);
            MockHttpServletResponse answer = send(get("/api/rigs/" + id + "/build/pdf"));
            assertEquals(answer.getContentType(), "application/pdf");
            try (PDDocument paper = Loader.loadPDF(answer.getContentAsByteArray())) {
                String read = new PDFTextStripper().getText(paper).replaceAll("\\s+", " ");
                int at = 0;
                for (JsonNode step : build(id).at("/plan/steps")) {
                    String title = plain(step.path("title"));
                    int next = read.indexOf(title.replaceAll("\\s+", " "), at);
                    assertTrue(next >= 0, rig.name() + ": “" + title + "” is not on paper after " + at);
                    at = next;
                    for (JsonNode check : step.path("checks")) {
                        assertTrue(
                                read.contains(plain(check.path("see")).replaceAll("\\s+", " ")),
                                plain(check.path("see")));
                    }
                }
                int pages = json(send(get("/api/rigs/" + id + "/build/print")))
                        .path("pages")
                        .asInt();
                assertEquals(paper.getNumberOfPages(), pages);
                assertEquals(
                        ImageIO.read(new java.io.ByteArrayInputStream(
                                        send(get("/api/rigs/" + id + "/build/print/" + pages))
                                                .getContentAsByteArray()))
                                .getWidth(),
                        Math.round(paper.getPage(pages - 1).getMediaBox().getWidth() * 96 / 72),
                        1.5);
                assertEquals(
                        send(get("/api/rigs/" + id + "/build/print/" + (pages + 1)))
                                .getStatus(),
                        404);
            }
        }
        String id = create(DemoRigs.oystercatcher());
        String nothing = "?sheet=false&lists=false&harness=false&templates=false";
        assertEquals(send(get("/api/rigs/" + id + "/build/pdf" + nothing)).getStatus(), 422);
    }

    /** Words with amounts as the metric sheet has them; only those without amounts are looked for whole. */
    private static String plain(JsonNode text) {
        return text.path("words").get(0).asString();
    }

    /** The night of 28 to 29 March 2026 has an hour less, in UTC the evening is 18:00 before and 17:00 after it. */
    @Test
    public void theCalendarGoesOverTheEdgeOfSummerTime() throws Exception {
        String id = create(DemoRigs.gannet());
        assertEquals(
                send(put("/api/rigs/" + id + WORKSHOP.formatted("2026-03-27"))).getStatus(), 200);
        String written = send(get("/api/rigs/" + id + "/build/calendar")).getContentAsString(StandardCharsets.UTF_8);
        ICalendar read = Biweekly.parse(written).first();
        assertEquals(read.validate(read.getVersion()).getWarnings().size(), 0);
        JsonNode sittings = build(id).at("/plan/schedule/sittings");
        assertTrue(sittings.size() >= 4, sittings.size() + " sittings");
        for (int s = 0; s < sittings.size(); s++) {
            String uid = "sitting-" + (s + 1) + "@" + id;
            VEvent event = read.getEvents().stream()
                    .filter(each -> each.getUid().getValue().equals(uid))
                    .findFirst()
                    .orElseThrow();
            Instant begins = OffsetDateTime.parse(sittings.get(s).path("begin").asString())
                    .toInstant();
            assertEquals(event.getDateStart().getValue().toInstant(), begins);
        }
        assertEquals(
                OffsetDateTime.parse(sittings.get(0).path("begin").asString()).toInstant(),
                Instant.parse("2026-03-27T18:00:00Z"));
        assertEquals(
                OffsetDateTime.parse(sittings.get(2).path("begin").asString()).toInstant(),
                Instant.parse("2026-03-29T07:30:00Z"));
    }
}
