package app.brightkeel.core.advice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A craft that sinks, a day no battery lasts, water no beam reaches: what is in the way is told, and what may be done. */
public class InTheWayTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final long RIGS = 20_000;

    private static Rig with(Rig rig, String pointer, double value) {
        return Pointer.with(rig, pointer, Figure.chosen(value)).orElseThrow();
    }

    private static Rig sinking(Rig rig) {
        return with(with(rig, "/craft/lengthM", 1.0), "/craft/beamM", 0.5);
    }

    private static Rig days(Rig rig) {
        return with(rig, "/outing/phases/0/hours", 72);
    }

    private static Rig abyss(Rig rig) {
        return with(with(rig, "/outing/water/mostM", 400), "/outing/water/leastM", 300);
    }

    @DataProvider
    public Object[][] hopeless() {
        return new Object[][] {
            {"sinking oystercatcher", sinking(DemoRigs.oystercatcher()), Set.of(Link.CARRY)},
            {"sinking gannet", sinking(DemoRigs.gannet()), Set.of(Link.CARRY)},
            {"days gannet", days(DemoRigs.gannet()), Set.of(Link.BATTERY)},
            {"abyss lanternCrate", abyss(DemoRigs.lanternCrate()), Set.of(Link.TRANSDUCER)},
            {"abyss bittern", abyss(DemoRigs.bittern()), Set.of(Link.TRANSDUCER)},
            {
                "abyss sinking oystercatcher",
                abyss(sinking(DemoRigs.oystercatcher())),
                Set.of(Link.TRANSDUCER, Link.CARRY)
            },
            {"sinking days gannet", sinking(days(DemoRigs.gannet())), Set.of(Link.BATTERY, Link.CARRY)},
        };
    }

    /** The nearest fails by nothing but what is told; without those links something would hold, with them nothing. */
    @Test(dataProvider = "hopeless")
    public void whatIsInTheWayIsTold(String name, Rig rig, Set<Link> links) {
        Advisor advisor = Advisor.of(Line.of(rig), List.of(), RIGS, () -> false, done -> {});
        assertEquals(advisor.advice(Map.of()).front(), List.of());
        assertEquals(advisor.advice(Map.of()).relax(), List.of());
        List<InTheWay> all = advisor.inTheWay();
        assertEquals(all.stream().map(InTheWay::links).toList(), List.of(links), name);
        for (InTheWay each : all) {
            List<Finding> fails = REVIEWER
                    .review(Line.of(advisor.rig(each.rig()).orElseThrow()))
                    .findings()
                    .stream()
                    .filter(finding -> finding.verdict() == Verdict.FAILS)
                    .toList();
            assertEquals(each.fails(), fails);
            assertEquals(fails.stream().map(Finding::link).collect(Collectors.toSet()), links);
        }
    }

    /** Where something holds nothing is in the way. */
    @Test
    public void nothingIsInTheWayOfWhatHolds() {
        Advisor advisor = Advisor.of(Line.of(DemoRigs.lanternCrate()), List.of(), RIGS, () -> false, done -> {});
        assertFalse(advisor.advice(Map.of()).front().isEmpty());
        assertEquals(advisor.inTheWay(), List.of());
    }

    /** What is offered for an advised rig can be taken with it, and then the finding is gone or no worse. */
    @Test
    public void whatIsOfferedForAnAdvisedRigMendsIt() {
        int taken = 0;
        for (Rig rig : List.of(DemoRigs.reedling(), days(DemoRigs.gannet()), abyss(DemoRigs.bittern()))) {
            Line line = Line.of(rig);
            Advisor advisor = Advisor.of(line, List.of(), RIGS, () -> false, done -> {});
            List<String> ids = advisor.inTheWay().isEmpty()
                    ? advisor.advice(Map.of()).named().stream()
                            .map(Advice.Advised::id)
                            .toList()
                    : advisor.inTheWay().stream().map(InTheWay::rig).toList();
            for (String id : ids) {
                for (Mended mended : advisor.mended(id).orElseThrow()) {
                    assertTrue(mended.remedy().offers().isEmpty()
                            != mended.remedy().without().plain().isEmpty());
                    for (Remedy.Cure cure : mended.remedy().offers()) {
                        if (cure.mending() == Remedy.Mending.TRADES) {
                            continue;
                        }
                        taken++;
                        String asked = Advisor.CHANGE + id + Change.AND + cure.id();
                        Rig after = Comparison.find(line, asked, (of, each) -> Advisor.change(of, List.of(), each))
                                .orElseThrow()
                                .after();
                        List<Finding> left = REVIEWER.review(Line.of(after)).findings().stream()
                                .filter(each ->
                                        each.rule().equals(mended.finding().rule()))
                                .toList();
                        assertTrue(
                                cure.mending() == Remedy.Mending.CURES
                                        ? left.isEmpty()
                                        : left.stream()
                                                .allMatch(each -> each.headroom()
                                                        >= mended.finding().headroom()),
                                rig.name() + " " + asked + ": " + left);
                    }
                }
            }
        }
        assertTrue(taken >= 5, taken + " taken");
    }
}
