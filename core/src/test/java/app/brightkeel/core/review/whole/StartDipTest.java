package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Supply;
import java.util.List;
import org.testng.annotations.Test;

/** What starts with a peak pulls the others down: it counts for volts, not for hours. */
public class StartDipTest {

    /** One branch in closed form: V = (U + √(U² − 4PR))/2 at the charge where the depth ends, with the peak for P. */
    @Test
    public void oneBranchByHand() {
        Rig rig = TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 12), 12, 5, 20);
        Device display = rig.devices().get(0);
        Rig peaks = rig.with(display.withSupply(Supply.UNKNOWN.withStartW(Figure.measured(40))));
        FeedState feed = Line.of(peaks).get(Feed.STAGE).value();
        PackModel pack = Line.of(peaks).get(Packs.STAGE).value().first();
        double u = pack.restVolts(pack.emptyCharge());
        double r = pack.ohm(pack.emptyCharge()) + feed.ohms().get(0);
        double volts = (u + Math.sqrt(u * u - 4 * 40 * r)) / 2;
        assertEquals(feed.deviceVolts(0, feed.start()).value(), volts, 1e-9);
        assertEquals(feed.starter(), 0);
        FeedState calm = Line.of(rig).get(Feed.STAGE).value();
        assertEquals(calm.starter(), -1);
        assertEquals(calm.start(), calm.empty(), "nothing starts with a peak");
    }

    /** The fjord rig as invented: the second display at 9.9 to 10.4 V as the module starts, and two ways out of it. */
    @Test
    public void theSecondDisplayReboots() {
        Rig rig = DemoRigs.gannet();
        Line line = Line.of(rig);
        FeedState feed = line.get(Feed.STAGE).value();
        double volts =
                feed.deviceVolts(rig.indexOf(rig.device("five")), feed.start()).value();
        assertTrue(volts > 9.9 && volts < 10.4, "second display at " + volts);
        Finding dip = new RigReviewer()
                .review(line).findings().stream()
                        .filter(finding -> finding.rule().equals("wire.start-dip"))
                        .findFirst()
                        .orElseThrow();
        assertEquals(dip.verdict(), Verdict.FAILS);
        List<String> cures = Mended.ids(rig, "wire.start-dip");
        assertTrue(cures.contains("wire.own-run.module-lead"), cures.toString());
        assertTrue(cures.stream().anyMatch(id -> id.startsWith("wire.gauge.trunk.")), cures.toString());
    }
}
