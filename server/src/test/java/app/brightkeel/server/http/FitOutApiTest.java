package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.route.Planner;
import app.brightkeel.core.route.PlanningAim;
import app.brightkeel.server.ServerTest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.springframework.http.HttpHeaders;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Lists and full-size templates over HTTP; templates are measured in the file. */
public class FitOutApiTest extends ServerTest {

    private static final double POINTS_PER_MM = 72 / 25.4;

    /** What a rule on the paper would show. */
    private static final double WITHIN_MM = 0.2;

    /** The widest and tallest of each line drawn on a page [mm]. */
    private record Drawn(double wideMm, double tallMm) {}

    private static List<Drawn> drawn(PDPage page) throws Exception {
        List<Drawn> all = new ArrayList<>();
        List<Double> operands = new ArrayList<>();
        List<double[]> points = new ArrayList<>();
        for (Object token : new PDFStreamParser(page).parse()) {
            if (token instanceof COSNumber number) {
                operands.add((double) number.floatValue());
            } else if (token instanceof Operator operator) {
                assertTrue(!operator.getName().equals("cm"), "the page is scaled");
                switch (operator.getName()) {
                    case "m", "l" -> points.add(new double[] {operands.get(0), operands.get(1)});
                    case "S" -> {
                        all.add(new Drawn(spread(points, 0), spread(points, 1)));
                        points.clear();
                    }
                    default -> {}
                }
                operands.clear();
            }
        }
        return all;
    }

    private static double spread(List<double[]> points, int way) {
        double low = points.stream().mapToDouble(p -> p[way]).min().orElseThrow();
        double high = points.stream().mapToDouble(p -> p[way]).max().orElseThrow();
        return (high - low) / POINTS_PER_MM;
    }

    private static void holds(List<Drawn> drawn, double wideMm, double tallMm) {
        assertTrue(
                drawn.stream()
                        .anyMatch(each -> Math.abs(each.wideMm - wideMm) < WITHIN_MM
                                && Math.abs(each.tallMm - tallMm) < WITHIN_MM),
                wideMm + " × " + tallMm + " mm is not among " + drawn);
    }

    /** A 30 mm hole through the wall of the tube, foam round the battery, and the bar to check by, within 0.2 mm. */
    @Test
    public void templatesAreFullSize() throws Exception {
        Rig rig = Planner.planned(DemoRigs.oystercatcher(), PlanningAim.CLEANEST);
        String id = create(rig.withName("Tube ⌀ 漢, full size"));
        MockHttpServletResponse answer = send(get("/api/rigs/" + id + "/templates"));
        assertEquals(answer.getContentType(), "application/pdf");
        try (PDDocument document = Loader.loadPDF(answer.getContentAsByteArray())) {
            List<Drawn> first = drawn(document.getPage(0));
            holds(first, 30, 30);
            holds(first, 50, 0);
            assertTrue(new PDFTextStripper().getText(document).contains("30.0 mm"));
            // stern well 0.34 × 0.30 m, battery 151 × 98 mm turned as it leaves most
            List<Drawn> plate = drawn(document.getPage(1));
            holds(plate, 340, 300);
            holds(plate, 50, 0);
            for (PDPage page : document.getPages()) {
                holds(drawn(page), 50, 0);
                assertPaper(page, PDRectangle.A4);
            }
            String words = new PDFTextStripper().getText(document);
            assertTrue(words.contains("column 2 of 2 from the left, row 2 of 2 from the top"), words);
            assertEquals(document.getDocumentInformation().getTitle(), "Tube ⌀ 漢, full size, templates");
            assertEquals(document.getDocumentCatalog().getLanguage(), "en");
        }
        try (PDDocument document = Loader.loadPDF(
                send(get("/api/rigs/" + id + "/templates?habit=us")).getContentAsByteArray())) {
            for (PDPage page : document.getPages()) {
                holds(drawn(page), 50.8, 0);
                assertPaper(page, PDRectangle.LETTER);
            }
            assertTrue(new PDFTextStripper().getText(document).contains("2.0 in: check it with a rule"));
        }
        String svg = text(send(get("/api/rigs/" + id + "/templates/0/svg")));
        Matcher width = Pattern.compile("<svg [^>]*viewBox=\"0 0 (\\d+) (\\d+)\" width=\"(\\d+)\"")
                .matcher(svg);
        assertTrue(width.find());
        assertEquals(width.group(1), width.group(3), "scaled");
        // 96 pixels to the inch: a bar of 50 mm is 189.0 wide
        Matcher bar = Pattern.compile("M([0-9.]+) ([0-9.]+)L([0-9.]+) \\2\"").matcher(svg);
        boolean found = false;
        while (bar.find()) {
            double pixels = Double.parseDouble(bar.group(3)) - Double.parseDouble(bar.group(1));
            found |= Math.abs(pixels * 25.4 / 96 - 50) < WITHIN_MM;
        }
        assertTrue(found, "no bar of 50 mm");
        assertEquals(send(get("/api/rigs/" + id + "/templates/99/svg")).getStatus(), 404);
    }

    /** Upright or lying. */
    private static void assertPaper(PDPage page, PDRectangle paper) {
        PDRectangle box = page.getMediaBox();
        assertEquals(Math.min(box.getWidth(), box.getHeight()), paper.getWidth(), 0.5f);
        assertEquals(Math.max(box.getWidth(), box.getHeight()), paper.getHeight(), 0.5f);
    }

    private static String text(MockHttpServletResponse answer) {
        assertEquals(answer.getStatus(), 200);
        return new String(answer.getContentAsByteArray(), StandardCharsets.UTF_8);
    }

    /** A thing dragged in the plan is one revision; nonsense is not found and changes nothing; undo brings it back. */
    @Test
    public void thingsAreMoved() throws Exception {
        String id = create(DemoRigs.gannet());
        String path = "/api/rigs/" + id;
        JsonNode moved =
                json(send(post(path + "/changes/carry.place.nine.console").header(HttpHeaders.IF_MATCH, "\"1\"")));
        assertEquals(moved.path("revision").asInt(), 2);
        for (String nonsense : List.of(
                "carry.place.nine.nowhere",
                "carry.place.nobody.console",
                "carry.arm.console.150",
                "cable.plan.anyhow")) {
            assertEquals(
                    send(post(path + "/changes/" + nonsense).header(HttpHeaders.IF_MATCH, "\"2\""))
                            .getStatus(),
                    404,
                    nonsense);
        }
        assertEquals(json(send(get(path))).path("revision").asInt(), 2);
        JsonNode back = json(send(post(path + "/undo").header(HttpHeaders.IF_MATCH, "\"2\"")));
        assertEquals(
                back.path("rig").path("places").toString(),
                json(send(get("/api/rigs/" + create(DemoRigs.gannet()))))
                        .path("rig")
                        .path("places")
                        .toString());
    }

    /** Plans are among the alternatives of the Cable link, each with what it measures; a plan can be looked at and taken. */
    @Test
    public void plansAreOffered() throws Exception {
        String path = "/api/rigs/" + create(DemoRigs.oystercatcher());
        List<String> plans = new ArrayList<>();
        for (JsonNode offer : json(send(get(path + "/changes?link=cable")))) {
            if (offer.path("id").asString().startsWith("cable.plan.")) {
                plans.add(offer.path("id").asString());
                assertEquals(offer.path("measures").size(), 5, offer.toString());
                assertTrue(offer.path("effects").size() > 0, offer.toString());
            }
        }
        assertEquals(plans, List.of("cable.plan.no-drill", "cable.plan.cleanest", "cable.plan.shortest"));
        JsonNode taken = json(send(post(path + "/changes/cable.plan.cleanest").header(HttpHeaders.IF_MATCH, "\"1\"")));
        assertTrue(taken.path("rig").path("runs").toString().contains("tube-wall"));
    }

    @Test
    public void lists() throws Exception {
        String id = create(DemoRigs.reedling());
        String holes = text(send(get("/api/rigs/" + id + "/lists/holes")));
        assertTrue(holes.contains(",1,hole high in the front,wall of the transom pod,drill,above,15.9,"), holes);
        String off = text(send(get("/api/rigs/" + id + "/lists/take-off")));
        assertTrue(off.startsWith("id,step,what,from,by,time [min]"), off);
        assertTrue(off.contains("pack,take off,20 Ah flooded lead,floor at the stern,"), off);
        assertTrue(off.contains("transducer,take off,16° chirp cone") && !off.contains("all of it"), off);
        String cuts = text(send(get("/api/rigs/" + id + "/lists/cuts")));
        assertEquals(cuts.lines().count(), 1 + 7, cuts);
        assertTrue(!cuts.contains("rail"), "it comes out of no board");
        assertEquals(
                send(get("/api/rigs/" + create(DemoRigs.gannet()) + "/templates/0/svg"))
                        .getStatus(),
                200);
        assertEquals(send(get("/api/rigs/nothing/lists/holes")).getStatus(), 404);
    }
}
