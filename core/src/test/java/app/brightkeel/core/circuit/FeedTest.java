package app.brightkeel.core.circuit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Wire;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FeedTest {

    private static FeedState feed(Rig rig) {
        return Line.of(rig).get(Feed.STAGE).value();
    }

    /** Common practice: drops of short runs at 20 °C by hand, R = 2·l·r of the wire alone [mΩ]. */
    @DataProvider
    public Object[][] runs() {
        return new Object[][] {
            {new Gauge.Awg(14), false, 1.0, 16.90}, {new Gauge.Awg(18), false, 1.0, 42.74},
            {new Gauge.Awg(18), true, 1.0, 45.30}, {new Gauge.Awg(22), false, 3.2, 345.8},
            {new Gauge.Metric(1.5), false, 2.0, 53.2}, {new Gauge.Metric(2.5), true, 0.5, 8.21},
            {new Gauge.Metric(16), false, 10.0, 24.2}
        };
    }

    @Test(dataProvider = "runs")
    public void loopResistanceByHand(Gauge gauge, boolean tinned, double lengthM, double milliohm) {
        Wire wire = Wire.pair(gauge, Figure.measured(lengthM)).withTinned(tinned);
        Segment bare = DemoRigs.oystercatcher()
                .harness()
                .segment("lead")
                .withWire(wire)
                .withFittings(List.of());
        assertEquals(new WireResistance(bare, 20).wireOhm() * 1000, milliohm, 0.002 * milliohm);
        assertEquals(new WireResistance(bare, 20).loopOhm(), new WireResistance(bare, 20).wireOhm(), 0);
        double warm = new WireResistance(bare, 75).wireOhm() / new WireResistance(bare, 20).wireOhm();
        assertEquals(warm, 1.21615, 1e-9);
    }

    /** Volts from a full pack lie above those at its mean, those above nearly empty; more load means fewer volts. */
    @Test
    public void voltsFallWithChargeAndLoad() {
        for (Rig rig : TestRigs.all()) {
            FeedState state = feed(rig);
            for (int d = 0; d < rig.devices().size(); d++) {
                double full = state.deviceVolts(d, state.full()).value();
                double mean = state.deviceVolts(d, state.mean()).value();
                double empty = state.deviceVolts(d, state.empty()).value();
                assertTrue(full > mean && mean > empty, rig.name());
            }
        }
        Rig rig = DemoRigs.oystercatcher();
        Rig hungrier = rig.with(rig.device("display").withDraw(new Draw.Split(Figure.rated(14), Figure.rated(9))));
        assertTrue(feed(hungrier).dropV(0) > feed(rig).dropV(0));
    }

    /** On a shared run one device pulls the other down; on runs of their own it does not, but for the pack. */
    @Test
    public void sharedRunsPullEachOtherDown() {
        Rig shared = TestRigs.twoScreens();
        Device live = shared.device("live");
        Rig quiet = shared.with(live.withDraw(new Draw.Split(Figure.chosen(0), Figure.chosen(0))));
        FeedState busy = feed(shared);
        FeedState calm = feed(quiet);
        assertTrue(calm.dropV(0) < busy.dropV(0) - 0.01, calm.dropV(0) + " " + busy.dropV(0));
        double trunkAmps = busy.mean().amps().get(busy.topology().ids().indexOf("block"));
        double branches = List.of("nine", "five", "live").stream()
                .mapToDouble(id -> busy.mean().amps().get(busy.topology().ids().indexOf(id)))
                .sum();
        assertEquals(trunkAmps, branches, 1e-9);
    }

    /** A device that nothing feeds is known as such; the others are solved all the same. */
    @Test
    public void whatNoPackReachesIsLeftOut() {
        Rig rig = TestRigs.twoScreens();
        Rig cut = rig.withHarness(rig.harness()
                .withSegments(rig.harness().segments().stream()
                        .filter(s -> !s.to().equals("five"))
                        .toList()));
        FeedState state = feed(cut);
        assertTrue(state.feeds(0) && state.feeds(2));
        assertFalse(state.feeds(1));
        assertFalse(state.deviceVolts(1, state.empty()).isKnown());
        assertEquals(state.topology().nodeOfDevice(1), -1);
    }

    /** 60 m of the thinnest wire: beyond the collapse limit nothing is given out as volts. */
    @Test
    public void collapseIsNoNumber() {
        Rig rig = DemoRigs.oystercatcher();
        Segment lead = rig.harness().segment("lead");
        FeedState state = feed(
                rig.with(lead.withWire(lead.wire().withGauge(new Gauge.Awg(24)).withLengthM(Figure.measured(60)))));
        assertFalse(state.empty().exists());
        assertFalse(state.deviceVolts(0, state.empty()).isKnown());
        assertEquals(state.worstDevice(), 0);
    }
}
