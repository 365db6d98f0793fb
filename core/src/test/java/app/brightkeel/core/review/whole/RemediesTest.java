package app.brightkeel.core.review.whole;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Remedy.Mending;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.LongAdder;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.Reporter;
import org.testng.annotations.Test;

/**
 * What is offered keeps its word, judged by whole reviews of the rig before and after, each on a line of its own: a cure
 * leaves its finding satisfied, no link worse, nothing new against physics, makers, safety or a preference; what only
 * helps leaves the finding less and says what is left; what trades names every link that stands worse.
 */
public class RemediesTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final int RIGS = Share.of(2000);

    /** Of so many rigs one is asked for its changes by their ids as well, as a server does. */
    private static final int FOUND_AGAIN = 50;

    private final LongAdder findings = new LongAdder();
    private final Map<Mending, LongAdder> offered =
            Map.of(Mending.CURES, new LongAdder(), Mending.HELPS, new LongAdder(), Mending.TRADES, new LongAdder());
    private final LongAdder without = new LongAdder();

    @Test
    public void oddRigsAreOfferedWhatKeepsItsWord() {
        List<Rig> rigs = WholeRigs.from(21).limit(RIGS).toList();
        List<String> broken = IntStream.range(0, RIGS)
                .parallel()
                .boxed()
                .flatMap(i -> violations(rigs.get(i), i % FOUND_AGAIN == 0).map(what -> i + ": " + what))
                .toList();
        Reporter.log(RIGS + " rigs, " + findings + " findings, " + offered + ", without " + without, true);
        assertEquals(broken, List.of());
        assertTrue(requireNonNull(offered.get(Mending.CURES)).sum() > RIGS, "cures " + offered);
        assertTrue(without.sum() * 8 < findings.sum(), without + " of " + findings + " without");
    }

    /** Every invented rig, every rig of the tests, and the one that makes each rule speak. */
    @Test
    public void knownRigsAreOfferedWhatKeepsItsWord() {
        List<Rig> rigs = new ArrayList<>(DemoRigs.all());
        rigs.addAll(TestRigs.all());
        rigs.addAll(Share.of(List.copyOf(RuleTriggers.all().values())));
        List<String> broken = rigs.parallelStream()
                .flatMap(rig -> violations(rig, true).map(what -> rig.name() + ": " + what))
                .toList();
        assertEquals(broken, List.of());
    }

    private Stream<String> violations(Rig rig, boolean foundAgain) {
        Line line = Line.of(rig);
        Review before = REVIEWER.review(Line.of(rig));
        Remedies remedies = new Remedies(line, REVIEWER);
        List<String> broken = new ArrayList<>();
        for (Ruling ruling : REVIEWER.toMend(line).toList()) {
            findings.increment();
            List<Remedies.Proposed> all = remedies.proposed(ruling);
            if (all.isEmpty()) {
                without.increment();
                assertFalse(
                        remedies.of(ruling).without().plain().isBlank(),
                        ruling.rule().id());
            }
            List<Mending> kinds = all.stream().map(Remedies.Proposed::mending).toList();
            assertEquals(kinds, kinds.stream().sorted().toList(), "the best first");
            for (Remedies.Proposed each : all) {
                requireNonNull(offered.get(each.mending())).increment();
                Rig after = each.tried().change().after();
                String id = each.tried().change().id();
                Offered one = new Offered(ruling.rule().id(), before, REVIEWER.review(Line.of(after)), each);
                one.violation().ifPresent(what -> broken.add(ruling.rule().id() + " by " + id + ": " + what));
                if (foundAgain
                        && !Comparison.find(Line.of(rig), id).map(Change::after).equals(Optional.of(after))) {
                    broken.add(id + " is not found again");
                }
            }
        }
        return broken.stream();
    }

    /** One change, seen from two whole reviews. */
    private record Offered(String rule, Review before, Review after, Remedies.Proposed proposed) {

        Optional<String> violation() {
            String note = proposed.tried().offer(proposed.mending()).note().plain();
            Map<String, Finding> was = byRule(before);
            Map<String, Finding> is = byRule(after);
            Optional<Finding> left = Optional.ofNullable(is.get(rule));
            Verdict now = left.map(Finding::verdict).orElse(Verdict.HOLDS);
            Verdict then = requireNonNull(was.get(rule)).verdict();
            if (now.compareTo(then) < 0 || proposed.mending() == Mending.CURES && now != Verdict.HOLDS) {
                return Optional.of("the finding is " + now);
            }
            if (proposed.mending() == Mending.HELPS
                    && !note.contains(left.orElseThrow().text().plain())) {
                return Optional.of("what is left is not told: " + note);
            }
            List<String> worse = new ArrayList<>();
            for (Link link : Link.values()) {
                if (verdict(after, link).compareTo(verdict(before, link)) < 0) {
                    worse.add(link.words());
                }
            }
            is.values().stream()
                    .filter(f -> f.force() != Rule.Force.PRACTICE && !f.putAside())
                    .filter(f -> !was.containsKey(f.rule())
                            || f.verdict()
                                            .compareTo(requireNonNull(was.get(f.rule()))
                                                    .verdict())
                                    < 0)
                    .forEach(f -> worse.add(f.link().words()));
            // one more of what a rule found already is worse too, and shows in its words alone
            boolean told = proposed.mending() == Mending.TRADES
                    ? worse.stream().allMatch(link -> note.contains(link + " then "))
                            && is.values().stream()
                                    .anyMatch(f -> note.contains(f.text().plain()))
                    : worse.isEmpty();
            return told ? Optional.empty() : Optional.of(worse + " worse, told is: " + note);
        }

        private static Map<String, Finding> byRule(Review review) {
            Map<String, Finding> all = new HashMap<>();
            review.findings().forEach(finding -> all.put(finding.rule(), finding));
            return all;
        }

        private static Verdict verdict(Review review, Link link) {
            return review.links().get(link.ordinal()).verdict();
        }
    }
}
