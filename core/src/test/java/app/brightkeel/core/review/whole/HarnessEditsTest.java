package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.Moment;
import app.brightkeel.core.picture.Pictures;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Edits that the drawn harness offers: each gives a whole rig, or is not offered. */
public class HarnessEditsTest {

    private static final Rig GANNET = DemoRigs.gannet();

    private static Harness after(Rig rig, String id) {
        return Comparison.find(Line.of(rig), id).orElseThrow().after().harness();
    }

    /** What makes no sense is not offered: a circle, a place it is at, a part that is not there, words that are no edit. */
    @DataProvider
    public Object[][] nonsense() {
        return Stream.of(
                        "wire.hang.trunk.block",
                        "wire.hang.five-lead.block",
                        "wire.hang.five-lead.five",
                        "wire.hang.five-lead.nobody",
                        "wire.hang.nothing.block",
                        "wire.move.main.trunk",
                        "wire.move.main.nowhere",
                        "wire.move.nothing.trunk",
                        "wire.in.rope.trunk",
                        "wire.in.fuse.nothing",
                        "wire.in.fuse",
                        "wire.out.nothing",
                        "wire.out.",
                        "wire.",
                        "wire")
                .map(id -> new Object[] {id})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsNotOffered(String id) {
        assertTrue(Comparison.find(Line.of(GANNET), id).isEmpty());
    }

    /** Two packs on one bus: neither can be hung on the other, which would close a circle. */
    @Test
    public void noCircleOverTwoPacks() {
        assertTrue(Comparison.find(Line.of(TestRigs.twoScreens()), "wire.hang.left-lead.right")
                .isEmpty());
    }

    /** The block taken out: each branch runs to the battery, 3 m longer, its own fuse 3 m farther, the main fuse before it. */
    @Test
    public void aPointTakenOutLeavesWholeLeads() {
        Harness harness = after(GANNET, "wire.out.block");
        assertEquals(harness.segments().size(), 4);
        assertTrue(harness.junctions().isEmpty());
        for (Segment lead : harness.segments()) {
            assertEquals(lead.from(), "pack");
            assertEquals(
                    lead.wire().lengthM().value(),
                    3 + GANNET.harness().segment(lead.id()).wire().lengthM().value(),
                    1e-9);
            Fitting.Fuse main = (Fitting.Fuse) lead.fittings().get(0);
            Fitting.Fuse own = (Fitting.Fuse) lead.fittings().get(1);
            assertEquals(main.ratingA().value(), 10, 0);
            assertEquals(own.atM().value(), 3.05, 1e-9);
        }
        assertEquals(
                harness.segments().stream()
                        .map(s -> s.fittings().get(0).id())
                        .distinct()
                        .count(),
                4);
    }

    /** A splitter put in: two wires as long as one, what sat in it on the battery's side, and still one device fed. */
    @Test
    public void aSplitterCutsAWire() {
        Rig rig = DemoRigs.oystercatcher();
        Harness harness = after(rig, "wire.in.splitter.lead");
        assertEquals(harness.segments().size(), 2);
        double sum = harness.segments().stream()
                .mapToDouble(s -> s.wire().lengthM().value())
                .sum();
        assertEquals(sum, 3.2, 1e-9);
        assertEquals(
                harness.segments().get(0).fittings(),
                rig.harness().segment("lead").fittings());
        assertEquals(harness.segments().get(1).to(), "display");
        assertTrue(Topology.of(rig.withHarness(harness)).nodeOfDevice(0) > 0);
    }

    /** A fuse put into a branch is as large as its load wants; one at the battery sits 10 cm from it. */
    @Test
    public void fittingsComeAndGo() {
        Harness fused = after(DemoRigs.sandpiper(), "wire.in.fuse.lead");
        Fitting.Fuse fuse = (Fitting.Fuse) fused.segment("lead").fittings().get(0);
        assertEquals(fuse.atM().value(), 0.10, 0);
        // 8 W at 10.0 V is 0.8 A; over 0.8 that is 1 A
        assertEquals(fuse.ratingA().value(), 1, 0);
        assertEquals(
                after(GANNET, "wire.in.switch.trunk")
                        .segment("trunk")
                        .fittings()
                        .size(),
                2);
        assertEquals(
                after(GANNET, "wire.in.plug.trunk").segment("trunk").fittings().size(), 2);
        assertTrue(after(GANNET, "wire.out.main").segment("trunk").fittings().isEmpty());
        Harness moved = after(GANNET, "wire.move.main.five-lead");
        assertTrue(moved.segment("trunk").fittings().isEmpty());
        assertEquals(moved.segment("five-lead").fittings().get(0).id(), "main");
        assertEquals(
                after(GANNET, "wire.hang.module-lead.pack")
                        .segment("module-lead")
                        .from(),
                "pack");
        assertEquals(after(GANNET, "wire.out.five-lead").segments().size(), 4);
    }

    /** Whatever is drawn can be dragged only to where the edit it names is offered or refused, and nothing faults. */
    @Test
    public void everyDragOfThePictureIsAnEditOrNothing() {
        for (Rig rig : Stream.concat(TestRigs.all().stream(), Stream.of(DemoRigs.sandpiper()))
                .toList()) {
            Line line = Line.of(rig);
            List<Mark.Element> elements = Pictures.of(line, Link.WIRE).value().marks().stream()
                    .filter(Mark.Element.class::isInstance)
                    .map(Mark.Element.class::cast)
                    .toList();
            int edits = 0;
            for (Mark.Element one : elements) {
                for (Mark.Element other : elements) {
                    boolean takes = !one.drags().isEmpty()
                            && other.takes().stream()
                                    .anyMatch(start -> one.drags().startsWith(start));
                    if (takes
                            && Comparison.find(line, one.drags() + other.part()).isPresent()) {
                        edits++;
                    }
                }
            }
            assertTrue(elements.size() >= 3 && (edits > 0 || rig.devices().size() == 1), rig.name());
        }
    }

    /** Volts fall from full to nearly empty; at the start of the module they fall more; what is off draws nothing. */
    @Test
    public void momentsOfADay() {
        Line line = Line.of(GANNET);
        double full = five(line, new Moment(Moment.Charge.FULL, 0, false, Set.of()));
        double half = five(line, new Moment(Moment.Charge.HALF, 0, false, Set.of()));
        double empty = five(line, Moment.JUDGED);
        double start = five(line, new Moment(Moment.Charge.EMPTY, 0, true, Set.of()));
        double quiet = five(line, new Moment(Moment.Charge.EMPTY, 0, true, Set.of("module", "nobody")));
        assertTrue(full > half && half > empty && empty > start && quiet > empty, start + " " + quiet);
        assertTrue(start >= 9.9 && start <= 10.4, "handbook §18: 9.9 to 10.4 V as the module starts, not " + start);
        double out = five(line, new Moment(Moment.Charge.HOUR, 0.5, false, Set.of()));
        double fishing = five(line, new Moment(Moment.Charge.HOUR, 3, false, Set.of()));
        double late = five(line, new Moment(Moment.Charge.HOUR, 500, false, Set.of()));
        assertTrue(out > fishing && fishing > late, "the module runs while fishing: " + out + " " + fishing);
    }

    private static double five(Line line, Moment moment) {
        return Pictures.harness(line, moment).value().twin().rows().stream()
                .filter(row -> row.get(0).plain().equals("5-in display"))
                .findFirst()
                .orElseThrow()
                .get(2)
                .amounts()
                .get(0)
                .si();
    }
}
