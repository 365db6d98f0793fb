package app.brightkeel.core.load;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import org.testng.annotations.Test;

/** A device that comes later keeps its circuit and draws nothing yet. */
public class LaterTest {

    private static DayLoad load(Rig rig) {
        return Line.of(rig).get(Load.STAGE).value();
    }

    @Test
    public void itsHoursAreNotCountedItsCircuitIs() {
        Rig rig = TestRigs.twoScreens();
        Device second = rig.devices().get(1);
        Rig later = rig.with(second.withLater(true));
        DayLoad now = load(rig);
        DayLoad then = load(later);
        for (int phase = 0; phase < now.phases().size(); phase++) {
            List<Double> watts = then.phases().get(phase).watts();
            assertEquals(watts.get(1), 0.0, "nothing yet");
            assertEquals(watts.get(0), now.phases().get(phase).watts().get(0), 1e-9);
        }
        assertEquals(then.fullW(), now.fullW(), "wire and fuse are made for both");
    }

    /** With it, Compare says what is left of the day; taken back it is the rig as it was. */
    @Test
    public void compareShowsTheDayWithIt() {
        Rig rig = DemoRigs.gannet();
        Rig later = rig.with(rig.device("module").withLater(true));
        Comparison.Offer with = Comparison.of(Line.of(later), Link.SCREEN, new RigReviewer()).stream()
                .filter(offer -> offer.id().equals("screen.now.module"))
                .findFirst()
                .orElseThrow();
        assertTrue(with.loses().stream().anyMatch(text -> text.plain().matches("lasts .* less")), with.toString());
        assertEquals(Comparison.find(Line.of(later), with.id()).orElseThrow().after(), rig);
        assertFalse(Comparison.of(Line.of(rig), Link.SCREEN, new RigReviewer()).stream()
                .anyMatch(offer -> offer.id().startsWith("screen.now.")));
    }

    /** Where all of it comes later nothing draws, and nothing breaks. */
    @Test
    public void allOfItMayComeLater() {
        Rig rig = DemoRigs.oystercatcher();
        Rig later = rig.with(rig.devices().get(0).withLater(true));
        assertEquals(load(later).meanW(), 0.0);
        new RigReviewer().review(Line.of(later));
    }
}
