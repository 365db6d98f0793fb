package app.brightkeel.core.route;

import static app.brightkeel.core.rig.Figure.UNSET;
import static app.brightkeel.core.rig.Figure.chosen;
import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.rig.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** All cables planned together, against every choice there is and by hand. */
public class PlannerTest {

    private static final Rig RIG = DemoRigs.oystercatcher();

    private static Station station(String id, double x, double y) {
        return new Station(id, id, Spot.ON_DECK, measured(x), measured(y), measured(0.2), Size.UNKNOWN);
    }

    private static Passage passage(String id, String from, String to, Way way, double lengthM) {
        return new Passage(
                id, id, from, to, way, chosen(lengthM), way.opening() ? chosen(0.040) : UNSET, false, Zone.NONE);
    }

    /** The transducer at "face", the display at "screen", the battery at "pack" of a craft of one's own. */
    private static Rig on(Craft craft, boolean twisted) {
        Rig bare = RIG.withCraft(craft);
        Transducer transducer = bare.transducers().get(0);
        Segment lead = bare.harness().segment("lead");
        Rig mounted = bare.with(transducer.with(t ->
                        t.mount(t.mount().withStation("face")).lead(t.lead().withLengthM(rated(30)))))
                .with(lead.withWire(lead.wire().withTwisted(twisted)));
        return mounted.with(new Placement("display", "screen", true)).with(new Placement("pack", "pack", true));
    }

    private static Craft craft(List<Station> stations, List<Passage> passages) {
        return Craft.of(CraftKind.CANOE).withStations(stations).withPassages(passages);
    }

    private static List<String> legs(Rig rig, String carried) {
        return rig.runOf(carried).orElseThrow().legs();
    }

    private static Rig tangle(Random random) {
        List<Station> stations = new ArrayList<>();
        for (String id : List.of("face", "screen", "pack", "a", "b", "c", "d")) {
            stations.add(station(id, random.nextInt(30) / 10.0, random.nextInt(8) / 10.0));
        }
        List<Passage> passages = new ArrayList<>();
        Way[] ways = Way.values();
        for (int p = 0; p < 14; p++) {
            Passage passage = passage(
                    "p" + p,
                    stations.get(random.nextInt(7)).id(),
                    stations.get(random.nextInt(7)).id(),
                    ways[random.nextInt(ways.length)],
                    0.1 + random.nextInt(20) / 10.0);
            passages.add(
                    passage.withOpeningM(passage.way().opening() ? chosen(0.008 + random.nextInt(4) / 100.0) : UNSET)
                            .withCrosses(Zone.values()[random.nextInt(12) % Zone.values().length]));
        }
        return on(craft(stations, passages), false);
    }

    /** Single cables and pairs changing over find the best of all choices nearly always, and never claim a better one. */
    @Test
    public void nearlyAlwaysTheBestOfAllChoices() {
        Random random = new Random(9);
        int rounds = 0;
        int best = 0;
        long choices = 0;
        while (rounds < 200) {
            Rig rig = tangle(random);
            for (PlanningAim aim : PlanningAim.values()) {
                Planner planner = new Planner(rig, aim);
                double found = planner.countsM(planner.chosen());
                double least = Double.POSITIVE_INFINITY;
                int[] all = new int[planner.waysOfEach().length];
                do {
                    least = Math.min(least, planner.countsM(all));
                    choices++;
                } while (next(all, planner.waysOfEach()));
                assertTrue(found >= least - 1e-9, "better than the best");
                best += found <= least + 1e-9 ? 1 : 0;
                rounds++;
            }
        }
        assertTrue(best >= 0.98 * rounds, best + " of " + rounds);
        assertTrue(choices > 5 * rounds, "hardly a choice: " + choices);
    }

    private static boolean next(int[] choice, int[] waysOfEach) {
        for (int c = 0; c < choice.length; c++) {
            if (++choice[c] < waysOfEach[c]) {
                return true;
            }
            choice[c] = 0;
        }
        return false;
    }

    /** Of two ways between the same places, 0.10 m apart, the supply takes neither beside the sonar but the far one. */
    @Test
    public void supplyKeepsAwayFromSonar() {
        List<Station> stations = List.of(
                station("face", 3, 0),
                station("screen", 0, 0),
                station("pack", 3, 0.1),
                station("near", 1.5, 0.1),
                station("far", 1.5, 0.6));
        List<Passage> passages = List.of(
                passage("sonar-way", "face", "screen", Way.INSIDE, 3),
                passage("near-1", "pack", "near", Way.INSIDE, 1.5),
                passage("near-2", "near", "screen", Way.INSIDE, 1.5),
                passage("far-1", "pack", "far", Way.INSIDE, 1.6),
                passage("far-2", "far", "screen", Way.INSIDE, 1.65));
        Rig loud = on(craft(stations, passages), false);
        assertEquals(legs(Planner.planned(loud, PlanningAim.SHORTEST), "lead"), List.of("far-1", "far-2"));
        Rig quiet = on(craft(stations, passages), true);
        assertEquals(
                legs(Planner.planned(quiet, PlanningAim.SHORTEST), "lead"), List.of("near-1", "near-2"), "twisted");
        // 3 m side by side at 0.10 m, none at 0.16 m, and none where they cross square
        SupplyBesideSonar apart = new SupplyBesideSonar(loud.craft());
        assertEquals(apart.besideM(passages.subList(0, 1), passages.subList(1, 3)), 3, 0.01);
        for (double y : new double[] {0.149, 0.151}) {
            Craft beside = craft(
                    List.of(station("a", 0, 0), station("b", 2, 0), station("c", 0, y), station("d", 2, y)),
                    List.of(passage("ab", "a", "b", Way.INSIDE, 2), passage("cd", "c", "d", Way.INSIDE, 2)));
            double metres = new SupplyBesideSonar(beside)
                    .besideM(beside.passages().subList(0, 1), beside.passages().subList(1, 2));
            assertEquals(metres, y < SupplyBesideSonar.WANTED_M ? 2 : 0, 1e-9);
        }
        Craft square = craft(
                List.of(station("a", 0, 0), station("b", 2, 0), station("c", 1, -0.1), station("d", 1, 0.1)),
                List.of(passage("ab", "a", "b", Way.INSIDE, 2), passage("cd", "c", "d", Way.INSIDE, 0.2)));
        assertEquals(
                new SupplyBesideSonar(square)
                        .besideM(
                                square.passages().subList(0, 1),
                                square.passages().subList(1, 2)),
                0.0);
    }

    /** A hole that another cable has already is cheaper than one of one's own, a little farther though it is. */
    @Test
    public void holesAreShared() {
        List<Station> stations =
                List.of(station("face", 2, 0), station("pack", 2, 0.5), station("in", 1, 0), station("screen", 0, 0));
        List<Passage> passages = List.of(
                passage("hole", "face", "in", Way.NEW_HOLE, 1),
                passage("on", "in", "screen", Way.INSIDE, 1),
                passage("own-hole", "pack", "in", Way.NEW_HOLE, 1),
                passage("across", "pack", "face", Way.INSIDE, 0.2));
        Rig rig = on(craft(stations, passages), true);
        assertEquals(laying(Planner.planned(rig, PlanningAim.CLEANEST)).holes(), 1);
        assertEquals(laying(Planner.planned(rig, PlanningAim.SHORTEST)).holes(), 2);
    }

    /** The demo kayak: no hole and past the seat, where the lead reaches; or through the tube, dry and out of the way. */
    @Test
    public void theDemoKayak() {
        Rig undrilled = Planner.planned(RIG, PlanningAim.NO_DRILL);
        LayingSummary laying = laying(undrilled);
        assertEquals(laying.holes(), 0);
        assertTrue(laying.spareM() >= 0, "too short again");
        Rig clean = Planner.planned(RIG, PlanningAim.CLEANEST);
        assertTrue(legs(clean, "transducer").contains("tube-wall"));
        assertEquals(laying(clean).crossings(), 0);
        // 0.35 + 0.45 + 0.20 + 0.85 + 1.05 = 2.90 m, loops 0.75 m, of 4.60 m
        assertEquals(laying(clean).spareM(), 0.95, 1e-9);
        Rig pinned = RIG.with(RIG.runOf("transducer").orElseThrow().withThrough(List.of("keel-way")));
        for (PlanningAim aim : PlanningAim.values()) {
            assertTrue(legs(Planner.planned(pinned, aim), "transducer").contains("keel-way"), aim.words());
        }
    }

    private static LayingSummary laying(Rig rig) {
        Line line = Line.of(rig);
        return LayingSummary.of(line.rig(), line.get(RouteStage.STAGE).value());
    }

    @DataProvider
    public Object[][] demos() {
        return DemoRigs.all().stream().map(rig -> new Object[] {rig}).toArray(Object[][]::new);
    }

    /** Planned again, a plan stays; whatever has two known places gets a way, data leads with them. */
    @Test(dataProvider = "demos")
    public void aPlanStands(Rig rig) {
        Rig joined = rig.devices().size() < 2
                ? rig
                : rig.withNetwork(rig.network()
                        .withLeads(List.of(new DataLead("data", "data lead", "nine", "five", rated(6), rated(0.02)))));
        for (PlanningAim aim : PlanningAim.values()) {
            Rig planned = Planner.planned(joined, aim);
            assertEquals(Planner.planned(planned, aim), planned);
            for (Cable cable : Cable.all(planned)) {
                boolean reachable = !Rerouting.ways(planned, cable.id()).isEmpty();
                assertEquals(
                        planned.runOf(cable.id()).isPresent(),
                        cable.crosses() && reachable || joined.runOf(cable.id()).isPresent(),
                        cable.name());
            }
            for (Run run : planned.runs()) {
                LaidCable laid = Line.of(planned)
                        .get(RouteStage.STAGE)
                        .value()
                        .of(run.carries())
                        .orElseThrow();
                assertTrue(laid.astray().isEmpty() && laid.arrives(), laid.name());
            }
            assertFalse(planned.runs().isEmpty());
        }
    }
}
