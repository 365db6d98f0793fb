package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.garage.Blanks;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.lists.RigLists;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.trip.Leg;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.ServerTest;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigReader;
import app.brightkeel.server.store.GarageStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.TripStore;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every picture, working, list and choice of every demo rig, on every ready craft, and with any one part taken out. */
public class EveryPageTest extends ServerTest {

    private static final List<String> OTHERS = List.of(
            "lists",
            "review",
            "remedies",
            "templates/sheets",
            "templates",
            "export",
            "document",
            "revisions",
            "build",
            "build/progress",
            "build/apart",
            "build/picture?step=sign-off.layout",
            "build/picture?step=fuse-out.harness",
            "build/pdf?templates=false",
            "build/calendar",
            "bench",
            "harness",
            "harness?charge=hour&hour=2&starting=true",
            "trips",
            "trips/list",
            "trips/first/picture",
            "taught",
            "care",
            "care/calendar",
            "symptoms",
            "symptoms/dies-as-it-starts?answer=ywiggle",
            "symptoms/runs-short",
            "symptoms/cuts-off-cold",
            "garage",
            "stations",
            "ready?day=2027-05-01",
            "log?seconds=60");

    private static final int TWELFTH = 12;

    private static final int THIRD = 3;

    @Autowired
    private RigStore store;

    @Autowired
    private TripStore trips;

    @Autowired
    private GarageStore garage;

    /** Gear of which nothing is known but what it is stands among what every rig could take. */
    @BeforeClass
    public void ownGear() {
        garage.keep(Stream.of(ItemKind.values())
                .map(kind -> new Item(
                        "item-" + kind.ordinal(),
                        "own " + kind.words(),
                        Blanks.of(kind, "own"),
                        "",
                        "",
                        Figure.UNSET,
                        Figure.UNSET,
                        ""))
                .toList());
    }

    /** A short one, one until it stopped, and one of which nobody measured anything. */
    private void log(String id) {
        trips.keepAll(
                id,
                1,
                List.of(
                        trip("2025-05-01", 4, 12.6, false),
                        trip("2025-08-01", 24, 0, true),
                        trip("2026-05-01", 0.05, 0, false)));
    }

    private static Trip trip(String day, double hours, double afterV, boolean ranOut) {
        return new Trip(
                UUID.randomUUID().toString(),
                day,
                List.of(new Leg(hours, 0.5, 0)),
                -20,
                true,
                Figure.UNSET,
                afterV > 0 ? Figure.measured(afterV) : Figure.UNSET,
                Figure.UNSET,
                ranOut,
                List.of(),
                "");
    }

    @DataProvider
    public Object[][] rigs() {
        Map<String, List<Rig>> all = new TreeMap<>();
        for (Rig rig : DemoRigs.all()) {
            List<Rig> some = new ArrayList<>(List.of(rig, EveryList.in(rig), braced(EveryList.in(rig))));
            Catalogue.crafts().forEach(item -> some.add(rig.withCraft(item.craft())));
            some.addAll(PartsOut.of(rig));
            all.put(rig.name(), some);
        }
        all.put(
                "crafts alone",
                Catalogue.crafts().stream()
                        .map(item -> Rig.blank(item.name(), item.craft().kind()).withCraft(item.craft()))
                        .flatMap(rig -> Stream.concat(
                                Stream.of(rig), PartsOut.of(rig).stream().limit(4)))
                        .toList());
        return all.entrySet().stream()
                .map(each -> new Object[] {each.getKey(), Share.of(each.getValue())})
                .toArray(Object[][]::new);
    }

    /** Every name with braces in it, which no sentence takes for a place to fill. */
    private static Rig braced(Rig rig) {
        String document = MAPPER.writeValueAsString(RigDocument.of(rig));
        String named = document.replaceAll("\"name\":\"([^\"]{0,40})[^\"]*\"", "\"name\":\"$1 {} {0}\"");
        return new RigReader().read(named.getBytes(StandardCharsets.UTF_8));
    }

    @Test(dataProvider = "rigs")
    public void everyPageAnswers(String name, List<Rig> rigs) {
        List<String> faults = IntStream.range(0, rigs.size())
                .parallel()
                .boxed()
                .flatMap(r -> faults(r, rigs.get(r)))
                .toList();
        System.out.printf(Locale.ROOT, "%s: %d rigs, %d pages each%n", name, rigs.size(), pages(0).size());
        assertTrue(rigs.size() > Share.of(50) && faults.isEmpty(), faults.size() + ":\n" + String.join("\n", faults));
    }

    private Stream<String> faults(int rig, Rig content) {
        String id = store.create(content).id();
        log(id);
        List<String> faults = new ArrayList<>();
        for (String page : pages(rig)) {
            String fault = fault("/api/rigs/" + id + "/" + page);
            if (!fault.isEmpty()) {
                faults.add("rig " + rig + ", " + page + ": " + fault);
            }
        }
        store.delete(id, 1);
        return faults.stream();
    }

    private String fault(String page) {
        try {
            MockHttpServletResponse answer = send(get(page));
            String body = answer.getContentAsString(StandardCharsets.ISO_8859_1);
            // a simulated log wants a water; what has no picture, no hole and no board yet is no such page
            boolean fine = List.of(200, 404).contains(answer.getStatus())
                    || page.contains("/log") && answer.getStatus() == 422;
            return fine && !body.contains("NaN") && !body.contains("Infinity")
                    ? ""
                    : answer.getStatus() + " " + body.substring(0, Math.min(300, body.length()));
        } catch (Exception e) {
            return String.valueOf(e);
        }
    }

    /** What is dear is asked in turn: of each rig the choices and the file of one link, of the next one those of another. */
    private static List<String> pages(int rig) {
        List<String> all = new ArrayList<>(OTHERS);
        RigLists.ALL.stream()
                // all comparisons in one: of one rig in twelve
                .filter(list -> !list.id().equals("why") || rig % TWELFTH == 0)
                .forEach(list -> all.add("lists/" + list.id()));
        all.add("lists/everything/table");
        for (Link each : Link.values()) {
            // of each rig a third of them, of the next one another
            if (!Share.LONG && (each.ordinal() + rig) % THIRD != 0) {
                continue;
            }
            all.add("scenes/" + word(each));
            all.add("workings?link=" + word(each));
            all.add("assumed?link=" + word(each));
        }
        if (rig == 0) {
            all.addAll(List.of("advice", "advice?price=0&holes=0&across=mass&up=seen", "advice/all", "advice/list"));
        }
        String link = word(Link.values()[rig % Link.values().length]);
        all.add("scenes/" + link + "/svg?habit=us");
        all.add("changes?link=" + link);
        all.add("changes?wider=true&link=" + link);
        return all;
    }

    private static String word(Link link) {
        return link.name().toLowerCase(Locale.ROOT);
    }
}
