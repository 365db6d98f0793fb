package app.brightkeel.core.route;

import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.picture.TemplateScene;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Moves;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Travel;
import app.brightkeel.core.rig.Way;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The table of holes, coils, ties and travel: by hand and against common practice. */
public class HolesTest {

    private static final Rig RIG = DemoRigs.oystercatcher();

    private static List<Hole> holes(Rig rig) {
        return Line.of(rig).get(HoleStage.STAGE).value();
    }

    /** By hand: two leads end in one box with two holes; each is counted at both until it is said by which it leaves. */
    @Test
    public void aCableLeavesByTheHoleThatIsNamed() {
        Rig rig = RIG.withFitOut(RIG.fitOut().withBoxes(List.of(twoHoles())));
        assertEquals(through(rig, "high"), 1);
        assertEquals(through(rig, "low"), 1);
        Rig said = Comparison.find(Line.of(rig), "cable.exit.supply-run.high")
                .orElseThrow()
                .after();
        assertEquals(through(said, "high"), 1);
        assertEquals(through(said, "low"), 0);
        Rig other = Comparison.find(Line.of(said), "cable.exit.supply-run.low")
                .orElseThrow()
                .after();
        assertEquals(through(other, "high"), 0, "one hole of a box, not two");
        assertTrue(Comparison.find(Line.of(rig), "cable.exit.sonar-run.high").isEmpty(), "it does not go there");
        // the hole taken out, the cable leaves by what is left
        assertEquals(through(other.without(PartKind.EXIT, "low"), "high"), 1);
    }

    private static int through(Rig rig, String hole) {
        return holes(rig).stream()
                .filter(each -> each.id().equals(hole))
                .mapToInt(each -> each.cables().size())
                .sum();
    }

    private static Enclosure twoHoles() {
        Enclosure box = Catalogue.boxes().get(2);
        return box.withStation("stern-well")
                .withExits(Stream.of("high", "low")
                        .map(id -> new Exit(
                                id,
                                "hole " + id,
                                BaseEdge.FRONT,
                                Figure.UNSET,
                                Figure.measured(0.0159),
                                PassThrough.GROMMET,
                                true,
                                ExitUse.CABLES,
                                true))
                        .toList());
    }

    /** Common practice, no source: 1 in for a standard fitting, 5/8 in for a small grommet; a plug has to pass too. */
    @DataProvider
    public Object[][] closings() {
        return new Object[][] {
            // way, cables, plug, circle, what closes it, hole for it
            {Way.NEW_HOLE, 1, 0.0, 0.007, PassThrough.GROMMET, 0.0159},
            {Way.NEW_HOLE, 2, 0.0, 0.014, PassThrough.GROMMET, 0.0159},
            {Way.NEW_HOLE, 1, 0.022, 0.007, PassThrough.CABLE_FITTING, 0.0254},
            {Way.NEW_HOLE, 2, 0.022, 0.014, PassThrough.DOUBLE_FITTING, 0.0254},
            {Way.TUBE_WALL, 1, 0.028, 0.007, PassThrough.SPLIT_GROMMET, 0.028},
            {Way.TUBE_WALL, 3, 0.0, 0.0172, PassThrough.SPLIT_GROMMET, 0.018},
            {Way.SCUPPER, 1, 0.028, 0.007, PassThrough.NONE, 0.028},
            {Way.HATCH_INDENT, 2, 0.028, 0.014, PassThrough.NONE, 0.028},
            {Way.HATCH_LIP, 1, 0.0, 0.007, PassThrough.NONE, 0.007},
        };
    }

    @Test(dataProvider = "closings")
    public void whatClosesAnOpening(
            Way way, int cables, double plugM, double circleM, PassThrough expected, double holeM) {
        PassThrough usual = HoleSchedule.usual(way, cables, plugM, circleM);
        assertEquals(usual, expected);
        assertEquals(HoleSchedule.wantsM(usual, plugM, circleM), holeM, 1e-9);
    }

    /**
     * The fjord kayak by hand: nine ways of 3.55, 1.6, 1.2, 2.5, 2.45, 1.5, 0.7, 0.3 and 1.0 m, 0.40 m of loops in each, and
     * 0.30 m twice more: free in the pocket and for the pole that is turned. Nothing is drilled, nothing crossed.
     */
    @Test
    public void allCablesTogether() {
        Line line = Line.of(DemoRigs.gannet());
        Routes routes = line.get(RouteStage.STAGE).value();
        LayingSummary laying = LayingSummary.of(line.rig(), routes);
        assertEquals(laying.metres(), 14.8 + 9 * 0.4 + 2 * 0.3, 1e-9);
        assertEquals(laying.holes() + laying.crossings(), 0);
        List<Working.Row> rows = LayingWorking.together(line, routes).rows();
        assertEquals(rows.size(), 9 + 4);
    }

    /** Through an indent the plug goes while the lid is off, whatever its width; under the lid the cables have to lie in it. */
    @Test
    public void anIndentIsForCablesNotForPlugs() {
        Rig lip = narrowed(RIG, Way.HATCH_LIP, 0.012);
        Rig indent = narrowed(RIG, Way.HATCH_INDENT, 0.012);
        assertTrue(found(lip).contains("cable.plug-does-not-pass"));
        assertFalse(found(indent).contains("cable.plug-does-not-pass"));
        assertTrue(found(indent).contains("cable.opening-too-full"), "two cables of 7 mm in 12 mm");
    }

    private static Rig narrowed(Rig rig, Way way, double openingM) {
        Passage lip = rig.craft().passage("stern-lip").orElseThrow();
        return rig.withCraft(rig.craft().with(lip.with(p -> p.way(way).openingM(measured(openingM)))));
    }

    private static List<String> found(Rig rig) {
        return new RigReviewer()
                .review(Line.of(rig)).findings().stream().map(Finding::rule).toList();
    }

    /** Scupper, two lips and the port: four openings, none to drill; both cables meet at the stern lip. */
    @Test
    public void theDemoKayak() {
        List<Hole> all = holes(RIG);
        assertEquals(all.stream().map(Hole::id).toList(), List.of("up-aft-left", "stern-lip", "bow-lip", "port-left"));
        assertEquals(all.stream().map(Hole::number).toList(), List.of(1, 2, 3, 4));
        assertTrue(all.stream().allMatch(Hole::there));
        Hole lip = all.get(1);
        assertEquals(lip.cables().size(), 2);
        assertEquals(lip.circleM(), 2 * 0.007, 1e-9);
        assertEquals(lip.plugM(), 0.028, 1e-9);
        assertEquals(lip.crimpedLast(), List.of("supply lead"));
        assertEquals(lip.stuff(), Material.POLYETHYLENE);
        assertEquals(HoleSchedule.needed(all), Map.of());
        Rig drilled = Planner.planned(RIG, PlanningAim.CLEANEST);
        assertEquals(HoleSchedule.needed(holes(drilled)), Map.of(PassThrough.SPLIT_GROMMET, 1));
    }

    /**
     * A pair is as wide as its gauge and jacket make it; where it goes through the port alone, the hole follows. Widths by
     * hand: two cores of the table, 0.9 mm of jacket on each side, four cores 2.414 wide.
     */
    @DataProvider
    public Object[][] pairs() {
        return new Object[][] {
            // gauge, sheathed, unused conductors, stated width or 0, width, hole with nothing in it that closes
            {new Gauge.Awg(22), true, 0, 0.0, 0.0060, 0.006},
            {new Gauge.Awg(16), true, 0, 0.0, 0.0076, 0.008},
            {new Gauge.Awg(16), false, 0, 0.0, 0.0058, 0.006},
            {new Gauge.Awg(16), true, 2, 0.0, 2.414 * 0.0029 + 0.0018, 0.009},
            {new Gauge.Awg(8), true, 0, 0.0, 0.0136, 0.014},
            {new Gauge.Metric(2.5), true, 0, 0.0, 0.0090, 0.009},
            {new Gauge.Metric(16), false, 0, 0.0, 0.0166, 0.017},
            {new Gauge.Metric(16), false, 0, 0.011, 0.0110, 0.011},
            {Gauge.UNDECIDED, true, 0, 0.0, 0.0070, 0.007},
            // never wider than a cable may be
            {new Gauge.Metric(16), true, 20, 0.0, 0.05, 0.05},
        };
    }

    @Test(dataProvider = "pairs")
    public void supplyLeadsAreAsWideAsTheirGauge(
            Gauge gauge, boolean sheathed, int unused, double statedM, double widthM, double holeM) {
        Segment lead = RIG.harness().segments().get(0);
        Run run = RIG.runOf(lead.id()).orElseThrow();
        Rig rig = RIG.with(lead.withWire(lead.wire()
                        .with(wire -> wire.gauge(gauge).sheathed(sheathed).unused(unused))))
                .with(run.withCableM(statedM > 0 ? measured(statedM) : Figure.UNSET));
        LaidCable laid =
                Line.of(rig).get(RouteStage.STAGE).value().of(lead.id()).orElseThrow();
        assertEquals(laid.cableM(), widthM, 1e-9);
        assertEquals(HoleSchedule.wantsM(PassThrough.NONE, 0, laid.cableM()), holeM, 1e-9);
        Hole lip = holes(rig).stream()
                .filter(hole -> hole.id().equals("stern-lip"))
                .findFirst()
                .orElseThrow();
        assertEquals(lip.circleM(), 2 * Math.max(widthM, 0.007), 1e-9);
    }

    /** A mount in a scupper takes its drainage: that is said, and said of no other. */
    @Test
    public void aMountInAScupperLeavesLittleToDrain() {
        List<Hole> all = holes(RIG);
        Line line = Line.of(RIG);
        for (Hole hole : all) {
            String words = HolesWorking.sealing(line.rig(), hole);
            boolean mounted = hole.id().equals("up-aft-left");
            assertEquals(words.contains("little drains past it"), mounted, hole.id() + ": " + words);
        }
        Rig beside = RIG.with(RIG.transducers()
                .get(0)
                .withMount(RIG.transducers().get(0).mount().withKind(MountKind.SWING_ARM)));
        assertTrue(HolesWorking.sealing(beside, all.get(0)).contains("it drains"));
    }

    /** A hole of a box is there or drilled, as said; a bolt or a part fills it, cables want it closed round them. */
    @DataProvider
    public Object[][] exits() {
        return new Object[][] {
            {ExitUse.CABLES, true, PassThrough.NONE, true, 1},
            {ExitUse.CABLES, false, PassThrough.GROMMET, false, 0},
            {ExitUse.BOLT, true, PassThrough.UNDECIDED, false, 1},
            {ExitUse.PART, true, PassThrough.NONE, false, 1},
            {ExitUse.PART, false, PassThrough.UNDECIDED, false, 0},
        };
    }

    @Test(dataProvider = "exits")
    public void holesOfABoxAreForWhatTheyAreFor(
            ExitUse use, boolean cut, PassThrough closedBy, boolean leftOpen, int drilled) {
        Rig pram = DemoRigs.reedling();
        Enclosure pod = pram.fitOut().boxes().get(0);
        Exit exit = pod.exits().get(0).with(e -> e.use(use).cut(cut).closedBy(closedBy));
        Rig rig = pram.withFitOut(pram.fitOut().with(pod.withExits(List.of(exit))));
        Hole hole = holes(rig).get(holes(rig).size() - 1);
        assertEquals(hole.id(), exit.id());
        assertEquals(hole.there(), !cut);
        assertEquals(hole.cables().isEmpty(), use != ExitUse.CABLES);
        assertEquals(found(rig).contains("cable.hole-left-open"), leftOpen);
        long printed = TemplateScene.all(Line.of(rig), Habit.METRIC).stream()
                .filter(sheet -> sheet.title().plain().equals("Holes to drill"))
                .count();
        assertEquals(printed, drilled);
    }

    @DataProvider
    public Object[][] travels() {
        return new Object[][] {
            {new Travel(Moves.SEAT, measured(0.25), measured(90), false), 0.25},
            // chord of a half turn: twice the radius; of 60°: the radius
            {new Travel(Moves.SWIVEL, measured(0.10), measured(180), false), 0.20},
            {new Travel(Moves.ARM, measured(0.30), measured(60), false), 0.30},
            {new Travel(Moves.ARM, measured(0.30), measured(360), false), 0.60},
            {new Travel(Moves.BRACKET, measured(0.30), measured(90), true), 0.0},
        };
    }

    @Test(dataProvider = "travels")
    public void slackAtBothEndsOfTravel(Travel travel, double extraM) {
        assertEquals(travel.extraM(), extraM, 1e-9);
        Rig moving = RIG.with(RIG.runOf("transducer").orElseThrow().withTravels(List.of(travel)));
        LaidCable laid =
                Line.of(moving).get(RouteStage.STAGE).value().of("transducer").orElseThrow();
        assertEquals(laid.spareM(), -0.42 - extraM, 1e-9, "far end");
        assertEquals(laid.nearM(), -0.42, 1e-9, "near end");
    }

    /** 1.58 m left over: loops of 70 mm, a figure of eight takes 0.44 m; in the bow hatch, where no supply passes. */
    @Test
    public void whatIsLeftOverIsCoiled() {
        Rig longer = RIG.with(RIG.transducers()
                .get(0)
                .withLead(RIG.transducers().get(0).lead().withLengthM(rated(6.6))));
        Line line = Line.of(longer);
        Routes routes = line.get(RouteStage.STAGE).value();
        Coil coil = Coil.of(line).value().get(0);
        assertEquals(coil.lengthM(), 1.58, 1e-9);
        assertEquals(coil.acrossM(), 0.07, 1e-9);
        assertEquals(coil.eights(), 4);
        assertTrue(coil.well());
        assertTrue(coil.at().orElseThrow().spot().dry());
        assertFalse(coil.chosen());
        // in the open: 0.45 m and 1.12 m at a tie every 0.30 m, and one behind the transducer
        assertEquals(Ties.of(line.rig(), routes.of("transducer").orElseThrow()), new Ties(2 + 4 + 1, true));
        assertEquals(Coil.of(Line.of(RIG)).value(), List.of());
    }
}
