package app.brightkeel.core.enclosure;

import static app.brightkeel.core.rig.Figure.measured;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Inward;
import app.brightkeel.core.rig.Rib;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Pods derived part by part, boxes with ribs and lids, foam: by hand. */
public class PodTest {

    /** Inside 200 × 120 × 150 mm of 18 mm board over a transom of 30 mm. */
    @Test
    public void everyPartOfAPod() {
        Pod pod = new Pod(new Box(0.200, 0.120, 0.150), 0.018, 0.030, 0);
        assertEquals(pod.outside().deepM(), 0.236, 1e-9);
        assertEquals(pod.outside().tallM(), 0.186, 1e-9);
        Object[][] expected = {
            {"1 floor", 0.200, 0.120, 1},
            {"2 side", 0.236, 0.168, 2},
            {"3 end", 0.120, 0.168, 2},
            {"4 lid", 0.246, 0.176, 1},
            // over the gap: a board, 32 mm of transom and play, a cheek, 10 mm of drip
            {"5 cap over the hook", 0.156, 0.078, 1},
            {"6 cheek of the hook", 0.120, 0.060, 2},
            {"7 spacer of the hook", 0.060, 0.032, 1},
        };
        List<BoardPart> parts = pod.parts("p");
        assertEquals(parts.size(), expected.length);
        double area = 0;
        for (int i = 0; i < expected.length; i++) {
            BoardPart part = parts.get(i);
            assertEquals(part.name(), expected[i][0]);
            assertEquals(part.lengthM().value(), (double) expected[i][1], 1e-9, part.name());
            assertEquals(part.wideM().value(), (double) expected[i][2], 1e-9, part.name());
            assertEquals(part.count(), expected[i][3]);
            area += part.count() * part.lengthM().value() * part.wideM().value();
        }
        assertEquals(pod.massKg(), area * 0.018 * 500, 1e-9);
    }

    /** By hand: how a pod of 236 × 156 × 186 mm hangs or stands, and what it has more for it. */
    @DataProvider
    public Object[][] walls() {
        return new Object[][] {
            // it stands: the lid drips all round
            {0.0, 0.40, "lid 256×176"},
            // a low wall: no hanging board
            {0.030, 0.15, "lid 246×176, cap over the hook 156×78"},
            // 54 mm higher: a hanging board, stiff enough
            {0.030, 0.24, "lid 246×176, hanging board 240×156, cap over the hook 156×78"},
            // 214 mm higher: ribs over that and 100 mm of the pod
            {
                0.030,
                0.40,
                "lid 246×176, hanging board 400×156, rib of the hanging board 314×40, cap over the hook 156×78"
            },
        };
    }

    @Test(dataProvider = "walls")
    public void aPodFollowsTheWall(double hookM, double wallM, String expected) {
        String parts = new Pod(new Box(0.200, 0.120, 0.150), 0.018, hookM, wallM)
                .parts("p").stream()
                        .filter(part -> !part.name().matches(".*(floor|side|end|cheek|spacer).*"))
                        .map(part -> part.name().substring(2)
                                + " "
                                + Math.round(part.lengthM().value() * 1000)
                                + "×"
                                + Math.round(part.wideM().value() * 1000))
                        .collect(Collectors.joining(", "));
        assertEquals(parts, expected);
    }

    /** Boards of 18 mm; floor, sides, ends and lid in millimetres; what does not go with the rest, and what it wants. */
    @DataProvider
    public Object[][] boxes() {
        return new Object[][] {
            // ends between the sides, floor inside both, under the walls, or between the sides alone
            {"floor 264 254, sides 300 270, ends 254 270, lid 300 290", ""},
            {"bottom 254 264, sides 300 270, ends 254 252, top 290 320", ""},
            {"floor 300 290, side 300 200, front 254 200, back 254 200", ""},
            {"base 300 254, left side 300 270, right side 300 270, ends 254 252", ""},
            // sides between the ends
            {"floor 300 264, sides 300 200, ends 300 200, lid 336 300", ""},
            {"floor 270 254, sides 300 270, ends 254 270, lid 300 290", "floor 264 254"},
            {"floor 264 254, sides 300 270, ends 254 264, lid 300 290", "ends 254 270"},
            {"floor 264 254, sides 300 270, ends 254 270, lid 300 280", "lid 300 290"},
            // cut for boards of 12 mm
            {"floor 276 254, sides 300 270, ends 254 258, lid 300 278", "floor 264 254; ends 254 252; lid 300 290"},
            // not one box: two floors, a wall that slopes, no ends
            {"floor 270 254, floor 264 254, sides 300 270, ends 254 270", ""},
            {"floor 270 254, sides 300 270, front 254 270, back 254 200", ""},
            {"floor 270 254, sides 300 270, shelf 254 270", ""},
        };
    }

    @Test(dataProvider = "boxes")
    public void partsThatMakeNoBox(String parts, String misfits) {
        List<BoardPart> all = new ArrayList<>();
        for (String each : parts.split(", ")) {
            String[] words = each.split(" (?=\\d)");
            int count = words[0].endsWith("s") ? 2 : 1;
            all.add(new BoardPart("p" + all.size(), words[0], mm(words[1]), mm(words[2]), count, false));
        }
        Boards boards = Boards.NONE.with(b -> b.thickM(measured(0.018)).parts(all));
        List<String> found = BoxOfParts.of(boards).map(BoxOfParts::misfits).orElse(List.of()).stream()
                .map(misfit -> misfit.part().name() + " "
                        + Math.round(misfit.lengthM() * 1000) + " "
                        + Math.round(misfit.wideM() * 1000))
                .toList();
        assertEquals(String.join("; ", found), misfits);
    }

    private static Figure mm(String millimetres) {
        return measured(Integer.parseInt(millimetres) / 1000.0);
    }

    /** Parts as large as they may be want others that may not: told all the same, and no rig is refused for it. */
    @Test
    public void largestPartsAreTold() {
        Rig pram = DemoRigs.reedling();
        List<BoardPart> parts = List.of(
                new BoardPart("f", "floor", mm("4000"), mm("1000"), 1, false),
                new BoardPart("s", "sides", mm("5000"), mm("2000"), 2, false),
                new BoardPart("e", "ends", mm("2000"), mm("300"), 2, false),
                new BoardPart("l", "lid", mm("100"), mm("100"), 1, false));
        Rig rig = pram.withFitOut(pram.fitOut()
                .withBoards(pram.fitOut()
                        .boards()
                        .with(b -> b.thickM(measured(0.08)).parts(parts))));
        Line line = Line.of(rig);
        assertTrue(new RigReviewer()
                .review(line).findings().stream().anyMatch(f -> f.rule().equals("carry.makes-no-box")));
        // asked for without an exception
        cures(rig, "carry.makes-no-box");
        assertFalse(Links.of(Link.CARRY).alternatives(line).isEmpty());
    }

    /** A hook follows the wall: 30 mm and 2 mm of play; a lid that no board gives is split, or left out. */
    @Test
    public void theHookFollowsTheWallAndTheLidNeedNotBeOne() {
        Rig pram = DemoRigs.reedling();
        Boards own = pram.fitOut()
                .boards()
                .with(b -> b.hangsOverM(measured(0.030))
                        .parts(new Pod(new Box(0.213, 0.127, 0.151), 0.018, 0.030, 0).parts("p")));
        assertTrue(BoxOfParts.spacer(own).isEmpty());
        BoxOfParts.Misfit thicker =
                BoxOfParts.spacer(own.withHangsOverM(measured(0.045))).orElseThrow();
        assertEquals(thicker.wideM(), 0.047, 1e-9);
        Rig rig = pram.withFitOut(pram.fitOut().withBoards(own.withHangsOverM(measured(0.045))));
        List<String> cures = cures(rig, "carry.makes-no-box");
        assertTrue(cures.stream().anyMatch(id -> id.startsWith("carry.cut-to-match.")), cures.toString());
        Rig narrow = pram.withFitOut(pram.fitOut().withBoards(own.withStockWideM(measured(0.175))));
        List<String> offered = cures(narrow, "carry.part-too-large");
        assertTrue(offered.contains("carry.split-part.p-4"), offered.toString());
        assertTrue(offered.contains("carry.no-lid.p-4"), offered.toString());
    }

    private static List<String> cures(Rig rig, String rule) {
        return new RigReviewer()
                .remedies(Line.of(rig)).stream()
                        .filter(remedy -> remedy.rule().equals(rule))
                        .flatMap(remedy -> remedy.offers().stream())
                        .map(Remedy.Cure::id)
                        .toList();
    }

    /** What is derived here makes a box of its own boards, and of no others. */
    @Test
    public void aDerivedPodIsABox() {
        for (double thick : new double[] {0.006, 0.0125, 0.018, 0.022}) {
            Boards own = Boards.NONE.with(b ->
                    b.thickM(measured(thick)).parts(new Pod(new Box(0.213, 0.127, 0.151), thick, 0.030, 0).parts("p")));
            assertEquals(BoxOfParts.of(own).orElseThrow().misfits(), List.of());
            Boards others = own.withThickM(measured(thick + 0.004));
            assertFalse(BoxOfParts.of(others).orElseThrow().misfits().isEmpty());
        }
    }

    /** The pram's pod: 300 × 290 × 270 mm less two walls of 18 and 3 mm kept free, 15 mm under the lid, a rib of 40. */
    @Test
    public void wallsRibsAndLidTakeFromTheRoom() {
        Rig rig = DemoRigs.reedling();
        Rib rib = new Rib("rib", "boss", Inward.WIDE, measured(0.040));
        Line line = Line.of(rig);
        Box room = Rooms.inside(line.rig().fitOut().boxes().get(0)).orElseThrow();
        assertEquals(room.deepM(), 0.258, 1e-9);
        assertEquals(room.wideM(), 0.248, 1e-9);
        assertEquals(room.tallM(), 0.213, 1e-9);
        Rig ribbed = rig.withFitOut(
                rig.fitOut().withBoxes(List.of(rig.fitOut().boxes().get(0).withRibs(List.of(rib)))));
        Box less = Rooms.inside(Line.of(ribbed).rig().fitOut().boxes().get(0)).orElseThrow();
        assertEquals(less.wideM(), 0.208, 1e-9);
        // 264 × 254 × 234 mm without what is kept free
        assertEquals(Rooms.litres(line.rig().fitOut().boxes().get(0)), 264 * 254 * 234 / 1e6, 1e-9);
    }

    /** Foam: half of each gap on both sides, 15 % thicker, and one piece above. */
    @Test
    public void foamFillsWhatIsLeft() {
        Fit fit = fit(new Box(0.12, 0.08, 0.10), new Box(0.10, 0.08, 0.09));
        assertEquals(Foam.round(fit).stream().map(Foam::where).toList(), List.of("fore and aft", "above"));
        assertEquals(Foam.round(fit).get(0).thickM(), 0.010 * 1.15, 1e-12);
        assertEquals(Foam.round(fit).get(1).thickM(), 0.010 * 1.15, 1e-12);
        assertEquals(Foam.round(fit).get(0).pieces(), 2);
        // beside a battery of 100 × 80 × 90 mm a module of 60 × 20 × 50: it leaves 40 mm behind it and 40 above it
        Fit two = fit(new Box(0.10, 0.10, 0.09), new Box(0.10, 0.08, 0.09), new Box(0.06, 0.02, 0.05));
        assertEquals(
                Foam.round(two).stream().map(Foam::where).toList(), List.of("behind the thing 1", "above the thing 1"));
        assertEquals(Foam.round(two).get(0).thickM(), 0.040 * 1.15, 1e-12);
        assertEquals(Foam.round(two).get(1).longM(), 0.100, 1e-12);
    }

    private static Fit fit(Box room, Box... things) {
        List<FitNeeds.Housed> housed = new ArrayList<>();
        for (int i = 0; i < things.length; i++) {
            housed.add(
                    new FitNeeds.Housed("t" + i, "thing " + i, things[i], FitNeeds.Lie.UPRIGHT, 1, "s", "slot", room));
        }
        return Fit.of(housed);
    }

    /** Over a transom of 30 mm the unit that is offered has the hook of the first check. */
    @Test
    public void aPodHangsWhereItIsAskedTo() {
        Rig rig = DemoRigs.oystercatcher();
        Rig hung = rig.withFitOut(rig.fitOut().withBoards(rig.fitOut().boards().withHangsOverM(measured(0.030))));
        List<BoardPart> parts = Comparison.find(Line.of(hung), "carry.unit.pack.pod")
                .orElseThrow()
                .after()
                .fitOut()
                .boards()
                .parts();
        assertEquals(parts.get(5).name(), "6 cheek of the hook");
        assertEquals(parts.get(6).wideM().value(), 0.032, 1e-9);
    }

    @DataProvider
    public Object[][] units() {
        return new Object[][] {{"box"}, {"bag"}, {"pod"}, {"shuttle"}, {"built-in"}};
    }

    /** Each kind of carry unit takes the battery, says what it loses on, and leaves the pod's cut list whole. */
    @Test(dataProvider = "units")
    public void carryUnitsAreMadeToMeasure(String kind) {
        Rig rig = DemoRigs.oystercatcher();
        Line line = Line.of(rig);
        Comparison.Offer offer = Comparison.of(line, Link.CARRY, new RigReviewer()).stream()
                .filter(each -> each.id().equals("carry.unit.pack." + kind))
                .findFirst()
                .orElseThrow();
        assertFalse(offer.loses().isEmpty(), kind);
        Line then = line.with(Comparison.find(line, offer.id()).orElseThrow().after());
        then.get(FitStage.STAGE).value().all().forEach(fit -> assertTrue(fit.leastGapM() >= 0, kind));
        assertTrue(new RigReviewer().state(then, Link.CARRY).verdict() != Verdict.FAILS, kind);
        boolean pod = then.rig().fitOut().boxes().stream().anyMatch(box -> box.kind() == EnclosureKind.POD);
        assertEquals(then.get(Cutting.STAGE).value().boards().isEmpty(), !pod);
        assertEquals(then.get(Cutting.STAGE).value().tooLarge(), List.of());
    }
}
