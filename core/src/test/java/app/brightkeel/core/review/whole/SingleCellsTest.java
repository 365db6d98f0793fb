package app.brightkeel.core.review.whole;

import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.End;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Eight cells in a holder: what they give, where they end, and what a fuse does behind them. */
public class SingleCellsTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    private static Rig on(Chemistry chemistry, double ah, double watts, double minV, double fuseA, int awg) {
        Rig rig = TestRigs.simple(TestRigs.pack(chemistry, ah).withMassKg(measured(0.22)), watts, 1, 20);
        Device display = rig.devices().get(0);
        Segment lead = rig.harness().segments().get(0);
        Segment fused = lead.withFittings(lead.fittings().stream()
                        .map(each -> each instanceof Fitting.Fuse fuse ? fuse.withRatingA(rated(fuseA)) : each)
                        .toList())
                .withWire(lead.wire().withGauge(new Gauge.Awg(awg)));
        return rig.with(display.withLimits(display.limits().withMinV(rated(minV))))
                .with(fused);
    }

    /** What the strip shows of the wire is what its working ends in: of cells the fresh ones, of packs the nearly empty. */
    @Test
    public void theWorkingEndsInWhatIsJudged() {
        for (Chemistry chemistry : List.of(Chemistry.ALKALINE, Chemistry.NIMH, Chemistry.LIFEPO4, Chemistry.AGM)) {
            Line line = Line.of(on(chemistry, 2.5, 5, 9, 1, 18));
            FeedState feed = line.get(Feed.STAGE).value();
            Working.Row.Opened device = (Working.Row.Opened) Feed.STAGE.working(line).rows().stream()
                    .filter(Working.Row.Opened.class::isInstance)
                    .findFirst()
                    .orElseThrow();
            List<Working.Row> rows = device.working().rows();
            double end =
                    ((Working.Row.Result) rows.get(rows.size() - 1)).amount().si();
            double judged = feed.deviceVolts(0, chemistry.cells() ? feed.full() : feed.empty())
                    .value();
            assertEquals(end, judged, 1e-9, chemistry.name());
            assertEquals(device.amount().si(), judged, 1e-9, chemistry.name());
            assertTrue(Links.of(Link.WIRE).number(line).toString().contains(String.valueOf(judged)), chemistry.name());
        }
    }

    private static Optional<Finding> found(Rig rig, String rule) {
        return REVIEWER.review(Line.of(rig)).findings().stream()
                .filter(finding -> finding.rule().equals(rule))
                .findFirst();
    }

    /**
     * A short of eight fresh alkaline cells is 5 to 10 A (handbook §6), less than 18 AWG may carry (20 A, ABYC E-11): no
     * fuse of 3 A opens for what is left of it at the end of the lead, and none has to. Lead behind the same lead is
     * another matter.
     */
    @DataProvider
    public Object[][] fuses() {
        return new Object[][] {
            // chemistry, Ah, watts, fuse, wire, close for a smaller fuse, fails for the short
            {Chemistry.ALKALINE, 2.5, 5.0, 1.0, 18, false, false},
            {Chemistry.ALKALINE, 2.5, 5.0, 5.0, 18, true, false},
            {Chemistry.ALKALINE, 2.5, 8.0, 2.0, 18, false, false},
            // 24 AWG may carry 3.5 A: there the cells do not limit themselves enough
            {Chemistry.ALKALINE, 2.5, 5.0, 5.0, 24, false, true},
        };
    }

    @Test(dataProvider = "fuses")
    public void cellsLimitThemselves(
            Chemistry chemistry, double ah, double watts, double fuseA, int awg, boolean smaller, boolean fails) {
        Rig rig = on(chemistry, ah, watts, 9, fuseA, awg);
        Optional<Finding> finding = found(rig, "fuse.far-end-short");
        assertEquals(finding.isPresent(), smaller || fails, finding.toString());
        if (smaller) {
            String words = finding.get().text().plain();
            assertEquals(finding.get().verdict(), Verdict.CLOSE, words);
            assertTrue(words.contains("limits itself") && words.contains("smallest"), words);
            FuseDuty duty = Line.of(rig).get(Protection.STAGE).value().fuses().get(0);
            assertTrue(duty.breaksA() > 5 && duty.breaksA() < duty.zone().ampacityA(), "a short of " + duty.breaksA());
        }
        if (fails) {
            assertEquals(finding.get().verdict(), Verdict.FAILS);
        }
    }

    /** Eight rechargeable cells stand at 1.2 V each: under 10.8 V from the first minute, over 9 V nearly to the end. */
    @Test
    public void rechargeableCellsAreWeakForMostScreens() {
        Rig thirsty = on(Chemistry.NIMH, 2.1, 5, 10.8, 1, 18);
        String words =
                found(thirsty, "battery.too-few-volts").orElseThrow().text().plain();
        assertTrue(words.contains("10.8"), words);
        assertEquals(found(thirsty, "battery.hours").orElseThrow().verdict(), Verdict.FAILS);
        Rig modest = on(Chemistry.NIMH, 2.1, 5, 9, 1, 18);
        assertFalse(found(modest, "battery.too-few-volts").isPresent());
        DayRun run = Line.of(modest).get(Runtime.STAGE).value();
        assertTrue(run.hours() > 2.5 && run.hours() < 4.5, "2.1 Ah at some 0.55 A: " + run.hours());
        assertTrue(run.charge() < 0.2, "left " + run.charge());
        assertFalse(found(modest, "battery.volts-implausible").isPresent());
        assertFalse(found(on(Chemistry.ALKALINE, 2.5, 5, 10.8, 1, 18), "battery.too-few-volts")
                .isPresent());
    }

    /** Their end is where the screen stops: that is told as hours, not as a wire that is too thin. */
    @Test
    public void theirEndIsTheDevicesNotTheLastCharge() {
        Rig rig = on(Chemistry.ALKALINE, 2.5, 5, 10.8, 1, 18);
        assertEquals(Line.of(rig).get(Runtime.STAGE).value().end(), End.DEVICE_MINIMUM);
        assertFalse(found(rig, "wire.device-minimum").isPresent());
        // fresh ones that cannot start it are found
        assertTrue(found(on(Chemistry.ALKALINE, 2.5, 9, 12, 2, 18), "wire.device-minimum")
                .isPresent());
    }
}
