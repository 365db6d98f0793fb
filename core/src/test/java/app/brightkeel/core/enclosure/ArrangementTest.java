package app.brightkeel.core.enclosure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.Mended;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Several things in one room, against a search that puts each at every corner the others leave. */
public class ArrangementTest {

    private static final Box ROOM = new Box(0.30, 0.25, 0.20);

    @DataProvider
    public Object[][] numbers() {
        return new Object[][] {{2, 200, 1.0}, {3, 120, 0.98}, {4, 25, 0.95}};
    }

    /**
     * Never more room than the search finds, the same in nearly all cases (ways that no straight wall parts are the
     * rest), and what is found stands free of each other inside what it takes.
     */
    @Test(dataProvider = "numbers")
    public void asMuchIsLeftAsASearchOfAllCornersFinds(int many, int trials, double share) {
        Random random = new Random(42 + many);
        int same = 0;
        for (int trial = 0; trial < trials; trial++) {
            List<Arrangement.Thing> things = new ArrayList<>();
            for (int i = 0; i < many; i++) {
                Box box = new Box(side(random), side(random), side(random));
                Box turned = new Box(box.wideM(), box.deepM(), box.tallM());
                Box lying = new Box(box.tallM(), box.wideM(), box.deepM());
                things.add(new Arrangement.Thing(
                        random.nextDouble(), many < 4 ? List.of(box, turned, lying) : List.of(box, turned)));
            }
            List<Arrangement.Stood> stood = Arrangement.of(things, ROOM).stood();
            double found = gap(stood);
            assertFree(stood);
            double most = mostOf(things, new ArrayList<>(), new boolean[many], Double.NEGATIVE_INFINITY);
            assertTrue(found <= most + 1e-9, found + " of " + most);
            same += found >= most - 1e-9 ? 1 : 0;
        }
        assertTrue(same >= share * trials, same + " of " + trials);
    }

    private static double side(Random random) {
        return (3 + random.nextInt(14)) / 100.0;
    }

    private static double gap(List<Arrangement.Stood> stood) {
        double gap = Double.POSITIVE_INFINITY;
        for (Arrangement.Stood each : stood) {
            gap = Math.min(
                    gap, ROOM.deepM() - each.corner().deepM() - each.turned().deepM());
            gap = Math.min(
                    gap, ROOM.wideM() - each.corner().wideM() - each.turned().wideM());
            gap = Math.min(
                    gap, ROOM.tallM() - each.corner().tallM() - each.turned().tallM());
        }
        return gap;
    }

    private static void assertFree(List<Arrangement.Stood> stood) {
        for (int a = 0; a < stood.size(); a++) {
            for (int b = 0; b < a; b++) {
                assertTrue(!meet(stood.get(a), stood.get(b)), stood.toString());
            }
        }
    }

    private static boolean meet(Arrangement.Stood a, Arrangement.Stood b) {
        return over(
                        a.corner().deepM(),
                        a.turned().deepM(),
                        b.corner().deepM(),
                        b.turned().deepM())
                && over(
                        a.corner().wideM(),
                        a.turned().wideM(),
                        b.corner().wideM(),
                        b.turned().wideM())
                && over(
                        a.corner().tallM(),
                        a.turned().tallM(),
                        b.corner().tallM(),
                        b.turned().tallM());
    }

    private static boolean over(double a, double longA, double b, double longB) {
        return a + longA > b + 1e-9 && b + longB > a + 1e-9;
    }

    private static double mostOf(
            List<Arrangement.Thing> things, List<Arrangement.Stood> stood, boolean[] used, double best) {
        if (gap(stood) <= best) {
            return best;
        }
        if (stood.size() == things.size()) {
            return gap(stood);
        }
        double most = best;
        for (int i = 0; i < things.size(); i++) {
            if (!used[i]) {
                used[i] = true;
                for (Box way : things.get(i).ways()) {
                    for (Corner corner : corners(stood)) {
                        Arrangement.Stood next = new Arrangement.Stood(i, way, corner, way);
                        if (stood.stream().noneMatch(other -> meet(other, next))) {
                            stood.add(next);
                            most = mostOf(things, stood, used, most);
                            stood.remove(stood.size() - 1);
                        }
                    }
                }
                used[i] = false;
            }
        }
        return most;
    }

    private static List<Corner> corners(List<Arrangement.Stood> stood) {
        List<Double> deep = new ArrayList<>(List.of(0.0));
        List<Double> wide = new ArrayList<>(List.of(0.0));
        List<Double> tall = new ArrayList<>(List.of(0.0));
        for (Arrangement.Stood each : stood) {
            deep.add(each.corner().deepM() + each.turned().deepM());
            wide.add(each.corner().wideM() + each.turned().wideM());
            tall.add(each.corner().tallM() + each.turned().tallM());
        }
        List<Corner> all = new ArrayList<>();
        deep.forEach(d -> wide.forEach(w -> tall.forEach(t -> all.add(new Corner(d, w, t)))));
        return all;
    }

    /** Seven bricks of 100 × 100 × 40 mm, the last two added one after another; the heavier of two stands below. */
    @Test
    public void manyThingsAndHeavyOnes() {
        Box brick = new Box(0.10, 0.10, 0.04);
        List<Arrangement.Thing> bricks = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            bricks.add(new Arrangement.Thing(1, List.of(brick)));
        }
        assertTrue(gap(Arrangement.of(bricks, ROOM).stood()) >= 0);
        List<Arrangement.Stood> two = Arrangement.of(
                        List.of(new Arrangement.Thing(1, List.of(brick)), new Arrangement.Thing(4, List.of(brick))),
                        new Box(0.11, 0.11, 0.09))
                .stood();
        assertEquals(two.get(0).corner().tallM(), 0.04, 1e-9);
        assertEquals(two.get(1).corner().tallM(), 0, 1e-9);
    }

    /** The display goes into the pod beside the battery; one twice as large does not, which has a cure; its measures are asked for. */
    @Test
    public void aDeviceStandsBesideTheBattery() {
        Rig rig = DemoRigs.reedling();
        Rig moved = rig.with(rig.placeOf("display").orElseThrow().withStation("floor-aft"));
        Fit fit = Line.of(moved).get(FitStage.STAGE).value().all().get(0);
        assertEquals(fit.pieces().size(), 2);
        assertTrue(fit.leastGapM() >= 0, "" + fit.leastGapM());
        Line line = Line.of(moved.withDevices(
                List.of(moved.devices().get(0).withSize(Size.UNKNOWN.withDeepM(Figure.measured(0.1))))));
        assertEquals(line.get(FitStage.STAGE).missing(), List.of("/devices/0/size/wideM", "/devices/0/size/tallM"));
        Size large = new Size(Figure.measured(0.10), Figure.measured(0.32), Figure.measured(0.20));
        Rig wide = moved.withDevices(List.of(moved.devices().get(0).withSize(large)));
        Rig boxed = wide.withFitOut(moved.fitOut()
                .withBoxes(List.of(moved.fitOut().boxes().get(0).withKind(app.brightkeel.core.rig.EnclosureKind.BOX))));
        Line too = Line.of(boxed);
        Rig larger = Comparison.find(too, "carry.larger.pod").orElseThrow().after();
        assertTrue(Line.of(larger).get(FitStage.STAGE).value().all().get(0).leastGapM() >= 0);
        assertFalse(Mended.of(boxed, "carry.does-not-fit").isEmpty());
    }
}
