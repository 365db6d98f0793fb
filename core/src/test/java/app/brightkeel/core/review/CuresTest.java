package app.brightkeel.core.review;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/**
 * What is offered is what a plain look at every candidate, each on a line of its own, would offer: the first that cure,
 * and of sizes none that is bigger than one that is enough.
 */
public class CuresTest {

    private static final int MOST = 5;

    private static List<Rig> rigs() {
        List<Rig> all = new ArrayList<>(DemoRigs.all());
        all.add(TestRigs.twoScreens());
        all.addAll(RuleTriggers.all().values());
        return all;
    }

    /** What fails is cured once it does not; what is close once it holds. */
    private static boolean cured(Rule rule, Verdict before, Rig tried) {
        Verdict after = rule.verdict(rule.judge(Line.of(tried)));
        return after == Verdict.HOLDS || before == Verdict.FAILS && after == Verdict.CLOSE;
    }

    private static List<String> plain(Rule rule, Verdict before, List<Change> candidates) {
        List<String> enough = new ArrayList<>();
        List<String> offered = new ArrayList<>();
        for (Change change : candidates) {
            if (offered.size() < MOST && !enough.contains(change.ladder()) && cured(rule, before, change.after())) {
                offered.add(change.id());
                boolean holds = rule.verdict(rule.judge(Line.of(change.after()))) == Verdict.HOLDS;
                if (holds && !change.ladder().isEmpty()) {
                    enough.add(change.ladder());
                }
            }
        }
        return offered.stream().sorted().toList();
    }

    /** Shared tries, quicker answers of single rules and reused stages change nothing. */
    @Test
    public void theFirstCandidatesThatCureAreOfferedNoMoreAndNoFewer() {
        int compared = 0;
        for (Rig rig : rigs()) {
            Line line = Line.of(rig);
            for (Finding finding : new RigReviewer().review(line).findings()) {
                Rule rule = Rules.ALL.stream()
                        .filter(r -> r.id().equals(finding.rule()))
                        .findFirst()
                        .orElseThrow();
                List<Change> candidates = finding.verdict() == Verdict.UNSET
                        ? List.of()
                        : rule.cures(Line.of(rig)).toList();
                List<String> plain = plain(rule, finding.verdict(), candidates);
                assertEquals(
                        finding.cures().stream().map(Finding.Cure::id).sorted().toList(),
                        plain,
                        rig.name() + ", " + finding.rule());
                compared += candidates.size();
            }
        }
        assertTrue(compared > 500, "only " + compared + " candidates");
    }
}
