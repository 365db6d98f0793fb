package app.brightkeel.core.review;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.function.DoubleFunction;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each rule on both sides of its limit: where it fails, where it is close, where it holds. */
public class BoundariesTest {

    private static final Rig GOOD = RuleTriggers.good();

    private static Verdict verdict(String id, Rig rig) {
        Rule rule =
                Rules.ALL.stream().filter(r -> r.id().equals(id)).findFirst().orElseThrow();
        return rule.verdict(rule.judge(Line.of(rig)));
    }

    private static Rig fuse(double ratingA, double atM, boolean sheathed) {
        Segment lead = GOOD.harness().segment("lead");
        Fitting.Fuse fuse = ((Fitting.Fuse) lead.fittings().get(0))
                .withRatingA(Figure.rated(ratingA))
                .withAtM(Figure.measured(atM));
        return GOOD.with(lead.with(fuse).withWire(lead.wire().withSheathed(sheathed)));
    }

    private static Rig display(double minV, double maxV, double minWireMm2) {
        Device display = GOOD.device("display");
        return GOOD.with(display.withLimits(display.limits()
                .withMinV(Figure.rated(minV))
                .withMaxV(Figure.rated(maxV))
                .withMinWireMm2(Figure.rated(minWireMm2))));
    }

    private static Rig pack(double ampereHours, double massKg, double celsius, double maxA) {
        Pack pack = GOOD.harness().pack("pack");
        return GOOD.with(pack.withCapacityAh(Figure.rated(ampereHours))
                .withMassKg(Figure.rated(massKg))
                .withTempC(Figure.measured(celsius))
                .withMaxDischargeA(Figure.rated(maxA)));
    }

    /** Hours wanted against the same battery: the median and the low hours are the two limits. */
    private static Rig wanted(double hours) {
        return TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 10).withCapacityAh(Figure.rated(10)), 12, hours, 20);
    }

    /** The lead as long as it takes; 22 AWG loses 3 % at 2.7 m and never 10 %. */
    private static Rig length(double lengthM) {
        Segment lead = DemoRigs.oystercatcher().harness().segment("lead");
        return DemoRigs.oystercatcher().with(lead.withWire(lead.wire().withLengthM(Figure.measured(lengthM))));
    }

    @DataProvider
    public Object[][] limits() {
        return new Object[][] {
            // ABYC E-11: 7 in without a sheath, 72 in within one
            {"fuse.too-far-from-battery", of(at -> fuse(5, at, false)), 0.178, 0.179, Verdict.HOLDS, Verdict.FAILS},
            {"fuse.too-far-from-battery", of(at -> fuse(5, at, true)), 1.83, 1.84, Verdict.HOLDS, Verdict.FAILS},
            // 16 AWG carries 25 A by table; the maker allows 5 A
            {"fuse.above-ampacity", of(a -> fuse(a, 0.1, true)), 25, 30, Verdict.HOLDS, Verdict.FAILS},
            {"fuse.above-maker-maximum", of(a -> fuse(a, 0.1, true)), 5, 7.5, Verdict.HOLDS, Verdict.FAILS},
            // 15 W at 10 V are 1.5 A: 80 % of 1.875 A, all of 1.5 A
            {"fuse.opens-in-use", of(a -> fuse(a, 0.1, true)), 1.876, 1.87, Verdict.HOLDS, Verdict.CLOSE},
            {"fuse.opens-in-use", of(a -> fuse(a, 0.1, true)), 1.51, 1.49, Verdict.CLOSE, Verdict.FAILS},
            {"wire.above-maximum", of(v -> display(10, v, 0.1)), 13.5, 13.0, Verdict.HOLDS, Verdict.FAILS},
            {"wire.thinner-than-maker", of(mm2 -> display(10, 18, mm2)), 1.3087, 1.31, Verdict.HOLDS, Verdict.FAILS},
            {"wire.drop", of(BoundariesTest::length), 2.6, 3.0, Verdict.HOLDS, Verdict.CLOSE},
            {"wire.drop", of(BoundariesTest::length), 3.0, 12.0, Verdict.CLOSE, Verdict.CLOSE},
            {"battery.too-cold", of(c -> pack(12, 1.5, c, 12)), -17, -18, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.too-cold", of(c -> pack(12, 1.5, c, 12)), -19.9, -20.1, Verdict.CLOSE, Verdict.FAILS},
            {"battery.discharge-limit", of(a -> pack(12, 1.5, 20, a)), 1.8, 1.7, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.discharge-limit", of(a -> pack(12, 1.5, 20, a)), 1.51, 1.49, Verdict.CLOSE, Verdict.FAILS},
            // 100 Ah of LiFePO4 does not weigh 6 kg; 11.5 kg is usual
            {"battery.mass-implausible", of(kg -> pack(100, kg, 20, 50)), 11.5, 6, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.hours", of(BoundariesTest::wanted), 8.0, 9.0, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.hours", of(BoundariesTest::wanted), 9.5, 10.5, Verdict.CLOSE, Verdict.FAILS}
        };
    }

    private static DoubleFunction<Rig> of(DoubleFunction<Rig> made) {
        return made;
    }

    @Test(dataProvider = "limits")
    public void onBothSidesOfTheLimit(
            String id, DoubleFunction<Rig> made, double inside, double outside, Verdict better, Verdict worse) {
        assertEquals(verdict(id, made.apply(inside)), better, id + " at " + inside);
        assertEquals(verdict(id, made.apply(outside)), worse, id + " at " + outside);
    }

    /** Where several fuses or wires are wrong at once, a change of all of them is offered, and cures. */
    @Test
    public void severalFaultsOfOneKindAreCuredTogether() {
        Rig rig = TestRigs.twoScreens();
        for (Segment segment : rig.harness().segments()) {
            for (Fitting fitting : segment.fittings()) {
                if (fitting instanceof Fitting.Fuse fuse) {
                    rig = rig.with(rig.harness().segment(segment.id()).with(fuse.withRatingA(Figure.rated(40))));
                }
            }
        }
        Review review = new RigReviewer().review(Line.of(rig));
        Finding finding = finding(review, "fuse.above-ampacity");
        assertTrue(finding.cures().stream().anyMatch(c -> c.id().equals("fuse.rate-all")), finding.toString());
        Rig cured = Comparison.find(Line.of(rig), "fuse.rate-all").orElseThrow().after();
        assertEquals(verdict("fuse.above-ampacity", cured), Verdict.HOLDS);
        assertEquals(verdict("fuse.opens-in-use", cured), Verdict.HOLDS);

        Rig thin = TestRigs.twoScreens();
        for (Segment segment : thin.harness().segments()) {
            thin = thin.with(segment.withWire(segment.wire().withGauge(new Gauge.Awg(22))));
        }
        List<Finding.Cure> wires =
                finding(new RigReviewer().review(Line.of(thin)), "wire.drop").cures();
        assertFalse(wires.isEmpty());
        assertTrue(wires.stream().anyMatch(c -> c.id().startsWith("wire.gauge-all")), wires.toString());
    }

    /** Both fuses next to the packs are too weak for a dead short of 20 Ah cells: one change betters both. */
    @Test
    public void weakFusesOfSeveralPacksAreReplacedTogether() {
        Review review = new RigReviewer().review(Line.of(TestRigs.twoScreens()));
        Finding finding = finding(review, "fuse.breaking-capacity");
        assertEquals(finding.verdict(), Verdict.FAILS);
        assertEquals(finding.cures().get(0).id(), "fuse.form.strip");
    }

    private static Finding finding(Review review, String id) {
        return review.findings().stream()
                .filter(f -> f.rule().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
