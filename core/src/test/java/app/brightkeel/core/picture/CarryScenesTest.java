package app.brightkeel.core.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Moves;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Travel;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import app.brightkeel.core.route.Planner;
import app.brightkeel.core.route.PlanningAim;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Pictures of layout, tip, boxes, boards and templates, measured in the marks themselves. */
public class CarryScenesTest {

    private static Scene scene(Rig rig, Link link, String title) {
        return Pictures.all(Line.of(rig), link).stream()
                .filter(Outcome::isKnown)
                .map(Outcome::value)
                .filter(scene -> scene.title().plain().startsWith(title))
                .findFirst()
                .orElseThrow(() -> new AssertionError(title));
    }

    private static Stream<Mark.Path> paths(Scene scene, Role role) {
        return scene.marks().stream()
                .filter(Mark.Path.class::isInstance)
                .map(Mark.Path.class::cast)
                .filter(path -> path.role() == role);
    }

    private static double wide(Mark.Path path) {
        return spread(path.points().stream().mapToDouble(Point::x).toArray());
    }

    private static double tall(Mark.Path path) {
        return spread(path.points().stream().mapToDouble(Point::y).toArray());
    }

    private static double spread(double[] values) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double value : values) {
            low = Math.min(low, value);
            high = Math.max(high, value);
        }
        return high - low;
    }

    private static List<String> notes(Scene scene) {
        return scene.marks().stream()
                .filter(Mark.Note.class::isInstance)
                .map(note -> ((Mark.Note) note).text().in(Habit.METRIC))
                .toList();
    }

    /** Discs by mass: areas go as masses, in plan and from the side; what would level it is drawn on the other side. */
    @Test
    public void discsByMass() {
        Scene scene = scene(DemoRigs.gannet(), Link.CARRY, "What sits where");
        List<Double> radii = paths(scene, Role.MASS).map(path -> wide(path) / 2).toList();
        assertEquals(radii.size(), 2 * 7, "seven things in two views");
        double largest = radii.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        double smallest = radii.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        assertEquals(largest * largest / (smallest * smallest), 6.0 / 0.2, 1e-6);
        assertTrue(notes(scene).stream().anyMatch(words -> words.equals("3.3 kg here would level it")));
        assertTrue(notes(scene).contains("knees") && notes(scene).contains("rods"), "zones to keep clear");
        // every place takes every thing
        long takers = scene.marks().stream()
                .filter(mark ->
                        mark instanceof Mark.Element element && !element.takes().isEmpty())
                .count();
        long movers = scene.marks().stream()
                .filter(mark ->
                        mark instanceof Mark.Element element && !element.drags().isEmpty())
                .count();
        assertEquals(takers, DemoRigs.gannet().craft().stations().size());
        assertEquals(movers, 5, "two screens, module, keypad, battery");
    }

    /** The arms of the tip picture are those of the sum: 0.155 m outside, 0.325 and 0.225 m inside the left edge. */
    @Test
    public void armsAboutTheEdge() {
        Rig rig = DemoRigs.lanternCrate();
        Scene scene = scene(rig, Link.CARRY, "What tips it");
        double outside =
                paths(scene, Role.MISSING).mapToDouble(CarryScenesTest::wide).sum();
        assertEquals(outside, 0.38 - 0.225, 1e-9);
        double[] inside = paths(scene, Role.CURVE)
                .mapToDouble(CarryScenesTest::wide)
                .sorted()
                .toArray();
        assertEquals(inside[0], 0.225, 1e-9);
        assertEquals(inside[1], 0.325, 1e-9);
        double margin = (2.7 * inside[1] + 6 * inside[0]) / (0.5 * outside);
        assertEquals(
                Line.of(rig).get(CarryStage.STAGE).value().tip().orElseThrow().margin(), margin, 1e-9);
    }

    /** A cone in the hole hangs on its float: wherever the hole is, the crate carries the same. */
    @Test
    public void whatHangsInTheHoleIsNotCarried() {
        Rig rig = DemoRigs.lanternCrate();
        Rig further = rig.withCraft(rig.craft()
                .withStations(rig.craft().stations().stream()
                        .map(station -> station.spot() == Spot.ICE_HOLE
                                ? station.withSideM(
                                        Figure.chosen(station.sideM().value() - 0.4))
                                : station)
                        .toList()));
        assertNotEquals(further, rig);
        assertEquals(centre(further), centre(rig));
    }

    private static Point centre(Rig rig) {
        return scene(rig, Link.CARRY, "What sits where").marks().stream()
                .filter(Mark.Spot.class::isInstance)
                .map(Mark.Spot.class::cast)
                .filter(spot -> spot.role() == Role.CENTRE)
                .map(Mark.Spot::at)
                .findFirst()
                .orElseThrow();
    }

    /** The pram's pod, to scale: 300 × 270 mm outside, the battery on its side 200 × 128 mm in it, 15 mm under the lid. */
    @Test
    public void theBoxToScale() {
        Scene scene = scene(DemoRigs.reedling(), Link.CARRY, "In the transom pod");
        List<Mark.Path> walls = paths(scene, Role.HULL).toList();
        assertEquals(wide(walls.get(0)), 0.300, 1e-9);
        assertEquals(tall(walls.get(0)), 0.270, 1e-9);
        assertEquals(tall(walls.get(1)), 0.290, 1e-9, "from above");
        Mark.Path battery = paths(scene, Role.MASS).findFirst().orElseThrow();
        // 170 mm tall and 30 mm for its plug, lying
        assertEquals(wide(battery), 0.200, 1e-9);
        assertEquals(tall(battery), 0.128, 1e-9);
        assertEquals(tall(paths(scene, Role.HIDDEN).findFirst().orElseThrow()), 0.015, 1e-9);
        assertEquals(wide(paths(scene, Role.BAND).findFirst().orElseThrow()), 0.258, 1e-9, "the room is foam");
    }

    /** Parts on boards are as large as they are sawn, none over another, all within their board. */
    @Test
    public void partsOnTheirBoards() {
        Scene scene = scene(DemoRigs.reedling(), Link.CARRY, "Parts on their boards");
        List<Mark.Path> boards = paths(scene, Role.GHOST).toList();
        List<Mark.Path> parts = paths(scene, Role.PART).toList();
        assertEquals(boards.size(), 3);
        assertEquals(parts.size(), 7);
        for (Mark.Path board : boards) {
            assertEquals(wide(board), 0.90, 1e-9);
            assertEquals(tall(board), 0.30, 1e-9);
        }
        for (int i = 0; i < parts.size(); i++) {
            Mark.Path part = parts.get(i);
            assertTrue(boards.stream().anyMatch(board -> within(part, board)), "part " + i);
            for (int j = 0; j < i; j++) {
                assertTrue(apart(part, parts.get(j)), i + " over " + j);
            }
        }
        assertTrue(notes(scene).contains("transom rail comes out of no board"));
        double used =
                parts.stream().mapToDouble(part -> wide(part) * tall(part)).sum();
        double waste = 1 - used / (3 * 0.90 * 0.30);
        assertTrue(
                scene.subtitle().plain().contains(Math.round(100 * waste) + " % waste"),
                scene.subtitle().plain());
    }

    private static double low(Mark.Path path, boolean x) {
        return path.points().stream().mapToDouble(p -> x ? p.x() : p.y()).min().orElseThrow();
    }

    private static boolean within(Mark.Path part, Mark.Path board) {
        return low(part, true) >= low(board, true) - 1e-9
                && low(part, true) + wide(part) <= low(board, true) + wide(board) + 1e-9
                && low(part, false) >= low(board, false) - 1e-9
                && low(part, false) + tall(part) <= low(board, false) + tall(board) + 1e-9;
    }

    private static boolean apart(Mark.Path one, Mark.Path other) {
        return low(one, true) + wide(one) <= low(other, true) + 1e-9
                || low(other, true) + wide(other) <= low(one, true) + 1e-9
                || low(one, false) + tall(one) <= low(other, false) + 1e-9
                || low(other, false) + tall(other) <= low(one, false) + 1e-9;
    }

    /** The heel picture leans by the heel: the mast through the keel and the level water. */
    @Test
    public void itLeansByTheHeel() {
        Rig rig = DemoRigs.gannet();
        Scene scene = scene(rig, Link.CARRY, "How it leans");
        Mark.Path mast = paths(scene, Role.QUIET).findFirst().orElseThrow();
        Point foot = mast.points().get(0);
        Point head = mast.points().get(1);
        double heel = Line.of(rig)
                .get(CarryStage.STAGE)
                .value()
                .afloat()
                .orElseThrow()
                .heelRad();
        assertEquals(Math.atan2(head.x() - foot.x(), head.y() - foot.y()), heel, 1e-9);
        Mark.Path water = paths(scene, Role.WATERLINE).findFirst().orElseThrow();
        assertEquals(tall(water), 0.0, 1e-12, "the water is level");
    }

    /** Holes bear the numbers of the table in both views; a lead that is short is broken where it ends. */
    @Test
    public void holesByNumberAndWhatIsMissing() {
        Scene scene = scene(DemoRigs.oystercatcher(), Link.CABLE, "Cables");
        for (String number : List.of("1", "2", "3", "4")) {
            assertEquals(notes(scene).stream().filter(number::equals).count(), 2, number);
        }
        assertTrue(notes(scene).contains("2 stern hatch lip"));
        assertTrue(notes(scene).stream().anyMatch(words -> words.contains("0.42 m missing")));
        assertEquals(paths(scene, Role.MISSING).count(), 2, "in plan and in profile");
        Travel seat = new Travel(Moves.SEAT, Figure.measured(0.25), Figure.UNSET, false);
        Rig clean = Planner.planned(DemoRigs.oystercatcher(), PlanningAim.CLEANEST);
        Rig moving = clean.with(clean.runOf("transducer").orElseThrow().withTravels(List.of(seat)));
        Scene both = scene(moving, Link.CABLE, "Cables");
        assertTrue(
                notes(both).stream()
                        .anyMatch(words ->
                                words.contains("0.70 m to spare at the far end of travel, 0.95 m at the near one")),
                notes(both).toString());
        assertTrue(
                notes(both).stream().anyMatch(words -> words.endsWith("wall of the left rod-holder tube, to drill")));
    }

    @DataProvider
    public Object[][] bars() {
        // a round length in the person's own units
        return new Object[][] {{Habit.METRIC, 0.050, "50 mm"}, {Habit.US, 0.0508, "2.0 in"}};
    }

    /** Templates: a circle of 30 mm as entered and its cross, a bar of 50 mm or of 2 in on every sheet. */
    @Test(dataProvider = "bars")
    public void templatesInMetres(Habit habit, double barM, String words) {
        Rig rig = Planner.planned(DemoRigs.oystercatcher(), PlanningAim.CLEANEST);
        List<Scene> sheets = TemplateScene.all(Line.of(rig), habit);
        assertTrue(sheets.size() >= 3, "holes, plate and foam");
        Mark.Path circle = paths(sheets.get(0), Role.WANTED).findFirst().orElseThrow();
        assertEquals(wide(circle), 0.030, 1e-9);
        assertEquals(tall(circle), 0.030, 1e-9);
        for (Scene sheet : sheets) {
            assertTrue(
                    paths(sheet, Role.WANTED).anyMatch(path -> Math.abs(wide(path) - barM) < 1e-9 && tall(path) == 0),
                    sheet.title().plain());
            assertTrue(
                    sheet.marks().stream()
                            .filter(Mark.Note.class::isInstance)
                            .anyMatch(mark ->
                                    ((Mark.Note) mark).text().in(habit).contains(words + ": check it with a rule")),
                    sheet.title().plain());
        }
        assertEquals(
                TemplateScene.all(Line.of(DemoRigs.lanternCrate()), Habit.METRIC)
                                .size()
                        > 0,
                true,
                "its battery sits in foam");
    }

    @DataProvider
    public Object[][] entered() {
        // entered [m], what is said beside it
        return new Object[][] {{0.030, "as entered: split grommet wants 28.0 mm"}, {0.028, ""}};
    }

    /** A hole entered as 30 mm is printed as 30 mm; what closes it, and its hole, stand beside. */
    @Test(dataProvider = "entered")
    public void aHoleIsPrintedAsEntered(double openingM, String beside) {
        Rig drilled = Planner.planned(DemoRigs.oystercatcher(), PlanningAim.CLEANEST);
        Hole wall = Line.of(drilled).get(HoleStage.STAGE).value().stream()
                .filter(hole -> !hole.there())
                .findFirst()
                .orElseThrow();
        Passage passage = wall.passage().orElseThrow().withOpeningM(Figure.measured(openingM));
        Line line = Line.of(drilled.withCraft(drilled.craft().with(passage)));
        Scene sheet = TemplateScene.all(line, Habit.METRIC).get(0);
        assertEquals(wide(paths(sheet, Role.WANTED).findFirst().orElseThrow()), openingM, 1e-9);
        List<String> words = notes(sheet);
        assertTrue(
                words.stream()
                        .anyMatch(each ->
                                each.endsWith(": " + new Amount(openingM, Unit.FINE_MILLIMETRE).in(Habit.METRIC))),
                words.toString());
        assertEquals(
                String.join(
                        "",
                        words.stream().filter(each -> each.contains("wants")).toList()),
                beside);
    }
}
