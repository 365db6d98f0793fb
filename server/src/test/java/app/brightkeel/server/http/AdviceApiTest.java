package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.advice.Good;
import app.brightkeel.core.advice.RigAxis;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import java.util.List;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Whole rigs advised: as they are told, asked for within wishes, asked why not, and taken. */
public class AdviceApiTest extends ServerTest {

    @Test
    public void aRigIsAdvisedAndTaken() throws Exception {
        String id = create(DemoRigs.lanternCrate());
        String path = "/api/rigs/" + id + "/advice";
        JsonNode advice = ok(get(path));
        assertTrue(
                advice.path("searched").asLong() > 50_000,
                advice.path("searched").toString());
        assertTrue(advice.path("named").size() > 1, advice.path("named").toString());
        assertEquals(advice.path("goods").size(), Good.values().length);
        assertEquals(advice.path("questions").size(), RigAxis.values().length);
        assertTrue(advice.path("ruledOut").size() > 3);

        // within wishes there are fewer, and of none it is said which has to give
        double price = advice.at("/goods/2/least/si").asDouble();
        JsonNode cheap = ok(get(path).param("price", String.valueOf(price)));
        assertTrue(cheap.path("front").size() < advice.path("front").size());
        JsonNode none = ok(get(path).param("price", "1"));
        assertEquals(none.path("named").size(), 0);
        assertEquals(none.at("/relax/0/good").asString(), "price");
        assertEquals(none.at("/relax/0/to/si").asDouble(), price);

        // one is looked at, compared and taken as any change is
        String change = advice.at("/named/1/change").asString();
        ok(get("/api/rigs/" + id + "/changes/" + change));
        ok(get("/api/rigs/" + id + "/comparison").param("with", id + ":" + change));
        JsonNode taken = ok(post("/api/rigs/" + id + "/changes/" + change).header("If-Match", "\"1\""));
        assertEquals(taken.path("revision").asInt(), 2);
        assertFalse(taken.at("/rig/proposed").isEmpty());
        assertEquals(ok(get(path)).path("revision").asInt(), 2);

        String table = send(get(path + "/list")).getContentAsString();
        List<String> lines = table.lines().toList();
        assertEquals(lines.get(0).split(",").length, 1 + Good.values().length + RigAxis.values().length);
        assertEquals(lines.size(), 1 + ok(get(path)).path("front").size());
    }

    /** Any rig of the front by itself, and how each of its numbers comes about; what is no such rig is not there. */
    @Test
    public void eachRigAndEachNumberOpens() throws Exception {
        String id = create(DemoRigs.reedling());
        String path = "/api/rigs/" + id + "/advice";
        JsonNode advice = ok(get(path).param("across", "mass").param("up", "seen"));
        assertEquals(advice.at("/picture/frame/x/label/words/0").asString(), "mass");
        for (JsonNode each : advice.path("named")) {
            String change = each.path("change").asString();
            JsonNode one = ok(get(path + "/rigs/" + change));
            assertEquals(one.path("worth"), each.path("worth"));
            for (Good good : Good.values()) {
                JsonNode working = ok(get(path + "/rigs/" + change + "/working").param("good", Table.written(good)));
                JsonNode rows = working.path("rows");
                assertEquals(
                        rows.get(rows.size() - 1).path("amount"),
                        each.path("worth").get(good.ordinal()),
                        change + " " + good);
            }
        }
        for (String none : List.of("water.advise.mount.nowhere", "water.advise.", "battery.take.x")) {
            assertEquals(send(get(path + "/rigs/" + none)).getStatus(), 404, none);
            assertEquals(
                    send(get(path + "/rigs/" + none + "/working").param("good", "price"))
                            .getStatus(),
                    404,
                    none);
        }
        assertEquals(send(get(path).param("across", "beauty")).getStatus(), 400);
    }

    /** Water that nothing reaches: by which link nothing holds, and what fails in the nearest; what mends can be looked at. */
    @Test
    public void whatIsInTheWayAndWhatMendsIsTold() throws Exception {
        Rig deep = DemoRigs.lanternCrate();
        for (String depth : List.of("mostM", "leastM")) {
            deep = Pointer.with(deep, "/outing/water/" + depth, Figure.chosen(depth.equals("mostM") ? 400 : 300))
                    .orElseThrow();
        }
        String id = create(deep);
        JsonNode advice = ok(get("/api/rigs/" + id + "/advice"));
        assertEquals(advice.path("front").size(), 0);
        assertEquals(advice.at("/inTheWay/0/links/0").asString(), "transducer");
        assertEquals(advice.at("/inTheWay/0/fails/0/link").asString(), "transducer");
        String nearest = advice.at("/inTheWay/0/change").asString();
        JsonNode mended = ok(get("/api/rigs/" + id + "/advice/rigs/" + nearest + "/mended"));
        assertEquals(mended.at("/0/finding/verdict").asString(), "fails");
        int offered = 0;
        for (JsonNode each : mended) {
            for (JsonNode offer : each.at("/remedy/offers")) {
                offered++;
                String both = nearest + Change.AND + offer.path("id").asString();
                JsonNode names = ok(get("/api/rigs/" + id + "/comparison").param("with", id + ":" + both))
                        .path("names");
                // what is done last is said last, however long the whole is
                JsonNode words = offer.at("/label/words");
                String name = names.get(1).asString();
                String end = words.get(words.size() - 1).asString();
                assertTrue(name.endsWith(end.substring(Math.max(0, end.length() - 40))), name);
                assertTrue(name.length() <= Checks.LONGEST_NAME, name);
            }
        }
        assertTrue(offered > 0, mended.toString());
        assertEquals(
                send(get("/api/rigs/" + id + "/advice/rigs/water.advise.mount.nowhere/mended"))
                        .getStatus(),
                404);
    }

    /** With another rig: what both can use is bought once; with itself, or with none, it is refused. */
    @Test
    public void twoCraftsAreAdvisedTogether() throws Exception {
        String kayak = create(DemoRigs.kittiwakeKayak());
        String ice = create(DemoRigs.kittiwake());
        String path = "/api/rigs/" + kayak + "/advice/pairs/";
        JsonNode pairs = ok(get(path + ice));
        assertTrue(pairs.size() > 1, pairs.toString());
        for (JsonNode pair : pairs) {
            assertTrue(pair.at("/price/si").asDouble() <= pair.at("/apart/si").asDouble());
            String there = pair.at("/there/change").asString();
            ok(get("/api/rigs/" + ice + "/advice/rigs/" + there + "/working").param("good", "price"));
            ok(get("/api/rigs/" + kayak + "/comparison").param("with", ice + ":" + there));
        }
        assertEquals(send(get(path + kayak)).getStatus(), 422);
        assertEquals(send(get(path + "nobody")).getStatus(), 404);
    }

    /** All rigs there are: begun once, told how far it is, called off; what was found is there when it has ended. */
    @Test
    public void allRigsAreGoneThroughBesides() throws Exception {
        String id = create(DemoRigs.lanternCrate());
        String path = "/api/rigs/" + id + "/advice";
        JsonNode first = ok(get(path));
        long all = first.path("all").asLong();
        assertTrue(first.path("searched").asLong() < all);
        assertTrue(ok(post(path + "/all")).path("running").asBoolean());
        JsonNode going = ok(post(path + "/all"));
        assertEquals(going.path("done").asLong() + going.path("left").asLong(), all);
        ok(delete(path + "/all"));
        JsonNode off = ended(path);
        assertTrue(off.path("done").asLong() < all, off.toString());
        assertTrue(ok(get(path)).path("front").size() > 0);

        ok(post(path + "/all"));
        assertEquals(ended(path).path("left").asLong(), 0);
        JsonNode whole = ok(get(path));
        assertEquals(whole.path("searched").asLong(), all);
        for (JsonNode each : whole.path("front")) {
            assertEquals(
                    send(get(path + "/rigs/" + each.path("change").asString())).getStatus(), 200);
        }
        // nothing is left to go through
        assertFalse(ok(post(path + "/all")).path("running").asBoolean());
        assertEquals(send(post("/api/rigs/nobody/advice/all")).getStatus(), 404);
    }

    private JsonNode ended(String path) throws Exception {
        JsonNode going = ok(get(path + "/all"));
        while (going.path("running").asBoolean()) {
            Thread.onSpinWait();
            going = ok(get(path + "/all"));
        }
        return going;
    }

    @Test
    public void whyNotIsAnsweredAndOddQuestionsAreRefused() throws Exception {
        String id = create(DemoRigs.kittiwake());
        String path = "/api/rigs/" + id + "/advice";
        JsonNode advice = ok(get(path));
        for (JsonNode question : advice.path("questions")) {
            JsonNode last =
                    question.path("choices").get(question.path("choices").size() - 1);
            JsonNode why = ok(get(path + "/why")
                    .param("axis", question.path("axis").asString())
                    .param("choice", last.path("id").asString()));
            assertFalse(why.at("/says/words/0").asString().isEmpty(), question.toString());
        }
        String axis = Table.written(RigAxis.BANK);
        assertEquals(
                send(get(path + "/why").param("axis", axis).param("choice", "of-nothing"))
                        .getStatus(),
                422);
        assertEquals(
                send(get(path + "/why").param("axis", "hat").param("choice", "x"))
                        .getStatus(),
                400);
        for (String wrong : List.of("-1", "NaN", "Infinity", "1e9")) {
            MockHttpServletResponse refused = send(get(path).param("mass", wrong));
            assertEquals(refused.getStatus(), 422, wrong);
            assertTrue(refused.getContentAsString().contains("mass"), refused.getContentAsString());
        }
        for (List<String> wrong : List.of(
                List.of("mass", "heavy", "a number"),
                List.of("free", "hats", "hours, mass"),
                List.of("up", "hats", "hours"))) {
            MockHttpServletResponse odd = send(get(path).param(wrong.get(0), wrong.get(1)));
            assertEquals(odd.getStatus(), 400, wrong.toString());
            assertTrue(odd.getContentAsString().contains("allowed: " + wrong.get(2)), odd.getContentAsString());
        }
        assertEquals(
                send(get("/api/rigs/" + id + "/changes/water.advise.mount.nowhere"))
                        .getStatus(),
                404);
        assertEquals(send(get("/api/rigs/nobody/advice")).getStatus(), 404);
    }
}
