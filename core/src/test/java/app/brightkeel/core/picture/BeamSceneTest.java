package app.brightkeel.core.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.Logged;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The pictures of water and beams: to scale, on the slope that is fished, and with something to take hold of. */
public class BeamSceneTest {

    private static Scene scene(Rig rig, Link link) {
        return Pictures.of(Line.of(rig), link).value();
    }

    private static Rig water(Rig rig, UnaryOperator<Water> change) {
        return rig.withOuting(rig.outing().withWater(change.apply(rig.outing().water())));
    }

    private static List<Mark.Path> paths(Scene scene, Role role) {
        return scene.marks().stream()
                .filter(Mark.Path.class::isInstance)
                .map(Mark.Path.class::cast)
                .filter(path -> path.role() == role)
                .toList();
    }

    @DataProvider
    public Object[][] slopes() {
        return new Object[][] {{0}, {5}, {12}, {25}};
    }

    /** Both edges of the cone end on the bed, and what is hidden lies between the arc and the bed. */
    @Test(dataProvider = "slopes")
    public void theConeStandsOnTheSlopeThatIsFished(double degrees) {
        Rig rig = water(DemoRigs.oystercatcher(), w -> w.withSlopeDeg(Figure.chosen(degrees)));
        Scene scene = scene(rig, Link.TRANSDUCER);
        Sight sight = Line.of(rig).get(SonarStage.STAGE).value().first();
        double slope = Math.tan(Math.toRadians(degrees));
        List<Point> cone = paths(scene, Role.BEAM).get(0).points();
        assertEquals(cone.get(0).y(), -sight.face().underM(), 1e-9);
        for (Point edge : cone.subList(1, 3)) {
            assertEquals(edge.y(), -9 + edge.x() * slope, 1e-6);
            assertEquals(Math.abs(edge.x()) / (-sight.face().underM() - edge.y()), Math.tan(Math.toRadians(12)), 1e-6);
        }
        double highest = paths(scene, Role.HIDDEN).get(0).points().stream()
                .mapToDouble(p -> p.y() - (-9 + p.x() * slope))
                .max()
                .orElseThrow();
        assertEquals(highest, sight.hiddenM(9), 1e-6);
    }

    /** As long as the fish, as high over the bottom as they stand. */
    @Test
    public void theFishIsToScale() {
        Rig rig = water(
                DemoRigs.gannet(), w -> w.withFishLengthM(Figure.chosen(1.2)).withFishM(Figure.chosen(3)));
        List<Point> fish =
                paths(scene(rig, Link.TRANSDUCER), Role.TARGET).get(0).points();
        double left = fish.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = fish.stream().mapToDouble(Point::x).max().orElseThrow();
        assertEquals(right - left, 1.2, 1e-9);
        assertEquals(fish.get(0).y(), -90 + 3, 1e-9);
    }

    /** The live wedge in plan is as wide at the cast as computed, and the handle points as it is set. */
    @Test
    public void theLiveFanInPlanHasItsWidthAndItsHandle() {
        for (Handle handle : Handle.values()) {
            Rig rig = DemoRigs.gannet();
            Transducer head = rig.transducer("head").orElseThrow();
            Scene scene =
                    SeenScene.of(Line.of(rig.with(head.withHandle(handle)))).value();
            Mark.Path wedge = paths(scene, Role.BEAM).stream()
                    .filter(path -> path.points().size() == 3)
                    .max(Comparator.comparingDouble(path -> path.points().get(0).x()))
                    .orElseThrow();
            Point middle = wedge.points().get(0);
            assertEquals(
                    wedge.points().get(2).x() - wedge.points().get(1).x(), 2 * 12 * Math.tan(Math.toRadians(10)), 1e-9);
            assertEquals(wedge.points().get(1).y() - middle.y(), 12, 1e-9);
            List<Mark.Path> drawn = paths(scene, handle == Handle.UNMARKED ? Role.MISSING : Role.PART);
            Point end = drawn.get(0).points().get(1);
            assertEquals(Math.signum(end.y() - middle.y()), handle == Handle.ALONG ? 1.0 : -1.0, handle.words());
        }
    }

    /** From above, the circles are as wide as computed: 2·h·tan(12°) of a 24° cone. */
    @Test
    public void circlesInPlanAreAsWideAsWhatIsSeen() {
        Line line = Line.of(DemoRigs.oystercatcher());
        Sight sight = line.get(SonarStage.STAGE).value().first();
        Scene scene = SeenScene.of(line).value();
        double widest = paths(scene, Role.BEAM).get(0).points().stream()
                .mapToDouble(Point::x)
                .max()
                .orElseThrow();
        assertEquals(widest, sight.belowFaceM(9) * Math.tan(Math.toRadians(12)), 1e-6);
        assertTrue(words(scene).contains("across at 9 m"), words(scene));
    }

    private static String words(Scene scene) {
        return scene.marks().stream()
                .filter(Mark.Note.class::isInstance)
                .map(mark -> ((Mark.Note) mark).text().plain())
                .collect(Collectors.joining("; "));
    }

    /** Whatever can be pointed at is a change that is offered, and it chooses that beam. */
    @Test
    public void everyBeamThatCanBePointedAtIsOffered() {
        int picks = 0;
        for (Rig rig : DemoRigs.all()) {
            Line line = Line.of(rig);
            for (Mark mark : scene(rig, Link.TRANSDUCER).marks()) {
                if (mark instanceof Mark.Pick pick) {
                    Rig after =
                            Comparison.find(line, pick.change()).orElseThrow().after();
                    assertTrue(
                            pick.change()
                                    .endsWith("." + after.transducers().get(0).inUse()),
                            pick.change());
                    picks++;
                }
            }
        }
        // two beams each: on the ice twice, at the fjord and among the reeds
        assertEquals(picks, 8);
    }

    /** Each handle lies at its figure, between its neighbours. */
    @Test
    public void handlesOfTheWaterLieAtTheirDepths() {
        Rig rig = DemoRigs.gannet();
        List<Mark.Handle> handles = scene(rig, Link.WATER).marks().stream()
                .filter(Mark.Handle.class::isInstance)
                .map(Mark.Handle.class::cast)
                .toList();
        assertEquals(
                handles.stream().map(Mark.Handle::pointer).toList(),
                Stream.of("leastM", "typicalM", "mostM")
                        .map(field -> "/outing/water/" + field)
                        .toList());
        assertEquals(handles.stream().map(h -> h.at().y()).toList(), List.of(20.0, 45.0, 90.0));
        assertEquals(handles.get(1).low(), 20.0);
        assertEquals(handles.get(1).high(), 90.0);
        handles.forEach(h -> assertTrue(h.low() <= h.at().y() && h.at().y() <= h.high()));
    }

    /** Bars as deep as the log's steps once they are put right, as long as their share of the time. */
    @Test
    public void theHistogramShowsTheLogAtTrueDepths() {
        Logged logged = new Logged("a day", Figure.measured(5), List.of(0.0, 1.0, 2.0, 0.0, 4.0));
        Rig rig = water(DemoRigs.oystercatcher(), w -> w.withLogged(logged).withMostM(Figure.chosen(30)));
        Scene scene = scene(rig, Link.WATER);
        List<Mark.Path> bars = paths(scene, Role.HISTOGRAM);
        assertEquals(bars.size(), 3);
        double error = Line.of(rig)
                .get(app.brightkeel.core.water.WaterStage.STAGE)
                .value()
                .error();
        Point deepest = bars.get(2).points().get(2);
        assertEquals(deepest.y(), 25 / (1 + error), 1e-9);
        assertEquals(bars.get(1).points().get(1).x() / deepest.x(), 0.5, 1e-9);
        assertEquals(
                scene.twin().rows().stream()
                        .filter(row -> row.get(0).plain().equals("fished by the log"))
                        .count(),
                3);
    }
}
