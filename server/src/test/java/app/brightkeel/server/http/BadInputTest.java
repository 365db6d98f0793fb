package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.server.ServerTest;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigJson;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever is sent: a problem detail that names the field, no class name, and a store that stays as it was. */
public class BadInputTest extends ServerTest {

    private static final JsonMapper MAPPER = RigJson.mapper();

    @Autowired
    private RigStore store;

    private static String good() {
        return MAPPER.writeValueAsString(RigDocument.of(DemoRigs.oystercatcher()));
    }

    private static String with(String from, String to) {
        String changed = good().replace(from, to);
        assertFalse(changed.equals(good()), "nothing to replace: " + from);
        return changed;
    }

    @DataProvider
    public Object[][] bodies() {
        String capacity = "\"capacityAh\":{\"kind\":\"given\",\"value\":12.0,\"basis\":\"rated\"}";
        return new Object[][] {
            {"", 422, ""},
            {"not json", 422, ""},
            {"{\"format\":", 422, ""},
            {"[]", 422, ""},
            {"42", 422, ""},
            {"{}", 422, "/format"},
            {"{\"hello\":\"world\"}", 422, "/format"},
            {with("\"version\":1", "\"version\":99"), 422, "/version"},
            {with("\"version\":1", "\"version\":\"1\""), 422, "/version"},
            {with("\"version\":1", "\"version\":1,\"version\":1"), 422, ""},
            {with(capacity, capacity.replace("12.0", "-5")), 422, "/rig/harness/packs/0/capacityAh"},
            {with(capacity, capacity.replace("12.0", "1e308")), 422, "/rig/harness/packs/0/capacityAh"},
            {with(capacity, capacity.replace("12.0", "1e999")), 422, "/rig/harness/packs/0/capacityAh/value"},
            {with(capacity, capacity.replace("12.0", "NaN")), 422, ""},
            {with(capacity, capacity.replace("12.0", "\"12\"")), 422, "/rig/harness/packs/0/capacityAh/value"},
            {with(capacity, capacity.replace("rated", "assumed")), 422, "/rig/harness/packs/0/capacityAh/basis"},
            {with(capacity, "\"capacityAh\":12"), 422, "/rig/harness/packs/0/capacityAh"},
            {
                with("{\"kind\":\"awg\",\"awg\":22}", "{\"kind\":\"metric\",\"areaMm2\":900}"),
                422,
                "/rig/harness/segments/0/wire/gauge/areaMm2"
            },
            {
                with("{\"kind\":\"awg\",\"awg\":22}", "{\"kind\":\"rope\"}"),
                422,
                "/rig/harness/segments/0/wire/gauge/kind"
            },
            {with("\"chemistry\":\"lifepo4\"", "\"chemistry\":\"plutonium\""), 422, "/rig/harness/packs/0/chemistry"},
            {with("\"chemistry\":\"lifepo4\"", "\"chemistry\":1"), 422, "/rig/harness/packs/0/chemistry"},
            {with("\"to\":\"display\"", "\"to\":\"nowhere\""), 422, "/rig/harness/segments/0/to"},
            {with("\"from\":\"pack\"", "\"from\":\"display\""), 422, "/rig/harness/segments/0/to"},
            {with("\"name\":\"Oystercatcher, estuary autumn\"", "\"name\":5"), 422, "/rig/name"},
            {with("\"name\":\"Oystercatcher, estuary autumn\",", ""), 422, "/rig/name"},
            {
                with("\"name\":\"Oystercatcher, estuary autumn\"", "\"name\":\"" + "x".repeat(500) + "\""),
                422,
                "/rig/name"
            },
            {with("\"quieted\":[]", "\"quieted\":[],\"colour\":\"red\""), 422, "/rig/colour"},
            {with("\"quieted\":[]", "\"quieted\":null"), 422, "/rig/quieted"},
            {with("\"Oystercatcher", "\"" + "x".repeat(1_100_000)), 413, ""},
        };
    }

    @Test(dataProvider = "bodies")
    public void refusedWithTheFieldAndNothingKept(String body, int status, String pointer) throws Exception {
        StoredRig kept = store.create(DemoRigs.lanternCrate());
        int before = store.all().size();
        for (MockHttpServletRequestBuilder request : List.of(
                post("/api/reviews"),
                post("/api/rigs"),
                put("/api/rigs/" + kept.id()).header(HttpHeaders.IF_MATCH, "\"1\""))) {
            MockHttpServletResponse response = send(request, body.getBytes(StandardCharsets.UTF_8));
            String said = response.getContentAsString(StandardCharsets.UTF_8);
            assertEquals(response.getStatus(), status, said);
            assertEquals(response.getContentType(), MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            JsonNode problem = MAPPER.readTree(said);
            assertEquals(problem.path("pointer").asString(""), pointer, said);
            assertTrue(problem.path("detail").asString("").length() > 10, said);
            assertFalse(
                    said.contains("app.brightkeel") || said.contains("tools.jackson") || said.contains("java."), said);
        }
        assertEquals(store.all().size(), before);
        assertEquals(store.get(kept.id()), kept);
    }

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request, byte[] body) throws Exception {
        return http.perform(request.header("Host", "localhost")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body))
                .andReturn()
                .getResponse();
    }

    /** Seeded mutations of a real file: single bytes changed, dropped or doubled, numbers swapped for odd ones. */
    @Test
    public void mutationsAreAnsweredAndNeverKept() throws Exception {
        Random random = new Random(2026);
        byte[] good = good().getBytes(StandardCharsets.UTF_8);
        int before = store.all().size();
        int accepted = 0;
        int runs = 2000;
        for (int n = 0; n < runs; n++) {
            byte[] body = n % 3 == 0 ? oddNumber(random) : mutated(good, random);
            MockHttpServletResponse response = send(post("/api/reviews"), body);
            int status = response.getStatus();
            assertTrue(status == 200 || status == 422, "run " + n + ": " + status);
            accepted += status == 200 ? 1 : 0;
            if (status == 422) {
                assertFalse(response.getContentAsString().isBlank());
            }
        }
        assertTrue(accepted > 0 && accepted < runs);
        assertEquals(store.all().size(), before);
    }

    private static byte[] mutated(byte[] good, Random random) {
        byte[] body = good.clone();
        for (int k = random.nextInt(3); k >= 0; k--) {
            body[random.nextInt(body.length)] = (byte) (32 + random.nextInt(95));
        }
        return body;
    }

    private static byte[] oddNumber(Random random) {
        List<String> odd =
                List.of("0", "-1", "1e-308", "1e308", "-0.0", "3.3333333333333335", "9007199254740993", "0.5");
        String[] parts = good().split("(?<=\"value\":)", -1);
        int at = 1 + random.nextInt(parts.length - 1);
        parts[at] = parts[at].replaceFirst("^[-0-9.eE]+", odd.get(random.nextInt(odd.size())));
        return String.join("", parts).getBytes(StandardCharsets.UTF_8);
    }
}
