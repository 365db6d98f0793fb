package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigJson;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.util.RawValue;

/** Whatever is sent: a problem detail that names the field, no class name, and a store that stays as it was. */
public class BadInputTest extends ServerTest {

    private static final JsonMapper MAPPER = RigJson.mapper();

    private static final String VERSION = "\"version\":" + RigDocument.VERSION;

    @Autowired
    private RigStore store;

    private static String good() {
        return MAPPER.writeValueAsString(
                RigDocument.of(DemoRigs.oystercatcher().withQuieted(Set.of()).withHolders(List.of())));
    }

    private static String with(String from, String to) {
        String changed = good().replace(from, to);
        assertFalse(changed.equals(good()), "nothing to replace: " + from);
        return changed;
    }

    /** Holds what is not there. */
    private static final String HOLDER = "{\"id\":\"holder\",\"name\":\"clamp\",\"kind\":\"jaw-clamp\",\"origin\":\"\","
            + "\"holds\":\"nobody\",\"grip\":\"edge\",\"bolts\":\"\",\"drills\":false,\"toolFree\":true,\"poses\":[],\"footBolts\":\"\"}";

    /** Charges what is not there. */
    private static final String CHARGER = "{\"id\":\"charger\",\"name\":\"charger\",\"chemistry\":\"agm\","
            + "\"blocks\":1,\"charges\":\"nothing\",\"via\":\"\",\"aboard\":false,\"ending\":{\"terminal\":\"undecided\",\"half\":\"undecided\"}}";

    private static final String TRAVEL =
            "{\"what\":\"seat\",\"strokeM\":{\"kind\":\"given\",\"value\":0.2,\"basis\":\"measured\"},\"freed\":false}";

    /** From a device to itself. */
    private static final String LEAD =
            "{\"id\":\"data\",\"name\":\"data\",\"from\":\"display\",\"to\":\"display\",\"signals\":\"bus\"}";

    private static final String WEIGHT = "{\"id\":\"w\",\"name\":\"w\",\"station\":\"nowhere\"}";

    /** As wide as its two walls. */
    private static final String BOX = "{\"id\":\"b\",\"name\":\"b\",\"kind\":\"box\",\"station\":\"stern-well\","
            + "\"outside\":{\"wideM\":" + chosen(0.012) + "},\"wallM\":" + chosen(0.006) + ",\"clearM\":"
            + chosen(0.002)
            + ",\"ribs\":[],\"exits\":[],\"pockets\":[],\"tight\":false,\"vented\":false,\"drained\":false,\"lidBolts\":\"\"}";

    private static final String PART = "{\"id\":\"p\",\"name\":\"p\",\"lengthM\":" + chosen(0.001) + ",\"wideM\":"
            + chosen(0.1) + ",\"count\":1,\"turns\":false}";

    private static String chosen(double value) {
        return "{\"kind\":\"given\",\"value\":" + value + ",\"basis\":\"chosen\"}";
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
            {with(VERSION, "\"version\":99"), 422, "/version"},
            {with(VERSION, "\"version\":\"3\""), 422, "/version"},
            {with(VERSION, VERSION + "," + VERSION), 422, ""},
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
            {
                with("\"start\":{\"terminal\":\"undecided\"", "\"start\":{\"terminal\":\"glue\""),
                422,
                "/rig/harness/segments/0/start/terminal"
            },
            {
                with(
                        "\"end\":{\"terminal\":\"undecided\",\"half\":\"undecided\"",
                        "\"end\":{\"terminal\":\"post\",\"half\":\"third\""),
                422,
                "/rig/harness/segments/0/end/half"
            },
            {with("\"coilAt\":\"\"", "\"coilAt\":\"nowhere\""), 422, "/rig/runs/0/coilAt"},
            {with("\"through\":[]", "\"through\":[\"nowhere\"]"), 422, "/rig/runs/0/through/0"},
            {with("\"travels\":[]", "\"travels\":[" + TRAVEL + "," + TRAVEL + "]"), 422, "/rig/runs/0/travels"},
            {
                with("\"travels\":[]", "\"travels\":[" + TRAVEL.replace("seat", "tide") + "]"),
                422,
                "/rig/runs/0/travels/0/what"
            },
            {with("\"closedBy\":\"undecided\"", "\"closedBy\":\"glue\""), 422, "/rig/craft/passages/0/opening/closedBy"
            },
            {with("\"edge\":\"none\"", "\"edge\":\"top\""), 422, "/rig/craft/stand/edge"},
            {with("\"anchors\":0", "\"anchors\":13"), 422, "/rig/places/0/held/anchors"},
            {with("\"leads\":[]", "\"leads\":[" + LEAD + "]"), 422, "/rig/network/leads/0/to"},
            {with("\"ballast\":[]", "\"ballast\":[" + WEIGHT + "]"), 422, "/rig/fitOut/ballast/0/station"},
            {with("\"boxes\":[]", "\"boxes\":[" + BOX + "]"), 422, "/rig/fitOut/boxes/0/outside/wideM"},
            {
                with("\"boxes\":[]", "\"boxes\":[" + BOX.replace("0.012", "0.2").replace("0.002", "-0.001") + "]"),
                422,
                "/rig/fitOut/boxes/0/clearM"
            },
            {with("\"parts\":[]", "\"parts\":[" + PART + "]"), 422, "/rig/fitOut/boards/parts/0/lengthM"},
            {
                with("\"kerfM\":{\"kind\":\"unset\"}", "\"kerfM\":" + chosen(0.01))
                        .replace("\"parts\":[]", "\"parts\":[" + PART.replace("0.001", "0.009") + "]"),
                422,
                "/rig/fitOut/boards/parts/0/lengthM"
            },
            {with("\"bundled\":2", "\"bundled\":0"), 422, "/rig/harness/segments/0/wire/bundled"},
            {with("\"unused\":0", "\"unused\":21"), 422, "/rig/harness/segments/0/wire/unused"},
            {with("\"unused\":0", "\"unused\":0.5"), 422, "/rig/harness/segments/0/wire/unused"},
            {with("\"colours\":\"\"", "\"colours\":null"), 422, "/rig/harness/segments/0/wire/colours"},
            {with("\"spares\":[]", "\"spares\":null"), 422, "/rig/harness/spares"},
            {
                with(
                        "\"junctions\":[]",
                        "\"junctions\":[{\"id\":\"j\",\"name\":\"j\",\"sort\":\"knot\",\"labelled\":false}]"),
                422,
                "/rig/harness/junctions/0/sort"
            },
            {with("\"from\":\"pack\"", "\"from\":\"display\""), 422, "/rig/harness/segments/0/to"},
            {with("\"value\":24.0", "\"value\":0"), 422, "/rig/transducers/0/beams/0/fullDeg"},
            {with("\"value\":24.0", "\"value\":200"), 422, "/rig/transducers/0/beams/0/fullDeg"},
            {with("\"half-power\"", "\"loud\""), 422, "/rig/transducers/0/beams/0/quoted"},
            {with("\"shape\":\"cone\"", "\"shape\":\"star\""), 422, "/rig/transducers/0/beams/0/shape"},
            {with("\"value\":230.0", "\"value\":30000"), 422, "/rig/transducers/0/beams/0/ratedM"},
            {with("\"look\":\"undecided\"", "\"look\":\"up\""), 422, "/rig/transducers/0/look"},
            {
                with(
                        "\"leanDeg\":{\"kind\":\"unset\"}",
                        "\"leanDeg\":{\"kind\":\"given\",\"value\":90,\"basis\":\"chosen\"}"),
                422,
                "/rig/transducers/0/leanDeg"
            },
            {with("\"style\":\"drift\"", "\"style\":\"noodling\""), 422, "/rig/outing/water/style"},
            {with("\"hoursAt\":[]", "\"hoursAt\":[1,2]"), 422, "/rig/outing/water/logged/binM"},
            {
                with(
                        "\"binM\":{\"kind\":\"unset\"},\"hoursAt\":[]",
                        "\"binM\":{\"kind\":\"given\",\"value\":1,\"basis\":\"measured\"},\"hoursAt\":[-1]"),
                422,
                "/rig/outing/water/logged/hoursAt/0"
            },
            {with("\"shows\":[\"cone\"", "\"shows\":[\"smoke\""), 422, "/rig/devices/0/sockets/shows/0"},
            {with("\"adapters\":[]", "\"adapters\":null"), 422, "/rig/transducers/0/plug/adapters"},
            {with("\"transport\":\"undecided\"", "\"transport\":\"rocket\""), 422, "/rig/sharing/transport"},
            {with("\"views\":[]", "\"views\":[\"down\",\"down\"]"), 422, "/rig/outing/views"},
            {
                with(
                        "\"purchases\":[]",
                        "\"purchases\":[{\"part\":\"none\",\"piece\":\"\",\"origin\":\"\",\"having\":\"buy\",\"cameWith\":\"\",\"item\":\"\"}]"),
                422,
                "/rig/purse/purchases/0/part"
            },
            {with("\"use\":\"well\"", "\"use\":\"bath\""), 422, "/rig/craft/kept/0/use"},
            {with("\"id\":\"drink\"", "\"id\":\"well\""), 422, "/rig/craft/kept"},
            {with("\"insideM\":{\"kind\":\"unset\"}", "\"insideM\":" + chosen(9)), 422, "/rig/fitOut/boards/insideM"},
            {with("\"inUse\":\"\"", "\"inUse\":\"other\""), 422, "/rig/transducers/0/inUse"},
            {with("\"feeds\":\"\"", "\"feeds\":\"other\""), 422, "/rig/transducers/0/feeds"},
            {with("\"kind\":\"scupper\"", "\"kind\":\"glue\""), 422, "/rig/transducers/0/mount/kind"},
            {
                with("\"station\":\"scupper-aft-left\"", "\"station\":\"nowhere\""),
                422,
                "/rig/transducers/0/mount/station"
            },
            {with("\"station\":\"rail-left\"", "\"station\":\"nowhere\""), 422, "/rig/places/0/station"},
            {with("\"item\":\"pack\"", "\"item\":\"display\""), 422, "/rig/places"},
            {with("\"item\":\"pack\"", "\"item\":\"anchor\""), 422, "/rig/places/1/item"},
            {with("\"carries\":\"lead\"", "\"carries\":\"rope\""), 422, "/rig/runs/1/carries"},
            {with("\"legs\":[\"up-aft-left\"", "\"legs\":[\"through-the-keel\""), 422, "/rig/runs/0/legs/0"},
            {with("\"way\":\"scupper\"", "\"way\":\"tunnel\""), 422, "/rig/craft/passages/0/way"},
            {with("\"to\":\"deck-aft\"", "\"to\":\"the-moon\""), 422, "/rig/craft/passages/0/to"},
            {with("\"id\":\"foot-well\"", "\"id\":\"bow-hatch\""), 422, "/rig/craft/stations"},
            {with("\"spot\":\"bow-hatch\"", "\"spot\":\"cabin\""), 422, "/rig/craft/stations/0/spot"},
            {with("\"at\":0.05", "\"at\":0.0"), 422, "/rig/craft/sections/1/at"},
            {with("\"at\":0.2,", "\"at\":0.4,"), 422, "/rig/craft/sections/4/at"},
            {with("\"breadth\":0.27", "\"breadth\":1.27"), 422, "/rig/craft/sections/1/breadth"},
            {with("\"hand\":\"undecided\"", "\"hand\":\"third\""), 422, "/rig/angler/hand"},
            {with("\"post\":\"undecided\"", "\"post\":\"everywhere\""), 422, "/rig/schools/post"},
            {with("\"holders\":[]", "\"holders\":[" + HOLDER + "]"), 422, "/rig/holders/0/holds"},
            {
                with("\"holders\":[]", "\"holders\":[" + HOLDER.replace("edge", "goodwill") + "]"),
                422,
                "/rig/holders/0/grip"
            },
            {with("\"holders\":[]", "\"holders\":null"), 422, "/rig/holders"},
            {with("\"role\":\"in-use\"", "\"role\":\"ornament\""), 422, "/rig/harness/packs/0/role"},
            {with("\"onTopOf\":\"\"", "\"onTopOf\":\"pack\""), 422, "/rig/harness/packs/0/onTopOf"},
            {with("\"chargedOn\":\"\"", "\"chargedOn\":\"soon\""), 422, "/rig/harness/packs/0/keeping/chargedOn"},
            {
                with("\"restsFrom\":\"\",\"restsTo\":\"\"", "\"restsFrom\":\"2027-04-01\",\"restsTo\":\"2026-11-01\""),
                422,
                "/rig/harness/packs/0/keeping/restsTo"
            },
            {with("\"fasteners\":[]", "\"fasteners\":[{}]"), 422, "/rig/fitOut/fasteners/0/count"},
            {
                with("\"ran\":[]", "\"ran\":[{\"hours\":{\"kind\":\"given\",\"value\":0,\"basis\":\"measured\"}}]"),
                422,
                "/rig/outing/ran/0/hours"
            },
            {with("\"charge\":{\"kind\":\"unset\"}", "\"charge\":" + chosen(1.2)), 422, "/rig/harness/packs/0/charge"},
            {with("\"tempC\":{\"kind\":\"unset\"}", "\"tempC\":" + chosen(-60)), 422, "/rig/harness/packs/0/tempC"},
            {with(capacity, "\"capacityAh\":" + chosen(0)), 422, "/rig/harness/packs/0/capacityAh"},
            {with("\"dayH\":{\"kind\":\"unset\"}", "\"dayH\":" + chosen(5)), 422, "/rig/outing/phases/0/hours"},
            {with("\"startH\":{\"kind\":\"unset\"}", "\"startH\":" + chosen(-1)), 422, "/rig/outing/phases/0/startH"},
            {with("\"chargers\":[]", "\"chargers\":[" + CHARGER + "]"), 422, "/rig/chargers/0/charges"},
            {with("\"onHand\":[]", "\"onHand\":null"), 422, "/rig/onHand"},
            {with("\"shares\":[]", "\"shares\":[\"gossip\"]"), 422, "/rig/network/shares/0"},
            {with("\"battery\":\"undecided\"", "\"battery\":\"flying\""), 422, "/rig/schools/battery"},
            {with("\"drilling\":\"no-drill\"", "\"drilling\":\"often\""), 422, "/rig/schools/drilling"},
            {with("\"angler\":{", "\"angler\":{\"shoeSize\":44,"), 422, "/rig/angler/shoeSize"},
            {with("\"value\":82.0", "\"value\":8200"), 422, "/rig/angler/massKg"},
            {with("\"belowWaterline\":false", "\"belowWaterline\":\"no\""), 422, "/rig/craft/passages/0/belowWaterline"
            },
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
        int before = store.heads().size();
        for (MockHttpServletRequestBuilder request : List.of(
                post("/api/reviews"),
                post("/api/rigs"),
                post("/api/rigs/import"),
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
        assertEquals(store.heads().size(), before);
        assertEquals(store.get(kept.id()), kept);
    }

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request, byte[] body) throws Exception {
        return http.perform(request.header("Host", "localhost")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body))
                .andReturn()
                .getResponse();
    }

    /** One too large for the machine is no other than one too large for the field: both hear what the field holds. */
    @Test
    public void everyWholeNumberSaysWhatItMayBe() throws Exception {
        Map<String, JsonNode> fields = new TreeMap<>();
        for (Rig rig : DemoRigs.all()) {
            JsonNode document = MAPPER.valueToTree(RigDocument.of(EveryList.in(rig)));
            wholeNumbers(document, "").forEach(at -> fields.putIfAbsent(at, document));
        }
        fields.keySet().removeIf(at -> at.equals("/version"));
        for (Map.Entry<String, JsonNode> field : fields.entrySet()) {
            for (String tooMuch : List.of("99999999999", "-1e3", "-99999999999999999999", "2.5")) {
                JsonNode document = field.getValue().deepCopy();
                int last = field.getKey().lastIndexOf('/');
                ((ObjectNode) document.at(field.getKey().substring(0, last)))
                        .putRawValue(field.getKey().substring(last + 1), new RawValue(tooMuch));
                MockHttpServletResponse answer = send(post("/api/reviews"), MAPPER.writeValueAsBytes(document));
                JsonNode problem = MAPPER.readTree(answer.getContentAsString(StandardCharsets.UTF_8));
                String said = field.getKey() + " = " + tooMuch + ": " + problem;
                assertEquals(answer.getStatus(), 422, said);
                assertEquals(problem.path("pointer").asString(), field.getKey(), said);
                String allowed = problem.path("allowed").asString();
                boolean whole = tooMuch.matches("-?[0-9]+");
                assertTrue(whole ? allowed.matches(".*[0-9].*") : allowed.equals("a whole number"), said);
            }
        }
        assertTrue(fields.size() >= 20, fields.keySet().toString());
    }

    /** Every one once, in whatever list it stands first. */
    private static Set<String> wholeNumbers(JsonNode node, String at) {
        Set<String> all = new LinkedHashSet<>();
        if (node.isInt()) {
            all.add(at);
        }
        node.forEachEntry((name, child) -> all.addAll(wholeNumbers(child, at + "/" + name)));
        for (int n = 0; node.isArray() && n < node.size(); n++) {
            all.addAll(wholeNumbers(node.get(n), at + "/" + n));
        }
        return all;
    }
}
