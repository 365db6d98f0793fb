package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a rig may be besides what it is now: on another source, over a spare lead, with a battery used deeper. */
public class OtherwiseTest {

    private static Optional<Finding> found(Rig rig, String rule) {
        return new RigReviewer()
                .review(Line.of(rig)).findings().stream()
                        .filter(finding -> finding.rule().equals(rule))
                        .findFirst();
    }

    /** A second source on six times the lead: 20 m of AWG 22 starve a display of 30 W that is content on its own. */
    @Test
    public void anAlternativeIsJudgedOverItsOwnLead() {
        Rig rig = TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 20), 30, 4, 20);
        Pack pack = rig.harness().packs().get(0);
        List<Pack> packs = List.of(
                pack, pack.with(other -> other.id("boat").name("boat battery").role(PackRole.INSTEAD)));
        List<Segment> segments = new ArrayList<>(rig.harness().segments());
        segments.add(TestRigs.lead("long", "boat", rig.devices().get(0).id(), new Gauge.Awg(22), 20, 5));
        assertTrue(found(rig, "wire.device-minimum").isEmpty());
        Finding starved = found(
                        rig.withHarness(rig.harness().with(h -> h.packs(packs).segments(segments))),
                        "wire.device-minimum")
                .orElseThrow();
        assertEquals(starved.verdict(), Verdict.FAILS);
        assertTrue(
                starved.text().plain().startsWith("On boat battery: "),
                starved.text().plain());
    }

    /** The spare of Gannet, thin and long: told as what it is. */
    @Test
    public void aSpareLeadIsJudgedAsIfItWereJoined() {
        Rig gannet = DemoRigs.gannet();
        Segment spare = gannet.harness().spares().get(0);
        Segment thin = spare.withWire(spare.wire().withGauge(new Gauge.Awg(24)).withLengthM(Figure.measured(15)));
        Rig rig = gannet.withHarness(gannet.harness().withSpares(List.of(thin)));
        String told = found(rig, "wire.drop").orElseThrow().text().plain();
        assertTrue(told.startsWith("Over spare supply lead: "), told);
        Rig bare = gannet.withHarness(gannet.harness().withSpares(List.of(spare.withFittings(List.of()))));
        assertEquals(found(bare, "fuse.spare-lead").orElseThrow().verdict(), Verdict.FAILS);
    }

    /** Handbook §6: enough at 50 % holds, enough only at 80 % is close, not enough at 80 % fails, until one picks a depth. */
    @DataProvider
    public Object[][] depths() {
        return new Object[][] {
            {40, Figure.UNSET, Verdict.HOLDS},
            {11, Figure.UNSET, Verdict.CLOSE},
            {7, Figure.UNSET, Verdict.FAILS},
            {11, Figure.chosen(0.8), Verdict.HOLDS},
            {11, Figure.chosen(0.5), Verdict.FAILS}
        };
    }

    /** 12 W for 6 h from AGM at 20 °C: about 6 Ah. */
    @Test(dataProvider = "depths")
    public void leadHasTwoDepthsUntilOneIsChosen(double ah, Figure depth, Verdict verdict) {
        Pack pack = TestRigs.pack(Chemistry.AGM, ah).withDepth(depth);
        Rig rig = TestRigs.simple(pack, 12, 6, 20);
        assertEquals(
                found(rig, "battery.hours").map(Finding::verdict).orElse(Verdict.HOLDS),
                verdict,
                found(rig, "battery.hours").toString());
    }
}
