package app.brightkeel.core.review.whole;

import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Cranking;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A battery that also starts an engine: its cranking current before its reserve, and no lithium in its place. */
public class EngineTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    private static Rig with(Chemistry chemistry, double ah, double age, Cranking cranking) {
        Pack pack = TestRigs.pack(chemistry, ah)
                .with(p -> p.massKg(measured(chemistry.lead() ? ah * 0.3 : ah * 0.12))
                        .age(measured(age))
                        .cranking(cranking));
        return TestRigs.simple(pack, 12, 8, 20);
    }

    private static Optional<Finding> found(Rig rig) {
        return REVIEWER.review(Line.of(rig)).findings().stream()
                .filter(finding -> finding.rule().equals("battery.starts-engine"))
                .findFirst();
    }

    /** Worn to 0.8 a battery of 500 A gives 400 A; lithium is a caution whatever its label says. */
    @DataProvider
    public Object[][] engines() {
        Figure open = Figure.UNSET;
        return new Object[][] {
            {Chemistry.FLOODED, 1.0, new Cranking(true, rated(500), rated(400)), "holds"},
            {Chemistry.FLOODED, 0.8, new Cranking(true, rated(500), rated(400)), "holds"},
            {Chemistry.FLOODED, 0.79, new Cranking(true, rated(500), rated(400)), "fails"},
            {Chemistry.AGM, 1.0, new Cranking(true, rated(300), rated(400)), "fails"},
            {Chemistry.AGM, 1.0, new Cranking(true, rated(300), open), "/harness/packs/0/cranking/wantsA"},
            {Chemistry.AGM, 1.0, new Cranking(true, open, rated(400)), "/harness/packs/0/cranking/givesA"},
            {Chemistry.AGM, 1.0, new Cranking(false, open, rated(400)), "holds"},
            {Chemistry.LIFEPO4, 1.0, new Cranking(true, rated(500), rated(400)), "close"},
        };
    }

    @Test(dataProvider = "engines")
    public void crankingComesFirst(Chemistry chemistry, double age, Cranking cranking, String expected) {
        Optional<Finding> finding = found(with(chemistry, 60, age, cranking));
        if (expected.equals("holds")) {
            assertFalse(finding.isPresent(), finding.toString());
        } else if (expected.startsWith("/")) {
            assertEquals(finding.orElseThrow().pointers(), List.of(expected));
        } else {
            assertEquals(finding.orElseThrow().verdict().toString().toLowerCase(java.util.Locale.ROOT), expected);
        }
    }

    /** 8 h of 12 W are some 8 Ah: half of 12 Ah is not enough, 80 % were; what is offered is never lithium. */
    @Test
    public void whatIsOfferedLeavesEnoughToStart() {
        Cranking engine = new Cranking(true, rated(500), rated(300));
        Rig rig = with(Chemistry.AGM, 14, 1, engine);
        Rig other = with(Chemistry.AGM, 14, 1, Cranking.NONE);
        Line line = Line.of(rig);
        assertEquals(line.rig().harness().packs().get(0).depth().value(), 0.5);
        Finding hours = REVIEWER.review(line).findings().stream()
                .filter(finding -> finding.rule().equals("battery.hours"))
                .findFirst()
                .orElseThrow();
        assertEquals(hours.verdict(), Verdict.FAILS);
        assertTrue(REVIEWER.review(Line.of(other)).findings().stream()
                .filter(finding -> finding.rule().equals("battery.hours"))
                .allMatch(finding -> finding.verdict() == Verdict.CLOSE));
        List<Change> alternatives = Links.of(Link.BATTERY).alternatives(line);
        assertFalse(alternatives.isEmpty());
        for (Change change : alternatives) {
            for (Pack pack : change.after().harness().packs()) {
                assertTrue(
                        !pack.cranking().engine() || pack.chemistry().lead(),
                        change.label().plain());
            }
        }
        for (Remedy remedy : REVIEWER.remedies(line)) {
            for (Remedy.Cure cure : remedy.offers()) {
                assertFalse(
                        cure.label().plain().contains("LiFePO4"), cure.label().plain());
            }
        }
    }
}
