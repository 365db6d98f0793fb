package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
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
import java.util.List;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;

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
}
