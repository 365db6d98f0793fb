package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A wire that nobody laid or measured is as long as where its two ends sit wants it, and moves with them. */
public class WiresByPlaceTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    /** Oystercatcher with a second display on a lead that was just added. */
    private static Rig added() {
        Rig rig = DemoRigs.oystercatcher();
        Device second = rig.devices().get(0).withId("second").withName("second display");
        return WireChanges.withDevice(rig, second);
    }

    private static Segment lead(Rig rig) {
        return Line.of(rig).rig().harness().segments().stream()
                .filter(segment -> segment.to().equals("second"))
                .findFirst()
                .orElseThrow();
    }

    /**
     * Along the passages of that craft from the stern well, in metres: 0.50 + 1.35 past the seat + 0.45 to the left rail,
     * 0.95 to the right one; 0.30 for the loop and 0.10 for the drip.
     */
    @DataProvider
    public Object[][] places() {
        return new Object[][] {
            {"rail-left", 0.50 + 1.35 + 0.45 + 0.40},
            {"rail-right", 0.50 + 1.35 + 0.95 + 0.40},
            {"stern-well", 0.40},
            {"deck-aft", 0.50 + 0.40}
        };
    }

    @Test(dataProvider = "places")
    public void isAsLongAsTheWayBetweenItsEnds(String station, double metres) {
        Figure length = lead(added().with(new Placement("second", station, true)))
                .wire()
                .lengthM();
        assertEquals(length.basis(), Figure.Basis.ASSUMED);
        assertEquals(length.value(), metres, 1e-9);
    }

    /** Without a place for it, or for the battery, nobody knows: the link asks. */
    @Test
    public void isAskedForWhereAnEndHasNoPlace() {
        LinkState wire = REVIEWER.state(Line.of(added()), Link.WIRE);
        assertEquals(wire.verdict(), Verdict.UNSET);
        assertEquals(((LinkState.Open) wire).pointers(), List.of("/harness/segments/1/wire/lengthM"));
    }

    /** Built anew the wires reach from place to place, however short the lead was said to be. */
    @Test
    public void aHarnessBuiltAnewReaches() {
        Rig rig = DemoRigs.oystercatcher();
        Segment lead = rig.harness().segment("lead");
        Rig brief = rig.with(lead.withWire(lead.wire().withLengthM(Figure.chosen(0.7))));
        Rig built = Comparison.find(Line.of(brief), "wire.school.in-line")
                .orElseThrow()
                .after();
        double whole = built.harness().segments().stream()
                .mapToDouble(segment -> segment.wire().lengthM().value())
                .sum();
        assertTrue(whole >= 2.7 - 1e-9, "only " + whole);
    }
}
