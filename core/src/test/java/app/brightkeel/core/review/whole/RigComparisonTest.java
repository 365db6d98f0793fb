package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Guide;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import org.testng.annotations.Test;

/** Two rigs side by side, and how far a first pass through one is. */
public class RigComparisonTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    @Test
    public void saysWhichLinkDiffersAndByHowMuch() {
        Line left = Line.of(DemoRigs.oystercatcher());
        Line right = Line.of(DemoRigs.lanternCrate());
        RigComparison both = RigComparison.of(left, right, REVIEWER);
        assertEquals(both.links().size(), Link.values().length);
        for (RigComparison.Pair row : both.links()) {
            assertEquals(row.left(), REVIEWER.state(left, row.link()));
            assertEquals(row.right(), REVIEWER.state(right, row.link()));
        }
        RigComparison.Pair screen = both.links().get(Link.SCREEN.ordinal());
        assertTrue(screen.differs());
        assertEquals(screen.by().plain(), "5.7 W less");
        assertEquals(screen.leftHas().plain(), "7-in chirp display");
        RigComparison.Pair wire = both.links().get(Link.WIRE.ordinal());
        assertEquals(wire.rightHas().plain(), "0.52 mm², 1.20 m");
        assertEquals(both.links().get(Link.MOUNT.ordinal()).rightHas().plain(), "float in the hole, hole in the ice");
        assertEquals(both.links().get(Link.WATER.ordinal()).by().plain(), "12 m more");
        // one is short, the other has to spare: their lengths are not to be taken from each other
        assertEquals(both.links().get(Link.CABLE.ordinal()).by().plain(), "");
        RigComparison back = RigComparison.of(right, left, REVIEWER);
        assertEquals(back.links().get(Link.SCREEN.ordinal()).by().plain(), "5.7 W more");
    }

    @Test
    public void aRigBesideItselfDiffersNowhere() {
        Line line = Line.of(DemoRigs.lanternCrate());
        for (RigComparison.Pair row : RigComparison.of(line, line, REVIEWER).links()) {
            assertFalse(row.differs(), row.toString());
            assertEquals(row.by().plain(), "");
        }
    }

    /** Handbook §1: use, sonar, mount, loads, battery, wiring (wire, fuse), routing, layout. */
    @Test
    public void theFirstPassGoesInTheOrderOfTheWork() {
        assertEquals(
                REVIEWER.review(Line.of(Rig.blank("new", CraftKind.CANOE))).guide().stream()
                        .map(Guide.Asked::link)
                        .toList(),
                List.of(
                        Link.WATER,
                        Link.TRANSDUCER,
                        Link.MOUNT,
                        Link.SCREEN,
                        Link.BATTERY,
                        Link.WIRE,
                        Link.FUSE,
                        Link.CABLE,
                        Link.CARRY));
    }
}
