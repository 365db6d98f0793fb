package app.brightkeel.core.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Pictures are drawn from the computed numbers, to scale, and stay inside their frames. */
public class ScenesTest {

    private static Scene scene(Rig rig, Link link) {
        return Pictures.of(Line.of(rig), link).value();
    }

    private static <M extends Mark> Stream<M> marks(Scene scene, Class<M> kind) {
        return scene.marks().stream().filter(kind::isInstance).map(kind::cast);
    }

    private static List<Point> spots(Scene scene, Role role) {
        return marks(scene, Mark.Spot.class)
                .filter(spot -> spot.role() == role)
                .map(Mark.Spot::at)
                .toList();
    }

    private static Stream<Point> points(Mark mark) {
        if (mark instanceof Mark.Path path) {
            return path.points().stream();
        }
        if (mark instanceof Mark.Span span) {
            return Stream.of(span.from(), span.to());
        }
        return mark instanceof Mark.Spot spot ? Stream.of(spot.at()) : Stream.of();
    }

    @DataProvider
    public Object[][] pictures() {
        return TestRigs.all().stream()
                .flatMap(rig -> Stream.of(Link.values()).map(link -> new Object[] {rig.name(), link}))
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "pictures")
    public void everyMarkLiesInItsFrame(String name, Link link) {
        Scene scene = scene(TestRigs.named(name), link);
        if (scene.frame() instanceof Frame.ToScale whole) {
            inside(
                    scene,
                    whole.low().x(),
                    whole.high().x(),
                    whole.low().y(),
                    whole.high().y());
            return;
        }
        Frame.Plot plot = (Frame.Plot) scene.frame();
        inside(
                scene,
                plot.x().low(),
                plot.x().high(),
                Math.min(plot.y().low(), plot.y().high()),
                Math.max(plot.y().low(), plot.y().high()));
        for (double tick : plot.x().ticks()) {
            assertTrue(tick >= plot.x().low() && tick <= plot.x().high() * (1 + 1e-9));
        }
    }

    private static void inside(Scene scene, double left, double right, double low, double high) {
        for (Mark mark : scene.marks()) {
            points(mark).forEach(p -> {
                assertTrue(p.x() >= left - 1e-9 && p.x() <= right + 1e-9, mark.toString());
                assertTrue(p.y() >= low - 1e-9 && p.y() <= high + 1e-9, mark.toString());
            });
        }
    }

    private static List<Mark.Path> paths(Scene scene, Role role) {
        return marks(scene, Mark.Path.class).filter(path -> path.role() == role).toList();
    }

    /** Beams to scale: as wide on the bottom as the number says, its tip at the face; the other beam beside as a ghost. */
    @Test
    public void beamsAreToScale() {
        Rig rig = DemoRigs.lanternCrate();
        Scene scene = scene(rig, Link.TRANSDUCER);
        List<Point> beam = paths(scene, Role.BEAM).get(0).points();
        double below = 38 - 0.45;
        assertEquals(beam.get(1).x() - beam.get(2).x(), 2 * below * Math.tan(Math.toRadians(11)), 1e-9);
        assertEquals(beam.get(0).y(), -0.45, 1e-9);
        assertEquals(paths(scene, Role.GHOST).size(), 1);
        List<Point> narrow = paths(scene, Role.GHOST).get(0).points();
        assertEquals(narrow.get(1).x(), below * Math.tan(Math.toRadians(5)), 1e-9);
    }

    /** What is missing of the lead is drawn as the last share of its way: 0.42 of 5.02 m. */
    @Test
    public void theMissingPieceOfTheLeadIsDrawn() {
        Scene scene = scene(DemoRigs.oystercatcher(), Link.CABLE);
        List<Point> there = paths(scene, Role.RUN).get(0).points();
        List<Point> missing = paths(scene, Role.MISSING).get(0).points();
        assertEquals(missing.get(0), there.get(there.size() - 1));
        double all = length(there) + length(missing);
        assertEquals(length(missing) / all, 0.42 / 5.02, 1e-9);
        Rig longer = DemoRigs.oystercatcher();
        Transducer chirp = longer.transducers().get(0);
        Rig cured = longer.with(chirp.withLead(chirp.lead().withExtensionM(Figure.rated(3))));
        assertTrue(paths(scene(cured, Link.CABLE), Role.MISSING).isEmpty());
    }

    private static double length(List<Point> points) {
        double all = 0;
        for (int i = 1; i < points.size(); i++) {
            all += Math.hypot(
                    points.get(i).x() - points.get(i - 1).x(),
                    points.get(i).y() - points.get(i - 1).y());
        }
        return all;
    }

    /** The hull is cut where the transducer sits: waterline, face and beam stand where the numbers say. */
    @Test
    public void theHullIsCutAtTheTransducer() {
        Rig rig = DemoRigs.oystercatcher();
        Face face = Line.of(rig).get(FaceStage.STAGE).value().faces().get(0);
        Scene scene = scene(rig, Link.MOUNT);
        List<Point> water = paths(scene, Role.WATERLINE).get(0).points();
        double rise = (water.get(1).y() - water.get(0).y())
                / (water.get(1).x() - water.get(0).x());
        double at = water.get(0).y() + rise * (face.yM() - water.get(0).x());
        assertEquals(at - face.zM(), face.underM(), 1e-9);
        List<Point> beam = paths(scene, Role.BEAM).get(0).points();
        assertEquals(beam.get(0), new Point(face.yM(), face.zM()));
        double half = Math.atan2(
                beam.get(1).x() - beam.get(0).x(), beam.get(0).y() - beam.get(1).y());
        assertEquals(Math.toDegrees(half), 12, 1e-9);
        Scene ice = scene(DemoRigs.lanternCrate(), Link.MOUNT);
        assertEquals(paths(ice, Role.ICE).size(), 2);
        assertEquals(paths(ice, Role.ICE).get(0).points().get(0).y(), -0.35, 1e-9);
    }

    /** A way is split at a share of its length, in the middle of a leg or at its end. */
    @Test
    public void waysAreSplitByLength() {
        List<Point> way = List.of(new Point(0, 0), new Point(3, 0), new Point(3, 4));
        Split middle = Split.at(way, 5.0 / 7);
        assertEquals(middle.before(), List.of(new Point(0, 0), new Point(3, 0), new Point(3, 2)));
        assertEquals(middle.after(), List.of(new Point(3, 2), new Point(3, 4)));
        assertTrue(Split.at(way, 1).after().isEmpty());
        assertEquals(Split.at(way, 1).before(), way);
        assertEquals(Split.at(way, 0).after().get(0), new Point(0, 0));
    }

    /** Discs go by mass; each sits where its station is, right side up. */
    @Test
    public void massesAreDrawnWhereTheySit() {
        Scene scene = scene(DemoRigs.oystercatcher(), Link.CARRY);
        List<Mark.Path> discs = paths(scene, Role.MASS);
        double display = discs.get(0).points().get(0).x() - 1.55;
        double pack = discs.get(2).points().get(0).x() - 2.95;
        assertEquals(pack / display, Math.sqrt(1.5 / 0.9), 1e-9);
        assertTrue(
                discs.get(0).points().get(0).y() < discs.get(2).points().get(0).y(), "left is below right");
    }

    /** The fuse sits 0.10 m along a lead of 3.2 m, the display at its end; the line is as thick as its gauge. */
    @Test
    public void harnessIsToScale() {
        Scene scene = scene(DemoRigs.oystercatcher(), Link.WIRE);
        assertEquals(spots(scene, Role.FUSE).get(0).x(), 0.10, 1e-9);
        assertEquals(spots(scene, Role.PACK).get(0).x(), 0, 1e-9);
        assertEquals(spots(scene, Role.DEVICE).get(0).x(), 3.2, 1e-9);
        double thin = thickness(scene);
        Rig thick = RigWith.gauge(DemoRigs.oystercatcher(), 10);
        assertEquals(thickness(scene(thick, Link.WIRE)) / thin, Math.sqrt(5.2612 / 0.3255), 1e-9);
    }

    private static double thickness(Scene scene) {
        return marks(scene, Mark.Path.class)
                .filter(path -> path.role() == Role.CONDUCTOR)
                .findFirst()
                .orElseThrow()
                .weight();
    }

    /** Three branches at three heights; a device under its minimum is drawn as starved. */
    @Test
    public void branchesStandApartAndStarvedDevicesShow() {
        Scene scene = scene(TestRigs.twoScreens(), Link.WIRE);
        List<Point> devices = spots(scene, Role.DEVICE);
        assertEquals(devices.stream().map(Point::y).distinct().count(), 3);
        assertEquals(spots(scene, Role.FUSE).size(), 5);
        Rig rig = TestRigs.twoScreens();
        Device nine = rig.device("nine");
        Rig hungry = rig.with(nine.withLimits(nine.limits().withMinV(Figure.rated(13.2))));
        assertEquals(spots(scene(hungry, Link.WIRE), Role.DEVICE_STARVED).size(), 1);
    }

    /** A battery that is used instead of the first ends its own wire: it is drawn, and nothing is fed through it. */
    @Test
    public void aBatteryThatWaitsIsDrawnAndFeedsNothing() {
        Rig rig = TestRigs.twoScreens();
        Pack waiting = TestRigs.pack(Chemistry.LIFEPO4, 10).withId("cabin").withName("cabin pack");
        List<Pack> packs = new ArrayList<>(rig.harness().packs());
        packs.add(waiting.withRole(PackRole.INSTEAD));
        List<Segment> segments = new ArrayList<>(rig.harness().segments());
        segments.removeIf(segment -> segment.to().equals("five"));
        segments.add(TestRigs.lead("cabin-nine", "cabin", "nine", new Gauge.Awg(16), 1, 5));
        segments.add(TestRigs.lead("cabin-five", "cabin", "five", new Gauge.Awg(16), 1, 5));
        Rig two = rig.withHarness(rig.harness().withPacks(packs).withSegments(segments));
        Scene scene = scene(two, Link.WIRE);
        assertEquals(spots(scene, Role.PACK).size(), 3);
        assertTrue(marks(scene, Mark.Note.class)
                .anyMatch(note -> note.text().plain().strip().equals("cabin pack, not joined")));
        assertTrue(marks(scene, Mark.Note.class)
                .noneMatch(note -> note.text().plain().contains("5-in display")));
        assertTrue(scene.twin().rows().stream()
                .anyMatch(row -> row.get(0).plain().equals("cabin pack")
                        && row.get(2).plain().equals("not joined")));
    }

    /** The curve ends where the hours say, the missing stretch reaches to the hours wanted, the band holds the curve's end. */
    @Test
    public void dischargeEndsAtTheHoursShown() {
        Rig rig = DemoRigs.lanternCrate();
        double hours = Line.of(rig).get(Runtime.STAGE).value().hours();
        Scene scene = scene(rig, Link.BATTERY);
        Mark.Path curve = marks(scene, Mark.Path.class)
                .filter(path -> path.role() == Role.CURVE)
                .findFirst()
                .orElseThrow();
        assertEquals(curve.points().get(curve.points().size() - 1).x(), hours, 1e-9);
        Mark.Span missing = marks(scene, Mark.Span.class).findFirst().orElseThrow();
        assertEquals(missing.role(), Role.MISSING);
        assertEquals(missing.from().x(), hours, 1e-9);
        assertEquals(missing.to().x(), 5, 1e-9);
        assertEquals(missing.text().amounts().get(0).si(), 5 - hours, 1e-9);
        Scene holds = scene(DemoRigs.oystercatcher(), Link.BATTERY);
        assertEquals(marks(holds, Mark.Span.class).findFirst().orElseThrow().role(), Role.QUIET);
    }

    /** Stacked powers of each phase add up to its total. */
    @Test
    public void powerIsStacked() {
        Scene scene = scene(TestRigs.twoScreens(), Link.SCREEN);
        List<Mark.Path> shares = marks(scene, Mark.Path.class)
                .filter(path -> path.role() == Role.SHARE)
                .toList();
        assertEquals(shares.size(), 6);
        assertEquals(
                shares.get(1).points().get(0).y(), shares.get(0).points().get(2).y(), 1e-9);
        assertEquals(scene.twin().rows().size(), 6);
    }

    @Test
    public void ticksAreRound() {
        assertEquals(Ticks.linear(0, 5.2, 6), List.of(0.0, 1.0, 2.0, 3.0, 4.0, 5.0));
        assertEquals(Ticks.linear(0, 3.2, 5), List.of(0.0, 1.0, 2.0, 3.0));
        assertEquals(Ticks.linear(9.55, 13.55, 4), List.of(10.0, 11.0, 12.0, 13.0));
        assertEquals(Ticks.oneTwoFive(0.9, 50), List.of(1.0, 2.0, 5.0, 10.0, 20.0, 50.0));
    }
}
