package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The calendar of a lay-up, read as RFC 5545 has it: whole days, folded lines, ids that stay. */
public class LayUpApiTest extends ServerTest {

    private static final int LONGEST_LINE = 75;

    private static Rig laidUp(String name) {
        Rig rig = DemoRigs.oystercatcher();
        Pack pack = rig.harness().packs().get(0);
        return rig.with(pack.withName(name)
                .withKeeping(pack.keeping().with(k -> k.restsFrom("2026-11-01").restsTo("2027-04-01"))));
    }

    private String calendar(String id) throws Exception {
        MockHttpServletResponse answer = send(get("/api/rigs/" + id + "/lay-up"));
        assertEquals(answer.getStatus(), 200);
        assertTrue(String.valueOf(answer.getContentType()).startsWith("text/calendar"));
        return answer.getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    public void theDaysStandInACalendar() throws Exception {
        String id = create(laidUp("12 Ah; a name, with\\ what is escaped, longer than a line, €€€€€€€€€€€€€€€€€€€€"));
        String written = calendar(id);
        for (String line : written.split("\r\n")) {
            assertTrue(line.getBytes(StandardCharsets.UTF_8).length <= LONGEST_LINE, line);
        }
        ICalendar read = Biweekly.parse(written).first();
        assertEquals(read.validate(read.getVersion()).getWarnings().size(), 0);
        List<VEvent> events = read.getEvents();
        assertEquals(
                events.stream()
                        .map(event -> event.getDateStart()
                                .getValue()
                                .getRawComponents()
                                .toString(false, false))
                        .toList(),
                List.of("20261101", "20270131", "20270331"));
        assertTrue(
                events.stream()
                        .noneMatch(event -> event.getDateStart().getValue().hasTime()),
                "whole days");
        assertTrue(
                events.get(0).getSummary().getValue().startsWith("12 Ah; a name, with\\ what"),
                events.get(0).getSummary().getValue());
        // the same asked again, and told apart from another rig with a battery of the same id
        assertEquals(calendar(id), written);
        String other = calendar(create(laidUp("pack")));
        assertTrue(
                events.stream().noneMatch(event -> other.contains(event.getUid().getValue())));
    }

    @Test
    public void whereNothingRestsThereIsNone() throws Exception {
        String id = create(DemoRigs.oystercatcher());
        assertEquals(send(get("/api/rigs/" + id + "/lay-up")).getStatus(), 404);
    }

    private JsonNode care(String id) throws Exception {
        return json(send(get("/api/rigs/" + id + "/care")));
    }

    private MockHttpServletResponse done(String id, String task, String day) throws Exception {
        return send(put("/api/rigs/" + id + "/care/" + task).param("day", day));
    }

    /** A charge that is written down moves what is due, in the list and under the same id in the calendar. */
    @Test
    public void aChargeMovesWhatIsDue() throws Exception {
        String id = create(laidUp("pack"));
        List<String> before = uids(calendar(id));
        assertEquals(done(id, "charge-pack", "2026-11-20").getStatus(), 200);
        assertEquals(care(id).at("/layUp/1/day").asString(), "2026-11-20");
        assertEquals(care(id).at("/layUp/2/day").asString(), "2027-02-19");
        String after = calendar(id);
        assertTrue(uids(after).containsAll(before));
        assertTrue(after.contains("SEQUENCE:1"));
        String care = send(get("/api/rigs/" + id + "/care/calendar")).getContentAsString();
        assertTrue(uids(care).contains("care-charge-pack@" + id), care);
        assertEquals(
                Biweekly.parse(care).first().getEvents().size(),
                care(id).path("due").size());
    }

    private static List<String> uids(String calendar) {
        return Biweekly.parse(calendar).first().getEvents().stream()
                .map(event -> event.getUid().getValue())
                .toList();
    }

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {"charge-pack", "2026-11-31", 422, "day such as"},
            {"charge-pack", LocalDate.now().plusDays(3).toString(), 422, "a day that has been"},
            {"charge-pack", "2026-11-20", 422, "written down already"},
            {"charge-none", "2026-11-20", 404, ""},
            {"polish", "2026-11-20", 404, ""},
        };
    }

    /** What cannot be is told, and nothing is kept. */
    @Test(dataProvider = "wrong")
    public void whatCannotBeDoneIsTold(String task, String day, int status, String told) throws Exception {
        String id = create(laidUp("pack"));
        done(id, "charge-pack", "2026-11-20");
        MockHttpServletResponse refused = done(id, task, day);
        assertEquals(refused.getStatus(), status, refused.getContentAsString());
        assertTrue(refused.getContentAsString().contains(told), refused.getContentAsString());
        assertEquals(care(id).path("done").size(), 1);
        assertEquals(
                send(delete("/api/rigs/" + id + "/care/charge-pack").param("day", "2026-11-20"))
                        .getStatus(),
                200);
        assertEquals(care(id).path("done").size(), 0);
    }
}
