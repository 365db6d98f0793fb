package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.reference.Table;
import app.brightkeel.server.ServerTest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class GarageApiTest extends ServerTest {

    private JsonNode garage() throws Exception {
        return ok(get("/api/garage"));
    }

    @BeforeMethod
    public void emptied() throws Exception {
        for (JsonNode item : garage().path("items")) {
            ok(delete("/api/garage/" + item.path("id").asString()));
        }
    }

    private String added(ItemKind kind, String name, String like) throws Exception {
        JsonNode all = ok(post("/api/garage")
                .param("kind", Table.written(kind))
                .param("name", name)
                .param("like", like));
        return find(all.path("items"), "name", name).path("id").asString();
    }

    private static JsonNode find(JsonNode all, String field, String value) {
        return all.valueStream()
                .filter(each -> each.path(field).asString("").equals(value))
                .findFirst()
                .orElseThrow(() -> new AssertionError(field + " " + value + " in " + all));
    }

    private MockHttpServletResponse tell(String item, String name, String bought, String worth, String more)
            throws Exception {
        String body = """
                {"name": "%s", "place": "shelf in the shed", "bought": "%s", "paid": {"kind": "unset"}, "worth": %s,
                 "note": "", %s}
                """.formatted(name, bought, worth, more);
        return send(put("/api/garage/" + item)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private static final String NOTHING = "{\"kind\": \"unset\"}";

    private static String number(String name, double value) {
        return String.format(
                Locale.ROOT,
                "\"choices\": [], \"numbers\": [{\"name\": \"%s\", \"figure\": {\"kind\": \"given\", \"value\": %s,"
                        + " \"basis\": \"measured\"}}]",
                name,
                value);
    }

    /** Every kind can be begun with nothing and with each of its starts, and given away again. */
    @Test
    public void everyKindAndEveryStart() throws Exception {
        int count = 0;
        for (ItemKind kind : ItemKind.values()) {
            added(kind, "bare " + kind.words(), "");
            count++;
            for (JsonNode start : ok(get("/api/garage/starts").param("kind", Table.written(kind)))) {
                added(
                        kind,
                        "like " + start.path("id").asString(),
                        start.path("id").asString());
                count++;
            }
        }
        JsonNode all = garage().path("items");
        assertEquals(all.size(), count);
        assertTrue(count > 60, count + " pieces");
        assertFalse(all.toString().contains("NaN"));
        // the list is in the order of its kinds
        List<Integer> order = all.valueStream()
                .map(each -> ItemKind.valueOf(each.path("kind").asString().toUpperCase(Locale.ROOT))
                        .ordinal())
                .toList();
        assertEquals(order, order.stream().sorted().toList());
        // and goes into a table and comes back as it was
        byte[] table = send(get("/api/garage/list")).getContentAsByteArray();
        emptied();
        JsonNode read = ok(post("/api/garage/list")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(table));
        assertEquals(read.path("added").asInt(), count);
        assertEquals(read.path("said").size(), 0);
        assertEquals(send(get("/api/garage/list")).getContentAsByteArray(), table);
        JsonNode again = ok(post("/api/garage/list")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(table));
        assertEquals(again.path("changed").asInt(), count);
        assertEquals(garage().path("items").size(), count);
    }

    /** A rig takes a piece and knows it; what one says otherwise than the other is told, and can go either way. */
    @Test
    public void aRigTakesPiecesNotCopies() throws Exception {
        String id = create(DemoRigs.gannet());
        String pack = added(ItemKind.PACK, "the blue one", "lifepo4-18");
        String change = "battery.garage." + pack + "."
                + DemoRigs.gannet().harness().packs().get(0).id();
        JsonNode offers = ok(get("/api/rigs/" + id + "/changes").param("link", "battery"));
        JsonNode offer = find(offers, "id", change);
        assertTrue(offer.at("/label/words").toString().contains("yours"), offer.toString());
        ok(get("/api/rigs/" + id + "/changes/" + change));
        ok(get("/api/rigs/" + id + "/changes/" + change + "/workings").param("link", "battery"));
        assertEquals(
                ok(post("/api/rigs/" + id + "/changes/" + change).header("If-Match", "\"1\""))
                        .at("/rig/harness/packs/0/name")
                        .asString(),
                "the blue one");
        JsonNode piece = find(ok(get("/api/rigs/" + id + "/garage")).path("pieces"), "item", pack);
        assertEquals(piece.path("differs").size(), 0);
        assertTrue(piece.path("owned").asBoolean());

        // told anew in the garage: what was offered before is no more, and the rig's copy says otherwise
        assertEquals(
                tell(pack, "the blue one", "2021-05-01", NOTHING, number("age", 0.8))
                        .getStatus(),
                200);
        JsonNode use = garage().at("/items/0/uses/0");
        assertEquals(use.path("rig").asString(), id);
        assertEquals(use.at("/differs/0/words").size() > 1, true, use.toString());
        ok(post("/api/rigs/" + id + "/garage/" + pack + "/copy").header("If-Match", "\"2\""));
        assertEquals(garage().at("/items/0/uses/0/differs").size(), 0);
        assertEquals(
                ok(get("/api/rigs/" + id)).at("/rig/harness/packs/0/age/value").asDouble(), 0.8);

        // undo takes the copy back, and then the rig's word can be written into the garage
        ok(post("/api/rigs/" + id + "/undo").header("If-Match", "\"3\""));
        ok(post("/api/rigs/" + id + "/garage/" + pack + "/original"));
        assertEquals(garage().at("/items/0/uses/0/differs").size(), 0);
        assertEquals(
                find(garage().at("/items/0/numbers"), "name", "age")
                        .at("/figure/kind")
                        .asString(),
                "unset");
    }

    /** Parts that are there become pieces, and two rigs that want one on one day are told so until one of them gives way. */
    @Test
    public void twoRigsWantOneOnTheSameDay() throws Exception {
        String one = create(DemoRigs.gannet());
        List<String> parts = new ArrayList<>();
        ok(get("/api/rigs/" + one + "/garage"))
                .path("pieces")
                .forEach(each -> parts.add(each.path("part").asString()));
        ok(post("/api/rigs/" + one + "/garage")
                .param("part", parts.toArray(String[]::new))
                .header("If-Match", "\"1\""));
        assertEquals(garage().path("items").size(), parts.size());
        assertEquals(
                send(post("/api/rigs/" + one + "/garage")
                                .param("part", parts.get(0))
                                .header("If-Match", "\"2\""))
                        .getStatus(),
                422);
        String other = ok(post("/api/rigs/" + one + "/duplicate")).path("id").asString();
        String saturday = LocalDate.now().plusDays(5).toString();
        assertEquals(
                ok(put("/api/rigs/" + one + "/days/" + saturday))
                        .path("clashes")
                        .size(),
                0);
        JsonNode both = ok(put("/api/rigs/" + other + "/days/" + saturday));
        assertEquals(both.path("clashes").size(), parts.size());
        assertEquals(both.at("/clashes/0/rigs").size(), 2);
        assertEquals(both.at("/clashes/0/day").asString(), saturday);
        assertEquals(garage().path("clashes").size(), parts.size());
        assertEquals(
                ok(put("/api/rigs/" + other + "/days/" + saturday)).path("days").size(), 1);
        assertEquals(
                ok(delete("/api/rigs/" + other + "/days/" + saturday))
                        .path("clashes")
                        .size(),
                0);
        assertEquals(send(delete("/api/rigs/" + other + "/days/" + saturday)).getStatus(), 404);
        // a piece that is given away is nobody's any more; the rigs go on as they are
        String item = garage().at("/items/0/id").asString();
        ok(delete("/api/garage/" + item));
        assertFalse(ok(get("/api/rigs/" + other + "/garage")).toString().contains(item));
    }

    @DataProvider
    public Object[][] tables() {
        return new Object[][] {
            {"Name;Kind;capacityAh;paid\nold one;battery;7,5;20,50\n", 7.5, 20.5, ""},
            {"kind\tname\tcapacity, on the label\tpaid\r\npack\told one\t7.5\t20.5\r\n", 7.5, 20.5, ""},
            {"\ufeffname,kind,\"capacity, on the label\",paid\r\n\"old one\",BATTERY,7.5,\r\n", 7.5, 0, ""},
            {"name,kind,colour,capacityAh\nold one,pack,blue,7.5\n\n", 7.5, 0, "colour: blue"},
            {"name,kind,note,colour\nold one,pack,\"from, a friend\",blue\n", 0, 0, "from, a friend\ncolour: blue"},
            {"name,kind,leastWideM\nold one,pack,0.2\n", 0, 0, "leastWideM: 0.2"}
        };
    }

    /** Under the words of the screen stand its units, under the names of the fields those of the fields. */
    @Test
    public void aTableMayUseTheUnitsOfTheScreen() throws Exception {
        JsonNode read = ok(post("/api/garage/list")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content("name,kind,width,tallM,of which it still has,capacity\none,battery,151,0.095,80,12\n"
                        .getBytes(StandardCharsets.UTF_8)));
        JsonNode numbers = read.at("/garage/items/0/numbers");
        assertEquals(find(numbers, "name", "wideM").at("/figure/value").asDouble(), 0.151);
        assertEquals(find(numbers, "name", "tallM").at("/figure/value").asDouble(), 0.095);
        assertEquals(find(numbers, "name", "age").at("/figure/value").asDouble(), 0.8);
        assertEquals(find(numbers, "name", "capacityAh").at("/figure/value").asDouble(), 12.0);
        assertEquals(read.path("said").size(), 0);
    }

    @Test(dataProvider = "tables")
    public void aTableIsReadWhateverSeparatesIt(String table, double capacityAh, double paid, String note)
            throws Exception {
        JsonNode read = ok(post("/api/garage/list")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(table.getBytes(StandardCharsets.UTF_8)));
        JsonNode item = read.at("/garage/items/0");
        assertEquals(item.path("name").asString(), "old one");
        assertEquals(item.path("note").asString(), note);
        assertEquals(item.at("/paid/value").asDouble(0), paid);
        assertEquals(
                find(item.path("numbers"), "name", "capacityAh")
                        .at("/figure/value")
                        .asDouble(0),
                capacityAh);
        assertEquals(read.path("said").size(), note.contains(": ") ? 1 : 0);
    }

    @DataProvider
    public Object[][] spoilt() {
        String fine = "name,kind,capacityAh,bought\nfine,battery,7,\n";
        return new Object[][] {
            {"", "a table"},
            {"\n", "a table"},
            {"name,price\nx,3\n", "kind"},
            {fine + "x,spoon,,\n", "line 3, kind"},
            {fine + ",battery,,\n", "line 3, name"},
            {fine + "x,battery,much,\n", "line 3, capacityAh"},
            {fine + "x,battery,NaN,\n", "line 3, capacityAh"},
            {fine + "x,battery,99999,\n", "line 3, capacityAh"},
            {fine + "x,battery,7,1.5.2020\n", "line 3, bought"},
            {fine + "x,battery,7,2999-01-01\n", "bought"},
            {fine + "x,battery,7,,more\n", "line 3"},
            {fine + "\"x,battery,7\n", "a table"},
            {"id,name,kind\nitem-1,x,battery\nitem-1,y,battery\n", "line 3, id"},
            {"name,kind,chemistry\nx,battery,magic\n", "line 2, chemistry"},
            {"name,kind,note\nx,battery," + "n".repeat(1001) + "\n", "line 2, note"},
            {"name,kind\n" + "x,battery\n".repeat(2001), "items"}
        };
    }

    /** Told by line and column, and nothing of it is kept. */
    @Test(dataProvider = "spoilt")
    public void aSpoiltTableChangesNothing(String table, String told) throws Exception {
        MockHttpServletResponse answer = send(post("/api/garage/list")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(table.getBytes(StandardCharsets.UTF_8)));
        assertEquals(answer.getStatus(), 422);
        assertTrue(answer.getContentAsString().contains(told), answer.getContentAsString());
        assertEquals(garage().path("items").size(), 0);
    }

    @Test
    public void aTableThatIsNoTextIsTold() throws Exception {
        assertEquals(
                send(post("/api/garage/list")
                                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                                .content(new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1}))
                        .getStatus(),
                422);
    }

    @DataProvider
    public Object[][] badPieces() {
        String none = "\"choices\": [], \"numbers\": []";
        return new Object[][] {
            {" ", "", NOTHING, none, 422},
            {"x", "yesterday", NOTHING, none, 422},
            {"x", "2999-01-01", NOTHING, none, 422},
            {"x", "", "{\"kind\": \"given\", \"value\": -1, \"basis\": \"chosen\"}", none, 422},
            {"x", "", NOTHING, number("capacityAh", 0), 422},
            {"x", "", NOTHING, number("wings", 2), 422},
            {"x", "", NOTHING, number("chemistry", 2), 422},
            {"x", "", NOTHING, "\"choices\": [{\"name\": \"chemistry\", \"chosen\": \"magic\"}], \"numbers\": []", 422},
            {"x", "", NOTHING, "\"choices\": [{\"name\": \"chemistry\", \"chosen\": \"agm\"}], \"numbers\": []", 200}
        };
    }

    @Test(dataProvider = "badPieces")
    public void aPieceThatCannotBeIsRefused(String name, String bought, String worth, String more, int status)
            throws Exception {
        String pack = added(ItemKind.PACK, "as it was", "lifepo4-12");
        JsonNode before = garage();
        assertEquals(tell(pack, name, bought, worth, more).getStatus(), status);
        assertEquals(garage().equals(before), status != 200);
    }

    @Test
    public void whatIsNotThereIsToldSo() throws Exception {
        String id = create(DemoRigs.gannet());
        String none = "item-000000000000";
        for (MockHttpServletRequestBuilder each : List.of(
                delete("/api/garage/" + none),
                get("/api/garage/" + none + "/photos/x"),
                post("/api/rigs/" + id + "/garage/" + none + "/copy").header("If-Match", "\"1\""),
                post("/api/rigs/" + id + "/garage/" + none + "/original"),
                post("/api/rigs/" + id + "/garage").param("part", "wings").header("If-Match", "\"1\""),
                get("/api/rigs/" + id + "/changes/battery.garage." + none + ".pack"),
                get("/api/rigs/none/garage"))) {
            assertEquals(send(each).getStatus(), 404, each.toString());
        }
        for (String day : List.of("2020-01-01", "2999-01-01", "soon")) {
            assertEquals(send(put("/api/rigs/" + id + "/days/" + day)).getStatus(), 422, day);
        }
        assertEquals(
                send(post("/api/garage")
                                .param("kind", "pack")
                                .param("name", "x")
                                .param("like", "spoon"))
                        .getStatus(),
                422);
        assertEquals(
                send(post("/api/garage").param("kind", "spoon").param("name", "x"))
                                .getStatus()
                        / 100,
                4);
    }

    /** Two stations of one display: what they share, what is done, and a third made in one step. */
    @Test
    public void stationsShareGear() throws Exception {
        String kayak = create(DemoRigs.kittiwakeKayak());
        ok(post("/api/rigs/" + kayak + "/garage")
                .param("part", "display", "pack", "charger")
                .header("If-Match", "\"1\""));
        String another = ok(post("/api/rigs/" + kayak + "/another")
                        .param("name", "the crate")
                        .param("craft", "ice-sled"))
                .path("id")
                .asString();
        JsonNode stations = ok(get("/api/rigs/" + kayak + "/stations"));
        assertEquals(stations.size(), 1);
        assertEquals(stations.at("/0/shared").asInt(), 3);
        JsonNode swap = ok(get("/api/rigs/" + kayak + "/stations/" + another));
        assertEquals(
                swap.path("things")
                        .valueStream()
                        .filter(each -> each.path("where").asString().equals("travels"))
                        .map(each -> each.path("name").asString())
                        .toList(),
                List.of("5-in display", "10 Ah LiFePO4 of the kayak", "charger of the kayak"));
        assertTrue(swap.path("minutes").asDouble() > 1);
        assertEquals(swap.path("fits").size(), 4);
        assertFalse(swap.toString().contains("NaN"));
        assertTrue(ok(get("/api/rigs/" + another + "/ready").param("day", "2027-01-09"))
                        .size()
                >= 6);
        assertEquals(send(get("/api/rigs/" + kayak + "/stations/" + kayak)).getStatus(), 422);
        assertEquals(send(get("/api/rigs/" + kayak + "/stations/none")).getStatus(), 404);
        assertEquals(
                send(get("/api/rigs/" + kayak + "/ready").param("day", "soon")).getStatus(), 422);
        for (String[] bad : new String[][] {{"", ""}, {"spoon", ""}, {"", "spoon"}, {"", "ice-sled"}}) {
            assertEquals(
                    send(post("/api/rigs/" + kayak + "/another")
                                    .param("name", "x")
                                    .param("craft", bad[0])
                                    .param("display", bad[1]))
                            .getStatus(),
                    422);
        }
    }

    /** Beside each other stand rigs and what one of them could be; more than four do not. */
    @Test
    public void fourStandSideBySide() throws Exception {
        String one = create(DemoRigs.gannet());
        String other = create(DemoRigs.lanternCrate());
        String pack = DemoRigs.gannet().harness().packs().get(0).id();
        String taken = one + ":battery.take." + pack + ".lifepo4-24";
        JsonNode all = ok(get("/api/rigs/" + one + "/comparison").param("with", other, taken, other));
        assertEquals(all.path("names").size(), 4);
        assertTrue(
                all.at("/names/2").asString().startsWith("24 Ah LiFePO4"),
                all.at("/names").toString());
        assertTrue(all.path("measures").size() >= 8);
        assertEquals(
                send(get("/api/rigs/" + one + "/comparison").param("with", other, other, other, other))
                        .getStatus(),
                422);
        assertEquals(
                send(get("/api/rigs/" + one + "/comparison").param("with", one + ":battery.take.spoon.x"))
                        .getStatus(),
                404);
        assertEquals(
                send(get("/api/rigs/" + one + "/comparison").param("with", "none"))
                        .getStatus(),
                404);
    }

    private MockHttpServletResponse trip(String rig, String day, double hours) throws Exception {
        return send(post("/api/rigs/" + rig + "/trips")
                .contentType(MediaType.APPLICATION_JSON)
                .content("""
                {"day": "%s", "legs": [{"hours": %s, "brightness": 0.8, "modules": 1}], "packC": 15, "charged": true,
                 "beforeV": {"kind": "unset"}, "afterV": {"kind": "unset"}, "countedAh": {"kind": "unset"},
                 "ranOut": false, "troubles": [], "note": ""}
                """.formatted(day, hours)));
    }

    /** A battery is out with one rig at a time, and not before it was bought; what its years say is said. */
    @Test
    public void aBatteryIsInOnePlaceAtATime() throws Exception {
        String one = create(DemoRigs.gannet());
        String part = DemoRigs.gannet().harness().packs().get(0).id();
        ok(post("/api/rigs/" + one + "/garage").param("part", part).header("If-Match", "\"1\""));
        String other = ok(post("/api/rigs/" + one + "/duplicate")).path("id").asString();
        JsonNode item = garage().at("/items/0");
        assertEquals(
                tell(item.path("id").asString(), "the pack", "2024-05-01", NOTHING, number("age", 0.9))
                        .getStatus(),
                200);
        MockHttpServletResponse early = trip(one, "2024-04-30", 5);
        assertEquals(early.getStatus(), 422);
        assertTrue(early.getContentAsString().contains("2024-05-01"), early.getContentAsString());
        assertEquals(json(trip(one, "2024-05-01", 5)).path("said").size(), 0);
        assertEquals(json(trip(other, "2024-05-02", 5)).path("said").size(), 0);
        assertTrue(json(trip(other, "2024-05-01", 6))
                .at("/said/0/words")
                .toString()
                .contains("the pack"));
        assertEquals(trip(one, "2024-05-01", 14).getStatus(), 422);
        JsonNode log = ok(get("/api/rigs/" + one + "/trips"));
        assertEquals(log.path("count").asInt(), 1);

        // a photo of the trip goes with it, and away with it
        String day = "/api/rigs/" + one + "/trips/" + log.at("/trips/0/id").asString();
        assertEquals(
                send(post(day + "/photos")
                                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                                .content("no picture".getBytes(StandardCharsets.UTF_8)))
                        .getStatus(),
                422);
        JsonNode shot = ok(post(day + "/photos")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(png()));
        String photo = shot.at("/photos/0/id").asString();
        assertEquals(shot.at("/photos/0/trip"), log.at("/trips/0/id"));
        assertEquals(send(get("/api/rigs/" + one + "/build/photos/" + photo)).getContentAsByteArray(), png());
        byte[] zip = send(get("/api/rigs/" + one + "/bundle")).getContentAsByteArray();
        String copy = ok(post("/api/rigs/bundle").contentType("application/zip").content(zip))
                .path("id")
                .asString();
        JsonNode copied = ok(get("/api/rigs/" + copy + "/trips"));
        assertEquals(copied.at("/photos/0/trip"), copied.at("/trips/0/id"));
        assertEquals(ok(delete(day)).path("photos").size(), 0);
        String pictured = "/api/garage/" + item.path("id").asString() + "/photos";
        JsonNode kept = ok(
                post(pictured).contentType(MediaType.APPLICATION_OCTET_STREAM).content(png()));
        String face = pictured + "/" + kept.at("/items/0/photos/0").asString();
        assertEquals(send(get(face)).getContentAsByteArray(), png());
        assertEquals(ok(delete(face)).at("/items/0/photos").size(), 0);
        assertEquals(send(get(face)).getStatus(), 404);

        String lead = added(ItemKind.PACK, "lead", "agm-12");
        String none = "\"choices\": [], \"numbers\": []";
        assertEquals(tell(lead, "lead", "2020-05-01", NOTHING, none).getStatus(), 200);
        assertTrue(find(garage().path("items"), "name", "lead")
                .path("ageing")
                .toString()
                .contains("four to five years"));
        assertFalse(find(garage().path("items"), "name", "the pack")
                .path("ageing")
                .toString()
                .contains("years"));
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(4, 3, BufferedImage.TYPE_INT_RGB), "png", bytes);
        return bytes.toByteArray();
    }
}
